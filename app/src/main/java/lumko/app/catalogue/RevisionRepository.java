package lumko.app.catalogue;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface RevisionRepository extends Repository<RevisionRow, UUID> {
    /** A state of the catalogue: whose, and which. */
    record Revision(UUID id, long revision) {}

    /** Nothing where no product and no colour was ever entered. */
    @Query("select new lumko.app.catalogue.RevisionRepository$Revision(r.id, r.revision) from RevisionRow r")
    Optional<Revision> current();
}
