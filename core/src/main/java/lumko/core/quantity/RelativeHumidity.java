package lumko.core.quantity;

/** Water vapour in the air as a share of what it can hold at its temperature, 0–100 %. */
public record RelativeHumidity(double inPercent) {
    /** What a relative humidity can be. */
    public static final Limits RANGE = new Limits("relative humidity", 0, 100, "%");

    public RelativeHumidity {
        RANGE.check(inPercent);
    }

    public static RelativeHumidity ofPercent(double percent) {
        return new RelativeHumidity(percent);
    }

    /** The same as a share, 0–1. */
    public double asShare() {
        return inPercent / 100;
    }
}
