package lumko.app.tables;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.NewRoom;
import lumko.app.house.OffRecord;
import lumko.app.house.RecordFields;
import lumko.app.house.Recording;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WallsInTurn;
import lumko.core.quantity.Length;
import lumko.core.record.Substrate;
import org.springframework.stereotype.Component;

/** Rooms by length and width, or wall by wall. What kind of room it is its name may say. */
@Component
class RoomTaker implements Taker {
    private final Houses houses;
    private final Recording recording;
    private final OffRecord offRecord;
    private final RecordFields fields;
    private final Speaker speaker;

    RoomTaker(Houses houses, Recording recording, OffRecord offRecord, RecordFields fields, Speaker speaker) {
        this.houses = houses;
        this.recording = recording;
        this.offRecord = offRecord;
        this.fields = fields;
        this.speaker = speaker;
    }

    @Override
    public TableKind kind() {
        return TableKind.ROOMS;
    }

    @Override
    public void undo(Done done) {
        offRecord.removeRoom(done.id());
    }

    @Override
    public Run begin(List<Done> done) {
        Places places = new Places(houses, speaker.words());
        Set<List<Object>> made = new HashSet<>();
        return row -> take(row, places, made, done);
    }

    private Outcome take(Form row, Places places, Set<List<Object>> made, List<Done> done) {
        Optional<Flat> flat = places.flat(row);
        String name = row.text("roomName", 60);
        boolean isThere = flat.filter(of -> made.contains(List.of(of.id(), Places.key(name)))
                        || of.rooms().stream().anyMatch(room -> room.name().equalsIgnoreCase(name)))
                .isPresent();
        if (isThere) {
            return new Outcome(Result.THERE, said(flat.orElseThrow(), name));
        }
        RoomKind kind = row.called("roomKind", RoomKind.class, kindOf(name));
        Optional<WallsInTurn> walls = fields.outline(row);
        Length height = row.metres("height", Wall.ROOM_HEIGHT);
        Substrate substrate = row.called("substrate", Substrate.class, Substrate.GYPSUM_BOARD);
        Texture texture = row.called("texture", Texture.class, Texture.SMOOTH);
        if (row.hasErrors()) {
            return Outcome.refused();
        }
        Flat of = flat.orElseThrow();
        done.add(Done.made(
                What.ROOM,
                recording.addRoom(
                        of.id(), NewRoom.bare(name, kind, walls.orElseThrow().outline(), height, substrate, texture))));
        made.add(List.of(of.id(), Places.key(name)));
        return new Outcome(Result.MADE, said(of, name));
    }

    private static String said(Flat flat, String room) {
        return flat.house().name() + " " + flat.number() + ", " + room;
    }

    private RoomKind kindOf(String name) {
        return Stream.of(RoomKind.values())
                .filter(kind -> name.toLowerCase(Locale.ROOT)
                        .contains(speaker.words().name(kind).toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElse(RoomKind.LIVING);
    }
}
