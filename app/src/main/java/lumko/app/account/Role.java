package lumko.app.account;

/** What a person does for the organisation. */
public enum Role {
    /** Sees and changes everything. */
    LEAD,
    /** Walks, makes and closes sheets in the houses given to them; ticks steps anywhere. */
    PAINTER,
    /** Reads everything and keeps the dates. */
    OFFICE
}
