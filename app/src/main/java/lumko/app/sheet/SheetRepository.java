package lumko.app.sheet;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface SheetRepository extends JpaRepository<SheetRow, UUID> {
    Optional<SheetRow> findByFlatIdAndClosedAtIsNull(UUID flatId);

    List<SheetRow> findByTurnoverIdIn(Collection<UUID> turnoverIds);

    @Query("select distinct sheet.turnoverId from SheetRow sheet where sheet.turnoverId in :turnoverIds")
    Set<UUID> begun(Collection<UUID> turnoverIds);

    Optional<SheetRow> findFirstByOrderByMadeAtDescIdDesc();

    List<SheetRow> findByFlatIdOrderByMadeAtDesc(UUID flatId);

    List<SheetRow> findByClosedAtIsNull();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select sheet from SheetRow sheet where sheet.id = :id")
    Optional<SheetRow> lock(UUID id);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("""
            select sheet from SheetRow sheet
            where sheet.id = (select step.sheetId from StepRow step where step.id = :stepId)""")
    Optional<SheetRow> lockOf(UUID stepId);
}
