package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Srgb;
import lumko.core.film.BoxMixer.Available;
import lumko.core.film.BoxMixer.Mix;
import lumko.core.film.BoxMixer.Part;
import lumko.core.film.BoxMixer.Way;
import lumko.core.paint.Binder;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BoxMixerTest {
    private static Available tin(String name, String hex, double litres) {
        return new Available(name, SmoothReflectance.of(Srgb.ofHex(hex)), litres, Binder.WATERBORNE, 4);
    }

    private static Target target(String hex) {
        return Target.of(SmoothReflectance.of(Srgb.ofHex(hex)));
    }

    private static double poured(Mix mix) {
        return mix.parts().stream().mapToDouble(Part::litres).sum();
    }

    @Test
    void theSameColourComesFromItsOwnTin() {
        Mix mix = BoxMixer.nearest(
                target("#b5bdc5"),
                List.of(tin("1", "#e6dece", 3), tin("2", "#b5bdc5", 3), tin("3", "#cbdacb", 3)),
                2,
                Way.EXACT);
        assertThat(mix.difference()).isLessThan(0.1);
        assertThat(mix.parts()).containsExactly(new Part("2", 2, false));
    }

    @Test
    void noTinGivesMoreThanItHolds() {
        Mix mix = BoxMixer.nearest(
                target("#b5bdc5"), List.of(tin("1", "#e6dece", 3), tin("2", "#b5bdc5", 0.5)), 2, Way.EXACT);
        assertThat(mix.parts()).contains(new Part("2", 0.5, true));
        assertThat(poured(mix)).isCloseTo(2, Offset.offset(0.01));
    }

    @Test
    void aMixOfTwoLiesBetweenThem() {
        Mix mix = BoxMixer.nearest(
                Target.of(new Lab(80, 0, 0)), List.of(tin("1", "#f6f4ee", 5), tin("2", "#7f7f7f", 5)), 3, Way.EXACT);
        assertThat(mix.predicted().lightness()).isCloseTo(80, Offset.offset(0.5));
        assertThat(mix.parts()).hasSize(2);
    }

    @Test
    void waterAndSolventAreNeverMixed() {
        Available solvent = new Available("3", SmoothReflectance.of(Srgb.ofHex("#7f7f7f")), 5, Binder.SOLVENTBORNE, 70);
        Mix mix = BoxMixer.nearest(
                Target.of(new Lab(80, 0, 0)),
                List.of(tin("1", "#f6f4ee", 5), tin("2", "#9a9a9a", 5), solvent),
                3,
                Way.EXACT);
        assertThat(mix.parts()).extracting(Part::tin).doesNotContain("3");
        assertThat(mix.gloss60()).isCloseTo(4, Offset.offset(1e-9));
    }

    @Test
    void emptyTinsMakeNoMix() {
        assertThatThrownBy(() -> BoxMixer.nearest(Target.of(new Lab(80, 0, 0)), List.of(), 1, Way.EXACT))
                .hasMessageContaining("at least one tin");
    }

    /** Six tins of the very colour hold what is wanted: nothing else is opened, and whole tins go first. */
    @Test
    void theColourItselfIsUsedUpBeforeAnythingElse() {
        List<Available> tins = new ArrayList<>(store(30));
        for (int n = 0; n < 6; n++) {
            tins.add(tin("own" + n, "#b5bdc5", 0.4 + 0.1 * n));
        }
        Mix mix = BoxMixer.nearest(target("#b5bdc5"), tins, 3, Way.BY_LADLE);
        assertThat(mix.parts()).allMatch(part -> part.tin().startsWith("own"));
        assertThat(mix.parts().stream().filter(part -> !part.isWhole())).hasSizeLessThanOrEqualTo(1);
        assertThat(mix.litres()).isCloseTo(3, Offset.offset(1e-9));
    }

    @Test
    void theRestComesFromFewPaintsByTheLadle() {
        List<Available> tins = new ArrayList<>(store(40));
        tins.add(tin("own", "#ccc8bf", 1.2));
        Mix mix = BoxMixer.nearest(target("#ccc8bf"), tins, 4, Way.BY_LADLE);
        assertThat(mix.parts()).contains(new Part("own", 1.2, true));
        assertThat(mix.parts()).hasSizeLessThanOrEqualTo(5);
        assertThat(mix.parts().stream()
                        .filter(part -> !part.isWhole())
                        .map(part -> part.litres() * 20)
                        .collect(Collectors.toList()))
                .allSatisfy(ladles -> assertThat(ladles).isCloseTo(Math.rint(ladles), Offset.offset(1e-6)));
        assertThat(mix.difference()).isLessThan(1);
    }

    /** One paint more is never worse, and what is given is what was predicted for. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void aPaintMoreNeverTakesItFurtherAway(long seed) {
        Random random = new Random(seed);
        Target target = Target.of(
                new Lab(60 + 30 * random.nextDouble(), 8 * random.nextGaussian(), 10 * random.nextGaussian()));
        double before = Double.POSITIVE_INFINITY;
        for (int most = 1; most <= 4; most++) {
            Mix mix = BoxMixer.nearest(target, store(12), 2, new Way(most, 0, 0));
            assertThat(mix.difference()).isLessThanOrEqualTo(before + 1e-6);
            assertThat(poured(mix)).isCloseTo(mix.litres(), Offset.offset(0.01));
            before = mix.difference();
        }
    }

    @Test
    void oneTinMoreThanNeededIsNotOpenedForADifferenceNobodySees() {
        List<Available> tins = List.of(tin("1", "#b5bdc5", 0.5), tin("2", "#b4bcc5", 5), tin("3", "#c0c8d0", 5));
        Mix mix = BoxMixer.nearest(target("#b5bdc5"), tins, 3, Way.BY_LADLE);
        assertThat(mix.parts()).extracting(Part::tin).containsExactlyInAnyOrder("1", "2");
    }

    /** Left-overs of a housing society: light, mostly neutral, one dark. */
    private static List<Available> store(int count) {
        Random random = new Random(7);
        List<Available> tins = new ArrayList<>();
        for (int n = 0; n < count; n++) {
            int grey = n == 0 ? 60 : 170 + random.nextInt(80);
            String hex = "#%02x%02x%02x".formatted(grey, grey - random.nextInt(14), grey - random.nextInt(30));
            tins.add(tin("s" + n, hex, 0.3 + 4 * random.nextDouble()));
        }
        return tins;
    }
}
