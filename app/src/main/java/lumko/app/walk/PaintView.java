package lumko.app.walk;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.catalogue.Paint;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Surface;
import lumko.app.platform.Words;
import lumko.app.store.Tin;
import lumko.core.record.Raw;
import org.jspecify.annotations.Nullable;

/** The two questions about the paint of a surface, put into words: of a walked wall, or of the trim of its room. */
public final class PaintView {
    private static final Set<Raw> OF_WALLS = EnumSet.of(Raw.NEW_BOARD, Raw.NEW_PLASTER, Raw.NEW_SKIM, Raw.NEW_COMPOUND);

    private final UUID wallId;
    private final Flat flat;
    private final Surface recorded;
    private final Surface found;
    private final Visit visit;
    private final List<Tin> leftOvers;
    private final Words words;

    /** @param leftOvers tins in the store that the paint on record may have come from; none where its tin is known */
    PaintView(UUID wallId, Flat flat, Surface found, Visit visit, List<Tin> leftOvers, Words words) {
        this.wallId = wallId;
        this.flat = flat;
        this.recorded = flat.surface(found.id()).orElseThrow();
        this.found = found;
        this.visit = visit;
        this.leftOvers = leftOvers;
        this.words = words;
    }

    /** Known on the page by its kind; fixtures, of which there are several, by themselves. */
    public String id(String part) {
        return switch (found.kind()) {
                    case WALL, CEILING -> "paint-";
                    case TRIM -> "trim-";
                    case FIXTURE -> "fixture-" + found.id() + "-";
                }
                + part;
    }

    public UUID wallId() {
        return wallId;
    }

    public UUID surfaceId() {
        return found.id();
    }

    public int version() {
        return visit.version();
    }

    public String heading() {
        return found.fixture().isPresent()
                ? words.say("paint.headingFixture", found.called(words))
                : words.say(found.isBrushed() ? "paint.headingTrim" : "paint.heading");
    }

    // ---- what is on it

    public boolean isOnRecord() {
        return recorded.topCoat().flatMap(Coat::colour).isPresent();
    }

    /** The colour alone, or that nothing is on record. */
    public String colourOnRecord() {
        return recorded.topCoat()
                .flatMap(Coat::colour)
                .map(colour -> colour.name())
                .orElseGet(() -> words.say("paint.noRecord"));
    }

    public String restOnRecord() {
        return recorded.topCoat()
                .filter(coat -> coat.colour().isPresent())
                .map(coat -> Stream.of(
                                coat.product()
                                        .map(product -> product.maker() + " " + product.name() + " "
                                                + words.name(product.sheen())),
                                coat.month(words),
                                Optional.of(coat.tinLabels())
                                        .filter(labels -> !labels.isEmpty())
                                        .map(labels -> words.say("paint.tins", labels)),
                                Optional.of(coat.batch())
                                        .filter(batch -> !batch.isEmpty())
                                        .map(batch -> words.say("paint.batch", batch)))
                        .flatMap(Optional::stream)
                        .reduce("", (one, other) -> one + ", " + other))
                .orElse("");
    }

    public boolean says(String answer) {
        return visit.says(PaintAnswer.valueOf(answer));
    }

    /** Whether the record can be said to be right, here and in one go beyond: nobody has said otherwise of this surface. */
    public boolean mayBeAgreed() {
        return isOnRecord() && (visit.onIt().isEmpty() || says("RECORD_AGREES"));
    }

    /** What was found instead of what is on record. */
    public String said() {
        return visit.onIt()
                .map(said -> switch (said.answer()) {
                    case RECORD_AGREES, NOT_SURE -> "";
                    case LIKE_ANOTHER ->
                        words.say("paint.isLike", flat.labelOf(said.like().orElseThrow(), words));
                    case BARE -> words.name(said.raw().orElseThrow());
                })
                .orElse("");
    }

    public String answeredBy() {
        return visit.answeredBy().orElse("");
    }

    /** Whether it could have come from one of these, and nobody knows from which. */
    public boolean asksForTin() {
        return says("RECORD_AGREES") && !leftOvers.isEmpty();
    }

    public List<Tin> leftOvers() {
        return leftOvers;
    }

    public String tin(Tin tin) {
        return words.say("paint.tinLeft", tin.label(), tin.left(), tin.place());
    }

    /** Whether somebody named its tin; what a sheet wrote down is not taken back. */
    public boolean isTinNamedByHand() {
        return recorded.topCoat()
                .filter(coat -> coat.sheet().isEmpty() && !coat.tins().isEmpty())
                .isPresent();
    }

    // ---- bare, or like another

    public List<Raw> raws() {
        return found.isBrushed() ? List.of(Raw.AS_BUILT) : List.copyOf(OF_WALLS);
    }

    private Optional<OnIt> bare() {
        return visit.onIt().filter(said -> said.answer() == PaintAnswer.BARE);
    }

    public boolean isRaw(Raw raw) {
        return bare().flatMap(OnIt::raw).equals(Optional.of(raw));
    }

    public boolean isPutOnWet() {
        return bare().flatMap(OnIt::raw).filter(Raw::isPutOnWet).isPresent();
    }

    public String raw() {
        return bare().flatMap(OnIt::raw).map(Raw::name).orElse("");
    }

    public String since() {
        return bare().flatMap(OnIt::since).map(Object::toString).orElse("");
    }

    /** A surface that it may be like. */
    public record Other(UUID id, String label) {}

    /** Surfaces of its kind with a paint on record, those of its room first. */
    public List<Other> others() {
        var room = flat.roomOf(found.id());
        List<Surface> all = new ArrayList<>(room.surfaces());
        flat.rooms().stream().filter(other -> !other.equals(room)).forEach(other -> all.addAll(other.surfaces()));
        return all.stream()
                .filter(other -> other.isLike(found) && !other.id().equals(found.id()))
                .flatMap(other -> other.topCoat().flatMap(Coat::paint).stream()
                        .map(paint -> new Other(
                                other.id(),
                                flat.labelOf(other.id(), words) + ", "
                                        + paint.colour().name())))
                .toList();
    }

    public boolean isLike(UUID other) {
        return visit.onIt().flatMap(OnIt::like).equals(Optional.of(other));
    }

    // ---- what goes on

    public boolean isChosen() {
        return visit.next().isPresent();
    }

    /** What goes on and where it comes from, in one sentence. */
    public String goesOn() {
        return visit.next()
                .map(next -> switch (next) {
                    case Next.FromTin(Tin tin) ->
                        words.say("paint.fromTin", tin.paint().name(), tin(tin));
                    case Next.ToBuy(Paint paint) -> words.say("paint.toBuy", paint.name());
                })
                .orElseGet(this::same);
    }

    /** Whether somebody has said what is on it, and nobody yet what goes on. */
    public boolean hasToChoose() {
        return !answeredBy().isEmpty()
                && visit.next().isEmpty()
                && (says("NOT_SURE") || found.topCoat().flatMap(Coat::paint).isEmpty());
    }

    private String same() {
        Optional<Paint> paint = found.topCoat().flatMap(Coat::paint);
        if (paint.isEmpty() || says("NOT_SURE")) {
            return words.say(says("NOT_SURE") ? "paint.chooseUnknown" : "paint.choose");
        }
        return visit.tinFor(found)
                .map(tin -> words.say("paint.sameFromTin", paint.get().name(), tin(tin)))
                .orElseGet(() -> words.say(
                        visit.onIt().isPresent() ? "paint.sameToBuy" : "paint.same",
                        paint.get().name()));
    }

    /** In how many coats, where that was decided on at the wall. */
    public String coats() {
        return visit.coats()
                .map(coats -> words.say("coats.decided", new CoatsWords(words).of(coats)))
                .orElse("");
    }

    // ---- choosing

    /** Whether the offers on the page are for this surface. */
    public boolean isShown(PaintOffers.@Nullable Offers offers) {
        return offers != null && offers.surfaceId().equals(found.id());
    }

    public String reach(Reach reach) {
        return reach.word(found, words);
    }

    /** One line of the list. */
    public record Line(String sent, String fill, String name, String from) {}

    public List<Line> lines(PaintOffers.Offers offers) {
        List<Line> lines = new ArrayList<>();
        offers.tins().forEach(tin -> lines.add(line(PaintOffers.sent(tin), tin.paint(), tin(tin))));
        offers.toBuy().forEach(paint -> lines.add(line(PaintOffers.sent(paint), paint, words.say("paint.stillToBuy"))));
        return lines;
    }

    private Line line(String sent, Paint paint, String from) {
        return new Line(
                sent,
                paint.colour().screen().hex(),
                paint.colour().name(),
                words.say(
                        "paint.offer",
                        paint.product().maker(),
                        paint.product().name(),
                        paint.product().sheen(),
                        from));
    }
}
