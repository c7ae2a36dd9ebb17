package lumko.app.bench;

import lumko.app.kept.KeptResults;
import lumko.app.platform.Words;
import lumko.core.colour.Lab;
import lumko.core.colour.Seen;
import lumko.core.colour.Spectrum;
import lumko.core.colour.Srgb;
import lumko.core.film.CoatOdds;
import lumko.core.film.WetPaint;

/** The bench put into words, colours and curves. */
public final class BenchView {
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

    /** The colour one shade darker or lighter, as a key: of what is wanted where that is a shade already. */
    public String shade(BenchColour one, BenchColour other, boolean darker) {
        boolean goesOn = other.key().endsWith(":" + one.key());
        return Bench.shadeOf(goesOn ? other.key() : one.key(), darker);
    }

    /** What a kept result was kept for, before who kept it. */
    public String keptFor(KeptResults.Kept kept) {
        if (kept.tin().isPresent()) {
            return words.say("bench.keptTin", kept.tin().get()) + " · ";
        }
        if (kept.surface().isPresent()) {
            return words.say("bench.keptSurface") + " · ";
        }
        return kept.isForJob() ? words.say("bench.keptJob") + " · " : "";
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
