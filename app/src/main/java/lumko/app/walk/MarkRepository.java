package lumko.app.walk;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MarkRepository extends JpaRepository<MarkRow, UUID> {
    List<MarkRow> findBySurfaceIdInAndRemovedAtIsNullAndMadeGoodOnIsNullOrderBySetAtAscIdAsc(
            Collection<UUID> surfaceIds);

    List<MarkRow> findBySurfaceIdAndRemovedAtIsNotNullOrderByRemovedAtDesc(UUID surfaceId);

    Optional<MarkRow> findFirstBySurfaceIdAndRemovedAtIsNotNullOrderByRemovedAtDescIdDesc(UUID surfaceId);

    @Query("select m.surfaceId from MarkRow m where m.id = :id")
    Optional<UUID> surfaceOf(UUID id);
}
