package lumko.app.outcome;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LookRepository extends JpaRepository<LookRow, UUID> {
    List<LookRow> findBySheetIdOrderByNotedAt(UUID sheetId);

    Optional<LookRow> findFirstBySheetIdAndSurfaceIdOrderByNotedAtDesc(UUID sheetId, UUID surfaceId);
}
