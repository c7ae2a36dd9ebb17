package lumko.core.activity;

import java.time.Duration;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/**
 * Something done on a job: one thing at one place, or, where several were merged for a view, the same thing at many.
 *
 * @param id stable as long as the job has it: surface or room, mark, kind and round
 * @param rooms keys of the rooms it is done in
 * @param surfaces keys of the surfaces, in the order of the job
 * @param places keys of the marks it is done at; empty where it is done to whole surfaces or fittings
 * @param paint key of the paint it puts on, empty if none
 * @param hand how long the hand is at it
 * @param lasts how long its places are taken up by it
 * @param count how many places or fittings
 * @param area how much surface, nothing where places are counted
 * @param edge how many metres of edge
 * @param tape how many metres of tape go on
 * @param knives widths of the knives, where filler is put on
 * @param wet what it leaves wet, each material once
 */
public record Activity(
        String id,
        ActivityKind kind,
        int round,
        List<String> rooms,
        List<String> surfaces,
        List<String> places,
        String paint,
        Duration hand,
        Duration lasts,
        int count,
        Area area,
        Length edge,
        Length tape,
        List<Length> knives,
        List<Use> uses,
        List<Wet> wet,
        Set<Tool> tools,
        Set<Caution> cautions,
        Set<Advice> says) {
    public Activity {
        rooms = List.copyOf(rooms);
        surfaces = List.copyOf(surfaces);
        places = List.copyOf(places);
        knives = List.copyOf(knives);
        uses = List.copyOf(uses);
        wet = List.copyOf(wet);
    }

    /** The move where it belongs. */
    public static Activity of(
            String id, Move move, String room, Optional<String> surface, Optional<String> mark, String paint) {
        return new Activity(
                id,
                move.kind(),
                move.round(),
                room.isEmpty() ? List.of() : List.of(room),
                surface.stream().toList(),
                mark.stream().toList(),
                move.kind().isOfAPaint() ? paint : "",
                move.hand(),
                move.lasts(),
                move.count(),
                move.area(),
                move.edge(),
                move.tape(),
                move.knife().stream().toList(),
                move.uses(),
                move.wet().stream().toList(),
                move.tools(),
                move.cautions(),
                move.says());
    }

    /** The same by another id. */
    public Activity as(String other) {
        return other.equals(id)
                ? this
                : new Activity(
                        other, kind, round, rooms, surfaces, places, paint, hand, lasts, count, area, edge, tape,
                        knives, uses, wet, tools, cautions, says);
    }

    /** Whether it puts paint on. */
    public boolean isCoat() {
        return (kind.phase() == Phase.COAT || kind.phase() == Phase.TRIM)
                && !paintUsed().equals(Volume.ZERO)
                && !wet.isEmpty();
    }

    /**
     * Whether all that it was done on has been painted since: what it left wet is nobody's clock any more. Spots are painted by what is
     * done at the same places, whole surfaces only by what is done all over them; cutting in paints neither.
     *
     * @param since what was done after it
     */
    public boolean isPaintedOver(Collection<Activity> since) {
        Set<String> places = new HashSet<>(this.places);
        Set<String> surfaces = new HashSet<>(this.surfaces);
        since.stream().filter(Activity::isCoat).forEach(coat -> {
            places.removeAll(coat.places);
            if (coat.places.isEmpty() && !coat.kind.isCutting()) {
                surfaces.removeAll(coat.surfaces);
            }
        });
        boolean isAtPlaces = !this.places.isEmpty() && places.isEmpty();
        return !this.surfaces.isEmpty() && (surfaces.isEmpty() || isAtPlaces);
    }

    /** Whether it is done on one of the same surfaces as another. */
    public boolean shares(Activity other) {
        return meet(surfaces, other.surfaces);
    }

    /** Whether what this one leaves is what the other comes upon: at a place both have, or on a surface one has as a whole. */
    public boolean meets(Activity other) {
        return shares(other) && (places.isEmpty() || other.places.isEmpty() || meet(places, other.places));
    }

    private static boolean meet(List<String> some, List<String> others) {
        for (String one : some) {
            if (others.contains(one)) {
                return true;
            }
        }
        return false;
    }

    /** How much of a material it uses up. */
    public Volume volume(Material material) {
        return uses.stream()
                .filter(use -> use.material() == material)
                .map(Use::volume)
                .reduce(Volume.ZERO, Volume::plus);
    }

    /** Everything it puts on from a tin of the record. */
    public Volume paintUsed() {
        return uses.stream()
                .filter(use -> use.material().isPaint())
                .map(Use::volume)
                .reduce(Volume.ZERO, Volume::plus);
    }
}
