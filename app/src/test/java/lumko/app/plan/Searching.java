package lumko.app.plan;

import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationContext;

/** Runs in a test what waits for the background; the caller is signed in. */
public final class Searching {
    private Searching() {}

    /** Runs the search that was asked for last, if it is not over. */
    public static void run(ApplicationContext application) {
        Optional<UUID> open = application
                .getBean(SearchRepository.class)
                .findByEndedAtIsNull()
                .map(SearchRow::id);
        open.ifPresent(application.getBean(PlanSearch.class)::run);
    }
}
