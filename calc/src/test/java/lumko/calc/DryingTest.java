package lumko.calc;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.data.Offset;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DryingTest extends CalcTest {
    private static final String HEADER = "material,thickness_mm,temperature_c,humidity_pct,air\n";

    @TempDir
    Path folder = Path.of("");

    /** The published joint-filler chart: hours for 3 mm in moving air. */
    @ParameterizedTest
    @CsvSource({"16, 50, 24", "21, 50, 17", "27, 50, 12", "21, 80, 38"})
    void holdsAgainstPublishedChartsWithin15Percent(String celsius, String percent, double hours) {
        Outcome outcome = call(HEADER + "drying-compound,3," + celsius + "," + percent + ",moving\n", "drying");
        assertThat(outcome.end()).isZero();
        assertThat(Double.parseDouble(outcome.cells(1).get(6))).isCloseTo(hours, Percentage.withPercentage(15));
    }

    @Test
    void addsColumnsAndPassesTheOthersThroughWhateverTheirOrder() {
        Outcome outcome = call(
                "flat,air,humidity_pct,temperature_c,thickness_mm,material\n\"7, left\",moving,50,21,0.1,emulsion\n",
                "drying");
        assertThat(outcome.out())
                .startsWith("flat,air,humidity_pct,temperature_c,thickness_mm,material,earliest_h,likely_h,safe_h\n")
                .contains("\"7, left\",moving,50,21,0.1,emulsion,");
        assertThat(Double.parseDouble(
                        outcome.out().strip().split(",")[outcome.out().strip().split(",").length - 2]))
                .isCloseTo(3, Offset.offset(1e-9));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "spackle",
                "drying-compound",
                "setting-compound",
                "two-part",
                "plaster",
                "caulk",
                "primer",
                "emulsion",
                "trim-water",
                "trim-solvent"
            })
    void earliestBeforeLikelyBeforeSafe(String material) {
        Outcome outcome = call(HEADER + material + ",2,18,60,still\n", "drying");
        List<Double> hours = new ArrayList<>();
        outcome.cells(1).subList(5, 8).forEach(cell -> hours.add(Double.parseDouble(cell)));
        assertThat(hours).isSorted().doesNotHaveDuplicates().allMatch(each -> each > 0);
    }

    @ParameterizedTest
    @CsvSource({"4.9, 50", "20, 95.5"})
    void whereNothingDriesItTakesForever(String celsius, String percent) {
        assertThat(call(HEADER + "emulsion,0.1," + celsius + "," + percent + ",moving\n", "drying")
                        .out())
                .endsWith(",inf,inf,inf\n");
    }

    @Nested
    class RefusedAndNothingWritten {
        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "mud,3,21,50,moving | line 3, column material: “mud” cannot be taken; allowed: caulk, drying-compound",
                    "caulk,0,21,50,moving | line 3, column thickness_mm: “0” cannot be taken; allowed: 0.01–50 mm",
                    "caulk,thick,21,50,moving | line 3, column thickness_mm: “thick” cannot be taken",
                    "caulk,3,NaN,50,moving | line 3, column temperature_c: “NaN” cannot be taken; allowed: -30–60 °C",
                    "caulk,3,400,50,moving | line 3, column temperature_c: “400” cannot be taken",
                    "caulk,3,21,130,moving | line 3, column humidity_pct: “130” cannot be taken; allowed: 0–100 %",
                    "caulk,3,21,50,windy | line 3, column air: “windy” cannot be taken; allowed: moving, still",
                    "caulk,3,21,50 | line 3, “4 cells” cannot be taken; allowed: 5 cells"
                })
        void aCell(String row, String sentence) throws IOException {
            Path out = folder.resolve("out.csv");
            Outcome outcome = call(HEADER + "caulk,3,21,50,moving\n" + row + "\n", "drying", "--out", out.toString());
            assertThat(outcome.end()).isEqualTo(2);
            assertThat(outcome.err()).contains(sentence);
            assertThat(outcome.out()).isEmpty();
            assertThat(out).doesNotExist();
        }

        @Test
        void aMissingColumn() {
            Outcome outcome = call("material,air\ncaulk,still\n", "drying");
            assertThat(outcome.end()).isEqualTo(2);
            assertThat(outcome.err()).contains("line 1, column thickness_mm", "a header with material,thickness_mm");
        }

        @Test
        void whatIsNoTextAtAll() {
            byte[] bytes = (HEADER + "caulk,3,21,50,mo").getBytes(StandardCharsets.ISO_8859_1);
            bytes[bytes.length - 1] = (byte) 0xFF;
            Outcome outcome = call(bytes, "drying");
            assertThat(outcome.end()).isEqualTo(2);
            assertThat(outcome.err()).contains("UTF-8");
            assertThat(outcome.out()).isEmpty();
        }

        @Test
        void anUnclosedQuote() {
            Outcome outcome = call(HEADER + "\"caulk,3,21,50,moving\n", "drying");
            assertThat(outcome.end()).isEqualTo(2);
            assertThat(outcome.err()).isNotBlank();
        }

        @Test
        void anUnknownCommandOrOption() {
            assertThat(call("", "varnish").end()).isEqualTo(2);
            assertThat(call("", "drying", "--fast").err()).contains("--fast", "calc drying --help");
        }

        @Test
        void aFileThatIsNotThere() {
            Outcome outcome =
                    call("", "drying", "--in", folder.resolve("none.csv").toString());
            assertThat(outcome.end()).isEqualTo(2);
            assertThat(outcome.err()).contains("none.csv");
        }
    }

    @Test
    void fromFileToFile() throws IOException {
        Path in = Files.writeString(folder.resolve("in.csv"), "\uFEFF" + HEADER + "primer,0.1,21,50,moving\n");
        Path out = folder.resolve("out.csv");
        assertThat(call("", "drying", "--in", in.toString(), "--out", out.toString()))
                .isEqualTo(new Outcome(0, "", ""));
        assertThat(Files.readString(out)).startsWith(HEADER.strip() + ",earliest_h,likely_h,safe_h\nprimer,");
    }

    @Test
    void helpShowsAnExample() {
        assertThat(call("", "drying", "--help").out()).contains("Example:", "drying-compound,3,16,50,moving");
        assertThat(call("", "--help").out()).contains("drying");
    }
}
