package lumko.app.platform;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface RevisionRepository extends Repository<RevisionRow, UUID> {
    /** A state: whose, and which. */
    record Revision(UUID id, long revision) {}

    /** Nothing where nothing was ever entered. */
    @Query("select new lumko.app.platform.RevisionRepository$Revision(r.id, r.revision) from RevisionRow r")
    Optional<Revision> current();
}
