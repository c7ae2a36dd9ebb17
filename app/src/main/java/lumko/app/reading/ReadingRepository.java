package lumko.app.reading;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ReadingRepository extends JpaRepository<ReadingRow, UUID> {
    Optional<ReadingRow> findBySurfaceIdAndDoneAtIsNull(UUID surfaceId);

    /** A reading with one of its shots. */
    record Shot(ReadingRow reading, ShotRow shot) {}

    /** The shots of the last reading of a surface that was done, in their order. */
    @Query("""
            select new lumko.app.reading.ReadingRepository$Shot(r, s) from ReadingRow r join ShotRow s on s.readingId = r.id
            where r.surfaceId = :surfaceId
              and r.doneAt = (select max(other.doneAt) from ReadingRow other where other.surfaceId = :surfaceId)
            order by s.position""")
    List<Shot> lastDone(UUID surfaceId);
}
