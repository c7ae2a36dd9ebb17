package lumko.app.walk;

/** What a painter answers to the question which paint is on the wall. */
public enum PaintAnswer {
    RECORD_AGREES,
    TIN_IN_STORE,
    NOT_SURE
}
