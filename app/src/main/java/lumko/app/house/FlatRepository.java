package lumko.app.house;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FlatRepository extends JpaRepository<FlatRow, UUID> {
    List<FlatRow> findByHouseId(UUID houseId);
}
