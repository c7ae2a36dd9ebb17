package lumko.core.visibility;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.film.Hiding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The table against the full computation of each scene. */
class ScoresTest {
    private static final Lab WALL = new Lab(86, 1, 7);
    private static final double CURED = 10_000;

    private static Look look(double centre, double feather, Light light, View view, double metres) {
        Patch patch = new Patch(centre, feather, TouchUpTool.ROLLER_END, Math.max(0, centre - 8), 0, true, true);
        return new Look(patch, TouchUpTool.ROLLER, Stipples.STARTING, light, 4, 0.93, 38, view, metres);
    }

    private static double full(Look look, Lab paint, double gloss, double proud) {
        Paints paints = Paints.of(
                SmoothReflectance.of(WALL, Colorimetry.DAYLIGHT),
                Hiding.of(SmoothReflectance.of(paint, Colorimetry.DAYLIGHT), 0.93, 38),
                38,
                4,
                gloss,
                21);
        Scene scene = new Scene(look.patch().with(proud), paints, look.wall(), look.light());
        return new Visibility(scene).score(look.view(), look.metres(), CURED);
    }

    private static Lab lighter(double by) {
        return new Lab(WALL.lightness() + by, WALL.a(), WALL.b());
    }

    @ParameterizedTest
    @CsvSource({
        "12, 0, 2, 1, 4, 0",
        "12, 0, 1.2, -1, 5, 0",
        "20, 50, 2, 2, 4, 0.05",
        "68, 0, 2, 0.5, 4, 0.1",
        "68, 50, 1.2, -3, 5, 0",
        "250, 50, 2, 4, 4, 0"
    })
    void agreesWithTheSceneItself(
            double centre, double feather, double metres, double lighter, double gloss, double proud) {
        for (Light light : new Light[] {Light.EVEN, Light.facing(90, 40), Light.raking(180, 20)}) {
            for (View view : View.values()) {
                Look look = look(centre, feather, light, view, metres);
                double full = full(look, lighter(lighter), gloss, proud);
                double table = Scores.of(look, WALL, lighter(lighter), proud).at(0, gloss - 4);
                assertThat(table).isCloseTo(full, within(0.15 * full + 0.02));
            }
        }
    }

    @Test
    void sameColourSameSheenInEvenLightIsNotSeen() {
        Look look = look(20, 50, Light.EVEN, View.FRONT, 2);
        assertThat(Scores.of(look, WALL, WALL, 0).at(0, 0)).isLessThan(0.02);
    }
}
