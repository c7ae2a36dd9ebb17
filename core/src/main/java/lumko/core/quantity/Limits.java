package lumko.core.quantity;

import java.math.BigDecimal;

/**
 * The range a value may have, both ends included.
 *
 * @param what the thing in the world, as a reader would name it
 * @param unit symbol of the unit, empty for a pure number
 */
public record Limits(String what, double low, double high, String unit) {
    /**
     * Returns the value if it lies in the range.
     *
     * @throws OutOfRangeException if it does not, or is NaN
     */
    public double check(double value) {
        if (!holds(value)) {
            throw new OutOfRangeException(this, value);
        }
        return value;
    }

    public boolean holds(double value) {
        return value >= low && value <= high;
    }

    static String plain(double value) {
        return Double.isFinite(value)
                ? BigDecimal.valueOf(value).stripTrailingZeros().toPlainString()
                : String.valueOf(value);
    }
}
