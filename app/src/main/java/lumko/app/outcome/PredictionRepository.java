package lumko.app.outcome;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PredictionRepository extends JpaRepository<PredictionRow, UUID> {
    List<PredictionRow> findBySheetIdAndMoment(UUID sheetId, Moment moment);

    List<PredictionRow> findBySheetIdAndSurfaceId(UUID sheetId, UUID surfaceId);
}
