package lumko.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlainTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"2.4 | 2.4", "2,4 | 2.4", " 7 | 7", "−3 | -3", "+1 | 1", ".5 | 0.5", "12. | 12"})
    void numbersAsPeopleWriteThem(String typed, double value) {
        assertThat(Plain.number(typed)).hasValue(value);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "1d",
                "1f",
                "0x1p3",
                "1e3",
                "NaN",
                "Infinity",
                "1.2.3",
                "--1",
                "½",
                "٣",
                "1 000",
                "1234567890123"
            })
    void whatOnlyProgramsTakeForANumberIsNone(String typed) {
        assertThat(Plain.number(typed)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"1-1-1-1-1", "", "x", "00000000-0000-0000-0000-00000000000g", "00000000000000000000000000000000"
            })
    void anIdIsWrittenAsIdsAre(String sent) {
        assertThat(Plain.id(sent)).isEmpty();
        assertThat(Plain.id("0b8f7a34-6d58-4a8b-9a0c-3b1f6f1f9f10")).isPresent();
    }

    @Test
    void aTextIsOnOneLineAndComposed() {
        assertThat(Plain.line("  Oat\u00a0 Husk\r\n")).isEqualTo("Oat Husk");
        assertThat(Plain.line("e\u0301")).isEqualTo("é");
    }

    @Test
    void lettersThatCannotBeSeenAreFound() {
        assertThat(Plain.unseen("Oat\u200bHusk")).hasValue(new Plain.Unseen(0x200b, 4));
        assertThat(Plain.unseen("abc\u202edef").orElseThrow().name()).isEqualTo("U+202E");
        assertThat(Plain.unseen("a\u0000b")).isPresent();
        assertThat(Plain.unseen("Größe 3 m² – 🎨")).isEmpty();
    }

    @Test
    void whatIsSaidAgainIsShort() {
        assertThat(Plain.quoted("x".repeat(100))).hasSize(41).endsWith("…");
        assertThat(Plain.quoted("a\u202eb")).isEqualTo("a\ufffdb");
    }

    @Test
    void cellsThatASpreadsheetWouldComputeAreHarmlessAndComeBackTheSame() throws IOException {
        List<String> texts = List.of(
                "=1+1",
                "+44",
                "-Oat",
                "@x",
                "'quoted",
                "'=x",
                "Oat Husk",
                "",
                "\tx",
                "a=b",
                "it's",
                "two\nlines, \"x\"");
        StringBuilder out = new StringBuilder();
        new Csv(out).row(Stream.concat(texts.stream(), Stream.of(-3.5)));
        CSVRecord row = CSVFormat.RFC4180
                .parse(new java.io.StringReader(out.toString()))
                .iterator()
                .next();
        assertThat(row.stream().limit(texts.size()).filter(cell -> cell.matches("(?s)[=+\\-@\t].*")))
                .isEmpty();
        assertThat(row.stream().limit(texts.size()).map(Csv::text)).containsExactlyElementsOf(texts);
        assertThat(row.get(texts.size())).isEqualTo("-3.5");
    }
}
