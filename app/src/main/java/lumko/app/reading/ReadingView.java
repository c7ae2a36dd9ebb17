package lumko.app.reading;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lumko.app.platform.Words;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Illuminant;
import lumko.core.colour.Lab;
import lumko.core.colour.Reading;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.film.Ageing;

/** A reading put into words and colours. */
public final class ReadingView {
    private static final Pattern SELF =
            Pattern.compile("geometry=(?<geometry>\\S+) aperture=(?<aperture>[0-9.]+) bands=\\S+ name=(?<name>.+)");

    private final Words words;

    ReadingView(Words words) {
        this.words = words;
    }

    /** The instrument as a person names it, where it has said what it is; otherwise as it was noted. */
    public String instrument(WallReading reading) {
        Matcher said = SELF.matcher(reading.instrument());
        return said.find()
                ? words.say("reading.instrument", said.group("name"), said.group("geometry"), said.group("aperture"))
                : reading.instrument();
    }

    /** Where to set it down, by the width of its window. */
    public String place(WallReading reading) {
        Matcher said = SELF.matcher(reading.instrument());
        return said.find() ? words.say("reading.placeBy", said.group("aperture")) : words.say("reading.place");
    }

    public String hex(Spectrum spectrum) {
        return Srgb.of(spectrum).srgb().hex();
    }

    /** The nearest the screen can show of a colour given for daylight, 10°. */
    public String hex(Lab lab) {
        return Srgb.of(lab).srgb().hex();
    }

    public String lab(Lab lab) {
        return words.say(
                "reading.lab", words.fixed(lab.lightness(), 1), words.fixed(lab.a(), 1), words.fixed(lab.b(), 1));
    }

    /** How far one place lies from all of them together. */
    public String away(WallReading reading, int index) {
        Reading result = reading.result().orElseThrow();
        double difference = ColourDifference.between(
                Colorimetry.DAYLIGHT.lab(reading.shots().get(index)), result.lab());
        return words.say(
                result.kept().contains(index) ? "reading.away" : "reading.leftOut", words.fixed(difference, 2));
    }

    public String difference(Candidate candidate) {
        return words.say(
                candidate.match().cannotBeToldApart() ? "reading.cannotTell" : "reading.differs",
                words.fixed(candidate.match().difference(), 1),
                words.fixed(candidate.match().uncertainty(), 1));
    }

    /** Where it is known from, and how old it would be. */
    public String from(Candidate candidate) {
        return words.say(
                candidate.age().isKnown() ? "reading.from" : "reading.fromUnknownAge",
                candidate.from(),
                words.number(candidate.age().yearsOr(Ageing.USUAL_YEARS), 1));
    }

    /** Whether the two part under a lamp. */
    public String otherLights(Candidate candidate) {
        return candidate
                .otherLights()
                .map(lights -> words.say(
                        lights.parts() ? "reading.parts" : lights.holds() ? "reading.holds" : "reading.lamps",
                        words.fixed(lights.under(Illuminant.A), 1),
                        words.fixed(lights.under(Illuminant.F11), 1)))
                .orElseGet(() -> words.say("reading.neverMeasured"));
    }
}
