package lumko.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class RecordFormatTest {
    private static ObjectNode surface(String json) {
        ObjectNode row = (ObjectNode) JsonMapper.shared().readTree(json);
        return RecordFormat.now(16, "surface", row).orElseThrow();
    }

    /** Version 16 was written in two states: before a roof could run level, and when it could. */
    @Test
    void aRidgeIsLevelForNothingAndALevelPartStays() {
        assertThat(surface("{\"peak_from_left_mm\": 1500}")
                        .path("peak_level_mm")
                        .asInt())
                .isZero();
        assertThat(surface("{\"peak_from_left_mm\": 1500, \"peak_level_mm\": 800}")
                        .path("peak_level_mm")
                        .asInt())
                .isEqualTo(800);
        assertThat(surface("{\"peak_from_left_mm\": null}").has("peak_level_mm"))
                .isFalse();
    }
}
