package lumko.app.account;

import java.util.UUID;
import lumko.app.platform.NotAllowedException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/**
 * Who may change what. Everybody of an organisation sees all of it. The services that change things ask; a page may ask before, so
 * that nobody fills in a form in vain. Who asks is whoever the thread is signed in as: a person by their request, a job by
 * {@link Accounts#as(Member, java.util.function.Supplier)}.
 */
@Component
public class Access {
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
        return member().mayChangeRecordsOf(houseId);
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
