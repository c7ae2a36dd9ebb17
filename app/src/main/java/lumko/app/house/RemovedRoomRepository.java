package lumko.app.house;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RemovedRoomRepository extends JpaRepository<RemovedRoomRow, UUID> {
    List<RemovedRoomRow> findByFlatIdOrderByRemovedAtDesc(UUID flatId);
}
