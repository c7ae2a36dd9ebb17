package lumko.app.house;

import jakarta.persistence.LockModeType;
import jakarta.persistence.QueryHint;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.core.geometry.RoomKind;
import org.hibernate.jpa.HibernateHints;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.jpa.repository.QueryHints;

interface SurfaceRepository extends JpaRepository<SurfaceRow, UUID> {
    /** A surface with the room it is in. */
    record InRoom(RoomRow room, SurfaceRow surface) {}

    /** Every surface of a flat, room by room. */
    @Query("""
            select new lumko.app.house.SurfaceRepository$InRoom(r, s)
            from RoomRow r join SurfaceRow s on s.roomId = r.id where r.flatId = :flatId order by r.position""")
    List<InRoom> findByFlat(UUID flatId);

    /** Where the next fixture of a room stands among them. */
    @Query("""
            select coalesce(max(s.position) + 1, 0) from SurfaceRow s
            where s.roomId = :roomId and s.kind = lumko.app.house.SurfaceKind.FIXTURE""")
    int nextFixture(UUID roomId);

    List<SurfaceRow> findByRoomIdIn(Collection<UUID> roomIds);

    @Query("select r.flatId from RoomRow r join SurfaceRow s on s.roomId = r.id where s.id = :surfaceId")
    Optional<UUID> flatOf(UUID surfaceId);

    record Standing(HouseRow house, RoomRow room, SurfaceRow surface) {}

    /** Every surface of the room that a surface is in, and where that is. */
    @Query("""
            select new lumko.app.house.SurfaceRepository$Standing(h, r, other)
            from SurfaceRow s join RoomRow r on r.id = s.roomId join FlatRow f on f.id = r.flatId
              join HouseRow h on h.id = f.houseId join SurfaceRow other on other.roomId = r.id
            where s.id = :surfaceId""")
    List<Standing> standing(UUID surfaceId);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from SurfaceRow s where s.id = :id")
    Optional<SurfaceRow> lock(UUID id);

    /** On how many walls of each flat of some houses a colour is seen, and the first room where it is. */
    @Query("""
            select r.flatId as flatId, s.topColourId as colourId, count(*) as walls, min(r.position) as room
            from SurfaceRow s join RoomRow r on r.id = s.roomId join FlatRow f on f.id = r.flatId
            where f.houseId in :houseIds and s.kind = lumko.app.house.SurfaceKind.WALL and s.topColourId is not null
            group by r.flatId, s.topColourId""")
    List<WallColour> wallColours(Collection<UUID> houseIds);

    interface WallColour {
        UUID getFlatId();

        UUID getColourId();

        long getWalls();

        int getRoom();
    }

    /** Every surface with what is seen on it and where it is, house by house. */
    @Query("""
            select s.id as surfaceId, s.kind as kind, r.kind as room, h.name as house, f.number as number,
              s.topProductId as productId, s.topColourId as colourId, s.topTinId as tinId, s.topAppliedOn as appliedOn
            from SurfaceRow s join RoomRow r on r.id = s.roomId join FlatRow f on f.id = r.flatId
              join HouseRow h on h.id = f.houseId
            where f.closedOn is null and h.closedOn is null and s.goneOn is null
            order by h.position, f.number, s.kind, s.id""")
    @QueryHints(@QueryHint(name = HibernateHints.HINT_FETCH_SIZE, value = "1000"))
    Stream<TopPaint> topPaints();

    interface TopPaint {
        UUID getSurfaceId();

        SurfaceKind getKind();

        RoomKind getRoom();

        String getHouse();

        String getNumber();

        @Nullable
        UUID getProductId();

        @Nullable
        UUID getColourId();

        @Nullable
        UUID getTinId();

        @Nullable
        LocalDate getAppliedOn();
    }

    /** The paints in some colours that are seen in a flat's house or, else, elsewhere, with the day of the latest. */
    @Query("""
            select s.topProductId as productId, s.topColourId as colourId, max(s.topAppliedOn) as appliedOn
            from SurfaceRow s join RoomRow r on r.id = s.roomId join FlatRow f on f.id = r.flatId
            where s.topColourId in :colours and s.topProductId is not null and s.goneOn is null and f.id <> :flatId
              and (:inHouse = true and f.houseId = :houseId or :inHouse = false and f.houseId <> :houseId)
            group by s.topProductId, s.topColourId""")
    List<PaintUse> paintUses(Collection<UUID> colours, UUID flatId, UUID houseId, boolean inHouse);

    interface PaintUse {
        UUID getProductId();

        UUID getColourId();

        @Nullable
        LocalDate getAppliedOn();
    }

    /** The first flats where some colours are seen, house by house. */
    @Query("""
            select f.id from FlatRow f join HouseRow h on h.id = f.houseId
            where f.closedOn is null and h.closedOn is null and exists (select 1 from SurfaceRow s join RoomRow r on r.id = s.roomId
              where r.flatId = f.id and s.topColourId in :colours and s.goneOn is null)
            order by h.position, f.number""")
    List<UUID> flatsIn(Collection<UUID> colours, Limit most);

    /** On how many surfaces of some flats some colours are seen. */
    @Query("""
            select new lumko.app.house.SurfaceRepository$Count(r.flatId, count(*))
            from SurfaceRow s join RoomRow r on r.id = s.roomId
            where r.flatId in :flatIds and s.topColourId in :colours and s.goneOn is null group by r.flatId""")
    List<Count> countIn(Collection<UUID> colours, Collection<UUID> flatIds);

    /** The first flats with walls whose paint nobody has identified, house by house. */
    @Query("""
            select f.id from FlatRow f join HouseRow h on h.id = f.houseId
            where f.closedOn is null and h.closedOn is null and exists (select 1 from SurfaceRow s join RoomRow r on r.id = s.roomId
              where r.flatId = f.id and s.kind = lumko.app.house.SurfaceKind.WALL
                and (s.topProductId is null or s.topColourId is null))
            order by h.position, f.number""")
    List<UUID> notIdentified(Limit most);

    /** How many walls of some flats nobody has identified the paint of. */
    @Query("""
            select new lumko.app.house.SurfaceRepository$Count(r.flatId, count(*))
            from SurfaceRow s join RoomRow r on r.id = s.roomId
            where r.flatId in :flatIds and s.kind = lumko.app.house.SurfaceKind.WALL
              and (s.topProductId is null or s.topColourId is null)
            group by r.flatId""")
    List<Count> countNotIdentified(Collection<UUID> flatIds);

    /** How many surfaces of a flat were looked for. */
    record Count(UUID flatId, long surfaces) {}
}
