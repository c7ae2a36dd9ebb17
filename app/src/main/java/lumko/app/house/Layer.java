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
    UNKNOWN;

    /** Whether it covers the whole surface, not only places on it. */
    public boolean isWhole() {
        return switch (this) {
            case SUBSTRATE, SKIM, PRIMER, FINISH, UNKNOWN -> true;
            case FILLER, SPOT_PRIMER, STAIN_BLOCK, SPOTS -> false;
        };
    }
}
