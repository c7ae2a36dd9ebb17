package lumko.app.plan;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HeaterRepository extends JpaRepository<HeaterRow, UUID> {
    Optional<HeaterRow> findByTurnoverId(UUID turnoverId);
}
