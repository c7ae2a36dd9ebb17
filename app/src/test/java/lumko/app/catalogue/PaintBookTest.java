package lumko.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.core.colour.Srgb;
import org.junit.jupiter.api.Test;

class PaintBookTest {
    private final PaintBook book =
            of("Late Barley AT-40", "Barley Milk AT-41", "Quay Stone AT-07", "Barley Field AT-42");

    private static PaintBook of(String... namesWithCode) {
        return new PaintBook(
                Map.of(),
                Stream.of(namesWithCode)
                        .map(PaintBookTest::colour)
                        .collect(Collectors.toMap(Colour::id, Function.identity())),
                List.of(),
                List.of());
    }

    private static Colour colour(String nameWithCode) {
        int space = nameWithCode.lastIndexOf(' ');
        return new Colour(
                UUID.randomUUID(),
                nameWithCode.substring(0, space),
                nameWithCode.substring(space + 1),
                "",
                "",
                Srgb.ofHex("#c8bfa8"),
                Optional.empty(),
                Optional.empty(),
                0);
    }

    private List<String> like(String typed, int most) {
        return book.coloursLike(typed, most).stream().map(Colour::name).toList();
    }

    @Test
    void namesThatBeginAsTypedStandBeforeThoseThatHoldIt() {
        assertThat(like("barley", 9)).containsExactly("Barley Field", "Barley Milk", "Late Barley");
        // and are found however many others come before them in the alphabet
        assertThat(like("barley", 1)).containsExactly("Barley Field");
        assertThat(like("l", 1)).containsExactly("Late Barley");
    }

    @Test
    void everyWordHasToBeThereInWhateverOrder() {
        assertThat(like("at-4 barley", 9)).containsExactly("Barley Field", "Barley Milk", "Late Barley");
        assertThat(like("  MILK   at-41 ", 9)).containsExactly("Barley Milk");
        assertThat(like("barley stone", 9)).isEmpty();
        assertThat(book.countColoursLike("at-4 barley")).isEqualTo(3);
        assertThat(book.countColoursLike("stone")).isEqualTo(1);
    }

    @Test
    void nothingTypedIsTheFirstOfAll() {
        assertThat(like(" ", 2)).containsExactly("Barley Field", "Barley Milk");
    }
}
