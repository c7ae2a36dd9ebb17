package lumko.app.reading;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShotRepository extends JpaRepository<ShotRow, UUID> {
    List<ShotRow> findByReadingIdOrderByPosition(UUID readingId);
}
