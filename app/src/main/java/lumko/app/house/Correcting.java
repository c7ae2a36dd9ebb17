package lumko.app.house;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.RefusedException;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.core.geometry.Box;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Wall;
import lumko.core.job.FittingWay;
import lumko.core.quantity.Length;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts right what was entered wrong. What was is told in the history. */
@Service
@Transactional
public class Correcting {
    private final HouseRepository houseRows;
    private final FlatRepository flats;
    private final RoomRepository rooms;
    private final SurfaceRepository surfaces;
    private final WallFeatureRepository features;
    private final CoatRepository coats;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    Correcting(
            HouseRepository houseRows,
            FlatRepository flats,
            RoomRepository rooms,
            SurfaceRepository surfaces,
            WallFeatureRepository features,
            CoatRepository coats,
            Houses houses,
            History history,
            Access access,
            Speaker speaker) {
        this.houseRows = houseRows;
        this.flats = flats;
        this.rooms = rooms;
        this.surfaces = surfaces;
        this.features = features;
        this.coats = coats;
        this.houses = houses;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    /** Name, year, roof and whether there is textured coating; the year and the coating decide which cautions stand at steps. */
    public void change(House to) {
        access.requireLead();
        HouseRow row = houseRows.findById(to.id()).orElseThrow(NotFoundException::new);
        House from = row.house();
        if (from.equals(to)) {
            return;
        }
        row.name = to.name();
        row.builtYear = to.builtYear();
        row.roof = to.roof();
        row.texturedCoating = to.texturedCoating();
        history.note(Subject.organisation(), EventKind.CORRECTED, told(said(from), said(to)));
    }

    private String said(House house) {
        Words words = speaker.words();
        return String.join(
                ", ",
                house.name(),
                String.valueOf(house.builtYear()),
                words.name(house.roof()),
                words.say(house.texturedCoating() ? "correct.textured" : "correct.notTextured"));
    }

    private static String told(String from, String to) {
        return from + " → " + to;
    }

    /**
     * The number of a flat and where its window stands.
     *
     * @throws NotNowException if another flat of the house has the number or the window
     */
    public void changeFlat(UUID flatId, String number, int floor, int bay) {
        access.requireLead();
        FlatRow row = flats.findById(flatId).orElseThrow(NotFoundException::new);
        House house = houses.house(row.houseId);
        boolean isTaken = flats.findByHouseIdAndClosedOnIsNull(row.houseId).stream()
                .filter(other -> !other.id().equals(flatId))
                .anyMatch(other -> other.number.equalsIgnoreCase(number) || (other.floor == floor && other.bay == bay));
        if (isTaken) {
            throw new NotNowException("denied.flatTaken", number, house.name());
        }
        String before =
                speaker.words().say("correct.flat", row.number, speaker.words().floor(row.floor), row.bay + 1);
        String after =
                speaker.words().say("correct.flat", number, speaker.words().floor(floor), bay + 1);
        if (!before.equals(after)) {
            row.number = number;
            row.floor = floor;
            row.bay = bay;
            history.note(Subject.flat(flatId), EventKind.CORRECTED, told(before, after));
        }
    }

    /** Where a flat's window stands: its floor and bay, counted from 0. */
    public record Place(int floor, int bay) {}

    @Transactional(readOnly = true)
    public Place placeOf(UUID flatId) {
        return flats.findById(flatId).map(row -> new Place(row.floor, row.bay)).orElseThrow(NotFoundException::new);
    }

    /**
     * Name, kind and height of a room. The walk judges by them at once; a sheet that is made stays as it was made.
     *
     * @throws IllegalArgumentException if an opening or a fitting would reach beyond the ceiling
     * @throws NotNowException if a mark that is open stands higher than that
     */
    public void changeRoom(UUID roomId, String name, RoomKind kind, Length height) {
        RoomRow row = rooms.findById(roomId).orElseThrow(NotFoundException::new);
        Flat flat = houses.flat(row.flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        Wall.ROOM_HEIGHT.check(height.inMillimetres());
        Room room = flat.room(roomId);
        // the core refuses what does not lie within a wall
        room.walls()
                .map(Surface::asWall)
                .forEach(wall ->
                        new Wall(wall.width(), height, wall.texture(), wall.openings(), wall.fittings(), wall.ends()));
        if (rooms.hasMarkAbove(roomId, height.inMillimetres())) {
            throw new NotNowException("denied.markAbove", row.name);
        }
        String before = said(row.name, row.kind, Length.ofMillimetres(row.heightMillimetres));
        String after = said(name, kind, height);
        if (!before.equals(after)) {
            row.name = name;
            row.kind = kind;
            row.heightMillimetres = height.inMillimetres();
            history.note(Subject.flat(flat.id()), EventKind.CORRECTED, told(before, after));
        }
    }

    /**
     * How long the walls of a room are. The walk and what is open follow at once; a sheet that is made stays as it was made.
     *
     * @throws IllegalArgumentException if an opening or a fitting would reach beyond its wall
     * @throws NotNowException if it has another number of walls, or an open mark would lie beyond its wall
     */
    public void changeWalls(UUID roomId, Outline outline) {
        RoomRow row = rooms.findById(roomId).orElseThrow(NotFoundException::new);
        Flat flat = houses.flat(row.flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        Room room = flat.room(roomId);
        List<Surface> walls = room.walls().toList();
        if (walls.size() != outline.sides()) {
            throw new NotNowException("denied.otherWalls", row.name, walls.size(), outline.sides());
        }
        List<Wall> then = new ArrayList<>();
        for (int side = 0; side < walls.size(); side++) {
            Wall wall = walls.get(side).asWall();
            Length width = outline.lengthOf(side);
            // the core refuses what does not lie within a wall
            then.add(new Wall(width, wall.height(), wall.texture(), wall.openings(), wall.fittings(), wall.ends()));
            requireNoMarkBeyond(walls.get(side), then.get(side), row.name);
        }
        Surface ceiling = room.only(SurfaceKind.CEILING);
        Wall above =
                outline.ceiling(ceiling.asWall().texture(), ceiling.asWall().fittings(), then);
        if (!above.fittings().stream().allMatch(fitting -> fitting.fits(above))) {
            throw new RefusedException("refused.lampOutside");
        }
        requireNoMarkBeyond(ceiling, above, row.name);
        String before = said(room.outline());
        for (SurfaceRow wall : surfaces.findByRoomIdIn(List.of(roomId))) {
            if (wall.kind == SurfaceKind.WALL) {
                Outline.Corner start = outline.corners().get(wall.position);
                wall.startEastMillimetres = start.east().inMillimetres();
                wall.startNorthMillimetres = start.north().inMillimetres();
            }
        }
        if (!before.equals(said(outline))) {
            history.note(Subject.flat(flat.id()), EventKind.CORRECTED, row.name + ": " + told(before, said(outline)));
        }
    }

    private void requireNoMarkBeyond(Surface surface, Wall then, String room) {
        if (rooms.hasMarkBeyond(surface.id(), then)) {
            throw new NotNowException("denied.markBeyond", room);
        }
    }

    private String said(Outline outline) {
        Words words = speaker.words();
        return IntStream.range(0, outline.sides())
                .mapToObj(side -> words.tape(outline.lengthOf(side)))
                .collect(Collectors.joining(" · "));
    }

    private String said(String name, RoomKind kind, Length height) {
        Words words = speaker.words();
        return name + ", " + words.name(kind) + ", " + words.place(height);
    }

    /** An opening or a fitting as it stands on record. */
    public record Entered(UUID id, WallFeature kind, Box box, Optional<FittingWay.Way> way) {
        private static Entered of(WallFeatureRow row) {
            return new Entered(row.id(), row.kind, row.box(), row.way());
        }
    }

    @Transactional(readOnly = true)
    public List<Entered> featuresOf(UUID surfaceId) {
        return features.findBySurfaceIdOrderByLeftMillimetresAscIdAsc(surfaceId).stream()
                .map(Entered::of)
                .toList();
    }

    /**
     * Takes an opening or a fitting off the record.
     *
     * @return the surface it was on and what it was, so that it can be entered again
     */
    public Removed removeFeature(UUID featureId) {
        WallFeatureRow row = features.findById(featureId).orElseThrow(NotFoundException::new);
        Flat flat = requireRecords(row.surfaceId);
        features.delete(row);
        history.note(
                Subject.surface(flat.id(), row.surfaceId),
                EventKind.TAKEN_OFF,
                speaker.words().name(row.kind));
        return new Removed(row.surfaceId, Entered.of(row));
    }

    /** What was taken off the record of a surface. */
    public record Removed(UUID surfaceId, Entered what) {}

    /**
     * Moves or resizes an opening or a fitting.
     *
     * @throws IllegalArgumentException if it does not lie within the wall, or overlaps another opening
     */
    public UUID changeFeature(UUID featureId, Box box) {
        WallFeatureRow row = features.findById(featureId).orElseThrow(NotFoundException::new);
        Flat flat = requireRecords(row.surfaceId);
        Surface surface = flat.surface(row.surfaceId).orElseThrow(NotFoundException::new);
        Wall wall = surface.asWall();
        List<WallFeatureRow> others = features.findBySurfaceIdOrderByLeftMillimetresAscIdAsc(row.surfaceId).stream()
                .filter(each -> !each.id().equals(featureId))
                .toList();
        Recording.check(
                surface.isCeiling(),
                surface.isCeiling()
                        ? new Wall(wall.width(), wall.height(), wall.texture(), wall.openings(), Rooms.fittings(others))
                        : Rooms.wall(wall.width(), wall.height(), wall.texture(), others, wall.ends()),
                List.of(new NewRoom.Feature(row.kind, box)));
        String before = said(row.kind, row.box());
        row.put(box);
        history.note(Subject.surface(flat.id(), row.surfaceId), EventKind.CORRECTED, told(before, said(row.kind, box)));
        return row.surfaceId;
    }

    private String said(WallFeature kind, Box box) {
        Words words = speaker.words();
        return words.name(kind)
                + Stream.of(box.left(), box.bottom(), box.width(), box.height())
                        .map(words::place)
                        .reduce("", (all, each) -> all + " " + each);
    }

    /**
     * Takes a layer off the record that was entered by hand; those above it stay.
     *
     * @throws NotNowException if a sheet put it on: that is taken back by opening the sheet again
     */
    public Coat removeCoat(UUID surfaceId, int position) {
        Flat flat = requireRecords(surfaceId);
        CoatRow row = required(surfaceId, position);
        Coat coat = flat.surface(surfaceId).stream()
                .flatMap(surface -> surface.coats().stream())
                .filter(each -> each.position() == position)
                .findFirst()
                .orElseThrow(NotFoundException::new);
        coats.delete(row);
        history.note(Subject.surface(flat.id(), surfaceId), EventKind.TAKEN_OFF, said(coat));
        return coat;
    }

    private CoatRow required(UUID surfaceId, int position) {
        CoatRow row = coats.findBySurfaceIdAndPosition(surfaceId, position).orElseThrow(NotFoundException::new);
        if (row.sheetId != null) {
            throw new NotNowException("denied.coatOfSheet");
        }
        return row;
    }

    private String said(Coat coat) {
        Words words = speaker.words();
        return Stream.of(
                        Optional.of(words.name(coat.layer())),
                        coat.paint().map(paint -> paint.name()),
                        coat.appliedOn().map(words::date))
                .flatMap(Optional::stream)
                .reduce((one, other) -> one + ", " + other)
                .orElse("");
    }

    /** Puts a layer that was entered by hand in the place of another: another paint, another day. */
    public void changeCoat(UUID surfaceId, int position, NewCoat to) {
        Flat flat = requireRecords(surfaceId);
        CoatRow row = required(surfaceId, position);
        Coat before = flat.surface(surfaceId).stream()
                .flatMap(surface -> surface.coats().stream())
                .filter(each -> each.position() == position)
                .findFirst()
                .orElseThrow(NotFoundException::new);
        row.put(to);
        coats.flush();
        Coat after = houses.flatOfSurface(surfaceId).surface(surfaceId).stream()
                .flatMap(surface -> surface.coats().stream())
                .filter(each -> each.position() == position)
                .findFirst()
                .orElseThrow();
        history.note(Subject.surface(flat.id(), surfaceId), EventKind.CORRECTED, told(said(before), said(after)));
    }

    private Flat requireRecords(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        return flat;
    }
}
