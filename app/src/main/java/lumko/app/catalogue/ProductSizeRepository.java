package lumko.app.catalogue;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProductSizeRepository extends JpaRepository<ProductSizeRow, UUID> {}
