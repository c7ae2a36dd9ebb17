package lumko.app.sheet;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface UseRepository extends JpaRepository<UseRow, UUID> {
    List<UseRow> findByStepIdIn(Collection<UUID> stepIds);
}
