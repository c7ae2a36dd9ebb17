package lumko.app.walk;

/** What somebody found out about what is on a surface. */
public enum PaintAnswer {
    RECORD_AGREES,
    /** The same as on another surface of the flat. */
    LIKE_ANOTHER,
    /** Nothing yet: new board, new plaster. */
    BARE,
    NOT_SURE
}
