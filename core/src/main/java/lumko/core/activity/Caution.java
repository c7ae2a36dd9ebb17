package lumko.core.activity;

/** What can hurt someone at a step. Local rules and licensed people decide. */
public enum Caution {
    ELECTRICITY,
    LEAD,
    ASBESTOS,
    DUST,
    LADDER,
    /** Working over a flight of stairs, where nothing stands level. */
    STAIRS,
    WEIGHT,
    SPLASHES,
    CHEMICALS,
    SOLVENT,
    /** Damp, a structural crack or a sagging ceiling: stop, find the cause. */
    CAUSE_FIRST,
    DRAINS
}
