package lumko.core.colour;

/** A light that colours are judged under. Source: CIE 15:2018. */
public enum Illuminant {
    /** Daylight, 6500 K. */
    D65,
    /** Warmer daylight, as used for prints. */
    D50,
    /** A tungsten lamp. */
    A,
    /** A narrow-band fluorescent lamp. */
    F11
}
