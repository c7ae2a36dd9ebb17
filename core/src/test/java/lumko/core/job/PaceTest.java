package lumko.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Taken;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Times;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class PaceTest {
    private final Catalogue figures = Catalogue.starting();

    private static Taken roll(double planned, double taken) {
        return new Taken(ActivityKind.ROLL, Times.ofMinutes(planned), Times.ofMinutes(taken));
    }

    private Pace pace(Taken... taken) {
        return Pace.of(List.of(taken), figures).getFirst();
    }

    @Test
    void oneSlowDayDoesNotMoveTheMedian() {
        assertThat(pace(roll(10, 11), roll(20, 22), roll(10, 55)).ratio()).isCloseTo(1.1, Offset.offset(1e-9));
        assertThat(pace(roll(10, 11), roll(10, 13)).ratio()).isCloseTo(1.2, Offset.offset(1e-9));
    }

    @Test
    void isOfferedOnceThereAreEnough() {
        Taken[] four = {roll(10, 12), roll(10, 12), roll(10, 12), roll(10, 12)};
        assertThat(pace(four).isOffered()).isFalse();
        Taken[] five = {roll(10, 12), roll(10, 12), roll(10, 12), roll(10, 12), roll(10, 12)};
        assertThat(pace(five).isOffered()).isTrue();
        assertThat(Pace.of(List.of(five), figures.with(Figure.OWN_MINUTES_FROM, 6))
                        .getFirst()
                        .isOffered())
                .isFalse();
    }

    @Test
    void kindsAreKeptApartAndTheBestKnownComesFirst() {
        List<Pace> pace = Pace.of(
                List.of(
                        new Taken(ActivityKind.DAB, Times.ofMinutes(4), Times.ofMinutes(4)),
                        roll(10, 20),
                        roll(10, 20)),
                figures);
        assertThat(pace).extracting(Pace::kind).containsExactly(ActivityKind.ROLL, ActivityKind.DAB);
        assertThat(pace).extracting(Pace::ratio).containsExactly(2.0, 1.0);
    }

    @Test
    void aBreakInBetweenIsNoWork() {
        assertThat(pace(roll(10, 60), roll(10, 61), roll(10, 300)).count()).isEqualTo(1);
    }

    @Test
    void whatWasPlannedAtNothingTellsNothing() {
        assertThat(Pace.of(List.of(roll(0, 5)), figures)).isEmpty();
    }

    @Test
    void theOwnFigureStaysWithinWhatItCanBe() {
        Pace slow = pace(roll(1, 33));
        Figure figure = slow.figure().orElseThrow();
        assertThat(figure).isEqualTo(Figure.ROLL_WALL);
        assertThat(slow.ownFigure(figure, figures)).isEqualTo(figure.high());
        assertThat(pace(roll(10, 12)).ownFigure(figure, figures)).isCloseTo(1.56, Offset.offset(1e-9));
    }
}
