package lumko.app.house;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.core.geometry.Ends;
import lumko.core.geometry.RoofLine;
import lumko.core.geometry.StairLine;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Length;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says where a roof cuts a wall off, and where stairs run along its foot. The walk and what is open follow at once; a sheet that is made stays as it was made. */
@Service
@Transactional
class WallEnds {
    private final SurfaceRepository surfaces;
    private final RoomRepository rooms;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    WallEnds(
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
        put(
                wallId,
                ends -> ends.with(roof),
                ends -> ends.roof()
                        .map(line -> said(line.heights().stream()))
                        .orElseGet(() -> speaker.words().say("roof.none")));
    }

    /**
     * @param stairs empty where the wall begins at the floor
     * @throws IllegalArgumentException if it cannot be, or an opening or a fitting would lie below them
     * @throws NotNowException if an open mark would lie below them
     */
    public void putStairs(UUID wallId, Optional<StairLine> stairs) {
        put(
                wallId,
                ends -> ends.along(stairs),
                ends -> ends.stairs()
                        .map(line -> said(Stream.of(line.left(), line.right())))
                        .orElseGet(() -> speaker.words().say("stairs.none")));
    }

    private void put(UUID wallId, UnaryOperator<Ends> change, Function<Ends, String> said) {
        Flat flat = houses.flatOfSurface(wallId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        Surface surface = flat.surface(wallId).filter(Surface::isWall).orElseThrow(NotFoundException::new);
        Wall before = surface.asWall();
        Wall then = before.with(change.apply(before.ends()));
        if (before.equals(then)) {
            return;
        }
        Room room = flat.roomOf(wallId);
        if (rooms.hasMarkBeyond(wallId, then)) {
            throw new NotNowException("denied.markBeyondEnds", room.name());
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
        surfaces.findById(wallId).orElseThrow(NotFoundException::new).put(then.ends());
        history.note(
                Subject.surface(flat.id(), wallId),
                EventKind.CORRECTED,
                said.apply(before.ends()) + " → " + said.apply(then.ends()));
    }

    private String said(Stream<Length> heights) {
        return heights.map(speaker.words()::place).collect(Collectors.joining(" / "));
    }
}
