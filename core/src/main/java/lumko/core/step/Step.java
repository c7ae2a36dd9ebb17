package lumko.core.step;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;

/**
 * One step of a job, for all surfaces that it is done on.
 *
 * @param surfaces keys of the surfaces, in the order they were given
 * @param paint key of the paint it puts on, empty if none
 * @param places how many marked places or fittings
 * @param area how much surface, nothing where places are counted
 * @param edge how many metres of edge or tape
 * @param toDry what has to dry before the next step on the same surface
 * @param within the latest moment for it, if there is one
 */
public record Step(
        StepKind kind,
        List<String> surfaces,
        String paint,
        int places,
        Area area,
        Length edge,
        Duration labour,
        Set<Tool> tools,
        List<Use> uses,
        Optional<Wait> toDry,
        Optional<Within> within,
        Set<Caution> cautions) {
    public Step {
        surfaces = List.copyOf(surfaces);
        uses = List.copyOf(uses);
    }

    /** Whether another step is done on one of the same surfaces, so that it has to mind what this one leaves wet. */
    public boolean shares(Step other) {
        return surfaces.stream().anyMatch(other.surfaces::contains);
    }

    /** Whether it has to find its surfaces dry. Wetting plaster, pulling tape off wet and packing up need not wait. */
    public boolean needsDry() {
        return switch (kind) {
            case SET_UP, PREPARE_SLEEVE, KEEP_DAMP, BAG_TOOLS, WASH_TOOLS, PACK_UP -> false;
            case UNMASK -> within.isEmpty();
            default -> true;
        };
    }
}
