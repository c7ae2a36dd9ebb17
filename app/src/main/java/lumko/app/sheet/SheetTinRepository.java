package lumko.app.sheet;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SheetTinRepository extends JpaRepository<SheetTinRow, UUID> {
    List<SheetTinRow> findBySheetId(UUID sheetId);
}
