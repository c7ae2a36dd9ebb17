package lumko.app.sheet;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepRepository extends JpaRepository<StepRow, UUID> {
    List<StepRow> findBySheetIdInOrderByPosition(Collection<UUID> sheetIds);
}
