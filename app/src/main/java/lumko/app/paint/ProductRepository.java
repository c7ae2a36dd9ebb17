package lumko.app.paint;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProductRepository extends JpaRepository<ProductRow, UUID> {
    boolean existsByMakerIgnoreCaseAndNameIgnoreCase(String maker, String name);
}
