package lumko.core.fault;

import lumko.core.quantity.Length;

/**
 * The three numbers any fault can be given by: extent across, extent up (of a line: its rise, negative when it falls to the
 * right) and depth (of a crack: its gap). What each means is said by the {@link FaultKind}.
 */
public record Measures(Length across, Length up, Length depth) {
    public static Measures ofMillimetres(double across, double up, double depth) {
        return new Measures(Length.ofMillimetres(across), Length.ofMillimetres(up), Length.ofMillimetres(depth));
    }
}
