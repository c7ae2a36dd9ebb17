package lumko.app.paint;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TinRepository extends JpaRepository<TinRow, UUID> {
    boolean existsByLabel(String label);
}
