package lumko.calc;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Srgb;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class VisibilityCommandsTest extends CalcTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String SCENE = """
            {"wall":{"lab":[86,0,8],"gloss60":4},"paint":{"lab":[88,0,8],"gloss60":4},
             "patch":{"centre_mm":30,"feather_mm":40,"tool":"roller end","filler_mm":20,"proud_mm":0.1},
             "light":{"share":0.4,"azimuth_deg":0,"elevation_deg":15},"days":[0,30],"distances_m":[1,3]}
            """;

    @Nested
    class AScene {
        private JsonNode seen(String scene) {
            Outcome outcome = call(scene, "visibility");
            assertThat(outcome.err()).isEmpty();
            return JSON.readTree(outcome.out());
        }

        @Test
        void isScoredFromBothViewsAndDays() {
            JsonNode answer = seen(SCENE);
            assertThat(answer.get("front")).hasSize(2);
            double fresh = answer.get("along").get(0).get("score").get("1.0").asDouble();
            double cured = answer.get("along").get(1).get("score").get("1.0").asDouble();
            assertThat(fresh).isGreaterThan(cured);
            assertThat(answer.get("front").get(1).get("gone_from_m").asString()).isEqualTo("never");
            assertThat(answer.get("front")
                            .get(1)
                            .get("helps")
                            .get("roll_the_wall")
                            .asDouble())
                    .isZero();
        }

        @Test
        void isDrawn(@TempDir Path folder) throws IOException {
            Path png = folder.resolve("wall.png");
            assertThat(call(SCENE, "visibility", "--png", png.toString()).err()).isEmpty();
            BufferedImage picture = ImageIO.read(png.toFile());
            assertThat(picture.getWidth()).isEqualTo(512);
            // the patch is lighter than the wall round it
            assertThat(picture.getRGB(256, 256) & 255).isNotEqualTo(picture.getRGB(2, 2) & 255);
        }

        @Test
        void saysWhatItMayHold() {
            JsonNode schema = JSON.readTree(call("", "visibility", "--schema").out());
            assertThat(schema.get("required")).hasSize(3);
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "\"centre_mm\":30 | \"centre_mm\":0 | patch.centre_mm: “0” cannot be taken",
                    "\"roller end\" | \"mop\" | patch.tool: “\"mop\"” cannot be taken; allowed: brush",
                    "\"share\":0.4 | \"share\":2 | light.share",
                    "\"distances_m\":[1,3] | \"distances_m\":[0] | distances_m[0]",
                    "\"lab\":[86,0,8] | \"lab\":[86,0] | wall.lab"
                })
        void whatCannotBeTakenIsNamed(String from, String to, String sentence) {
            Outcome outcome = call(SCENE.replace(from, to), "visibility");
            assertThat(outcome.end()).isEqualTo(2);
            assertThat(outcome.err()).contains(sentence);
        }
    }

    @Nested
    class TwoPictures {
        private Path png(Path folder, String name, int rgb, int side) throws IOException {
            BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
            for (int at = 0; at < side * side; at++) {
                image.setRGB(at % side, at / side, rgb);
            }
            Path file = folder.resolve(name);
            ImageIO.write(image, "png", file.toFile());
            return file;
        }

        @Test
        void evenOnesDifferByTheirColours(@TempDir Path folder) throws IOException {
            Outcome outcome = call(
                    "",
                    "scielab",
                    "--per-degree",
                    "40",
                    png(folder, "a.png", 0xE6DFD0, 24).toString(),
                    png(folder, "b.png", 0xDCD3C0, 24).toString());
            double apart = ColourDifference.between(
                    Srgb.ofHex("#e6dfd0").lab(), Srgb.ofHex("#dcd3c0").lab());
            assertThat(outcome.out()).startsWith("mean,p95,p99\n");
            assertThat(Double.parseDouble(outcome.cells(1).getFirst())).isCloseTo(apart, Offset.offset(0.01));
            assertThat(Double.parseDouble(outcome.cells(1).get(2))).isCloseTo(apart, Offset.offset(0.01));
        }

        @Test
        void tablesAreTakenToo(@TempDir Path folder) throws IOException {
            Path one = folder.resolve("one.csv");
            Path other = folder.resolve("other.csv");
            Files.writeString(one, "x,y,l,a,b\n0,0,50,0,0\n1,0,50,0,0\n");
            Files.writeString(other, "b,y,x,l,a\n0,0,1,50,0\n0,0,0,50,0\n");
            assertThat(call("", "scielab", "--per-degree", "30", one.toString(), other.toString())
                            .out())
                    .isEqualTo("mean,p95,p99\n0.0,0.0,0.0\n");
        }

        @Test
        void whatCannotBeComparedIsSaid(@TempDir Path folder) throws IOException {
            Path small = png(folder, "a.png", 0xE6DFD0, 8);
            Path large = png(folder, "b.png", 0xE6DFD0, 9);
            assertThat(call("", "scielab", "--per-degree", "40", small.toString(), large.toString())
                            .err())
                    .contains("8 × 8 and 9 × 9 samples", "two pictures of one size");
            Path holes = folder.resolve("holes.csv");
            Files.writeString(holes, "x,y,l,a,b\n0,0,50,0,0\n1,1,50,0,0\n");
            assertThat(call("", "scielab", "--per-degree", "40", holes.toString(), holes.toString())
                            .err())
                    .contains("2 samples", "every sample of 2 × 2 once");
            assertThat(call("", "scielab", "--per-degree", "0", small.toString(), small.toString())
                            .end())
                    .isEqualTo(2);
        }
    }
}
