package lumko.app.sheet;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
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

    @Query("select step.id from StepRow step where step.id in :ids and step.tickedAt is not null")
    Set<UUID> ticked(Collection<UUID> ids);
}
