package lumko.core.work;

/** What can hurt someone at a step. Local rules and licensed people decide. */
public enum Caution {
    ELECTRICITY,
    LEAD,
    ASBESTOS,
    DUST,
    LADDER,
    SPLASHES,
    SOLVENT
}
