package lumko.app.walk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.EveryTime;

/** What was found out and decided in the turnover of a flat. */
record Turn(
        Map<UUID, Visit> visits, Map<UUID, Set<RoomFinding>> findings, List<PlaceAnswerRow> answers, boolean isOpen) {
    Visit visitOf(Surface surface) {
        return visits.getOrDefault(surface.id(), Visit.NONE);
    }

    Set<RoomFinding> findingsOf(Room room) {
        return findings.getOrDefault(room.id(), Set.of());
    }

    Set<UUID> walked() {
        return visits.entrySet().stream()
                .filter(visit -> visit.getValue().isWalked())
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /** The places of a wall that are asked about; nothing is asked while the flat is let. */
    List<AskedPlace> placesOn(Room room, Surface surface) {
        List<Surface> walls = room.walls().toList();
        int side = walls.stream().map(Surface::id).toList().indexOf(surface.id());
        if (side < 0 || !isOpen) {
            return List.of();
        }
        return EveryTime.of(
                        room.kind(),
                        room.outline(),
                        walls.stream().map(Surface::asWall).toList())
                .stream()
                .filter(place -> place.side() == side)
                .map(place -> asked(surface, place))
                .toList();
    }

    private AskedPlace asked(Surface surface, EveryTime place) {
        AskedPlace open = new AskedPlace(surface.id(), place, Optional.empty());
        return answers.stream()
                .filter(row -> row.surfaceId.equals(surface.id())
                        && row.kind == place.kind()
                        && row.leftMillimetres == open.left())
                .findFirst()
                .map(row -> new AskedPlace(surface.id(), place, Optional.of(row.answer)))
                .orElse(open);
    }
}
