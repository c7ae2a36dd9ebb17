package lumko.app.house;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Which numbers and windows of a house are given. */
class FlatPlacesTest {
    private static FlatPlaces.At at(String number, int floor, int bay) {
        return new FlatPlaces.At(UUID.randomUUID(), number, floor, bay);
    }

    private final FlatPlaces places = new FlatPlaces(List.of(at("1", 0, 0), at("2b", 0, 1), at("garden", 0, 3)));

    @Test
    void aNumberIsTheSameHoweverItIsWritten() {
        assertThat(places.has("2B")).isTrue();
        assertThat(places.has("2")).isFalse();
    }

    @Test
    void theFirstWindowIsFreeThatNoFlatHas() {
        assertThat(places.free(0)).isEqualTo(2);
        assertThat(places.free(1)).isZero();
        assertThat(places.behind(0, 3).orElseThrow().number()).isEqualTo("garden");
        assertThat(places.behind(1, 3)).isEmpty();
    }

    @Test
    void whatIsBuiltOnComesAboveAndIsCountedOn() {
        assertThat(places.nextFloor()).isOne();
        assertThat(places.nextNumber()).isEqualTo(2);
        FlatPlaces nothing = new FlatPlaces(List.of());
        assertThat(nothing.nextFloor()).isZero();
        assertThat(nothing.nextNumber()).isOne();
        assertThat(new FlatPlaces(List.of(at("A cupboard", -1, 0))).nextFloor()).isZero();
    }
}
