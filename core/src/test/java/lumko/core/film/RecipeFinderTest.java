package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RecipeFinderTest {
    private final RecipeFinder finder = new RecipeFinder(Dispenser.pigments());
    private final Map<Colorant, Double> white = Map.of(Dispenser.WHITE_BASE, 1.0);

    private RecipeFinder.Recipe find(String hex, double step) {
        Spectrum wanted = SmoothReflectance.of(Srgb.ofHex(hex));
        return finder.find(Target.of(wanted), new RecipeFinder.Order(white, 2500, step, 5));
    }

    @ParameterizedTest
    @ValueSource(strings = {"#e6dece", "#efece3", "#b5bdc5", "#cfdfe8", "#cbdacb", "#e3ccbd", "#d8c587"})
    void aWallColourIsMetInAWhiteBase(String hex) {
        RecipeFinder.Recipe recipe = find(hex, 0.1);
        assertThat(recipe.difference()).isLessThan(1.0);
        assertThat(recipe.amounts()).isNotEmpty().hasSizeLessThanOrEqualTo(5);
        assertThat(recipe.amounts().values()).allSatisfy(amount -> {
            assertThat(amount).isPositive();
            assertThat(Math.abs(amount / 0.1 - Math.rint(amount / 0.1))).isLessThan(1e-6);
        });
    }

    @Test
    void itsOwnColourNeedsNothing() {
        double[] base = Mixture.of(white).reflectance(Double.POSITIVE_INFINITY, 0.0, Surface.OF_PAINT);
        RecipeFinder.Recipe recipe =
                finder.find(Target.of(Spectrum.of(400, base)), new RecipeFinder.Order(white, 1000, 0.1, 5));
        assertThat(recipe.amounts()).isEmpty();
        assertThat(recipe.difference()).isLessThan(1e-6);
        assertThat(recipe.volume()).isEqualTo(1000);
    }

    @Test
    void aRecipeOfTheSameColorantsIsFoundAgain() {
        Map<String, Colorant> byName = RecipeFinder.byName(Dispenser.pigments());
        Map<Colorant, Double> parts = new LinkedHashMap<>();
        parts.put(Dispenser.WHITE_BASE, 2500.0);
        parts.put(java.util.Objects.requireNonNull(byName.get("ochre PY42")), 14.0);
        parts.put(java.util.Objects.requireNonNull(byName.get("black PBk7")), 2.0);
        double[] made = Mixture.ofParts(parts).reflectance(Double.POSITIVE_INFINITY, 0.0, Surface.OF_PAINT);
        RecipeFinder.Recipe recipe =
                finder.find(Target.of(Spectrum.of(400, made)), new RecipeFinder.Order(white, 2500, 0.05, 3));
        assertThat(recipe.difference()).isLessThan(0.3);
    }

    @Test
    void whatIsInTheTinOnlyGrows() {
        // a tin that came out too dark cannot be brought back to the base without more of it: it says how far it gets
        Map<String, Colorant> byName = RecipeFinder.byName(Dispenser.pigments());
        Map<Colorant, Double> tooDark = new LinkedHashMap<>();
        tooDark.put(Dispenser.WHITE_BASE, 0.97);
        tooDark.put(java.util.Objects.requireNonNull(byName.get("black PBk7")), 0.03);
        Spectrum light = SmoothReflectance.of(Srgb.ofHex("#e6dece"));
        RecipeFinder.Recipe recipe = finder.find(Target.of(light), new RecipeFinder.Order(tooDark, 2500, 0.1, 5));
        assertThat(recipe.difference()).isGreaterThan(5);
        assertThat(recipe.amounts()).containsKey("white PW6");
        assertThat(recipe.volume()).isLessThanOrEqualTo(2500 * 1.121);
    }

    @Test
    void moreColorantsNeverGetFurtherAway() {
        double last = Double.POSITIVE_INFINITY;
        Spectrum wanted = SmoothReflectance.of(Srgb.ofHex("#b5bdc5"));
        for (int most = 1; most <= 5; most++) {
            double difference = finder.find(Target.of(wanted), new RecipeFinder.Order(white, 2500, 0, most))
                    .difference();
            assertThat(difference).isLessThanOrEqualTo(last + 1e-9);
            last = difference;
        }
    }
}
