package lumko.core.repair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.repair.Repair.Method;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RepairTableTest {
    private final RepairTable table = new RepairTable(Catalogue.starting());

    private Repair repair(FaultKind kind, double across, double up, double depth) {
        return table.repair(kind.of(Measures.ofMillimetres(across, up, depth)));
    }

    @ParameterizedTest
    @CsvSource({
        // kind, across, up, depth, method, fills, first filler, minutes of all fills
        "NAIL_HOLE, 2, 2, 0, PULL_AND_FILL_FLUSH, 1, SPACKLE, 0.8",
        "SCREW_HOLE, 5, 5, 0, PULL_AND_FILL_FLUSH, 1, SPACKLE, 1.2",
        "ANCHOR, 8, 8, 0, UNSCREW_PLUG_AND_FILL, 2, SPACKLE, 2.5",
        "DING, 15, 15, 3, FILL_FLUSH, 1, SPACKLE, 1.0",
        "DING, 15, 15, 3.1, FILL_FLUSH, 2, SPACKLE, 2.0",
        "DING, 15, 15, 6, FILL_FLUSH, 2, SPACKLE, 2.0",
        "DING, 15, 15, 6.1, FILL_FLUSH, 2, SETTING_COMPOUND, 2.0",
        "HOLE, 50, 50, 0, MESH_PATCH, 3, SETTING_COMPOUND, 20",
        "HOLE, 50.1, 50.1, 0, PLUG_WITH_PAPER_FLANGE, 3, SETTING_COMPOUND, 43",
        "HOLE, 150, 150, 0, PLUG_WITH_PAPER_FLANGE, 3, SETTING_COMPOUND, 43",
        "HOLE, 150.1, 150.1, 0, BOARD_TO_FRAMING, 3, SETTING_COMPOUND, 97",
        "CRACK, 1000, 0, 0.5, RAKE_AND_FILL, 1, SPACKLE, 5",
        "CRACK, 1000, 0, 0.6, RAKE_TAPE_AND_FILL, 2, SETTING_COMPOUND, 7",
        "CRACK, 1000, 0, 2, RAKE_TAPE_AND_FILL, 2, SETTING_COMPOUND, 7",
        "CRACK, 1000, 0, 2.1, RAKE_TAPE_AND_FILL, 3, SETTING_COMPOUND, 9"
    })
    void methodFillsAndMinutesByKindAndSize(
            FaultKind kind,
            double across,
            double up,
            double depth,
            Method method,
            int fills,
            DryingMaterial first,
            double minutes) {
        Repair repair = repair(kind, across, up, depth);
        assertThat(repair.method()).isEqualTo(method);
        assertThat(repair.fills()).hasSize(fills);
        assertThat(repair.fills().getFirst().filler()).isEqualTo(first);
        assertThat(repair.fills().stream()
                        .mapToDouble(fill -> Times.inMinutes(fill.labour()))
                        .sum())
                .isCloseTo(minutes, Offset.offset(0.05));
    }

    @Test
    void patchesAndStainsAreNotFilled() {
        assertThat(repair(FaultKind.OLD_TOUCH_UP, 300, 200, 0))
                .isEqualTo(new Repair(Method.SCRAPE_EDGE, List.of(), Length.ofMillimetres(300)));
        assertThat(repair(FaultKind.STAIN, 300, 400, 0))
                .isEqualTo(new Repair(Method.BLOCK_STAIN, List.of(), Length.ofMillimetres(400)));
    }

    @Test
    void aDentHoldsASphericalCapAndItsShrinkage() {
        // cap of base 20 mm and height 2 mm: πh(3a² + h²)/6 = 318.35 mm³; 15 % shrinks away
        assertThat(repair(FaultKind.DING, 20, 20, 2).filler().inMillilitres())
                .isCloseTo(0.31835 / 0.85, Offset.offset(1e-4));
    }

    @Test
    void aNailHoleHoldsACylinderThroughTheBoard() {
        // π/4 · 2² · 12.5 = 39.27 mm³
        assertThat(repair(FaultKind.NAIL_HOLE, 2, 2, 0).filler().inMillilitres())
                .isCloseTo(0.03927 / 0.85, Offset.offset(1e-5));
    }

    @Test
    void eachCoatOverAHoleIsWiderThanTheLast() {
        assertThat(repair(FaultKind.HOLE, 40, 40, 0).fills())
                .extracting(fill -> fill.knife().inMillimetres())
                .containsExactly(150.0, 250.0, 300.0);
    }

    @Test
    void theFinishedSpotIsSandedPastTheFiller() {
        assertThat(repair(FaultKind.DING, 16, 16, 1).finishedAcross()).isEqualTo(Length.ofMillimetres(20));
        RepairTable wider = new RepairTable(Catalogue.starting().with(Figure.SANDED_BEYOND_FILLER, 5));
        assertThat(wider.repair(FaultKind.DING.of(Measures.ofMillimetres(16, 16, 1)))
                        .finishedAcross())
                .isEqualTo(Length.ofMillimetres(26));
    }

    @Test
    void aWiderOrDeeperFaultNeverNeedsLessFiller() {
        Random random = new Random(3);
        for (int n = 0; n < 3000; n++) {
            FaultKind kind = FaultKind.values()[random.nextInt(6)];
            Fault one = random(kind, random);
            Measures m = one.measures();
            double grow = 1 + random.nextDouble() * 0.2;
            for (Measures bigger : List.of(
                    new Measures(m.across().times(grow), m.up().times(grow), m.depth()),
                    new Measures(m.across(), m.up(), m.depth().times(grow)))) {
                Fault other;
                try {
                    other = kind.of(bigger);
                } catch (IllegalArgumentException outside) {
                    continue;
                }
                assertThat(table.repair(other).filler())
                        .describedAs("%s against %s", other, one)
                        .isGreaterThanOrEqualTo(table.repair(one).filler());
            }
        }
    }

    private static Fault random(FaultKind kind, Random random) {
        return switch (kind) {
            case NAIL_HOLE -> point(kind, 0.5 + 3.5 * random.nextDouble(), 0);
            case SCREW_HOLE -> point(kind, 3 + 5 * random.nextDouble(), 0);
            case ANCHOR -> point(kind, 5 + 9 * random.nextDouble(), 0);
            case DING -> point(kind, 3 + 100 * random.nextDouble(), 0.2 + 12 * random.nextDouble());
            case HOLE -> point(kind, 8 + 500 * random.nextDouble(), 0);
            case CRACK ->
                kind.of(Measures.ofMillimetres(
                        20 + 3000 * random.nextDouble(), 500 * random.nextDouble(), 0.1 + 6 * random.nextDouble()));
            case OLD_TOUCH_UP, STAIN -> kind.usualFault();
        };
    }

    private static Fault point(FaultKind kind, double diameter, double depth) {
        return kind.of(Measures.ofMillimetres(diameter, diameter, depth));
    }
}
