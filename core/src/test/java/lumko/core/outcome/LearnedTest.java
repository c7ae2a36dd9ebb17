package lumko.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LearnedTest {
    private static final Set<Cause> NONE = EnumSet.noneOf(Cause.class);

    /** Walls whose log-odds are really the computed ones, moved and stretched, and more for what was bought again. */
    private static List<Observation> truth(int count, long seed, double shift, double slope, double boughtAgain) {
        Random random = new Random(seed);
        List<Observation> walls = new ArrayList<>();
        for (int n = 0; n < count; n++) {
            double computed = 0.02 + 0.6 * random.nextDouble() * random.nextDouble();
            Set<Cause> causes = EnumSet.noneOf(Cause.class);
            for (Cause cause : Cause.values()) {
                if (random.nextDouble() < 0.4) {
                    causes.add(cause);
                }
            }
            double really = Learned.chance(
                    shift + slope * Learned.logit(computed) + (causes.contains(Cause.BOUGHT_AGAIN) ? boughtAgain : 0));
            walls.add(new Observation(computed, computed, causes, random.nextDouble() < really ? 1 : 0));
        }
        return walls;
    }

    @Test
    void withoutOutcomesItIsWhatIsComputed() {
        for (double computed : new double[] {0.01, 0.2, 0.5, 0.9}) {
            assertThat(Learned.NOTHING.chance(computed, NONE)).isCloseTo(computed, within(1e-12));
            assertThat(Learned.NOTHING.spreadLeft(computed, Set.of(Cause.OLD_FILM)))
                    .isCloseTo(1, within(1e-12));
        }
        assertThat(Learned.from(List.of())).isSameAs(Learned.NOTHING);
    }

    @Nested
    class OnManyWalls {
        private final Learned learned = Learned.from(truth(4000, 3, 0.8, 1.2, 1));

        @Test
        void findsBackWhatIsTrue() {
            for (double computed : new double[] {0.05, 0.15, 0.4}) {
                double plain = Learned.chance(0.8 + 1.2 * Learned.logit(computed));
                double bought = Learned.chance(1.8 + 1.2 * Learned.logit(computed));
                assertThat(learned.chance(computed, NONE)).isCloseTo(plain, within(0.05));
                assertThat(learned.chance(computed, Set.of(Cause.BOUGHT_AGAIN))).isCloseTo(bought, within(0.05));
            }
        }

        @Test
        void tellsTheCauseFromTheOthers() {
            Learned.Effect bought = learned.effect(Cause.BOUGHT_AGAIN);
            assertThat(bought.shift()).isCloseTo(1, within(3 * bought.deviation()));
            for (Cause other : EnumSet.complementOf(EnumSet.of(Cause.BOUGHT_AGAIN))) {
                Learned.Effect effect = learned.effect(other);
                assertThat(Math.abs(effect.shift()))
                        .describedAs(other.name())
                        .isLessThan(3 * effect.deviation())
                        .isLessThan(0.4);
            }
        }

        @Test
        void isSurer() {
            assertThat(learned.spreadLeft(0.15, NONE)).isLessThan(0.35);
        }

        @Test
        void foretellsWallsItHasNotSeenBetterThanTheSimulation() {
            Trial trial = Trial.of(truth(800, 4, 0.8, 1.2, 1));
            assertThat(trial.isBetter()).isTrue();
            assertThat(trial.used()).isSameAs(trial.candidate());
            assertThat(trial.learned()).isLessThan(trial.computed());
        }
    }

    /** Of 200 repetitions the two-in-three range holds the truth in about two of three. */
    @Test
    void itsRangesAreHonest() {
        int inside = 0;
        int rounds = 200;
        for (int n = 0; n < rounds; n++) {
            Learned learned = Learned.from(truth(600, 100 + n, 0.2, 1, 0.3));
            Learned.Effect effect = learned.effect(Cause.BOUGHT_AGAIN);
            inside += Math.abs(effect.shift() - 0.3) < effect.deviation() ? 1 : 0;
        }
        assertThat(inside / (double) rounds).isBetween(0.55, 0.85);
    }

    @Nested
    class AHandful {
        @ParameterizedTest
        @ValueSource(ints = {1, 3, 5})
        void movesLittle(int count) {
            List<Observation> seen = new ArrayList<>();
            for (int n = 0; n < count; n++) {
                seen.add(new Observation(0.1, 0.1, Set.of(Cause.RAKING_LIGHT), 1));
            }
            double after = Learned.from(seen).chance(0.1, Set.of(Cause.RAKING_LIGHT));
            assertThat(after).isBetween(0.1, 0.1 + 0.07 * count);
            // what has nothing to do with it moves less
            assertThat(Learned.from(seen).chance(0.1, Set.of(Cause.FEATHERED))).isLessThan(after);
        }

        @Test
        void ofWallsThatWereNotSeenMakesNoneInvisible() {
            List<Observation> none = new ArrayList<>();
            for (int n = 0; n < 5; n++) {
                none.add(new Observation(0.2, 0.2, NONE, 0));
            }
            assertThat(Learned.from(none).chance(0.2, NONE)).isBetween(0.13, 0.2);
        }

        @Test
        void ofWrongClicksDoesNotTurnWhatManyHaveShown() {
            List<Observation> walls = truth(120, 9, 0, 1, 0);
            double before = Learned.from(walls).chance(0.1, NONE);
            for (int n = 0; n < 10; n++) {
                walls.add(new Observation(0.1, 0.1, NONE, 1));
            }
            double after = Learned.from(walls).chance(0.1, NONE);
            assertThat(before).isLessThan(0.2);
            assertThat(after).isLessThan(0.3);
        }
    }

    /** Where the simulation is right, what is learnt from noise is hardly worse, and not used unless it foretold better. */
    @Test
    void noiseIsNotBelieved() {
        Trial trial = Trial.of(truth(60, 12, 0, 1, 0));
        assertThat(trial.learned()).isCloseTo(trial.computed(), within(0.02));
        if (!trial.isBetter()) {
            assertThat(trial.used()).isSameAs(Learned.NOTHING);
        }
        assertThat(Trial.of(List.of()).used()).isSameAs(Learned.NOTHING);
    }

    /** Whatever was seen of it: what it taught has not been tried on any other. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void oneWallTeachesNothing(long seed) {
        Trial trial = Trial.of(truth(1, seed, 0.8, 1.2, 1));
        assertThat(trial.outcomes()).isEqualTo(1);
        assertThat(trial.used()).isSameAs(Learned.NOTHING);
    }

    @Test
    void isTheSameOnceKept() {
        Learned learned = Learned.from(truth(50, 1, 0, 1, 1));
        Learned again = Learned.of(learned.coefficients(), learned.covariance(), learned.outcomes());
        assertThat(again.chance(0.3, Set.of(Cause.OLD_FILM))).isEqualTo(learned.chance(0.3, Set.of(Cause.OLD_FILM)));
        assertThat(again.outcomes()).isEqualTo(50);
        assertThatThrownBy(() -> Learned.of(new double[3], new double[3][3], 1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Nested
    class HowWellItHeld {
        @Test
        void isCountedByWhatWasSaid() {
            List<Observation> walls = List.of(
                    new Observation(0.5, 0.1, NONE, 0),
                    new Observation(0.5, 0.15, NONE, 1),
                    new Observation(0.5, 0.8, NONE, 1),
                    new Observation(0.5, 1, NONE, 0.5));
            Calibration calibration = Calibration.ofSaid(walls);
            assertThat(calibration.count()).isEqualTo(4);
            // (0.01 + 0.7225 + 0.04 + 0.25) / 4
            assertThat(calibration.brier()).isCloseTo(0.255625, within(1e-12));
            // the average is 0.625: (0.390625 + 2 · 0.140625 + 0.015625) / 4
            assertThat(calibration.ofAverage()).isCloseTo(0.171875, within(1e-12));
            assertThat(calibration.bins()).hasSize(2);
            Calibration.Bin low = calibration.bins().getFirst();
            assertThat(low.count()).isEqualTo(2);
            assertThat(low.said()).isCloseTo(0.125, within(1e-12));
            assertThat(low.seen()).isCloseTo(0.5, within(1e-12));
            // Wilson for one of two, one deviation: 0.5 ± √(0.125 + 0.0625) / 1.5
            assertThat(low.low()).isCloseTo(0.5 - Math.sqrt(0.1875) / 1.5, within(1e-12));
        }

        @Test
        void ofNothingIsNothing() {
            assertThat(Calibration.ofSaid(List.of())).isEqualTo(new Calibration(List.of(), 0, 0, 0));
        }

        @Test
        void whatIsSaidRightLiesOnTheLine() {
            for (Calibration.Bin bin :
                    Calibration.ofSaid(truth(5000, 21, 0, 1, 0)).bins()) {
                if (bin.count() > 200) {
                    assertThat(bin.seen()).isCloseTo(bin.said(), within(0.05));
                }
                assertThat(bin.seen()).isBetween(bin.low(), bin.high());
            }
        }
    }
}
