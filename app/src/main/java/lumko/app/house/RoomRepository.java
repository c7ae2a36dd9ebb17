package lumko.app.house;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RoomRepository extends JpaRepository<RoomRow, UUID> {
    List<RoomRow> findByFlatIdOrderByPosition(UUID flatId);

    List<RoomRow> findByFlatIdInOrderByPosition(Collection<UUID> flatIds);

    int countByFlatId(UUID flatId);
}
