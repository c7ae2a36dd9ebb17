package lumko.app.sheet;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SheetMarkRepository extends JpaRepository<SheetMarkRow, UUID> {
    List<SheetMarkRow> findBySheetId(UUID sheetId);
}
