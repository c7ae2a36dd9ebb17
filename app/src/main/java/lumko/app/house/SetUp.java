package lumko.app.house;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Product;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.core.geometry.Box;
import lumko.core.geometry.Outline;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Length;
import lumko.core.record.Age;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Many things of the record at once: a house by its floors, flats like another, one paint on everything. */
@Service
@Transactional
public class SetUp {
    private static final int LETTERS = 26;

    private final FlatRepository flats;
    private final RoomRepository rooms;
    private final SurfaceRepository surfaces;
    private final WallFeatureRepository features;
    private final CoatRepository coats;
    private final Houses houses;
    private final Recording recording;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    SetUp(
            FlatRepository flats,
            RoomRepository rooms,
            SurfaceRepository surfaces,
            WallFeatureRepository features,
            CoatRepository coats,
            Houses houses,
            Recording recording,
            History history,
            Access access,
            Speaker speaker) {
        this.flats = flats;
        this.rooms = rooms;
        this.surfaces = surfaces;
        this.features = features;
        this.coats = coats;
        this.houses = houses;
        this.recording = recording;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    /** How the flats of a house are counted. */
    public enum Numbering {
        /** 1, 2, 3 … up the house. */
        RUNNING,
        /** 101, 102 … on floor 1, 201 … on floor 2; 1, 2 … on a ground floor that is none of them. */
        BY_FLOOR,
        /** 1A, 1B … on floor 1, 2A … on floor 2; GA, GB … on a ground floor that is none of them. */
        BY_LETTER
    }

    /**
     * Adds flats floor by floor, from the left.
     *
     * @param lowest 0 for the ground floor
     * @param first the number of the first flat where they run up the house
     * @throws NotNowException if a number or a window is taken already; then none is added
     */
    public int addFlats(UUID houseId, int lowest, int floors, int onEach, Numbering numbering, int first) {
        access.requireLead();
        House house = houses.house(houseId);
        List<FlatRow> there = flats.findByHouseIdAndClosedOnIsNull(houseId);
        Set<String> numbers =
                there.stream().map(flat -> flat.number.toLowerCase(Locale.ROOT)).collect(Collectors.toSet());
        Set<List<Integer>> windows = there.stream()
                .map(flat -> List.of(flat.floor, flat.bay))
                .collect(Collectors.toCollection(HashSet::new));
        List<FlatRow> added = new ArrayList<>();
        for (int floor = lowest; floor < lowest + floors; floor++) {
            for (int bay = 0; bay < onEach; bay++) {
                String number = numbering == Numbering.RUNNING
                        ? String.valueOf(first + added.size())
                        : numbered(numbering, speaker.words().floor(floor), bay);
                if (!numbers.add(number.toLowerCase(Locale.ROOT)) || !windows.add(List.of(floor, bay))) {
                    throw new NotNowException("denied.flatTaken", number, house.name());
                }
                added.add(new FlatRow(UUID.randomUUID(), houseId, number, floor, bay));
            }
        }
        flats.saveAll(added);
        return added.size();
    }

    private static String numbered(Numbering numbering, int floor, int bay) {
        if (numbering == Numbering.BY_FLOOR) {
            return String.valueOf(floor * 100 + bay + 1);
        }
        String letter = bay < LETTERS ? String.valueOf((char) ('A' + bay)) : "A" + (char) ('A' + bay - LETTERS);
        return (floor == 0 ? "G" : String.valueOf(floor)) + letter;
    }

    /** The flats of a house that have no room yet, by number. */
    @Transactional(readOnly = true)
    public List<Houses.Door> empty(UUID houseId) {
        List<Houses.Door> doors = houses.doorsOf(List.of(houseId));
        Set<UUID> withRooms = houses.roomCounts(
                        doors.stream().map(Houses.Door::flatId).toList())
                .keySet();
        return doors.stream().filter(door -> !withRooms.contains(door.flatId())).toList();
    }

    /**
     * Enters the rooms of a flat in others that have none yet.
     *
     * @param mirrored across the landing: left and right change places
     * @param withCoats with the whole layers of its surfaces; what mended its own walls, and what a sheet put on, stays its own
     * @throws NotNowException if one of them has rooms already
     */
    public void copy(UUID fromId, Collection<UUID> toIds, boolean mirrored, boolean withCoats) {
        Flat from = houses.flat(fromId);
        access.requireRecordsOf(from.house().id(), from.house().name());
        Map<UUID, Integer> counts = houses.roomCounts(toIds);
        Map<UUID, Houses.Door> doors = houses.doors(toIds);
        for (UUID toId : Set.copyOf(toIds)) {
            Houses.Door to = Optional.ofNullable(doors.get(toId)).orElseThrow(NotFoundException::new);
            access.requireRecordsOf(to.house().id(), to.house().name());
            if (counts.getOrDefault(toId, 0) > 0) {
                throw new NotNowException("denied.hasRooms", to.name());
            }
            from.rooms().forEach(room -> copy(room, room.name(), toId, mirrored, withCoats));
            history.note(
                    Subject.flat(toId),
                    EventKind.ROOM_ENTERED,
                    speaker.words()
                            .say(
                                    mirrored ? "setup.likeMirrored" : "setup.like",
                                    from.house().name() + " " + from.number()));
        }
    }

    /** Enters another room of the same flat that is like one. */
    public void copyRoom(UUID roomId, String name, boolean mirrored, boolean withCoats) {
        Flat flat = houses.flatOfRoom(roomId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        copy(flat.room(roomId), name, flat.id(), mirrored, withCoats);
        history.note(Subject.flat(flat.id()), EventKind.ROOM_ENTERED, name);
    }

    private void copy(Room room, String name, UUID toId, boolean mirrored, boolean withCoats) {
        RoomRow row = new RoomRow(UUID.randomUUID(), toId);
        row.name = name;
        row.kind = room.kind();
        row.floor = room.floor();
        row.heightMillimetres = room.height().inMillimetres();
        row.position = rooms.countByFlatId(toId);
        rooms.saveAndFlush(row);
        Outline outline = mirrored ? room.outline().mirrored() : room.outline();
        List<Surface> walls = room.walls().toList();
        List<SurfaceRow> surfaceRows = new ArrayList<>();
        List<WallFeatureRow> featureRows = new ArrayList<>();
        List<CoatRow> coatRows = new ArrayList<>();
        for (int side = 0; side < outline.sides(); side++) {
            Surface like = walls.get(mirrored ? room.outline().mirroredSide(side) : side);
            SurfaceRow wall = new SurfaceRow(row.id(), SurfaceKind.WALL, side);
            wall.startEastMillimetres = outline.corners().get(side).east().inMillimetres();
            wall.startNorthMillimetres = outline.corners().get(side).north().inMillimetres();
            wall.texture = like.asWall().texture();
            wall.substrate = like.substrate();
            Length width = outline.lengthOf(side);
            wall.put(
                    mirrored
                            ? like.asWall().ends().mirrored(width)
                            : like.asWall().ends());
            surfaceRows.add(wall);
            featureRows.addAll(featuresOf(like, wall, mirrored ? Optional.of(width) : Optional.empty()));
            copyCoats(like, wall, withCoats, coatRows);
        }
        for (SurfaceKind kind : List.of(SurfaceKind.CEILING, SurfaceKind.TRIM)) {
            Surface like = room.only(kind);
            SurfaceRow surface = new SurfaceRow(row.id(), kind, 0);
            surface.substrate = like.substrate();
            like.wall().ifPresent(wall -> surface.texture = wall.texture());
            surfaceRows.add(surface);
            featureRows.addAll(featuresOf(like, surface, mirrored ? like.wall().map(Wall::width) : Optional.empty()));
            copyCoats(like, surface, withCoats, coatRows);
        }
        int position = 0;
        for (Surface like : room.fixtures()) {
            SurfaceRow surface = new SurfaceRow(row.id(), SurfaceKind.FIXTURE, position++);
            surface.substrate = like.substrate();
            surface.put(like.fixture().orElseThrow(), like.label());
            surfaceRows.add(surface);
            copyCoats(like, surface, withCoats, coatRows);
        }
        surfaces.saveAllAndFlush(surfaceRows);
        features.saveAll(featureRows);
        coats.saveAll(coatRows);
    }

    private List<WallFeatureRow> featuresOf(Surface like, SurfaceRow onto, Optional<Length> mirroredOver) {
        return features.findBySurfaceIdOrderByLeftMillimetresAscIdAsc(like.id()).stream()
                .map(feature -> new WallFeatureRow(
                        onto.id(),
                        new NewRoom.Feature(
                                feature.kind,
                                mirroredOver
                                        .map(width -> mirrored(feature.box(), width))
                                        .orElseGet(feature::box))))
                .toList();
    }

    private static Box mirrored(Box box, Length width) {
        return Box.ofMillimetres(
                width.inMillimetres() - box.left().inMillimetres() - box.width().inMillimetres(),
                box.bottom().inMillimetres(),
                box.width().inMillimetres(),
                box.height().inMillimetres());
    }

    private static void copyCoats(Surface like, SurfaceRow onto, boolean withCoats, List<CoatRow> coatRows) {
        if (!withCoats) {
            return;
        }
        // spots and fillers mend what was wrong with that wall, and what a sheet put on was put on there alone
        List<Coat> alike = like.coats().stream()
                .filter(coat -> coat.layer().isWhole() && coat.sheet().isEmpty())
                .toList();
        for (Coat coat : alike) {
            coatRows.add(CoatRow.of(
                    onto.id(),
                    coat.position(),
                    new NewCoat(
                            coat.layer(),
                            coat.product().map(Product::id),
                            coat.colour().map(Colour::id),
                            List.of(),
                            "",
                            OptionalInt.empty(),
                            coat.appliedOn(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            coat.note())));
        }
    }

    /** How far a coat goes that is entered on many surfaces. */
    public enum Reach {
        FLAT,
        HOUSE
    }

    /**
     * What came of entering a layer on many surfaces.
     *
     * @param leftAlone surfaces with a layer of a later day: an older one cannot lie on top of it
     */
    public record Coated(int surfaces, int leftAlone) {
        private Coated plus(Coated other) {
            return new Coated(surfaces + other.surfaces, leftAlone + other.leftAlone);
        }
    }

    /** Enters a layer on every surface of a kind in a room, on top of what is there. */
    public Coated coatRoom(UUID roomId, SurfaceKind kind, NewCoat coat) {
        Flat flat = houses.flatOfRoom(roomId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        return coat(flat.id(), flat.room(roomId).surfaces().stream(), kind, coat);
    }

    /** Enters a layer on every surface of a kind in a flat or in its house, on top of what is there. */
    public Coated coatAll(UUID flatId, Reach reach, SurfaceKind kind, NewCoat coat) {
        Flat flat = houses.flat(flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        List<UUID> flatIds = reach == Reach.FLAT
                ? List.of(flatId)
                : houses.doorsOf(List.of(flat.house().id())).stream()
                        .map(Houses.Door::flatId)
                        .toList();
        return flatIds.stream()
                .map(each -> coat(each, houses.flat(each).surfaces(), kind, coat))
                .reduce(new Coated(0, 0), Coated::plus);
    }

    private Coated coat(UUID flatId, Stream<Surface> surfaces, SurfaceKind kind, NewCoat coat) {
        LocalDate today = speaker.today();
        Age age = Age.since(coat.appliedOn(), today);
        Map<Boolean, List<Surface>> takesIt = surfaces.filter(
                        surface -> surface.kind() == kind && surface.goneOn().isEmpty())
                .collect(Collectors.partitioningBy(
                        surface -> surface.stack(today).takesOnTop(age)));
        Map<UUID, List<NewCoat>> onto = takesIt.getOrDefault(true, List.of()).stream()
                .collect(Collectors.toMap(Surface::id, surface -> List.of(coat)));
        if (!onto.isEmpty()) {
            recording.addCoats(flatId, onto);
            history.note(
                    Subject.flat(flatId),
                    EventKind.COAT_RECORDED,
                    speaker.words()
                            .say("setup.coated", onto.size(), speaker.words().name(kind)));
        }
        return new Coated(onto.size(), takesIt.getOrDefault(false, List.of()).size());
    }
}
