package lumko.app.plan;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PieceRepository extends JpaRepository<PieceRow, UUID> {
    List<PieceRow> findByPlanIdOrderByBeginsAt(UUID planId);

    Optional<PieceRow> findByPlanIdAndKey(UUID planId, String key);

    List<PieceRow> findByPlanIdAndBeginsAtAfterOrderByBeginsAt(UUID planId, Instant moment);

    List<PieceRow> findByPlanIdAndFlatIdAndBeginsAtAfterOrderByBeginsAt(UUID planId, UUID flatId, Instant moment);
}
