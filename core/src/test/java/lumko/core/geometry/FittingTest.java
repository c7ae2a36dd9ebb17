package lumko.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lumko.core.quantity.Length;
import org.junit.jupiter.api.Test;

class FittingTest {
    private static final Wall WALL = new Wall(
            Length.ofMetres(4),
            Length.ofMetres(2.5),
            Texture.SMOOTH,
            List.of(new Opening(Opening.Kind.WINDOW, Box.ofMillimetres(1000, 900, 1200, 1200))),
            List.of());

    private static boolean fits(Fitting.Kind kind, double left, double bottom) {
        return new Fitting(kind, Box.ofMillimetres(left, bottom, 146, 86)).fits(WALL);
    }

    @Test
    void noPlateSitsInAWindowButABlindHangsBeforeIt() {
        assertThat(fits(Fitting.Kind.SOCKET, 1500, 1000)).isFalse();
        assertThat(fits(Fitting.Kind.SOCKET, 1500, 450)).isTrue();
        assertThat(fits(Fitting.Kind.BLIND, 1500, 1000)).isTrue();
    }

    @Test
    void aLampHangsOverTheRoom() {
        Wall ceiling = WallsInTurn.of(List.of(
                        leg(5, WallsInTurn.Turn.RIGHT),
                        leg(1, WallsInTurn.Turn.RIGHT),
                        leg(2, WallsInTurn.Turn.LEFT),
                        leg(3, WallsInTurn.Turn.RIGHT),
                        leg(3, WallsInTurn.Turn.RIGHT),
                        leg(4, WallsInTurn.Turn.RIGHT)))
                .outline()
                .ceiling(Texture.SMOOTH, List.of(), List.of());
        assertThat(new Fitting(Fitting.Kind.CEILING_LIGHT, Box.ofMillimetres(1000, 1000, 300, 300)).fits(ceiling))
                .isTrue();
        assertThat(new Fitting(Fitting.Kind.CEILING_LIGHT, Box.ofMillimetres(4000, 1000, 300, 300)).fits(ceiling))
                .isFalse();
    }

    private static WallsInTurn.Leg leg(double metres, WallsInTurn.Turn turn) {
        return new WallsInTurn.Leg(Length.ofMetres(metres), turn);
    }
}
