package lumko.app.house;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TurnoverRepository extends JpaRepository<TurnoverRow, UUID> {
    Optional<TurnoverRow> findByFlatIdAndEndedOnIsNull(UUID flatId);

    boolean existsByFlatIdInAndEndedOnIsNull(Collection<UUID> flatIds);

    List<TurnoverRow> findByEndedOnIsNull();
}
