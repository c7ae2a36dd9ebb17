package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import lumko.core.quantity.Area;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RoomLightTest {
    private static RoomLight room(double walls) {
        return RoomLight.of(List.of(
                new RoomLight.Part(Area.ofSquareMetres(30), walls),
                new RoomLight.Part(Area.ofSquareMetres(9), 0.85),
                new RoomLight.Part(Area.ofSquareMetres(9), RoomLight.FLOOR)));
    }

    @Test
    void theMeanIsByArea() {
        assertThat(room(0.6).reflectance()).isCloseTo((30 * 0.6 + 9 * 0.85 + 9 * 0.2) / 48, Offset.offset(1e-9));
    }

    @Test
    void anEvenRoomGainsAsASphereDoes() {
        RoomLight half = RoomLight.of(List.of(new RoomLight.Part(Area.ofSquareMetres(10), 0.5)));
        assertThat(half.gain()).isCloseTo(2, Offset.offset(1e-9));
    }

    @Test
    void lighterWallsNeverMakeItDarker() {
        double last = 0;
        for (double walls = 0.05; walls < 0.95; walls += 0.05) {
            assertThat(room(walls).gain()).isGreaterThan(last);
            last = room(walls).gain();
        }
    }

    @Test
    void aDarkColourInASmallRoomIsWarnedOf() {
        assertThat(RoomLight.drops(room(0.7), room(0.1), Area.ofSquareMetres(9)))
                .isTrue();
        assertThat(RoomLight.drops(room(0.7), room(0.1), Area.ofSquareMetres(20)))
                .isFalse();
        assertThat(RoomLight.drops(room(0.7), room(0.68), Area.ofSquareMetres(9)))
                .isFalse();
        assertThatThrownBy(() -> RoomLight.of(List.of())).hasMessageContaining("surfaces");
    }

    @ParameterizedTest
    @CsvSource({
        "0.60, 0.399, 9, true",
        "0.60, 0.400, 9, false",
        "0.60, 0.399, 9.01, false",
        "0.44, 0.38, 9, true",
        "0.44, 0.39, 9, false",
        "0.42, 0.38, 9, false"
    })
    void dropsBelowTwoFifthsByMoreThanATwentieth(double before, double after, double floor, boolean drops) {
        assertThat(RoomLight.drops(new RoomLight(before, 1), new RoomLight(after, 1), Area.ofSquareMetres(floor)))
                .isEqualTo(drops);
    }

    @Test
    void nothingGainsMoreThanFiftyTimes() {
        RoomLight white = RoomLight.of(List.of(new RoomLight.Part(Area.ofSquareMetres(10), 0.999)));
        assertThat(white.gain()).isCloseTo(50, Offset.offset(1e-9));
        RoomLight small = RoomLight.of(List.of(new RoomLight.Part(Area.ofSquareMetres(0.5), 0.5)));
        assertThat(small.gain()).isCloseTo(2, Offset.offset(1e-9));
    }
}
