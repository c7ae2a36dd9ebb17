package lumko.app.tables;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ImportRepository extends JpaRepository<ImportRow, UUID> {
    /** A table that was taken, without what it was. */
    record Taken(
            UUID id,
            TableKind kind,
            String fileName,
            UUID savedBy,
            Instant takenAt,
            boolean isUndone,
            int made,
            int changed) {}

    @Query("""
            select new lumko.app.tables.ImportRepository$Taken(i.id, i.kind, i.fileName, i.savedBy, i.takenAt,
              case when i.undoneAt is null then false else true end, i.made, i.changed)
            from ImportRow i where i.takenAt is not null order by i.takenAt desc""")
    List<Taken> taken(Limit most);

    @Modifying
    @Query("delete from ImportRow i where i.takenAt is null and i.savedAt < :before")
    void forgetDrafts(Instant before);
}
