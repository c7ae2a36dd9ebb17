package lumko.core.work;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import lumko.core.colour.Spectrum;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.CoatOdds;
import lumko.core.film.CoatPlan;
import lumko.core.film.DataSheet;
import lumko.core.film.Hiding;
import lumko.core.quantity.Area;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;

/**
 * A way to hide what is there, with what it costs; the odds of one more coat of the finish are in each figure.
 *
 * @param hand work of the hand
 * @param paint undercoat and finish together
 * @param elapsed until the last coat is dry
 */
public record HidingWay(CoatPlan plan, CoatOdds odds, Duration hand, Volume paint, Duration elapsed) {
    private static final double MINUTES = 60;

    /**
     * The finish alone, and an undercoat first.
     *
     * @param sheet of the finish, which wins over the catalogue
     * @param really how many coats surfaces with the same pair of colours took
     */
    public static List<HidingWay> of(
            Hiding hiding, Spectrum before, DataSheet sheet, Area area, List<Integer> really, Catalogue figures) {
        double dryMicrometres = sheet.dryMicrometres();
        Spectrum undercoat = Spectrum.flat(hiding.bestUndercoat(dryMicrometres));
        return hiding.plans(before, dryMicrometres).stream()
                .map(plan -> {
                    int coats = Math.min(plan.finish(), Hiding.MOST_COATS);
                    CoatOdds odds = plan.undercoats() == 0
                            ? CoatOdds.of(hiding, before, dryMicrometres, coats, really)
                            : CoatOdds.of(hiding, undercoat, dryMicrometres, coats, List.of());
                    return priced(plan, odds, sheet, area, figures);
                })
                .toList();
    }

    private static HidingWay priced(CoatPlan plan, CoatOdds odds, DataSheet sheet, Area area, Catalogue figures) {
        double squareMetres = area.inSquareMetres();
        double finish = plan.finish() + odds.chance();
        Duration hand = Times.ofMinutes(squareMetres
                * (plan.undercoats() * figures.value(Figure.PRIME_WALL) + finish * figures.value(Figure.ROLL_WALL)));
        double litres =
                squareMetres * (plan.undercoats() / figures.value(Figure.SPREAD_PRIMER) + finish / sheet.spread());
        Duration coat = sheet.recoat().orElseGet(() -> Times.ofHours(figures.value(Figure.DRY_EMULSION)));
        double hours = plan.undercoats() * figures.value(Figure.DRY_PRIMER) + finish * Times.inMinutes(coat) / MINUTES;
        return new HidingWay(
                plan, odds, hand, Volume.ofLitres(litres), Times.ofHours(hours).plus(hand));
    }

    /** The one with the least work of the hand. */
    public static HidingWay leastHand(List<HidingWay> ways) {
        return ways.stream().min(Comparator.comparing(HidingWay::hand)).orElseThrow();
    }
}
