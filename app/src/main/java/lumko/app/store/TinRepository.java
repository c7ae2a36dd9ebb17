package lumko.app.store;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TinRepository extends JpaRepository<TinRow, UUID> {
    boolean existsByLabel(String label);

    Optional<TinRow> findByLabel(String label);

    /** What is written on a tin, and which paint is in it. */
    record Written(UUID id, String label, String batch, String place, UUID productId, UUID colourId) {}

    /** Tins with more in them than so much, as they stand. */
    @Query("""
            select new lumko.app.store.TinRepository$Written(
                tin.id, tin.label, tin.batch, tin.place, tin.productId, tin.colourId)
            from TinRow tin where tin.leftLitres > :litres order by tin.place, tin.label""")
    List<Written> written(double litres);

    List<TinRow> findByColourIdInOrderByPlaceAscLabelAsc(Collection<UUID> colourIds, Limit most);

    int countByColourIdIn(Collection<UUID> colourIds);

    List<TinRow> findByColourIdIn(Collection<UUID> colourIds);

    List<TinRow> findByLeftLitresGreaterThan(double litres);
}
