package lumko.core.judge;

import java.time.Duration;
import java.util.List;
import lumko.core.drying.Climate;
import lumko.core.figure.Catalogue;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.job.Work;
import lumko.core.quantity.Volume;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;

/**
 * What a job comes to for one person in the reference air, nights not counted, and on how many of its surfaces something is
 * likely to be seen afterwards.
 *
 * @param elapsed from the first move until the last coat is dry
 * @param seen how many surfaces, on average: a flat of thirty walls never has none at all to be found, so their number tells
 *     more than the chance of one
 * @param surfaces how many are looked at
 */
public record JobPrice(Duration hand, Volume paint, Duration elapsed, double seen, int surfaces) {
    /** @param done what is done with each surface that is looked at, or that it is left */
    public static JobPrice of(Job job, List<Option> done, JobPlanner planner, Catalogue figures) {
        double seen =
                done.stream().mapToDouble(option -> option.shows().likely()).sum();
        if (job.active().isEmpty()) {
            return new JobPrice(Duration.ZERO, Volume.ZERO, Duration.ZERO, seen, done.size());
        }
        Work work = planner.plan(job);
        Schedule schedule = Schedule.of(work.by(Work.View.ROOM), 1, new Air(Climate.REFERENCE, figures));
        return new JobPrice(work.unordered().hand(), work.unordered().paint(), schedule.dryAt(), seen, done.size());
    }
}
