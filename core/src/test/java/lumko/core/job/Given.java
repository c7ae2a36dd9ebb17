package lumko.core.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Site;
import lumko.core.activity.WorkGraph;
import lumko.core.colour.Lab;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Catalogue;
import lumko.core.geometry.Box;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Opening;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.paint.Batch;
import lumko.core.paint.Binder;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.record.Age;
import lumko.core.record.Coat;
import lumko.core.record.Film;
import lumko.core.record.Layer;
import lumko.core.record.PaintBasis;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;
import lumko.core.repair.Mark;

/** Jobs to begin with: a room, walls of it, what is on them, what is wrong with them. */
public final class Given {
    public static final Site NEW_HOUSE = new Site(2005, false);
    public static final Site OLD_HOUSE = new Site(1911, false);
    public static final Catalogue FIGURES = Catalogue.starting();
    public static final Lab LIGHT = new Lab(88, 0, 8);
    public static final Film MATT = Film.of(Binder.WATERBORNE, 4, LIGHT);

    private Given() {}

    public static Room room(RoomFinding... findings) {
        return new Room("r", RoomKind.BEDROOM, Set.of(findings), Room.Floor.HARD, Optional.empty());
    }

    /** 4 × 2.5 m without openings: 10 m², 13 m of edge. */
    public static Wall plainWall(Fitting... fittings) {
        return new Wall(Length.ofMetres(4), Length.ofMetres(2.5), Texture.SMOOTH, List.of(), List.of(fittings));
    }

    /** 4 × 2.5 m with a door of 0.9 × 2 m: 8.2 m² to paint. */
    public static Wall wallWithDoor(Fitting... fittings) {
        return new Wall(
                Length.ofMetres(4),
                Length.ofMetres(2.5),
                Texture.SMOOTH,
                List.of(new Opening(Opening.Kind.DOOR, Box.ofMillimetres(500, 0, 900, 2000))),
                List.of(fittings));
    }

    public static Stack painted(String paint, Film film, double years) {
        return new Stack(
                Substrate.GYPSUM_BOARD, List.of(Coat.finish(paint, film, Set.of(), Batch.UNKNOWN, Age.ofYears(years))));
    }

    public static Stack bare(Substrate substrate) {
        return new Stack(substrate, List.of(Coat.of(Layer.SUBSTRATE, Age.UNKNOWN)));
    }

    public static GoesOn again(String paint) {
        return GoesOn.same(paint, MATT, PaintBasis.SAME_BATCH);
    }

    /** A sound matt wall three years old, to be painted with its own paint. */
    public static Face wall(String key, Wall wall, Action action, Mark... marks) {
        return Face.wall(key, "r", wall, painted("oat", MATT, 3), again("oat"), places(key, marks))
                .with(action);
    }

    public static Face wall(String key, Stack stack, GoesOn goesOn, Mark... marks) {
        return Face.wall(key, "r", plainWall(), stack, goesOn, places(key, marks))
                .with(Action.ROLL);
    }

    /** 4 × 3 m. */
    public static Face ceiling(String key) {
        Wall face = new Wall(Length.ofMetres(4), Length.ofMetres(3), Texture.SMOOTH, List.of(), List.of());
        return Face.of(Side.CEILING, key, "r", face, painted("white", MATT, 3), again("white"), List.of())
                .with(Action.ROLL);
    }

    /** 12 m of skirting, a door and a window, in waterborne satin. */
    public static Face trim(String key) {
        Film satin = Film.of(Binder.WATERBORNE, 30, LIGHT);
        Wall strip = new Wall(Length.ofMetres(12), Length.ofMillimetres(150), Texture.SMOOTH, List.of(), List.of());
        Face bare = Face.of(
                Side.TRIM,
                key,
                "r",
                strip,
                new Stack(Substrate.TIMBER, painted("frame", satin, 3).coats()),
                GoesOn.same("frame", satin, PaintBasis.BOUGHT_AGAIN),
                List.of());
        return new Face(
                        bare.key(),
                        bare.room(),
                        bare.side(),
                        bare.wall(),
                        Face.TrimParts.ofRoom(1, 1),
                        bare.stack(),
                        bare.places(),
                        bare.action(),
                        bare.goesOn(),
                        bare.panels(),
                        bare.ways(),
                        bare.around(),
                        bare.fate(),
                        bare.coatsOn())
                .with(Action.ROLL);
    }

    public static List<Place> places(String key, Mark... marks) {
        List<Place> places = new ArrayList<>();
        for (Mark mark : marks) {
            places.add(new Place(key + "-" + places.size(), mark));
        }
        return places;
    }

    public static Mark nail(double left, double up) {
        return at(FaultKind.NAIL_HOLE, left, up);
    }

    public static Mark at(FaultKind kind, double left, double up) {
        return new Mark(Spot.ofMillimetres(left, up), kind.usualFault());
    }

    public static Practice practice(School... schools) {
        Practice practice = Practice.STARTING;
        for (School school : schools) {
            practice = practice.with(school);
        }
        return practice;
    }

    public static Job job(Site site, Face... faces) {
        return Job.of(List.of(room()), List.of(faces), site);
    }

    public static WorkGraph plan(Practice practice, Job job) {
        return new JobPlanner(FIGURES, practice).plan(job).by(Work.View.FLAT);
    }

    public static WorkGraph plan(Face... faces) {
        return plan(Practice.STARTING, job(NEW_HOUSE, faces));
    }

    public static List<ActivityKind> kinds(WorkGraph work) {
        return work.activities().stream().map(Activity::kind).toList();
    }

    public static Activity one(WorkGraph work, ActivityKind kind) {
        return work.activities().stream()
                .filter(activity -> activity.kind() == kind)
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + kind + " in " + kinds(work)));
    }

    public static double minutes(WorkGraph work, ActivityKind... kinds) {
        return work.activities().stream()
                .filter(activity -> Arrays.asList(kinds).contains(activity.kind()))
                .mapToDouble(activity -> Times.inMinutes(activity.hand()))
                .sum();
    }
}
