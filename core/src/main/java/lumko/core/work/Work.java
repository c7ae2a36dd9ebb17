package lumko.core.work;

import java.time.Duration;
import java.util.List;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.quantity.Volume;

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

    /** From the first move of the hand until the last coat is dry, by one person without a break, the likely value. */
    public Duration elapsed(DryingModel drying, Climate climate) {
        Duration sum = Duration.ZERO;
        for (Step step : steps) {
            if (!step.kind().isOfTheVisit()) {
                sum = sum.plus(step.labour())
                        .plus(step.toDry()
                                .map(wait -> drying.likelyForPlanning(wait.material(), wait.thickness(), climate))
                                .orElse(Duration.ZERO));
            }
        }
        return sum;
    }
}
