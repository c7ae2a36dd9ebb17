package lumko.app.exchange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Paints;
import lumko.app.formats.ColourFile;
import lumko.app.formats.Sample;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Srgb;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes colours out of files onto the record, and gives them out. */
@Service
@Transactional
class Exchange {
    private final Paints paints;
    private final Access access;

    Exchange(Paints paints, Access access) {
        this.paints = paints;
        this.access = access;
    }

    /** What became of a file. */
    record Taken(List<String> added, List<String> measured, List<String> leftAlone, boolean wasPercent) {}

    /** Every colour of the record as it is known: by its reflectance, its Lab, or what a screen shows. */
    @Transactional(readOnly = true)
    public List<Sample> all() {
        return paints.book().coloursByName().stream().map(Sample::of).toList();
    }

    /** New names are added, known ones that nobody measured are measured by the file; what was measured stays. */
    public Taken take(ColourFile file) {
        access.requirePainter();
        Map<String, Colour> known = new HashMap<>();
        paints.book().coloursByName().forEach(colour -> known.put(colour.name().toLowerCase(Locale.ROOT), colour));
        List<String> added = new ArrayList<>();
        List<String> measured = new ArrayList<>();
        List<String> leftAlone = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (Sample sample : file.samples()) {
            String key = sample.name().toLowerCase(Locale.ROOT);
            if (key.isEmpty() || !sample.hasColour() || !seen.add(key)) {
                leftAlone.add(sample.name());
                continue;
            }
            Colour colour = known.get(key);
            if (colour == null) {
                add(sample);
                added.add(sample.name());
            } else if (colour.isApproximate() && sample.spectrum().isPresent()) {
                paints.measure(colour.id(), sample.spectrum().get());
                measured.add(sample.name());
            } else {
                leftAlone.add(sample.name());
            }
        }
        return new Taken(added, measured, leftAlone, file.isPercent());
    }

    private void add(Sample sample) {
        UUID id = paints.addColour(
                sample.name(),
                sample.code(),
                sample.maker(),
                sample.formula(),
                sample.screen()
                        .orElseGet(() -> Srgb.of(SmoothReflectance.of(sample.seen(), Colorimetry.DAYLIGHT))
                                .srgb()));
        sample.lab().ifPresent(lab -> paints.give(id, lab));
        sample.spectrum().ifPresent(spectrum -> paints.measure(id, spectrum));
    }
}
