package lumko.app.house;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RoomRepository extends JpaRepository<RoomRow, UUID> {
    /** Marks are the walk's, which stands above the record: only whether there is one is asked. */
    @Query("""
            select count(m) > 0 from MarkRow m join SurfaceRow s on s.id = m.surfaceId
            where s.roomId = :roomId and s.kind = lumko.app.house.SurfaceKind.WALL
              and m.removedAt is null and m.madeGoodOn is null and m.aboveFloorMillimetres > :millimetres""")
    boolean hasMarkAbove(UUID roomId, double millimetres);

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
