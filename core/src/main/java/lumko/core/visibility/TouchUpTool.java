package lumko.core.visibility;

/**
 * What paint is put on with, and the relief it leaves. Starting values, each an ASSUMPTION from what such a film looks like
 * under a lamp: root mean square in micrometres, period in millimetres; every pass over wet paint takes a third off.
 */
public enum TouchUpTool {
    BRUSH(20, 1.5, 30),
    FOAM_PAD(7, 1.5, 0),
    /** The end of a mini roller, dabbed. */
    ROLLER_END(12, 2.5, 0),
    /** An ordinary roller of 10–12 mm nap, nearly dry. */
    ROLLER(25, 4, 0),
    /** A roller of 18 mm nap. */
    LONG_NAP(50, 7, 0);

    private final double reliefMicrometres;
    private final double periodMillimetres;
    private final double lipMicrometres;

    TouchUpTool(double reliefMicrometres, double periodMillimetres, double lipMicrometres) {
        this.reliefMicrometres = reliefMicrometres;
        this.periodMillimetres = periodMillimetres;
        this.lipMicrometres = lipMicrometres;
    }

    /** Root mean square of its relief, to start from. */
    double reliefMicrometres() {
        return reliefMicrometres;
    }

    double periodMillimetres() {
        return periodMillimetres;
    }

    /** The edge it leaves where it is not feathered. */
    double lipMicrometres() {
        return lipMicrometres;
    }
}
