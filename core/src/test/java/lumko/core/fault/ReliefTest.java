package lumko.core.fault;

import static org.assertj.core.api.Assertions.assertThat;

import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ReliefTest {
    private static Relief of(FaultKind kind) {
        return Relief.of(kind.usualFault());
    }

    @ParameterizedTest
    @EnumSource(
            value = FaultKind.class,
            names = {
                "NAIL_HOLE",
                "SCREW_HOLE",
                "ANCHOR",
                "TOGGLE",
                "HOLE",
                "BOX_GAP",
                "DING",
                "GOUGE",
                "CRACK",
                "TAPE_TEAR"
            })
    void whatLiesBelowTheSurfaceIsHollow(FaultKind kind) {
        assertThat(of(kind).millimetres()).isNegative();
        assertThat(of(kind).shadowMillimetres()).isZero();
    }

    @ParameterizedTest
    @EnumSource(
            value = FaultKind.class,
            names = {"PROUD_RIM", "POPPED_FASTENER", "PROUD_FILLER", "RUN", "NIBS", "LUMPY_PLASTER"})
    void whatStandsProudThrowsAShadow(FaultKind kind) {
        assertThat(of(kind).isProud()).isTrue();
        assertThat(of(kind).shadowMillimetres()).isPositive();
    }

    @ParameterizedTest
    @EnumSource(
            value = FaultKind.class,
            names = {"SCUFF", "STAIN", "SMOKE", "GREASE", "OLD_SHEEN", "MOULD"})
    void whatIsOnlyToBeSeenFromTheFrontIsLevel(FaultKind kind) {
        assertThat(of(kind).isLevel()).isTrue();
    }

    @Test
    void aTorchHeldFlatStretchesAMillimetreFourteenfold() {
        // 1 / tan 4° = 14.3
        assertThat(of(FaultKind.POPPED_FASTENER).shadowMillimetres()).isCloseTo(14.3, Offset.offset(0.05));
    }

    @Test
    void aDeeperDentIsDeeper() {
        Relief shallow = Relief.of(FaultKind.DING.of(Measures.ofMillimetres(20, 20, 1)));
        Relief deep = Relief.of(FaultKind.DING.of(Measures.ofMillimetres(20, 20, 4)));
        assertThat(deep.millimetres()).isLessThan(shallow.millimetres());
    }
}
