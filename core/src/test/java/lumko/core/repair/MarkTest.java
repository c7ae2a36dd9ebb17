package lumko.core.repair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.geometry.Box;
import lumko.core.geometry.Opening;
import lumko.core.geometry.ShapeException;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Length;
import lumko.core.quantity.OutOfRangeException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MarkTest {
    /** A window of 1.2 by 1.2 m in the middle of it, a door of 0.8 m at its right. */
    private static final Wall WALL = new Wall(
            Length.ofMetres(4),
            Length.ofMetres(2.4),
            Texture.SMOOTH,
            List.of(
                    new Opening(Opening.Kind.WINDOW, Box.ofMillimetres(1400, 600, 1200, 1200)),
                    new Opening(Opening.Kind.DOOR, Box.ofMillimetres(3000, 0, 800, 2000))),
            List.of());

    private static Mark mark(FaultKind kind, double left, double up, double wide, double high) {
        double depth = kind.shape() == FaultKind.Shape.LINE ? 1 : 0;
        return new Mark(Spot.ofMillimetres(left, up), kind.of(Measures.ofMillimetres(wide, high, depth)));
    }

    /** What covers the whole wall has its middle in the window; what runs along a frame is tapped on it. */
    @ParameterizedTest
    @CsvSource({
        "NAIL_HOLE, 500, 1200, 2, 2",
        "SMOKE, 2000, 1200, 4000, 2400",
        "BARE_SURFACE, 2000, 1200, 1300, 1100",
        "CRACK, 1000, 1200, 2000, 0",
        "JOINT_CRACK, 3000, 0, 0, 2000",
        "JOINT_CRACK, 3110, 100, 0, 1500",
        "FAILED_CAULK, 1450, 700, 1000, 0",
        "TRIM_CHIP, 3400, 900, 10, 10"
    })
    void isOnAWallOfWhichItTouchesSome(FaultKind kind, double left, double up, double wide, double high) {
        Mark mark = mark(kind, left, up, wide, high);
        assertThat(mark.isOn(WALL)).isTrue();
        mark.checkOn(WALL);
    }

    @ParameterizedTest
    @CsvSource({
        "NAIL_HOLE, 2000, 1200, 2, 2, IN_A_WINDOW",
        "NAIL_HOLE, 3050, 900, 2, 2, IN_A_DOOR",
        "SCUFF, 2000, 1200, 1000, 800, IN_A_WINDOW",
        "CRACK, 1500, 1200, 600, 0, IN_A_WINDOW",
        "JOINT_CRACK, 3400, 300, 0, 1200, IN_A_DOOR"
    })
    void isNotOnOneWhereAllOfItIsInAnOpening(
            FaultKind kind, double left, double up, double wide, double high, ShapeException.Why why) {
        Mark mark = mark(kind, left, up, wide, high);
        assertThat(mark.isOn(WALL)).isFalse();
        assertThatThrownBy(() -> mark.checkOn(WALL))
                .isInstanceOfSatisfying(
                        ShapeException.class,
                        refused -> assertThat(refused.why()).isEqualTo(why));
    }

    /** However far it reaches, its middle is between the edges. */
    @ParameterizedTest
    @CsvSource({"-1, 1200", "4001, 1200", "2000, 2401"})
    void isNotBeyondAnEdge(double left, double up) {
        Mark mark = mark(FaultKind.SMOKE, left, up, 2000, 1500);
        assertThat(mark.isOn(WALL)).isFalse();
        assertThatThrownBy(() -> mark.checkOn(WALL)).isInstanceOf(OutOfRangeException.class);
    }
}
