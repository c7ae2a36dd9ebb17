package lumko.core.drying;

/** What something has to be ready for. How long a wait is belongs to this, not to the wet material alone. */
public enum Purpose {
    /** The next coat of filler or of paint. */
    RECOAT,
    /** Sandpaper or a damp sponge. */
    SAND,
    /** A coat of another material: primer on filler, paint on primer. */
    PAINT,
    /** Tape. */
    TAPE,
    /** Being touched or walked by: plates back, glass scraped, looked at from near. */
    HANDLE,
    /** What asks for a film that is through: solvent over water, scrubbing, a sheen that has toned down. */
    CURE
}
