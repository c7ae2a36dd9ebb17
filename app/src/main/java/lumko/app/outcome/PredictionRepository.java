package lumko.app.outcome;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PredictionRepository extends JpaRepository<PredictionRow, UUID> {
    List<PredictionRow> findBySheetIdAndMoment(UUID sheetId, Moment moment);

    List<PredictionRow> findBySheetIdAndSurfaceId(UUID sheetId, UUID surfaceId);

    /** What is learnt from: walls that were touched up and looked at since. */
    @Query("""
            select new lumko.app.outcome.Predictions$Seen(p.computed, p.showsLikely, p.causes, p.outcome, p.action, p.verdict)
            from PredictionRow p where p.moment = lumko.app.outcome.Moment.CLOSED and p.outcome is not null
            order by p.outcomeAt, p.id""")
    List<Predictions.Seen> seen();

    /** Walls on which something else was done than the verdict, and that were looked at since. */
    @Query("""
            select p from PredictionRow p where p.moment = lumko.app.outcome.Moment.CLOSED and p.outcome is not null
              and p.action <> p.verdict order by p.outcomeAt, p.id""")
    List<PredictionRow> findOverruledAndSeen();

    /** Sheets with walls that were touched up a while ago and that nobody has said anything of. */
    @Query("""
            select new lumko.app.outcome.Predictions$Due(p.sheetId, p.turnoverId, min(p.madeAt), count(p))
            from PredictionRow p where p.moment = lumko.app.outcome.Moment.CLOSED and p.outcome is null
              and p.action in (lumko.core.job.Action.DAB, lumko.core.job.Action.FEATHER)
              and p.madeAt between :from and :to
            group by p.sheetId, p.turnoverId order by min(p.madeAt)""")
    List<Predictions.Due> due(Instant from, Instant to);
}
