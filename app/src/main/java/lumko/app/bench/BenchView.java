package lumko.app.bench;

import lumko.app.platform.Words;
import lumko.core.colour.Lab;
import lumko.core.colour.Seen;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.film.CoatOdds;
import lumko.core.film.WetPaint;

/** The bench put into words, colours and curves. */
public final class BenchView {
    private static final double STEP_OF_LIGHTNESS = 3;
    private static final double HARDLY = 0.5;

    private final Words words;

    BenchView(Words words) {
        this.words = words;
    }

    public String seen(double difference) {
        return words.name(Seen.of(difference));
    }

    public String lab(Lab lab) {
        return words.say(
                "reading.lab", words.fixed(lab.lightness(), 1), words.fixed(lab.a(), 1), words.fixed(lab.b(), 1));
    }

    /** What the screen shows of a reflectance in daylight. */
    public String hex(Spectrum spectrum) {
        return Srgb.of(spectrum).srgb().hex();
    }

    /** A curve of reflectance on 300 × 100: 400–700 nm across, 0–1 up. */
    public String curve(BenchColour colour) {
        double[] factors = colour.spectrum().visible();
        StringBuilder path = new StringBuilder();
        for (int band = 0; band < factors.length; band++) {
            path.append(band == 0 ? 'M' : 'L')
                    .append(10 * band)
                    .append(' ')
                    .append(Math.round(1000 - 1000 * Math.min(1, factors[band])) / 10.0);
        }
        return path.toString();
    }

    /** The same colour one shade darker or lighter, as a key. */
    public String shade(BenchColour colour, boolean darker) {
        Lab lab = colour.lab();
        double lightness =
                Math.max(2, Math.min(98, lab.lightness() + (darker ? -STEP_OF_LIGHTNESS : STEP_OF_LIGHTNESS)));
        return "lab:%s,%s,%s"
                .formatted(
                        Math.round(lightness * 100) / 100.0,
                        Math.round(lab.a() * 100) / 100.0,
                        Math.round(lab.b() * 100) / 100.0);
    }

    /** How likely one more coat is than hides by the film of the sheet, and what that rests on. */
    public String odds(Bench.Hidden hidden) {
        CoatOdds odds = hidden.odds();
        return words.say(
                odds.seen() == 0 ? "bench.odds" : "bench.oddsSeen",
                hidden.planned() + 1,
                Math.round(100 * odds.chance()),
                odds.seen(),
                odds.more());
    }

    /** How it looks before it has dried. */
    public String wet(WetPaint wet) {
        if (wet.most() == 0) {
            return words.say("bench.wetAsDry");
        }
        return wet.most() < HARDLY
                ? words.say("bench.wetHardly", words.fixed(HARDLY, 1))
                : words.say(
                        "bench.wet",
                        words.fixed(wet.difference(), 1),
                        words.fixed(wet.least(), 1),
                        words.fixed(wet.most(), 1));
    }

    public String coats(Bench.Hidden hidden) {
        int needed = hidden.coats().needed();
        return needed > hidden.coats().left().size()
                ? words.say("bench.neverHides", hidden.coats().left().size())
                : words.say(needed == 1 ? "bench.oneCoat" : "bench.coats", needed);
    }
}
