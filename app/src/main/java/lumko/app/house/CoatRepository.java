package lumko.app.house;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CoatRepository extends JpaRepository<CoatRow, UUID> {
    @Query("""
            select c from CoatRow c join SurfaceRow s on s.id = c.surfaceId join RoomRow r on r.id = s.roomId
            where r.flatId = :flatId order by c.position""")
    List<CoatRow> findByFlat(UUID flatId);

    List<CoatRow> findBySheetId(UUID sheetId);

    /** For each flat and colour, on how many walls it is the last full coat, and the first room where it is. */
    @Query("""
            select r.flatId as flatId, c.colourId as colourId, count(*) as walls, min(r.position) as room
            from CoatRow c join SurfaceRow s on s.id = c.surfaceId join RoomRow r on r.id = s.roomId
            where s.kind = lumko.app.house.SurfaceKind.WALL and c.layer = lumko.app.house.Layer.FINISH
              and c.colourId is not null
              and not exists (select 1 from CoatRow d where d.surfaceId = c.surfaceId
                and d.layer = lumko.app.house.Layer.FINISH and d.position > c.position)
            group by r.flatId, c.colourId
            """)
    List<WallColour> wallColours();

    interface WallColour {
        UUID getFlatId();

        UUID getColourId();

        long getWalls();

        int getRoom();
    }
}
