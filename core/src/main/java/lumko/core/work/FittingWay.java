package lumko.core.work;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.wall.Fitting;

/**
 * One way of getting a fitting out of the paint's way.
 *
 * @param minutes of the hand, both ways
 * @param halo the chance that the place round it shows afterwards, 0–1
 * @param broken the chance that it no longer works or breaks, 0–1
 * @param expected minutes with what halo and breakage cost
 */
public record FittingWay(Way way, double minutes, double halo, double broken, double expected) {
    /** The four ways. */
    public enum Way {
        REMOVE,
        LOOSEN,
        MASK,
        LEAVE_AND_SCRAPE
    }

    /** The ways that a fitting has; the chances are ASSUMPTIONS, in the order in which the trade weighs them. */
    static List<FittingWay> ways(Fitting.Kind kind, Catalogue figures) {
        List<FittingWay> ways = new ArrayList<>();
        Weigher of = new Weigher(figures);
        switch (kind) {
            case SOCKET, SWITCH, WALL_LIGHT -> {
                double off = figures.value(Figure.PLATE_OFF) + figures.value(Figure.PLATE_BACK);
                ways.add(of.way(Way.REMOVE, off, 0, 0.005));
                ways.add(of.way(Way.LOOSEN, figures.value(Figure.PLATE_LOOSENED), 0.03, 0.005));
                ways.add(of.way(Way.MASK, figures.value(Figure.PLATE_MASKED), 0.25, 0));
                ways.add(of.way(Way.LEAVE_AND_SCRAPE, figures.value(Figure.PLATE_SCRAPED), 0.35, 0));
            }
            case RADIATOR -> {
                ways.add(of.way(Way.REMOVE, figures.value(Figure.RADIATOR_LIFTED), 0, 0.03));
                ways.add(of.way(Way.LEAVE_AND_SCRAPE, figures.value(Figure.RADIATOR_BEHIND), 0.1, 0));
            }
            case RAIL -> rail(ways, of, figures, 0.02);
            case BLIND -> rail(ways, of, figures, 0.15);
        }
        return ways;
    }

    private static void rail(List<FittingWay> ways, Weigher of, Catalogue figures, double broken) {
        ways.add(of.way(Way.REMOVE, figures.value(Figure.RAIL_OFF_AND_ON), 0, broken));
        ways.add(of.way(Way.MASK, figures.value(Figure.RAIL_MASKED), 0.15, 0));
        ways.add(of.way(Way.LEAVE_AND_SCRAPE, figures.value(Figure.PLATE_SCRAPED), 0.35, 0));
    }

    private record Weigher(Catalogue figures) {
        FittingWay way(Way way, double minutes, double halo, double broken) {
            return new FittingWay(
                    way,
                    minutes,
                    halo,
                    broken,
                    minutes
                            + halo * figures.value(Figure.HALO_PUT_RIGHT)
                            + broken * figures.value(Figure.FITTING_BROKEN));
        }
    }

    /** All ways of a fitting, that of the house practice first, the others by expected minutes. */
    public static List<FittingWay> of(Fitting.Kind kind, Practice practice, Catalogue figures) {
        List<FittingWay> ways = new ArrayList<>(ways(kind, figures));
        ways.sort(Comparator.comparingDouble(FittingWay::expected));
        Way house = practice.is(School.FITTINGS_OFF)
                ? Way.REMOVE
                : practice.is(School.FITTINGS_LOOSENED)
                        ? Way.LOOSEN
                        : practice.is(School.FITTINGS_MASKED) ? Way.MASK : Way.LEAVE_AND_SCRAPE;
        // a radiator is lifted only where the minutes say so: pipes have to be flexible, and it takes two people
        if (!practice.is(School.FITTINGS_BY_MINUTES) && kind != Fitting.Kind.RADIATOR) {
            ways.stream().filter(way -> way.way() == house).findFirst().ifPresent(way -> {
                ways.remove(way);
                ways.addFirst(way);
            });
        }
        return List.copyOf(ways);
    }
}
