package lumko.app.house;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HouseRepository extends JpaRepository<HouseRow, UUID> {
    List<HouseRow> findByClosedOnIsNullOrderByPosition();

    List<HouseRow> findByClosedOnIsNotNullOrderByName();

    boolean existsByNameIgnoreCase(String name);
}
