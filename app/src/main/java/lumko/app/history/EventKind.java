package lumko.app.history;

/** What can be done to a flat and what is in it. */
public enum EventKind {
    MARK_SET,
    MARKS_SWEPT,
    MARKS_COPIED,
    MARK_MEASURED,
    MARK_CONDITION,
    MARK_METHOD,
    MARK_REMOVED,
    MARK_RESTORED,
    MARK_MADE_GOOD,
    MARK_OPEN_AGAIN,
    COLOUR_READ,
    PAINT_IDENTIFIED,
    PAINT_REFUSED,
    PAINT_ANSWERED,
    PAINT_CHOSEN,
    COATS_CHOSEN,
    TIN_RECOGNISED,
    OVERRULED,
    VERDICT_FOLLOWED,
    FINDING_NOTED,
    FINDING_WITHDRAWN,
    PLACE_ANSWERED,
    SHEET_MADE,
    SHEET_GIVEN_UP,
    FAULTS_ADDED,
    COAT_ADDED,
    TICKED,
    TICKED_EARLY,
    UNTICKED,
    AIR_NOTED,
    CAUTION_READ,
    NOTE_WRITTEN,
    SHEET_CLOSED,
    SHEET_REOPENED,
    COAT_RECORDED,
    ROOM_ENTERED,
    FEATURE_ENTERED,
    DATES_SET,
    LET_AGAIN,
    /** Somebody came to look at work that was done. */
    LOOKED_AGAIN,
    PRACTICE_FOR_JOB,
    /** Another plan is in force from now on. */
    PLAN_TAKEN,
    /** Somebody or a time was settled for a piece of work. */
    PLAN_SETTLED,
    PAINT_AWAITED,
    /** What was entered wrong was put right. */
    CORRECTED,
    /** What was entered wrong was taken off the record. */
    TAKEN_OFF,
    PERSON_ADDED,
    PERSON_CHANGED,
    /** Somebody may not sign in any more. */
    PERSON_LEFT,
    PERSON_BACK,
    /** Somebody was given a password that is good for choosing an own one. */
    PASSWORD_GIVEN,
    PASSWORD_CHANGED,
    TABLE_TAKEN,
    TABLE_TAKEN_BACK,
    SIGN_IN_FAILED
}
