package lumko.app.sheet;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StepRepository extends JpaRepository<StepRow, UUID> {
    List<StepRow> findBySheetIdInOrderByPosition(Collection<UUID> sheetIds);

    @Query("select step.id from StepRow step where step.id in :ids and step.tickedAt is not null")
    Set<UUID> ticked(Collection<UUID> ids);
}
