package lumko.core.job;

import java.util.Optional;
import java.util.Set;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.RoomKind;
import lumko.core.quantity.Area;

/**
 * A room of a job.
 *
 * @param floorArea empty where nobody measured it
 */
public record Room(String key, RoomKind kind, Set<RoomFinding> findings, Floor floor, Optional<Area> floorArea) {
    /** What lies on the floor while one works. */
    public enum Floor {
        HARD,
        CARPET,
        NOT_LAID_YET
    }

    public Room {
        findings = Set.copyOf(findings);
    }

    /** Whether there is a floor to protect. */
    public boolean hasFloor() {
        return floor != Floor.NOT_LAID_YET && !findings.contains(RoomFinding.FLOOR_COMES_LATER);
    }

    public boolean isFurnished() {
        return findings.contains(RoomFinding.FURNISHED);
    }

    public boolean isSmoked() {
        return findings.stream().anyMatch(RoomFinding::isSmoke);
    }
}
