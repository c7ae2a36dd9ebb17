package lumko.app.sheet;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SheetNoteRepository extends JpaRepository<SheetNoteRow, UUID> {
    List<SheetNoteRow> findBySheetIdOrderByNotedAt(UUID sheetId);
}
