package lumko.app.sheet;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import lumko.core.activity.ActivityKind;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StepRepository extends JpaRepository<StepRow, UUID> {
    List<StepRow> findBySheetIdInOrderByPosition(Collection<UUID> sheetIds);

    @Query("""
            select new lumko.app.sheet.Sheets$PastWork(sheet.flatId, sum(step.minutes))
            from StepRow step join SheetRow sheet on sheet.id = step.sheetId
            where sheet.closedAt is not null
            group by sheet.id, sheet.flatId, sheet.closedAt order by sheet.closedAt desc""")
    List<Sheets.PastWork> past(Limit most);

    /** A step with what was planned for it and what it took, in minutes. */
    record Timed(ActivityKind kind, double planned, double took) {}

    /** The steps that were timed last. */
    @Query("""
            select new lumko.app.sheet.StepRepository$Timed(step.kind, step.minutes, step.tookMinutes)
            from StepRow step where step.tookMinutes is not null order by step.tickedAt desc""")
    List<Timed> timed(Limit most);

    @Query("select step.id from StepRow step where step.id in :ids and step.tickedAt is not null")
    Set<UUID> ticked(Collection<UUID> ids);
}
