package lumko.core.visibility;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import lumko.core.colour.Lab;
import lumko.core.colour.Shade;
import lumko.core.colour.Xyz;

/**
 * What a touch-up on a wall scores, by how much lighter and how much shinier than meant it turns out: a table, made once for a
 * wall, a shape and a place of the eye, read in nanoseconds. ΔE00 as in {@link Visibility}, within a sixth.
 */
public final class Scores {
    private static final double[] OFF = {-6, -4, -2.5, -1.5, -0.75, 0, 0.75, 1.5, 2.5, 4, 6};
    private static final double[] SHINIER = {-6, -3, -1, 0, 1, 3, 6};

    private static final double PERCENTILE = 0.98;
    private static final int MOST = 4_000;

    private static final Map<Asked, Scores> KNOWN = new ConcurrentHashMap<>();

    private record Asked(Look look, Lab wall, Lab paint, double proud) {}

    private final double[][] table = new double[OFF.length][SHINIER.length];

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
        Response response = Response.of(asked.look());
        Xyz wall = asked.wall().xyz(Scielab.WHITE);
        double shine = response.shine();
        Metric metric = new Metric(new Xyz(
                wall.x() + shine * Scielab.WHITE.x(),
                wall.y() + shine * Scielab.WHITE.y(),
                wall.z() + shine * Scielab.WHITE.z()));
        double[] ofWall = Scielab.opponent(wall);
        double[] ofWhite = Scielab.opponent(Scielab.WHITE);
        float[][] seen = new float[3][response.samples()];
        for (int off = 0; off < OFF.length; off++) {
            double[] ofPaint = Scielab.opponent(lighter(asked.paint(), OFF[off]).xyz(Scielab.WHITE));
            for (int shinier = 0; shinier < SHINIER.length; shinier++) {
                for (int channel = 0; channel < 3; channel++) {
                    response.put(
                            seen[channel],
                            channel,
                            ofPaint[channel] - ofWall[channel],
                            SHINIER[shinier] * ofWhite[channel],
                            ofWall[channel],
                            asked.proud() / Response.PROUD * ofWall[channel]);
                }
                table[off][shinier] = percentile(seen, metric);
            }
        }
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
        double above = table[row][column] + across * (table[row][column + 1] - table[row][column]);
        double below = table[row + 1][column] + across * (table[row + 1][column + 1] - table[row + 1][column]);
        return Math.max(0, above + down * (below - above));
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
