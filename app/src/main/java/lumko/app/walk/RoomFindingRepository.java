package lumko.app.walk;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoomFindingRepository extends JpaRepository<RoomFindingRow, UUID> {
    List<RoomFindingRow> findByTurnoverId(UUID turnoverId);
}
