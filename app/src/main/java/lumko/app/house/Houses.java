package lumko.app.house;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.paint.Store;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.core.quantity.Length;
import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;
import lumko.core.wall.Fitting;
import lumko.core.wall.Opening;
import lumko.core.wall.Outline;
import lumko.core.wall.Substrate;
import lumko.core.wall.Texture;
import lumko.core.wall.Wall;
import lumko.core.wall.WindowLight;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The record of the signed-in organisation's houses. */
@Service
@Transactional
public class Houses {
    private final HouseRepository houses;
    private final FlatRepository flats;
    private final TurnoverRepository turnovers;
    private final RoomRepository rooms;
    private final SurfaceRepository surfaces;
    private final WallFeatureRepository features;
    private final CoatRepository coats;
    private final Store store;
    private final People people;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    Houses(
            HouseRepository houses,
            FlatRepository flats,
            TurnoverRepository turnovers,
            RoomRepository rooms,
            SurfaceRepository surfaces,
            WallFeatureRepository features,
            CoatRepository coats,
            Store store,
            People people,
            History history,
            Access access,
            Speaker speaker) {
        this.houses = houses;
        this.flats = flats;
        this.turnovers = turnovers;
        this.rooms = rooms;
        this.surfaces = surfaces;
        this.features = features;
        this.coats = coats;
        this.store = store;
        this.people = people;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    /** A flat as it stands in the façade: without its rooms. */
    public record Window(UUID flatId, int number, int floor, int bay, Optional<UUID> wallColour) {}

    /** A house with its windows. */
    public record Facade(House house, List<Window> windows) {}

    @Transactional(readOnly = true)
    public List<Facade> facades() {
        // the colour of most walls; of equal ones that of the room entered first
        Map<UUID, CoatRepository.WallColour> colourOf = new HashMap<>();
        Comparator<CoatRepository.WallColour> main = Comparator.comparingLong(CoatRepository.WallColour::getWalls)
                .thenComparing(Comparator.comparingInt(CoatRepository.WallColour::getRoom)
                        .reversed());
        for (CoatRepository.WallColour each : coats.wallColours()) {
            colourOf.merge(each.getFlatId(), each, BinaryOperator.maxBy(main));
        }
        Map<UUID, List<Window>> windows = flats.findAll().stream()
                .sorted(Comparator.comparingInt(flat -> flat.number))
                .collect(Collectors.groupingBy(
                        flat -> flat.houseId,
                        Collectors.mapping(
                                flat -> new Window(
                                        flat.id(),
                                        flat.number,
                                        flat.floor,
                                        flat.bay,
                                        Optional.ofNullable(colourOf.get(flat.id()))
                                                .map(CoatRepository.WallColour::getColourId)),
                                Collectors.toList())));
        return houses.findByOrderByPosition().stream()
                .map(row -> new Facade(row.house(), windows.getOrDefault(row.id(), List.of())))
                .toList();
    }

    /** The paint of every surface of the organisation. */
    @Transactional(readOnly = true)
    public List<PaintedSurface> painted() {
        return coats.topPaints().stream()
                .map(top -> new PaintedSurface(
                        top.getSurfaceId(),
                        top.getKind(),
                        top.getRoom(),
                        top.getFlatId(),
                        top.getHouseId(),
                        Optional.ofNullable(top.getProductId()),
                        Optional.ofNullable(top.getColourId()),
                        Optional.ofNullable(top.getTinId()),
                        Optional.ofNullable(top.getAppliedOn())))
                .toList();
    }

    /**
     * How many coats of a colour straight over another it took, wherever that was done by a sheet.
     *
     * @param before ids of the colour that was there
     * @param over ids of the colour that went on
     */
    @Transactional(readOnly = true)
    public List<Integer> coatsTaken(Set<UUID> before, Set<UUID> over) {
        return coats.onSurfacesPainted(over).stream()
                .collect(Collectors.groupingBy(row -> row.surfaceId, LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .flatMap(layers -> CoatsTaken.of(layers, before, over).stream())
                .toList();
    }

    @Transactional(readOnly = true)
    public List<House> all() {
        return houses.findByOrderByPosition().stream().map(HouseRow::house).toList();
    }

    /** @throws NotFoundException if there is none, or not in this organisation */
    @Transactional(readOnly = true)
    public House house(UUID id) {
        return houses.findById(id).map(HouseRow::house).orElseThrow(NotFoundException::new);
    }

    @Transactional(readOnly = true)
    public List<Turnover> openTurnovers() {
        return turnovers.findByEndedOnIsNull().stream()
                .map(TurnoverRow::turnover)
                .toList();
    }

    /** @throws NotFoundException if there is none, or not in this organisation */
    @Transactional(readOnly = true)
    public Flat flat(UUID id) {
        FlatRow flat = flats.findById(id).orElseThrow(NotFoundException::new);
        House house = house(flat.houseId);
        List<RoomRow> roomRows = rooms.findByFlatIdOrderByPosition(id);
        List<SurfaceRow> surfaceRows = surfaces.findByFlat(id);
        Map<UUID, List<WallFeatureRow>> featuresOf =
                features.findByFlat(id).stream().collect(Collectors.groupingBy(row -> row.surfaceId));
        Store.Stock stock = store.stock();
        Map<UUID, String> names = people.names();
        Map<UUID, List<Coat>> coatsOf = coats.findByFlat(id).stream()
                .collect(Collectors.groupingBy(
                        row -> row.surfaceId, Collectors.mapping(row -> coat(row, stock, names), Collectors.toList())));
        Map<UUID, List<SurfaceRow>> surfacesOf = surfaceRows.stream().collect(Collectors.groupingBy(row -> row.roomId));
        return new Flat(
                id,
                house,
                flat.number,
                turnovers.findByFlatIdAndEndedOnIsNull(id).map(TurnoverRow::turnover),
                roomRows.stream()
                        .map(row -> room(row, surfacesOf.getOrDefault(row.id(), List.of()), featuresOf, coatsOf))
                        .toList());
    }

    /** The flat that a surface is in. */
    @Transactional(readOnly = true)
    public Flat flatOfSurface(UUID surfaceId) {
        return flat(surfaces.flatOf(surfaceId).orElseThrow(NotFoundException::new));
    }

    /**
     * Makes everybody else who changes this surface wait until the transaction ends, so that what is sent twice at once is one
     * change and then no change.
     */
    @Transactional
    public void lock(UUID surfaceId) {
        surfaces.lock(surfaceId).orElseThrow(NotFoundException::new);
    }

    private static Room room(
            RoomRow row,
            List<SurfaceRow> surfaceRows,
            Map<UUID, List<WallFeatureRow>> featuresOf,
            Map<UUID, List<Coat>> coatsOf) {
        List<SurfaceRow> wallRows = surfaceRows.stream()
                .filter(surface -> surface.kind == SurfaceKind.WALL)
                .sorted(Comparator.comparingInt(surface -> surface.position))
                .toList();
        Outline outline = new Outline(wallRows.stream()
                .map(wall -> Outline.Corner.ofMillimetres(
                        Optional.ofNullable(wall.startEastMillimetres).orElseThrow(),
                        Optional.ofNullable(wall.startNorthMillimetres).orElseThrow()))
                .toList());
        Length height = Length.ofMillimetres(row.heightMillimetres);
        List<Surface> walls = new ArrayList<>();
        for (int side = 0; side < wallRows.size(); side++) {
            SurfaceRow wallRow = wallRows.get(side);
            Wall wall = wall(
                    outline.lengthOf(side), height, wallRow.texture, featuresOf.getOrDefault(wallRow.id(), List.of()));
            walls.add(new Surface(
                    wallRow.id(),
                    SurfaceKind.WALL,
                    letter(side),
                    wallRow.substrate,
                    Optional.of(wall),
                    WindowLight.NONE,
                    coatsOf.getOrDefault(wallRow.id(), List.of())));
        }
        List<Surface> all = new ArrayList<>(lit(walls, outline));
        surfaceRows.stream()
                .filter(surface -> surface.kind != SurfaceKind.WALL)
                .sorted(Comparator.comparing(surface -> surface.kind))
                .map(surface -> new Surface(
                        surface.id(),
                        surface.kind,
                        "",
                        surface.substrate,
                        surface.kind == SurfaceKind.CEILING
                                ? Optional.of(outline.ceiling(surface.texture))
                                : Optional.empty(),
                        WindowLight.NONE,
                        coatsOf.getOrDefault(surface.id(), List.of())))
                .forEach(all::add);
        return new Room(row.id(), row.name, row.kind, height, outline, List.copyOf(all));
    }

    private static Wall wall(Length width, Length height, Texture texture, List<WallFeatureRow> rows) {
        List<Opening> openings = new ArrayList<>();
        List<Fitting> fittings = new ArrayList<>();
        for (WallFeatureRow row : rows) {
            row.kind.opening().ifPresent(kind -> openings.add(new Opening(kind, row.box())));
            row.kind.fitting().ifPresent(kind -> fittings.add(new Fitting(kind, row.box())));
        }
        return new Wall(width, height, texture, openings, fittings);
    }

    /** Light along the wall outweighs light from the front, because it shows more. */
    private static List<Surface> lit(List<Surface> walls, Outline outline) {
        List<Integer> windowSides = new ArrayList<>();
        for (int side = 0; side < walls.size(); side++) {
            if (walls.get(side).asWall().openings().stream().anyMatch(o -> o.kind() == Opening.Kind.WINDOW)) {
                windowSides.add(side);
            }
        }
        List<Surface> lit = new ArrayList<>();
        for (int side = 0; side < walls.size(); side++) {
            int on = side;
            WindowLight light = windowSides.stream()
                    .map(windowSide -> outline.lightFrom(windowSide, on))
                    .min(Comparator.naturalOrder())
                    .orElse(WindowLight.NONE);
            Surface dark = walls.get(side);
            lit.add(new Surface(
                    dark.id(), dark.kind(), dark.label(), dark.substrate(), dark.wall(), light, dark.coats()));
        }
        return lit;
    }

    private static String letter(int side) {
        return side < 26 ? String.valueOf((char) ('A' + side)) : "A" + (char) ('A' + side - 26);
    }

    private static Coat coat(CoatRow row, Store.Stock stock, Map<UUID, String> names) {
        return new Coat(
                row.position,
                row.layer,
                Optional.ofNullable(row.productId).map(stock.products()::get),
                Optional.ofNullable(row.colourId).map(stock.colours()::get),
                Optional.ofNullable(row.tinId).map(stock.tins()::get),
                row.places == null ? OptionalInt.empty() : OptionalInt.of(row.places),
                Optional.ofNullable(row.appliedOn),
                Optional.ofNullable(row.appliedBy).map(names::get),
                Optional.ofNullable(row.temperatureCelsius).map(Temperature::ofCelsius),
                Optional.ofNullable(row.humidityPercent).map(RelativeHumidity::ofPercent),
                row.note);
    }

    // ---- changing the record

    @Transactional(readOnly = true)
    public boolean hasHouseNamed(String name) {
        return houses.existsByNameIgnoreCase(name);
    }

    public UUID addHouse(String name, int builtYear, Roof roof, boolean texturedCoating) {
        access.requireLead();
        HouseRow row = new HouseRow(UUID.randomUUID());
        row.name = name;
        row.builtYear = builtYear;
        row.roof = roof;
        row.texturedCoating = texturedCoating;
        row.position = (int) houses.count();
        return houses.save(row).id();
    }

    /** Whether a house has a flat with that number, or one behind that window. */
    @Transactional(readOnly = true)
    public boolean isTaken(UUID houseId, int number, int floor, int bay) {
        return flats.findByHouseId(houseId).stream()
                .anyMatch(flat -> flat.number == number || (flat.floor == floor && flat.bay == bay));
    }

    public UUID addFlat(UUID houseId, int number, int floor, int bay) {
        access.requireLead();
        house(houseId);
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
        House house = house(flat.houseId);
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
            checkFeatures(
                    wall(entered.outline().lengthOf(side), entered.height(), entered.texture(), List.of()), added);
            added.forEach(feature -> featureRows.add(new WallFeatureRow(wall.id(), feature.kind(), feature.box())));
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
                coatRows.add(row(surface.id(), ++position, coat));
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
    public void addFeature(UUID surfaceId, NewRoom.Feature feature) {
        Flat flat = requireSurface(surfaceId);
        Wall wall = flat.surface(surfaceId)
                .filter(surface -> surface.kind() == SurfaceKind.WALL)
                .flatMap(Surface::wall)
                .orElseThrow(NotFoundException::new);
        checkFeatures(wall, List.of(feature));
        features.save(new WallFeatureRow(surfaceId, feature.kind(), feature.box()));
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.FEATURE_ENTERED,
                speaker.words().name(feature.kind()));
    }

    /** Lets the core refuse what cannot be, before anything is saved. */
    private static void checkFeatures(Wall wall, List<NewRoom.Feature> added) {
        List<Opening> openings = new ArrayList<>(wall.openings());
        List<Fitting> fittings = new ArrayList<>(wall.fittings());
        for (NewRoom.Feature feature : added) {
            feature.kind().opening().ifPresent(of -> openings.add(new Opening(of, feature.box())));
            feature.kind().fitting().ifPresent(of -> fittings.add(new Fitting(of, feature.box())));
        }
        new Wall(wall.width(), wall.height(), wall.texture(), openings, fittings);
    }

    /** Records a layer on top of what a surface has. */
    public void addCoat(UUID surfaceId, NewCoat coat) {
        Flat flat = requireSurface(surfaceId);
        int position = highestPosition(flat.surface(surfaceId).orElseThrow());
        coats.saveAndFlush(row(surfaceId, position + 1, coat));
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.COAT_RECORDED,
                speaker.words().name(coat.layer()) + (coat.note().isEmpty() ? "" : ": " + coat.note()));
    }

    /** Records layers on many surfaces of one flat at once. */
    public void addCoats(UUID flatId, Map<UUID, List<NewCoat>> coatsBySurface) {
        Flat flat = flat(flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        List<CoatRow> rows = new ArrayList<>();
        coatsBySurface.forEach((surfaceId, layers) -> {
            int position = highestPosition(flat.surface(surfaceId).orElseThrow(NotFoundException::new));
            for (NewCoat layer : layers) {
                rows.add(row(surfaceId, ++position, layer));
            }
        });
        coats.saveAll(rows);
    }

    /** Takes the layers that a sheet left off the record again. */
    public void removeCoatsOf(UUID flatId, UUID sheetId) {
        Flat flat = flat(flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        coats.deleteAll(coats.findBySheetId(sheetId));
    }

    private static int highestPosition(Surface surface) {
        return surface.coats().stream().mapToInt(Coat::position).max().orElse(0);
    }

    private static CoatRow row(UUID surfaceId, int position, NewCoat coat) {
        CoatRow row = new CoatRow(surfaceId, position);
        row.layer = coat.layer();
        row.productId = coat.product().orElse(null);
        row.colourId = coat.colour().orElse(null);
        row.tinId = coat.tin().orElse(null);
        row.places = coat.places().isPresent() ? coat.places().getAsInt() : null;
        row.appliedOn = coat.appliedOn().orElse(null);
        row.appliedBy = coat.appliedBy().orElse(null);
        row.temperatureCelsius =
                coat.climate().map(air -> air.temperature().inCelsius()).orElse(null);
        row.humidityPercent =
                coat.climate().map(air -> air.humidity().inPercent()).orElse(null);
        row.sheetId = coat.sheet().orElse(null);
        row.note = coat.note();
        return row;
    }

    private Flat requireSurface(UUID surfaceId) {
        Flat flat = flatOfSurface(surfaceId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        return flat;
    }

    /** Opens a turnover, or changes the dates of the one that is open. */
    public void setDates(
            UUID flatId,
            LocalDate keysBackOn,
            Optional<LocalDate> viewingOn,
            Optional<LocalDate> moveInOn,
            int seenVersion) {
        access.requireDates();
        if (!flats.existsById(flatId)) {
            throw new NotFoundException();
        }
        TurnoverRow row = turnovers
                .findByFlatIdAndEndedOnIsNull(flatId)
                .orElseGet(() -> new TurnoverRow(UUID.randomUUID(), flatId));
        row.checkSeen(seenVersion);
        row.keysBackOn = keysBackOn;
        row.viewingOn = viewingOn.orElse(null);
        row.moveInOn = moveInOn.orElse(null);
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
