package lumko.core.turnover;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import lumko.core.figure.Catalogue;
import org.junit.jupiter.api.Test;

class ExpectedTest {
    private static final Catalogue FIGURES = Catalogue.starting();

    @Test
    void sheenTonesDownBeforeAViewingAndATenantFindsItAired() {
        assertThat(Expected.VIEWING.readyBefore(FIGURES)).isEqualTo(Duration.ofDays(7));
        assertThat(Expected.CLOSE_VIEWING.readyBefore(FIGURES)).isEqualTo(Duration.ofDays(7));
        assertThat(Expected.TENANT.readyBefore(FIGURES)).isEqualTo(Duration.ofHours(24));
        assertThat(Expected.NOBODY.readyBefore(FIGURES)).isZero();
    }

    @Test
    void whoLooksCloselyMattersMost() {
        assertThat(Expected.values()).extracting(Expected::weight).containsExactly(1, 1, 2, 3);
    }
}
