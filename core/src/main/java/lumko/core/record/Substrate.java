package lumko.core.record;

/** What a wall is made of under its coats. */
public enum Substrate {
    GYPSUM_BOARD,
    SKIM_PLASTER,
    LIME_PLASTER,
    TIMBER,
    METAL,
    PANEL;

    public boolean isPlaster() {
        return this == SKIM_PLASTER || this == LIME_PLASTER;
    }
}
