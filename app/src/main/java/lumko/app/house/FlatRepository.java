package lumko.app.house;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface FlatRepository extends JpaRepository<FlatRow, UUID> {
    /** A flat with its house and the turnover that is open, if one is. */
    record Let(FlatRow flat, HouseRow house, @Nullable TurnoverRow turnover) {}

    @Query("""
            select new lumko.app.house.FlatRepository$Let(f, h, t)
            from FlatRow f join HouseRow h on h.id = f.houseId
              left join TurnoverRow t on t.flatId = f.id and t.endedOn is null
            where f.id = :id""")
    Optional<Let> let(UUID id);

    @Query("""
            select new lumko.app.house.FlatRepository$Let(f, h, t)
            from SurfaceRow s join RoomRow r on r.id = s.roomId join FlatRow f on f.id = r.flatId
              join HouseRow h on h.id = f.houseId
              left join TurnoverRow t on t.flatId = f.id and t.endedOn is null
            where s.id = :surfaceId""")
    Optional<Let> letOf(UUID surfaceId);

    @Query("""
            select new lumko.app.house.FlatRepository$Let(f, h, t)
            from RoomRow r join FlatRow f on f.id = r.flatId join HouseRow h on h.id = f.houseId
              left join TurnoverRow t on t.flatId = f.id and t.endedOn is null
            where r.id = :roomId""")
    Optional<Let> letOfRoom(UUID roomId);

    List<FlatRow> findByHouseIdAndClosedOnIsNull(UUID houseId);

    List<FlatRow> findByHouseIdAndClosedOnIsNotNullOrderByNumber(UUID houseId);

    List<FlatRow> findByHouseIdInAndClosedOnIsNullOrderByNumber(Collection<UUID> houseIds);

    /** House by house. */
    @Query("""
            select f from FlatRow f join HouseRow h on h.id = f.houseId
            where f.houseId in :houseIds and f.closedOn is null order by h.position, f.number""")
    List<FlatRow> inHouses(Collection<UUID> houseIds, Limit most);

    /** House by house. */
    @Query("""
            select f from FlatRow f join HouseRow h on h.id = f.houseId
            where lower(f.number) = :number and f.houseId in :houseIds and f.closedOn is null order by h.position""")
    List<FlatRow> numbered(String number, Collection<UUID> houseIds, Limit most);

    @Query(
            "select new lumko.app.house.FlatRepository$Count(f.houseId, count(*)) from FlatRow f where f.closedOn is null "
                    + "group by f.houseId")
    List<Count> counts();

    /** How many flats a house has. */
    record Count(UUID houseId, long flats) {}
}
