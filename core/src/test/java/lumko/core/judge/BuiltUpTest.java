package lumko.core.judge;

import static lumko.core.job.Given.MATT;
import static lumko.core.job.Given.NEW_HOUSE;
import static lumko.core.job.Given.painted;
import static lumko.core.job.Given.room;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import lumko.core.colour.Lab;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.job.Action;
import lumko.core.job.BuildUp;
import lumko.core.job.Cover;
import lumko.core.job.Face;
import lumko.core.job.Given;
import lumko.core.job.GoesOn;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.paint.Binder;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class BuiltUpTest {
    private static final Catalogue FIGURES = Catalogue.starting();
    private static final JobPlanner PLANNER = new JobPlanner(FIGURES);
    private static final Film GREEN = Film.of(Binder.WATERBORNE, 4, new Lab(30, -15, 5));
    private static final Cover GRINS = new Cover(2.5, 2.6, 1.2, 0, true);

    private static GoesOn light(Cover cover) {
        return new GoesOn(
                "oat",
                MATT,
                Optional.empty(),
                PaintBasis.OTHER_PAINT,
                GoesOn.Supply.TO_BUY,
                cover,
                true,
                Optional.empty());
    }

    private static Job job(Cover cover) {
        Face face = Face.wall("a", "r", Given.plainWall(), painted("green", GREEN, 3), light(cover), List.of());
        return Job.of(room(), face.with(Action.ROLL), NEW_HOUSE);
    }

    private static List<BuiltUp> ways() {
        return BuiltUp.ways(job(GRINS), PLANNER, FIGURES);
    }

    private static BuiltUp way(int undercoats, int finish) {
        return ways().stream()
                .filter(way -> way.build().equals(new BuildUp(undercoats, finish)))
                .findFirst()
                .orElseThrow();
    }

    @Nested
    class Ways {
        @Test
        void theHouseComesFirstAndNoneTwice() {
            assertThat(ways())
                    .extracting(BuiltUp::build)
                    .startsWith(new BuildUp(1, 2))
                    .doesNotHaveDuplicates();
        }

        @Test
        void everyCoatTakesWorkPaintAndTime() {
            assertThat(way(0, 2).hand())
                    .isGreaterThan(way(0, 1).hand())
                    .isLessThan(way(0, 3).hand());
            assertThat(way(0, 2).paint())
                    .isGreaterThan(way(0, 1).paint())
                    .isLessThan(way(0, 3).paint());
            assertThat(way(0, 3).elapsed()).isGreaterThan(way(0, 2).elapsed());
        }

        @Test
        void everyCoatAndAnUndercoatMakeOneMoreLessLikely() {
            assertThat(way(0, 1).oneMore().chance())
                    .isGreaterThan(way(0, 2).oneMore().chance());
            assertThat(way(0, 2).oneMore().chance())
                    .isGreaterThan(way(0, 3).oneMore().chance());
            assertThat(way(1, 2).oneMore().chance())
                    .isLessThan(way(0, 2).oneMore().chance());
        }

        @Test
        void theSameColourAgainNeedsNoUndercoat() {
            assertThat(BuiltUp.ways(job(Cover.SAME), PLANNER, FIGURES))
                    .extracting(way -> way.build().undercoats())
                    .containsOnly(0);
        }

        @Test
        void whereSomethingElsePrimesAllOfItNoUndercoatIsOffered() {
            Face bare = Face.wall(
                    "a",
                    "r",
                    Given.plainWall(),
                    Given.bare(lumko.core.record.Substrate.GYPSUM_BOARD),
                    light(GRINS),
                    List.of());
            List<BuiltUp> ways = BuiltUp.ways(Job.of(room(), bare.with(Action.ROLL), NEW_HOUSE), PLANNER, FIGURES);
            assertThat(ways).extracting(way -> way.build().undercoats()).containsOnly(0);
        }
    }

    @Nested
    class OneMoreCoat {
        @Test
        void isOneCoatOfTheWallAndItsDrying() {
            BuiltUp two = way(0, 2);
            assertThat(two.oneMore().paint().inLitres())
                    .isCloseTo(
                            way(0, 3).paint().inLitres() - two.paint().inLitres(),
                            org.assertj.core.data.Offset.offset(0.02));
            assertThat(two.oneMore().elapsed()).isGreaterThan(two.oneMore().hand());
        }
    }

    @Nested
    class Asked {
        @Test
        void isWhatIsPlanned() {
            Face face = job(GRINS).active().getFirst();
            Face asked = face.with(face.goesOn().in(Optional.of(new BuildUp(2, 3))));
            assertThat(PLANNER.buildUp(asked)).isEqualTo(new BuildUp(2, 3));
            assertThat(PLANNER.plan(job(GRINS).with(List.of(asked))).unordered().activities())
                    .extracting(activity -> activity.kind().name())
                    .contains("PRIME_WALL", "PRIME_AGAIN", "ROLL", "ROLL_AGAIN", "ROLL_FURTHER");
        }

        @Test
        void aHouseThatRollsFourCoatsAndPrimesWithAFurtherOneStopsAtFour() {
            JobPlanner thorough = new JobPlanner(
                    FIGURES.with(Figure.ROLLED_COATS, 4), Practice.STARTING.with(School.SELF_PRIMING_THREE));
            assertThat(thorough.buildUp(job(GRINS).active().getFirst()).finish())
                    .isEqualTo(BuildUp.MOST_FINISH);
        }

        @Test
        void isWithinWhatMakesSense() {
            assertThatThrownBy(() -> new BuildUp(3, 1)).hasMessage("undercoats must be 0–2, was 3");
            assertThatThrownBy(() -> new BuildUp(0, 5)).hasMessage("coats must be 1–4, was 5");
            assertThatThrownBy(() -> new BuildUp(0, 0)).hasMessage("coats must be 1–4, was 0");
        }
    }
}
