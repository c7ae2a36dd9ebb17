package lumko.core.visibility;

import java.util.Arrays;

/**
 * A Gaussian exp(−r²/s²) of unit sum over a plane of rows, which is continued by its edge values. A wide one is not run over
 * every sample: the plane is halved first, each time behind a Gaussian that leaves nothing to alias, what that has blurred
 * already is taken off the width, and the smooth result is interpolated back. What is so left out stays below 10⁻⁴ of the
 * contrast in the plane.
 */
final class Blur {
    /** Support in widths: beyond it a Gaussian is below 10⁻¹⁵. The published filters reach as far. */
    private static final double SUPPORT = 6;

    /** The Gaussian before halving, in samples: at the new Nyquist frequency 2·10⁻⁷ passes. */
    private static final double BEFORE_HALVING = 2.5;

    /** Support of that one: beyond it is less than 10⁻⁹. */
    private static final int HALVING_REACH = 12;

    /** A result at least so wide, in samples of the coarse plane, is interpolated without loss. */
    private static final double SMOOTH = 5;

    /** How far beyond the edge a plane is carried on when it is halved: the Gaussian's reach, and room to interpolate. */
    private static final int MARGIN = HALVING_REACH + 4;

    private static final double[] HALVING = taps(BEFORE_HALVING, HALVING_REACH);

    private final int halvings;
    private final double[] taps;

    /** @param width s in samples, above 0 */
    Blur(double width) {
        halvings = Math.max(0, (int) Math.floor(Math.log(width / SMOOTH) / Math.log(2)));
        double scale = Math.pow(4, halvings);
        double done = BEFORE_HALVING * BEFORE_HALVING * (scale - 1) / 3;
        double left = Math.sqrt((width * width - done) / scale);
        taps = taps(left, (int) Math.ceil(SUPPORT * left));
    }

    /** One half of a symmetric filter of unit sum, from its middle on. */
    private static double[] taps(double width, int reach) {
        double[] taps = new double[reach + 1];
        double sum = 0;
        for (int at = 0; at <= reach; at++) {
            taps[at] = Math.exp(-(at * (double) at) / (width * width));
            sum += at == 0 ? taps[at] : 2 * taps[at];
        }
        for (int at = 0; at <= reach; at++) {
            taps[at] /= sum;
        }
        return taps;
    }

    /** A plane and how many of its rows lie before the first of the plane it came from, in its own samples. */
    record Rows(double[] values, int rows, int columns) {}

    int halvings() {
        return halvings;
    }

    /** Blurs along the columns, from row to row. */
    Rows down(Rows plane) {
        Rows coarse = plane;
        for (int n = 0; n < halvings; n++) {
            coarse = halved(coarse);
        }
        return filtered(coarse, taps);
    }

    /** Brings rows that {@link #down} has made coarser back to as many as there were. */
    Rows up(Rows coarse, int rows) {
        if (halvings == 0) {
            return coarse;
        }
        double first = firstRow();
        double step = 1 << halvings;
        int columns = coarse.columns();
        double[] out = new double[rows * columns];
        double[] weights = new double[6];
        for (int row = 0; row < rows; row++) {
            double at = (row - first) / step;
            int base = (int) Math.floor(at) - 2;
            lagrange(at - base, weights);
            for (int tap = 0; tap < 6; tap++) {
                int from = Math.clamp(base + (long) tap, 0, coarse.rows() - 1) * columns;
                add(out, row * columns, coarse.values(), from, weights[tap], columns);
            }
        }
        return new Rows(out, rows, columns);
    }

    /** Where the first coarse row lies, in rows of the plane at the beginning. */
    private double firstRow() {
        double first = 0;
        for (int level = 0; level < halvings; level++) {
            first -= MARGIN * Math.pow(2, level);
        }
        return first;
    }

    /** The six weights that carry a polynomial of degree five through samples 0–5, at a place between them. */
    private static void lagrange(double at, double[] weights) {
        for (int one = 0; one < 6; one++) {
            double weight = 1;
            for (int other = 0; other < 6; other++) {
                if (other != one) {
                    weight *= (at - other) / (one - other);
                }
            }
            weights[one] = weight;
        }
    }

    private static Rows halved(Rows plane) {
        int columns = plane.columns();
        int rows = (plane.rows() + 2 * MARGIN + 1) / 2;
        double[] out = new double[rows * columns];
        for (int row = 0; row < rows; row++) {
            convolve(plane, HALVING, 2 * row - MARGIN, out, row * columns);
        }
        return new Rows(out, rows, columns);
    }

    private static Rows filtered(Rows plane, double[] taps) {
        int columns = plane.columns();
        double[] out = new double[plane.rows() * columns];
        for (int row = 0; row < plane.rows(); row++) {
            convolve(plane, taps, row, out, row * columns);
        }
        return new Rows(out, plane.rows(), columns);
    }

    /** One row of the result: rows beyond an edge are the row at the edge. */
    private static void convolve(Rows plane, double[] taps, int middle, double[] out, int at) {
        int columns = plane.columns();
        int last = plane.rows() - 1;
        double[] in = plane.values();
        add(out, at, in, Math.clamp(middle, 0, last) * columns, taps[0], columns);
        for (int tap = 1; tap < taps.length; tap++) {
            int above = Math.clamp(middle - (long) tap, 0, last) * columns;
            int below = Math.clamp(middle + (long) tap, 0, last) * columns;
            addBoth(out, at, in, above, below, taps[tap], columns);
        }
    }

    private static void add(double[] out, int at, double[] in, int from, double weight, int columns) {
        for (int column = 0; column < columns; column++) {
            out[at + column] += weight * in[from + column];
        }
    }

    private static void addBoth(double[] out, int at, double[] in, int one, int other, double weight, int columns) {
        for (int column = 0; column < columns; column++) {
            out[at + column] += weight * (in[one + column] + in[other + column]);
        }
    }

    /** Rows to columns, in tiles that stay in the cache. */
    static Rows transposed(Rows plane) {
        int rows = plane.rows();
        int columns = plane.columns();
        double[] in = plane.values();
        double[] out = new double[rows * columns];
        int tile = 32;
        for (int top = 0; top < rows; top += tile) {
            for (int left = 0; left < columns; left += tile) {
                int bottom = Math.min(rows, top + tile);
                int right = Math.min(columns, left + tile);
                for (int row = top; row < bottom; row++) {
                    for (int column = left; column < right; column++) {
                        out[column * rows + row] = in[row * columns + column];
                    }
                }
            }
        }
        return new Rows(out, columns, rows);
    }

    /** Both axes of a plane, each by its own width in samples. */
    static double[] of(double[] plane, int rows, int columns, Blur vertical, Blur horizontal) {
        Rows down = vertical.down(new Rows(plane, rows, columns));
        Rows across = horizontal.down(transposed(down));
        Rows wide = transposed(horizontal.up(across, columns));
        return vertical.up(wide, rows).values();
    }

    @Override
    public String toString() {
        return halvings + " halvings, then " + Arrays.toString(taps);
    }
}
