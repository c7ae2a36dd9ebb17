package lumko.app.house;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoomRepository extends JpaRepository<RoomRow, UUID> {
    List<RoomRow> findByFlatIdOrderByPosition(UUID flatId);

    int countByFlatId(UUID flatId);
}
