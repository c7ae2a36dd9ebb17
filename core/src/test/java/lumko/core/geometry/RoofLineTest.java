package lumko.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Random;
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
        return new RoofLine(
                Length.ofMetres(left),
                Length.ofMetres(right),
                Optional.of(new RoofLine.Peak(Length.ofMetres(at), Length.ofMetres(peak))));
    }

    private static Wall wall(RoofLine roof, Opening... openings) {
        return new Wall(FOUR, ROOM, Texture.SMOOTH, List.of(openings), List.of(), Optional.of(roof));
    }

    @Test
    void aGableIsARectangleAndATriangle() {
        Wall gable = wall(GABLE);
        assertThat(gable.grossArea().inSquareMetres()).isCloseTo(4 * 1.2 + 4 * 1.6 / 2, EXACT);
        assertThat(gable.upperEdge().inMetres()).isCloseTo(2 * Math.hypot(2, 1.6), EXACT);
        assertThat(gable.heightAt(Length.ofMetres(1)).inMetres()).isCloseTo(2.0, EXACT);
        assertThat(gable.heightAt(Length.ofMetres(3)).inMetres()).isCloseTo(2.0, EXACT);
        assertThat(gable.highest()).isEqualTo(ROOM);
    }

    @Test
    void aSlopeIsATrapezium() {
        Wall cut = wall(line(1.0, 2.6));
        assertThat(cut.grossArea().inSquareMetres()).isCloseTo(4 * 1.8, EXACT);
        assertThat(cut.upperEdge().inMetres()).isCloseTo(Math.hypot(4, 1.6), EXACT);
        assertThat(cut.highest().inMetres()).isCloseTo(2.6, EXACT);
    }

    @Test
    void aLowWallIsALowerRectangle() {
        Wall low = wall(line(1.1, 1.1));
        assertThat(low.grossArea().inSquareMetres()).isCloseTo(4.4, EXACT);
        assertThat(low.upperEdge()).isEqualTo(FOUR);
    }

    @Test
    void nothingIsMarkedAboveTheRoof() {
        Wall gable = wall(GABLE);
        assertThat(gable.isOnWall(Spot.ofMillimetres(2000, 2700))).isTrue();
        assertThat(gable.isOnWall(Spot.ofMillimetres(200, 2000))).isFalse();
        assertThatThrownBy(() -> gable.checkOnWall(Spot.ofMillimetres(200, 2000)))
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
            double at = 0.2 + 3.6 * random.nextDouble();
            RoofLine line = line(left, right, at, Math.max(left, right) + random.nextDouble() * 0.8);
            RoofLine other = line.mirrored(FOUR);
            Length place = Length.ofMetres(4 * random.nextDouble());
            assertThat(other.under(FOUR).inSquareMetres())
                    .isCloseTo(line.under(FOUR).inSquareMetres(), EXACT)
                    .isLessThanOrEqualTo(4 * line.highest().inMetres());
            assertThat(other.edge(FOUR).inMetres())
                    .isCloseTo(line.edge(FOUR).inMetres(), EXACT)
                    .isGreaterThanOrEqualTo(4);
            assertThat(other.heightAt(FOUR.minus(place), FOUR).inMetres())
                    .isCloseTo(line.heightAt(place, FOUR).inMetres(), EXACT);
            assertThat(other.mirrored(FOUR).isLike(line, FOUR)).isTrue();
        }
    }

    @Nested
    class TheCeiling {
        private final Outline outline = Outline.rectangle(FOUR, Length.ofMetres(5));

        private Wall side(int side, Optional<RoofLine> roof) {
            return new Wall(outline.lengthOf(side), ROOM, Texture.SMOOTH, List.of(), List.of(), roof);
        }

        private Wall ceiling(Optional<RoofLine> a, Optional<RoofLine> c) {
            Optional<RoofLine> low = Optional.of(line(1.2, 1.2));
            return outline.ceiling(
                    Texture.SMOOTH, List.of(), List.of(side(0, a), side(1, low), side(2, c), side(3, low)));
        }

        @Test
        void betweenTwoGablesIsAsLongAsTheyAreOverTheirEdges() {
            Wall over = ceiling(Optional.of(GABLE), Optional.of(GABLE.mirrored(FOUR)));
            assertThat(over.width().inMetres()).isCloseTo(2 * Math.hypot(2, 1.6), EXACT);
            assertThat(over.height().inMetres()).isCloseTo(5, EXACT);
        }

        @Test
        void underOneSlopeToo() {
            Wall over = ceiling(Optional.of(line(1.2, 2.8)), Optional.of(line(2.8, 1.2)));
            assertThat(over.grossArea().inSquareMetres()).isCloseTo(5 * Math.hypot(4, 1.6), EXACT);
        }

        @Test
        void isAsLargeAsTheFloorWhereNobodyKnows() {
            assertThat(ceiling(Optional.of(GABLE), Optional.empty()).grossArea().inSquareMetres())
                    .isCloseTo(20, EXACT);
            assertThat(ceiling(Optional.empty(), Optional.empty()).grossArea().inSquareMetres())
                    .isCloseTo(20, EXACT);
        }
    }
}
