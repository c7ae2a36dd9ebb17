package lumko.core.activity;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lumko.core.drying.Climate;
import lumko.core.drying.Drying;
import lumko.core.drying.DryingModel;
import lumko.core.drying.Purpose;
import lumko.core.figure.Catalogue;

/** What has to dry, and what for. */
public record Wait(Wet wet, Purpose purpose) {
    /** Only to compare materials with each other. */
    private static final DryingModel USUAL = new DryingModel(Catalogue.starting());

    /** What of several things left wet takes longest for a purpose, in the reference air. */
    public static Optional<Wait> slowest(List<Wet> wet, Purpose purpose) {
        return wet.stream()
                .map(each -> new Wait(each, purpose))
                .max(Comparator.comparing(wait -> wait.likely(Climate.REFERENCE, USUAL)));
    }

    /** How long it takes in an air. */
    public Drying in(Climate climate, DryingModel model) {
        return model.wait(wet.material(), wet.thickness(), wet.bySheet(), purpose, climate);
    }

    /** How long it likely takes; where it does not dry, how long it would in the reference air: a plan has to stand on something. */
    public Duration likely(Climate climate, DryingModel model) {
        return in(climate, model) instanceof Drying.Dries dries
                ? dries.likely()
                : ((Drying.Dries) in(Climate.REFERENCE, model)).likely();
    }
}
