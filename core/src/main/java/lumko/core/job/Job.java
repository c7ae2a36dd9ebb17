package lumko.core.job;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Site;

/**
 * What is to be done in a flat on one visit.
 *
 * @param faces its surfaces, those that are not painted too as far as others depend on them
 * @param people how many work at once
 * @param done activities finished before the plan begins
 * @param mix how the paint that was mixed by hand was put together
 */
public record Job(
        List<Room> rooms, List<Face> faces, Site site, int people, Set<ActivityKind> done, Optional<Mix> mix) {
    /**
     * A paint stirred together from several tins.
     *
     * @param litres what they give together
     * @param tins how many
     */
    public record Mix(String paint, double litres, int tins) {}

    public Job {
        rooms = List.copyOf(rooms);
        faces = List.copyOf(faces);
        done = Set.copyOf(done);
    }

    /** A job for one pair of hands, of which nothing is done yet. */
    public static Job of(List<Room> rooms, List<Face> faces, Site site) {
        return new Job(rooms, faces, site, 1, Set.of(), Optional.empty());
    }

    /** One surface in its room, on its own. */
    public static Job of(Room room, Face face, Site site) {
        return of(List.of(room), List.of(face), site);
    }

    /** The same visit for other surfaces. */
    public Job with(List<Face> others) {
        return new Job(rooms, others, site, people, done, mix);
    }

    public Room room(String key) {
        return rooms.stream()
                .filter(room -> room.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the job has no room " + key));
    }

    public Optional<Face> face(String key) {
        return faces.stream().filter(face -> face.key().equals(key)).findFirst();
    }

    /** The surfaces something is done on. */
    public List<Face> active() {
        return faces.stream().filter(Face::isActive).toList();
    }

    /** Whether the trim of a room is painted. */
    public boolean paintsTrimOf(String room) {
        return faces.stream()
                .anyMatch(face -> face.isTrimOfRoom() && face.room().equals(room) && face.isPaintedWhole());
    }

    /** Walls that are painted in another colour than most of their room ends up in. They come after all that touches them. */
    public Set<String> accents() {
        Map<String, Map<String, Double>> areas = new HashMap<>();
        for (Face face : faces) {
            if (face.side() == Side.WALL) {
                paint(face)
                        .ifPresent(paint -> areas.computeIfAbsent(face.room(), room -> new HashMap<>())
                                .merge(paint, face.wall().paintedArea().inSquareMetres(), Double::sum));
            }
        }
        Set<String> accents = new HashSet<>();
        for (Face face : faces) {
            if (face.side() == Side.WALL && face.isPaintedWhole()) {
                Map<String, Double> ofRoom = areas.getOrDefault(face.room(), Map.of());
                double most =
                        ofRoom.values().stream().mapToDouble(area -> area).max().orElse(0);
                if (ofRoom.getOrDefault(face.goesOn().paint(), 0.0) < most) {
                    accents.add(face.key());
                }
            }
        }
        return accents;
    }

    private static Optional<String> paint(Face face) {
        return face.isPaintedWhole()
                ? Optional.of(face.goesOn().paint())
                : face.stack().seen().flatMap(coat -> coat.paint());
    }
}
