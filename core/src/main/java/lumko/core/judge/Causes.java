package lumko.core.judge;

import java.util.EnumSet;
import java.util.Set;
import lumko.core.figure.Catalogue;
import lumko.core.job.Action;
import lumko.core.outcome.Cause;

/** Which of the causes that are learnt from are there on a surface. */
final class Causes {
    private static final double OLD_YEARS = 2;
    private static final int MANY = 8;

    private Causes() {}

    static Set<Cause> of(SurfaceCase surface, Action action, Catalogue figures) {
        Set<Cause> causes = EnumSet.noneOf(Cause.class);
        if (!surface.basis().isOriginal()) {
            causes.add(Cause.BOUGHT_AGAIN);
        }
        if (surface.age().yearsOr(Double.POSITIVE_INFINITY) > OLD_YEARS) {
            causes.add(Cause.OLD_FILM);
        }
        if (surface.light().isRaking()) {
            causes.add(Cause.RAKING_LIGHT);
        }
        if (surface.marks().stream().anyMatch(mark -> Spots.isAtEyeLevel(mark, surface, figures))) {
            causes.add(Cause.AT_EYE_LEVEL);
        }
        if (surface.places().size() > MANY) {
            causes.add(Cause.MANY_SPOTS);
        }
        if (action == Action.FEATHER) {
            causes.add(Cause.FEATHERED);
        }
        return causes;
    }
}
