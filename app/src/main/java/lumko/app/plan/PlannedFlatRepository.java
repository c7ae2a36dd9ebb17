package lumko.app.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlannedFlatRepository extends JpaRepository<PlannedFlatRow, UUID> {
    List<PlannedFlatRow> findByPlanId(UUID planId);

    Optional<PlannedFlatRow> findByPlanIdAndFlatId(UUID planId, UUID flatId);
}
