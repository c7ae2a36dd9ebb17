package lumko.core.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import lumko.core.geometry.Spot;
import lumko.core.quantity.Length;
import lumko.core.quantity.OutOfRangeException;
import lumko.core.repair.Mark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class FaultTest {
    @ParameterizedTest
    @EnumSource
    void everyKindTakesItsUsualMeasuresAndGivesThemBack(FaultKind kind) {
        Fault fault = kind.usualFault();
        assertThat(fault.kind()).isEqualTo(kind);
        assertThat(kind.of(fault.measures())).isEqualTo(fault);
    }

    @ParameterizedTest
    @EnumSource
    void everyStepOfTheLadderIsAFaultOfThatKind(FaultKind kind) {
        for (Length size : kind.ladder()) {
            Fault fault = kind.of(new Measures(size, size, kind.usual().depth()));
            assertThat(fault.extent()).isEqualTo(size);
        }
        assertThat(kind.ladder()).isSorted();
        assertThat(kind.ladder().isEmpty()).isEqualTo(kind.shape() != FaultKind.Shape.POINT);
    }

    @ParameterizedTest
    @CsvSource({
        "NAIL_HOLE, 0.4, 0.4, 0",
        "NAIL_HOLE, 4.1, 4.1, 0",
        "SCREW_HOLE, 2.9, 2.9, 0",
        "SCREW_HOLE, 8.1, 8.1, 0",
        "ANCHOR, 4.9, 4.9, 0",
        "ANCHOR, 14.1, 14.1, 0",
        "DING, 2.9, 2.9, 1",
        "DING, 20, 20, 0.1",
        "DING, 20, 20, 15.1",
        "HOLE, 7.9, 7.9, 0",
        "HOLE, 600.1, 600.1, 0",
        "CRACK, 19, 0, 0.4",
        "CRACK, 300, 0, 0",
        "CRACK, 300, 0, 12.1",
        "OLD_TOUCH_UP, 9, 200, 0",
        "OLD_TOUCH_UP, 200, 12001, 0",
        "GOUGE, 80, 40, 15.1",
        "TAPE_TEAR, 200, 0, 81",
        "JOINT_CRACK, 12001, 0, 1",
        "STAIN, -300, 300, 0"
    })
    void whatCannotBeIsRefused(FaultKind kind, double across, double up, double depth) {
        assertThatThrownBy(() -> kind.of(Measures.ofMillimetres(across, up, depth)))
                .isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void whatIsNotAskedAboutDoesNotMakeAnotherFault() {
        Condition odd = Condition.USUAL
                .with(Condition.Edge.CHIPPED)
                .with(Condition.Backing.SOLID)
                .with(Condition.Movement.MOVES)
                .withCount(7)
                .with(Condition.Turns.STUCK)
                .with(Condition.Driven.TOO_FAR)
                .with(Condition.Recurring.CAME_BACK)
                .withOffset(Length.ofMillimetres(3))
                .with(Condition.Hold.GIVES)
                .with(Condition.Cause.MENDED);
        assertThat(FaultKind.NAIL_HOLE.of(FaultKind.NAIL_HOLE.usual(), odd))
                .isEqualTo(FaultKind.NAIL_HOLE.usualFault());
        assertThat(FaultKind.NIBS.of(FaultKind.NIBS.usual(), odd).condition()).isEqualTo(Condition.USUAL.withCount(7));
        assertThat(FaultKind.HOLE.of(FaultKind.HOLE.usual(), odd).condition())
                .isEqualTo(Condition.USUAL
                        .with(Condition.Edge.CHIPPED)
                        .with(Condition.Backing.SOLID)
                        .with(Condition.Cause.MENDED));
        assertThat(FaultKind.ANCHOR.of(FaultKind.ANCHOR.usual(), odd).condition())
                .isEqualTo(Condition.USUAL
                        .with(Condition.Edge.CHIPPED)
                        .with(Condition.Turns.STUCK)
                        .with(Condition.Driven.TOO_FAR));
        assertThat(FaultKind.CRACK.of(FaultKind.CRACK.usual(), odd).condition())
                .isEqualTo(Condition.USUAL
                        .with(Condition.Movement.MOVES)
                        .with(Condition.Recurring.CAME_BACK)
                        .withOffset(Length.ofMillimetres(3))
                        .with(Condition.Hold.GIVES));
    }

    @Test
    void aKindIsDrawnOutInItsOwnShapeOnly() {
        Length ten = Length.ofMillimetres(10);
        assertThatThrownBy(() -> new Fault.Patch(FaultKind.NAIL_HOLE, ten, ten, Length.ZERO, Condition.USUAL))
                .hasMessage("NAIL_HOLE is drawn out as POINT, not as AREA");
    }

    @Test
    void aCrackMayFallToTheRight() {
        Fault.Line crack = (Fault.Line) FaultKind.CRACK.of(Measures.ofMillimetres(300, -400, 0.4));
        assertThat(crack.length().inMillimetres()).isEqualTo(500);
        assertThat(new Mark(Spot.ofMillimetres(1000, 1500), crack).centre()).isEqualTo(Spot.ofMillimetres(1150, 1300));
    }

    @ParameterizedTest
    @CsvSource({"1198.9, false", "1199, true", "1900, true", "1901, true", "1901.1, false"})
    void aMarkReachesIntoABandWithItsRim(double height, boolean reaches) {
        Mark nail = new Mark(Spot.ofMillimetres(1000, height), FaultKind.NAIL_HOLE.usualFault());
        assertThat(nail.reachesInto(Length.ofMetres(1.2), Length.ofMetres(1.9))).isEqualTo(reaches);
    }
}
