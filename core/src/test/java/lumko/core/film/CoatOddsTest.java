package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.paint.DryFilm;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class CoatOddsTest {
    private static final double FILM = DryFilm.micrometres(10, 38);
    private static final Spectrum GREEN = SmoothReflectance.of(Srgb.ofHex("#2f5548"));
    private static final Spectrum WHITE = SmoothReflectance.of(Srgb.ofHex("#efece3"));
    private static final Hiding PAINT = Hiding.of(WHITE, 0.93, FILM);

    private static CoatOdds odds(Spectrum before, int coats, Integer... really) {
        return CoatOdds.of(PAINT, before, FILM, coats, List.of(really));
    }

    @Test
    void overTheSameColourHardlyAny() {
        assertThat(odds(WHITE, 1).chance()).isLessThan(0.01);
    }

    @Test
    void everyCoatMoreMakesItLessLikely() {
        double last = 1;
        for (int coats = 1; coats <= 6; coats++) {
            double chance = odds(GREEN, coats).chance();
            assertThat(chance).isLessThanOrEqualTo(last).isBetween(0.0, 1.0);
            last = chance;
        }
        assertThat(odds(GREEN, 1).chance()).isGreaterThan(0.95);
    }

    @Test
    void whereTheFilmIsJustEnoughItIsEven() {
        Hiding.Coats coats = PAINT.over(GREEN, FILM);
        int needed = coats.needed();
        // the film that hides with that many coats exactly
        double thin = 0;
        double thick = FILM;
        for (int round = 0; round < 60; round++) {
            double middle = (thin + thick) / 2;
            if (PAINT.over(GREEN, middle).left().get(needed - 1) <= 0.5) {
                thick = middle;
            } else {
                thin = middle;
            }
        }
        assertThat(CoatOdds.of(PAINT, GREEN, thick, needed, List.of()).byHiding())
                .isCloseTo(0.5, Offset.offset(1e-3));
    }

    @Test
    void whatItReallyTookSetsItRight() {
        double guessed = odds(GREEN, 2).byHiding();
        CoatOdds better = odds(GREEN, 2, 2, 2, 2, 2);
        assertThat(better.chance()).isCloseTo(guessed / 2, Offset.offset(1e-12));
        CoatOdds worse = odds(WHITE, 1, 2, 2, 3, 1);
        assertThat(worse.more()).isEqualTo(3);
        assertThat(worse.seen()).isEqualTo(4);
        assertThat(worse.chance()).isCloseTo((4 * odds(WHITE, 1).byHiding() + 3) / 8, Offset.offset(1e-12));
    }
}
