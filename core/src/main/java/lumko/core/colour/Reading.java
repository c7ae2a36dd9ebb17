package lumko.core.colour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What several readings of one surface say together.
 *
 * @param mean of those that were kept
 * @param kept the readings that count, by their position
 * @param spread mean colour difference from the mean, ΔE00 (MCDM)
 * @param uncertainty how far the mean may be off, ΔE00, with the instrument's own
 */
public record Reading(Spectrum mean, List<Integer> kept, double spread, double uncertainty) {
    /** A reading so many times as far from the middle one as the others usually are is left out. ASSUMPTION. */
    private static final double OUTLIER = 3;

    /** Readings nearer to the middle than this are never left out, ΔE00. ASSUMPTION: what a steady hand repeats. */
    private static final double STEADY = 0.3;

    public Reading {
        kept = List.copyOf(kept);
    }

    /**
     * @param readings of one surface, at least one; where their bands differ, 400–700 nm count
     * @param instrument what the instrument itself is uncertain by, ΔE00
     */
    public static Reading of(List<Spectrum> readings, double instrument) {
        if (readings.isEmpty()) {
            throw new IllegalArgumentException("a reading needs at least one measurement");
        }
        List<Integer> kept = keep(readings);
        Spectrum mean = mean(alike(kept.stream().map(readings::get).toList()));
        Lab centre = Colorimetry.DAYLIGHT.lab(mean);
        double spread = kept.stream()
                .mapToDouble(index -> ColourDifference.between(Colorimetry.DAYLIGHT.lab(readings.get(index)), centre))
                .average()
                .orElse(0);
        double ofMean = spread / Math.sqrt(kept.size());
        return new Reading(mean, kept, spread, Math.hypot(ofMean, instrument));
    }

    private static List<Spectrum> alike(List<Spectrum> readings) {
        boolean same = readings.stream()
                        .map(each -> List.of(each.start(), each.bands()))
                        .distinct()
                        .count()
                == 1;
        return same
                ? readings
                : readings.stream()
                        .map(each -> Spectrum.of(Spectrum.START, each.visible()))
                        .toList();
    }

    /** All but those that lie far from the one in the middle; with fewer than three none can be told to be wrong. */
    private static List<Integer> keep(List<Spectrum> readings) {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < readings.size(); i++) {
            all.add(i);
        }
        if (readings.size() < 3) {
            return all;
        }
        List<Lab> labs = readings.stream().map(Colorimetry.DAYLIGHT::lab).toList();
        Lab middle = labs.stream()
                .min(Comparator.comparingDouble(lab -> labs.stream()
                        .mapToDouble(other -> ColourDifference.between(lab, other))
                        .sum()))
                .orElseThrow();
        double[] far = labs.stream()
                .mapToDouble(lab -> ColourDifference.between(lab, middle))
                .sorted()
                .toArray();
        double usual = far[far.length / 2];
        double limit = Math.max(STEADY, OUTLIER * usual);
        return all.stream()
                .filter(index -> ColourDifference.between(labs.get(index), middle) <= limit)
                .toList();
    }

    private static Spectrum mean(List<Spectrum> readings) {
        Spectrum first = readings.getFirst();
        double[] sum = new double[first.bands()];
        for (Spectrum reading : readings) {
            if (reading.start() != first.start() || reading.bands() != first.bands()) {
                throw new IllegalArgumentException("readings of one surface cover the same bands");
            }
            for (int band = 0; band < sum.length; band++) {
                sum[band] += reading.at(band) / readings.size();
            }
        }
        return Spectrum.of(first.start(), sum);
    }

    public Lab lab() {
        return Colorimetry.DAYLIGHT.lab(mean);
    }
}
