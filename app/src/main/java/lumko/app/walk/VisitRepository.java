package lumko.app.walk;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface VisitRepository extends JpaRepository<VisitRow, UUID> {
    Optional<VisitRow> findBySurfaceIdAndTurnoverId(UUID surfaceId, UUID turnoverId);

    List<VisitRow> findByTurnoverId(UUID turnoverId);
}
