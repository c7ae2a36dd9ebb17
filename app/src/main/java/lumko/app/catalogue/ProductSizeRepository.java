package lumko.app.catalogue;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProductSizeRepository extends JpaRepository<ProductSizeRow, UUID> {
    List<ProductSizeRow> findByProductId(UUID productId);
}
