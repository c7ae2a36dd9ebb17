package lumko.app.account;

import java.util.UUID;
import lumko.app.platform.NotAllowedException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Who may change what. Everybody of an organisation sees all of it. */
@Component
public class Access {
    private final People people;

    Access(People people) {
        this.people = people;
    }

    /** Who is signed in on this thread. */
    public Member member() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        if (authentication != null && authentication.getPrincipal() instanceof Member member) {
            return member;
        }
        throw new NotAllowedException("denied.signIn");
    }

    /** The records of a house (marks, paint, coats, sheets): the lead, and the painters who look after it. */
    public boolean mayChangeRecordsOf(UUID houseId) {
        Member member = member();
        return member.isLead() || (member.role() == Role.PAINTER && people.looksAfter(member.personId(), houseId));
    }

    /** @throws NotAllowedException if the signed-in person may not change the records of the house */
    public void requireRecordsOf(UUID houseId, String houseName) {
        if (!mayChangeRecordsOf(houseId)) {
            throw new NotAllowedException("denied.records", houseName);
        }
    }

    /** Ticking a step: whoever paints. */
    public void requirePainter() {
        if (member().isOffice()) {
            throw new NotAllowedException("denied.tick");
        }
    }

    /** Dates of a turnover: the lead and the office. */
    public void requireDates() {
        if (member().role() == Role.PAINTER) {
            throw new NotAllowedException("denied.dates");
        }
    }

    /** Houses, people, figures: the lead. */
    public void requireLead() {
        if (!member().isLead()) {
            throw new NotAllowedException("denied.lead");
        }
    }
}
