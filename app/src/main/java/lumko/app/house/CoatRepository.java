package lumko.app.house;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CoatRepository extends JpaRepository<CoatRow, UUID> {
    @Query("""
            select c from CoatRow c join SurfaceRow s on s.id = c.surfaceId join RoomRow r on r.id = s.roomId
            where r.flatId = :flatId order by c.position""")
    List<CoatRow> findByFlat(UUID flatId);

    List<CoatRow> findBySheetId(UUID sheetId);

    Optional<CoatRow> findBySurfaceIdAndPosition(UUID surfaceId, int position);

    /** The surfaces that a colour went onto by a sheet, the latest first. */
    @Query("""
            select c.surfaceId from CoatRow c where c.colourId in :colours and c.sheetId is not null
            group by c.surfaceId order by max(c.appliedOn) desc nulls last, c.surfaceId""")
    List<UUID> surfacesPainted(Collection<UUID> colours, Limit most);

    @Query("select c from CoatRow c where c.surfaceId in :surfaceIds order by c.surfaceId, c.position")
    List<CoatRow> findBySurfaces(Collection<UUID> surfaceIds);
}
