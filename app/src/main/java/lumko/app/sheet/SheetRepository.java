package lumko.app.sheet;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SheetRepository extends JpaRepository<SheetRow, UUID> {
    Optional<SheetRow> findByFlatIdAndClosedAtIsNull(UUID flatId);

    List<SheetRow> findByTurnoverIdIn(Collection<UUID> turnoverIds);

    Optional<SheetRow> findFirstByOrderByMadeAtDescIdDesc();

    List<SheetRow> findByFlatIdOrderByMadeAtDesc(UUID flatId);

    List<SheetRow> findByClosedAtIsNull();
}
