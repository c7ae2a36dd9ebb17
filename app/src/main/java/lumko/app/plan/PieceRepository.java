package lumko.app.plan;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PieceRepository extends JpaRepository<PieceRow, UUID> {
    List<PieceRow> findByPlanIdOrderByBeginsAtAscKeyAsc(UUID planId);

    /** Without those in flats that were let since: nobody goes there any more. */
    @Query("""
            select p from PieceRow p where p.planId = :planId
              and exists (select 1 from TurnoverRow t where t.flatId = p.flatId and t.endedOn is null)
            order by p.beginsAt""")
    List<PieceRow> standing(UUID planId);

    Optional<PieceRow> findByPlanIdAndKey(UUID planId, String key);

    List<PieceRow> findByPlanIdAndBeginsAtAfterOrderByBeginsAt(UUID planId, Instant moment);

    List<PieceRow> findByPlanIdAndFlatIdAndBeginsAtAfterOrderByBeginsAt(UUID planId, UUID flatId, Instant moment);
}
