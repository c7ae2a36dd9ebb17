package lumko.app.platform;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.cfg.AvailableSettings;
import org.hibernate.context.spi.CurrentTenantIdentifierResolver;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Tells Hibernate whose rows the current thread may see: those of the signed-in organisation, or nobody's. */
@Component
class Tenancy implements CurrentTenantIdentifierResolver<UUID>, HibernatePropertiesCustomizer {
    /** Owns no row: what anybody sees who is not signed in. */
    private static final UUID NOBODY = new UUID(0, 0);

    static Optional<BelongsToOrganisation> principal() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof BelongsToOrganisation principal
                ? Optional.of(principal)
                : Optional.empty();
    }

    @Override
    public UUID resolveCurrentTenantIdentifier() {
        return principal().map(BelongsToOrganisation::organisationId).orElse(NOBODY);
    }

    @Override
    public boolean validateExistingCurrentSessions() {
        return true;
    }

    @Override
    public void customize(Map<String, Object> hibernateProperties) {
        hibernateProperties.put(AvailableSettings.MULTI_TENANT_IDENTIFIER_RESOLVER, this);
    }
}
