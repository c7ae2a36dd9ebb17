package lumko.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.ResourceBundle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TradeWordsTest {
    private final TradeWords words = new TradeWords();

    private String american(String key) {
        return words.getMessage(key, null, Locale.US);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "verdict.itsColour | Its color",
                "carry.abrasives | {0} sheets of abrasive",
                "Tool.TORCH | flashlight",
                "carry.fill | Fillers"
            })
    void areSaidInTheWordsOfTheTrade(String key, String said) {
        assertThat(american(key)).isEqualTo(said);
    }

    @Test
    void noSentenceForTheUnitedStatesIsSpeltOtherwise() {
        ResourceBundle all = ResourceBundle.getBundle("messages", Locale.ROOT);
        for (String key : all.keySet()) {
            assertThat(american(key))
                    .as(key)
                    .doesNotContainPattern(
                            "(?i)\\b(colours?|coloured|grey|mould|metres?|litres?|skirtings?|plasterboard)\\b");
        }
    }

    @Test
    void elsewhereTheyAreAsWritten() {
        assertThat(words.getMessage("verdict.itsColour", null, Locale.UK)).isEqualTo("Its colour");
    }
}
