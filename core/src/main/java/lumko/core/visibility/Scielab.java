package lumko.core.visibility;

import lumko.core.colour.Xyz;

/**
 * What is left of a picture for an eye so far away: colours are blurred as the eye blurs them before they are compared.
 *
 * <p>Source: Zhang and Wandell, “A spatial extension of CIELAB for digital color-image reproduction”, Journal of the Society for
 * Information Display 5 (1997), 61–63: opponent channels, each blurred by a sum of Gaussians exp(−r²/s²) of unit sum, with
 * the weights and widths below; the picture is continued by its edge values. <i>Valid for</i> viewing in ordinary room light,
 * straight on. <i>Accuracy</i>: within 0.01 of the definition.
 */
public final class Scielab {
    /** The white of this path. */
    public static final Xyz WHITE = new Xyz(95.047, 100, 108.883);

    private static final double[][] OPPONENT = {
        {0.2787336, 0.7218031, -0.1065520},
        {-0.4487736, 0.2898056, 0.0771569},
        {0.0859513, -0.5899859, 0.5011089}
    };
    private static final double[][] BACK = inverse(OPPONENT);

    /** Weight and width in degrees of each Gaussian, by channel. */
    private static final double[][][] FILTERS = {
        {{0.921, 0.0283}, {0.105, 0.133}, {-0.108, 4.336}},
        {{0.531, 0.0392}, {0.330, 0.494}},
        {{0.488, 0.0536}, {0.371, 0.386}}
    };

    private final int width;
    private final int height;
    private final Blur[][] across = new Blur[3][];
    private final Blur[][] down = new Blur[3][];

    /**
     * @param perDegreeAcross samples to a degree of the eye along a row
     * @param perDegreeDown samples to a degree along a column
     */
    public Scielab(int width, int height, double perDegreeAcross, double perDegreeDown) {
        if (width < 1 || height < 1 || !(perDegreeAcross > 0) || !(perDegreeDown > 0)) {
            throw new IllegalArgumentException("a picture has samples, and some to a degree; was %d × %d at %s × %s"
                    .formatted(width, height, perDegreeAcross, perDegreeDown));
        }
        this.width = width;
        this.height = height;
        for (int channel = 0; channel < 3; channel++) {
            int gaussians = FILTERS[channel].length;
            across[channel] = new Blur[gaussians];
            down[channel] = new Blur[gaussians];
            for (int n = 0; n < gaussians; n++) {
                across[channel][n] = new Blur(FILTERS[channel][n][1] * perDegreeAcross);
                down[channel][n] = new Blur(FILTERS[channel][n][1] * perDegreeDown);
            }
        }
    }

    /** The samples to a degree of a picture looked at straight on. Source: N = d · tan 1° / p. */
    public static double perDegree(double distanceMillimetres, double pitchMillimetres) {
        return distanceMillimetres * Math.tan(Math.toRadians(1)) / pitchMillimetres;
    }

    /** What is seen of a picture. */
    public LabField seen(XyzField picture) {
        if (picture.width() != width || picture.height() != height) {
            throw new IllegalArgumentException("this eye looks at %d × %d samples, was %d × %d"
                    .formatted(width, height, picture.width(), picture.height()));
        }
        return lab(blurred(picture));
    }

    /** The same blur of a change between two pictures: the filters are linear. */
    XyzField blurred(XyzField change) {
        float[][][] planes = planes(change);
        XyzField out = new XyzField(width, height);
        for (int row = 0; row < height; row++) {
            for (int column = 0; column < width; column++) {
                double one = planes[0][row][column];
                double two = planes[1][row][column];
                double three = planes[2][row][column];
                int at = row * width + column;
                out.x()[at] = BACK[0][0] * one + BACK[0][1] * two + BACK[0][2] * three;
                out.y()[at] = BACK[1][0] * one + BACK[1][1] * two + BACK[1][2] * three;
                out.z()[at] = BACK[2][0] * one + BACK[2][1] * two + BACK[2][2] * three;
            }
        }
        return out;
    }

    /**
     * One and the same change in all three opponent channels, each blurred as that channel is. What changes by so much of a
     * colour, and not into which, is blurred once for all colours.
     *
     * @return by channel, sample by sample
     */
    float[][] blurred(float[] change) {
        Planes planes = new Planes();
        float[][] plane = planes.take(height, width);
        for (int row = 0; row < height; row++) {
            System.arraycopy(change, row * width, plane[row], 0, width);
        }
        float[][] out = new float[3][width * height];
        for (int channel = 0; channel < 3; channel++) {
            float[][] seen = blurred(channel, plane, planes);
            for (int row = 0; row < height; row++) {
                System.arraycopy(seen[row], 0, out[channel], row * width, width);
            }
        }
        return out;
    }

    /** A colour, or a difference between two, in the opponent channels. */
    static double[] opponent(Xyz colour) {
        double[] channels = new double[3];
        for (int channel = 0; channel < 3; channel++) {
            double[] row = OPPONENT[channel];
            channels[channel] = row[0] * colour.x() + row[1] * colour.y() + row[2] * colour.z();
        }
        return channels;
    }

    static Xyz back(double one, double two, double three) {
        return new Xyz(
                BACK[0][0] * one + BACK[0][1] * two + BACK[0][2] * three,
                BACK[1][0] * one + BACK[1][1] * two + BACK[1][2] * three,
                BACK[2][0] * one + BACK[2][1] * two + BACK[2][2] * three);
    }

    private float[][][] planes(XyzField picture) {
        Planes planes = new Planes();
        float[][][] blurred = new float[3][][];
        for (int channel = 0; channel < 3; channel++) {
            float[][] plane = opponent(OPPONENT[channel], picture, planes);
            blurred[channel] = blurred(channel, plane, planes);
            planes.give(plane);
        }
        return blurred;
    }

    /** An opponent channel. */
    private float[][] opponent(double[] row, XyzField picture, Planes planes) {
        double[] x = picture.x();
        double[] y = picture.y();
        double[] z = picture.z();
        float[][] upright = planes.take(height, width);
        for (int down = 0; down < height; down++) {
            float[] line = upright[down];
            int from = down * width;
            for (int at = 0; at < width; at++) {
                line[at] = (float) (row[0] * x[from + at] + row[1] * y[from + at] + row[2] * z[from + at]);
            }
        }
        return upright;
    }

    private float[][] blurred(int channel, float[][] plane, Planes planes) {
        double sum = 0;
        for (double[] gaussian : FILTERS[channel]) {
            sum += gaussian[0];
        }
        float[][] out = new float[height][width];
        for (int n = 0; n < FILTERS[channel].length; n++) {
            float weight = (float) (FILTERS[channel][n][0] / sum);
            float[][] one = Blur.of(plane, down[channel][n], across[channel][n], planes);
            for (int row = 0; row < height; row++) {
                float[] to = out[row];
                float[] from = one[row];
                for (int at = 0; at < width; at++) {
                    to[at] += weight * from[at];
                }
            }
            planes.give(one);
        }
        return out;
    }

    private LabField lab(XyzField seen) {
        LabField field = new LabField(width, height);
        for (int at = 0; at < width * height; at++) {
            field.put(at, seen.x()[at], seen.y()[at], seen.z()[at]);
        }
        return field;
    }

    private static double[][] inverse(double[][] m) {
        double[][] cofactors = new double[3][3];
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 3; column++) {
                int r1 = (row + 1) % 3;
                int r2 = (row + 2) % 3;
                int c1 = (column + 1) % 3;
                int c2 = (column + 2) % 3;
                cofactors[column][row] = m[r1][c1] * m[r2][c2] - m[r1][c2] * m[r2][c1];
            }
        }
        double determinant = m[0][0] * cofactors[0][0] + m[0][1] * cofactors[1][0] + m[0][2] * cofactors[2][0];
        for (double[] row : cofactors) {
            for (int column = 0; column < 3; column++) {
                row[column] /= determinant;
            }
        }
        return cofactors;
    }
}
