package lumko.app.house;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoatsTakenTest {
    private static final UUID SURFACE = UUID.randomUUID();
    private static final UUID GREEN = UUID.randomUUID();
    private static final UUID OAT = UUID.randomUUID();
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    /** Layers by letter: g, o a finish green or oat; s spots of oat; p a primer; a small letter without a sheet is {@code O}. */
    private static List<CoatRow> stack(String layers) {
        List<CoatRow> rows = new ArrayList<>();
        LocalDate day = DAY;
        for (char letter : layers.toCharArray()) {
            if (letter == '|') {
                day = day.plusYears(2);
                continue;
            }
            CoatRow row = new CoatRow(SURFACE, rows.size());
            row.layer = switch (letter) {
                case 'p' -> Layer.PRIMER;
                case 's' -> Layer.SPOTS;
                default -> Layer.FINISH;
            };
            row.colourId = letter == 'p' ? null : letter == 'g' ? GREEN : OAT;
            row.sheetId = letter == 'O' ? null : UUID.randomUUID();
            row.appliedOn = day;
            rows.add(row);
        }
        return rows;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "goo > 2",
                "gooo > 3",
                "go > 1",
                "gsoo > 2",
                "goo|oo > 2",
                "goo|g|oo > 2 2",
                "gpoo > ''",
                "gO > ''",
                "oo > ''",
                "gg > ''"
            })
    void areCountedStraightOverTheOtherColour(String layers, String runs) {
        assertThat(CoatsTaken.of(stack(layers), Set.of(GREEN), Set.of(OAT)))
                .extracting(String::valueOf)
                .isEqualTo(runs.isEmpty() ? List.of() : List.of(runs.split(" ")));
    }

    @Test
    void aColourOverItselfIsNoPair() {
        assertThat(CoatsTaken.of(stack("ooo"), Set.of(GREEN), Set.of(OAT))).isEmpty();
    }
}
