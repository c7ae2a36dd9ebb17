package lumko.core.activity;

/** A part of a job, as painters speak of it. */
public enum Phase {
    OPEN,
    PROTECT,
    PREPARE,
    COAT,
    TRIM,
    CLOSE
}
