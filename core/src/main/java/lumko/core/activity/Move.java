package lumko.core.activity;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;

/**
 * What one place, fitting, edge or coat asks of one kind of activity, before it is known where it belongs. Immutable: each
 * addition gives another.
 */
public final class Move {
    /** From here a knife is a wide one. Source: catalogue of figures, Sizes. */
    private static final double WIDE_KNIFE_MM = 150;

    private final ActivityKind kind;
    // moves are made by the thousand: what does not change is shared between one and the next
    private Set<Tool> tools = Set.of();
    private Set<Caution> cautions = Set.of();
    private Set<Advice> says = Set.of();
    private List<Use> uses = List.of();
    private int round;
    private Duration hand = Duration.ZERO;
    private Duration lasts = Duration.ZERO;
    private int count;
    private Area area = Area.ZERO;
    private Length edge = Length.ZERO;
    private Length tape = Length.ZERO;
    private Optional<Length> knife = Optional.empty();
    private Optional<Wet> wet = Optional.empty();
    private Optional<Spread> spread = Optional.empty();

    private Move(ActivityKind kind) {
        this.kind = kind;
    }

    public static Move of(ActivityKind kind) {
        return new Move(kind);
    }

    private Move changed(Consumer<Move> change) {
        Move other = new Move(kind);
        other.round = round;
        other.hand = hand;
        other.lasts = lasts;
        other.count = count;
        other.area = area;
        other.edge = edge;
        other.tape = tape;
        other.knife = knife;
        other.wet = wet;
        other.spread = spread;
        other.tools = tools;
        other.cautions = cautions;
        other.says = says;
        other.uses = uses;
        change.accept(other);
        return other;
    }

    // ---- making one

    /** The so-many-th of its kind at one place, from 0. */
    public Move round(int which) {
        return changed(move -> move.round = which);
    }

    /** Takes so much more of the hand. */
    public Move hand(Duration more) {
        return changed(move -> {
            move.hand = hand.plus(more);
            move.lasts = Times.longer(move.lasts, move.hand);
        });
    }

    /** Takes up the place so long, although the hand is not always at it. */
    public Move lasts(Duration whole) {
        return changed(move -> move.lasts = Times.longer(whole, move.hand));
    }

    /** Done with the whole surface: the place is kept in mind, and takes no time, area or material of its own, with its fumes. */
    public Move withTheWhole() {
        Set<Caution> left = EnumSet.noneOf(Caution.class);
        left.addAll(cautions);
        left.remove(Caution.SOLVENT);
        return changed(move -> {
            move.cautions = Collections.unmodifiableSet(left);
            move.hand = Duration.ZERO;
            move.lasts = Duration.ZERO;
            move.area = Area.ZERO;
            move.uses = List.of();
        });
    }

    /** At so many places, or fittings. */
    public Move count(int places) {
        return changed(move -> move.count = places);
    }

    /** Makes dust, which is not breathed in and not left lying. */
    public Move dusty() {
        return with(Caution.DUST).with(Tool.HALF_MASK, Tool.VACUUM).says(Advice.TWO_STRAP_MASK);
    }

    public Move area(Area over) {
        return changed(move -> move.area = over);
    }

    /** Along so much edge. */
    public Move edge(Length along) {
        return changed(move -> move.edge = along);
    }

    /** Puts on so much tape. */
    public Move tape(Length put) {
        return changed(move -> move.tape = put);
    }

    /** Puts filler on with a knife so wide. */
    public Move knife(Length width) {
        Tool tool = width.inMillimetres() >= WIDE_KNIFE_MM ? Tool.WIDE_KNIVES : Tool.FILLING_KNIFE;
        return changed(move -> {
            move.knife = Optional.of(width);
            move.tools = and(tools, tool);
        });
    }

    /** Reaches so far with its filler. */
    public Move spread(Spread so) {
        return changed(move -> move.spread = Optional.of(so));
    }

    public Move uses(Material material, Volume volume) {
        return uses(new Use(material, "", volume));
    }

    public Move uses(Use use) {
        List<Use> more = new ArrayList<>(uses);
        more.add(use);
        return changed(move -> move.uses = List.copyOf(more));
    }

    /** Leaves something wet. */
    public Move leaves(Wet left) {
        return changed(move -> move.wet = Optional.of(left));
    }

    public Move with(Tool... more) {
        return changed(move -> move.tools = and(tools, more));
    }

    public Move with(Caution... more) {
        return changed(move -> move.cautions = and(cautions, more));
    }

    public Move says(Advice... more) {
        return changed(move -> move.says = and(says, more));
    }

    @SafeVarargs
    private static <E extends Enum<E>> Set<E> and(Set<E> known, E... more) {
        List<E> others = List.of(more);
        if (known.containsAll(others)) {
            return known;
        }
        EnumSet<E> all = EnumSet.copyOf(others);
        all.addAll(known);
        return Collections.unmodifiableSet(all);
    }

    // ---- reading it

    public ActivityKind kind() {
        return kind;
    }

    public int round() {
        return round;
    }

    public Duration hand() {
        return hand;
    }

    public Duration lasts() {
        return lasts;
    }

    public int count() {
        return count;
    }

    public Area area() {
        return area;
    }

    public Length edge() {
        return edge;
    }

    public Length tape() {
        return tape;
    }

    public Optional<Length> knife() {
        return knife;
    }

    public Optional<Spread> spread() {
        return spread;
    }

    public Optional<Wet> wet() {
        return wet;
    }

    public List<Use> uses() {
        return uses;
    }

    public Set<Tool> tools() {
        return tools;
    }

    public Set<Caution> cautions() {
        return cautions;
    }

    public Set<Advice> says() {
        return says;
    }

    @Override
    public String toString() {
        return kind + (round > 0 ? " " + (round + 1) : "") + " " + hand;
    }
}
