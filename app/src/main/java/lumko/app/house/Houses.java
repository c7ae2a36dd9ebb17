package lumko.app.house;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.account.People;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.Paints;
import lumko.app.platform.NotFoundException;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The record of the signed-in organisation's houses. */
@Service
@Transactional(readOnly = true)
public class Houses {
    private final HouseRepository houses;
    private final FlatRepository flats;
    private final TurnoverRepository turnovers;
    private final RoomRepository rooms;
    private final SurfaceRepository surfaces;
    private final WallFeatureRepository features;
    private final CoatRepository coats;
    private final Paints paints;
    private final Store store;
    private final People people;

    Houses(
            HouseRepository houses,
            FlatRepository flats,
            TurnoverRepository turnovers,
            RoomRepository rooms,
            SurfaceRepository surfaces,
            WallFeatureRepository features,
            CoatRepository coats,
            Paints paints,
            Store store,
            People people) {
        this.houses = houses;
        this.flats = flats;
        this.turnovers = turnovers;
        this.rooms = rooms;
        this.surfaces = surfaces;
        this.features = features;
        this.coats = coats;
        this.paints = paints;
        this.store = store;
        this.people = people;
    }

    /** A flat as it stands in the façade: without its rooms. */
    public record Window(UUID flatId, String number, int floor, int bay, Optional<UUID> wallColour) {}

    /** A house with its windows. */
    public record Facade(House house, List<Window> windows) {}

    /** Every house with its windows. */
    public List<Facade> facades() {
        return facades(all());
    }

    public List<Facade> facades(List<House> wanted) {
        List<UUID> ids = wanted.stream().map(House::id).toList();
        // the colour of most walls; of equal ones that of the room entered first
        Map<UUID, SurfaceRepository.WallColour> colourOf = new HashMap<>();
        Comparator<SurfaceRepository.WallColour> main = Comparator.comparingLong(SurfaceRepository.WallColour::getWalls)
                .thenComparing(Comparator.comparingInt(SurfaceRepository.WallColour::getRoom)
                        .reversed())
                .thenComparing(SurfaceRepository.WallColour::getColourId);
        for (SurfaceRepository.WallColour each : surfaces.wallColours(ids)) {
            colourOf.merge(each.getFlatId(), each, BinaryOperator.maxBy(main));
        }
        Map<UUID, List<Window>> windows = flats.findByHouseIdInAndClosedOnIsNullOrderByNumber(ids).stream()
                .collect(Collectors.groupingBy(
                        flat -> flat.houseId,
                        Collectors.mapping(
                                flat -> new Window(
                                        flat.id(),
                                        flat.number,
                                        flat.floor,
                                        flat.bay,
                                        Optional.ofNullable(colourOf.get(flat.id()))
                                                .map(SurfaceRepository.WallColour::getColourId)),
                                Collectors.toList())));
        return wanted.stream()
                .map(house -> new Facade(house, windows.getOrDefault(house.id(), List.of())))
                .toList();
    }

    /** By house how many flats it has; none where it has none. */
    public Map<UUID, Long> flatCounts() {
        return flats.counts().stream()
                .collect(Collectors.toMap(FlatRepository.Count::houseId, FlatRepository.Count::flats));
    }

    /** The houses that are looked after. */
    public List<House> all() {
        return houses.findByClosedOnIsNullOrderByPosition().stream()
                .map(HouseRow::house)
                .toList();
    }

    /** The houses of some flats, given up or not. */
    private List<House> housesOf(List<FlatRow> rows) {
        Set<UUID> ids = rows.stream().map(flat -> flat.houseId).collect(Collectors.toSet());
        return houses.findAllById(ids).stream().map(HouseRow::house).toList();
    }

    private static Map<UUID, House> byId(List<House> of) {
        return of.stream().collect(Collectors.toMap(House::id, house -> house));
    }

    /** @throws NotFoundException if there is none, or not in this organisation */
    public House house(UUID id) {
        return houses.findById(id).map(HouseRow::house).orElseThrow(NotFoundException::new);
    }

    public List<Turnover> openTurnovers() {
        return turnovers.findByEndedOnIsNull().stream()
                .map(TurnoverRow::turnover)
                .toList();
    }

    /** The flat of each turnover, also of those that are over. */
    public Map<UUID, UUID> flatsOfTurnovers(Collection<UUID> turnoverIds) {
        return turnovers.findAllById(turnoverIds).stream()
                .collect(Collectors.toMap(TurnoverRow::id, row -> row.flatId));
    }

    /** @throws NotFoundException if there is none, or not in this organisation */
    public Flat flat(UUID id) {
        return flat(flats.let(id).orElseThrow(NotFoundException::new));
    }

    private Flat flat(FlatRepository.Let let) {
        UUID id = let.flat().id();
        Map<RoomRow, List<SurfaceRow>> inRooms = surfaces.findByFlat(id).stream()
                .collect(Collectors.groupingBy(
                        SurfaceRepository.InRoom::room,
                        LinkedHashMap::new,
                        Collectors.mapping(SurfaceRepository.InRoom::surface, Collectors.toList())));
        Map<UUID, List<WallFeatureRow>> featuresOf =
                features.findByFlat(id).stream().collect(Collectors.groupingBy(row -> row.surfaceId));
        List<CoatRow> coatRows = coats.findByFlat(id);
        PaintBook book = paints.book();
        Map<UUID, Tin> tins =
                store.tins(coatRows.stream().flatMap(CoatRow::tinIds).collect(Collectors.toSet()));
        Map<UUID, String> names = people.names();
        Map<UUID, List<Coat>> coatsOf = coatRows.stream()
                .collect(Collectors.groupingBy(
                        row -> row.surfaceId,
                        Collectors.mapping(row -> coat(row, book, tins, names), Collectors.toList())));
        return new Flat(
                id,
                let.house().house(),
                let.flat().number,
                Optional.ofNullable(let.flat().closedOn),
                Optional.ofNullable(let.turnover()).map(TurnoverRow::turnover),
                inRooms.entrySet().stream()
                        .map(each -> Rooms.room(each.getKey(), each.getValue(), featuresOf, coatsOf))
                        .toList());
    }

    /** The name of a flat's door: its house and its number. */
    public record Door(UUID flatId, House house, String number) {
        public String name() {
            return house.name() + " " + number;
        }
    }

    /** By flat its door: where only names are shown. */
    public Map<UUID, Door> doors(Collection<UUID> flatIds) {
        if (flatIds.isEmpty()) {
            return Map.of();
        }
        return doors(flats.findAllById(Set.copyOf(flatIds))).stream()
                .collect(Collectors.toMap(Door::flatId, door -> door));
    }

    /** The doors of some houses, by number. */
    public List<Door> doorsOf(Collection<UUID> houseIds) {
        return doors(flats.findByHouseIdInAndClosedOnIsNullOrderByNumber(houseIds));
    }

    /** The first doors of some houses, house by house. */
    public List<Door> doorsOf(List<House> of, int most) {
        return doors(flats.inHouses(ids(of), Limit.of(most)), of);
    }

    /** The first doors with a number in some houses, house by house. */
    public List<Door> doorsNumbered(String number, List<House> of, int most) {
        return doors(flats.numbered(number.toLowerCase(Locale.ROOT), ids(of), Limit.of(most)), of);
    }

    private static List<UUID> ids(List<House> of) {
        return of.stream().map(House::id).toList();
    }

    private List<Door> doors(List<FlatRow> rows) {
        return doors(rows, housesOf(rows));
    }

    private static List<Door> doors(List<FlatRow> rows, List<House> of) {
        Map<UUID, House> houseOf = byId(of);
        return rows.stream()
                .map(flat -> new Door(
                        flat.id(),
                        Optional.ofNullable(houseOf.get(flat.houseId)).orElseThrow(),
                        flat.number))
                .toList();
    }

    /** By flat how many rooms it has. */
    public Map<UUID, Integer> roomCounts(Collection<UUID> flatIds) {
        return rooms.count(flatIds).stream()
                .collect(Collectors.toMap(RoomRepository.Count::flatId, count -> (int) count.rooms()));
    }

    /** Flats with their rooms and the size of their surfaces, without what is on them or fitted to them. */
    public List<Flat> bare(Collection<UUID> ids) {
        List<FlatRow> flatRows = flats.findAllById(ids);
        Map<UUID, House> houseOf = byId(housesOf(flatRows));
        Map<UUID, Turnover> turnoverOf =
                openTurnovers().stream().collect(Collectors.toMap(Turnover::flatId, turnover -> turnover));
        List<RoomRow> roomRows = rooms.findByFlatIdInOrderByPosition(ids);
        Map<UUID, List<SurfaceRow>> surfacesOf =
                surfaces.findByRoomIdIn(roomRows.stream().map(RoomRow::id).toList()).stream()
                        .collect(Collectors.groupingBy(row -> row.roomId));
        Map<UUID, List<RoomRow>> roomsOf = roomRows.stream().collect(Collectors.groupingBy(row -> row.flatId));
        return flatRows.stream()
                .map(flat -> new Flat(
                        flat.id(),
                        Optional.ofNullable(houseOf.get(flat.houseId)).orElseThrow(),
                        flat.number,
                        Optional.ofNullable(flat.closedOn),
                        Optional.ofNullable(turnoverOf.get(flat.id())),
                        roomsOf.getOrDefault(flat.id(), List.of()).stream()
                                .map(row -> Rooms.room(
                                        row, surfacesOf.getOrDefault(row.id(), List.of()), Map.of(), Map.of()))
                                .toList()))
                .toList();
    }

    /** The flat that a room is in, with all of it. */
    public Flat flatOfRoom(UUID roomId) {
        return flat(flats.letOfRoom(roomId).orElseThrow(NotFoundException::new));
    }

    /** The flat that a surface is in. */
    public Flat flatOfSurface(UUID surfaceId) {
        return flat(flats.letOf(surfaceId).orElseThrow(NotFoundException::new));
    }

    /** @throws NotFoundException if there is no such surface, or not in this organisation */
    public UUID flatIdOf(UUID surfaceId) {
        return surfaces.flatOf(surfaceId).orElseThrow(NotFoundException::new);
    }

    /**
     * Where a surface is and how large it is with what is in it, without what is on it.
     *
     * @param surface without its coats
     */
    public record Standing(UUID flatId, House house, Surface surface) {}

    /** @throws NotFoundException if there is none, or not in this organisation */
    public Standing standing(UUID surfaceId) {
        List<SurfaceRepository.Standing> around = surfaces.standing(surfaceId);
        if (around.isEmpty()) {
            throw new NotFoundException();
        }
        SurfaceRepository.Standing found = around.getFirst();
        Room room = Rooms.room(
                found.room(),
                around.stream().map(SurfaceRepository.Standing::surface).toList(),
                features.findByRoom(found.room().id()).stream().collect(Collectors.groupingBy(row -> row.surfaceId)),
                Map.of());
        return new Standing(
                found.room().flatId,
                found.house().house(),
                room.surfaces().stream()
                        .filter(surface -> surface.id().equals(surfaceId))
                        .findFirst()
                        .orElseThrow());
    }

    /**
     * Makes everybody else who changes this surface wait until the transaction ends, so that what is sent twice at once is one
     * change and then no change.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void lock(UUID surfaceId) {
        surfaces.lock(surfaceId).orElseThrow(NotFoundException::new);
    }

    private static Coat coat(CoatRow row, PaintBook book, Map<UUID, Tin> tins, Map<UUID, String> names) {
        return new Coat(
                row.position,
                row.layer,
                Optional.ofNullable(row.productId).map(book.products()::get),
                Optional.ofNullable(row.colourId).map(book.colours()::get),
                row.tinIds().flatMap(id -> Stream.ofNullable(tins.get(id))).toList(),
                row.batch,
                row.places == null ? OptionalInt.empty() : OptionalInt.of(row.places),
                Optional.ofNullable(row.appliedOn),
                Optional.ofNullable(row.appliedBy).map(names::get),
                Optional.ofNullable(row.temperatureCelsius).map(Temperature::ofCelsius),
                Optional.ofNullable(row.humidityPercent).map(RelativeHumidity::ofPercent),
                Optional.ofNullable(row.sheetId),
                row.note);
    }

    public boolean hasHouseNamed(String name) {
        return houses.existsByNameIgnoreCase(name);
    }

    /** The flats of a house, by number: what they are called and where their windows stand. */
    public FlatPlaces placesOf(UUID houseId) {
        return new FlatPlaces(flats.findByHouseIdInAndClosedOnIsNullOrderByNumber(List.of(houseId)).stream()
                .map(flat -> new FlatPlaces.At(flat.id(), flat.number, flat.floor, flat.bay))
                .toList());
    }
}
