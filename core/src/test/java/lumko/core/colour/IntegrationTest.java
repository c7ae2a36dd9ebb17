package lumko.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.assertj.core.data.Offset;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The weights for every 10 nm against the definition of tristimulus values, the sum over the CIE's own tables: every 1 nm for
 * D65, D50 and A, every 5 nm for F11, whose lines stand in that table only. Source: CIE 15:2018, 7.1; tables of ISO/CIE 11664-1 and -2.
 */
class IntegrationTest {
    private static final int FIRST = 360;
    private static final int LAST = 780;

    private static final List<CSVRecord> OBSERVERS = table("observers-1nm.csv");
    private static final List<CSVRecord> LIGHTS = table("illuminants-5nm.csv");

    /** Paints as they are: whites that drop at the blue end, greys that lean, earths, a deep green, a dirty pink. */
    private static final List<DoubleUnaryOperator> PAINTS = List.of(
            nm -> 0.88 / (1 + Math.exp(-(nm - 398) / 9)),
            nm -> 0.45 - 0.1 * (nm - 400) / 300,
            nm -> 0.08 + 0.5 / (1 + Math.exp(-(nm - 540) / 28)),
            nm -> 0.05 + 0.18 * Math.exp(-Math.pow((nm - 525) / 45, 2)),
            nm -> 0.35 + 0.3 / (1 + Math.exp(-(nm - 590) / 25)) + 0.12 * Math.exp(-Math.pow((nm - 440) / 50, 2)));

    private static List<CSVRecord> table(String name) {
        try (Reader in = new InputStreamReader(
                        Objects.requireNonNull(IntegrationTest.class.getResourceAsStream(name)),
                        StandardCharsets.UTF_8);
                var records = CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get()
                        .parse(in)) {
            return records.getRecords();
        } catch (IOException broken) {
            throw new java.io.UncheckedIOException(broken);
        }
    }

    static Stream<Arguments> everyPaintUnderEveryLight() {
        List<Arguments> cases = new ArrayList<>();
        for (Illuminant light : Illuminant.values()) {
            for (Observer eye : Observer.values()) {
                for (int paint = 0; paint < PAINTS.size(); paint++) {
                    cases.add(Arguments.of(light, eye, paint));
                }
            }
        }
        return cases.stream();
    }

    @ParameterizedTest
    @MethodSource("everyPaintUnderEveryLight")
    void fortyThreeBandsAreTheIntegral(Illuminant light, Observer eye, int paint) {
        DoubleUnaryOperator reflectance = PAINTS.get(paint);
        check(light, eye, reflectance, 360, 43);
    }

    @ParameterizedTest
    @MethodSource("everyPaintUnderEveryLight")
    void thirtyOneBandsAreTheIntegralOfWhatGoesOnAsItEnds(Illuminant light, Observer eye, int paint) {
        DoubleUnaryOperator reflectance = PAINTS.get(paint);
        check(light, eye, nm -> reflectance.applyAsDouble(Math.clamp(nm, 400, 700)), 400, 31);
    }

    private static void check(Illuminant light, Observer eye, DoubleUnaryOperator reflectance, int start, int bands) {
        double[] factors = new double[bands];
        for (int i = 0; i < bands; i++) {
            factors[i] = reflectance.applyAsDouble(start + 10.0 * i);
        }
        Xyz weighed = Colorimetry.of(light, eye).xyz(Spectrum.of(start, factors));
        Xyz summed = sum(light, eye, reflectance);
        Offset<Double> close = Offset.offset(light == Illuminant.F11 ? 0.05 : 0.02);
        assertThat(weighed.x()).isCloseTo(summed.x(), close);
        assertThat(weighed.y()).isCloseTo(summed.y(), close);
        assertThat(weighed.z()).isCloseTo(summed.z(), close);
    }

    private static Xyz sum(Illuminant light, Observer eye, DoubleUnaryOperator reflectance) {
        double x = 0;
        double y = 0;
        double z = 0;
        double white = 0;
        int step = light == Illuminant.F11 ? 5 : 1;
        for (int nm = FIRST; nm <= LAST; nm += step) {
            CSVRecord observer = OBSERVERS.get(nm - FIRST);
            double power = power(light, nm);
            double factor = reflectance.applyAsDouble(nm);
            x += power * factor * Double.parseDouble(observer.get("x" + eye.degrees()));
            y += power * factor * Double.parseDouble(observer.get("y" + eye.degrees()));
            z += power * factor * Double.parseDouble(observer.get("z" + eye.degrees()));
            white += power * Double.parseDouble(observer.get("y" + eye.degrees()));
        }
        return new Xyz(100 * x / white, 100 * y / white, 100 * z / white);
    }

    /** Between the 5 nm of its table a light goes straight. */
    private static double power(Illuminant light, int nm) {
        int below = (nm - FIRST) / 5;
        double share = (nm - FIRST) % 5 / 5.0;
        double low = Double.parseDouble(LIGHTS.get(below).get(light.name()));
        return share == 0
                ? low
                : low + share * (Double.parseDouble(LIGHTS.get(below + 1).get(light.name())) - low);
    }
}
