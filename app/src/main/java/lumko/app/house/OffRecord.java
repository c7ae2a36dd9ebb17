package lumko.app.house;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is no longer there, or never was: houses that were given up, flats that are no longer let, rooms entered by mistake. Nothing is
 * deleted: what was done there stays on record, and each comes back as it was.
 */
@Service
@Transactional
public class OffRecord {
    private final HouseRepository houseRows;
    private final FlatRepository flats;
    private final RoomRepository rooms;
    private final RemovedRoomRepository removedRooms;
    private final TurnoverRepository turnovers;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    OffRecord(
            HouseRepository houseRows,
            FlatRepository flats,
            RoomRepository rooms,
            RemovedRoomRepository removedRooms,
            TurnoverRepository turnovers,
            Houses houses,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.houseRows = houseRows;
        this.flats = flats;
        this.rooms = rooms;
        this.removedRooms = removedRooms;
        this.turnovers = turnovers;
        this.houses = houses;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    // ---- houses

    /** Houses that nobody looks after any more. */
    @Transactional(readOnly = true)
    public List<House> closedHouses() {
        return houseRows.findByClosedOnIsNotNullOrderByName().stream()
                .map(HouseRow::house)
                .toList();
    }

    /** Since when a house is not looked after any more; empty while it is. */
    @Transactional(readOnly = true)
    public Optional<LocalDate> houseClosedOn(UUID houseId) {
        return Optional.ofNullable(houseRow(houseId).closedOn);
    }

    private HouseRow houseRow(UUID houseId) {
        return houseRows.findById(houseId).orElseThrow(NotFoundException::new);
    }

    /**
     * The house is not looked after any more: sold, or pulled down.
     *
     * @throws NotNowException while a flat of it is between two tenants
     */
    public void closeHouse(UUID houseId) {
        access.requireLead();
        HouseRow row = houseRow(houseId);
        List<UUID> flatIds = flats.findByHouseIdAndClosedOnIsNull(houseId).stream()
                .map(FlatRow::id)
                .toList();
        if (turnovers.existsByFlatIdInAndEndedOnIsNull(flatIds)) {
            throw new NotNowException("denied.houseOpen", row.name);
        }
        close(row.closedOn, () -> row.closedOn = speaker.today(), Subject.organisation(), row.name);
    }

    public void reopenHouse(UUID houseId) {
        access.requireLead();
        HouseRow row = houseRow(houseId);
        if (row.closedOn != null) {
            row.closedOn = null;
            history.note(Subject.organisation(), EventKind.CORRECTED, backAgain(row.name));
        }
    }

    private void close(@Nullable LocalDate closedOn, Runnable close, Subject subject, String name) {
        if (closedOn == null) {
            close.run();
            history.note(subject, EventKind.TAKEN_OFF, name);
        }
    }

    private String backAgain(String name) {
        return speaker.words().say("off.backAgain", name);
    }

    // ---- flats

    /** Flats of a house that are no longer let, by number. */
    @Transactional(readOnly = true)
    public List<Houses.Door> closedFlats(UUID houseId) {
        House house = houses.house(houseId);
        return flats.findByHouseIdAndClosedOnIsNotNullOrderByNumber(houseId).stream()
                .map(flat -> new Houses.Door(flat.id(), house, flat.number))
                .toList();
    }

    private FlatRow flatRow(UUID flatId) {
        return flats.findById(flatId).orElseThrow(NotFoundException::new);
    }

    /**
     * The flat is no longer let: its number and its window are free for another.
     *
     * @throws NotNowException while it is between two tenants
     */
    public void closeFlat(UUID flatId) {
        access.requireLead();
        FlatRow row = flatRow(flatId);
        if (turnovers.existsByFlatIdInAndEndedOnIsNull(List.of(flatId))) {
            throw new NotNowException("denied.flatOpen", row.number);
        }
        close(row.closedOn, () -> row.closedOn = speaker.today(), Subject.flat(flatId), name(row));
    }

    /** @throws NotNowException if another flat has its number or its window since */
    public void reopenFlat(UUID flatId) {
        access.requireLead();
        FlatRow row = flatRow(flatId);
        if (row.closedOn != null) {
            FlatPlaces others = houses.placesOf(row.houseId);
            if (others.has(row.number) || others.behind(row.floor, row.bay).isPresent()) {
                throw new NotNowException(
                        "denied.flatTaken",
                        row.number,
                        houses.house(row.houseId).name());
            }
            row.closedOn = null;
            history.note(Subject.flat(flatId), EventKind.CORRECTED, backAgain(name(row)));
        }
    }

    private String name(FlatRow row) {
        return houses.house(row.houseId).name() + " " + row.number;
    }

    // ---- rooms

    /** A room that was taken off the record. */
    public record Removed(UUID roomId, String name) {}

    @Transactional(readOnly = true)
    public List<Removed> removedRooms(UUID flatId) {
        return removedRooms.findByFlatIdOrderByRemovedAtDesc(flatId).stream()
                .map(row -> new Removed(row.id(), row.name))
                .toList();
    }

    /**
     * Takes a room off the record with all that is on its surfaces.
     *
     * @return its flat
     * @throws NotNowException if anything was ever done in it
     */
    public UUID removeRoom(UUID roomId) {
        RoomRow row = rooms.findById(roomId).orElseThrow(NotFoundException::new);
        requireRecords(row.flatId);
        if (rooms.isUsed(roomId)) {
            throw new NotNowException("denied.roomUsed", row.name);
        }
        row.removedAt = clock.instant();
        history.note(Subject.flat(row.flatId), EventKind.TAKEN_OFF, row.name);
        return row.flatId;
    }

    /** @return its flat */
    public UUID putBackRoom(UUID roomId) {
        RemovedRoomRow row = removedRooms.findById(roomId).orElseThrow(NotFoundException::new);
        requireRecords(row.flatId);
        row.removedAt = null;
        history.note(Subject.flat(row.flatId), EventKind.CORRECTED, backAgain(row.name));
        return row.flatId;
    }

    private void requireRecords(UUID flatId) {
        House house = houses.house(flatRow(flatId).houseId);
        access.requireRecordsOf(house.id(), house.name());
    }
}
