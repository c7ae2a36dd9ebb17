package lumko.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NearestColoursTest {
    private static List<Lab> colours(int count, long seed) {
        Random random = new Random(seed);
        List<Lab> colours = new ArrayList<>();
        for (int n = 0; n < count; n++) {
            double chroma = Math.abs(random.nextGaussian()) * 35;
            double hue = random.nextDouble() * 2 * Math.PI;
            colours.add(new Lab(random.nextDouble() * 100, chroma * Math.cos(hue), chroma * Math.sin(hue)));
        }
        return colours;
    }

    /** The index has to say what looking at each one says, also where hues wrap and in the blue where the formula bends. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 5, 24, 25, 3000})
    void saysWhatLookingAtEachOneSays(int count) {
        List<Lab> colours = colours(count, 11);
        NearestColours index = new NearestColours(colours);
        for (Lab wanted : colours(120, 12)) {
            List<NearestColours.Found> expected = IntStream.range(0, count)
                    .mapToObj(i -> new NearestColours.Found(i, ColourDifference.between(wanted, colours.get(i))))
                    .sorted(Comparator.comparingDouble(NearestColours.Found::difference)
                            .thenComparingInt(NearestColours.Found::index))
                    .limit(7)
                    .toList();
            assertThat(index.nearest(wanted, 7)).isEqualTo(expected);
        }
    }

    @Test
    void manyOfTheSameAreAllFound() {
        List<Lab> same = Collections.nCopies(100, new Lab(50, 10, -20));
        assertThat(new NearestColours(same).nearest(new Lab(50, 10, -20), 3))
                .extracting(NearestColours.Found::index)
                .hasSize(3)
                .doesNotHaveDuplicates();
    }
}
