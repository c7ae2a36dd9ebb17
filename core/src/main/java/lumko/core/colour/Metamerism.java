package lumko.core.colour;

import java.util.EnumMap;
import java.util.Map;

/** How a match in daylight holds under other lights. */
public record Metamerism(Map<Illuminant, Double> differences) {
    /** From here a match that holds in daylight is seen to part under another light, ΔE00. */
    public static final double PARTS_FROM = 1;

    public static Metamerism of(Spectrum one, Spectrum other) {
        Map<Illuminant, Double> differences = new EnumMap<>(Illuminant.class);
        for (Illuminant illuminant : Illuminant.values()) {
            Colorimetry seen = Colorimetry.of(illuminant, Observer.DEGREES_10);
            differences.put(illuminant, ColourDifference.between(seen.lab(one), seen.lab(other)));
        }
        return new Metamerism(differences);
    }

    public double under(Illuminant illuminant) {
        return differences.getOrDefault(illuminant, 0.0);
    }

    /** Whether it matches under every light. */
    public boolean holds() {
        return differences.values().stream().allMatch(each -> each < PARTS_FROM);
    }

    /** Whether what matches in daylight is told apart under a lamp. */
    public boolean parts() {
        return under(Illuminant.D65) < PARTS_FROM
                && differences.values().stream().anyMatch(each -> each >= PARTS_FROM);
    }
}
