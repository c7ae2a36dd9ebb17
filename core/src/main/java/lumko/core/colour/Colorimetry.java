package lumko.core.colour;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;

/**
 * Tristimulus values and CIELAB of reflectances under a light, for an eye, by weights for data every 10 nm. What a spectrum
 * does not cover is taken to be as in its end bands. Source: ASTM E308 and E2022; CIE 15:2018.
 */
public final class Colorimetry {
    /** The light and eye that walls are judged with. */
    public static final Colorimetry DAYLIGHT = of(Illuminant.D65, Observer.DEGREES_10);

    private static final int FIRST = 360;
    private static final int LAST = 780;

    private final double[][] full;
    private final double[][] visible;
    private final Xyz white;

    private Colorimetry(double[][] full) {
        this.full = full;
        this.visible = folded(Spectrum.START, Spectrum.BANDS);
        double[] sums = new double[3];
        for (double[] weight : full) {
            for (int i = 0; i < 3; i++) {
                sums[i] += weight[i];
            }
        }
        this.white = new Xyz(sums[0], 100, sums[2]);
    }

    /** How colours are seen under a light by an eye. */
    public static Colorimetry of(Illuminant illuminant, Observer observer) {
        return Objects.requireNonNull(
                Objects.requireNonNull(Tables.ALL.get(illuminant)).get(observer));
    }

    /** The weights of the bands a spectrum has; what lies outside is added to its end bands. */
    private double[][] folded(int start, int bands) {
        double[][] weights = new double[bands][3];
        for (int i = 0; i < full.length; i++) {
            int band = (FIRST + i * Spectrum.STEP - start) / Spectrum.STEP;
            int into = FIRST + i * Spectrum.STEP < start ? 0 : Math.min(band, bands - 1);
            for (int k = 0; k < 3; k++) {
                weights[into][k] += full[i][k];
            }
        }
        return weights;
    }

    /** The white that colours are relative to: that of the perfect diffuser by the same weights. */
    public Xyz white() {
        return white;
    }

    public Xyz xyz(Spectrum spectrum) {
        boolean usual = spectrum.start() == Spectrum.START && spectrum.bands() == Spectrum.BANDS;
        double[][] weights = usual ? visible : folded(spectrum.start(), spectrum.bands());
        double x = 0;
        double y = 0;
        double z = 0;
        for (int band = 0; band < weights.length; band++) {
            double factor = spectrum.at(band);
            x += weights[band][0] * factor;
            y += weights[band][1] * factor;
            z += weights[band][2] * factor;
        }
        return new Xyz(x, y, z);
    }

    /** Tristimulus values of 31 factors from 400 to 700 nm, for inner loops. */
    public Xyz xyz(double[] factors) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int band = 0; band < Spectrum.BANDS; band++) {
            x += visible[band][0] * factors[band];
            y += visible[band][1] * factors[band];
            z += visible[band][2] * factors[band];
        }
        return new Xyz(x, y, z);
    }

    public Lab lab(Spectrum spectrum) {
        return Lab.of(xyz(spectrum), white);
    }

    public Lab lab(double[] factors) {
        return Lab.of(xyz(factors), white);
    }

    /** The weight of a band of the 31 on X, Y or Z. */
    double weight(int band, int coordinate) {
        return visible[band][coordinate];
    }

    /** Reads the weights once. */
    private static final class Tables {
        private static final Map<Illuminant, Map<Observer, Colorimetry>> ALL = read();

        private static Map<Illuminant, Map<Observer, Colorimetry>> read() {
            Map<Illuminant, Map<Observer, double[][]>> weights = new EnumMap<>(Illuminant.class);
            for (Illuminant illuminant : Illuminant.values()) {
                Map<Observer, double[][]> both = new EnumMap<>(Observer.class);
                for (Observer observer : Observer.values()) {
                    both.put(observer, new double[(LAST - FIRST) / Spectrum.STEP + 1][3]);
                }
                weights.put(illuminant, both);
            }
            try (InputStream in = Objects.requireNonNull(Colorimetry.class.getResourceAsStream("weights-10nm.csv"));
                    BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                lines.readLine();
                for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                    String[] cells = line.split(",");
                    Observer observer = cells[1].equals("2") ? Observer.DEGREES_2 : Observer.DEGREES_10;
                    double[] row =
                            Objects.requireNonNull(Objects.requireNonNull(weights.get(Illuminant.valueOf(cells[0])))
                                    .get(observer))[(Integer.parseInt(cells[2]) - FIRST) / Spectrum.STEP];
                    for (int k = 0; k < 3; k++) {
                        row[k] = Double.parseDouble(cells[3 + k]);
                    }
                }
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
            Map<Illuminant, Map<Observer, Colorimetry>> all = new EnumMap<>(Illuminant.class);
            weights.forEach((illuminant, both) -> {
                Map<Observer, Colorimetry> eyes = new EnumMap<>(Observer.class);
                both.forEach((observer, table) -> eyes.put(observer, new Colorimetry(table)));
                all.put(illuminant, eyes);
            });
            return all;
        }
    }
}
