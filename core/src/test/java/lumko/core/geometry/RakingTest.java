package lumko.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lumko.core.quantity.Length;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RakingTest {
    /** 4 m wide, a window from 1 to 2 m: its middle is 1.5 m from its left end and 2.5 m from its right. */
    private static final Wall WINDOW = wall(new Opening(Opening.Kind.WINDOW, Box.ofMillimetres(1000, 900, 1000, 1200)));

    private static Wall wall(Opening... openings) {
        return new Wall(Length.ofMetres(4), Length.ofMetres(2.5), Texture.SMOOTH, List.of(openings), List.of());
    }

    @ParameterizedTest
    @CsvSource({"true, 2500, 45", "false, 1500, 45", "true, 5000, 26.565", "false, 100000, 3", "true, 0, 89.977"})
    void isTheAngleToTheMiddleOfTheWindow(boolean isLeft, double fromCorner, double degrees) {
        assertThat(Raking.elevation(WINDOW, isLeft, Length.ofMillimetres(fromCorner))
                        .orElseThrow())
                .isCloseTo(degrees, Offset.offset(0.001));
    }

    /** Across the room its middle stands opposite 2.5 m from the left. */
    @ParameterizedTest
    @CsvSource({"3000, 2500, 90", "3000, 500, 56.310", "3000, 4000, 63.435", "1, 100, 3"})
    void acrossTheRoomItFallsNearlyStraightOn(double depth, double fromLeft, double degrees) {
        assertThat(Raking.facing(WINDOW, Length.ofMillimetres(depth), Length.ofMillimetres(fromLeft))
                        .orElseThrow())
                .isCloseTo(degrees, Offset.offset(0.001));
        assertThat(Raking.facing(wall(), Length.ofMetres(3), Length.ofMetres(1)))
                .isEmpty();
    }

    @Test
    void aDoorLetsNoSkyIn() {
        Wall door = wall(new Opening(Opening.Kind.DOOR, Box.ofMillimetres(1000, 0, 900, 2000)));
        assertThat(Raking.elevation(door, true, Length.ofMetres(1))).isEmpty();
    }
}
