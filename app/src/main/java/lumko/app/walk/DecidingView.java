package lumko.app.walk;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.Words;
import lumko.core.judge.Deciding;
import lumko.core.judge.Verdict;

/** On which places a verdict hangs, and what would change it, put into words. */
public final class DecidingView {
    private static final int MOST_TOLD = 3;

    private final WalkedWall wall;
    private final Verdict verdict;
    private final Words words;

    DecidingView(WalkedWall wall, Words words) {
        this.wall = wall;
        this.verdict = wall.verdict();
        this.words = words;
    }

    /** A sentence about a place, and its mark. */
    public record Spot(UUID markId, String sentence) {}

    /** The places that force the roll; where nothing does, those that would show first. */
    public List<Spot> spots() {
        if (wall.marks().size() == 1) {
            return List.of(new Spot(wall.marks().getFirst().id(), words.say("decides.try")));
        }
        Deciding deciding = verdict.deciding().get();
        if (!deciding.forcing().isEmpty()) {
            return deciding.forcing().stream()
                    .limit(MOST_TOLD)
                    .flatMap(key -> mark(key).stream())
                    .map(mark -> new Spot(mark.id(), words.say("decides.forces", what(mark), up(mark))))
                    .toList();
        }
        if (!verdict.action().isSpots()) {
            return List.of();
        }
        return deciding.likeliest().stream()
                .limit(1)
                .flatMap(ranked -> mark(ranked.key()).stream()
                        .map(mark -> new Spot(
                                mark.id(),
                                words.say("decides.first", what(mark), up(mark), words.chance(ranked.shows())))))
                .toList();
    }

    private Optional<PlacedMark> mark(String key) {
        return wall.marks().stream()
                .filter(mark -> mark.id().toString().equals(key))
                .findFirst();
    }

    private String what(PlacedMark mark) {
        return new MarkWords(words).of(mark.mark());
    }

    private String up(PlacedMark mark) {
        return words.place(mark.mark().centre().aboveFloor());
    }

    /** Whether anything is painted that could be painted otherwise. */
    public boolean isAsked() {
        return wall.hasWork() && !wall.marks().isEmpty();
    }

    public List<String> changes() {
        return verdict.changes().get().stream()
                .map(change -> words.say(
                        "decides.change",
                        words.say("Change." + change.kind().name()),
                        VerdictView.name(wall, change.action(), words),
                        words.chance(change.shows().likely())))
                .toList();
    }
}
