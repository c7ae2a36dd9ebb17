package lumko.app.kept;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KeptRepository extends JpaRepository<KeptRow, UUID> {
    List<KeptRow> findByOrderByKeptAtDesc(Limit limit);

    List<KeptRow> findBySurfaceIdOrderByKeptAtDesc(UUID surfaceId);

    List<KeptRow> findBySheetIdOrderByKeptAtDesc(UUID sheetId);

    List<KeptRow> findByTinIdInOrderByKeptAtDesc(Collection<UUID> tinIds);

    /** Sheets are made on the far side of the bench: only whether there is one is asked. */
    @Query("select count(s) > 0 from SheetRow s where s.id = :id")
    boolean isSheet(UUID id);
}
