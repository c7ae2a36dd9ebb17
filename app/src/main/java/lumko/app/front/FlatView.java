package lumko.app.front;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import lumko.app.house.Flat;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.platform.Words;
import lumko.app.walk.AskedPlace;
import lumko.app.walk.WalkedFlat;
import lumko.app.walk.WalkedTrim;
import lumko.app.walk.WalkedWall;
import lumko.core.turnover.FlatState;

/** A flat put into words for its page. */
public final class FlatView {
    private final Flat flat;
    private final WalkedFlat whole;
    private final FlatState state;
    private final LocalDate today;
    private final Words words;

    FlatView(WalkedFlat whole, FlatState state, LocalDate today, Words words) {
        this.flat = whole.flat();
        this.whole = whole;
        this.state = state;
        this.today = today;
        this.words = words;
    }

    public String title() {
        return flat.house().name() + " " + flat.number();
    }

    public String heading() {
        return words.say("flat.heading", flat.number(), flat.house().name());
    }

    /** How it stands with the flat, and its days. */
    public String state() {
        List<String> parts = new ArrayList<>(List.of(
                flat.closedOn().map(day -> words.say("flat.closed", day)).orElseGet(() -> words.name(state))));
        flat.turnover().ifPresent(turnover -> {
            parts.add(words.say("flat.keysBack", words.fromToday(turnover.keysBackOn(), today)));
            turnover.viewingOn().ifPresent(day -> parts.add(words.say("flat.viewing", words.fromToday(day, today))));
            turnover.moveInOn().ifPresent(day -> parts.add(words.say("flat.moveIn", words.fromToday(day, today))));
        });
        return String.join(" · ", parts);
    }

    // ---- walking it

    /** Whether there is a walk to be made. */
    public boolean isWalked() {
        return flat.turnover().isPresent() && !flat.rooms().isEmpty();
    }

    private int faces() {
        return (int) flat.faces().count();
    }

    public String walkIt() {
        int left = whole.notWalked();
        return words.say(left == faces() ? "flat.walkIt" : left > 0 ? "flat.walkOn" : "flat.walkAgain");
    }

    public boolean isAllWalked() {
        return whole.notWalked() == 0;
    }

    /** Whether all that is still missing for the sheet is what is on a surface and what goes on it. */
    public boolean isNextPaint() {
        return isAllWalked() && !whole.withoutPaint().isEmpty();
    }

    /** Whether the sheet is what comes next. */
    public boolean isNextSheet() {
        return isAllWalked() && isReady() && whole.withoutPaint().isEmpty();
    }

    public String notWalked() {
        int left = whole.notWalked();
        return left > 0 ? words.say("flat.toGo", left, faces()) : words.say("flat.allWalked");
    }

    // ---- its rooms

    /** A room with nothing on record claims no light. */
    public String sizes(Room room) {
        String sizes = words.say("flat.sizes", room.wallArea(), room.outline().floorArea(), words.place(room.height()));
        return room.isLightKnown()
                ? words.say("flat.reflects", sizes, words.number(room.light().reflectance() * 100, 0))
                : sizes;
    }

    public String spoken(Room room, Surface surface) {
        return words.say("flat.surfaceSpoken", room.name(), surface.kind());
    }

    public String spoken(Room room, Strip.Piece piece) {
        return words.say(
                "flat.wallSpoken",
                room.name(),
                piece.surface().label(),
                piece.drawing().marks().size());
    }

    public String width(Strip.Piece piece) {
        return words.placeNumber(piece.surface().asWall().width());
    }

    /** What is done with a wall, in a word. */
    public String todo(Strip.Piece piece) {
        return piece.todo()
                .map(action -> words.say("actionShort." + action.name()))
                .orElse("");
    }

    // ---- its sheet

    public boolean isNothingReady() {
        return whole.ready().isEmpty()
                && whole.readyTrims().isEmpty()
                && whole.withoutPaint().isEmpty();
    }

    public boolean isReady() {
        return whole.openPlaces().isEmpty()
                && !(whole.ready().isEmpty() && whole.readyTrims().isEmpty());
    }

    public String label(WalkedWall wall) {
        return label(wall.surface());
    }

    public String label(WalkedTrim trim) {
        return label(trim.surface());
    }

    public String label(AskedPlace place) {
        return flat.labelOf(place.surfaceId(), words);
    }

    public String label(Surface surface) {
        return flat.labelOf(surface.id(), words);
    }

    /** Where a surface is walked; trim is decided on at the first wall of its room. */
    public String walk(Surface surface) {
        UUID wallId = surface.wall().isPresent()
                ? surface.id()
                : flat.roomOf(surface.id()).walls().findFirst().orElseThrow().id();
        return "/walls/" + wallId + "/walk";
    }
}
