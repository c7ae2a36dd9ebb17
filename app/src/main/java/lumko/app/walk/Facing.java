package lumko.app.walk;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Paint;
import lumko.app.house.Coat;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.house.SurfaceKind;
import lumko.app.store.Tin;
import lumko.core.colour.Spectrum;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Catalogue;
import lumko.core.film.Hiding;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.job.Action;
import lumko.core.job.Cover;
import lumko.core.job.Face;
import lumko.core.job.GoesOn;
import lumko.core.job.Place;
import lumko.core.job.Side;
import lumko.core.paint.Batch;
import lumko.core.paint.DataSheet;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;
import lumko.core.record.Stack;

/** Shows the core a surface of the record as a job finds it. How paints hide is worked out once a look. */
final class Facing {
    private final LocalDate today;
    private final Catalogue figures;
    private final Map<Paint, Hiding> hiding = new HashMap<>();

    Facing(LocalDate today, Catalogue figures) {
        this.today = today;
        this.figures = figures;
    }

    static lumko.core.job.Room room(Room room, Set<RoomFinding> findings) {
        return new lumko.core.job.Room(
                room.id().toString(),
                room.kind(),
                findings,
                room.floor(),
                Optional.of(room.outline().floorArea()));
    }

    /** A wall or a ceiling, with nothing decided. */
    Face face(Room room, Surface surface, Visit visit, List<PlacedMark> marks, List<AskedPlace> places) {
        List<Surface> walls = room.walls().toList();
        int side = walls.stream().map(Surface::id).toList().indexOf(surface.id());
        Face.Around around = side < 0
                ? Face.Around.NOTHING
                : new Face.Around(
                        List.of(
                                key(walls.get((side + walls.size() - 1) % walls.size())),
                                key(walls.get((side + 1) % walls.size()))),
                        key(room.only(SurfaceKind.CEILING)));
        return new Face(
                key(surface),
                room.id().toString(),
                surface.isCeiling() ? Side.CEILING : Side.WALL,
                surface.asWall(),
                Face.TrimParts.NONE,
                surface.stack(today),
                places(marks),
                Action.LEAVE,
                goesOn(surface, visit),
                places.stream()
                        .filter(place -> place.answer()
                                .filter(said -> said == PlaceAnswer.PAINT)
                                .isPresent())
                        .map(AskedPlace::place)
                        .toList(),
                surface.fitted().stream()
                        .flatMap(fitted ->
                                fitted.way().map(way -> new Face.FittingChoice(fitted.fitting(), way)).stream())
                        .toList(),
                around,
                Face.Fate.TO_DO,
                Face.CoatsOn.NONE);
    }

    /** The trim of a room as one strip, with its doors and windows; or a fixture by itself. */
    Face trim(Room room, Surface surface, Visit visit) {
        if (surface.fixture().isPresent()) {
            return Face.of(
                    surface.fixture().get(),
                    key(surface),
                    room.id().toString(),
                    surface.stack(today),
                    goesOn(surface, visit));
        }
        Wall strip = Face.strip(room.skirting(), Texture.SMOOTH, figures);
        return new Face(
                key(surface),
                room.id().toString(),
                Side.TRIM,
                strip,
                Face.TrimParts.ofRoom(room.doorSides(), room.windows()),
                surface.stack(today),
                List.of(),
                Action.LEAVE,
                goesOn(surface, visit),
                List.of(),
                List.of(),
                Face.Around.NOTHING,
                Face.Fate.TO_DO,
                Face.CoatsOn.NONE);
    }

    private static String key(Surface surface) {
        return surface.id().toString();
    }

    private static List<Place> places(List<PlacedMark> marks) {
        return marks.stream()
                .map(mark -> new Place(mark.id().toString(), mark.mark()))
                .toList();
    }

    private GoesOn goesOn(Surface surface, Visit visit) {
        Optional<Paint> next = visit.paint(surface);
        Stack stack = surface.stack(today);
        boolean isTrim = surface.isBrushed();
        Film film = next.map(Facing::film)
                .orElse(new Film(Optional.of(stack.usualBinder(isTrim)), OptionalDouble.empty(), Optional.empty()));
        return new GoesOn(
                next.map(Paint::key).orElse(""),
                film,
                next.flatMap(paint -> paint.product().sheet()),
                PaintBasis.of(stack, visit.said(), goesOn(visit, visit.tinFor(surface))),
                visit.tinFor(surface).isPresent() ? GoesOn.Supply.IN_STORE : GoesOn.Supply.TO_BUY,
                isTrim ? Cover.SAME : cover(next, surface.topCoat()),
                !isTrim && visit.isOther(surface),
                visit.coats());
    }

    private static Film film(Paint paint) {
        return Film.of(
                paint.product().binder(),
                paint.product().gloss60(),
                paint.colour().lab());
    }

    private static Optional<PaintBasis.GoesOn> goesOn(Visit visit, Optional<Tin> tin) {
        return tin.map(from -> new PaintBasis.GoesOn(
                        Optional.of(from.id().toString()), from.paint().key(), Batch.of(from.batch()), false))
                .or(() -> visit.next()
                        .map(bought -> new PaintBasis.GoesOn(
                                Optional.empty(), bought.paint().key(), Batch.UNKNOWN, false)));
    }

    private Cover cover(Optional<Paint> next, Optional<Coat> there) {
        if (next.isEmpty() || next.equals(there.flatMap(Coat::paint))) {
            return Cover.SAME;
        }
        Optional<Spectrum> before = there.flatMap(Coat::colour).map(Colour::spectrum);
        if (before.isEmpty()) {
            return Cover.UNKNOWN;
        }
        Paint paint = next.get();
        Optional<DataSheet> known = paint.product().sheet();
        DataSheet sheet = known.orElse(DataSheet.USUAL);
        Hiding hides = hiding.computeIfAbsent(
                paint, each -> Hiding.of(each.colour().spectrum(), sheet.contrastRatio(), sheet.dryMicrometres()));
        Cover cover = Cover.of(hides, paint.colour().spectrum(), before.get(), sheet);
        return known.isPresent() ? cover : cover.assumed();
    }
}
