package lumko.app.house;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RoomRepository extends JpaRepository<RoomRow, UUID> {
    List<RoomRow> findByFlatIdOrderByPosition(UUID flatId);

    List<RoomRow> findByFlatIdInOrderByPosition(Collection<UUID> flatIds);

    int countByFlatId(UUID flatId);

    /**
     * @param rooms how many there are
     */
    record Count(UUID flatId, long rooms) {}

    @Query("select new lumko.app.house.RoomRepository$Count(room.flatId, count(room)) from RoomRow room "
            + "where room.flatId in :flatIds group by room.flatId")
    List<Count> count(Collection<UUID> flatIds);
}
