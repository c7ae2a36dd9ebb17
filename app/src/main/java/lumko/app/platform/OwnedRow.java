package lumko.app.platform;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.util.UUID;
import org.hibernate.annotations.TenantId;
import org.jspecify.annotations.Nullable;

/**
 * A row that belongs to an organisation. Hibernate adds the organisation of whoever is signed in to every query and every
 * insert, so that no query can forget it.
 */
@MappedSuperclass
public abstract class OwnedRow {
    @Id
    private UUID id;

    @TenantId
    @Column(name = "organisation_id", nullable = false, updatable = false)
    private @Nullable UUID organisationId;

    protected OwnedRow(UUID id) {
        this.id = id;
    }

    /** For Hibernate, which fills the fields. */
    protected OwnedRow() {
        this(new UUID(0, 0));
    }

    public UUID id() {
        return id;
    }
}
