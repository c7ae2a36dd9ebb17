package lumko.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import lumko.core.quantity.Length;
import lumko.core.quantity.OutOfRangeException;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** Walls along stairs: their foot climbs with the flight. */
class StairLineTest {
    private static final Offset<Double> EXACT = Offset.offset(1e-6);
    private static final Length WIDE = Length.ofMetres(5);
    private static final Length HIGH = Length.ofMetres(5.2);

    /** From one metre to four it climbs 2.7 m to the landing. */
    private static final StairLine FLIGHT = flight(0, 2.7, 1, 4);

    private static StairLine flight(double left, double right, double from, double until) {
        return new StairLine(
                Length.ofMetres(left), Length.ofMetres(right), Length.ofMetres(from), Length.ofMetres(until));
    }

    private static Wall wall(Ends ends, Opening... openings) {
        return new Wall(WIDE, HIGH, Texture.SMOOTH, List.of(openings), List.of(), ends);
    }

    @Test
    void whatLiesUnderTheFlightIsNoWall() {
        Wall wall = wall(Ends.over(FLIGHT));
        assertThat(wall.grossArea().inSquareMetres()).isCloseTo(5 * 5.2 - 3 * 2.7 / 2 - 1 * 2.7, EXACT);
        assertThat(wall.foot().length().inMetres()).isCloseTo(1 + Math.hypot(3, 2.7) + 1, EXACT);
        assertThat(wall.footAt(Length.ofMetres(2.5)).inMetres()).isCloseTo(1.35, EXACT);
        assertThat(wall.isOnWall(Spot.ofMillimetres(2500, 1400))).isTrue();
        assertThat(wall.isOnWall(Spot.ofMillimetres(2500, 1300))).isFalse();
        assertThatThrownBy(() -> wall.checkWithinEdges(Spot.ofMillimetres(4500, 2600)))
                .isInstanceOf(ShapeException.class)
                .hasMessageContaining("below the stairs");
    }

    @Test
    void itIsTallestWhereTheFlightBegins() {
        assertThat(wall(Ends.over(FLIGHT)).tallest().inMetres()).isCloseTo(5.2, EXACT);
        // under a ceiling that climbs along it is as tall everywhere
        RoofLine along = new RoofLine(
                Length.ofMetres(2.5),
                Length.ofMetres(5.2),
                Optional.of(new RoofLine.Peak(Length.ofMetres(4), Length.ofMetres(5.2), Length.ofMetres(1))));
        Wall low = wall(new Ends(Optional.of(along), Optional.of(flight(0, 2.7, 0, 4))));
        assertThat(low.tallest().inMetres()).isCloseTo(2.5, EXACT);
        assertThat(low.grossArea().inSquareMetres()).isCloseTo(5 * 2.5, EXACT);
    }

    @Test
    void aDoorStandsOnALandingOrNotAtAll() {
        Opening upstairs = new Opening(Opening.Kind.DOOR, Box.ofMillimetres(4100, 2700, 800, 2000));
        Opening within = new Opening(Opening.Kind.DOOR, Box.ofMillimetres(3000, 2000, 800, 2000));
        assertThat(wall(Ends.over(FLIGHT), upstairs).openings()).hasSize(1);
        assertThatThrownBy(() -> wall(Ends.over(FLIGHT), within))
                .isInstanceOf(ShapeException.class)
                .hasMessageContaining("cut by the stairs");
    }

    @Test
    void aFlightLiesWithinItsWallAndUnderItsTop() {
        assertThatThrownBy(() -> wall(Ends.over(flight(0, 2.7, 4, 4)))).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> wall(Ends.over(flight(0, 2.7, 1, 5.1)))).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> wall(Ends.over(flight(0, 5.4, 1, 4))))
                .isInstanceOf(ShapeException.class)
                .hasMessageContaining("beyond the upper edge");
        assertThatThrownBy(() -> flight(0, 9, 1, 4)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void mirroredItIsTheSame() {
        Random random = new Random(11);
        for (int n = 0; n < 300; n++) {
            double from = 4 * random.nextDouble();
            StairLine line = flight(
                    5 * random.nextDouble(), 5 * random.nextDouble(), from, from + 0.1 + 0.8 * random.nextDouble());
            Wall own = wall(Ends.over(line));
            Wall other = wall(own.ends().mirrored(WIDE));
            Length place = Length.ofMetres(5 * random.nextDouble());
            assertThat(other.grossArea().inSquareMetres())
                    .isCloseTo(own.grossArea().inSquareMetres(), EXACT);
            assertThat(other.footAt(WIDE.minus(place)).inMetres())
                    .isCloseTo(own.footAt(place).inMetres(), EXACT);
        }
    }
}
