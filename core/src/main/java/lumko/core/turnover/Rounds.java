package lumko.core.turnover;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;

/** What going round several houses takes. */
public final class Rounds {
    private Rounds() {}

    /** Minutes of working time from each house to each; within one, from flat to flat. */
    public static List<List<Integer>> ways(int houses, Catalogue figures) {
        List<List<Integer>> ways = new ArrayList<>();
        for (int from = 0; from < houses; from++) {
            List<Integer> row = new ArrayList<>();
            for (int to = 0; to < houses; to++) {
                row.add(minutes(figures.once(from == to ? Figure.WAY_BETWEEN_FLATS : Figure.WAY_BETWEEN_HOUSES)));
            }
            ways.add(row);
        }
        return ways;
    }

    /** Minutes of working time before the first flat. */
    public static int wayFromDepot(Catalogue figures) {
        return minutes(figures.once(Figure.WAY_FROM_DEPOT));
    }

    private static int minutes(Duration time) {
        return (int) time.toMinutes();
    }
}
