package lumko.app.store;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TinRepository extends JpaRepository<TinRow, UUID> {
    boolean existsByLabel(String label);

    Optional<TinRow> findByLabel(String label);

    List<TinRow> findByColourIdIn(Collection<UUID> colourIds);

    List<TinRow> findByLeftLitresGreaterThan(double litres);
}
