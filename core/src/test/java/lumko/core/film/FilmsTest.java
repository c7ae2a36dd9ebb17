package lumko.core.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import lumko.core.activity.Written;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.paint.Binder;
import org.junit.jupiter.api.Test;

/** What films, recipes and mixes come to, in numbers, as they were read and found right. */
class FilmsTest {
    private static final List<String> LIGHT_AND_DARK =
            List.of("#efece3", "#e6dece", "#b5bdc5", "#2f5548", "#c01818", "#ffd800", "#101010");

    private final List<String> lines = new ArrayList<>();

    private void line(String format, Object... values) {
        lines.add(String.format(Locale.ROOT, format, values));
    }

    private static Spectrum of(String hex) {
        return SmoothReflectance.of(Srgb.ofHex(hex));
    }

    @Test
    void coatsAndUndercoats() {
        for (String paint : LIGHT_AND_DARK) {
            for (double ratio : new double[] {0.88, 0.95}) {
                Hiding hiding = Hiding.of(of(paint), ratio, 38);
                line(
                        "%s at %.2f, 38 µm: contrast of half of it %.4f, best undercoat %.3f",
                        paint, ratio, hiding.contrastRatio(19), hiding.bestUndercoat(38));
                for (String before : List.of("#f6f4ee", "#2f5548", "#7f7f7f")) {
                    Hiding.Coats coats = hiding.over(of(before), 38);
                    line("  over %s: %d coats, left %s", before, coats.needed(), numbers(coats.left()));
                    hiding.plans(of(before), 38)
                            .forEach(plan -> line(
                                    "    %d undercoats and %d coats leave %.3f",
                                    plan.undercoats(), plan.finish(), plan.left()));
                    CoatOdds odds = CoatOdds.of(hiding, of(before), 38, 2, List.of(2, 3, 2));
                    line(
                            "    one more than two: %.3f, by hiding alone %.3f, %d of %d really",
                            odds.chance(), odds.byHiding(), odds.more(), odds.seen());
                }
            }
        }
        Written.assertAsRead(FilmsTest.class, "coats.txt", lines);
    }

    private static String numbers(List<Double> numbers) {
        return numbers.stream()
                .map(number -> String.format(Locale.ROOT, "%.4f", number))
                .toList()
                .toString();
    }

    /** Absorption and scattering every 60 nm. */
    @Test
    void pigments() {
        List<Colorant> all = new ArrayList<>(Dispenser.pigments());
        all.add(Dispenser.WHITE_BASE);
        all.add(Dispenser.DEEP_BASE);
        for (Colorant pigment : all) {
            StringBuilder bands = new StringBuilder(pigment.name());
            for (int band = 0; band < Spectrum.BANDS; band += 6) {
                bands.append(String.format(Locale.ROOT, ", %.4f/%.4f", pigment.k(band), pigment.s(band)));
            }
            lines.add(bands.toString());
        }
        Written.assertAsRead(FilmsTest.class, "pigments.txt", lines);
    }

    @Test
    void recipes() {
        RecipeFinder finder = new RecipeFinder(Dispenser.pigments());
        Map<Colorant, Double> white = Map.of(Dispenser.WHITE_BASE, 1.0);
        for (String hex : LIGHT_AND_DARK) {
            for (int most : new int[] {1, 2, 4}) {
                RecipeFinder.Recipe recipe =
                        finder.find(Target.of(of(hex)), new RecipeFinder.Order(white, 2500, 0.1, most));
                line(
                        "%s of at most %d: ΔE %.3f, %.1f ml in all, %s",
                        hex, most, recipe.difference(), recipe.volume(), amounts(recipe));
            }
        }
        Written.assertAsRead(FilmsTest.class, "recipes.txt", lines);
    }

    private static List<String> amounts(RecipeFinder.Recipe recipe) {
        return recipe.amounts().entrySet().stream()
                .map(entry -> String.format(Locale.ROOT, "%s %.1f", entry.getKey(), entry.getValue()))
                .sorted()
                .toList();
    }

    @Test
    void mixes() {
        List<BoxMixer.Available> tins = new ArrayList<>();
        String[] colours = {
            "#efece3", "#e6dece", "#b5bdc5", "#cfdfe8", "#cbdacb", "#e3ccbd", "#d8c587", "#2f5548", "#f6f4ee"
        };
        for (int n = 0; n < 18; n++) {
            tins.add(new BoxMixer.Available(
                    "tin " + n,
                    of(colours[n % colours.length]),
                    0.3 + 0.35 * (n % 5),
                    n % 7 == 6 ? Binder.SOLVENTBORNE : Binder.WATERBORNE,
                    4 + n % 3));
        }
        for (String wanted : List.of("#e6dece", "#b5bdc5", "#d0d0c8", "#8fa59b", "#101010")) {
            for (double litres : new double[] {0.5, 2.5, 6}) {
                write(wanted, BoxMixer.nearest(Target.of(of(wanted)), tins, litres, BoxMixer.Way.BY_LADLE), litres);
            }
        }
        write("grey 80", BoxMixer.nearest(Target.of(new Lab(80, 0, 0)), tins.subList(0, 6), 1, BoxMixer.Way.EXACT), 1);
        Written.assertAsRead(FilmsTest.class, "mixes.txt", lines);
    }

    private void write(String wanted, BoxMixer.Mix mix, double litres) {
        line(
                "%.1f L of %s: %.3f L, ΔE %.2f, gloss %.2f, L* %.2f",
                litres,
                wanted,
                mix.litres(),
                mix.difference(),
                mix.gloss60(),
                mix.predicted().lightness());
        mix.parts()
                .forEach(part ->
                        line("  %.3f L of %s%s", part.litres(), part.tin(), part.isWhole() ? ", all of it" : ""));
    }
}
