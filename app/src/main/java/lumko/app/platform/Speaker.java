package lumko.app.platform;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

/** Gives the words and the calendar of whoever is signed in. */
@Component
public class Speaker {
    private final MessageSource messages;
    private final Clock clock;

    Speaker(MessageSource messages, Clock clock) {
        this.messages = messages;
        this.clock = clock;
    }

    public Words words() {
        return Tenancy.principal()
                .map(who -> new Words(messages, who.units(), ZoneId.of(who.zone())))
                .orElseGet(() -> new Words(messages, UnitSystem.METRIC, ZoneOffset.UTC));
    }

    /** Today where the houses stand. */
    public LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), words().zone());
    }
}
