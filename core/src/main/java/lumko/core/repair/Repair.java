package lumko.core.repair;

import java.util.List;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import lumko.core.step.Material;
import lumko.core.step.StepKind;
import lumko.core.step.Task;
import lumko.core.step.Use;

/**
 * How one fault is made good up to the point where its surface is painted: one chain of tasks, each of a later stage than
 * the one before.
 *
 * @param chosen the method and why
 * @param others the other methods that fit, the likeliest first
 * @param finishedAcross how wide the place is that has to be painted afterwards
 * @param finishedArea how much of the surface it then takes up
 */
public record Repair(
        Choice chosen,
        List<Choice> others,
        List<Task> tasks,
        Length finishedAcross,
        Area finishedArea,
        PaintAfter paintAfter) {
    /** What has to be painted once it is made good. */
    public enum PaintAfter {
        /** Nothing, if washing does it. */
        NOTHING,
        THE_PLACE,
        THE_WHOLE_SURFACE,
        /** The whole surface, after it has been skimmed. */
        SKIM_AND_SURFACE
    }

    public Repair {
        others = List.copyOf(others);
        tasks = List.copyOf(tasks);
    }

    public Method method() {
        return chosen.method();
    }

    /** The tasks that put filler on, in their order. */
    public List<Task> fills() {
        return tasks.stream().filter(task -> task.knife().isPresent()).toList();
    }

    /** Everything that fills: compound, plaster, caulk. */
    public Volume filler() {
        return tasks.stream()
                .flatMap(task -> task.uses().stream())
                .filter(use -> isFiller(use.material()))
                .map(Use::volume)
                .reduce(Volume.ZERO, Volume::plus);
    }

    /** Whether it leaves a place that drinks paint and is primed before a coat. */
    public boolean isBare() {
        return !fills().isEmpty()
                || tasks.stream()
                        .map(Task::kind)
                        .anyMatch(kind -> kind == StepKind.SEAL_PAPER || method() == Method.SCRAPE_AND_FEATHER);
    }

    private static boolean isFiller(Material material) {
        return switch (material) {
            case SPACKLE, FINE_FILLER, DRYING_COMPOUND, SETTING_COMPOUND, TWO_PART_FILLER, PLASTER, CAULK -> true;
            case TEXTURE,
                    PRIMER,
                    ADHESION_PRIMER,
                    METAL_PRIMER,
                    STAIN_BLOCK,
                    MIST_COAT,
                    THINNED_PAINT,
                    CLEANER,
                    MOULD_KILLER,
                    WALL_PAINT,
                    CEILING_PAINT,
                    TRIM_PAINT -> false;
        };
    }
}
