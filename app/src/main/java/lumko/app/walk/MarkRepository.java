package lumko.app.walk;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MarkRepository extends JpaRepository<MarkRow, UUID> {
    List<MarkRow> findBySurfaceIdInAndRemovedAtIsNullAndMadeGoodOnIsNullOrderBySetAtAscIdAsc(
            Collection<UUID> surfaceIds);

    List<MarkRow> findBySurfaceIdAndRemovedAtIsNotNullOrderByRemovedAtDesc(UUID surfaceId);
}
