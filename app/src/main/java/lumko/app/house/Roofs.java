package lumko.app.house;

import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.core.geometry.RoofLine;
import lumko.core.geometry.Wall;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says where a roof cuts a wall off. The walk and what is open follow at once; a sheet that is made stays as it was made. */
@Service
@Transactional
class Roofs {
    private final SurfaceRepository surfaces;
    private final RoomRepository rooms;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    Roofs(
            SurfaceRepository surfaces,
            RoomRepository rooms,
            Houses houses,
            History history,
            Access access,
            Speaker speaker) {
        this.surfaces = surfaces;
        this.rooms = rooms;
        this.houses = houses;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    /**
     * @param roof empty where the wall reaches up to the ceiling
     * @throws IllegalArgumentException if it cannot be, or an opening or a fitting would lie above it
     * @throws NotNowException if an open mark would lie above it, or beyond the ceiling as it is then
     */
    public void put(UUID wallId, Optional<RoofLine> roof) {
        Flat flat = houses.flatOfSurface(wallId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        Surface surface = flat.surface(wallId).filter(Surface::isWall).orElseThrow(NotFoundException::new);
        Wall before = surface.asWall();
        if (before.roof().equals(roof)) {
            return;
        }
        Wall then = before.under(roof);
        Room room = flat.roomOf(wallId);
        if (rooms.hasMarkBeyond(wallId, then)) {
            throw new NotNowException("denied.markAboveRoof", room.name());
        }
        Surface ceiling = room.only(SurfaceKind.CEILING);
        Wall over = room.outline()
                .ceiling(
                        ceiling.asWall().texture(),
                        ceiling.asWall().fittings(),
                        room.walls()
                                .map(wall -> wall.id().equals(wallId) ? then : wall.asWall())
                                .toList());
        if (rooms.hasMarkBeyond(ceiling.id(), over)) {
            throw new NotNowException("denied.markBeyond", room.name());
        }
        surfaces.findById(wallId).orElseThrow(NotFoundException::new).put(roof);
        history.note(Subject.surface(flat.id(), wallId), EventKind.CORRECTED, said(before.roof()) + " → " + said(roof));
    }

    private String said(Optional<RoofLine> roof) {
        return roof.map(line -> line.heights().map(speaker.words()::place).collect(Collectors.joining(" / ")))
                .orElseGet(() -> speaker.words().say("roof.none"));
    }
}
