package lumko.app.sheet;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SheetCautionRepository extends JpaRepository<SheetCautionRow, UUID> {
    List<SheetCautionRow> findBySheetId(UUID sheetId);
}
