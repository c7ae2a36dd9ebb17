package lumko.app.paint;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ColourRepository extends JpaRepository<ColourRow, UUID> {
    boolean existsByNameIgnoreCase(String name);
}
