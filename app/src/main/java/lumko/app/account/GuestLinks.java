package lumko.app.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.BelongsToOrganisation;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.UnitSystem;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Secret links to one sheet, for somebody who does not work here: a tenant, a helper for a day. Who has one reads that sheet as it is
 * now and nothing else, until a day or until it is revoked.
 */
@Service
@Transactional
public class GuestLinks {
    private final JdbcClient jdbc;
    private final Access access;
    private final Clock clock;

    GuestLinks(JdbcClient jdbc, Access access, Clock clock) {
        this.jdbc = jdbc;
        this.access = access;
        this.clock = clock;
    }

    /** A link that still opens its sheet. */
    public record Link(UUID id, Instant expiresAt) {}

    /** Whoever comes by a link: sees an organisation through one sheet. */
    public record Guest(UUID organisationId, UnitSystem units, String zone, UUID sheetId)
            implements BelongsToOrganisation {}

    @Transactional(readOnly = true)
    public List<Link> ofSheet(UUID sheetId) {
        return jdbc.sql("""
                        select id, expires_at from guest_link
                        where organisation_id = :organisation and sheet_id = :sheet and revoked_at is null
                          and expires_at > :now order by expires_at""")
                .param("organisation", access.member().organisationId())
                .param("sheet", sheetId)
                .param("now", now())
                .query((row, number) -> new Link(
                        row.getObject("id", UUID.class),
                        row.getObject("expires_at", OffsetDateTime.class).toInstant()))
                .list();
    }

    /**
     * A new link.
     *
     * @param opens for how long
     * @return the secret
     */
    public String issue(UUID sheetId, Duration opens) {
        access.requirePainter();
        String secret = Secret.made();
        jdbc.sql("""
                        insert into guest_link (id, organisation_id, digest, sheet_id, made_by, made_at, expires_at)
                        values (:id, :organisation, :digest, :sheet, :by, :at, :until)""")
                .param("id", UUID.randomUUID())
                .param("organisation", access.member().organisationId())
                .param("digest", Secret.digest(secret))
                .param("sheet", sheetId)
                .param("by", access.member().personId())
                .param("at", now())
                .param("until", now().plus(opens))
                .update();
        return secret;
    }

    /** @throws NotFoundException if there is no such link, or it is over */
    @Transactional(readOnly = true)
    public UUID sheetOf(UUID id) {
        return jdbc.sql("select sheet_id from guest_link "
                        + "where id = :id and organisation_id = :organisation and revoked_at is null")
                .param("id", id)
                .param("organisation", access.member().organisationId())
                .query(UUID.class)
                .optional()
                .orElseThrow(NotFoundException::new);
    }

    /** Nobody reads by it any more. */
    public void revoke(UUID id) {
        access.requirePainter();
        jdbc.sql("update guest_link set revoked_at = :at where id = :id and organisation_id = :organisation")
                .param("at", now())
                .param("id", id)
                .param("organisation", access.member().organisationId())
                .update();
    }

    /** Who a secret lets in; nobody if it was never given out, has been revoked or is over. */
    @Transactional(readOnly = true)
    public Optional<Guest> find(String secret) {
        return jdbc.sql("""
                        select o.id, o.units, o.zone, l.sheet_id
                        from guest_link l join organisation o on o.id = l.organisation_id
                        where l.digest = :digest and l.revoked_at is null and l.expires_at > :now""")
                .param("digest", Secret.digest(secret))
                .param("now", now())
                .query((row, number) -> new Guest(
                        row.getObject("id", UUID.class),
                        UnitSystem.valueOf(row.getString("units")),
                        row.getString("zone"),
                        row.getObject("sheet_id", UUID.class)))
                .optional();
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }
}
