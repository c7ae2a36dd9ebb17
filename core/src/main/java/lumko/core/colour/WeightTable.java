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
 * The published weights, read once from the table that ships with the core; the one file that core reads. Source: made in the
 * way of ASTM E2022 from the CIE's tables, 360–780 nm.
 */
final class WeightTable {
    static final Map<Illuminant, Map<Observer, Colorimetry>> ALL = read();

    private WeightTable() {}

    private static Map<Illuminant, Map<Observer, Colorimetry>> read() {
        Map<String, double[][]> weights = new java.util.HashMap<>();
        try (InputStream in = Objects.requireNonNull(WeightTable.class.getResourceAsStream("weights-10nm.csv"));
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            lines.readLine();
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                String[] cells = line.split(",");
                double[] row = weights.computeIfAbsent(
                                cells[0] + " " + cells[1],
                                key -> new double[(Colorimetry.LAST - Colorimetry.FIRST) / Spectrum.STEP + 1][3])[
                        (Integer.parseInt(cells[2]) - Colorimetry.FIRST) / Spectrum.STEP];
                for (int k = 0; k < 3; k++) {
                    row[k] = Double.parseDouble(cells[3 + k]);
                }
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        Map<Illuminant, Map<Observer, Colorimetry>> all = new EnumMap<>(Illuminant.class);
        for (Illuminant illuminant : Illuminant.values()) {
            Map<Observer, Colorimetry> eyes = new EnumMap<>(Observer.class);
            for (Observer observer : Observer.values()) {
                eyes.put(
                        observer,
                        new Colorimetry(Objects.requireNonNull(weights.get(illuminant + " " + observer.degrees()))));
            }
            all.put(illuminant, eyes);
        }
        return all;
    }
}
