package lumko.core.job;

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
import static lumko.core.job.Given.plainWall;
import static lumko.core.job.Given.practice;
import static lumko.core.job.Given.room;
import static lumko.core.job.Given.trim;
import static lumko.core.job.Given.wall;
import static lumko.core.job.Given.wallWithDoor;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.WorkGraph;
import lumko.core.activity.Written;
import lumko.core.colour.Lab;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.Box;
import lumko.core.geometry.EveryTime;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.paint.Batch;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.record.Age;
import lumko.core.record.Coat;
import lumko.core.record.Film;
import lumko.core.record.Layer;
import lumko.core.record.PaintBasis;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;
import lumko.core.repair.Mark;
import org.junit.jupiter.api.Test;

/** Whole jobs, activity by activity, as they were read and found right. */
class PlansTest {
    private static final Film ENAMEL = Film.of(Binder.SOLVENTBORNE, 75, Given.LIGHT);
    private static final Film SATIN = Film.of(Binder.WATERBORNE, 30, Given.LIGHT);
    private static final Film DARK = Film.of(Binder.WATERBORNE, 4, new Lab(30, -15, 5));
    private static final DataSheet SHEET = new DataSheet(9, 40, 0.94, Optional.of(Duration.ofHours(3)));

    private final List<String> lines = new ArrayList<>();

    private void write(String title, WorkGraph graph) {
        lines.add("## " + title);
        graph.activities().forEach(activity -> lines.add("  " + Written.activity(activity)));
    }

    private static Face other(String key, Stack on, Film film, Cover cover, Mark... marks) {
        return wall(
                key,
                on,
                new GoesOn(
                        "new",
                        film,
                        Optional.of(SHEET),
                        PaintBasis.OTHER_PAINT,
                        GoesOn.Supply.TO_BUY,
                        cover,
                        false,
                        Optional.empty()),
                marks);
    }

    private static Fitting fitting(Fitting.Kind kind, double left, double bottom, double width, double height) {
        return new Fitting(kind, Box.ofMillimetres(left, bottom, width, height));
    }

    private static Wall fitted() {
        return wallWithDoor(
                fitting(Fitting.Kind.SWITCH, 1500, 1050, 80, 80),
                fitting(Fitting.Kind.SOCKET, 2200, 300, 150, 80),
                fitting(Fitting.Kind.RADIATOR, 2600, 100, 1000, 600),
                fitting(Fitting.Kind.RAIL, 1800, 1900, 600, 60));
    }

    /** A ceiling, three walls of which one is dark with another paint to come, and the trim. */
    private static Job whole() {
        Face a = Face.wall(
                        "a",
                        "r",
                        fitted(),
                        painted("oat", MATT, 3),
                        again("oat"),
                        places("a", nail(3500, 1500), at(FaultKind.JOINT_CRACK, 1600, 20)))
                .with(Action.ROLL)
                .with(new Face.Around(List.of("d", "b"), "c"));
        Face b = wall("b", plainWall(), Action.ROLL, at(FaultKind.ANCHOR, 1000, 2200))
                .with(new Face.Around(List.of("a", "e"), "c"));
        Face e = other("e", painted("green", DARK, 3), MATT, new Cover(2.5, 1.93, 0.9, 0, true))
                .with(new Face.Around(List.of("b", "d"), "c"));
        return Job.of(List.of(room()), List.of(ceiling("c"), a, b, e, trim("t")), NEW_HOUSE);
    }

    private static Map<String, Job> jobs() {
        Map<String, Job> jobs = new LinkedHashMap<>();
        jobs.put("one nail dabbed", job(wall("a", plainWall(), Action.DAB, nail(1500, 1500))));
        jobs.put(
                "a toggle and a gouge feathered high up",
                job(wall(
                        "a",
                        plainWall(),
                        Action.FEATHER,
                        at(FaultKind.TOGGLE, 1000, 2300),
                        at(FaultKind.GOUGE, 2500, 1200))));
        jobs.put("a scuff washed", job(wall("a", plainWall(), Action.WASH, at(FaultKind.SCUFF, 1000, 1000))));
        jobs.put("a whole room", whole());
        jobs.put(
                "a panel where it always wears",
                job(Face.wall("a", "r", fitted(), painted("oat", MATT, 3), again("oat"), List.of())
                        .withPanels(List.of(
                                new EveryTime(EveryTime.Kind.OUTSIDE_CORNER, 0, Box.ofMillimetres(3800, 0, 200, 2500)),
                                new EveryTime(EveryTime.Kind.SPLASH_ZONE, 0, Box.ofMillimetres(500, 900, 2000, 500))))
                        .with(Action.LEAVE)));
        jobs.put("skimmed", job(wall("a", plainWall(), Action.SKIM_AND_ROLL, at(FaultKind.FLAKING, 1500, 1200))));
        jobs.put("bare board", job(other("a", bare(Substrate.GYPSUM_BOARD), MATT, Cover.UNKNOWN)));
        jobs.put("bare plaster", job(other("a", bare(Substrate.SKIM_PLASTER), MATT, Cover.UNKNOWN)));
        jobs.put(
                "dark under light",
                job(other("a", painted("green", DARK, 3), MATT, new Cover(2.5, 1.93, 0.9, 0, true))));
        jobs.put("enamel under water", job(other("a", painted("gloss", ENAMEL, 8), MATT, Cover.UNKNOWN)));
        jobs.put("satin under matt", job(other("a", painted("satin", SATIN, 2), MATT, Cover.UNKNOWN)));
        jobs.put(
                "three days old under solvent",
                job(other("a", painted("oat", MATT, 3 / 365.25), ENAMEL, Cover.UNKNOWN)));
        jobs.put("of unknown age", job(other("a", unknown(), MATT, Cover.UNKNOWN)));
        jobs.put(
                "smoked in",
                new Job(
                        List.of(room(RoomFinding.SMELL_OF_SMOKE)),
                        List.of(ceiling("c"), wall("a", plainWall(), Action.ROLL, at(FaultKind.STAIN, 1000, 2000))),
                        NEW_HOUSE,
                        2,
                        Set.of(),
                        Optional.empty()));
        jobs.put(
                "old plaster, paper off, mould, furnished on carpet",
                Job.of(
                        List.of(new Room(
                                "r",
                                RoomKind.LIVING,
                                Set.of(RoomFinding.DAMP, RoomFinding.FURNISHED),
                                Room.Floor.CARPET,
                                Optional.of(Area.ofSquareMetres(14)))),
                        List.of(
                                old("a", at(FaultKind.WALLPAPER_REMAINS, 1500, 1200)),
                                old("b", at(FaultKind.MOULD, 1000, 500), at(FaultKind.CRACK, 1000, 1500))),
                        OLD_HOUSE));
        jobs.put("trim alone", job(trim("t")));
        jobs.put(
                "mixed by hand, tools bagged",
                new Job(
                        List.of(room()),
                        List.of(Face.wall(
                                        "a",
                                        "r",
                                        plainWall(),
                                        painted("oat", MATT, 3),
                                        new GoesOn(
                                                "mix",
                                                MATT,
                                                Optional.empty(),
                                                PaintBasis.OTHER_PAINT,
                                                GoesOn.Supply.MIXED,
                                                Cover.UNKNOWN,
                                                false,
                                                Optional.empty()),
                                        List.of())
                                .with(Action.ROLL)),
                        NEW_HOUSE,
                        1,
                        Set.of(ActivityKind.SET_UP),
                        Optional.of(new Job.Mix("mix", 3, 2))));
        return jobs;
    }

    private static Stack unknown() {
        return new Stack(
                Substrate.GYPSUM_BOARD, List.of(Coat.finish("oat", MATT, Set.of(), Batch.UNKNOWN, Age.UNKNOWN)));
    }

    private static Face old(String key, Mark... marks) {
        Stack stack = new Stack(
                Substrate.LIME_PLASTER,
                List.of(
                        Coat.of(Layer.SUBSTRATE, Age.UNKNOWN),
                        Coat.finish("oat", MATT, Set.of(), Batch.UNKNOWN, Age.ofYears(20))));
        Wall wall = new Wall(Length.ofMetres(4), Length.ofMetres(2.5), Texture.HEAVY, List.of(), List.of());
        return Face.wall(key, "r", wall, stack, again("oat"), places(key, marks))
                .with(Action.ROLL);
    }

    private static Job job(Face... faces) {
        return Given.job(NEW_HOUSE, faces);
    }

    private static WorkGraph plan(Practice practice, Job job, Work.View view) {
        return new JobPlanner(FIGURES, practice).plan(job).by(view);
    }

    @Test
    void areAsTheyWereFoundRight() {
        jobs().forEach((title, job) -> write(title, plan(Practice.STARTING, job, Work.View.SURFACE)));
        Written.assertAsRead(PlansTest.class, "plans.txt", lines);
    }

    /** What each other school changes on the whole room: gone with a minus, come with a plus, moved with a greater-than sign. */
    @Test
    void followThePracticeOfTheHouse() {
        List<String> usual = written(Practice.STARTING);
        for (School school : School.values()) {
            List<String> other = written(practice(school));
            if (!other.equals(usual)) {
                lines.add("## " + school);
                usual.stream().filter(line -> !other.contains(line)).forEach(line -> lines.add("- " + line));
                other.stream().filter(line -> !usual.contains(line)).forEach(line -> lines.add("+ " + line));
                moved(usual, other);
            }
        }
        Written.assertAsRead(PlansTest.class, "schools.txt", lines);
    }

    private static List<String> written(Practice practice) {
        return plan(practice, whole(), Work.View.ROOM).activities().stream()
                .map(Written::activity)
                .toList();
    }

    private void moved(List<String> usual, List<String> other) {
        List<String> stayed = usual.stream().filter(other::contains).toList();
        List<String> now = other.stream().filter(usual::contains).toList();
        for (int n = 0; n < now.size(); n++) {
            if (!now.get(n).equals(stayed.get(n))) {
                lines.add("> " + now.get(n).replaceAll(",.*", ""));
            }
        }
    }

    @Test
    void hangTogetherAsTheyWereFoundRight() {
        Map<String, Function<Job, WorkGraph>> graphs = new LinkedHashMap<>();
        graphs.put("usual", job -> plan(Practice.STARTING, job, Work.View.FLAT));
        graphs.put(
                "taped, trim first, piece by piece",
                job -> plan(
                        practice(School.TAPE_EVERYTHING, School.TRIM_FIRST, School.CUT_A_PIECE), job, Work.View.FLAT));
        graphs.forEach((title, graph) -> {
            lines.add("## a whole room, " + title);
            graph.apply(whole()).precedences().forEach(each -> lines.add("  " + Written.precedence(each)));
        });
        lines.add("## three days old under solvent");
        plan(Practice.STARTING, jobs().get("three days old under solvent"), Work.View.SURFACE)
                .precedences()
                .forEach(each -> lines.add("  " + Written.precedence(each)));
        Written.assertAsRead(PlansTest.class, "precedences.txt", lines);
    }
}
