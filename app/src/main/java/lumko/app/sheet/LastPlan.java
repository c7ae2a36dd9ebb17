package lumko.app.sheet;

import java.time.Duration;
import lumko.app.house.Flat;
import lumko.core.activity.WorkGraph;
import lumko.core.figure.Catalogue;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.practice.Practice;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/** What the last sheet was asked to do, so that it can be planned again in another practice. */
public record LastPlan(Flat flat, Job job) {
    /** What a practice comes to on this plan. */
    public record Cost(Duration labour, Volume paint, Length tape) {}

    Cost cost(Practice practice, Catalogue figures) {
        WorkGraph work = new JobPlanner(figures, practice).plan(job).unordered();
        return new Cost(work.hand(), work.paint(), work.tape());
    }
}
