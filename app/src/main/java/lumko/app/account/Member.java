package lumko.app.account;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import lumko.app.platform.BelongsToOrganisation;
import lumko.app.platform.UnitSystem;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * A person signed in for an organisation. It lies in the session, so it holds nothing secret; what it says is asked anew of
 * the database on each request.
 *
 * @param houses the houses a painter looks after
 * @param stamp changes with the password, without telling it
 */
public record Member(
        UUID personId,
        UUID organisationId,
        String organisation,
        String login,
        String name,
        Role role,
        UnitSystem units,
        String zone,
        boolean active,
        Set<UUID> houses,
        String stamp)
        implements UserDetails, BelongsToOrganisation {

    public boolean isLead() {
        return role == Role.LEAD;
    }

    /** Whether they may change the records of a house. */
    boolean mayChangeRecordsOf(UUID houseId) {
        return isLead() || (role == Role.PAINTER && houses.contains(houseId));
    }

    public boolean isOffice() {
        return role == Role.OFFICE;
    }

    /** Whether this is the same person with the same password, and may still be here. */
    boolean isStill(Member signedIn) {
        return active && personId.equals(signedIn.personId) && stamp.equals(signedIn.stamp);
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of(new SimpleGrantedAuthority("ROLE_" + role.name()));
    }

    /** None: it was shown when signing in and is not kept. */
    @Override
    public String getPassword() {
        return "";
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
