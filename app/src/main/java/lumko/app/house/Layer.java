package lumko.app.house;

/** What a layer of a surface is. */
public enum Layer {
    SUBSTRATE,
    SKIM,
    FILLER,
    PRIMER,
    SPOT_PRIMER,
    STAIN_BLOCK,
    FINISH,
    SPOTS,
    /** Something is there, nobody knows what. */
    UNKNOWN
}
