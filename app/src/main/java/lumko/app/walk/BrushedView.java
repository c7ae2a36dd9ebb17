package lumko.app.walk;

import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.platform.Words;
import lumko.core.hold.Holding;

/**
 * The trim of a room, or a fixture in it, put into words.
 *
 * @param paint the two questions about its paint, where it is painted
 */
public record BrushedView(WalkedTrim trim, Optional<PaintView> paint, Words words) {
    private boolean isFixture() {
        return trim.surface().fixture().isPresent();
    }

    public UUID surfaceId() {
        return trim.surface().id();
    }

    public int version() {
        return trim.visit().version();
    }

    public String id() {
        return isFixture() ? "fixture-" + surfaceId() : "the-trim";
    }

    public String name() {
        return isFixture() ? trim.surface().called(words) : words.say("walk.trim");
    }

    public boolean isPainted() {
        return trim.isPainted();
    }

    /** Whether something has to be said before it can be on a sheet. */
    public boolean isOpen() {
        return trim.isPainted() && !trim.isReadyForSheet();
    }

    /** Whether it is painted, and in what. */
    public String says() {
        if (!trim.isPainted()) {
            return words.say("walk.trimLeft");
        }
        String goesOn = trim.paint().map(paint -> ", " + paint.name()).orElse("");
        return words.say(trim.isReadyForSheet() ? "walk.trimPainted" : "walk.trimNotConfirmed", goesOn);
    }

    /** Whether that holds, and what it needs first. */
    public String holds() {
        Holding holding = trim.holding();
        return words.name(holding.answer())
                + (holding.needs().isEmpty()
                        ? ""
                        : ": " + holding.needs().stream().map(words::name).collect(Collectors.joining(", ")));
    }

    /** What the button says that decides on it. */
    public String button() {
        String what = isFixture() ? "Fixture" : "Trim";
        return words.say((trim.isPainted() ? "walk.leave" : "walk.paint") + what);
    }
}
