package lumko.app.bench;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptRepository extends JpaRepository<KeptRow, UUID> {
    List<KeptRow> findByOrderByKeptAtDesc(Limit limit);
}
