package lumko.app.sheet;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lumko.app.house.Flat;
import lumko.app.walk.PlacedMark;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Tool;
import lumko.core.activity.Use;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingMaterial;
import lumko.core.practice.Practice;
import lumko.core.quantity.Volume;

/**
 * A job on the phone and on paper.
 *
 * @param practice the house practice as it was when the sheet was made
 * @param marks those that are not made good yet, by surface
 * @param newFaults marks on its surfaces that were set after it was made and are not on it
 * @param rest when it will be finished, as it stands; empty once it is closed
 * @param pulse changes whenever anything of the sheet does
 */
public record Sheet(
        UUID id,
        Flat flat,
        List<SheetWall> walls,
        List<SheetStep> steps,
        List<PaintNeed> paints,
        Climate climate,
        Practice practice,
        Optional<Instant> climateNotedAt,
        String madeBy,
        Instant madeAt,
        List<Note> notes,
        List<Note> notesOff,
        Map<UUID, List<PlacedMark>> marks,
        int newFaults,
        Optional<Rest> rest,
        Optional<Closed> closed,
        long pulse,
        int version) {
    /** Who closed it and when, and what the last look showed. */
    public record Closed(String by, Instant at, Inspection inspection) {}

    /**
     * What is still to come, if one person goes on from now.
     *
     * @param starts when each step is begun
     * @param hands when the hands are done
     * @param dry when the last coat is dry
     * @param heldUp what holds the job up most; empty if the hands never stand still
     */
    public record Rest(Map<UUID, Instant> starts, Instant hands, Instant dry, Optional<HeldUp> heldUp) {}

    /**
     * What the hands stand still for longest.
     *
     * @param by what has to dry
     * @param step before which they wait
     */
    public record HeldUp(DryingMaterial by, UUID step, Duration standstill) {}

    /** What somebody wrote down. */
    public record Note(UUID id, String words, UUID personId, String by, Instant at, int version) {}

    List<PlacedMark> marksOn(UUID surfaceId) {
        return marks.getOrDefault(surfaceId, List.of());
    }

    /** Whether all that a step was done on has been painted by what was ticked after it. */
    boolean isPaintedOver(SheetStep step) {
        return step.activity()
                .isPaintedOver(steps.subList(steps.indexOf(step) + 1, steps.size()).stream()
                        .filter(SheetStep::isTicked)
                        .map(SheetStep::activity)
                        .toList());
    }

    /** The coats on a surface from edge to edge, planned or done, in their order. */
    List<SheetStep> rolled(UUID surfaceId) {
        return steps.stream()
                .filter(step -> step.activity().kind().isRolling()
                        && step.activity().surfaces().contains(surfaceId.toString()))
                .toList();
    }

    public boolean isOpen() {
        return closed.isEmpty();
    }

    public int ticked() {
        return (int) steps.stream().filter(SheetStep::isTicked).count();
    }

    public boolean isAllTicked() {
        return ticked() == steps.size();
    }

    public Optional<SheetStep> next() {
        return steps.stream().filter(step -> !step.isTicked()).findFirst();
    }

    public Duration labour() {
        return steps.stream().map(step -> step.activity().hand()).reduce(Duration.ZERO, Duration::plus);
    }

    public Duration labourLeft() {
        return steps.stream()
                .filter(step -> !step.isTicked())
                .map(step -> step.activity().hand())
                .reduce(Duration.ZERO, Duration::plus);
    }

    /** Every tool of every step, once. */
    public Set<Tool> tools() {
        Set<Tool> tools = EnumSet.noneOf(Tool.class);
        steps.forEach(step -> tools.addAll(step.activity().tools()));
        return tools;
    }

    public Set<Caution> cautions() {
        Set<Caution> cautions = EnumSet.noneOf(Caution.class);
        steps.forEach(step -> cautions.addAll(step.activity().cautions()));
        return cautions;
    }

    /** What is used up besides the paints of the record. */
    public Map<Material, Volume> materials() {
        Map<Material, Volume> sums = new LinkedHashMap<>();
        for (SheetStep step : steps) {
            for (Use use : step.activity().uses()) {
                if (!use.material().isPaint()) {
                    sums.merge(use.material(), use.volume(), Volume::plus);
                }
            }
        }
        return sums;
    }
}
