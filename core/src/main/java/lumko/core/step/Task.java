package lumko.core.step;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/**
 * What one fault, fitting or coat asks of one step, before it is merged with the others of the job.
 *
 * @param minutes of the hand
 * @param knife width of the knife, where filler is put on
 */
public record Task(
        StepKind kind,
        double minutes,
        int places,
        Area area,
        Length edge,
        List<Use> uses,
        Optional<Wait> toDry,
        Optional<Within> within,
        Optional<Length> knife,
        Set<Tool> tools,
        Set<Caution> cautions) {
    public Task {
        uses = List.copyOf(uses);
        tools = Collections.unmodifiableSet(tools);
        cautions = Collections.unmodifiableSet(cautions);
    }

    public static Task of(StepKind kind) {
        return new Task(
                kind,
                0,
                0,
                Area.ZERO,
                Length.ZERO,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                EnumSet.noneOf(Tool.class),
                EnumSet.noneOf(Caution.class));
    }

    public Task minutes(double more) {
        return new Task(kind, minutes + more, places, area, edge, uses, toDry, within, knife, tools, cautions);
    }

    /** Takes this share of the minutes. */
    public Task timesMinutes(double factor) {
        return new Task(kind, minutes * factor, places, area, edge, uses, toDry, within, knife, tools, cautions);
    }

    public Task places(int count) {
        return new Task(kind, minutes, count, area, edge, uses, toDry, within, knife, tools, cautions);
    }

    public Task area(Area over) {
        return new Task(kind, minutes, places, over, edge, uses, toDry, within, knife, tools, cautions);
    }

    public Task edge(Length along) {
        return new Task(kind, minutes, places, area, along, uses, toDry, within, knife, tools, cautions);
    }

    public Task uses(Material material, Volume volume) {
        return uses(new Use(material, "", volume));
    }

    public Task uses(Use use) {
        List<Use> more = new ArrayList<>(uses);
        more.add(use);
        return new Task(kind, minutes, places, area, edge, more, toDry, within, knife, tools, cautions);
    }

    public Task dries(Wait wait) {
        return new Task(kind, minutes, places, area, edge, uses, Optional.of(wait), within, knife, tools, cautions);
    }

    public Task within(Within limit) {
        return new Task(kind, minutes, places, area, edge, uses, toDry, Optional.of(limit), knife, tools, cautions);
    }

    public Task knife(Length width) {
        Tool tool = width.inMillimetres() >= 150 ? Tool.WIDE_KNIVES : Tool.FILLING_KNIFE;
        return new Task(kind, minutes, places, area, edge, uses, toDry, within, Optional.of(width), tools, cautions)
                .with(tool);
    }

    public Task with(Tool... more) {
        Set<Tool> all = EnumSet.noneOf(Tool.class);
        all.addAll(tools);
        all.addAll(List.of(more));
        return new Task(kind, minutes, places, area, edge, uses, toDry, within, knife, all, cautions);
    }

    public Task with(Caution... more) {
        Set<Caution> all = EnumSet.noneOf(Caution.class);
        all.addAll(cautions);
        all.addAll(List.of(more));
        return new Task(kind, minutes, places, area, edge, uses, toDry, within, knife, tools, all);
    }
}
