package lumko.app.house;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CoatRepository extends JpaRepository<CoatRow, UUID> {
    @Query("""
            select c from CoatRow c join SurfaceRow s on s.id = c.surfaceId join RoomRow r on r.id = s.roomId
            where r.flatId = :flatId order by c.position""")
    List<CoatRow> findByFlat(UUID flatId);

    List<CoatRow> findBySheetId(UUID sheetId);

    Optional<CoatRow> findBySurfaceIdAndPosition(UUID surfaceId, int position);

    /** Every layer of the surfaces that a colour went onto by a sheet. */
    @Query("""
            select c from CoatRow c where exists (select 1 from CoatRow d where d.surfaceId = c.surfaceId
              and d.colourId in :colours and d.sheetId is not null)
            order by c.surfaceId, c.position""")
    List<CoatRow> onSurfacesPainted(Collection<UUID> colours);

    /** For each flat and colour, on how many walls it is the last full coat, and the first room where it is. */
    @Query("""
            select r.flatId as flatId, c.colourId as colourId, count(*) as walls, min(r.position) as room
            from CoatRow c join SurfaceRow s on s.id = c.surfaceId join RoomRow r on r.id = s.roomId
            where s.kind = lumko.app.house.SurfaceKind.WALL and c.layer = lumko.core.record.Layer.FINISH
              and c.colourId is not null
              and not exists (select 1 from CoatRow d where d.surfaceId = c.surfaceId
                and d.layer = lumko.core.record.Layer.FINISH and d.position > c.position)
            group by r.flatId, c.colourId
            """)
    List<WallColour> wallColours();

    /** The last full coat of each surface, with where it is. */
    @Query("""
            select s.id as surfaceId, s.kind as kind, r.kind as room, f.id as flatId, f.houseId as houseId,
              c.productId as productId, c.colourId as colourId, c.tinId as tinId, c.appliedOn as appliedOn,
              c.layer as layer
            from SurfaceRow s join RoomRow r on r.id = s.roomId join FlatRow f on f.id = r.flatId
            left join CoatRow c on c.surfaceId = s.id
              and c.layer in :seen
              and not exists (select 1 from CoatRow d where d.surfaceId = s.id
                and d.layer in :seen
                and d.position > c.position)
            """)
    List<TopPaint> topPaints(Collection<lumko.core.record.Layer> seen);

    interface TopPaint {
        UUID getSurfaceId();

        SurfaceKind getKind();

        lumko.core.geometry.RoomKind getRoom();

        UUID getFlatId();

        UUID getHouseId();

        @Nullable
        UUID getProductId();

        @Nullable
        UUID getColourId();

        @Nullable
        UUID getTinId();

        @Nullable
        LocalDate getAppliedOn();
    }

    interface WallColour {
        UUID getFlatId();

        UUID getColourId();

        long getWalls();

        int getRoom();
    }
}
