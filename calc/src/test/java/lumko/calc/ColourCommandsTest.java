package lumko.calc;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ColourCommandsTest extends CalcTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static JsonNode answer(String document, String... arguments) {
        Outcome outcome = call(document, arguments);
        assertThat(outcome.err()).isEmpty();
        return JSON.readTree(outcome.out());
    }

    private static String spectrum(double factor) {
        return String.join(",", Collections.nCopies(31, String.valueOf(factor)));
    }

    private static String bands() {
        return String.join(",", SpectrumCommand.bands(400, 700));
    }

    @Test
    void aPublishedPairByDifference() {
        Outcome outcome = call("l1,a1,b1,l2,a2,b2\n50,2.6772,-79.7751,50,0,-82.7485\n", "difference");
        assertThat(Double.parseDouble(outcome.cells(1).get(6))).isCloseTo(2.0425, Offset.offset(1e-4));
    }

    @Test
    void aScreenColour() {
        List<String> cells = call("hex,name\n#ffffff,white\n", "srgb").cells(1);
        assertThat(cells.subList(0, 2)).containsExactly("\"#ffffff\"", "white");
        assertThat(Double.parseDouble(cells.get(2))).isCloseTo(95.045593, Offset.offset(1e-6));
        assertThat(Double.parseDouble(cells.get(5))).isCloseTo(100, Offset.offset(1e-9));
        assertThat(Double.parseDouble(cells.get(8))).isCloseTo(100, Offset.offset(1e-6));
        assertThat(call("hex\nwhite\n", "srgb").err()).contains("line 2, column hex: “white”");
    }

    @ParameterizedTest
    @CsvSource({"D65, 2, 95.047", "D65, 10, 94.811", "A, 10, 111.144", "F11, 2, 100.962"})
    void thePerfectDiffuserUnderALight(String light, String eye, double x) {
        Outcome outcome = call(
                "id," + bands() + "\nwhite," + spectrum(1) + "\n",
                "spectrum",
                "--illuminant",
                light,
                "--observer",
                eye);
        List<String> cells = outcome.cells(1);
        assertThat(Double.parseDouble(cells.get(32))).isCloseTo(x, Offset.offset(0.05));
        assertThat(Double.parseDouble(cells.get(33))).isCloseTo(100, Offset.offset(1e-4));
        assertThat(call("id\n", "spectrum", "--observer", "3").err()).contains("2 or 10");
        assertThat(call("id\n", "spectrum", "--illuminant", "D99").end()).isEqualTo(2);
    }

    @Nested
    class Films {
        private List<String> film(String row, String... options) {
            String[] arguments = new String[options.length + 1];
            arguments[0] = "film";
            System.arraycopy(options, 0, arguments, 1, options.length);
            Outcome outcome = call("id,thickness_um,parts,substrate\n" + row + "\n", arguments);
            assertThat(outcome.err()).isEmpty();
            return outcome.cells(1);
        }

        @Test
        void noFilmIsWhatIsUnderIt() {
            List<String> cells = film("1,0,white base:1,0.35");
            assertThat(Double.parseDouble(cells.get(4))).isEqualTo(0.35);
            assertThat(Double.parseDouble(cells.get(35))).isZero();
        }

        @Test
        void oneThatHidesHasNoContrastRatio() {
            List<String> cells = film("1,40,white base:1,inf");
            assertThat(cells.get(35)).isEmpty();
            assertThat(Double.parseDouble(cells.get(20))).isBetween(0.8, 1.0);
        }

        @Test
        void theSurfaceTakesItsPart() {
            double without = Double.parseDouble(
                    film("1,40,white base:0.98;black PBk7:0.02,inf").get(20));
            double with =
                    Double.parseDouble(film("1,40,white base:0.98;black PBk7:0.02,inf", "--saunderson", "0.04,0.6")
                            .get(20));
            assertThat(with).isCloseTo(0.04 + 0.96 * 0.4 * without / (1 - 0.6 * without), Offset.offset(1e-9));
        }

        @Test
        void colorantsFromAFile(@TempDir Path folder) throws IOException {
            Path file = folder.resolve("colorants.csv");
            List<String> header = new ArrayList<>(List.of("name", "kind"));
            for (int nm = 400; nm <= 700; nm += 10) {
                header.add(String.valueOf(nm));
            }
            Files.writeString(
                    file, String.join(",", header) + "\ngrey,K," + spectrum(0.02) + "\ngrey,S," + spectrum(0.1) + "\n");
            List<String> cells = film("1,1,grey:1,inf", "--colorants", file.toString());
            assertThat(Double.parseDouble(cells.get(4))).isCloseTo(1.2 - Math.sqrt(0.44), Offset.offset(1e-9));
            Files.writeString(file, String.join(",", header) + "\ngrey,K," + spectrum(0.02) + "\n");
            assertThat(call("id,thickness_um,parts,substrate\n", "film", "--colorants", file.toString())
                            .err())
                    .contains("a row of kind S");
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "1,40,white base:0.9,0 | the shares must sum to 1",
                    "1,40,paint:1,0 | “paint” is no colorant",
                    "1,40,white base,0 | name:share;name:share",
                    "1,-1,white base:1,0 | column thickness_um: “-1”",
                    "1,40,white base:1,1.2 | column substrate: “1.2” cannot be taken; allowed: 0–1"
                })
        void whatCannotBeIsNamed(String row, String sentence) {
            Outcome outcome = call("id,thickness_um,parts,substrate\n" + row + "\n", "film");
            assertThat(outcome.end()).isEqualTo(2);
            assertThat(outcome.err()).contains("line 2", sentence);
        }
    }

    @Test
    void aRecipeAndHowNearItGets() {
        JsonNode recipe = answer(
                "{\"target\":{\"lab\":[86,1,9]},\"base\":\"white base\",\"amount\":2500,\"step\":0.1,\"most\":4}",
                "recipe");
        assertThat(recipe.path("de00").asDouble()).isLessThan(1);
        assertThat(recipe.path("amounts").size()).isBetween(1, 4);
        assertThat(recipe.path("metamerism").has("F11")).isTrue();
        assertThat(recipe.path("volume").asDouble()).isGreaterThan(2500);
        assertThat(recipe.path("approximate").asBoolean()).isTrue();
    }

    @Test
    void aMixOfWhatIsInTheStore() {
        JsonNode mix = answer(
                "{\"target\":{\"lab\":[82,0,2]},\"litres\":3,\"tins\":[{\"tin\":\"0401\",\"lab\":[88,1,8],\"litres\":4},"
                        + "{\"tin\":\"0409\",\"lab\":[76,-1,-4],\"litres\":4}]}",
                "box");
        assertThat(mix.path("parts").size()).isEqualTo(2);
        assertThat(mix.path("litres").asDouble()).isEqualTo(3);
        assertThat(mix.path("de00").asDouble()).isLessThan(3);
    }

    @Test
    void coatsOverADarkWall() {
        JsonNode hiding = answer(
                "{\"substrate\":{\"lab\":[33,-16,4]},\"paint\":{\"lab\":[94,0,4],\"contrast_ratio\":0.93},"
                        + "\"spread_rate\":10,\"solids\":38}",
                "hide");
        assertThat(hiding.path("coats").asInt()).isBetween(2, 6);
        assertThat(hiding.path("left").size()).isEqualTo(6);
        assertThat(hiding.path("undercoat").asDouble()).isBetween(0.5, 0.93);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "recipe | {\"target\":{\"lab\":[86,1]},\"base\":\"white base\"} | target.lab: “[86,1]” cannot be taken; allowed: 3 numbers",
                "recipe | {\"target\":{\"lab\":[86,1,9]},\"base\":\"milk\"} | base: “\"milk\"” cannot be taken",
                "recipe | {\"target\":{\"lab\":[86,1,9]}} | base: “nothing” cannot be taken",
                "recipe | {\"target\": | “",
                "box | {\"target\":{\"lab\":[86,1,9]},\"litres\":1,\"tins\":[]} | at least one tin",
                "box | {\"target\":{\"lab\":[86,1,9]},\"litres\":1,\"tins\":[{\"tin\":\"a\",\"lab\":[1,2,3],\"litres\":1,\"kind\":\"oil\"}]} | tins[0].kind",
                "hide | {\"substrate\":{\"lab\":[33,-16,4]},\"spread_rate\":0,\"solids\":38} | spread_rate: “0” cannot be taken"
            })
    void documentsThatCannotBeAreNamed(String command, String document, String sentence) {
        Outcome outcome = call(document, command);
        assertThat(outcome.end()).isEqualTo(2);
        assertThat(outcome.err()).contains(sentence);
        assertThat(outcome.out()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"difference", "srgb", "spectrum", "film", "recipe", "box", "hide", "drying"})
    void eachShowsAnExampleThatWorks(String command) {
        String help = call("", command, "--help").out();
        assertThat(help).contains("Example:", "./lumko calc " + command);
    }
}
