package lumko.core.judge;

import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.job.Place;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;

/**
 * Whether repairs stand so close or take up so much that the surface is skimmed rather than chased spot by spot. Nail and
 * screw holes and the rims beside them don't make a wall one to skim; what a bead closes or paper takes off is no filler.
 *
 * @param most how many whose centres lie within a square metre, centred on one of them
 * @param share of the surface that is filled, in per cent
 */
record Crowding(int most, double share) {
    /** Counted within a square of this side. */
    private static final double SIDE_MM = 1000;

    static Crowding of(SurfaceCase surface, Function<Place, Repair> repairs) {
        List<Place> filled = surface.places().stream()
                .filter(place -> !repairs.apply(place).fills().isEmpty())
                .toList();
        double area = filled.stream()
                .mapToDouble(place -> repairs.apply(place).finishedArea().inSquareMetres())
                .sum();
        List<Mark> counted = filled.stream()
                .map(Place::mark)
                .filter(mark -> counts(mark.fault().kind()))
                .toList();
        // places are as large as they were drawn, also over a window and over each other
        return new Crowding(
                most(counted),
                Math.min(100, area / surface.face().wall().paintedArea().inSquareMetres() * 100));
    }

    private static boolean counts(FaultKind kind) {
        return kind != FaultKind.NAIL_HOLE && kind != FaultKind.SCREW_HOLE && kind != FaultKind.PROUD_RIM;
    }

    /** Only what lies in the same strip up the wall is compared, strip by strip. */
    private static int most(List<Mark> marks) {
        double[][] places = marks.stream()
                .map(Mark::centre)
                .map(centre -> new double[] {
                    centre.fromLeft().inMillimetres(), centre.aboveFloor().inMillimetres()
                })
                .sorted(Comparator.comparingDouble(place -> place[0]))
                .toArray(double[][]::new);
        int most = 0;
        int from = 0;
        int to = 0;
        for (double[] centre : places) {
            while (centre[0] - places[from][0] > SIDE_MM / 2) {
                from++;
            }
            while (to < places.length && places[to][0] - centre[0] <= SIDE_MM / 2) {
                to++;
            }
            int near = 0;
            for (int each = from; each < to; each++) {
                if (Math.abs(places[each][1] - centre[1]) <= SIDE_MM / 2) {
                    near++;
                }
            }
            most = Math.max(most, near);
        }
        return most;
    }

    boolean isTooMuch(Catalogue figures) {
        return most > figures.limit(Figure.SKIM_PER_SQUARE_METRE) || share > figures.limit(Figure.SKIM_SHARE);
    }
}
