package lumko.app.people;

import lumko.app.account.AccountEvent;
import lumko.app.account.Accounts;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Writes down what happens at accounts, in the history of the organisation they belong to. */
@Component
class AccountHistory {
    private final History history;

    AccountHistory(History history) {
        this.history = history;
    }

    @EventListener
    void note(AccountEvent event) {
        EventKind kind = switch (event.kind()) {
            case SIGN_IN_FAILED -> EventKind.SIGN_IN_FAILED;
            case PASSWORD_CHANGED -> EventKind.PASSWORD_CHANGED;
        };
        Accounts.as(event.whose(), () -> {
            history.note(Subject.organisation(), kind, event.detail());
            return event;
        });
    }
}
