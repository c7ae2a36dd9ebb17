package lumko.core.judge;

import static lumko.core.job.Given.FIGURES;
import static lumko.core.job.Given.MATT;
import static lumko.core.job.Given.NEW_HOUSE;
import static lumko.core.job.Given.OLD_HOUSE;
import static lumko.core.job.Given.again;
import static lumko.core.job.Given.at;
import static lumko.core.job.Given.bare;
import static lumko.core.job.Given.ceiling;
import static lumko.core.job.Given.nail;
import static lumko.core.job.Given.painted;
import static lumko.core.job.Given.places;
import static lumko.core.job.Given.practice;
import static lumko.core.job.Given.room;
import static lumko.core.job.Given.trim;
import static lumko.core.job.Given.wall;
import static lumko.core.job.Given.wallWithDoor;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Material;
import lumko.core.activity.Move;
import lumko.core.activity.Precedence;
import lumko.core.activity.Tool;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Climate;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.Box;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.job.Action;
import lumko.core.job.Cover;
import lumko.core.job.Face;
import lumko.core.job.Given;
import lumko.core.job.GoesOn;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.job.Work;
import lumko.core.paint.Binder;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;
import lumko.core.record.Substrate;
import lumko.core.repair.Mark;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class NeverRulesTest {
    private static final Air AIR = new Air(Climate.REFERENCE, FIGURES);

    private static Set<Never> broken(Practice practice, Job job, WorkGraph graph, Advice... said) {
        return new NeverRules(job, practice, FIGURES, AIR, Schedule.of(graph, job.people(), AIR), Set.of(said))
                .broken();
    }

    private static WorkGraph plan(Practice practice, Job job) {
        return new JobPlanner(FIGURES, practice).plan(job).by(Work.View.SURFACE);
    }

    private static Face rolled(Mark... marks) {
        return wall("a", Given.plainWall(), Action.ROLL, marks);
    }

    private static Job job(Face... faces) {
        return Given.job(NEW_HOUSE, faces);
    }

    // ---- plans tampered with

    private static WorkGraph without(WorkGraph graph, Predicate<Activity> gone) {
        List<Activity> kept = graph.activities().stream().filter(gone.negate()).toList();
        List<String> ids = kept.stream().map(Activity::id).toList();
        return new WorkGraph(
                kept,
                graph.precedences().stream()
                        .filter(each -> ids.contains(each.from()) && ids.contains(each.to()))
                        .toList(),
                graph.standing());
    }

    private static WorkGraph without(WorkGraph graph, ActivityKind kind) {
        return without(graph, each -> each.kind() == kind);
    }

    private static WorkGraph changed(WorkGraph graph, ActivityKind kind, UnaryOperator<Activity> change) {
        return new WorkGraph(
                graph.activities().stream()
                        .map(each -> each.kind() == kind ? change.apply(each) : each)
                        .toList(),
                graph.precedences(),
                graph.standing());
    }

    /** The same activities without anything to wait for, in an order of their own. */
    private static WorkGraph inOrder(WorkGraph graph, ActivityKind... first) {
        List<Activity> order = new ArrayList<>();
        for (ActivityKind kind : first) {
            graph.activities().stream().filter(each -> each.kind() == kind).forEach(order::add);
        }
        graph.activities().stream().filter(each -> !order.contains(each)).forEach(order::add);
        return new WorkGraph(order, List.of(), graph.standing());
    }

    private static WorkGraph impatient(WorkGraph graph) {
        return new WorkGraph(
                graph.activities(),
                graph.precedences().stream()
                        .map(each -> new Precedence(each.from(), each.to(), each.why(), Optional.empty(), each.limit()))
                        .toList(),
                graph.standing());
    }

    private static WorkGraph with(WorkGraph graph, int at, Move move, String... places) {
        Activity one = Activity.of(
                "a/more",
                move,
                "r",
                Optional.of("a"),
                places.length == 0 ? Optional.empty() : Optional.of(places[0]),
                "oat");
        List<Activity> more = new ArrayList<>(graph.activities());
        more.add(at, one);
        return new WorkGraph(more, List.of(), graph.standing());
    }

    private static void assertFound(Never rule, Practice practice, Job job, WorkGraph tampered) {
        assertThat(broken(practice, job, plan(practice, job))).doesNotContain(rule);
        assertThat(broken(practice, job, tampered)).contains(rule);
    }

    private static void assertFound(Never rule, Job job, UnaryOperator<WorkGraph> tamper) {
        assertFound(rule, Practice.STARTING, job, tamper.apply(plan(Practice.STARTING, job)));
    }

    @Nested
    class AreFound {
        @Test
        void whatIsStillWet() {
            Job job = job(rolled(nail(1000, 1500)), trim("t"));
            assertFound(Never.PAINT_WET_FILLER, job, NeverRulesTest::impatient);
            assertFound(Never.PAINT_WET_PRIMER, job, NeverRulesTest::impatient);
            assertFound(Never.ROLL_SETTING_PAINT, job, NeverRulesTest::impatient);
            Practice trimFirst = practice(School.TRIM_FIRST);
            assertFound(Never.TAPE_FRESH_TRIM, trimFirst, job, impatient(plan(trimFirst, job)));
        }

        @Test
        void sandingBetweenCoatsOfCompound() {
            assertFound(
                    Never.SAND_BETWEEN_COATS,
                    job(rolled(at(FaultKind.TOGGLE, 1000, 1500))),
                    graph -> inOrder(graph, ActivityKind.FILL, ActivityKind.SAND, ActivityKind.FILL_AGAIN));
        }

        @ParameterizedTest
        @EnumSource(
                value = FaultKind.class,
                names = {"GREASE", "SCUFF", "MOULD", "STAIN", "SMOKE", "RUST", "FLAKING", "WALLPAPER_REMAINS"})
        void rollingOverWhatWasNotTreated(FaultKind kind) {
            Job job = job(rolled(at(kind, 1500, 1200)));
            ActivityKind treatment =
                    NeverRules.treatments(kind, false).iterator().next();
            assertFound(Never.ROLL_OVER_UNTREATED, job, graph -> without(graph, treatment));
            assertFound(Never.ROLL_OVER_UNTREATED, job, graph -> inOrder(graph, ActivityKind.ROLL));
        }

        @Test
        void smokeThatIsNotBlocked() {
            Job job = Job.of(List.of(room(RoomFinding.SMELL_OF_SMOKE)), List.of(rolled()), NEW_HOUSE);
            assertFound(Never.ROLL_OVER_UNTREATED, job, graph -> without(graph, ActivityKind.BLOCK_STAIN));
        }

        @Test
        void fillingBeforeItIsCleanOrSound() {
            Mark nail = nail(3000, 1500);
            assertFound(
                    Never.FILL_UNWASHED,
                    job(rolled(at(FaultKind.GREASE, 1500, 1200), nail)),
                    graph -> inOrder(graph, ActivityKind.FILL));
            assertFound(
                    Never.FILL_OVER_MOULD,
                    job(rolled(at(FaultKind.MOULD, 1500, 1200), nail)),
                    graph -> inOrder(graph, ActivityKind.FILL));
            assertFound(
                    Never.FILL_OVER_RIM,
                    job(rolled(at(FaultKind.PROUD_RIM, 1500, 1200))),
                    graph -> without(graph, ActivityKind.MAKE_SOUND));
            assertFound(
                    Never.FILL_RAW_PAPER,
                    job(rolled(at(FaultKind.TAPE_TEAR, 1500, 1200))),
                    graph -> without(graph, ActivityKind.SEAL_PAPER));
            assertFound(
                    Never.BEAD_OVER_OLD,
                    job(rolled(at(FaultKind.FAILED_CAULK, 1500, 100))),
                    graph -> without(graph, ActivityKind.CUT_OUT_CAULK));
        }

        @Test
        void wrongToolsAndTapes() {
            Job bead = job(rolled(at(FaultKind.PLASTER_ON_BEAD, 1500, 1200)));
            assertFound(
                    Never.SCRAPER_ON_BEAD,
                    bead,
                    graph -> with(graph, 1, Move.of(ActivityKind.MAKE_SOUND).with(Tool.SCRAPER), "a-0"));
            Practice taped = practice(School.TAPE_EVERYTHING);
            Job job = job(rolled());
            assertFound(
                    Never.ORDINARY_TAPE,
                    taped,
                    job,
                    changed(
                            plan(taped, job),
                            ActivityKind.TAPE_EDGES,
                            tape -> Activity.of(
                                    tape.id(),
                                    Move.of(ActivityKind.TAPE_EDGES).with(Tool.MASKING_TAPE),
                                    "r",
                                    Optional.of("a"),
                                    Optional.empty(),
                                    "oat")));
            assertFound(Never.SHEET_BEFORE_MASKING, taped, job, inOrder(plan(taped, job), ActivityKind.PACK_UP));
        }

        @Test
        void whatIsWrongOnBareSurfaces() {
            Job board = job(wall("a", bare(Substrate.GYPSUM_BOARD), again("oat")));
            assertFound(Never.WASH_RAW, board, graph -> with(graph, 1, Move.of(ActivityKind.WASH)));
            assertFound(
                    Never.SPOT_PRIME_BARE_WALL,
                    board,
                    graph -> with(without(graph, ActivityKind.PRIME_WALL), 1, Move.of(ActivityKind.SPOT_PRIME), "a-0"));
            assertFound(
                    Never.GLUE_SEALER,
                    board,
                    graph -> with(
                            graph,
                            1,
                            Move.of(ActivityKind.ADHESION_PRIME).uses(Material.ADHESION_PRIMER, Volume.ofLitres(1))));
            assertFound(Never.MIST_ON_PAINT, job(rolled()), graph -> with(graph, 1, Move.of(ActivityKind.MIST_COAT)));
        }

        @Test
        void coatsInTheWrongOrderOrTooFew() {
            Job job = job(rolled(at(FaultKind.DING, 1500, 1200)));
            assertFound(Never.STOP_AFTER_ONE, job, graph -> without(graph, ActivityKind.ROLL_AGAIN));
            Face textured = Face.wall(
                            "a",
                            "r",
                            new Wall(Length.ofMetres(4), Length.ofMetres(2.5), Texture.HEAVY, List.of(), List.of()),
                            painted("oat", MATT, 3),
                            again("oat"),
                            places("a", at(FaultKind.HOLE, 1500, 1200)))
                    .with(Action.ROLL);
            assertFound(Never.ROLL_BEFORE_TEXTURE, job(textured), graph -> inOrder(graph, ActivityKind.ROLL));
            Face.Around around = new Face.Around(List.of("b", "b"), "c");
            Job accent = job(
                    ceiling("c"),
                    wall("a", painted("green", MATT, 3), again("green")).with(around),
                    wall("b", Given.plainWall(), Action.ROLL).with(around),
                    wall("d", Given.plainWall(), Action.ROLL).with(around));
            assertFound(Never.CEILING_AFTER_ACCENT, accent, graph -> inOrder(graph, ActivityKind.ROLL));
            Practice pieces = practice(School.CUT_A_PIECE);
            assertFound(
                    Never.CUT_ROOM_AHEAD,
                    pieces,
                    job,
                    inOrder(plan(pieces, job), ActivityKind.CUT_IN, ActivityKind.SET_UP, ActivityKind.PACK_UP));
        }

        @Test
        void aBleedThatIsOld() {
            Job job = job(rolled());
            assertFound(Never.WIPE_OLD_BLEED, job, graph -> with(graph, 1, Move.of(ActivityKind.WIPE_BLEED)));
            assertFound(
                    Never.WIPE_RUN,
                    job(rolled(at(FaultKind.RUN, 1500, 1200))),
                    graph -> with(graph, 1, Move.of(ActivityKind.WASH), "a-0"));
        }

        @Test
        void aPlatePaintedRoundAgain() {
            Fitting socket = new Fitting(Fitting.Kind.SOCKET, Box.ofMillimetres(2200, 300, 150, 80));
            Job job = job(wall("a", wallWithDoor(socket), Action.ROLL, at(FaultKind.HALO, 2275, 340)));
            assertFound(Never.PAINT_ROUND_PLATE, job, graph -> without(graph, ActivityKind.PLATES_OFF));
        }

        @Test
        void dampThatIsNotSpokenOf() {
            Job job = Job.of(
                    List.of(room(RoomFinding.DAMP)), List.of(rolled(at(FaultKind.CRACK, 1500, 1200))), NEW_HOUSE);
            assertFound(
                    Never.PAINT_DAMP,
                    job,
                    graph -> without(
                            graph,
                            each -> !each.cautions().isEmpty() && !each.places().isEmpty()));
        }

        @Test
        void paintThatDoesNotReachOrFit() {
            GoesOn mixed = new GoesOn(
                    "mix",
                    MATT,
                    Optional.empty(),
                    PaintBasis.OTHER_PAINT,
                    GoesOn.Supply.MIXED,
                    Cover.UNKNOWN,
                    false,
                    Optional.empty());
            Job job = new Job(
                    List.of(room()),
                    List.of(wall("a", painted("oat", MATT, 3), mixed)),
                    NEW_HOUSE,
                    1,
                    Set.of(),
                    Optional.of(new Job.Mix("mix", 1, 2)));
            WorkGraph graph = plan(Practice.STARTING, job);
            WorkGraph silent = new WorkGraph(
                    graph.activities().stream()
                            .filter(each -> !each.says().contains(Advice.MIX_RUNS_OUT))
                            .toList(),
                    List.of(),
                    List.of());
            assertThat(broken(Practice.STARTING, job, silent)).contains(Never.START_WITHOUT_ENOUGH);
            assertThat(broken(Practice.STARTING, job, silent, Advice.MIX_RUNS_OUT))
                    .doesNotContain(Never.START_WITHOUT_ENOUGH);
            Face solvent = wall(
                    "b",
                    painted("oat", MATT, 3),
                    GoesOn.same("oat", Film.of(Binder.SOLVENTBORNE, 4, Given.LIGHT), PaintBasis.BOUGHT_AGAIN));
            Job two = job(rolled(), solvent);
            assertThat(broken(Practice.STARTING, two, plan(Practice.STARTING, two)))
                    .contains(Never.MIX_BINDERS);
        }

        @Test
        void spotsOfAPaintNobodyConfirmed() {
            Job job = job(wall(
                            "a",
                            painted("oat", MATT, 3),
                            GoesOn.same("oat", MATT, PaintBasis.NOT_CONFIRMED),
                            nail(1000, 1500))
                    .with(Action.DAB));
            WorkGraph graph =
                    without(plan(Practice.STARTING, job), each -> each.says().contains(Advice.CONFIRM_PAINT));
            assertThat(broken(Practice.STARTING, job, graph)).contains(Never.DAB_UNCONFIRMED);
            assertThat(broken(Practice.STARTING, job, graph, Advice.CONFIRM_PAINT))
                    .doesNotContain(Never.DAB_UNCONFIRMED);
        }

        @Test
        void aLapLineRolledAlone() {
            Job job = job(wall("a", Given.plainWall(), Action.FEATHER, at(FaultKind.LAP_MARK, 1500, 1200)));
            assertThat(broken(Practice.STARTING, job, plan(Practice.STARTING, job)))
                    .contains(Never.ROLL_LINE_ONLY);
        }
    }

    @Nested
    class OnGeneratedJobs {
        /** What a verdict would not let come about. */
        private static final Set<Never> LEFT_TO_THE_VERDICT = Set.of(Never.ROLL_LINE_ONLY, Never.PAINT_DAMP);

        private Job random(Random random) {
            List<Face> faces = new ArrayList<>(List.of(ceiling("c"), trim("t")));
            Action[] actions = {Action.DAB, Action.FEATHER, Action.ROLL, Action.ROLL, Action.SKIM_AND_ROLL};
            for (int n = 0; n < 4; n++) {
                List<Mark> marks = new ArrayList<>();
                for (int m = random.nextInt(6); m >= 0; m--) {
                    FaultKind kind = FaultKind.values()[random.nextInt(FaultKind.values().length)];
                    marks.add(at(kind, 4000 * random.nextDouble(), 2500 * random.nextDouble()));
                }
                String paint = List.of("oat", "oat", "slate").get(random.nextInt(3));
                String key = "w" + n;
                boolean isBare = random.nextInt(5) == 0;
                faces.add(Face.wall(
                                key,
                                "r",
                                wallWithDoor(new Fitting(Fitting.Kind.SOCKET, Box.ofMillimetres(2200, 300, 150, 80))),
                                isBare ? bare(Substrate.SKIM_PLASTER) : painted(paint, MATT, 3),
                                again(paint),
                                places(key, marks.toArray(Mark[]::new)))
                        .with(isBare ? Action.ROLL : actions[random.nextInt(actions.length)])
                        .with(new Face.Around(List.of("w" + (n + 3) % 4, "w" + (n + 1) % 4), "c")));
            }
            RoomFinding[] findings =
                    random.nextInt(6) == 0 ? new RoomFinding[] {RoomFinding.SMELL_OF_SMOKE} : new RoomFinding[0];
            return Job.of(List.of(room(findings)), faces, random.nextBoolean() ? NEW_HOUSE : OLD_HOUSE);
        }

        private void assertKept(int jobs, long seed) {
            Random random = new Random(seed);
            for (int n = 0; n < jobs; n++) {
                School school = School.values()[random.nextInt(School.values().length)];
                Job job = random(random);
                Set<Never> broken = broken(practice(school), job, plan(practice(school), job));
                broken.removeAll(LEFT_TO_THE_VERDICT);
                assertThat(broken)
                        .describedAs("job %d of seed %d by %s: %s", n, seed, school, told(job))
                        .isEmpty();
            }
        }

        private String told(Job job) {
            StringBuilder told = new StringBuilder();
            for (Face face : job.faces()) {
                told.append("\n").append(face.key()).append(" ").append(face.action());
                face.places()
                        .forEach(place ->
                                told.append(" ").append(place.mark().fault().kind()));
            }
            return told.toString();
        }

        @Test
        void nothingIsBroken() {
            assertKept(60, 41);
        }

        @Test
        @Tag("slow")
        void nothingIsBrokenInTwoThousand() {
            assertKept(2000, 43);
        }
    }
}
