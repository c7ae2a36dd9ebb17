package lumko.core.hold;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.paint.Binder;
import lumko.core.record.Age;
import lumko.core.record.Substrate;
import lumko.core.record.TopLayer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WillItHoldTest {
    private static final Age OLD = Age.ofDays(100);

    private final WillItHold rules = new WillItHold(Catalogue.starting());

    @ParameterizedTest(name = "{3} over {0} {1} days old on {2}")
    @CsvSource({
        "WATERBORNE_MATT, 900, GYPSUM_BOARD, WATERBORNE, HOLDS, '', SAME_KIND",
        "PRIMER, 1, GYPSUM_BOARD, WATERBORNE, HOLDS, '', SAME_KIND",
        "WATERBORNE_SHEEN, 900, SKIM_PLASTER, WATERBORNE, HOLDS_ONCE_PREPARED, KEY_SAND, SHEEN_UNDER_NEXT_COAT",
        "WATERBORNE_GLOSS, 900, TIMBER, WATERBORNE, HOLDS_ONCE_PREPARED, KEY_SAND, SHEEN_UNDER_NEXT_COAT",
        "SOLVENTBORNE_GLOSS, 900, TIMBER, WATERBORNE, HOLDS_ONCE_PREPARED, CLEAN KEY_SAND ADHESION_PRIMER,"
                + " SOLVENT_GLOSS_UNDER_WATER",
        "SOLVENTBORNE_GLOSS, 900, TIMBER, SOLVENTBORNE, HOLDS_ONCE_PREPARED, CLEAN KEY_SAND, SHEEN_UNDER_NEXT_COAT",
        "SOLVENTBORNE_MATT, 900, TIMBER, WATERBORNE, HOLDS_ONCE_PREPARED, CLEAN KEY_SAND, SHEEN_UNDER_NEXT_COAT",
        "WATERBORNE_MATT, 29, TIMBER, SOLVENTBORNE, NOT_LIKE_THIS, WAIT_FOR_CURE, SOLVENT_OVER_FRESH_WATER",
        "WATERBORNE_MATT, 30, TIMBER, SOLVENTBORNE, HOLDS_ONCE_PREPARED, KEY_SAND, SOLVENT_OVER_CURED_WATER",
        "WATERBORNE_GLOSS, 29, TIMBER, SOLVENTBORNE, NOT_LIKE_THIS, KEY_SAND WAIT_FOR_CURE,"
                + " SOLVENT_OVER_FRESH_WATER",
        "FACTORY_FACE, 900, PANEL, WATERBORNE, HOLDS_ONCE_PREPARED, CLEAN KEY_SAND, FACTORY_FACE",
        "SOLVENTBORNE_MATT, 900, TIMBER, SOLVENTBORNE, HOLDS, '', SAME_KIND",
        "UNKNOWN, 0, LIME_PLASTER, WATERBORNE, TRY_A_PATCH, CLEAN TEST_PATCH, UNKNOWN_LAYERS",
        "BARE, 0, GYPSUM_BOARD, WATERBORNE, HOLDS_ONCE_PREPARED, NEW_SURFACE_PRIMER, BARE_BOARD",
        "BARE, 0, PANEL, WATERBORNE, HOLDS_ONCE_PREPARED, NEW_SURFACE_PRIMER, BARE_BOARD",
        "BARE, 0, SKIM_PLASTER, WATERBORNE, HOLDS_ONCE_PREPARED, MIST_COAT, BARE_PLASTER",
        "BARE, 0, LIME_PLASTER, WATERBORNE, HOLDS_ONCE_PREPARED, MIST_COAT, BARE_PLASTER",
        "BARE, 0, TIMBER, WATERBORNE, HOLDS_ONCE_PREPARED, NEW_SURFACE_PRIMER, BARE_TIMBER",
        "BARE, 0, METAL, WATERBORNE, HOLDS_ONCE_PREPARED, METAL_PRIMER, BARE_METAL"
    })
    void byWhatIsOnTopAndWhatComesNext(
            TopLayer top,
            double days,
            Substrate substrate,
            Binder next,
            Holding.Answer answer,
            String needs,
            Holding.Reason first) {
        Holding holding = rules.answer(top, Age.ofDays(days), substrate, next, Set.of());
        assertThat(holding.answer()).isEqualTo(answer);
        assertThat(holding.needs().stream().map(Need::name).collect(Collectors.joining(" ")))
                .isEqualTo(needs);
        assertThat(holding.reasons()).startsWith(first);
    }

    @Test
    void everySurfaceGetsAnAnswerWithAReason() {
        for (TopLayer top : TopLayer.values()) {
            for (Substrate substrate : Substrate.values()) {
                for (Binder next : Binder.values()) {
                    Holding holding = rules.answer(top, OLD, substrate, next, Set.of());
                    assertThat(holding.reasons()).isNotEmpty();
                    assertThat(holding.needs().isEmpty())
                            .describedAs("%s under %s on %s", top, next, substrate)
                            .isEqualTo(holding.answer() == Holding.Answer.HOLDS);
                }
            }
        }
    }

    @Test
    void whatWasFoundOnTheFilmOnlyEverAddsToWhatItNeeds() {
        for (TopLayer top : TopLayer.values()) {
            Set<Need> plain = rules.answer(top, OLD, Substrate.SKIM_PLASTER, Binder.WATERBORNE, Set.of())
                    .needs();
            Set<Need> found = rules.answer(
                            top,
                            OLD,
                            Substrate.SKIM_PLASTER,
                            Binder.WATERBORNE,
                            Set.copyOf(Arrays.asList(WillItHold.Found.values())))
                    .needs();
            assertThat(found).containsAll(plain).contains(Need.CLEAN, Need.SEALER, Need.KEY_SAND);
        }
    }

    /** EN 13300: matt below 10 units at 60°, gloss from 60. */
    @ParameterizedTest
    @CsvSource({
        "WATERBORNE, 9.9, WATERBORNE_MATT",
        "WATERBORNE, 10, WATERBORNE_SHEEN",
        "WATERBORNE, 59.9, WATERBORNE_SHEEN",
        "WATERBORNE, 60, WATERBORNE_GLOSS",
        "SOLVENTBORNE, 9.9, SOLVENTBORNE_MATT",
        "SOLVENTBORNE, 10, SOLVENTBORNE_GLOSS"
    })
    void aFinishIsKnownByItsGloss(Binder binder, double gloss60, TopLayer expected) {
        assertThat(TopLayer.of(binder, gloss60)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"SMOKE_OR_CHALK, CLEAN SEALER, SMOKE_OR_CHALK", "GREASE, CLEAN, GREASY", "GLASSY, KEY_SAND, GLASSY"})
    void whatWasFoundOnTheFilm(WillItHold.Found found, String needs, Holding.Reason first) {
        Holding holding =
                rules.answer(TopLayer.WATERBORNE_MATT, OLD, Substrate.GYPSUM_BOARD, Binder.WATERBORNE, Set.of(found));
        assertThat(holding.needs().stream().map(Need::name).collect(Collectors.joining(" ")))
                .isEqualTo(needs);
        assertThat(holding.reasons()).containsExactly(first);
        assertThat(holding.answer()).isEqualTo(Holding.Answer.HOLDS_ONCE_PREPARED);
    }

    /** Not nought, not for ever: it has to be shown. */
    @Test
    void solventOverWaterOfAnAgeNobodyKnowsIsTriedOnAPatch() {
        Holding holding =
                rules.answer(TopLayer.WATERBORNE_MATT, Age.UNKNOWN, Substrate.TIMBER, Binder.SOLVENTBORNE, Set.of());
        assertThat(holding.answer()).isEqualTo(Holding.Answer.TRY_A_PATCH);
        assertThat(holding.needs()).containsExactlyInAnyOrder(Need.TEST_PATCH, Need.KEY_SAND);
    }

    @Test
    void howLongACoatCuresIsAFigure() {
        WillItHold slow = new WillItHold(Catalogue.starting().with(Figure.FULL_CURE, 40));
        assertThat(slow.answer(
                                TopLayer.WATERBORNE_MATT,
                                Age.ofDays(30),
                                Substrate.TIMBER,
                                Binder.SOLVENTBORNE,
                                Set.of())
                        .needs())
                .containsExactly(Need.WAIT_FOR_CURE);
    }
}
