package lumko.core.hold;

/** What a surface needs before the next coat, in the order in which it is done. */
public enum Need {
    CLEAN,
    TEST_PATCH,
    KEY_SAND,
    SEALER,
    METAL_PRIMER,
    MIST_COAT,
    NEW_SURFACE_PRIMER,
    ADHESION_PRIMER,
    WAIT_FOR_CURE
}
