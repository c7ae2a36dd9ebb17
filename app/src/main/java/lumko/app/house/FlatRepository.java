package lumko.app.house;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface FlatRepository extends JpaRepository<FlatRow, UUID> {
    List<FlatRow> findByHouseId(UUID houseId);

    List<FlatRow> findByHouseIdInOrderByNumber(Collection<UUID> houseIds);

    @Query("select new lumko.app.house.FlatRepository$Count(f.houseId, count(*)) from FlatRow f group by f.houseId")
    List<Count> counts();

    /** How many flats a house has. */
    record Count(UUID houseId, long flats) {}
}
