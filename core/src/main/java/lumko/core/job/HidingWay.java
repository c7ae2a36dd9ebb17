package lumko.core.job;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import lumko.core.colour.Spectrum;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.CoatOdds;
import lumko.core.film.CoatPlan;
import lumko.core.film.Hiding;
import lumko.core.paint.DataSheet;
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
        double finish = plan.finish() + odds.chance();
        Area primed = area.times(plan.undercoats());
        Area painted = area.times(finish);
        Duration hand = figures.over(Figure.PRIME_WALL, primed).plus(figures.over(Figure.ROLL_WALL, painted));
        Volume paint = figures.coat(Figure.SPREAD_PRIMER, primed)
                .plus(Volume.ofLitres(painted.inSquareMetres() / sheet.spread()));
        Duration coat = sheet.recoat().orElseGet(() -> figures.time(Figure.DRY_EMULSION));
        double hours =
                plan.undercoats() * Times.inHours(figures.time(Figure.DRY_PRIMER)) + finish * Times.inHours(coat);
        return new HidingWay(plan, odds, hand, paint, Times.ofHours(hours).plus(hand));
    }

    /** The one with the least work of the hand. */
    public static HidingWay leastHand(List<HidingWay> ways) {
        return ways.stream().min(Comparator.comparing(HidingWay::hand)).orElseThrow();
    }
}
