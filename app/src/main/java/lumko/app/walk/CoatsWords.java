package lumko.app.walk;

import java.util.Optional;
import lumko.app.platform.Words;
import lumko.core.job.BuildUp;

/** Coats put into words. */
final class CoatsWords {
    private final Words words;

    CoatsWords(Words words) {
        this.words = words;
    }

    /** Undercoat and two coats. */
    String of(BuildUp build) {
        String finish = words.say("coats.finish." + build.finish());
        return build.undercoats() == 0
                ? finish
                : words.say("coats.on", words.say("coats.under." + build.undercoats()), finish);
    }

    String of(Optional<BuildUp> asked) {
        return asked.map(this::of).orElseGet(() -> words.say("coats.asTheHouse"));
    }
}
