package lumko.core.record;

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
    /** A first coat, thinned, on plaster. */
    MIST_COAT,
    /** Wallpaper, or what is left of it. */
    WALLPAPER,
    /** The factory face of a panel. */
    PANEL_FINISH,
    /** Stain and clear coat on timber. */
    VARNISH,
    /** Something is there, nobody knows what. */
    UNKNOWN;

    /** Whether it covers the whole surface, not only places on it. */
    public boolean isWhole() {
        return switch (this) {
            case SUBSTRATE, SKIM, PRIMER, FINISH, MIST_COAT, WALLPAPER, PANEL_FINISH, VARNISH, UNKNOWN -> true;
            case FILLER, SPOT_PRIMER, STAIN_BLOCK, SPOTS -> false;
        };
    }

    /** Whether it is what one sees of a surface: its last coat, or something nobody knows. */
    public boolean isSeen() {
        return switch (this) {
            case FINISH, UNKNOWN, PANEL_FINISH, VARNISH -> true;
            case SUBSTRATE, SKIM, FILLER, PRIMER, SPOT_PRIMER, STAIN_BLOCK, SPOTS, MIST_COAT, WALLPAPER -> false;
        };
    }
}
