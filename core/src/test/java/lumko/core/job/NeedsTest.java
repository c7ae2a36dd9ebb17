package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;
import static lumko.core.job.Given.*;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Standing;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Climate;
import lumko.core.drying.Purpose;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import lumko.core.hold.Need;
import lumko.core.paint.Binder;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Times;
import lumko.core.record.Age;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;
import lumko.core.record.Raw;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;
import lumko.core.repair.Mark;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a surface needs so that the next coat holds is in its plan, whatever the need and whatever the practice. */
class NeedsTest {
    private static final Film SOLVENT_GLOSS = Film.of(Binder.SOLVENTBORNE, 70, LIGHT);
    private static final Film SATIN = Film.of(Binder.WATERBORNE, 30, LIGHT);

    private static Face painted(Stack stack, Film next) {
        return wall("a", stack, GoesOn.same("oat", next, PaintBasis.OTHER_PAINT));
    }

    /** A surface that has the need. */
    private static Job with(Need need) {
        return switch (need) {
            case CLEAN, SEALER ->
                Job.of(room(RoomFinding.FILM_ON_THE_CLOTH), painted(Given.painted("oat", MATT, 3), MATT), NEW_HOUSE);
            case TEST_PATCH -> job(NEW_HOUSE, painted(new Stack(Substrate.GYPSUM_BOARD, List.of()), MATT));
            case KEY_SAND -> job(NEW_HOUSE, painted(Given.painted("oat", SATIN, 3), SATIN));
            case METAL_PRIMER -> job(NEW_HOUSE, painted(bare(Substrate.METAL), MATT));
            case MIST_COAT -> job(NEW_HOUSE, painted(bare(Substrate.SKIM_PLASTER), MATT));
            case NEW_SURFACE_PRIMER -> job(NEW_HOUSE, painted(bare(Substrate.GYPSUM_BOARD), MATT));
            case ADHESION_PRIMER -> job(NEW_HOUSE, painted(Given.painted("oat", SOLVENT_GLOSS, 3), SATIN));
            case WAIT_FOR_CURE -> job(NEW_HOUSE, painted(Given.painted("oat", MATT, 0.01), SOLVENT_GLOSS));
        };
    }

    /** What answers it. */
    private static Set<ActivityKind> kindsFor(Need need) {
        return switch (need) {
            case CLEAN -> EnumSet.of(WASH);
            case TEST_PATCH -> EnumSet.of(ActivityKind.TEST_PATCH);
            case KEY_SAND -> EnumSet.of(ActivityKind.KEY_SAND);
            case SEALER -> EnumSet.of(BLOCK_STAIN);
            case METAL_PRIMER -> EnumSet.of(PRIME_METAL);
            case MIST_COAT -> EnumSet.of(ActivityKind.MIST_COAT);
            case NEW_SURFACE_PRIMER -> EnumSet.of(PRIME_WALL);
            case ADHESION_PRIMER -> EnumSet.of(ADHESION_PRIME);
            case WAIT_FOR_CURE -> EnumSet.noneOf(ActivityKind.class);
        };
    }

    @ParameterizedTest
    @EnumSource(Need.class)
    void everyNeedIsAnsweredBeforeTheFirstCoat(Need need) {
        Job job = with(need);
        Face face = job.faces().getFirst();
        JobPlanner planner = new JobPlanner(FIGURES);
        assertThat(planner.holding(face, job.room("r")).needs()).contains(need);
        WorkGraph work = plan(Practice.STARTING, job);
        for (ActivityKind kind : kindsFor(need)) {
            assertThat(kinds(work)).containsSubsequence(kind, CUT_IN);
        }
    }

    private static Activity blocked(Mark... marks) {
        Face face = wall("a", plainWall(), Action.ROLL, marks);
        return one(plan(Practice.STARTING, Job.of(room(RoomFinding.SMELL_OF_SMOKE), face, NEW_HOUSE)), BLOCK_STAIN);
    }

    @Test
    void aStainOnASmokedWallIsBlockedWithIt() {
        Activity plain = blocked();
        Activity stained = blocked(at(FaultKind.STAIN, 1000, 2000));
        assertThat(stained.places()).hasSize(1);
        assertThat(stained.area()).isEqualTo(plain.area());
        assertThat(stained.uses()).isEqualTo(plain.uses());
        assertThat(stained.hand()).isEqualTo(plain.hand());
    }

    @Test
    void whatHasToCureIsWaitedForByTheFirstCoat() {
        WorkGraph work = plan(Practice.STARTING, with(Need.WAIT_FOR_CURE));
        Standing coat = work.standing().getFirst();
        Activity first = one(work, CUT_IN);
        assertThat(coat.next()).isEqualTo(Standing.NextCoat.ONCE_CURED);
        assertThat(work.precedences()).anySatisfy(each -> {
            assertThat(each.from()).isEqualTo(coat.id());
            assertThat(each.to()).isEqualTo(first.id());
            assertThat(each.drying())
                    .hasValueSatisfying(wait -> assertThat(wait.purpose()).isEqualTo(Purpose.CURE));
        });
    }

    /** Published: plaster dries about a millimetre a day; a skim is pale within a week. */
    @ParameterizedTest
    @CsvSource({"NEW_PLASTER, MIST_COAT, 6, 20", "NEW_SKIM, MIST_COAT, 1, 7", "NEW_COMPOUND, PRIME_WALL, 0.3, 3"})
    void whatWasPutOnWetIsWaitedForByItsFirstCoat(Raw raw, ActivityKind first, double least, double most) {
        WorkGraph fresh = plan(Practice.STARTING, raw(raw, Age.ofDays(0)));
        Standing plaster = fresh.standing().getFirst();
        assertThat(fresh.precedences()).anySatisfy(each -> {
            assertThat(each.from()).isEqualTo(plaster.id());
            assertThat(each.to()).isEqualTo(one(fresh, first).id());
        });
        assertThat(startInDays(fresh, first)).isBetween(least, most);
        // it has stood long enough, or nobody knows how long
        assertThat(startInDays(plan(Practice.STARTING, raw(raw, Age.ofDays(28))), first))
                .isLessThan(0.1);
        assertThat(plan(Practice.STARTING, raw(raw, Age.UNKNOWN)).standing()).isEmpty();
    }

    @Test
    void boardHasNothingToDryOut() {
        assertThat(plan(Practice.STARTING, raw(Raw.NEW_BOARD, Age.ofDays(0))).standing())
                .isEmpty();
    }

    private static Job raw(Raw raw, Age since) {
        Face face = Face.wall(
                        "w",
                        "r",
                        Given.plainWall(),
                        Stack.raw(raw, Substrate.GYPSUM_BOARD, since),
                        GoesOn.same("oat", MATT, PaintBasis.BARE),
                        List.of())
                .with(Action.ROLL);
        return Job.of(Given.room(), face, Given.NEW_HOUSE);
    }

    private static double startInDays(WorkGraph graph, ActivityKind kind) {
        return Schedule.of(graph, 1, new Air(Climate.REFERENCE, FIGURES)).entries().stream()
                .filter(entry -> entry.activity().kind() == kind)
                .mapToDouble(entry -> Times.inHours(entry.start()) / 24)
                .min()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(
            value = Need.class,
            names = {"MIST_COAT", "NEW_SURFACE_PRIMER", "KEY_SAND"},
            mode = EnumSource.Mode.EXCLUDE)
    void lightPreparationLeavesOutNothingThatHolds(Need need) {
        WorkGraph work = plan(practice(School.LIGHT_PREPARATION), with(need));
        assertThat(kinds(work)).containsAll(kindsFor(need));
    }

    @Test
    void lightPreparationTriesAPatchWhereOthersKey() {
        assertThat(kinds(plan(practice(School.LIGHT_PREPARATION), with(Need.KEY_SAND))))
                .contains(ActivityKind.TEST_PATCH)
                .doesNotContain(ActivityKind.KEY_SAND);
    }

    @Test
    void aSelfPrimingPaintGoesStraightOnWhatIsNew() {
        assertThat(kinds(plan(practice(School.SELF_PRIMING_TWO), with(Need.NEW_SURFACE_PRIMER))))
                .doesNotContain(PRIME_WALL, SPOT_PRIME);
    }

    @Nested
    class OnTrim {
        private static Job trimOn(Stack stack, Film next) {
            Face base = trim("t");
            Face face = new Face(
                    base.key(),
                    base.room(),
                    base.side(),
                    base.wall(),
                    base.parts(),
                    stack,
                    List.of(),
                    Action.ROLL,
                    GoesOn.same("frame", next, PaintBasis.OTHER_PAINT),
                    List.of(),
                    List.of(),
                    base.around(),
                    base.fate(),
                    base.coatsOn());
            return job(NEW_HOUSE, face);
        }

        @Test
        void oldSolventGlossIsWashedKeyedAndPrimedForWater() {
            Stack gloss = new Stack(
                    Substrate.TIMBER, Given.painted("frame", SOLVENT_GLOSS, 8).coats());
            assertThat(kinds(plan(Practice.STARTING, trimOn(gloss, SATIN))))
                    .containsSubsequence(WASH, ActivityKind.KEY_SAND, ADHESION_PRIME, SAND_TRIM, PAINT_TRIM);
        }

        @Test
        void bareTimberIsPrimedAndSanded() {
            assertThat(kinds(plan(Practice.STARTING, trimOn(bare(Substrate.TIMBER), SATIN))))
                    .containsSubsequence(PRIME_TRIM, SAND_TRIM, PAINT_TRIM)
                    .doesNotContain(PRIME_WALL, ActivityKind.KEY_SAND);
        }
    }

    @Test
    void aNeedThatAMarkAnswersTooIsAnsweredOnce() {
        List<ActivityKind> washed = new ArrayList<>(kinds(plan(Practice.STARTING, with(Need.CLEAN))));
        washed.removeIf(kind -> kind != WASH);
        assertThat(washed).hasSize(1);
        Face metal = wall(
                "a",
                bare(Substrate.METAL),
                GoesOn.same("oat", MATT, PaintBasis.BARE),
                at(lumko.core.fault.FaultKind.RUST, 1000, 1000));
        assertThat(kinds(plan(Practice.STARTING, job(NEW_HOUSE, metal))))
                .filteredOn(kind -> kind == PRIME_METAL)
                .hasSize(1);
    }

    @Test
    void whatNobodyKnowsOfAFilmIsNotTakenForMatt() {
        Film unknown = new Film(Optional.of(Binder.WATERBORNE), OptionalDouble.empty(), Optional.of(LIGHT));
        Job job = job(NEW_HOUSE, painted(Given.painted("oat", unknown, 3), MATT));
        assertThat(new JobPlanner(FIGURES)
                        .holding(job.faces().getFirst(), job.room("r"))
                        .needs())
                .contains(Need.TEST_PATCH);
    }
}
