package lumko.app.sheet;

import java.time.Duration;
import java.util.List;
import lumko.app.house.Flat;
import lumko.core.figure.Catalogue;
import lumko.core.practice.Practice;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import lumko.core.work.TrimTask;
import lumko.core.work.WallTask;
import lumko.core.work.Work;
import lumko.core.work.WorkPlanner;

/** What the last sheet was asked to do, so that it can be planned again in another practice. */
public record LastPlan(Flat flat, List<WallTask> walls, List<TrimTask> trims) {
    /** What a practice comes to on this plan. */
    public record Cost(Duration labour, Volume paint, Length tape) {}

    Cost cost(Practice practice, Catalogue figures) {
        Work work = new WorkPlanner(figures, practice)
                .plan(walls, trims, flat.house().site());
        return new Cost(work.labour(), work.paint(), work.tape());
    }
}
