package lumko.core.judge;

import static lumko.core.job.Given.*;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import lumko.core.colour.Lab;
import lumko.core.drying.Climate;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.Ends;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Spot;
import lumko.core.geometry.StairLine;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Face;
import lumko.core.job.GoesOn;
import lumko.core.job.Room;
import lumko.core.job.Side;
import lumko.core.paint.Binder;
import lumko.core.quantity.Length;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;
import lumko.core.record.Stack;
import lumko.core.repair.Mark;

/** Surfaces to be judged, to begin with. */
final class Cases {
    static final Film MATT = film(LIGHT, 4);

    private Cases() {}

    static Film film(Lab colour, double gloss) {
        return Film.of(Binder.WATERBORNE, gloss, colour);
    }

    /** A wall of 12.5 m² in a bedroom of a new house, light from the front, nobody coming to look. */
    static SurfaceCase wall(Film film, double years, PaintBasis basis, List<Mark> marks) {
        return wall(painted("oat", film, years), GoesOn.same("oat", film, basis), marks);
    }

    static SurfaceCase wall(Stack stack, GoesOn goesOn, List<Mark> marks) {
        Wall face = new Wall(Length.ofMetres(5), Length.ofMetres(2.5), Texture.SMOOTH, List.of(), List.of());
        return on(Face.wall("w", "r", face, stack, goesOn, places("w", marks.toArray(Mark[]::new))));
    }

    static SurfaceCase wall(PaintBasis basis, List<Mark> marks) {
        return wall(MATT, 1, basis, marks);
    }

    /** The same wall in a stairwell, 5 m high, with a landing at its foot or without. */
    static SurfaceCase inStairwell(Length landing, List<Mark> marks) {
        Ends ends = landing.isLongerThan(Length.ZERO)
                ? Ends.over(new StairLine(Length.ZERO, landing, Length.ZERO, Length.ofMillimetres(50)))
                : Ends.AS_THE_ROOM;
        Wall face = new Wall(Length.ofMetres(5), Length.ofMetres(5), Texture.SMOOTH, List.of(), List.of(), ends);
        return on(Face.wall(
                "w",
                "r",
                face,
                painted("oat", MATT, 1),
                GoesOn.same("oat", MATT, PaintBasis.BOUGHT_AGAIN),
                places("w", marks.toArray(Mark[]::new))));
    }

    static SurfaceCase ceiling(List<Mark> marks) {
        Wall face = new Wall(Length.ofMetres(5), Length.ofMetres(2.5), Texture.SMOOTH, List.of(), List.of());
        return on(Face.of(
                Side.CEILING,
                "c",
                "r",
                face,
                painted("oat", MATT, 1),
                GoesOn.same("oat", MATT, PaintBasis.SAME_BATCH),
                places("c", marks.toArray(Mark[]::new))));
    }

    private static SurfaceCase on(Face face) {
        return new SurfaceCase(face, room(), NEW_HOUSE, WindowLight.FACING, Climate.REFERENCE, OptionalInt.empty());
    }

    static SurfaceCase in(SurfaceCase base, RoomKind kind, RoomFinding... findings) {
        Room room = new Room("r", kind, Set.of(findings), Room.Floor.HARD, Optional.empty());
        return new SurfaceCase(base.face(), room, base.site(), base.light(), base.climate(), base.daysToViewing());
    }

    static SurfaceCase lit(SurfaceCase base, WindowLight light) {
        return new SurfaceCase(base.face(), base.room(), base.site(), light, base.climate(), base.daysToViewing());
    }

    static SurfaceCase viewedIn(SurfaceCase base, int days) {
        return new SurfaceCase(
                base.face(), base.room(), base.site(), base.light(), base.climate(), OptionalInt.of(days));
    }

    static List<Mark> marks(FaultKind kind, int count, double up) {
        List<Mark> marks = new ArrayList<>();
        for (int n = 0; n < count; n++) {
            marks.add(new Mark(Spot.ofMillimetres(100 + n * 4800.0 / Math.max(1, count), up), kind.usualFault()));
        }
        return marks;
    }

    static List<Mark> nails(int count, double up) {
        return marks(FaultKind.NAIL_HOLE, count, up);
    }

    static List<Mark> of(FaultKind kind, Measures measures) {
        return List.of(new Mark(Spot.ofMillimetres(2000, 800), kind.of(measures)));
    }

    /** Of few kinds of sheen, as paints are: spots that look the same are simulated once. */
    static SurfaceCase random(Random random) {
        List<Mark> marks = new ArrayList<>();
        int count = 1 + random.nextInt(14);
        for (int n = 0; n < count; n++) {
            FaultKind kind = FaultKind.values()[random.nextInt(FaultKind.values().length)];
            marks.add(at(kind, 5000 * random.nextDouble(), 2500 * random.nextDouble()));
        }
        Lab colour = new Lab(20 + 75 * random.nextDouble(), 20 * random.nextGaussian(), 20 * random.nextGaussian());
        PaintBasis basis = PaintBasis.values()[random.nextInt(PaintBasis.values().length)];
        double gloss = List.of(3, 12, 45).get(random.nextInt(3));
        return wall(film(colour, gloss), 8 * random.nextDouble(), basis, marks);
    }
}
