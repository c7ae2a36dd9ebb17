package lumko.core.visibility;

import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLongArray;
import lumko.core.colour.Lab;
import lumko.core.colour.Shade;
import lumko.core.colour.Xyz;

/**
 * What a touch-up on a wall scores, by how much lighter and how much shinier than meant it turns out: a table for
 * a wall, a shape and a place of the eye, of which each value is worked out once, when it is first asked for, and read in
 * nanoseconds after that. ΔE00 as in {@link Visibility}, within a sixth.
 */
public final class Scores {
    private static final double[] OFF = {-6, -4, -2.5, -1.5, -0.75, 0, 0.75, 1.5, 2.5, 4, 6};
    private static final double[] SHINIER = {-6, -3, -1, 0, 1, 3, 6};

    private static final double PERCENTILE = 0.98;
    private static final int MOST = 4_000;

    private static final Map<Asked, Scores> KNOWN = new ConcurrentHashMap<>();

    private record Asked(Look look, Lab wall, Lab paint, double proud) {}

    private static final long NOT_YET = Double.doubleToRawLongBits(Double.NaN);

    private final Asked asked;
    private final double[] ofWall;
    private final Metric metric;
    private final AtomicLongArray table;

    /**
     * @param wall as it is today
     * @param paint as it is meant to turn out
     * @param proud how far filler stands out, mm
     */
    public static Scores of(Look look, Lab wall, Lab paint, double proud) {
        if (KNOWN.size() > MOST) {
            KNOWN.clear();
        }
        return KNOWN.computeIfAbsent(new Asked(look, wall, paint, proud), Scores::new);
    }

    private Scores(Asked asked) {
        // the response itself is not held: it is large, and asked for where there are many of them
        this.asked = asked;
        Xyz wall = asked.wall().xyz(Scielab.WHITE);
        ofWall = Scielab.opponent(wall);
        double shine = Response.of(asked.look()).shine();
        metric = new Metric(new Xyz(
                wall.x() + shine * Scielab.WHITE.x(),
                wall.y() + shine * Scielab.WHITE.y(),
                wall.z() + shine * Scielab.WHITE.z()));
        long[] empty = new long[OFF.length * SHINIER.length];
        Arrays.fill(empty, NOT_YET);
        table = new AtomicLongArray(empty);
    }

    /** Worked out by whoever reads it first; by two at the same time it comes to the same. */
    private double score(int off, int shinier) {
        int place = off * SHINIER.length + shinier;
        long known = table.get(place);
        if (known != NOT_YET) {
            return Double.longBitsToDouble(known);
        }
        double score = simulated(OFF[off], SHINIER[shinier]);
        table.set(place, Double.doubleToRawLongBits(score));
        return score;
    }

    private double simulated(double off, double shinier) {
        double[] ofWhite = Scielab.opponent(Scielab.WHITE);
        Response response = Response.of(asked.look());
        double[] ofPaint = Scielab.opponent(lighter(asked.paint(), off).xyz(Scielab.WHITE));
        float[][] seen = new float[3][response.samples()];
        for (int channel = 0; channel < 3; channel++) {
            response.put(
                    seen[channel],
                    channel,
                    ofPaint[channel] - ofWall[channel],
                    shinier * ofWhite[channel],
                    ofWall[channel],
                    asked.proud() / Response.PROUD * ofWall[channel]);
        }
        return percentile(seen, metric);
    }

    /** A colour so many ΔE00 lighter, or darker below 0. */
    private static Lab lighter(Lab from, double off) {
        return off == 0 ? from : off > 0 ? Shade.lighter(from, off) : Shade.darker(from, -off);
    }

    private static double percentile(float[][] seen, Metric metric) {
        float[] squares = new float[seen[0].length];
        for (int n = 0; n < squares.length; n++) {
            Xyz change = Scielab.back(seen[0][n], seen[1][n], seen[2][n]);
            squares[n] = (float) metric.square(change.x(), change.y(), change.z());
        }
        return Math.sqrt(Math.max(0, Selection.smallest(squares, (int) Math.rint(PERCENTILE * (squares.length - 1)))));
    }

    /**
     * @param off how many ΔE00 lighter than meant the paint turns out; darker below 0
     * @param shinier than the wall, in gloss units at 60°; duller below 0
     */
    public double at(double off, double shinier) {
        int row = below(OFF, off);
        int column = below(SHINIER, shinier);
        double down = (off - OFF[row]) / (OFF[row + 1] - OFF[row]);
        double across = (shinier - SHINIER[column]) / (SHINIER[column + 1] - SHINIER[column]);
        double above = between(row, column, across);
        double below = between(row + 1, column, across);
        return Math.max(0, above + down * (below - above));
    }

    private double between(int row, int column, double across) {
        double left = score(row, column);
        return left + across * (score(row, column + 1) - left);
    }

    /** The place that a value lies behind; beyond the ends the last step is carried on. */
    private static int below(double[] places, double value) {
        int place = 0;
        while (place < places.length - 2 && value >= places[place + 1]) {
            place++;
        }
        return place;
    }
}
