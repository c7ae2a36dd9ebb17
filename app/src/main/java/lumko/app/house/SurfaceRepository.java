package lumko.app.house;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface SurfaceRepository extends JpaRepository<SurfaceRow, UUID> {
    @Query("select s from SurfaceRow s join RoomRow r on r.id = s.roomId where r.flatId = :flatId")
    List<SurfaceRow> findByFlat(UUID flatId);

    List<SurfaceRow> findByRoomIdIn(Collection<UUID> roomIds);

    @Query("select r.flatId from RoomRow r join SurfaceRow s on s.roomId = r.id where s.id = :surfaceId")
    Optional<UUID> flatOf(UUID surfaceId);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from SurfaceRow s where s.id = :id")
    Optional<SurfaceRow> lock(UUID id);
}
