package lumko.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import lumko.core.geometry.Outline.Corner;
import lumko.core.quantity.Length;
import lumko.core.quantity.OutOfRangeException;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OutlineTest {
    private final Outline room = Outline.rectangle(Length.ofMetres(4.2), Length.ofMetres(3.1));

    @Test
    void aRectangleHasItsSidesAndItsFloor() {
        assertThat(room.sides()).isEqualTo(4);
        assertThat(room.lengthOf(0).inMetres()).isEqualTo(4.2);
        assertThat(room.lengthOf(1).inMetres()).isEqualTo(3.1);
        assertThat(room.floorArea().inSquareMetres()).isCloseTo(13.02, Offset.offset(1e-9));
    }

    @Test
    void anLShapedRoomLosesItsCorner() {
        Outline l = new Outline(List.of(
                Corner.ofMillimetres(0, 4000),
                Corner.ofMillimetres(5000, 4000),
                Corner.ofMillimetres(5000, 2000),
                Corner.ofMillimetres(2000, 2000),
                Corner.ofMillimetres(2000, 0),
                Corner.ofMillimetres(0, 0)));
        assertThat(l.floorArea().inSquareMetres()).isCloseTo(14, Offset.offset(1e-9));
    }

    @Nested
    class Light {
        /** Seen from inside facing a wall, the wall before it in turning order lies to the left. */
        @ParameterizedTest
        @CsvSource({
            "1, 0, FROM_RIGHT",
            "1, 2, FROM_LEFT",
            "1, 3, FACING",
            "1, 1, SAME_WALL",
            "3, 0, FROM_LEFT",
            "0, 3, FROM_RIGHT"
        })
        void comesFromTheWallWithTheWindow(int windowSide, int onSide, WindowLight expected) {
            assertThat(room.lightFrom(windowSide, onSide)).isEqualTo(expected);
        }

        @Test
        void alongTheWallIsRaking() {
            assertThat(WindowLight.FROM_LEFT.isRaking()).isTrue();
            assertThat(WindowLight.FACING.isRaking()).isFalse();
        }
    }

    @Nested
    class WhatCannotBe {
        @ParameterizedTest
        @CsvSource({"0, 3", "-4, 3", "4, -3", "31, 3", "4, 0.09"})
        void aSideOfNoLengthOrNegative(double length, double width) {
            assertThatThrownBy(() -> Outline.rectangle(Length.ofMetres(length), Length.ofMetres(width)))
                    .isInstanceOf(OutOfRangeException.class)
                    .hasMessageStartingWith("wall width must be 100–30000 mm");
        }

        @Test
        void wallsThatCross() {
            assertThatThrownBy(() -> new Outline(List.of(
                            Corner.ofMillimetres(0, 0),
                            Corner.ofMillimetres(3000, 3000),
                            Corner.ofMillimetres(3000, 0),
                            Corner.ofMillimetres(0, 3000))))
                    .hasMessage("the walls of the room cross each other");
        }

        @Test
        void cornersTheWrongWayRound() {
            assertThatThrownBy(() -> new Outline(List.of(
                            Corner.ofMillimetres(0, 0), Corner.ofMillimetres(3000, 0), Corner.ofMillimetres(0, 3000))))
                    .hasMessage("the corners of a room run clockwise seen from above");
        }

        @Test
        void twoWalls() {
            assertThatThrownBy(() -> new Outline(List.of(Corner.ofMillimetres(0, 0), Corner.ofMillimetres(0, 3000))))
                    .hasMessage("number of walls must be 3–40, was 2");
        }
    }

    @Nested
    class Ceiling {
        @Test
        void ofARectangleIsItself() {
            Wall ceiling = Outline.rectangle(Length.ofMetres(4), Length.ofMetres(3))
                    .ceiling(Texture.SMOOTH, List.of(), List.of());
            assertThat(ceiling.openings()).isEmpty();
            assertThat(ceiling.paintedArea().inSquareMetres()).isEqualTo(12);
        }

        @Test
        void leavesOutWhatLiesOutsideAnLShapedRoom() {
            Outline outline = new Outline(List.of(
                    Outline.Corner.ofMillimetres(0, 4000),
                    Outline.Corner.ofMillimetres(3000, 4000),
                    Outline.Corner.ofMillimetres(3000, 2000),
                    Outline.Corner.ofMillimetres(5000, 2000),
                    Outline.Corner.ofMillimetres(5000, 0),
                    Outline.Corner.ofMillimetres(0, 0)));
            Wall ceiling = outline.ceiling(Texture.SMOOTH, List.of(), List.of());
            assertThat(ceiling.width().inMillimetres()).isEqualTo(5000);
            assertThat(ceiling.height().inMillimetres()).isEqualTo(4000);
            assertThat(ceiling.paintedArea()).isEqualTo(outline.floorArea());
            assertThat(ceiling.isOnWall(Spot.ofMillimetres(4000, 3000))).isFalse();
            assertThat(ceiling.isOnWall(Spot.ofMillimetres(4000, 1000))).isTrue();
        }

        /** No wall is longer than a wall may be, the room is deeper. */
        @Test
        void mayBeDeeperThanAWallIsLong() {
            Outline gallery = new Outline(List.of(
                    Corner.ofMillimetres(0, 40_000),
                    Corner.ofMillimetres(5000, 40_000),
                    Corner.ofMillimetres(5000, 18_000),
                    Corner.ofMillimetres(6000, 18_000),
                    Corner.ofMillimetres(6000, 0),
                    Corner.ofMillimetres(1000, 0),
                    Corner.ofMillimetres(1000, 22_000),
                    Corner.ofMillimetres(0, 22_000)));
            assertThat(gallery.ceiling(Texture.SMOOTH, List.of(), List.of()).height())
                    .isEqualTo(Length.ofMetres(40));
        }

        /** Turned like the plan: its first wall at the top, each wall from its left end as one sees it standing inside. */
        @ParameterizedTest
        @CsvSource({"0, 0, 0, 3100", "0, 1200, 1200, 3100", "1, 600, 4200, 2500", "2, 1200, 3000, 0", "3, 3100, 0, 3100"
        })
        void meetsEachWallWhereItIs(int side, double fromLeft, double across, double up) {
            Spot spot = CeilingPlan.of(room, walls(-1)).over(side, Length.ofMillimetres(fromLeft));
            assertThat(spot.fromLeft().inMillimetres()).isCloseTo(across, within(1e-9));
            assertThat(spot.aboveFloor().inMillimetres()).isCloseTo(up, within(1e-9));
        }

        @Test
        void isLitByAWindowBesideIt() {
            assertThat(room.lightOnCeiling(walls(2))).isEqualTo(WindowLight.SAME_WALL);
            assertThat(room.windowSides(walls(2))).containsExactly(2);
            assertThat(room.lightOnCeiling(walls(-1))).isEqualTo(WindowLight.NONE);
        }

        private List<Wall> walls(int withWindow) {
            return IntStream.range(0, room.sides())
                    .mapToObj(side -> new Wall(
                            room.lengthOf(side),
                            Length.ofMetres(2.5),
                            Texture.SMOOTH,
                            side == withWindow
                                    ? List.of(new Opening(Opening.Kind.WINDOW, Box.ofMillimetres(900, 900, 1200, 1200)))
                                    : List.of(new Opening(Opening.Kind.DOOR, Box.ofMillimetres(900, 0, 800, 2000))),
                            List.of()))
                    .toList();
        }
    }

    /** An L, a room with a slanting wall, a rectangle: whatever the room, across the landing it is as large, and twice across it is itself. */
    @Test
    void acrossTheLandingARoomIsTheSameTheOtherWayRound() {
        List<Outline> rooms = List.of(
                Outline.rectangle(Length.ofMetres(4), Length.ofMetres(3)),
                of(0, 4000, 5000, 4000, 5000, 2000, 3000, 2000, 3000, 0, 0, 0),
                of(0, 3000, 2500, 3600, 4000, 1000, 3000, 0, 0, 0));
        for (Outline room : rooms) {
            Outline across = room.mirrored();
            assertThat(across.floorArea().inSquareMetres())
                    .isCloseTo(room.floorArea().inSquareMetres(), within(1e-9));
            for (int side = 0; side < room.sides(); side++) {
                int there = room.mirroredSide(side);
                assertThat(across.mirroredSide(there)).isEqualTo(side);
                assertThat(across.lengthOf(there)).isEqualTo(room.lengthOf(side));
                assertThat(across.isOutsideCorner((there + 1) % room.sides())).isEqualTo(room.isOutsideCorner(side));
            }
            assertThat(across.mirrored()).isEqualTo(room);
        }
    }

    private static Outline of(double... places) {
        List<Outline.Corner> corners = new ArrayList<>();
        for (int i = 0; i < places.length; i += 2) {
            corners.add(Outline.Corner.ofMillimetres(places[i], places[i + 1]));
        }
        return new Outline(corners);
    }
}
