package lumko.app.account;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import lumko.app.platform.BelongsToOrganisation;
import lumko.app.platform.UnitSystem;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** A person signed in for an organisation. */
public record Member(
        UUID personId,
        UUID organisationId,
        String organisation,
        String login,
        String name,
        String passwordHash,
        Role role,
        UnitSystem units,
        String zone,
        boolean active)
        implements UserDetails, BelongsToOrganisation {

    public boolean isLead() {
        return role == Role.LEAD;
    }

    public boolean isOffice() {
        return role == Role.OFFICE;
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of(new SimpleGrantedAuthority("ROLE_" + role.name()));
    }

    @Override
    public String getPassword() {
        return passwordHash;
    }

    @Override
    public String getUsername() {
        return login;
    }

    @Override
    public boolean isEnabled() {
        return active;
    }
}
