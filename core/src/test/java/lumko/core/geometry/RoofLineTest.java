package lumko.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import lumko.core.quantity.Length;
import lumko.core.quantity.OutOfRangeException;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/** Walls under a roof: gables, walls that a slope cuts off, low walls. */
class RoofLineTest {
    private static final Offset<Double> EXACT = Offset.offset(1e-6);
    private static final Length FOUR = Length.ofMetres(4);
    private static final Length ROOM = Length.ofMetres(2.8);

    /** 1.2 m at both corners, 2.8 m in the middle of 4 m. */
    private static final RoofLine GABLE = line(1.2, 1.2, 2, 2.8);

    private static RoofLine line(double left, double right) {
        return new RoofLine(Length.ofMetres(left), Length.ofMetres(right), Optional.empty());
    }

    private static RoofLine line(double left, double right, double at, double peak) {
        return line(left, right, at, peak, 0);
    }

    private static RoofLine line(double left, double right, double at, double peak, double level) {
        return new RoofLine(
                Length.ofMetres(left),
                Length.ofMetres(right),
                Optional.of(new RoofLine.Peak(Length.ofMetres(at), Length.ofMetres(peak), Length.ofMetres(level))));
    }

    private static Wall wall(RoofLine roof, Opening... openings) {
        return new Wall(FOUR, ROOM, Texture.SMOOTH, List.of(openings), List.of(), Ends.under(roof));
    }

    @Test
    void aGableIsARectangleAndATriangle() {
        Wall gable = wall(GABLE);
        assertThat(gable.grossArea().inSquareMetres()).isCloseTo(4 * 1.2 + 4 * 1.6 / 2, EXACT);
        assertThat(gable.top().length().inMetres()).isCloseTo(2 * Math.hypot(2, 1.6), EXACT);
        assertThat(gable.heightAt(Length.ofMetres(1)).inMetres()).isCloseTo(2.0, EXACT);
        assertThat(gable.heightAt(Length.ofMetres(3)).inMetres()).isCloseTo(2.0, EXACT);
        assertThat(gable.top().highest()).isEqualTo(ROOM);
    }

    @Test
    void aSlopeIsATrapezium() {
        Wall cut = wall(line(1.0, 2.6));
        assertThat(cut.grossArea().inSquareMetres()).isCloseTo(4 * 1.8, EXACT);
        assertThat(cut.top().length().inMetres()).isCloseTo(Math.hypot(4, 1.6), EXACT);
        assertThat(cut.top().highest().inMetres()).isCloseTo(2.6, EXACT);
    }

    /** The attic room with a collar beam: up a slope, level, down a slope. */
    @Test
    void theRoofMayRunLevelBetweenTwoSlopes() {
        Wall gable = wall(line(1.2, 1.0, 1, 2.4, 1.5));
        assertThat(gable.grossArea().inSquareMetres())
                .isCloseTo(1 * (1.2 + 2.4) / 2 + 1.5 * 2.4 + 1.5 * (2.4 + 1.0) / 2, EXACT);
        assertThat(gable.top().length().inMetres()).isCloseTo(Math.hypot(1, 1.2) + 1.5 + Math.hypot(1.5, 1.4), EXACT);
        assertThat(gable.heightAt(Length.ofMetres(2.2)).inMetres()).isCloseTo(2.4, EXACT);
        assertThatThrownBy(() -> wall(line(1.2, 1.0, 1, 2.4, 3.2)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("level");
    }

    @Test
    void aLowWallIsALowerRectangle() {
        Wall low = wall(line(1.1, 1.1));
        assertThat(low.grossArea().inSquareMetres()).isCloseTo(4.4, EXACT);
        assertThat(low.top().length().inMetres()).isCloseTo(4, EXACT);
    }

    @Test
    void nothingIsMarkedAboveTheRoof() {
        Wall gable = wall(GABLE);
        assertThat(gable.isOnWall(Spot.ofMillimetres(2000, 2700))).isTrue();
        assertThat(gable.isOnWall(Spot.ofMillimetres(200, 2000))).isFalse();
        assertThatThrownBy(() -> gable.checkWithinEdges(Spot.ofMillimetres(200, 2000)))
                .isInstanceOf(ShapeException.class)
                .hasMessageContaining("above the roof");
    }

    @Test
    void aDoorStandsUnderTheSlopeOrNotAtAll() {
        Opening under = new Opening(Opening.Kind.DOOR, Box.ofMillimetres(1600, 0, 800, 2000));
        Opening above = new Opening(Opening.Kind.DOOR, Box.ofMillimetres(200, 0, 800, 2000));
        assertThat(wall(GABLE, under).paintedArea().inSquareMetres()).isCloseTo(8 - 1.6, EXACT);
        assertThatThrownBy(() -> wall(GABLE, above)).isInstanceOf(ShapeException.class);
    }

    @Test
    void aRoofHangsNowhereAndEndsInTheRoom() {
        assertThatThrownBy(() -> wall(line(2, 2, 2, 1.5))).isInstanceOf(ShapeException.class);
        assertThatThrownBy(() -> wall(line(2, 2, 4.5, 2.5))).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> wall(line(2, 3))).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> line(-1, 2)).isInstanceOf(OutOfRangeException.class);
    }

    /** Mirrored twice it is itself; area, edge and height at a place are what they are. */
    @Test
    void mirroredItIsTheSame() {
        Random random = new Random(7);
        for (int n = 0; n < 500; n++) {
            double left = random.nextDouble() * 2;
            double right = random.nextDouble() * 2;
            double at = 0.2 + 1.8 * random.nextDouble();
            double level = random.nextBoolean() ? 0 : 1.8 * random.nextDouble();
            RoofLine line = line(left, right, at, Math.max(left, right) + random.nextDouble() * 0.8, level);
            RoofLine other = line.mirrored(FOUR);
            Length place = Length.ofMetres(4 * random.nextDouble());
            Course own = line.along(FOUR);
            Course others = other.along(FOUR);
            assertThat(others.under().inSquareMetres())
                    .isCloseTo(own.under().inSquareMetres(), EXACT)
                    .isLessThanOrEqualTo(4 * own.highest().inMetres());
            assertThat(others.length().inMetres())
                    .isCloseTo(own.length().inMetres(), EXACT)
                    .isGreaterThanOrEqualTo(4);
            assertThat(others.heightAt(FOUR.minus(place)).inMetres())
                    .isCloseTo(own.heightAt(place).inMetres(), EXACT);
            assertThat(other.mirrored(FOUR).along(FOUR).heightAt(place).inMetres())
                    .isCloseTo(own.heightAt(place).inMetres(), EXACT);
        }
    }

    @Nested
    class TheCeiling {
        private final Outline outline = Outline.rectangle(FOUR, Length.ofMetres(5));

        private Wall side(Outline room, int side, Optional<RoofLine> roof) {
            return new Wall(
                    room.lengthOf(side), ROOM, Texture.SMOOTH, List.of(), List.of(), Ends.AS_THE_ROOM.with(roof));
        }

        private Wall ceiling(Outline room, RoofLine... roofs) {
            List<Wall> walls = IntStream.range(0, room.sides())
                    .mapToObj(side -> side(room, side, Optional.ofNullable(roofs[side])))
                    .toList();
            return room.ceiling(Texture.SMOOTH, List.of(), walls);
        }

        private double area(Outline room, RoofLine... roofs) {
            return ceiling(room, roofs).paintedArea().inSquareMetres();
        }

        private boolean isClear(Outline room, RoofLine... roofs) {
            return room.isRoofClear(IntStream.range(0, room.sides())
                    .mapToObj(side -> side(room, side, Optional.ofNullable(roofs[side])))
                    .toList());
        }

        @Test
        void betweenTwoGablesIsAsLongAsTheyAreOverTheirEdges() {
            Wall over = ceiling(outline, GABLE, line(1.2, 1.2), GABLE.mirrored(FOUR), line(1.2, 1.2));
            assertThat(over.width().inMetres()).isCloseTo(2 * Math.hypot(2, 1.6), EXACT);
            assertThat(over.height().inMetres()).isCloseTo(5, EXACT);
        }

        @Test
        void meetsItsWallsWhereItIsUnfolded() {
            List<Wall> walls = IntStream.range(0, outline.sides())
                    .mapToObj(side -> side(outline, side, side == 0 ? Optional.of(GABLE) : Optional.empty()))
                    .toList();
            CeilingPlan plan = CeilingPlan.of(outline, walls);
            assertThat(plan.over(0, Length.ofMetres(2)).fromLeft().inMetres()).isCloseTo(Math.hypot(2, 1.6), EXACT);
            assertThat(plan.over(1, Length.ZERO).fromLeft().inMetres()).isCloseTo(2 * Math.hypot(2, 1.6), EXACT);
            assertThat(plan.over(1, Length.ofMetres(2)).aboveFloor().inMetres()).isCloseTo(3, EXACT);
        }

        @Test
        void underOneSlopeToo() {
            assertThat(area(outline, line(1.2, 2.8), null, line(2.8, 1.2), null))
                    .isCloseTo(5 * Math.hypot(4, 1.6), EXACT);
        }

        /** Nobody measures four walls of an attic: one gable tells, the others may say nothing, but not something else. */
        @Test
        void oneGableTells() {
            assertThat(area(outline, GABLE, null, null, null)).isCloseTo(5 * 2 * Math.hypot(2, 1.6), EXACT);
            assertThat(isClear(outline, GABLE, line(1.2, 1.2), null, null)).isTrue();
            assertThat(isClear(outline, GABLE, line(1.6, 1.6), null, null)).isFalse();
        }

        @Test
        void isAsLargeAsTheFloorWhereNobodyKnows() {
            assertThat(area(outline, null, null, null, null)).isCloseTo(20, EXACT);
            assertThat(isClear(outline, null, null, null, null)).isTrue();
            // a low wall alone tells that there is a slope, not how it runs
            assertThat(area(outline, null, line(1.2, 1.2), null, null)).isCloseTo(20, EXACT);
            assertThat(isClear(outline, null, line(1.2, 1.2), null, null)).isFalse();
            // slopes in both directions are two roofs
            assertThat(area(outline, GABLE, line(1.2, 1.2, 2.5, 2.8), null, null))
                    .isCloseTo(20, EXACT);
        }

        /** An L: five metres north along the west, four along the east, one slope from west to east over all of it. */
        @Test
        void ofAnyOutlineUnfoldsAlongItsSlope() {
            Outline corner = ell();
            double steep = Math.hypot(1, 0.2);
            assertThat(area(corner, line(2.5, 1.9), line(1.9, 1.9), line(1.9, 1.5), null, line(1.5, 2.5), null))
                    .isCloseTo((3 * 5 + 2 * 4) * steep, EXACT);
            // from the long wall alone; from the two short ones together
            assertThat(area(corner, null, null, null, null, line(1.5, 2.5), null))
                    .isCloseTo(23 * steep, EXACT);
            assertThat(area(corner, line(2.5, 1.9), null, line(1.9, 1.5), null, null, null))
                    .isCloseTo(23 * steep, EXACT);
            assertThat(isClear(corner, line(2.5, 1.9), null, line(2.5, 1.5), null, null, null))
                    .isFalse();
        }

        private static Outline ell() {
            return new Outline(List.of(
                    Outline.Corner.ofMillimetres(0, 5000),
                    Outline.Corner.ofMillimetres(3000, 5000),
                    Outline.Corner.ofMillimetres(3000, 4000),
                    Outline.Corner.ofMillimetres(5000, 4000),
                    Outline.Corner.ofMillimetres(5000, 0),
                    Outline.Corner.ofMillimetres(0, 0)));
        }

        private Optional<RoofLine> told(Outline room, int of, RoofLine... roofs) {
            return room.roofOver(
                    of,
                    IntStream.range(0, room.sides())
                            .mapToObj(side -> side(room, side, Optional.ofNullable(roofs[side])))
                            .toList());
        }

        /** One gable tells where every other wall ends. */
        @Test
        void tellsOfTheWallsThatNobodyHasMeasured() {
            RoofLine attic = line(1.2, 1.0, 1, 2.8, 1.5);
            assertThat(told(outline, 1, attic, null, null, null)).contains(line(1.0, 1.0));
            assertThat(told(outline, 3, attic, null, null, null)).contains(line(1.2, 1.2));
            assertThat(told(outline, 2, attic, null, null, null)).contains(attic.mirrored(FOUR));
            // one that is measured is what it is; a wall under the high end of a slope reaches the ceiling
            assertThat(told(outline, 0, attic, null, null, null)).isEmpty();
            assertThat(told(outline, 1, line(1.2, 2.8), null, null, null)).isEmpty();
            assertThat(told(outline, 3, line(1.2, 2.8), null, null, null)).contains(line(1.2, 1.2));
            // of two roofs nothing is told, of none neither
            assertThat(told(outline, 2, GABLE, line(1.2, 1.2, 2.5, 2.8), null, null))
                    .isEmpty();
            assertThat(told(outline, 2, null, null, null, null)).isEmpty();
        }

        /** The short walls of an L, and the two inner ones, by the slope over its long wall. */
        @Test
        void tellsOfPartsOfItsSlope() {
            Outline corner = ell();
            RoofLine[] known = {null, null, null, null, line(1.5, 2.5), null};
            assertThat(told(corner, 0, known)).contains(line(2.5, 1.9));
            assertThat(told(corner, 1, known)).contains(line(1.9, 1.9));
            assertThat(told(corner, 2, known)).contains(line(1.9, 1.5));
            assertThat(told(corner, 3, known)).contains(line(1.5, 1.5));
            // and the long one by the two short ones, which meet in no bend
            assertThat(told(corner, 4, line(2.5, 1.9), null, line(1.9, 1.5), null, null, null))
                    .contains(line(1.5, 2.5));
        }

        /** Turned by a right angle and mirrored it is as large. */
        @Test
        void isAsLargeHoweverTheRoomIsTurned() {
            Outline turned = new Outline(List.of(
                    Outline.Corner.ofMillimetres(5000, 4000),
                    Outline.Corner.ofMillimetres(5000, 0),
                    Outline.Corner.ofMillimetres(0, 0),
                    Outline.Corner.ofMillimetres(0, 4000)));
            double flat = area(turned, GABLE, null, null, null);
            assertThat(flat).isCloseTo(5 * 2 * Math.hypot(2, 1.6), EXACT);
            assertThat(area(turned.mirrored(), null, null, null, GABLE.mirrored(FOUR)))
                    .isCloseTo(flat, EXACT);
        }
    }
}
