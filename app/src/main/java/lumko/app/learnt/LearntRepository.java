package lumko.app.learnt;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LearntRepository extends JpaRepository<LearntRow, UUID> {
    Optional<LearntRow> findFirstByOrderByMadeAtDesc();
}
