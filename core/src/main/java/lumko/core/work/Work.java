package lumko.core.work;

import java.time.Duration;
import java.util.List;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import lumko.core.step.Material;
import lumko.core.step.Step;
import lumko.core.step.StepKind;
import lumko.core.step.Use;

/** The steps of a job in order. */
public record Work(List<Step> steps) {
    public static final Work NONE = new Work(List.of());

    public Work {
        steps = List.copyOf(steps);
    }

    /** Minutes of the hand, without the visit to the flat that is there anyway. */
    public Duration labourOnWalls() {
        return steps.stream()
                .filter(step -> !step.kind().isOfTheVisit())
                .map(Step::labour)
                .reduce(Duration.ZERO, Duration::plus);
    }

    /** Everything that is painted on from a tin of the record. */
    public Volume paint() {
        return steps.stream()
                .flatMap(step -> step.uses().stream())
                .filter(use -> use.material().isPaint())
                .map(Use::volume)
                .reduce(Volume.ZERO, Volume::plus);
    }

    public Duration labour() {
        return steps.stream().map(Step::labour).reduce(Duration.ZERO, Duration::plus);
    }

    public Volume volume(Material material) {
        return steps.stream()
                .flatMap(step -> step.uses().stream())
                .filter(use -> use.material() == material)
                .map(Use::volume)
                .reduce(Volume.ZERO, Volume::plus);
    }

    /** Metres of tape to be put on. */
    public Length tape() {
        return steps.stream()
                .filter(step -> step.kind() == StepKind.TAPE_EDGES || step.kind() == StepKind.PROTECT_FLOOR)
                .map(Step::edge)
                .reduce(Length.ZERO, Length::plus);
    }

    /** From the first move of the hand until the last coat is dry, by one person, the likely value. */
    public Duration elapsed(DryingModel drying, Climate climate) {
        return Timeline.of(withoutTheVisit(), drying, climate).dryAt();
    }

    private Work withoutTheVisit() {
        return new Work(
                steps.stream().filter(step -> !step.kind().isOfTheVisit()).toList());
    }
}
