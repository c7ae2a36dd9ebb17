package lumko.app.house;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.core.geometry.Fixture;
import lumko.core.job.Face;
import lumko.core.record.Substrate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Enters doors, radiators and other fixtures that have paint of their own, puts them right, and notes that they are gone. */
@Service
@Transactional
public class Fixtures {
    private final SurfaceRepository surfaces;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    Fixtures(SurfaceRepository surfaces, Houses houses, History history, Access access, Speaker speaker) {
        this.surfaces = surfaces;
        this.houses = houses;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    /**
     * A fixture as it was entered.
     *
     * @param version for whoever puts it right
     */
    public record Entered(Surface surface, int version) {}

    /** The fixtures of a room, those that are gone last. */
    @Transactional(readOnly = true)
    public List<Entered> of(Room room) {
        Map<UUID, Integer> versions = surfaces.findByRoomIdIn(List.of(room.id())).stream()
                .collect(Collectors.toMap(SurfaceRow::id, SurfaceRow::version));
        return room.surfaces().stream()
                .filter(surface -> surface.fixture().isPresent())
                .sorted(Comparator.comparing(surface -> surface.goneOn().isPresent()))
                .map(surface -> new Entered(surface, versions.getOrDefault(surface.id(), -1)))
                .toList();
    }

    /**
     * Enters a fixture in a room, with nothing on it.
     *
     * @param name what people call it where there are several; empty where what it is says enough
     */
    public UUID add(UUID roomId, Fixture fixture, String name) {
        Flat flat = houses.flatOfRoom(roomId);
        requireRecords(flat);
        SurfaceRow row = new SurfaceRow(roomId, SurfaceKind.FIXTURE, surfaces.nextFixture(roomId));
        row.substrate = Face.usualSubstrate(fixture.kind());
        row.put(fixture, name);
        surfaces.saveAndFlush(row);
        history.note(Subject.surface(flat.id(), row.id()), EventKind.FEATURE_ENTERED, told(fixture, name));
        return row.id();
    }

    /**
     * Puts right what was entered of a fixture.
     *
     * @return its room
     * @throws lumko.app.platform.ChangedMeanwhileException if somebody has changed it since that version
     */
    public UUID change(UUID surfaceId, Fixture fixture, String name, Substrate substrate, int seenVersion) {
        Flat flat = houses.flatOfSurface(surfaceId);
        requireRecords(flat);
        SurfaceRow row = row(surfaceId);
        row.checkSeen(seenVersion);
        Fixture before = row.fixture().orElseThrow(NotFoundException::new);
        String called = flat.surface(surfaceId).orElseThrow().label();
        if (before.equals(fixture) && called.equals(name) && row.substrate == substrate) {
            return row.roomId;
        }
        row.put(fixture, name);
        row.substrate = substrate;
        history.note(
                Subject.surface(flat.id(), surfaceId),
                EventKind.CORRECTED,
                told(before, called) + " → " + told(fixture, name));
        return row.roomId;
    }

    private String told(Fixture fixture, String name) {
        return speaker.words()
                .say(
                        "fixture.told",
                        name.isEmpty() ? speaker.words().name(fixture.kind()) : name,
                        speaker.words().place(fixture.width()),
                        speaker.words().place(fixture.height()));
    }

    /**
     * It is not there any more. What was done to it stays on record, and it comes back as it was.
     *
     * @return its room
     */
    public UUID takeOff(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        requireRecords(flat);
        SurfaceRow row = row(surfaceId);
        if (row.goneOn == null) {
            row.goneOn = speaker.today();
            history.note(Subject.surface(flat.id(), surfaceId), EventKind.TAKEN_OFF, called(flat, surfaceId));
        }
        return row.roomId;
    }

    /**
     * It is there after all.
     *
     * @return its room
     */
    public UUID putBack(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        requireRecords(flat);
        SurfaceRow row = row(surfaceId);
        if (row.goneOn != null) {
            row.goneOn = null;
            history.note(
                    Subject.surface(flat.id(), surfaceId),
                    EventKind.CORRECTED,
                    speaker.words().say("off.backAgain", called(flat, surfaceId)));
        }
        return row.roomId;
    }

    private String called(Flat flat, UUID surfaceId) {
        return flat.surface(surfaceId).orElseThrow().called(speaker.words());
    }

    private SurfaceRow row(UUID surfaceId) {
        return surfaces.findById(surfaceId)
                .filter(row -> row.kind == SurfaceKind.FIXTURE)
                .orElseThrow(NotFoundException::new);
    }

    private void requireRecords(Flat flat) {
        access.requireRecordsOf(flat.house().id(), flat.house().name());
    }
}
