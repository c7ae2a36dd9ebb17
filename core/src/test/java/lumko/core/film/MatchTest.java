package lumko.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.colour.Reading;
import lumko.core.colour.Seen;
import lumko.core.colour.Spectrum;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MatchTest {
    private static final Reading READ =
            Reading.of(List.of(Spectrum.flat(0.5), Spectrum.flat(0.5), Spectrum.flat(0.5)), 0.2);

    @Test
    void itsUncertaintyIsThatOfReadingAgeingAndColourTogether() {
        Lab paint = new Lab(74, 1, 3);
        Match known = Match.of(READ, new Ageing(paint, 0.7), false);
        assertThat(known.expected()).isEqualTo(paint);
        assertThat(known.difference()).isEqualTo(ColourDifference.between(READ.lab(), paint));
        assertThat(known.uncertainty()).isCloseTo(Math.hypot(READ.uncertainty(), 0.7), Offset.offset(1e-12));
        Match unmeasured = Match.of(READ, new Ageing(paint, 0.7), true);
        assertThat(unmeasured.uncertainty())
                .isCloseTo(Math.hypot(known.uncertainty(), Match.NEVER_MEASURED), Offset.offset(1e-12));
    }

    @ParameterizedTest
    @CsvSource({
        "0.3, 0.4, true, false, false, NOT_SEEN",
        "0.8, 0.4, false, false, false, HARDLY",
        "1.5, 0.4, false, true, false, AT_THE_EDGE",
        "1.5, 0.6, false, false, false, AT_THE_EDGE",
        "5.3, 0.4, false, true, false, SEEN",
        "5.5, 0.4, false, true, true, SEEN",
        "3.0, 4.0, true, false, false, SEEN"
    })
    void isSomethingElseOnlyWhereNoUncertaintySavesIt(
            double difference, double uncertainty, boolean same, boolean other, boolean far, Seen seen) {
        Match match = new Match(new Lab(50, 0, 0), difference, uncertainty);
        assertThat(match.cannotBeToldApart()).isEqualTo(same);
        assertThat(match.isSomethingElse()).isEqualTo(other);
        assertThat(match.isFarOff()).isEqualTo(far);
        assertThat(match.seen()).isEqualTo(seen);
    }
}
