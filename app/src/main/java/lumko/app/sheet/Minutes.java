package lumko.app.sheet;

import java.util.List;
import lumko.app.figure.Figures;
import lumko.core.activity.Taken;
import lumko.core.job.Pace;
import lumko.core.quantity.Times;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How long steps really took on the sheets of the organisation. */
@Service
@Transactional(readOnly = true)
class Minutes {
    /** A pace is told from so many steps, the latest: what was long ago was worked by others. */
    static final int LATEST = 1500;

    private final StepRepository steps;
    private final Figures figures;

    Minutes(StepRepository steps, Figures figures) {
        this.steps = steps;
        this.figures = figures;
    }

    /** The pace of each kind of step. */
    List<Pace> pace() {
        return Pace.of(
                steps.timed(Limit.of(LATEST)).stream()
                        .map(step ->
                                new Taken(step.kind(), Times.ofMinutes(step.planned()), Times.ofMinutes(step.took())))
                        .toList(),
                figures.catalogue());
    }
}
