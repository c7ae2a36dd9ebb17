package lumko.core.paint;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class BatchTest {
    @Test
    void isTheSameWhereBothAreKnown() {
        assertThat(Batch.of("b7").isCertainly(Batch.of(" b7 "))).isTrue();
        assertThat(Batch.of("b7").isCertainly(Batch.of("b8"))).isFalse();
    }

    @Test
    void equalsNothingWhereNobodyKnowsIt() {
        assertThat(Batch.UNKNOWN.isCertainly(Batch.UNKNOWN)).isFalse();
        assertThat(Batch.of("b7").isCertainly(Batch.UNKNOWN)).isFalse();
        assertThat(Batch.of(" ").isCertainly(Batch.of(" "))).isFalse();
    }

    @Test
    void isUnknownWhereNothingIsWritten() {
        assertThat(Batch.of("  ").isKnown()).isFalse();
        assertThat(Batch.of("b7").isKnown()).isTrue();
    }
}
