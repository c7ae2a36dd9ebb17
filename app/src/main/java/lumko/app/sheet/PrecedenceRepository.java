package lumko.app.sheet;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PrecedenceRepository extends JpaRepository<PrecedenceRow, UUID> {
    List<PrecedenceRow> findBySheetIdIn(Collection<UUID> sheetIds);
}
