package lumko.core.outcome;

import java.util.ArrayList;
import java.util.List;

/**
 * A model tried on outcomes that it was not fitted to, before anybody relies on it: each tenth is predicted from the other nine.
 *
 * @param computed Brier score of what the simulation alone says
 * @param learned of what is learnt from the other nine tenths
 */
public record Trial(Learned candidate, double computed, double learned, int outcomes) {
    private static final int PARTS = 10;

    /** Less is noise: of a single wall nothing can be held back, and both foretell it alike but for rounding. */
    private static final double LEAST_BETTER = 0.001;

    public static Trial of(List<Observation> observations) {
        double squares = 0;
        for (int part = 0; part < PARTS; part++) {
            List<Observation> others = new ArrayList<>();
            List<Observation> held = new ArrayList<>();
            for (int n = 0; n < observations.size(); n++) {
                (n % PARTS == part ? held : others).add(observations.get(n));
            }
            Learned learned = Learned.from(others);
            squares += held.size() * Calibration.brier(held, each -> learned.chance(each.computed(), each.causes()));
        }
        int count = observations.size();
        return new Trial(
                Learned.from(observations),
                Calibration.brier(observations, Observation::computed),
                count == 0 ? 0 : squares / count,
                count);
    }

    /** Whether it foretold what it had not seen better than the simulation alone, by as much as anybody can read. */
    public boolean isBetter() {
        return computed - learned >= LEAST_BETTER;
    }

    /** What is used: the candidate if it is better, otherwise the simulation alone. */
    public Learned used() {
        return isBetter() ? candidate : Learned.NOTHING;
    }
}
