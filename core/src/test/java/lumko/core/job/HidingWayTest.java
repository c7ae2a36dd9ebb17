package lumko.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.Hiding;
import lumko.core.paint.DataSheet;
import lumko.core.quantity.Area;
import lumko.core.quantity.Times;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class HidingWayTest {
    private static final DataSheet SHEET = DataSheet.USUAL;
    private static final Spectrum GREEN = SmoothReflectance.of(Srgb.ofHex("#2f5548"));
    private static final Spectrum WHITE = SmoothReflectance.of(Srgb.ofHex("#efece3"));
    private static final Hiding PAINT = Hiding.of(WHITE, SHEET.contrastRatio(), SHEET.dryMicrometres());

    private static List<HidingWay> ways(Spectrum before, double squareMetres, Catalogue figures, Integer... really) {
        return HidingWay.of(PAINT, before, SHEET, Area.ofSquareMetres(squareMetres), List.of(really), figures);
    }

    @Test
    void costsWhatItsCoatsCostWithTheOddsOfOneMore() {
        Catalogue figures = Catalogue.starting();
        for (HidingWay way : ways(GREEN, 20, figures)) {
            double finish = way.plan().finish() + way.odds().chance();
            int under = way.plan().undercoats();
            double minutes = 20 * (under * figures.value(Figure.PRIME_WALL) + finish * figures.value(Figure.ROLL_WALL));
            assertThat(Times.inMinutes(way.hand())).isCloseTo(minutes, Offset.offset(0.02));
            assertThat(way.paint().inLitres())
                    .isCloseTo(
                            20 * finish / 10 + 20 * under / figures.value(Figure.SPREAD_PRIMER), Offset.offset(1e-9));
            assertThat(Times.inMinutes(way.elapsed()) - minutes)
                    .isCloseTo(
                            60
                                    * (under * figures.value(Figure.DRY_PRIMER)
                                            + finish * figures.value(Figure.DRY_EMULSION)),
                            Offset.offset(0.02));
        }
    }

    @Test
    void anUndercoatPaysWhereItSavesCoatsAndPrimingIsQuick() {
        List<HidingWay> overDark = ways(GREEN, 10, Catalogue.starting().with(Figure.PRIME_WALL, 0.5));
        assertThat(overDark.get(1).plan().finish())
                .isLessThan(overDark.get(0).plan().finish());
        assertThat(HidingWay.leastHand(overDark).plan().undercoats()).isOne();
        List<HidingWay> overItself = ways(WHITE, 10, Catalogue.starting());
        assertThat(HidingWay.leastHand(overItself).plan().undercoats()).isZero();
        assertThat(HidingWay.leastHand(overItself).plan().finish()).isOne();
    }

    @Test
    void whatSuchWallsReallyTookRaisesEveryFigure() {
        HidingWay guessed = ways(GREEN, 10, Catalogue.starting()).getFirst();
        int more = guessed.plan().finish() + 1;
        HidingWay known =
                ways(GREEN, 10, Catalogue.starting(), more, more, more).getFirst();
        assertThat(known.odds().chance()).isGreaterThan(guessed.odds().chance());
        assertThat(known.hand()).isGreaterThan(guessed.hand());
        assertThat(known.paint().inLitres()).isGreaterThan(guessed.paint().inLitres());
        assertThat(known.elapsed()).isGreaterThan(guessed.elapsed());
    }

    @Test
    void theMakersWaitWinsOverTheCatalogues() {
        DataSheet slow =
                new DataSheet(SHEET.spread(), SHEET.solids(), SHEET.contrastRatio(), Optional.of(Duration.ofHours(12)));
        List<HidingWay> ways =
                HidingWay.of(PAINT, GREEN, slow, Area.ofSquareMetres(10), List.of(), Catalogue.starting());
        HidingWay alone = ways.getFirst();
        assertThat(Times.inMinutes(alone.elapsed().minus(alone.hand())))
                .isCloseTo(12 * 60 * (alone.plan().finish() + alone.odds().chance()), Offset.offset(0.02));
    }
}
