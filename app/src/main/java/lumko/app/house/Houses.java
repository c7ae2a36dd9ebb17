package lumko.app.house;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
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
import java.util.stream.Stream;
import lumko.app.account.People;
import lumko.app.paint.Store;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Opening;
import lumko.core.geometry.Outline;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WindowLight;
import lumko.core.paint.Batch;
import lumko.core.quantity.Length;
import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;
import lumko.core.record.Age;
import lumko.core.record.Film;
import lumko.core.record.Layer;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The record of the signed-in organisation's houses. */
@Service
@Transactional
public class Houses {
    private static final List<Layer> SEEN =
            Arrays.stream(Layer.values()).filter(Layer::isSeen).toList();

    private final HouseRepository houses;
    private final FlatRepository flats;
    private final TurnoverRepository turnovers;
    private final RoomRepository rooms;
    private final SurfaceRepository surfaces;
    private final WallFeatureRepository features;
    private final CoatRepository coats;
    private final Store store;
    private final People people;
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
        return coats.topPaints(SEEN).stream()
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
                .flatMap(layers -> byColour(layers).coatsTaken(texts(before), texts(over)).stream())
                .toList();
    }

    /** The layers of a surface, each known by its colour alone. */
    private Stack byColour(List<CoatRow> layers) {
        return new Stack(
                Substrate.SKIM_PLASTER,
                layers.stream()
                        .map(row -> new lumko.core.record.Coat(
                                row.layer,
                                Optional.ofNullable(row.colourId).map(UUID::toString),
                                Film.UNKNOWN,
                                Set.of(),
                                Batch.UNKNOWN,
                                Age.since(Optional.ofNullable(row.appliedOn), speaker.today()),
                                Optional.ofNullable(row.sheetId).map(UUID::toString)))
                        .toList());
    }

    private static Set<String> texts(Set<UUID> ids) {
        return ids.stream().map(UUID::toString).collect(Collectors.toSet());
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

    /** The flat of each turnover, also of those that are over. */
    @Transactional(readOnly = true)
    public Map<UUID, UUID> flatsOfTurnovers(Collection<UUID> turnoverIds) {
        return turnovers.findAllById(turnoverIds).stream()
                .collect(Collectors.toMap(TurnoverRow::id, row -> row.flatId));
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

    /** The name of a flat's door: its house and its number. */
    public record Door(UUID flatId, House house, int number) {
        public String name() {
            return house.name() + " " + number;
        }
    }

    /** By flat its door: where only names are shown. */
    @Transactional(readOnly = true)
    public Map<UUID, Door> doors() {
        Map<UUID, House> houseOf = all().stream().collect(Collectors.toMap(House::id, house -> house));
        return flats.findAll().stream()
                .map(flat -> new Door(
                        flat.id(),
                        Optional.ofNullable(houseOf.get(flat.houseId)).orElseThrow(),
                        flat.number))
                .collect(Collectors.toMap(Door::flatId, door -> door));
    }

    /** By flat how many rooms it has. */
    @Transactional(readOnly = true)
    public Map<UUID, Integer> roomCounts(Collection<UUID> flatIds) {
        return rooms.count(flatIds).stream()
                .collect(Collectors.toMap(RoomRepository.Count::flatId, count -> (int) count.rooms()));
    }

    /** Flats with their rooms and the size of their surfaces, without what is on them or fitted to them. */
    @Transactional(readOnly = true)
    public List<Flat> bare(Collection<UUID> ids) {
        Map<UUID, House> houseOf = all().stream().collect(Collectors.toMap(House::id, house -> house));
        Map<UUID, Turnover> turnoverOf =
                openTurnovers().stream().collect(Collectors.toMap(Turnover::flatId, turnover -> turnover));
        List<RoomRow> roomRows = rooms.findByFlatIdInOrderByPosition(ids);
        Map<UUID, List<SurfaceRow>> surfacesOf =
                surfaces.findByRoomIdIn(roomRows.stream().map(RoomRow::id).toList()).stream()
                        .collect(Collectors.groupingBy(row -> row.roomId));
        Map<UUID, List<RoomRow>> roomsOf = roomRows.stream().collect(Collectors.groupingBy(row -> row.flatId));
        return flats.findAllById(ids).stream()
                .map(flat -> new Flat(
                        flat.id(),
                        Optional.ofNullable(houseOf.get(flat.houseId)).orElseThrow(),
                        flat.number,
                        Optional.ofNullable(turnoverOf.get(flat.id())),
                        roomsOf.getOrDefault(flat.id(), List.of()).stream()
                                .map(row -> room(row, surfacesOf.getOrDefault(row.id(), List.of()), Map.of(), Map.of()))
                                .toList()))
                .toList();
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
        return new Room(row.id(), row.name, row.kind, height, outline, row.floor, List.copyOf(all));
    }

    static Wall wall(Length width, Length height, Texture texture, List<WallFeatureRow> rows) {
        List<Opening> openings = new ArrayList<>();
        List<Fitting> fittings = new ArrayList<>();
        for (WallFeatureRow row : rows) {
            row.kind.opening().ifPresent(kind -> openings.add(new Opening(kind, row.box())));
            row.kind.fitting().ifPresent(kind -> fittings.add(new Fitting(kind, row.box())));
        }
        return new Wall(width, height, texture, openings, fittings);
    }

    private static List<Surface> lit(List<Surface> walls, Outline outline) {
        List<WindowLight> lights =
                outline.lightOn(walls.stream().map(Surface::asWall).toList());
        List<Surface> lit = new ArrayList<>();
        for (int side = 0; side < walls.size(); side++) {
            Surface dark = walls.get(side);
            lit.add(new Surface(
                    dark.id(),
                    dark.kind(),
                    dark.label(),
                    dark.substrate(),
                    dark.wall(),
                    lights.get(side),
                    dark.coats()));
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
                Stream.concat(Stream.ofNullable(row.tinId), Arrays.stream(row.moreTins))
                        .flatMap(id -> Stream.ofNullable(stock.tins().get(id)))
                        .toList(),
                row.batch,
                row.places == null ? OptionalInt.empty() : OptionalInt.of(row.places),
                Optional.ofNullable(row.appliedOn),
                Optional.ofNullable(row.appliedBy).map(names::get),
                Optional.ofNullable(row.temperatureCelsius).map(Temperature::ofCelsius),
                Optional.ofNullable(row.humidityPercent).map(RelativeHumidity::ofPercent),
                Optional.ofNullable(row.sheetId),
                row.note);
    }

    @Transactional(readOnly = true)
    public boolean hasHouseNamed(String name) {
        return houses.existsByNameIgnoreCase(name);
    }

    /** Whether a house has a flat with that number, or one behind that window. */
    @Transactional(readOnly = true)
    public boolean isTaken(UUID houseId, int number, int floor, int bay) {
        return flats.findByHouseId(houseId).stream()
                .anyMatch(flat -> flat.number == number || (flat.floor == floor && flat.bay == bay));
    }
}
