package lumko.app.sheet;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SheetWallRepository extends JpaRepository<SheetWallRow, UUID> {
    List<SheetWallRow> findBySheetIdOrderByPosition(UUID sheetId);

    List<SheetWallRow> findBySheetIdInAndHereOnIsNotNull(Collection<UUID> sheetIds);
}
