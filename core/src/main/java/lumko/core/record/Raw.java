package lumko.core.record;

/** What a surface is where nothing has been painted on it yet. */
public enum Raw {
    /** As its record says: bare timber, bare metal, bare masonry. */
    AS_BUILT,
    NEW_BOARD,
    NEW_PLASTER,
    /** A thin coat of plaster over all of it. */
    NEW_SKIM,
    /** Joint compound over all of it. */
    NEW_COMPOUND;

    /** What it is made of then. */
    public Substrate substrate(Substrate recorded) {
        return switch (this) {
            case AS_BUILT -> recorded;
            case NEW_BOARD, NEW_COMPOUND -> Substrate.GYPSUM_BOARD;
            // lime stays lime: what is filled into it is chosen by that
            case NEW_PLASTER -> recorded.isPlaster() ? recorded : Substrate.SKIM_PLASTER;
            case NEW_SKIM -> Substrate.SKIM_PLASTER;
        };
    }

    /** Its last layer then. */
    public Layer layer() {
        return switch (this) {
            case AS_BUILT, NEW_BOARD, NEW_PLASTER -> Layer.SUBSTRATE;
            case NEW_SKIM, NEW_COMPOUND -> Layer.SKIM;
        };
    }

    /** Whether it was put on wet and has to dry out. */
    public boolean isPutOnWet() {
        return switch (this) {
            case NEW_PLASTER, NEW_SKIM, NEW_COMPOUND -> true;
            case AS_BUILT, NEW_BOARD -> false;
        };
    }
}
