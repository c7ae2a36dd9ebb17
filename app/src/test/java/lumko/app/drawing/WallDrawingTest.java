package lumko.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import lumko.core.geometry.Ends;
import lumko.core.geometry.RoofLine;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Length;
import org.junit.jupiter.api.Test;

class WallDrawingTest {
    private static final Wall WALL =
            new Wall(Length.ofMetres(4), Length.ofMetres(2.5), Texture.SMOOTH, List.of(), List.of());

    @Test
    void theOutlineFollowsTheRoof() {
        Ends roof = Ends.under(new RoofLine(Length.ofMetres(2.5), Length.ofMetres(1), Optional.empty()));
        assertThat(WallDrawing.outline(WALL)).isEqualTo("M0.0 2500.0L4000.0 2500.0L4000.0 0.0L0.0 0.0Z");
        assertThat(WallDrawing.outline(WALL.with(roof))).isEqualTo("M0.0 2500.0L4000.0 2500.0L4000.0 1500.0L0.0 0.0Z");
    }
}
