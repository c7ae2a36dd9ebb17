package lumko.app.house;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
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
import lumko.app.store.Tin;
import lumko.core.geometry.Ends;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Opening;
import lumko.core.geometry.Outline;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.job.FittingWay;
import lumko.core.judge.Scrutiny;
import lumko.core.record.Age;
import lumko.core.record.Substrate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is entered on the record: houses, flats, rooms, what is in walls, layers, dates. */
@Service
@Transactional
public class Recording {
    private final HouseRepository houseRows;
    private final FlatRepository flats;
    private final TurnoverRepository turnovers;
    private final RoomRepository rooms;
    private final SurfaceRepository surfaces;
    private final WallFeatureRepository features;
    private final CoatRepository coats;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    Recording(
            HouseRepository houseRows,
            FlatRepository flats,
            TurnoverRepository turnovers,
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
        this.turnovers = turnovers;
        this.rooms = rooms;
        this.surfaces = surfaces;
        this.features = features;
        this.coats = coats;
        this.houses = houses;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    public UUID addHouse(String name, int builtYear, Roof roof, boolean texturedCoating) {
        access.requireLead();
        HouseRow row = new HouseRow(UUID.randomUUID());
        row.name = name;
        row.builtYear = builtYear;
        row.roof = roof;
        row.texturedCoating = texturedCoating;
        row.position = (int) houseRows.count();
        return houseRows.save(row).id();
    }

    public UUID addFlat(UUID houseId, String number, int floor, int bay) {
        access.requireLead();
        houses.house(houseId);
        return flats.save(new FlatRow(UUID.randomUUID(), houseId, number, floor, bay))
                .id();
    }

    /**
     * Enters a room with its walls, ceiling and trim.
     *
     * @throws IllegalArgumentException if an opening or a fitting does not lie within its wall
     */
    public UUID addRoom(UUID flatId, NewRoom entered) {
        FlatRow flat = flats.findById(flatId).orElseThrow(NotFoundException::new);
        House house = houses.house(flat.houseId);
        access.requireRecordsOf(house.id(), house.name());
        Wall.ROOM_HEIGHT.check(entered.height().inMillimetres());
        RoomRow room = new RoomRow(UUID.randomUUID(), flatId);
        room.name = entered.name();
        room.kind = entered.kind();
        room.position = rooms.countByFlatId(flatId);
        room.heightMillimetres = entered.height().inMillimetres();
        List<SurfaceRow> surfaceRows = new ArrayList<>();
        List<WallFeatureRow> featureRows = new ArrayList<>();
        for (int side = 0; side < entered.outline().sides(); side++) {
            SurfaceRow wall = new SurfaceRow(room.id(), SurfaceKind.WALL, side);
            Outline.Corner start = entered.outline().corners().get(side);
            wall.startEastMillimetres = start.east().inMillimetres();
            wall.startNorthMillimetres = start.north().inMillimetres();
            wall.substrate = entered.substrate();
            wall.texture = entered.texture();
            surfaceRows.add(wall);
            List<NewRoom.Feature> added = entered.features().getOrDefault(side, List.of());
            check(
                    false,
                    Rooms.wall(
                            entered.outline().lengthOf(side),
                            entered.height(),
                            entered.texture(),
                            List.of(),
                            Ends.AS_THE_ROOM),
                    added);
            added.forEach(feature -> featureRows.add(new WallFeatureRow(wall.id(), feature)));
        }
        SurfaceRow ceiling = new SurfaceRow(room.id(), SurfaceKind.CEILING, 0);
        ceiling.substrate = entered.substrate();
        ceiling.texture = house.texturedCoating() ? Texture.HEAVY : Texture.SMOOTH;
        surfaceRows.add(ceiling);
        SurfaceRow trim = new SurfaceRow(room.id(), SurfaceKind.TRIM, 0);
        trim.substrate = Substrate.TIMBER;
        surfaceRows.add(trim);
        List<CoatRow> coatRows = new ArrayList<>();
        for (SurfaceRow surface : surfaceRows) {
            int position = 0;
            for (NewCoat coat : entered.coats().getOrDefault(surface.kind, List.of())) {
                coatRows.add(CoatRow.of(surface.id(), ++position, coat));
            }
        }
        // one after the other, because each points at the one before
        rooms.saveAndFlush(room);
        surfaces.saveAllAndFlush(surfaceRows);
        features.saveAll(featureRows);
        coats.saveAll(coatRows);
        history.note(Subject.flat(flatId), EventKind.ROOM_ENTERED, entered.name());
        return room.id();
    }

    /**
     * Enters an opening or a fitting.
     *
     * @throws IllegalArgumentException if it does not lie within the wall, or overlaps another opening
     */
    public void addFeatures(UUID surfaceId, List<NewRoom.Feature> added) {
        Flat flat = requireSurface(surfaceId);
        Surface surface = flat.surface(surfaceId).orElseThrow(NotFoundException::new);
        Wall wall = surface.wall().orElseThrow(NotFoundException::new);
        check(surface.isCeiling(), wall, added);
        for (NewRoom.Feature feature : added) {
            requireWay(feature.kind(), feature.way());
            features.save(new WallFeatureRow(surfaceId, feature));
            history.note(
                    Subject.surface(flat.id(), surfaceId),
                    EventKind.FEATURE_ENTERED,
                    speaker.words().name(feature.kind()));
        }
    }

    /**
     * Lets the core refuse what cannot be on a wall or a ceiling, before anything is saved.
     *
     * @param on with what is in it already
     */
    static void check(boolean isCeiling, Wall on, List<NewRoom.Feature> placed) {
        if (isCeiling && !placed.stream().map(NewRoom.Feature::kind).allMatch(WallFeature.ofCeilings()::contains)) {
            throw new RefusedException("refused.notOnACeiling");
        }
        List<Opening> openings = new ArrayList<>(on.openings());
        List<Fitting> fittings = new ArrayList<>();
        for (NewRoom.Feature feature : placed) {
            feature.kind().opening().ifPresent(of -> openings.add(new Opening(of, feature.box())));
            feature.kind().fitting().ifPresent(of -> fittings.add(new Fitting(of, feature.box())));
        }
        Wall with = new Wall(
                on.width(),
                on.height(),
                on.texture(),
                openings,
                Stream.concat(on.fittings().stream(), fittings.stream()).toList(),
                on.ends());
        // what sat wrongly before is no reason to refuse what has nothing to do with it
        if (with.fittings().stream().anyMatch(each -> !each.fits(with) && (fittings.contains(each) || each.fits(on)))) {
            throw new RefusedException(isCeiling ? "refused.outsideTheRoom" : "refused.inAnOpening");
        }
    }

    /** What lies on the floor of the room of a surface. */
    public void isLaid(UUID surfaceId, lumko.core.job.Room.Floor floor) {
        Flat flat = requireSurface(surfaceId);
        Room room = flat.roomOf(surfaceId);
        RoomRow row = rooms.findById(room.id()).orElseThrow(NotFoundException::new);
        if (row.floor != floor) {
            row.floor = floor;
            history.note(
                    Subject.flat(flat.id()),
                    EventKind.FEATURE_ENTERED,
                    room.name() + ": " + speaker.words().name(floor));
        }
    }

    /**
     * How a fitting is got out of the way, whatever the house does with others.
     *
     * @param way empty for as the house does it
     * @throws NotFoundException if it is not on that surface
     * @throws RefusedException if such a fitting has no such way
     */
    public void isGotOutOfTheWay(UUID surfaceId, UUID fittingId, Optional<FittingWay.Way> way) {
        Flat flat = requireSurface(surfaceId);
        WallFeatureRow row = features.findById(fittingId)
                .filter(each -> each.surfaceId.equals(surfaceId))
                .orElseThrow(NotFoundException::new);
        requireWay(row.kind, way);
        if (row.way().equals(way)) {
            return; // sent again, and arrived the first time
        }
        Fitting.Kind kind = row.kind.fitting().orElseThrow(NotFoundException::new);
        row.way = way.orElse(null);
        Words words = speaker.words();
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.FEATURE_ENTERED,
                words.name(row.kind) + ": "
                        + way.map(is -> Surface.Fitted.called(is, kind, words))
                                .orElseGet(() -> words.say("coats.asTheHouse")));
    }

    private void requireWay(WallFeature of, Optional<FittingWay.Way> way) {
        boolean isThere = way.isEmpty()
                || of.fitting().filter(kind -> FittingWay.has(kind, way.get())).isPresent();
        if (!isThere) {
            Words words = speaker.words();
            throw new RefusedException("refused.noSuchWay", words.name(of), words.name(way.get()));
        }
    }

    /** What a surface is made of under its coats. */
    public void isMadeOf(UUID surfaceId, Substrate substrate) {
        Flat flat = requireSurface(surfaceId);
        SurfaceRow row = surfaces.findById(surfaceId).orElseThrow(NotFoundException::new);
        if (row.substrate != substrate) {
            row.substrate = substrate;
            history.note(
                    Subject.surface(flat.id(), surfaceId),
                    EventKind.FEATURE_ENTERED,
                    speaker.words().name(substrate));
        }
    }

    /** Records a layer on top of what a surface has. */
    public void addCoat(UUID surfaceId, NewCoat coat) {
        addCoat(surfaceId, coat, OptionalInt.empty());
    }

    /** @param place where it lay before it was taken off the record; on top where there is none, or another lies there now */
    void addCoat(UUID surfaceId, NewCoat coat, OptionalInt place) {
        Flat flat = requireSurface(surfaceId);
        int top = highestPosition(flat.surface(surfaceId).orElseThrow()) + 1;
        int position = place.isPresent()
                        && place.getAsInt() > 0
                        && coats.findBySurfaceIdAndPosition(surfaceId, place.getAsInt())
                                .isEmpty()
                ? place.getAsInt()
                : top;
        record(flat, surfaceId, position, coat);
    }

    /**
     * Records a layer as somebody remembers it, on top or under one that is on record: that and all above it move up.
     *
     * @param under position of the layer that lies on it
     * @throws NotFoundException if there is no such layer
     * @throws RefusedException if it would lie on a later one, or under an earlier
     */
    public void enter(UUID surfaceId, NewCoat coat, OptionalInt under) {
        Flat flat = requireSurface(surfaceId);
        Surface surface = flat.surface(surfaceId).orElseThrow();
        List<CoatRow> above = under.isEmpty() ? List.of() : from(surfaceId, under.getAsInt());
        Age age = Age.since(coat.appliedOn(), speaker.today());
        int beneath = surface.coats().size() - above.size();
        if (!surface.stack(speaker.today()).takes(age, beneath)) {
            throw new RefusedException("refused.notInTurn");
        }
        // one after the other from the top, because no two lie in one place
        for (CoatRow row : above) {
            row.position++;
            coats.saveAndFlush(row);
        }
        record(flat, surfaceId, under.isEmpty() ? highestPosition(surface) + 1 : under.getAsInt(), coat);
    }

    /** A layer and all above it, from the top. */
    private List<CoatRow> from(UUID surfaceId, int position) {
        List<CoatRow> above = coats.findBySurfaces(List.of(surfaceId)).stream()
                .filter(row -> row.position >= position)
                .sorted(Comparator.comparingInt((CoatRow row) -> row.position).reversed())
                .toList();
        if (above.isEmpty() || above.getLast().position != position) {
            throw new NotFoundException();
        }
        return above;
    }

    private void record(Flat flat, UUID surfaceId, int position, NewCoat coat) {
        coats.saveAndFlush(CoatRow.of(surfaceId, position, coat));
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.COAT_RECORDED,
                speaker.words().name(coat.layer()) + (coat.note().isEmpty() ? "" : ": " + coat.note()));
    }

    /**
     * Notes which tin the coat that one sees of a surface was left over from, or that it was none of the store's after all.
     *
     * @throws NotFoundException if there is no such coat, or it was put on by a sheet, which knows its tins
     */
    public void recogniseTin(UUID surfaceId, Optional<Tin> tin) {
        Flat flat = requireSurface(surfaceId);
        int position = flat.surface(surfaceId)
                .flatMap(Surface::topCoat)
                .map(Coat::position)
                .orElseThrow(NotFoundException::new);
        CoatRow row = coats.findBySurfaceIdAndPosition(surfaceId, position)
                .filter(coat -> coat.sheetId == null)
                .orElseThrow(NotFoundException::new);
        UUID tinId = tin.map(Tin::id).orElse(null);
        if (Objects.equals(row.tinId, tinId)) {
            return; // sent again, and arrived the first time
        }
        row.tinId = tinId;
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.TIN_RECOGNISED,
                tin.map(Tin::label).orElse("–"));
    }

    /** Where a layer came to lie. */
    public record Laid(UUID surfaceId, int position) {}

    /** Records layers on many surfaces of one flat at once. */
    public List<Laid> addCoats(UUID flatId, Map<UUID, List<NewCoat>> coatsBySurface) {
        Flat flat = houses.flat(flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        List<CoatRow> rows = new ArrayList<>();
        coatsBySurface.forEach((surfaceId, layers) -> {
            int position = highestPosition(flat.surface(surfaceId).orElseThrow(NotFoundException::new));
            for (NewCoat layer : layers) {
                rows.add(CoatRow.of(surfaceId, ++position, layer));
            }
        });
        coats.saveAll(rows);
        return rows.stream().map(row -> new Laid(row.surfaceId, row.position)).toList();
    }

    /** Takes the layers that a sheet left off the record again. */
    public void removeCoatsOf(UUID flatId, UUID sheetId) {
        Flat flat = houses.flat(flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        coats.deleteAll(coats.findBySheetId(sheetId));
    }

    private static int highestPosition(Surface surface) {
        return surface.coats().stream().mapToInt(Coat::position).max().orElse(0);
    }

    private Flat requireSurface(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        return flat;
    }

    /** Opens a turnover, or changes the dates of the one that is open. */
    public void setDates(
            UUID flatId,
            LocalDate keysBackOn,
            Optional<LocalDate> viewingOn,
            Optional<LocalDate> moveInOn,
            Scrutiny scrutiny,
            int seenVersion) {
        access.requireDates();
        FlatRow flat = flats.findById(flatId).orElseThrow(NotFoundException::new);
        if (flat.closedOn != null) {
            throw new NotNowException("denied.notLet", flat.number, flat.closedOn);
        }
        TurnoverRow row = turnovers
                .findByFlatIdAndEndedOnIsNull(flatId)
                .orElseGet(() -> new TurnoverRow(UUID.randomUUID(), flatId));
        row.checkSeen(seenVersion);
        row.keysBackOn = keysBackOn;
        row.viewingOn = viewingOn.orElse(null);
        row.moveInOn = moveInOn.orElse(null);
        row.scrutiny = scrutiny;
        turnovers.save(row);
        history.note(Subject.flat(flatId), EventKind.DATES_SET, speaker.words().date(keysBackOn));
    }

    /** The flat is let again. */
    public void endTurnover(UUID flatId, LocalDate on, int seenVersion) {
        access.requireDates();
        TurnoverRow row = turnovers.findByFlatIdAndEndedOnIsNull(flatId).orElseThrow(NotFoundException::new);
        row.checkSeen(seenVersion);
        row.endedOn = on;
        history.note(Subject.flat(flatId), EventKind.LET_AGAIN, speaker.words().date(on));
    }
}
