package lumko.app.walk;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.ZoneOffset;
import lumko.app.platform.UnitSystem;
import lumko.app.platform.Words;
import lumko.core.job.Action;
import lumko.core.judge.Finding;
import lumko.core.quantity.Length;
import org.junit.jupiter.api.Test;
import org.springframework.context.MessageSource;
import org.springframework.context.support.ResourceBundleMessageSource;

class FindingWordsTest {
    private final FindingWords words = new FindingWords(new Words(messages(), UnitSystem.METRIC, ZoneOffset.UTC));

    private static MessageSource messages() {
        ResourceBundleMessageSource messages = new ResourceBundleMessageSource();
        messages.setBasename("messages");
        messages.setDefaultEncoding("UTF-8");
        return messages;
    }

    private String cheapest(int minutes, int nextMinutes, int nextSeconds) {
        return words.of(new Finding.Cheapest(
                Duration.ofMinutes(minutes),
                Action.ROLL,
                Duration.ofMinutes(nextMinutes).plusSeconds(nextSeconds)));
    }

    private String sheen(int days) {
        return words.of(new Finding.SheenNotTonedDown(days, 7));
    }

    @Test
    void theDayOfTheViewingIsSaidAsOneSaysIt() {
        assertThat(sheen(0)).startsWith("viewing today: ");
        assertThat(sheen(1)).startsWith("viewing tomorrow: ");
        assertThat(sheen(2)).startsWith("viewing in 2 days: ");
    }

    private String inTheEyeBand(int seen, int spots) {
        return words.of(new Finding.InTheEyeBand(seen, spots, Length.ofMetres(1.2), Length.ofMetres(1.9)));
    }

    @Test
    void oneMarkIsNotCounted() {
        assertThat(inTheEyeBand(1, 1)).isEqualTo("the mark lies between 1.20 m and 1.90 m, where one looks");
        assertThat(inTheEyeBand(1, 3)).isEqualTo("1 of 3 marks between 1.20 m and 1.90 m, where one looks");
    }

    @Test
    void whatIsAsDearIsNotToldTwice() {
        assertThat(cheapest(155, 170, 0))
                .startsWith("it comes to 2 h 35, with paint")
                .endsWith("the next best, Roll edge to edge, to 2 h 50");
        assertThat(cheapest(155, 155, 1))
                .startsWith("it comes to 2 h 35, with paint")
                .endsWith("; Roll edge to edge comes to as much");
    }
}
