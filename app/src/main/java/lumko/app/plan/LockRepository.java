package lumko.app.plan;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LockRepository extends JpaRepository<LockRow, UUID> {
    Optional<LockRow> findByKey(String key);
}
