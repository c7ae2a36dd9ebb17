package lumko.core.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Taken;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;

/**
 * How long a kind of step really takes an organisation, against what was planned: the median, which one slow day does not
 * move.
 *
 * @param ratio median of taken to planned
 * @param count how many ticked steps it rests on
 * @param isOffered whether they are enough to set a figure by
 */
public record Pace(ActivityKind kind, double ratio, int count, boolean isOffered) {
    /** The figures that kinds of activity are planned by, where each is planned by one alone. */
    private static final Map<ActivityKind, Figure> PLANNED_BY = new EnumMap<>(Map.ofEntries(
            Map.entry(ActivityKind.SET_UP, Figure.SET_UP),
            Map.entry(ActivityKind.PACK_UP, Figure.PACK_UP),
            Map.entry(ActivityKind.PROTECT_FLOOR, Figure.PROTECT_FLOOR),
            Map.entry(ActivityKind.WASH, Figure.WASH),
            Map.entry(ActivityKind.KEY_SAND, Figure.SAND_WALL),
            Map.entry(ActivityKind.DUST_OFF, Figure.DUST_AND_WIPE),
            Map.entry(ActivityKind.SPOT_PRIME, Figure.SPOT_PRIME),
            Map.entry(ActivityKind.PRIME_WALL, Figure.PRIME_WALL),
            Map.entry(ActivityKind.CAULK, Figure.CAULK_BEAD),
            Map.entry(ActivityKind.SKIM, Figure.SKIM_FIRST),
            Map.entry(ActivityKind.SKIM_AGAIN, Figure.SKIM_SECOND),
            Map.entry(ActivityKind.CUT_IN, Figure.CUT_IN),
            Map.entry(ActivityKind.CUT_IN_AGAIN, Figure.CUT_IN_AGAIN),
            Map.entry(ActivityKind.ROLL, Figure.ROLL_WALL),
            Map.entry(ActivityKind.ROLL_AGAIN, Figure.ROLL_WALL),
            Map.entry(ActivityKind.ROLL_CEILING, Figure.ROLL_CEILING),
            Map.entry(ActivityKind.DAB, Figure.DAB),
            Map.entry(ActivityKind.FEATHER, Figure.FEATHER),
            Map.entry(ActivityKind.INSPECT, Figure.INSPECT),
            Map.entry(ActivityKind.SWEEP, Figure.SWEEP),
            Map.entry(ActivityKind.SET_OUT_TOUCH_UP, Figure.TOUCH_UP_SET_OUT),
            Map.entry(ActivityKind.PLATES_OFF, Figure.PLATE_OFF),
            Map.entry(ActivityKind.PLATES_BACK, Figure.PLATE_BACK)));

    /** The pace of each kind that was ever timed, the best known first. */
    public static List<Pace> of(List<Taken> all, Catalogue figures) {
        Map<ActivityKind, List<Double>> ratios = new EnumMap<>(ActivityKind.class);
        for (Taken each : all) {
            if (!each.planned().isZero() && each.isWork()) {
                ratios.computeIfAbsent(each.kind(), kind -> new ArrayList<>())
                        .add(each.taken().toMillis() / (double) each.planned().toMillis());
            }
        }
        int enough = figures.count(Figure.OWN_MINUTES_FROM);
        return ratios.entrySet().stream()
                .map(entry -> new Pace(
                        entry.getKey(),
                        median(entry.getValue()),
                        entry.getValue().size(),
                        entry.getValue().size() >= enough))
                .sorted(Comparator.comparingInt(Pace::count).reversed().thenComparing(Pace::kind))
                .toList();
    }

    private static double median(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(half) : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }

    /** The figure that a kind of step is planned by, where it is one alone. */
    public Optional<Figure> figure() {
        return Optional.ofNullable(PLANNED_BY.get(kind));
    }

    /** What that figure would be at this pace, within what it can be set to. */
    public double ownFigure(Figure figure, Catalogue figures) {
        double own = figures.value(figure) * ratio;
        return Math.max(figure.low(), Math.min(figure.high(), own));
    }
}
