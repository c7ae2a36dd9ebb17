package lumko.app.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import lumko.app.platform.Words;
import lumko.core.plan.Chain;

/** Says what holds a flat up, one sentence a link, leaving out what simply follows without a wait. */
final class ChainWords {
    /** Shorter than this nobody notices a pause. */
    private static final int PAUSE_FROM_MIN = 10;

    private final Words words;
    private final Instant now;

    ChainWords(Words words, Instant now) {
        this.words = words;
        this.now = now;
    }

    /**
     * @param most the last so many are told: they decide
     */
    List<String> sentences(List<Held> chain, int most) {
        List<String> sentences = new ArrayList<>();
        for (int i = 0; i < chain.size(); i++) {
            Held held = chain.get(i);
            boolean hasWaited = i == 0
                    || isPaused(held)
                    || held.held() != Chain.Held.HANDS
                            && Duration.between(chain.get(i - 1).endsAt(), held.free())
                                            .toMinutes()
                                    > 0;
            if (hasWaited || i == chain.size() - 1) {
                sentences.add(
                        sentence(held, i == 0 ? held.free() : chain.get(i - 1).endsAt()));
            }
        }
        return sentences.subList(Math.max(0, sentences.size() - most), sentences.size());
    }

    private String sentence(Held held, Instant before) {
        String what = words.say("step." + held.kind());
        String rooms =
                held.rooms().isEmpty() || held.rooms().size() > 2 ? "" : " (" + String.join(", ", held.rooms()) + ")";
        String begins = words.say("chain.begins", what + rooms, held.person(), words.moment(held.beginsAt(), now));
        return begins + ": " + because(held, before) + pause(held);
    }

    private String because(Held held, Instant before) {
        String free = words.moment(held.free(), now);
        boolean isDrying = Duration.between(before, held.free()).toMinutes() > 0;
        return switch (held.held()) {
            case DRYING ->
                held.byKind().isEmpty() || !isDrying
                        ? words.say(
                                "chain.after",
                                words.say("step." + (held.byKind().isEmpty() ? held.kind() : held.byKind())))
                        : !isPaused(held)
                                ? words.say("chain.isDry", words.say("step." + held.byKind()))
                                : words.say("chain.dries", words.say("step." + held.byKind()), free);
            case HANDS ->
                held.byFlat().isEmpty()
                        ? words.say("chain.hands", held.person(), free)
                        : words.say("chain.handsElsewhere", held.person(), held.byFlat(), free);
            case KEYS -> words.say("chain.keys", free);
            case PAINT -> words.say(held.awaitsPaint() ? "chain.paintComes" : "chain.paint", free);
            case SETTLED -> words.say("chain.settled");
            case CHOSEN -> words.say("chain.chosen", free);
        };
    }

    private String pause(Held held) {
        return isPaused(held) ? words.say("chain.pause", words.duration(Duration.ofMinutes(held.pause()))) : "";
    }

    private static boolean isPaused(Held held) {
        return held.pause() >= PAUSE_FROM_MIN;
    }
}
