package lumko.core.judge;

import lumko.core.quantity.Limits;

/**
 * How touch-ups are put on, beyond what the action says.
 *
 * @param isWashed whether the whole surface is washed before it is judged and touched up
 * @param feather width of the ring where it is feathered, 0–500 mm
 */
public record Manner(boolean isWashed, double feather) {
    private static final Limits FEATHER = new Limits("feather", 0, 500, "mm");

    public static final Manner USUAL = new Manner(false, TouchUp.FEATHER);

    public Manner {
        FEATHER.check(feather);
    }

    Manner washed() {
        return new Manner(true, feather);
    }

    Manner feathered(double other) {
        return new Manner(isWashed, other);
    }
}
