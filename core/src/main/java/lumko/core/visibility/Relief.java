package lumko.core.visibility;

import java.util.Random;

/**
 * The stipple of a surface: how steep it is, sample by sample, along a row and along a column, for a root mean square of 1. The
 * same for the same period and grid, so that a wall is the same wall whatever is tried on it.
 */
final class Relief {
    private static final int WAVES = 12;
    private static final long SEED = 20;

    /** Periods of a stipple differ by so much, as a share. ASSUMPTION. */
    private static final double SPREAD = 0.2;

    /** Where nothing comes from a direction it does not matter. */
    static final Relief NONE = new Relief();

    private final float[] across;
    private final float[] down;

    /**
     * Waves of one period in all directions. What is finer than the grid is averaged out, as the eye would.
     *
     * @param pitchAcross of the samples along a row, in mm
     */
    Relief(double periodMillimetres, int width, int height, double pitchAcross, double pitchDown) {
        across = new float[width * height];
        down = new float[width * height];
        Random random = new Random(SEED);
        for (int wave = 0; wave < WAVES; wave++) {
            double direction = Math.PI * (wave + random.nextDouble()) / WAVES;
            double k = 2 * Math.PI / (periodMillimetres * (1 + SPREAD * (random.nextDouble() - 0.5)));
            double phase = 2 * Math.PI * random.nextDouble();
            double kx = k * Math.cos(direction) * pitchAcross;
            double ky = k * Math.sin(direction) * pitchDown;
            double left = average(kx) * average(ky) * Math.sqrt(2.0 / WAVES);
            if (left > 1e-3) {
                add(width, height, kx, ky, phase, left * Math.cos(direction), left * Math.sin(direction));
            }
        }
    }

    /** What is left of a wave where it is averaged over a sample; nothing where a sample holds half of it and more. */
    private static double average(double k) {
        return Math.abs(k) >= Math.PI ? 0 : k == 0 ? 1 : Math.sin(k / 2) / (k / 2);
    }

    /** Row by row, turning one sample on instead of asking for a cosine each. */
    private void add(int width, int height, double kx, double ky, double phase, double toAcross, double toDown) {
        double turnRe = Math.cos(kx);
        double turnIm = Math.sin(kx);
        for (int row = 0; row < height; row++) {
            double re = Math.cos(phase + ky * row);
            double im = Math.sin(phase + ky * row);
            int at = row * width;
            for (int column = 0; column < width; column++) {
                across[at + column] += (float) (toAcross * re);
                down[at + column] += (float) (toDown * re);
                double next = re * turnRe - im * turnIm;
                im = re * turnIm + im * turnRe;
                re = next;
            }
        }
    }

    private Relief() {
        across = new float[0];
        down = across;
    }

    float across(int at) {
        return across.length == 0 ? 0 : across[at];
    }

    float down(int at) {
        return down.length == 0 ? 0 : down[at];
    }
}
