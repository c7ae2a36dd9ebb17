package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;
import org.junit.jupiter.api.Test;

class ColorantTest {
    private static double[] flat(int bands, double value) {
        double[] values = new double[bands];
        Arrays.fill(values, value);
        return values;
    }

    @Test
    void hasANumberForEachBand() {
        assertThatThrownBy(() -> new Colorant("x", flat(30, 1), flat(31, 1)))
                .hasMessage("absorption needs 31 bands from 400 to 700 nm, had 30");
        assertThatThrownBy(() -> new Colorant("x", flat(31, 1), flat(32, 1)))
                .hasMessage("scattering needs 31 bands from 400 to 700 nm, had 32");
    }

    @Test
    void isFromNothingToAMillion() {
        assertThat(new Colorant("x", flat(31, 0), flat(31, 999_999)).k(3)).isZero();
        for (double wrong : new double[] {-0.001, 1e6, Double.NaN}) {
            assertThatThrownBy(() -> new Colorant("x", flat(31, wrong), flat(31, 1)))
                    .hasMessageStartingWith("absorption must be from 0 to 1e6 per µm, was ");
        }
    }

    @Test
    void isWrittenWithItsName() {
        assertThat(new Colorant("umber", flat(31, 1), flat(31, 2)).toString()).startsWith("umber K[1.0");
    }

    @Test
    void aPlanCountsItsUndercoats() {
        assertThat(new CoatPlan(1, 2, 0.3).coats()).isEqualTo(3);
    }

    @Test
    void aTargetNobodyMeasuredIsTheSmoothestThatFits() {
        assertThat(Target.of(new Lab(50, 0, 0)).spectrum().factors()).isNotEmpty();
        Spectrum flat = Spectrum.flat(0.4);
        assertThat(Target.of(flat).spectrum()).isSameAs(flat);
    }
}
