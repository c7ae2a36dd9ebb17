package lumko.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import lumko.core.quantity.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class EveryTimeTest {
    private static List<Wall> walls(Outline outline) {
        List<Wall> walls = new ArrayList<>();
        for (int side = 0; side < outline.sides(); side++) {
            walls.add(new Wall(outline.lengthOf(side), Length.ofMetres(2.5), Texture.SMOOTH, List.of(), List.of()));
        }
        return walls;
    }

    private static Outline rectangle() {
        return Outline.rectangle(Length.ofMetres(3), Length.ofMetres(2));
    }

    @ParameterizedTest
    @EnumSource(
            value = RoomKind.class,
            names = {"LIVING", "BEDROOM", "HALL", "STAIRS"})
    void aPlainRectangleHasNone(RoomKind kind) {
        assertThat(EveryTime.of(kind, rectangle(), walls(rectangle()))).isEmpty();
    }

    @Test
    void aCornerThatStandsOutIsPaintedAHandsWidthToEachSideOverItsFullHeight() {
        // an L: the corner at (2, 2) m stands into the room
        Outline outline = new Outline(Arrays.stream(
                        new double[][] {{0, 4000}, {2000, 4000}, {2000, 2000}, {4000, 2000}, {4000, 0}, {0, 0}})
                .map(at -> Outline.Corner.ofMillimetres(at[0], at[1]))
                .toList());
        List<EveryTime> places = EveryTime.of(RoomKind.HALL, outline, walls(outline));
        assertThat(places)
                .containsExactly(
                        new EveryTime(EveryTime.Kind.OUTSIDE_CORNER, 1, Box.ofMillimetres(1800, 0, 200, 2500)),
                        new EveryTime(EveryTime.Kind.OUTSIDE_CORNER, 2, Box.ofMillimetres(0, 0, 200, 2500)));
    }

    @Test
    void bothEdgesOfAPassageAreBrushedPast() {
        List<Wall> walls = walls(rectangle());
        walls.set(0, walls.get(0).with(new Opening(Opening.Kind.PASSAGE, Box.ofMillimetres(1000, 0, 900, 2100))));
        assertThat(EveryTime.of(RoomKind.LIVING, rectangle(), walls))
                .extracting(place -> place.box().left().inMillimetres())
                .containsExactly(800.0, 1900.0);
    }

    @Test
    void theWallWithoutADoorCarriesWorktopOrBath() {
        List<Wall> walls = walls(rectangle());
        walls.set(0, walls.get(0).with(new Opening(Opening.Kind.DOOR, Box.ofMillimetres(100, 0, 800, 2000))));
        List<EveryTime> kitchen = EveryTime.of(RoomKind.KITCHEN, rectangle(), walls);
        assertThat(kitchen).singleElement().satisfies(place -> {
            assertThat(place.kind()).isEqualTo(EveryTime.Kind.SPLASH_ZONE);
            assertThat(place.side()).isEqualTo(2);
            assertThat(place.box()).isEqualTo(Box.ofMillimetres(0, 900, 3000, 500));
        });
        assertThat(EveryTime.of(RoomKind.BATH, rectangle(), walls))
                .singleElement()
                .satisfies(place -> {
                    assertThat(place.kind()).isEqualTo(EveryTime.Kind.ABOVE_BATH);
                    assertThat(place.box()).isEqualTo(Box.ofMillimetres(0, 600, 1800, 1900));
                });
    }
}
