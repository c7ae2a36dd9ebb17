package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;
import static lumko.core.job.Given.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Caution;
import lumko.core.activity.Limit;
import lumko.core.activity.Material;
import lumko.core.activity.Move;
import lumko.core.activity.Precedence;
import lumko.core.activity.Tool;
import lumko.core.activity.Wet;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Climate;
import lumko.core.drying.Purpose;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Figure;
import lumko.core.geometry.Box;
import lumko.core.geometry.EveryTime;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.paint.DataSheet;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Ceiling, walls and trim of a flat as one job, in the order of the house practice. */
class WholeFlatTest {
    private static final Offset<Double> CLOSE = Offset.offset(0.02);
    private static final Mark NAIL = nail(2500, 1500);

    private static Face rolled(String key, String paint, Face.Around around, Fitting... fittings) {
        return Face.wall(key, "r", wallWithDoor(fittings), painted(paint, MATT, 3), again(paint), places(key, NAIL))
                .with(Action.ROLL)
                .with(around);
    }

    private static Face.Around beside(String... neighbours) {
        return new Face.Around(List.of(neighbours), "c");
    }

    private static Job room() {
        return job(
                NEW_HOUSE,
                ceiling("c"),
                rolled("a", "oat", beside("d", "b")),
                rolled("b", "oat", beside("a", "c2")),
                trim("t"));
    }

    private static WorkGraph room(School... schools) {
        return plan(practice(schools), room());
    }

    @Test
    void ceilingThenWallsThenTrimThenClose() {
        assertThat(kinds(room(new School[0])))
                .containsSubsequence(
                        SET_UP,
                        PROTECT_FLOOR,
                        MAKE_SOUND,
                        FILL,
                        SAND,
                        DUST_OFF,
                        SPOT_PRIME,
                        CUT_CEILING,
                        ROLL_CEILING,
                        ROLL_CEILING_AGAIN,
                        CUT_IN,
                        ROLL,
                        LOOK_FOR_MISSES,
                        ROLL_AGAIN,
                        SWEEP,
                        PAINT_TRIM,
                        PAINT_TRIM_AGAIN,
                        CORRECT,
                        INSPECT,
                        PACK_UP);
    }

    @Nested
    class OfTheOtherSchools {
        @Test
        void trimFirstIsTapedBeforeTheWallsAndHasItsDayToHarden() {
            WorkGraph work = room(School.TRIM_FIRST);
            assertThat(kinds(work)).containsSubsequence(PAINT_TRIM_AGAIN, TAPE_EDGES, CUT_IN, UNMASK);
            assertThat(between(work, PAINT_TRIM_AGAIN, TAPE_EDGES).drying())
                    .hasValueSatisfying(wait -> assertThat(wait.purpose()).isEqualTo(Purpose.TAPE));
            // both walls: 4 m along the floor and both sides of the door
            assertThat(one(work, TAPE_EDGES).edge().inMetres()).isCloseTo(2 * 8.0, CLOSE);
        }

        @Test
        void rollingFirstTurnsTheOrderRound() {
            assertThat(kinds(room(School.ROLL_FIRST))).containsSubsequence(ROLL, CUT_IN, ROLL_AGAIN, CUT_IN_AGAIN);
        }

        @Test
        void theFloorIsProtectedOnceTheDustHasSettled() {
            assertThat(kinds(room(School.FLOOR_AFTER_SANDING))).containsSubsequence(SAND, PROTECT_FLOOR, CUT_IN);
        }

        @ParameterizedTest
        @CsvSource({
            "CAULK_WITH_FILLING, FILL, CAULK, SAND",
            "CAULK_AFTER_SANDING, SAND, CAULK, CUT_IN",
            "CAULK_AFTER_DUST_OFF, DUST_OFF, CAULK, SPOT_PRIME",
            "CAULK_AFTER_PRIMER, SPOT_PRIME, CAULK, CUT_IN"
        })
        void caulkHasFourPlaces(School school, ActivityKind before, ActivityKind caulk, ActivityKind after) {
            Mark joint = at(FaultKind.JOINT_CRACK, 2000, 20);
            WorkGraph work =
                    plan(practice(school), job(NEW_HOUSE, wall("a", wallWithDoor(), Action.ROLL, joint, NAIL)));
            assertThat(kinds(work)).containsSubsequence(before, caulk, after);
        }

        @Test
        void tapingEverythingCostsTapeAndMakesExactEdgesLoose() {
            assertThat(room(School.TAPE_EVERYTHING).tape().inMetres())
                    .isGreaterThan(room(new School[0]).tape().inMetres());
            assertThat(minutes(room(School.TAPE_EVERYTHING), CUT_IN)).isLessThan(minutes(room(new School[0]), CUT_IN));
            assertThat(into(room(School.TAPE_EVERYTHING), UNMASK))
                    .extracting(Precedence::limit)
                    .contains(Optional.of(Limit.TAPE_WET));
            assertThat(into(room(School.TAPE_EVERYTHING, School.TAPE_OFF_DRY), UNMASK))
                    .extracting(Precedence::limit)
                    .doesNotContain(Optional.of(Limit.TAPE_WET));
        }

        @Test
        void advancingFiftyMillimetresTakesLonger() {
            assertThat(minutes(room(School.ADVANCE_50), ROLL))
                    .isCloseTo(minutes(room(new School[0]), ROLL) * 1.6, CLOSE);
        }

        @Test
        void threeSelfPrimingCoatsNeedNoPrimer() {
            assertThat(kinds(room(School.SELF_PRIMING_THREE)))
                    .contains(ROLL_FURTHER)
                    .doesNotContain(SPOT_PRIME);
        }

        @Test
        void oneCoatIsEnoughOnlyWhereTheSamePaintGoesOn() {
            assertThat(kinds(room(School.ONE_COAT_WHERE_IT_HIDES))).doesNotContain(ROLL_AGAIN);
            Face other = wall(
                    "a",
                    painted("slate", MATT, 3),
                    new GoesOn(
                            "oat",
                            MATT,
                            Optional.empty(),
                            lumko.core.record.PaintBasis.OTHER_PAINT,
                            GoesOn.Supply.TO_BUY,
                            Cover.UNKNOWN,
                            false,
                            Optional.empty()));
            assertThat(kinds(plan(practice(School.ONE_COAT_WHERE_IT_HIDES), job(NEW_HOUSE, other))))
                    .contains(ROLL_AGAIN);
        }

        @Test
        void lightPreparationDropsMaskingSandingAndPrimer() {
            assertThat(kinds(room(School.LIGHT_PREPARATION, School.TAPE_EVERYTHING)))
                    .contains(WASH)
                    .doesNotContain(SAND, KEY_SAND, SPOT_PRIME, TAPE_EDGES);
        }

        @Test
        void wetToolsAreBaggedLinedOrWashedEachTime() {
            assertThat(kinds(room(new School[0]))).contains(BAG_TOOLS);
            assertThat(kinds(room(School.WASH_EACH_TIME))).doesNotContain(BAG_TOOLS);
            assertThat(minutes(room(School.WASH_EACH_TIME), WASH_TOOLS))
                    .isGreaterThan(minutes(room(new School[0]), WASH_TOOLS));
        }
    }

    private static List<Precedence> into(WorkGraph work, ActivityKind kind) {
        String id = one(work, kind).id();
        return work.precedences().stream().filter(each -> each.to().equals(id)).toList();
    }

    private static Precedence between(WorkGraph work, ActivityKind before, ActivityKind after) {
        String from = one(work, before).id();
        return into(work, after).stream()
                .filter(each -> each.from().equals(from))
                .findFirst()
                .orElseThrow(() -> new AssertionError("nothing between " + before + " and " + after));
    }

    @Nested
    class AlongTheEdges {
        @Test
        void onlyTheLastSurfaceAtAnEdgeIsCutExactly() {
            // both corners beside b are in the same paint; skirting and casing are covered by the trim that follows
            Job job = job(
                    NEW_HOUSE,
                    ceiling("c"),
                    rolled("a", "oat", beside("b", "b")),
                    rolled("b", "oat", beside("a", "a")),
                    trim("t"));
            Edges edges = Edges.of(job.face("a").orElseThrow(), job, Practice.STARTING);
            assertThat(edges.exact().inMetres()).isCloseTo(4, CLOSE);
            assertThat(edges.loose().inMetres()).isCloseTo(5 + 4 + 4.0, CLOSE);
        }

        @Test
        void aWallOnItsOwnIsExactAllRound() {
            Face wall = rolled("a", "oat", Face.Around.NOTHING);
            Edges edges = Edges.of(wall, job(NEW_HOUSE, wall), Practice.STARTING);
            assertThat(edges.exact().inMetres()).isCloseTo(4 + 5 + 4 + 4.0, CLOSE);
            assertThat(edges.loose().inMetres()).isZero();
        }

        @Test
        void anEdgeThatTheNewFloorCoversIsNotCut() {
            Face wall = rolled("a", "oat", Face.Around.NOTHING);
            Job job = Job.of(Given.room(RoomFinding.FLOOR_COMES_LATER), wall, NEW_HOUSE);
            assertThat(Edges.of(wall, job, Practice.STARTING).hidden().inMetres())
                    .isCloseTo(4, CLOSE);
            assertThat(kinds(plan(Practice.STARTING, job))).doesNotContain(PROTECT_FLOOR);
        }

        @Test
        void aCeilingIsExactUnlessWallsFollowIt() {
            Face ceiling = ceiling("c");
            assertThat(Edges.of(ceiling, job(NEW_HOUSE, ceiling), Practice.STARTING)
                            .exact()
                            .inMetres())
                    .isCloseTo(14, CLOSE);
            Job withWall = job(NEW_HOUSE, ceiling, rolled("a", "oat", beside()));
            assertThat(Edges.of(ceiling, withWall, Practice.STARTING).loose().inMetres())
                    .isCloseTo(14, CLOSE);
        }

        @ParameterizedTest
        @EnumSource(School.class)
        void everyMetreIsExactLooseOrHidden(School school) {
            Job job = job(
                    NEW_HOUSE,
                    ceiling("c"),
                    rolled("a", "oat", beside("b")),
                    rolled("b", "oat", beside("a")),
                    trim("t"));
            Edges edges = Edges.of(job.face("a").orElseThrow(), job, practice(school));
            assertThat(edges.exact().inMetres()
                            + edges.loose().inMetres()
                            + edges.hidden().inMetres())
                    .isCloseTo(4 + 5 + 4 + 4.0, CLOSE);
            assertThat(edges.taped()).isLessThanOrEqualTo(edges.loose());
        }

        @Test
        void aWallInAColourOfItsOwnIsTapedAndComesAfterItsNeighbours() {
            WorkGraph work = plan(
                    Practice.STARTING,
                    job(
                            NEW_HOUSE,
                            rolled("a", "oat", Face.Around.NOTHING),
                            rolled("b", "oat", Face.Around.NOTHING),
                            rolled("s", "slate", Face.Around.NOTHING)));
            Activity tape = one(work, TAPE_EDGES);
            assertThat(tape.surfaces()).containsExactly("s");
            assertThat(work.activities().stream()
                            .filter(each -> each.kind() == ROLL_AGAIN)
                            .map(Activity::paint))
                    .containsExactly("oat", "slate");
            assertThat(into(work, TAPE_EDGES))
                    .anySatisfy(each -> assertThat(each.drying())
                            .hasValueSatisfying(
                                    wait -> assertThat(wait.purpose()).isEqualTo(Purpose.TAPE)));
        }
    }

    @Nested
    class Fittings {
        private static final Fitting SOCKET = new Fitting(Fitting.Kind.SOCKET, Box.ofMillimetres(2000, 300, 80, 80));
        private static final Fitting RADIATOR =
                new Fitting(Fitting.Kind.RADIATOR, Box.ofMillimetres(2200, 120, 1000, 600));

        private WorkGraph with(Practice practice, Fitting... fittings) {
            return plan(practice, job(NEW_HOUSE, rolled("a", "oat", Face.Around.NOTHING, fittings)));
        }

        @ParameterizedTest
        @CsvSource({
            "FITTINGS_OFF, PLATES_OFF",
            "FITTINGS_LOOSENED, LOOSEN_FITTINGS",
            "FITTINGS_MASKED, MASK_FITTINGS",
            "FITTINGS_LEFT_AND_SCRAPED, SCRAPE_OFF"
        })
        void eachHasTheWayOfTheHouse(School school, ActivityKind kind) {
            assertThat(one(with(practice(school), SOCKET), kind).cautions()).contains(Caution.ELECTRICITY);
        }

        @Test
        void byMinutesTheHaloAndTheRefitCount() {
            List<FittingWay> ways =
                    FittingWay.of(Fitting.Kind.SOCKET, Optional.empty(), practice(School.FITTINGS_BY_MINUTES), FIGURES);
            assertThat(ways).extracting(FittingWay::expected).isSorted();
            FittingWay scraped = ways.stream()
                    .filter(way -> way.way() == FittingWay.Way.LEAVE_AND_SCRAPE)
                    .findFirst()
                    .orElseThrow();
            // 0.6 min and a third of a quarter of an hour
            assertThat(Times.inMinutes(scraped.expected())).isCloseTo(0.6 + 0.35 * 15, CLOSE);
        }

        @Test
        void aRadiatorIsPaintedBehindNotLifted() {
            WorkGraph work = with(Practice.STARTING, RADIATOR);
            assertThat(one(work, ROLL).tools()).contains(Tool.SLIM_ROLLER);
            assertThat(kinds(work)).doesNotContain(FITTINGS_OFF);
        }

        @Test
        void anOldBlindIsMaskedRatherThanRisked() {
            assertThat(FittingWay.of(
                                    Fitting.Kind.BLIND, Optional.empty(), practice(School.FITTINGS_BY_MINUTES), FIGURES)
                            .getFirst()
                            .way())
                    .isNotEqualTo(FittingWay.Way.REMOVE);
        }

        @ParameterizedTest
        @CsvSource({"MASK, MASK", "LEAVE_AND_SCRAPE, LEAVE_AND_SCRAPE", "LOOSEN, REMOVE"})
        void whatIsWantedOfOneComesBeforeTheHouseWhereItHasSuchAWay(FittingWay.Way wanted, FittingWay.Way taken) {
            assertThat(FittingWay.of(Fitting.Kind.BLIND, Optional.of(wanted), practice(School.FITTINGS_OFF), FIGURES))
                    .extracting(FittingWay::way)
                    .startsWith(taken)
                    .hasSize(3);
        }
    }

    @Nested
    class ByThePaintsOwnDataSheet {
        @Test
        void theLitresAndTheWaitAreTheMakers() {
            GoesOn own = new GoesOn(
                    "oat",
                    MATT,
                    Optional.of(new DataSheet(12, 38, 0.92, Optional.of(Duration.ofHours(5)))),
                    lumko.core.record.PaintBasis.SAME_BATCH,
                    GoesOn.Supply.IN_STORE,
                    Cover.SAME,
                    false,
                    Optional.empty());
            WorkGraph byOwn = Given.plan(wall("a", painted("oat", MATT, 3), own));
            Activity roll = one(byOwn, ROLL_AGAIN);
            assertThat(roll.wet()).extracting(Wet::bySheet).contains(Optional.of(Duration.ofHours(5)));
            double loss = 1 + FIGURES.share(Figure.LOSS_BRUSH) + FIGURES.share(Figure.LOSS_TIN);
            assertThat(byOwn.volume(Material.WALL_PAINT).inLitres())
                    .isCloseTo(2 * 10.0 / 12 * loss + 0.15, Offset.offset(1e-9));
        }
    }

    @Nested
    class EveryTimePlaces {
        private final EveryTime splash =
                new EveryTime(EveryTime.Kind.SPLASH_ZONE, 0, Box.ofMillimetres(0, 900, 3000, 500));

        @Test
        void areRolledTwiceEvenOnAWallThatIsLeft() {
            WorkGraph work = Given.plan(wall("a", plainWall(), Action.LEAVE).withPanels(List.of(splash)));
            assertThat(minutes(work, ROLL_PANEL)).isCloseTo(8, CLOSE);
            // 1.5 m², twice, at 10 m²/L
            double painted = work.activities().stream()
                    .filter(each -> each.kind() == ROLL_PANEL)
                    .mapToDouble(each -> each.volume(Material.WALL_PAINT).inLitres())
                    .sum();
            assertThat(painted).isCloseTo(0.3 * 1.02, Offset.offset(0.02));
            assertThat(kinds(work)).doesNotContain(FILL, ROLL);
        }

        @Test
        void areContainedInAWallThatIsRolled() {
            WorkGraph work = Given.plan(wall("a", plainWall(), Action.ROLL).withPanels(List.of(splash)));
            assertThat(kinds(work)).doesNotContain(ROLL_PANEL);
        }
    }

    @Test
    void theWideRollerComesOutWhereItPays() {
        Face[] many = new Face[4];
        for (int n = 0; n < many.length; n++) {
            many[n] = rolled("w" + n, "oat", Face.Around.NOTHING);
        }
        assertThat(one(Given.plan(many[0]), ROLL).tools()).contains(Tool.ROLLER).doesNotContain(Tool.WIDE_ROLLER);
        WorkGraph work = Given.plan(many);
        // beside it the usual one, for the strips by doors and corners
        assertThat(one(work, ROLL).tools()).contains(Tool.WIDE_ROLLER, Tool.ROLLER);
        // 32.8 m² at 1.3 × 0.7
        assertThat(minutes(work, ROLL)).isCloseTo(32.8 * 1.3 * 0.7, CLOSE);
        // as much in a bath's short walls is no open wall
        Face[] narrow = new Face[8];
        for (int n = 0; n < narrow.length; n++) {
            Wall wall = new Wall(Length.ofMetres(2), Length.ofMetres(2.5), Texture.SMOOTH, List.of(), List.of());
            narrow[n] = wall("n" + n, wall, Action.ROLL);
        }
        WorkGraph bath = Given.plan(narrow);
        assertThat(one(bath, ROLL).tools()).contains(Tool.ROLLER).doesNotContain(Tool.WIDE_ROLLER);
        assertThat(minutes(bath, ROLL)).isCloseTo(40 * 1.3, CLOSE);
    }

    @Nested
    class Faultless {
        private Job random(Random random) {
            List<Face> faces = new ArrayList<>(List.of(ceiling("c"), trim("t")));
            Action[] actions = {Action.LEAVE, Action.DAB, Action.FEATHER, Action.ROLL, Action.SKIM_AND_ROLL};
            for (int n = 0; n < 4; n++) {
                List<Mark> marks = new ArrayList<>();
                for (int m = random.nextInt(6); m >= 0; m--) {
                    FaultKind kind = FaultKind.values()[random.nextInt(FaultKind.values().length)];
                    marks.add(at(kind, 4000 * random.nextDouble(), 2500 * random.nextDouble()));
                }
                String paint = List.of("oat", "oat", "slate", "brick").get(random.nextInt(4));
                String key = "w" + n;
                faces.add(Face.wall(
                                key,
                                "r",
                                wallWithDoor(),
                                painted(paint, MATT, 3),
                                again(paint),
                                places(key, marks.toArray(Mark[]::new)))
                        .with(actions[random.nextInt(actions.length)])
                        .with(beside("w" + (n + 1) % 4)));
            }
            return job(random.nextBoolean() ? NEW_HOUSE : OLD_HOUSE, faces.toArray(Face[]::new));
        }

        @Test
        void nothingBeginsOnWhatIsWetAndNothingComesTooLate() {
            Random random = new Random(23);
            for (int n = 0; n < 200; n++) {
                Practice practice = practice(School.values()[random.nextInt(School.values().length)]);
                Air air = new Air(
                        Climate.of(15 + random.nextInt(12), 40 + random.nextInt(35), Climate.Air.MOVING), FIGURES);
                WorkGraph graph =
                        new JobPlanner(FIGURES, practice).plan(random(random)).by(Work.View.SURFACE);
                Schedule schedule = Schedule.of(graph, 1, air);
                assertThat(schedule.entries()).hasSameSizeAs(graph.activities());
                for (Schedule.Entry entry : schedule.entries()) {
                    assertThat(entry.isTooLate())
                            .describedAs("%s in %s", entry.activity().id(), practice)
                            .isFalse();
                }
                Map<String, Schedule.Entry> entries = schedule.entries().stream()
                        .collect(Collectors.toMap(entry -> entry.activity().id(), entry -> entry));
                for (Precedence each : graph.precedences()) {
                    Schedule.Entry before = entries.get(each.from());
                    Duration dry = each.drying().map(air::likely).orElse(Duration.ZERO);
                    if (before != null
                            && entries.get(each.to())
                                            .start()
                                            .compareTo(before.end().plus(dry))
                                    < 0) {
                        fail("%s begins before %s is ready", each.to(), each.from());
                    }
                }
            }
        }

        @ParameterizedTest
        @EnumSource(School.class)
        void inEverySchoolEveryViewHasAnOrder(School school) {
            Random random = new Random(31);
            for (int n = 0; n < 5; n++) {
                Work work = new JobPlanner(FIGURES, practice(school)).plan(random(random));
                for (Work.View view : Work.View.values()) {
                    WorkGraph graph = work.by(view);
                    Map<String, Integer> place = new HashMap<>();
                    graph.activities().forEach(activity -> place.put(activity.id(), place.size()));
                    assertThat(graph.precedences().stream()
                                    .filter(each -> place.getOrDefault(each.from(), -1) >= place.get(each.to())))
                            .isEmpty();
                }
            }
        }

        @ParameterizedTest
        @EnumSource(School.class)
        void inEverySchoolTheJobOpensAndClosesOnceAndNothingIsDoneTwice(School school) {
            Random random = new Random(29);
            for (int n = 0; n < 5; n++) {
                WorkGraph work = plan(practice(school), random(random));
                assertThat(kinds(work)).startsWith(SET_UP).endsWith(PACK_UP);
                assertThat(kinds(work)).filteredOn(SET_UP::equals).hasSize(1);
                assertThat(kinds(work)).filteredOn(PACK_UP::equals).hasSize(1);
                assertThat(work.activities()).extracting(Activity::id).doesNotHaveDuplicates();
            }
        }

        @Test
        void everyMoveOfEveryRepairIsInExactlyOneActivity() {
            JobPlanner planner = new JobPlanner(FIGURES);
            for (FaultKind kind : FaultKind.values()) {
                Mark mark = at(kind, 2500, 1000);
                Face face = wall("a", plainWall(), Action.DAB, mark);
                Job job = job(NEW_HOUSE, face);
                Repair repair = planner.repair(mark, face, job);
                WorkGraph work = planner.plan(job).by(Work.View.PLACE);
                Set<ActivityKind> chain = EnumSet.noneOf(ActivityKind.class);
                repair.moves().stream().map(Move::kind).forEach(chain::add);
                for (ActivityKind of : chain) {
                    long moves = repair.moves().stream()
                            .filter(move -> move.kind() == of)
                            .count();
                    assertThat(work.activities())
                            .describedAs("%s of %s", of, kind)
                            .filteredOn(
                                    each -> each.kind() == of && each.places().contains("a-0"))
                            .hasSize((int) moves);
                }
            }
        }
    }

    @Test
    void theFiguresOfTheOrganisationCount() {
        WorkGraph slow = new JobPlanner(FIGURES.with(Figure.ROLL_CEILING, 3.2))
                .plan(job(NEW_HOUSE, ceiling("c")))
                .by(Work.View.FLAT);
        // 12 m² with the wide roller
        assertThat(minutes(slow, ROLL_CEILING)).isCloseTo(12 * 3.2 * 0.7, CLOSE);
    }
}
