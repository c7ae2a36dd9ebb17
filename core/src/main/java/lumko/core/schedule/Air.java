package lumko.core.schedule;

import java.time.Duration;
import lumko.core.activity.Limit;
import lumko.core.activity.Wait;
import lumko.core.drying.Climate;
import lumko.core.drying.Drying;
import lumko.core.drying.DryingModel;
import lumko.core.figure.Catalogue;

/** The air a job is done in, and what it makes of every wait and every limit. */
public final class Air {
    private final Climate climate;
    private final Catalogue figures;
    private final DryingModel model;

    public Air(Climate climate, Catalogue figures) {
        this.climate = climate;
        this.figures = figures;
        this.model = new DryingModel(figures);
    }

    public Climate climate() {
        return climate;
    }

    /** How long a wait takes, or why it never ends. */
    public Drying drying(Wait wait) {
        return wait.in(climate, model);
    }

    /** How long a wait likely takes; where it never ends, how long it would in the reference air. */
    public Duration likely(Wait wait) {
        return wait.likely(climate, model);
    }

    /** How long it takes until something has run out. */
    public Duration time(Limit limit) {
        return limit.in(climate, figures);
    }
}
