package lumko.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import lumko.core.geometry.WallsInTurn.Leg;
import lumko.core.geometry.WallsInTurn.Turn;
import lumko.core.quantity.Length;
import lumko.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WallsInTurnTest {
    /** Metres and R or L in turn, as one writes them down. */
    private static List<Leg> legs(String written) {
        List<Leg> legs = new ArrayList<>();
        String[] parts = written.split(" ");
        for (int i = 0; i < parts.length; i += 2) {
            legs.add(new Leg(
                    Length.ofMetres(Double.parseDouble(parts[i])), parts[i + 1].equals("R") ? Turn.RIGHT : Turn.LEFT));
        }
        return legs;
    }

    @Test
    void aRectangleIsTheRectangle() {
        WallsInTurn room = WallsInTurn.of(legs("5 R 4 R 5 R 4 R"));
        assertThat(room.outline().floorArea().inSquareMetres()).isCloseTo(20, within(1e-9));
        for (int side = 0; side < 4; side++) {
            assertThat(room.outline().lengthOf(side)).isEqualTo(Length.ofMetres(side % 2 == 0 ? 5 : 4));
        }
    }

    @Test
    void anLHasItsCornerThatStandsOut() {
        Outline room = WallsInTurn.of(legs("5 R 1 R 2 L 3 R 3 R 4 R")).outline();
        assertThat(room.floorArea().inSquareMetres()).isCloseTo(5 * 1 + 3 * 3, within(1e-9));
        assertThat(room.isOutsideCorner(3)).isTrue();
        assertThat(room.isOutsideCorner(1)).isFalse();
    }

    @Test
    void whatIsReadOffARoomIsThatRoom() {
        Outline room = WallsInTurn.of(legs("5 R 1 R 2 L 3 R 3 R 4 R")).outline();
        assertThat(WallsInTurn.legsOf(room)).isEqualTo(legs("5 R 1 R 2 L 3 R 3 R 4 R"));
        assertThat(WallsInTurn.of(WallsInTurn.legsOf(room)).outline()).isEqualTo(room);
    }

    @Test
    void aSlipOfTheTapeIsTakenUpByTheLongestWalls() {
        WallsInTurn room = WallsInTurn.of(legs("5.02 R 1 R 2 L 3 R 3 R 3.99 R"));
        assertThat(room.eastGap().inMillimetres()).isCloseTo(20, within(1e-6));
        assertThat(room.northGap().inMillimetres()).isCloseTo(10, within(1e-6));
        assertThat(room.outline().lengthOf(0).inMillimetres()).isCloseTo(5000, within(1e-6));
        assertThat(room.outline().lengthOf(1).inMillimetres()).isCloseTo(1000, within(1e-6));
        assertThat(room.outline().lengthOf(5).inMillimetres()).isCloseTo(4000, within(1e-6));
    }

    @Test
    void whatDoesNotCloseSaysHowFarItIs() {
        assertThatThrownBy(() -> WallsInTurn.of(legs("5.3 R 4 R 5 R 4 R")))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("how far the walls are from closing");
    }

    @ParameterizedTest
    @ValueSource(strings = {"5 R 4 R 5 R 4 L", "5 L 4 L 5 L 4 L", "5 R 4 R 5 R", "5 R 4 R"})
    void whoTurnsWronglyDoesNotComeRound(String written) {
        assertThatThrownBy(() -> WallsInTurn.of(legs(written)))
                .isInstanceOf(ShapeException.class)
                .extracting(problem -> ((ShapeException) problem).why())
                .isEqualTo(ShapeException.Why.TURNS_WRONG);
    }

    /** Stairs down to the right, as many steps as come, measured to the centimetre: the area is that of the steps, mirrored too. */
    @Test
    void stepsOfAnyKindHaveTheAreaOfTheirSteps() {
        Random random = new Random(11);
        for (int round = 0; round < 200; round++) {
            int steps = 1 + random.nextInt(5);
            List<Leg> legs = new ArrayList<>();
            double area = 0;
            double wide = 0;
            double deep = 0;
            double[] treads = new double[steps];
            double[] risers = new double[steps];
            for (int i = 0; i < steps; i++) {
                treads[i] = (50 + random.nextInt(300)) / 100.0;
                risers[i] = (50 + random.nextInt(300)) / 100.0;
                wide += treads[i];
                deep += risers[i];
            }
            double from = 0;
            for (int i = 0; i < steps; i++) {
                legs.add(new Leg(Length.ofMetres(treads[i]), Turn.RIGHT));
                legs.add(new Leg(Length.ofMetres(risers[i]), i == steps - 1 ? Turn.RIGHT : Turn.LEFT));
                area += treads[i] * (deep - from);
                from += risers[i];
            }
            legs.add(new Leg(Length.ofMetres(wide), Turn.RIGHT));
            legs.add(new Leg(Length.ofMetres(deep), Turn.RIGHT));
            Outline room = WallsInTurn.of(legs).outline();
            assertThat(room.floorArea().inSquareMetres()).isCloseTo(area, within(1e-6));
            assertThat(room.mirrored().floorArea().inSquareMetres()).isCloseTo(area, within(1e-6));
        }
    }
}
