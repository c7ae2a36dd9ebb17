package lumko.core.visibility;

import java.util.Arrays;

/**
 * A Gaussian exp(−r²/s²) of unit sum over the rows of a plane, which is continued by its edge values. A wide one is not run over
 * every sample: the plane is halved first, each time behind a Gaussian that leaves nothing to alias, what that has blurred
 * already is taken off the width, and the smooth result is interpolated back. What is so left out stays below 10⁻³ of the
 * contrast in the plane.
 */
final class Blur {
    /** Support in widths: beyond it a Gaussian is below 10⁻¹⁵. The published filters reach as far. */
    private static final double SUPPORT = 6;

    /** In single precision nothing beyond these widths is left of a sum: exp(−3.9²) is 2·10⁻⁷. */
    private static final double COUNTS = 3.9;

    /** The Gaussian before halving, in samples: at the new Nyquist frequency 2·10⁻⁵ passes. */
    private static final double BEFORE_HALVING = 2.1;

    private static final int HALVING_REACH = (int) Math.ceil(COUNTS * BEFORE_HALVING);

    /** A result at least so wide, in samples of the coarse plane, is interpolated without loss. */
    private static final double SMOOTH = 2.8;

    /** How far beyond the edge a plane is carried on when it is halved: the Gaussian's reach, and room to interpolate. */
    private static final int MARGIN = HALVING_REACH + 5;

    private static final float[] HALVING = taps(BEFORE_HALVING);

    private final int halvings;
    private final float[] taps;

    /** @param width s in samples, above 0 */
    Blur(double width) {
        halvings = Math.max(0, (int) Math.floor(Math.log(width / SMOOTH) / Math.log(2)));
        double scale = Math.pow(4, halvings);
        double done = BEFORE_HALVING * BEFORE_HALVING * (scale - 1) / 3;
        taps = taps(Math.sqrt((width * width - done) / scale));
    }

    /** One half of a symmetric filter of unit sum over its whole support, from its middle on, as far as it counts. */
    private static float[] taps(double width) {
        int support = (int) Math.ceil(SUPPORT * width);
        double sum = 1;
        for (int at = 1; at <= support; at++) {
            sum += 2 * Math.exp(-(at * (double) at) / (width * width));
        }
        float[] taps = new float[Math.min(support, (int) Math.ceil(COUNTS * width)) + 1];
        for (int at = 0; at < taps.length; at++) {
            taps[at] = (float) (Math.exp(-(at * (double) at) / (width * width)) / sum);
        }
        return taps;
    }

    /**
     * Both axes of a plane, each by its own width in samples.
     *
     * @param plane stays as it is
     * @return a plane of the pool, to be given back
     */
    static float[][] of(float[][] plane, Blur vertical, Blur horizontal, Planes planes) {
        int rows = plane.length;
        int columns = plane[0].length;
        if (horizontal.halvings == 0) {
            float[][] across = planes.take(rows, columns);
            float[] padded = new float[columns + 2 * (horizontal.taps.length - 1)];
            for (int row = 0; row < rows; row++) {
                horizontal.along(plane[row], padded, across[row]);
            }
            float[][] down = vertical.down(across, planes);
            planes.give(across);
            return vertical.up(down, rows, planes);
        }
        // what is made coarser from row to row first is less to turn
        float[][] turned = turnedBack(vertical.down(plane, planes), planes);
        float[][] across = horizontal.down(turned, planes);
        planes.give(turned);
        float[][] wide = horizontal.up(across, columns, planes);
        return vertical.up(turnedBack(wide, planes), rows, planes);
    }

    /** Blurs one row along itself; it is carried on by its ends. */
    private void along(float[] row, float[] padded, float[] out) {
        int reach = taps.length - 1;
        Arrays.fill(padded, 0, reach, row[0]);
        System.arraycopy(row, 0, padded, reach, row.length);
        Arrays.fill(padded, reach + row.length, padded.length, row[row.length - 1]);
        float middle = taps[0];
        for (int at = 0; at < out.length; at++) {
            out[at] = middle * padded[at + reach];
        }
        int tap = 1;
        for (; tap + 1 <= reach; tap += 2) {
            addFour(out, padded, reach - tap, reach + tap, taps[tap], taps[tap + 1]);
        }
        if (tap <= reach) {
            addTwo(out, padded, reach - tap, reach + tap, taps[tap]);
        }
    }

    private static void addTwo(float[] out, float[] from, int before, int after, float weight) {
        for (int at = 0; at < out.length; at++) {
            out[at] += weight * (from[at + before] + from[at + after]);
        }
    }

    private static void addFour(float[] out, float[] from, int before, int after, float near, float far) {
        for (int at = 0; at < out.length; at++) {
            out[at] += near * (from[at + before] + from[at + after])
                    + far * (from[at + before - 1] + from[at + after + 1]);
        }
    }

    private static float[][] turnedBack(float[][] plane, Planes planes) {
        float[][] turned = planes.take(plane[0].length, plane.length);
        transpose(plane, turned);
        planes.give(plane);
        return turned;
    }

    /** Blurs along the columns, from row to row; coarser where the result is smooth. */
    private float[][] down(float[][] plane, Planes planes) {
        float[][] coarse = plane;
        for (int n = 0; n < halvings; n++) {
            float[][] halved = planes.take((coarse.length + 2 * MARGIN + 1) / 2, coarse[0].length);
            for (int row = 0; row < halved.length; row++) {
                convolve(coarse, HALVING, 2 * row - MARGIN, halved[row]);
            }
            giveUnless(coarse, plane, planes);
            coarse = halved;
        }
        float[][] out = planes.take(coarse.length, coarse[0].length);
        for (int row = 0; row < out.length; row++) {
            convolve(coarse, taps, row, out[row]);
        }
        giveUnless(coarse, plane, planes);
        return out;
    }

    private static void giveUnless(float[][] plane, float[][] kept, Planes planes) {
        if (plane != kept) {
            planes.give(plane);
        }
    }

    /** Brings rows that were made coarser back to as many as there were. */
    private float[][] up(float[][] coarse, int rows, Planes planes) {
        if (halvings == 0) {
            return coarse;
        }
        int step = 1 << halvings;
        // the first coarse row lies a margin before the first row, at every level
        int first = -MARGIN * (step - 1);
        float[][] out = planes.take(rows, coarse[0].length);
        double[] weights = new double[6];
        for (int row = 0; row < rows; row++) {
            double at = (row - first) / (double) step;
            int base = (int) Math.floor(at) - 2;
            lagrange(at - base, weights);
            Arrays.fill(out[row], 0);
            for (int tap = 0; tap < 6; tap += 2) {
                addTwo(
                        out[row],
                        coarse[Math.clamp(base + (long) tap, 0, coarse.length - 1)],
                        (float) weights[tap],
                        coarse[Math.clamp(base + tap + 1L, 0, coarse.length - 1)],
                        (float) weights[tap + 1]);
            }
        }
        planes.give(coarse);
        return out;
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

    /** One row of the result: rows beyond an edge are the row at the edge. Two taps at a time, so that sums stay at hand. */
    private static void convolve(float[][] plane, float[] taps, int middle, float[] out) {
        int last = plane.length - 1;
        setOne(out, plane[Math.clamp(middle, 0, last)], taps[0]);
        int tap = 1;
        for (; tap + 1 < taps.length; tap += 2) {
            addFour(
                    out,
                    plane[Math.clamp(middle - (long) tap, 0, last)],
                    plane[Math.clamp(middle + (long) tap, 0, last)],
                    taps[tap],
                    plane[Math.clamp(middle - tap - 1L, 0, last)],
                    plane[Math.clamp(middle + tap + 1L, 0, last)],
                    taps[tap + 1]);
        }
        if (tap < taps.length) {
            addTwo(
                    out,
                    plane[Math.clamp(middle - (long) tap, 0, last)],
                    taps[tap],
                    plane[Math.clamp(middle + (long) tap, 0, last)],
                    taps[tap]);
        }
    }

    private static void setOne(float[] out, float[] one, float weight) {
        for (int at = 0; at < out.length; at++) {
            out[at] = weight * one[at];
        }
    }

    private static void addTwo(float[] out, float[] one, float weight, float[] other, float otherWeight) {
        for (int at = 0; at < out.length; at++) {
            out[at] += weight * one[at] + otherWeight * other[at];
        }
    }

    private static void addFour(
            float[] out, float[] above, float[] below, float near, float[] further, float[] beneath, float far) {
        for (int at = 0; at < out.length; at++) {
            out[at] += near * (above[at] + below[at]) + far * (further[at] + beneath[at]);
        }
    }

    /** Rows to columns, in tiles that stay in the cache. */
    private static void transpose(float[][] plane, float[][] out) {
        int rows = plane.length;
        int columns = plane[0].length;
        int tile = 32;
        for (int top = 0; top < rows; top += tile) {
            for (int left = 0; left < columns; left += tile) {
                int bottom = Math.min(rows, top + tile);
                int right = Math.min(columns, left + tile);
                for (int row = top; row < bottom; row++) {
                    float[] in = plane[row];
                    for (int column = left; column < right; column++) {
                        out[column][row] = in[column];
                    }
                }
            }
        }
    }
}
