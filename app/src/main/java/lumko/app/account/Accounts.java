package lumko.app.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import lumko.app.platform.BelongsToOrganisation;
import lumko.app.platform.NotAllowedException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.UnitSystem;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Organisations and signing in. The only place that asks the database past the organisation scope, because before somebody
 * has signed in there is no organisation yet.
 */
@Service
public class Accounts {
    /** Stands for the password of those who cannot sign in by one. */
    static final String NO_PASSWORD = "{none}";

    private static final String MEMBER = """
            select p.id, p.organisation_id, o.name as organisation, p.login, p.name, p.password_hash, p.role, o.units, o.zone, p.active,
              p.password_once, array(select h.house_id from person_house h where h.person_id = p.id) as houses
            from person p join organisation o on o.id = p.organisation_id
            """;

    private final JdbcClient jdbc;
    private final PasswordEncoder passwords;

    Accounts(JdbcClient jdbc, PasswordEncoder passwords) {
        this.jdbc = jdbc;
        this.passwords = passwords;
    }

    /** Somebody with what their password has to match. */
    record Known(Member member, String passwordHash, boolean isOnce) {
        private static Known of(ResultSet row, int number) throws SQLException {
            String hash = row.getString("password_hash");
            return new Known(
                    new Member(
                            row.getObject("id", UUID.class),
                            row.getObject("organisation_id", UUID.class),
                            row.getString("organisation"),
                            row.getString("login"),
                            row.getString("name"),
                            Role.valueOf(row.getString("role")),
                            UnitSystem.valueOf(row.getString("units")),
                            row.getString("zone"),
                            row.getBoolean("active"),
                            Set.of((UUID[]) row.getArray("houses").getArray()),
                            stamp(hash)),
                    hash,
                    row.getBoolean("password_once"));
        }
    }

    /** @throws NotFoundException if nobody has that name */
    public Member member(String login) {
        return find(login).orElseThrow(NotFoundException::new);
    }

    public Optional<Member> find(String login) {
        return known(login).map(Known::member);
    }

    /** Somebody who may be here, by key: for work in the background that they asked for. */
    public Optional<Member> find(UUID personId) {
        return jdbc.sql(MEMBER + "where p.id = :id and p.active")
                .param("id", personId)
                .query(Known::of)
                .optional()
                .map(Known::member);
    }

    Optional<Known> known(String login) {
        return jdbc.sql(MEMBER + "where lower(p.login) = lower(:login)")
                .param("login", login)
                .query(Known::of)
                .optional();
    }

    /** Who signed in as they are now, and whether they have to choose a password first; nobody if they may no longer be here, or have another password since. */
    Optional<Known> current(Member signedIn) {
        return jdbc.sql(MEMBER + "where p.id = :id")
                .param("id", signedIn.personId())
                .query(Known::of)
                .optional()
                .filter(now -> now.member.isStill(signedIn));
    }

    private static String stamp(String passwordHash) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(passwordHash.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, 8);
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
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
        Member lead = new Member(
                UUID.randomUUID(),
                UUID.randomUUID(),
                organisation,
                login,
                name,
                Role.LEAD,
                units,
                zone,
                true,
                Set.of(),
                "");
        found(lead, passwords.encode(password));
        return member(login);
    }

    /** A new organisation with its lead, who cannot sign in by password. */
    @Transactional
    public void found(Member lead) {
        found(lead, NO_PASSWORD);
    }

    /** Calls the organisation of the signed-in lead otherwise, or has it read other units. What is stored stays as it is. */
    @Transactional
    public void change(Member lead, Settings to) {
        if (!lead.isLead()) {
            throw new NotAllowedException("denied.lead");
        }
        jdbc.sql(
                        "update organisation set name = :name, units = :units, zone = :zone, version = version + 1 where id = :id")
                .param("id", lead.organisationId())
                .param("name", to.organisation())
                .param("units", to.units().name())
                .param("zone", to.zone())
                .update();
    }

    private void found(Member lead, String passwordHash) {
        jdbc.sql("insert into organisation (id, name, units, zone, version) values (:id, :name, :units, :zone, 0)")
                .param("id", lead.organisationId())
                .param("name", lead.organisation())
                .param("units", lead.units().name())
                .param("zone", lead.zone())
                .update();
        jdbc.sql("""
                        insert into person (id, organisation_id, login, name, password_hash, role, active, version)
                        values (:id, :organisation, :login, :name, :hash, 'LEAD', true, 0)""")
                .param("id", lead.personId())
                .param("organisation", lead.organisationId())
                .param("login", lead.login())
                .param("name", lead.name())
                .param("hash", passwordHash)
                .update();
    }

    /** Does something signed in as somebody, in the background or for a moment. */
    public static <T> T as(Member member, Supplier<T> action) {
        return as(signedIn(member), action);
    }

    /** Does something for whoever came by a link, as far as that lets them see. */
    public static <T> T as(BelongsToOrganisation bearer, Supplier<T> action) {
        return as(UsernamePasswordAuthenticationToken.authenticated(bearer, null, List.of()), action);
    }

    private static <T> T as(Authentication who, Supplier<T> action) {
        SecurityContext before = SecurityContextHolder.getContext();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(who);
        SecurityContextHolder.setContext(context);
        try {
            return action.get();
        } finally {
            SecurityContextHolder.setContext(before);
        }
    }

    /** The proof of having signed in, for whoever has shown by other means who they are. */
    public static Authentication signedIn(Member member) {
        return UsernamePasswordAuthenticationToken.authenticated(member, null, member.getAuthorities());
    }
}
