package lumko.app.platform;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.util.UUID;
import org.hibernate.annotations.TenantId;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/**
 * A row that belongs to an organisation. Hibernate adds the organisation of whoever is signed in to every query and every
 * insert, so that no query can forget it.
 */
@MappedSuperclass
public abstract class OwnedRow implements Persistable<UUID> {
    @Id
    private UUID id;

    @TenantId
    @Column(name = "organisation_id", nullable = false, updatable = false)
    private @Nullable UUID organisationId;

    @Transient
    private boolean isStored;

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

    @Override
    public UUID getId() {
        return id;
    }

    /** Ids are made before a row is saved: that it has one says nothing, and nobody has to ask the database. */
    @Override
    public boolean isNew() {
        return !isStored;
    }

    @PostLoad
    @PostPersist
    void stored() {
        isStored = true;
    }
}
