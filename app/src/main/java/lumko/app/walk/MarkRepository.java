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

    /** The open marks on a surface, in the order in which they were set, and those that were taken away last. */
    @Query("""
            select m from MarkRow m where m.surfaceId = :surfaceId
              and (m.removedAt is null and m.madeGoodOn is null
                or m.removedAt = (select max(other.removedAt) from MarkRow other where other.surfaceId = :surfaceId))
            order by m.setAt, m.id""")
    List<MarkRow> openOrTakenLast(UUID surfaceId);

    @Query("select m.surfaceId from MarkRow m where m.id = :id")
    Optional<UUID> surfaceOf(UUID id);
}
