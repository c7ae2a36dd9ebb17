package lumko.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.stream.IntStream;
import lumko.core.colour.GreyCard.Estimate;
import lumko.core.colour.GreyCard.Patch;
import lumko.core.colour.GreyCard.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class GreyCardTest {
    private static Patch linear(double red, double green, double blue) {
        return new Patch(red, green, blue, 0);
    }

    private static Lab lab(Estimate estimate) {
        return ((Estimate.Colour) estimate).lab();
    }

    /** Pixels of a colour of the screen, as a camera without a cast has them. */
    private static Patch of(Srgb colour) {
        int pixel = colour.red() << 16 | colour.green() << 8 | colour.blue();
        return Patch.of(IntStream.generate(() -> pixel).limit(25).toArray());
    }

    @ParameterizedTest
    @ValueSource(strings = {"#e6dece", "#b5bdc5", "#2f5548", "#d8c587"})
    void aWallInTheLightOfTheScreenIsWhatItIs(String hex) {
        // a card of 18 % is this grey on a screen
        Patch card = of(Srgb.ofHex("#767676"));
        double exact = 100 * card.green();
        assertThat(ColourDifference.between(
                        lab(GreyCard.estimate(card, of(Srgb.ofHex(hex)), exact)),
                        Srgb.ofHex(hex).lab()))
                .isLessThan(1e-9);
    }

    @Test
    void brightnessAndCastOfTheLightDoNotMatter() {
        Lab plain = lab(GreyCard.estimate(linear(0.18, 0.18, 0.18), linear(0.6, 0.55, 0.45), 18));
        Lab warmAndDim = lab(GreyCard.estimate(
                linear(0.18 * 0.7, 0.18 * 0.5, 0.18 * 0.3), linear(0.6 * 0.7, 0.55 * 0.5, 0.45 * 0.3), 18));
        assertThat(ColourDifference.between(plain, warmAndDim)).isLessThan(1e-9);
    }

    @Test
    void aWallLikeTheCardIsTheGreyOfTheCard() {
        Lab lab = lab(GreyCard.estimate(linear(0.2, 0.15, 0.1), linear(0.2, 0.15, 0.1), 18));
        assertThat(lab.chroma()).isLessThan(1e-4);
        assertThat(lab.lightness()).isBetween(49.4, 49.6);
    }

    @ParameterizedTest
    @CsvSource({
        "0.2, 0.2, 0.2, 0.03, 0.3, 0.3, 0.3, 0, CARD_TOO_BRIGHT",
        "0.2, 0.2, 0.019, 0, 0.3, 0.3, 0.3, 0, CARD_TOO_DARK",
        "0.2, 0.1, 0.04, 0, 0.3, 0.3, 0.3, 0, CARD_NOT_GREY",
        "0.2, 0.2, 0.2, 0, 0.3, 0.3, 0.3, 0.5, WALL_TOO_BRIGHT",
        "0.1, 0.1, 0.1, 0, 0.7, 0.7, 0.7, 0, BRIGHTER_THAN_WHITE"
    })
    void whatCannotBeUsedSaysWhy(
            double cr, double cg, double cb, double cl, double wr, double wg, double wb, double wl, Trouble trouble) {
        assertThat(GreyCard.estimate(new Patch(cr, cg, cb, cl), new Patch(wr, wg, wb, wl), 18))
                .isEqualTo(new Estimate.Unusable(trouble));
    }

    @Test
    void pixelsAtTheLimitAreCounted() {
        int[] pixels = new int[10];
        Arrays.fill(pixels, 0x808080);
        pixels[3] = 0xff8080;
        assertThat(Patch.of(pixels).atTheLimit()).isEqualTo(0.1);
        assertThatThrownBy(() -> Patch.of()).hasMessage("a patch has pixels");
        assertThatThrownBy(() -> GreyCard.estimate(linear(0.2, 0.2, 0.2), linear(0.2, 0.2, 0.2), 4))
                .hasMessage("grey card must be 5–95 %, was 4 %");
    }
}
