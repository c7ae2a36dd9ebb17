package lumko.app.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlanRepository extends JpaRepository<PlanRow, UUID> {
    Optional<PlanRow> findByState(PlanState state);

    List<PlanRow> findAllByStateOrderByChanges(PlanState state);
}
