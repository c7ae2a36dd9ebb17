package lumko.app.house;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface WallFeatureRepository extends JpaRepository<WallFeatureRow, UUID> {
    @Query("""
            select f from WallFeatureRow f join SurfaceRow s on s.id = f.surfaceId join RoomRow r on r.id = s.roomId
            where r.flatId = :flatId order by f.leftMillimetres, f.id""")
    List<WallFeatureRow> findByFlat(UUID flatId);

    @Query("""
            select f from WallFeatureRow f join SurfaceRow s on s.id = f.surfaceId
            where s.roomId = :roomId order by f.leftMillimetres, f.id""")
    List<WallFeatureRow> findByRoom(UUID roomId);

    List<WallFeatureRow> findBySurfaceIdOrderByLeftMillimetresAscIdAsc(UUID surfaceId);
}
