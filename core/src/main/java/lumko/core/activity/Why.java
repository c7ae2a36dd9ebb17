package lumko.core.activity;

/** Why one activity comes after another, besides that something has to dry. */
public enum Why {
    /** It is part of mending one place, in the order of the craft. */
    CRAFT,
    /** It is reached only when the other is done: carried in, plates off, furniture away. */
    ACCESS,
    /** The other keeps from harm what this one would spoil. */
    PROTECTS,
    /** It would fail on dirt, grease, mould or glue. */
    CLEAN_FIRST,
    /** The dust of the other would fall on it. */
    DUST_FALLS_ON_IT,
    /** Bare and filled places drink paint. */
    SEALS,
    /** Spatter and drips of the other would fall on it. */
    SPATTER,
    /** The later one makes the line between the two. */
    OWNS_THE_LINE,
    /** It is wet into wet: the other must not have dried. */
    WET_INTO_WET,
    /** Only when the other is done is it seen. */
    SHOWS_IT,
    /** A coat follows a coat. */
    NEXT_COAT,
    /** Once before a paint is used. */
    BEFORE_USE,
    /** Once after a paint was used. */
    AFTER_USE,
    /** Practitioners differ; the house does it so. */
    PRACTICE
}
