package lumko.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import lumko.core.quantity.Length;
import lumko.core.quantity.OutOfRangeException;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WallTest {
    private static final Offset<Double> EXACT = Offset.offset(1e-9);

    private static Wall wall(double width, double height, Opening... openings) {
        return new Wall(
                Length.ofMillimetres(width),
                Length.ofMillimetres(height),
                Texture.SMOOTH,
                List.of(openings),
                List.of());
    }

    private static Opening door(double left) {
        return new Opening(Opening.Kind.DOOR, Box.ofMillimetres(left, 0, 860, 2040));
    }

    private static Opening window(double left, double bottom, double width, double height) {
        return new Opening(Opening.Kind.WINDOW, Box.ofMillimetres(left, bottom, width, height));
    }

    @Nested
    class PaintedArea {
        @Test
        void aDoorIsDeducted() {
            // 4.2 × 2.55 − 0.86 × 2.04
            assertThat(wall(4200, 2550, door(2950)).paintedArea().inSquareMetres())
                    .isCloseTo(8.9556, EXACT);
        }

        @ParameterizedTest
        @CsvSource({"999, 0", "1000, 0", "1001, 0.5005"})
        void openingsUpToHalfASquareMetreStayIn(double width, double deducted) {
            Wall wall = wall(4000, 2500, window(100, 900, width, 500));
            assertThat(10 - wall.paintedArea().inSquareMetres()).isCloseTo(deducted, EXACT);
        }
    }

    @Nested
    class WhatCannotBe {
        @ParameterizedTest
        @CsvSource({"0, 2500", "-4000, 2500", "99.9, 2500", "1200001, 2500", "4000, 0", "4000, -1", "4000, 1200001"})
        void noLengthNegativeOrImmense(double width, double height) {
            assertThatThrownBy(() -> wall(width, height)).isInstanceOf(OutOfRangeException.class);
        }

        @Test
        void anOpeningBeyondTheWall() {
            assertThatThrownBy(() -> wall(4000, 2500, door(3200)))
                    .hasMessage("door right edge must be 0–4000 mm, was 4060 mm");
            assertThatThrownBy(() -> wall(4000, 2000, door(100))).hasMessage("door top must be 0–2000 mm, was 2040 mm");
        }

        @Test
        void openingsThatOverlap() {
            assertThatThrownBy(() -> wall(4000, 2500, door(1000), window(1500, 900, 1000, 1000)))
                    .hasMessage("two openings overlap");
        }

        @Test
        void openingsThatTouchAreFine() {
            assertThat(wall(4000, 2500, door(1000), window(1860, 900, 1000, 1000))
                            .openings())
                    .hasSize(2);
        }

        @ParameterizedTest
        @CsvSource({"-1, 1000", "4001, 1000", "100, -1", "100, 2501"})
        void aPlaceOffTheWall(double left, double up) {
            assertThatThrownBy(() -> wall(4000, 2500).checkWithinEdges(Spot.ofMillimetres(left, up)))
                    .isInstanceOf(OutOfRangeException.class);
        }
    }

    @Test
    void aPlaceMayBeAskedForSoFarInsideABox() {
        Box box = Box.ofMillimetres(100, 100, 100, 100);
        assertThat(box.contains(Spot.ofMillimetres(100, 200))).isTrue();
        assertThat(box.contains(Spot.ofMillimetres(99, 150))).isFalse();
        assertThat(box.contains(Spot.ofMillimetres(110, 150), Length.ofMillimetres(10)))
                .isTrue();
        assertThat(box.contains(Spot.ofMillimetres(150, 191), Length.ofMillimetres(10)))
                .isFalse();
    }

    @Test
    void distanceToABoxIsFromItsNearestPoint() {
        Box box = Box.ofMillimetres(100, 100, 100, 100);
        assertThat(box.distanceTo(Spot.ofMillimetres(150, 150))).isEqualTo(Length.ZERO);
        assertThat(box.distanceTo(Spot.ofMillimetres(230, 240)).inMillimetres()).isCloseTo(50, EXACT);
    }
}
