package lumko.app.plan;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HouseHoursRepository extends JpaRepository<HouseHoursRow, UUID> {
    Optional<HouseHoursRow> findByHouseId(UUID houseId);
}
