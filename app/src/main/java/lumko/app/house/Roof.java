package lumko.app.house;

/** The shape of a house's roof, as its façade is drawn. */
public enum Roof {
    SAW,
    GABLE,
    FLAT
}
