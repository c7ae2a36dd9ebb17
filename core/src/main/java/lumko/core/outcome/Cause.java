package lumko.core.outcome;

/** What may make touch-ups show more or less often than is computed: few, so that a few dozen outcomes can tell them apart. */
public enum Cause {
    /** The paint is not of the tin or batch that is on the wall. */
    BOUGHT_AGAIN,
    /** The film is older than two years, or nobody knows how old. */
    OLD_FILM,
    /** A window in the neighbouring wall. */
    RAKING_LIGHT,
    /** A spot lies where one looks. */
    AT_EYE_LEVEL,
    /** More than eight spots. */
    MANY_SPOTS,
    /** Blended out, not dabbed. */
    FEATHERED
}
