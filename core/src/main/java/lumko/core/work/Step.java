package lumko.core.work;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;

/**
 * One step of a job, for all walls that it is done on.
 *
 * @param walls keys of the walls, in the order they were given
 * @param paint key of the wall paint it puts on, empty if none
 * @param places how many marked places or plates
 * @param area how much surface, nothing where places are counted
 * @param edge how many metres of edge
 * @param toDry what has to dry before the next step
 */
public record Step(
        StepKind kind,
        List<String> walls,
        String paint,
        int places,
        Area area,
        Length edge,
        Duration labour,
        Set<Tool> tools,
        List<Use> uses,
        Optional<Wait> toDry,
        Set<Caution> cautions) {
    public Step {
        walls = List.copyOf(walls);
        uses = List.copyOf(uses);
    }
}
