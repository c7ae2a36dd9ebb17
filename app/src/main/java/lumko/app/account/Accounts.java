package lumko.app.account;

import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.UnitSystem;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Organisations and signing in. The only place that asks the database past the organisation scope, because before somebody
 * has signed in there is no organisation yet.
 */
@Service
public class Accounts implements UserDetailsService {
    private static final String MEMBER = """
            select p.id, p.organisation_id, o.name as organisation, p.login, p.name, p.password_hash, p.role, o.units, o.zone, p.active
            from person p join organisation o on o.id = p.organisation_id
            """;

    private final JdbcClient jdbc;
    private final PasswordEncoder passwords;

    Accounts(JdbcClient jdbc, PasswordEncoder passwords) {
        this.jdbc = jdbc;
        this.passwords = passwords;
    }

    @Override
    public Member loadUserByUsername(String login) {
        return find(login).orElseThrow(() -> new UsernameNotFoundException("nobody signs in as " + login));
    }

    public Optional<Member> find(String login) {
        return jdbc.sql(MEMBER + "where lower(p.login) = lower(:login)")
                .param("login", login)
                .query((row, n) -> new Member(
                        row.getObject("id", UUID.class),
                        row.getObject("organisation_id", UUID.class),
                        row.getString("organisation"),
                        row.getString("login"),
                        row.getString("name"),
                        row.getString("password_hash"),
                        Role.valueOf(row.getString("role")),
                        UnitSystem.valueOf(row.getString("units")),
                        row.getString("zone"),
                        row.getBoolean("active")))
                .optional();
    }

    /** Whether nobody has set anything up yet. */
    public boolean isFresh() {
        return jdbc.sql("select not exists (select 1 from organisation)")
                .query(Boolean.class)
                .single();
    }

    /** A new organisation with its first person, who leads it. */
    @Transactional
    public Member found(
            String organisation, UnitSystem units, String zone, String name, String login, String password) {
        UUID organisationId = UUID.randomUUID();
        jdbc.sql("insert into organisation (id, name, units, zone, version) values (:id, :name, :units, :zone, 0)")
                .param("id", organisationId)
                .param("name", organisation)
                .param("units", units.name())
                .param("zone", zone)
                .update();
        jdbc.sql("""
                        insert into person (id, organisation_id, login, name, password_hash, role, active, version)
                        values (:id, :organisation, :login, :name, :hash, 'LEAD', true, 0)""")
                .param("id", UUID.randomUUID())
                .param("organisation", organisationId)
                .param("login", login)
                .param("name", name)
                .param("hash", passwords.encode(password))
                .update();
        return loadUserByUsername(login);
    }

    /** The proof of having signed in, for whoever has shown by other means who they are. */
    public static Authentication signedIn(Member member) {
        return UsernamePasswordAuthenticationToken.authenticated(member, null, member.getAuthorities());
    }
}
