package lumko.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import lumko.core.quantity.Volume;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class TinChoiceTest {
    private static Volume litres(double litres) {
        return Volume.ofLitres(litres);
    }

    private static StoredTin tin(String key, double left) {
        return new StoredTin(key, "b", litres(left));
    }

    private static List<Volume> sizes(double... litres) {
        return DoubleStream.of(litres).mapToObj(Volume::ofLitres).toList();
    }

    @Test
    void theSmallestTinThatIsEnoughIsOpened() {
        TinChoice choice =
                TinChoice.forNeed(litres(1.2), List.of(tin("a", 5), tin("b", 1.3), tin("c", 1.1)), sizes(2.5));
        assertThat(choice.open()).extracting(StoredTin::key).containsExactly("b");
        assertThat(choice.buy()).isEmpty();
        assertThat(choice.isBoxed()).isFalse();
        assertThat(choice.leftOver().inLitres()).isCloseTo(0.1, Offset.offset(1e-9));
    }

    @Test
    void severalTinsAreBoxed() {
        TinChoice choice =
                TinChoice.forNeed(litres(2), List.of(tin("a", 0.4), tin("b", 1.3), tin("c", 1.1)), sizes(2.5));
        assertThat(choice.open()).extracting(StoredTin::key).containsExactly("b", "c");
        assertThat(choice.isBoxed()).isTrue();
    }

    @Test
    void whatTheShelfLacksIsBoughtWithLeastLeftOver() {
        TinChoice choice = TinChoice.forNeed(litres(7), List.of(tin("a", 1)), sizes(1, 2.5, 5, 10));
        assertThat(choice.buy()).containsExactly(litres(5), litres(1));
        assertThat(choice.leftOver().inLitres()).isCloseTo(0, Offset.offset(1e-9));
    }

    @Test
    void nothingNeededNothingOpened() {
        TinChoice choice = TinChoice.forNeed(Volume.ZERO, List.of(tin("a", 1)), sizes(1));
        assertThat(choice.buy()).isEmpty();
        assertThat(choice.leftOver()).isEqualTo(litres(1));
    }

    @Test
    void aShortShelfWithNothingOnSaleIsSaid() {
        assertThatThrownBy(() -> TinChoice.forNeed(litres(2), List.of(tin("a", 1)), List.of()))
                .hasMessage("the shelf is short and no tin sizes are on sale");
        assertThatThrownBy(() -> TinChoice.forNeed(litres(2001), List.of(), sizes(10)))
                .hasMessage("paint for one job must be 0–2000 L, was 2001.0 L");
    }

    @Test
    void noOtherPurchaseLeavesLessOver() {
        Random random = new Random(5);
        for (int n = 0; n < 200; n++) {
            double need = Math.round(random.nextDouble() * 2000) / 100.0 + 0.01;
            List<Volume> sale = sizes(0.75, 2.5, 5 + random.nextInt(3));
            TinChoice choice = TinChoice.forNeed(litres(need), List.of(), sale);
            double bought = choice.buy().stream().mapToDouble(Volume::inLitres).sum();
            assertThat(bought).isGreaterThanOrEqualTo(need - 1e-9);
            assertThat(bought).isCloseTo(leastByTrying(need, sale), Offset.offset(1e-6));
        }
    }

    /** Every combination of up to 30 tins a size. */
    private static double leastByTrying(double need, List<Volume> sizes) {
        List<Double> totals = new ArrayList<>(List.of(0.0));
        for (Volume size : sizes) {
            List<Double> next = new ArrayList<>();
            for (double total : totals) {
                for (int count = 0; count <= 30 && total + (count - 1) * size.inLitres() < need; count++) {
                    next.add(total + count * size.inLitres());
                }
            }
            totals = next;
        }
        return totals.stream()
                .filter(total -> total >= need - 1e-9)
                .min(Double::compare)
                .orElseThrow();
    }
}
