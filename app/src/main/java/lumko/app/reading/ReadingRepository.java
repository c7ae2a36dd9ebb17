package lumko.app.reading;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReadingRepository extends JpaRepository<ReadingRow, UUID> {
    Optional<ReadingRow> findBySurfaceIdAndDoneAtIsNull(UUID surfaceId);

    List<ReadingRow> findBySurfaceIdAndDoneAtIsNotNullOrderByDoneAtDesc(UUID surfaceId);
}
