package lumko.app.account;

import java.time.Clock;
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
 * Secret links to the calendar of a person or a house, for programs that cannot sign in. Who has one reads that calendar and
 * nothing else, until it is revoked. The secret is shown once; a digest of it is kept.
 */
@Service
@Transactional
public class CalendarLinks {
    private final JdbcClient jdbc;
    private final Access access;
    private final Clock clock;

    CalendarLinks(JdbcClient jdbc, Access access, Clock clock) {
        this.jdbc = jdbc;
        this.access = access;
        this.clock = clock;
    }

    /** A link that is not revoked. */
    public record Link(UUID id, Optional<UUID> person, Optional<UUID> house, Instant madeAt) {}

    /** Whoever comes by a link: sees an organisation through one calendar. */
    public record Bearer(
            UUID organisationId, UnitSystem units, String zone, Optional<UUID> person, Optional<UUID> house)
            implements BelongsToOrganisation {}

    @Transactional(readOnly = true)
    public List<Link> all() {
        return jdbc.sql("select id, person_id, house_id, made_at from calendar_link "
                        + "where organisation_id = :organisation and revoked_at is null order by made_at")
                .param("organisation", access.member().organisationId())
                .query((row, number) -> new Link(
                        row.getObject("id", UUID.class),
                        Optional.ofNullable(row.getObject("person_id", UUID.class)),
                        Optional.ofNullable(row.getObject("house_id", UUID.class)),
                        row.getObject("made_at", OffsetDateTime.class).toInstant()))
                .list();
    }

    /**
     * A new link: one's own calendar for everybody, those of others and of houses for the lead.
     *
     * @return the secret
     */
    public String issue(Optional<UUID> person, Optional<UUID> house) {
        Member member = access.member();
        if (!person.equals(Optional.of(member.personId()))) {
            access.requireLead();
        }
        String secret = Secret.made();
        jdbc.sql("""
                        insert into calendar_link (id, organisation_id, digest, person_id, house_id, made_by, made_at)
                        values (:id, :organisation, :digest, :person, :house, :by, :at)""")
                .param("id", UUID.randomUUID())
                .param("organisation", member.organisationId())
                .param("digest", Secret.digest(secret))
                .param("person", person.orElse(null))
                .param("house", house.orElse(null))
                .param("by", member.personId())
                .param("at", clock.instant().atOffset(ZoneOffset.UTC))
                .update();
        return secret;
    }

    /** Nobody reads by it any more. */
    public void revoke(UUID id) {
        Member member = access.member();
        int count = jdbc.sql(
                        "update calendar_link set revoked_at = :at where id = :id and organisation_id = :organisation "
                                + "and revoked_at is null and (person_id = :person or :lead)")
                .param("at", clock.instant().atOffset(ZoneOffset.UTC))
                .param("id", id)
                .param("organisation", member.organisationId())
                .param("person", member.personId())
                .param("lead", member.isLead())
                .update();
        if (count == 0) {
            throw new NotFoundException();
        }
    }

    /** Who a secret lets in; nobody if it was never given out or has been revoked, or its person is not here any more. */
    @Transactional(readOnly = true)
    public Optional<Bearer> find(String secret) {
        return jdbc.sql("""
                        select o.id, o.units, o.zone, l.person_id, l.house_id
                        from calendar_link l join organisation o on o.id = l.organisation_id
                        left join person p on p.id = l.person_id
                        where l.digest = :digest and l.revoked_at is null and (p.id is null or p.active)""")
                .param("digest", Secret.digest(secret))
                .query((row, number) -> new Bearer(
                        row.getObject("id", UUID.class),
                        UnitSystem.valueOf(row.getString("units")),
                        row.getString("zone"),
                        Optional.ofNullable(row.getObject("person_id", UUID.class)),
                        Optional.ofNullable(row.getObject("house_id", UUID.class))))
                .optional();
    }
}
