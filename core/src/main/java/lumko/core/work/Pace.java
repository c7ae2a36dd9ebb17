package lumko.core.work;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.step.StepKind;

/**
 * How long a kind of step really takes an organisation, against what was planned: the median, which one slow day does not
 * move.
 *
 * @param ratio median of taken to planned
 * @param count how many ticked steps it rests on
 * @param isOffered whether they are enough to set a figure by
 */
public record Pace(StepKind kind, double ratio, int count, boolean isOffered) {
    /** A step as it was planned and as it went. */
    public record Taken(StepKind kind, Duration planned, Duration taken) {
        /**
         * Whether the hands can have been at it all the time: what took more than three times as long as planned and half an
         * hour more had a break in it. ASSUMPTION.
         */
        public boolean isWork() {
            return taken.compareTo(planned.multipliedBy(3).plusMinutes(30)) <= 0;
        }
    }

    /** The pace of each kind that was ever timed, the best known first. */
    public static List<Pace> of(List<Taken> all, Catalogue figures) {
        Map<StepKind, List<Double>> ratios = new EnumMap<>(StepKind.class);
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
        return Optional.ofNullable(
                switch (kind) {
                    case SET_UP -> Figure.SET_UP;
                    case PACK_UP -> Figure.PACK_UP;
                    case PROTECT_FLOOR -> Figure.PROTECT_FLOOR;
                    case WASH -> Figure.WASH;
                    case KEY_SAND -> Figure.SAND_WALL;
                    case DUST_OFF -> Figure.DUST_AND_WIPE;
                    case SPOT_PRIME -> Figure.SPOT_PRIME;
                    case PRIME_WALL -> Figure.PRIME_WALL;
                    case CAULK -> Figure.CAULK_BEAD;
                    case SKIM -> Figure.SKIM_FIRST;
                    case SKIM_AGAIN -> Figure.SKIM_SECOND;
                    case CUT_IN -> Figure.CUT_IN;
                    case CUT_IN_AGAIN -> Figure.CUT_IN_AGAIN;
                    case ROLL, ROLL_AGAIN -> Figure.ROLL_WALL;
                    case ROLL_CEILING -> Figure.ROLL_CEILING;
                    case DAB -> Figure.DAB;
                    case FEATHER -> Figure.FEATHER;
                    case INSPECT -> Figure.INSPECT;
                    case SWEEP -> Figure.SWEEP;
                    case SET_OUT_TOUCH_UP -> Figure.TOUCH_UP_SET_OUT;
                    case PLATES_OFF -> Figure.PLATE_OFF;
                    case PLATES_BACK -> Figure.PLATE_BACK;
                    default -> null;
                });
    }

    /** What that figure would be at this pace, within what it can be set to. */
    public double ownFigure(Figure figure, Catalogue figures) {
        double own = figures.value(figure) * ratio;
        return Math.max(figure.low(), Math.min(figure.high(), own));
    }
}
