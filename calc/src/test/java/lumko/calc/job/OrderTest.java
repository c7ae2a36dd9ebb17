package lumko.calc.job;

import static org.assertj.core.api.Assertions.assertThat;

import lumko.calc.CalcTest;
import lumko.core.activity.ActivityKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

class OrderTest extends CalcTest {
    private static String arrow(String from, String to, String why) {
        return "\"" + from + "\" -> \"" + to + "\" [label=\"" + why + "\"";
    }

    @ParameterizedTest
    @EnumSource(
            mode = Mode.EXCLUDE,
            names = {"PACK_UP"})
    void everyKindIsDrawn(ActivityKind kind) {
        assertThat(call("", "order").out()).contains("  \"" + kind + "\" [label=");
    }

    @Test
    void whatFollowsFromOtherArrowsIsLeftOut() {
        String drawn = call("", "order").out();

        assertThat(drawn)
                .contains(arrow("FILL_AGAIN", "FILL_THIRD", "craft"))
                .doesNotContain("\"FILL_AGAIN\" -> \"SKIM\"")
                .doesNotContain("\"SET_UP\" -> \"INSPECT\"");
    }

    @Test
    void whatRunsOutIsAlwaysDrawn() {
        assertThat(call("", "order").out()).contains(arrow("ROLL", "UNMASK", "tape wet") + ", style=bold");
    }

    @Test
    void followsThePracticeOfTheHouse() {
        assertThat(call("", "order").out()).contains("\"ROLL_FURTHER\" -> \"SWEEP\"");
        assertThat(call("", "order", "--school", "TRIM_FIRST").out())
                .doesNotContain("\"ROLL_FURTHER\" -> \"SWEEP\"")
                .contains("\"PAINT_TRIM_AGAIN\" -> \"CUT_CEILING\"");
    }

    @Test
    void anUnknownSchoolIsNamed() {
        Outcome outcome = call("", "order", "--school", "SIDEWAYS");

        assertThat(outcome.end()).isEqualTo(2);
        assertThat(outcome.err()).contains("SIDEWAYS");
    }
}
