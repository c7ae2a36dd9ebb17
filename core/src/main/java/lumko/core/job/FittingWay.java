package lumko.core.job;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.Fitting;
import lumko.core.practice.Practice;
import lumko.core.practice.School;

/**
 * One way of getting a fitting out of the paint's way.
 *
 * @param hand work of the hand, both ways
 * @param halo the chance that the place round it shows afterwards, 0–1
 * @param broken the chance that it no longer works or breaks, 0–1
 * @param expected work of the hand with what halo and breakage cost
 */
public record FittingWay(Way way, Duration hand, double halo, double broken, Duration expected) {
    /** The four ways. */
    public enum Way {
        REMOVE,
        LOOSEN,
        MASK,
        LEAVE_AND_SCRAPE
    }

    /** The ways that a fitting has; the chances are ASSUMPTIONS, in the order in which the trade weighs them. */
    static List<FittingWay> ways(Fitting.Kind kind, Catalogue figures) {
        Weigher of = new Weigher(figures);
        return switch (kind) {
            case SOCKET, SWITCH, WALL_LIGHT, CEILING_LIGHT, SMOKE_ALARM -> plate(of, 0.005);
            case VENT_COVER -> plate(of, 0.002);
            case RADIATOR ->
                List.of(
                        of.way(Way.REMOVE, of.each(Figure.RADIATOR_LIFTED), 0, 0.03),
                        of.way(Way.LEAVE_AND_SCRAPE, of.each(Figure.RADIATOR_BEHIND), 0.1, 0));
            case RAIL, RADIATOR_COVER -> rail(of, 0.02);
            case CEILING_FAN -> rail(of, 0.05);
            case BLIND -> rail(of, 0.15);
            // they come onto the finished wall
            case STRIPS -> List.of();
        };
    }

    private static List<FittingWay> plate(Weigher of, double broken) {
        return List.of(
                of.way(Way.REMOVE, of.off(), 0, broken),
                of.way(Way.LOOSEN, of.loosened(), 0.03, broken),
                of.way(Way.MASK, of.each(Figure.PLATE_MASKED), 0.25, 0),
                of.way(Way.LEAVE_AND_SCRAPE, of.each(Figure.PLATE_SCRAPED), 0.35, 0));
    }

    private static List<FittingWay> rail(Weigher of, double broken) {
        return List.of(
                of.way(Way.REMOVE, of.each(Figure.RAIL_OFF_AND_ON), 0, broken),
                of.way(Way.MASK, of.each(Figure.RAIL_MASKED), 0.15, 0),
                of.way(Way.LEAVE_AND_SCRAPE, of.each(Figure.PLATE_SCRAPED), 0.35, 0));
    }

    private record Weigher(Catalogue figures) {
        Duration each(Figure figure) {
            return figures.each(figure, 1);
        }

        Duration off() {
            return each(Figure.PLATE_OFF).plus(each(Figure.PLATE_BACK));
        }

        Duration loosened() {
            return each(Figure.PLATE_LOOSENED).plus(each(Figure.PLATE_TIGHTENED));
        }

        FittingWay way(Way way, Duration hand, double halo, double broken) {
            double seconds = hand.toSeconds()
                    + halo * figures.once(Figure.HALO_PUT_RIGHT).toSeconds()
                    + broken * figures.once(Figure.FITTING_BROKEN).toSeconds();
            return new FittingWay(way, hand, halo, broken, Duration.ofMillis(Math.round(seconds * 1000)));
        }
    }

    /** Whether a fitting can be got out of the way like that: a blind cannot be loosened, strips come onto the finished wall. */
    public static boolean has(Fitting.Kind kind, Way way) {
        return ways(kind, Catalogue.starting()).stream().anyMatch(each -> each.way() == way);
    }

    /**
     * All ways of a fitting. The one that is taken comes first: what somebody wants of this one, else that of the house practice; the
     * others follow by expected minutes.
     *
     * @param wanted without effect where the fitting has no such way
     */
    public static List<FittingWay> of(Fitting.Kind kind, Optional<Way> wanted, Practice practice, Catalogue figures) {
        List<FittingWay> ways = new ArrayList<>(ways(kind, figures));
        ways.sort(Comparator.comparing(FittingWay::expected));
        Optional<Way> taken = wanted.filter(is -> ways.stream().anyMatch(way -> way.way() == is))
                .or(() -> ofTheHouse(kind, practice));
        ways.sort(
                Comparator.comparing(way -> taken.filter(is -> is == way.way()).isEmpty()));
        return List.copyOf(ways);
    }

    private static Optional<Way> ofTheHouse(Fitting.Kind kind, Practice practice) {
        // a radiator is lifted only where the minutes say so: pipes have to be flexible, and it takes two people
        if (practice.is(School.FITTINGS_BY_MINUTES) || kind == Fitting.Kind.RADIATOR) {
            return Optional.empty();
        }
        if (practice.is(School.FITTINGS_OFF)) {
            return Optional.of(Way.REMOVE);
        }
        if (practice.is(School.FITTINGS_LOOSENED)) {
            return Optional.of(Way.LOOSEN);
        }
        return Optional.of(practice.is(School.FITTINGS_MASKED) ? Way.MASK : Way.LEAVE_AND_SCRAPE);
    }
}
