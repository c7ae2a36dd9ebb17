package lumko.core.turnover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.turnover.Guess.PastJob;
import org.junit.jupiter.api.Test;

class GuessTest {
    private static final Catalogue FIGURES = Catalogue.starting();

    @Test
    void aFewJobsDoNotStandForAll() {
        Guess guess = Guess.of(Collections.nCopies(4, new PastJob(600, 3)), FIGURES);
        assertThat(guess.perRoom()).isEqualTo(FIGURES.value(Figure.ROOM_NOT_WALKED));
        assertThat(guess.spread()).isEqualTo(0.5);
    }

    @Test
    void ownJobsTellHowMuchAndHowFarOff() {
        // two, three, one, four and two hours a room
        Guess guess = Guess.of(
                List.of(
                        new PastJob(360, 3),
                        new PastJob(360, 2),
                        new PastJob(180, 3),
                        new PastJob(480, 2),
                        new PastJob(240, 2)),
                FIGURES);
        assertThat(guess.perRoom()).isCloseTo(1620 / 12.0, within(1e-9));
        assertThat(guess.spread()).isBetween(0.5, 0.6);
    }

    @Test
    void jobsAllAlikeDoNotMakeTheNextOneSure() {
        Guess guess = Guess.of(Collections.nCopies(9, new PastJob(270, 3)), FIGURES);
        assertThat(guess.perRoom()).isCloseTo(90, within(1e-9));
        assertThat(guess.spread()).isEqualTo(0.2);
    }

    @Test
    void aFlatWithoutRoomsTellsNothing() {
        Guess guess = Guess.of(Collections.nCopies(9, new PastJob(270, 0)), FIGURES);
        assertThat(guess.perRoom()).isEqualTo(FIGURES.value(Figure.ROOM_NOT_WALKED));
    }
}
