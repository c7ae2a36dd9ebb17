package lumko.app.walk;

import java.util.List;
import lumko.app.platform.Words;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.quantity.Length;

/** The marks of a surface put into words for their list, and the kinds that can be set. */
public final class MarkListView {
    /** How much an area or a line grows at one press. */
    private static final double GROWTH = 1.25;

    private final Length width;
    private final Words words;
    private final MarkWords markWords;

    MarkListView(WalkedWall wall, Words words) {
        this.width = wall.surface().asWall().width();
        this.words = words;
        this.markWords = new MarkWords(words);
    }

    /** Kinds of the first group are shown at first. */
    public boolean isFirstGroup(FaultKind kind) {
        return kind.group().ordinal() == 0;
    }

    /** A mark's size in words. */
    public String size(PlacedMark placed) {
        return markWords.size(placed.mark().fault());
    }

    /** What is not as usual about a mark, in words. */
    public String condition(PlacedMark placed) {
        return String.join(", ", markWords.condition(placed.mark().fault()));
    }

    /** Height and distance from the nearer corner, as one finds it again. */
    public String place(PlacedMark placed) {
        var centre = placed.mark().centre();
        Length fromRight = width.minus(centre.fromLeft());
        boolean left = !centre.fromLeft().isLongerThan(fromRight);
        return words.say(
                left ? "place.left" : "place.right",
                words.place(centre.aboveFloor()),
                words.place(left ? centre.fromLeft() : fromRight));
    }

    /** One press smaller or bigger. */
    public record Step(String id, String sign, String spoken, Measures measures) {}

    public List<Step> steps(PlacedMark placed) {
        return List.of(
                new Step("smaller-" + placed.id(), "−", words.say("mark.smaller", placed.number()), step(placed, -1)),
                new Step("bigger-" + placed.id(), "+", words.say("mark.bigger", placed.number()), step(placed, 1)));
    }

    /** The next size of the ladder, or a growth by a quarter. */
    private static Measures step(PlacedMark placed, int direction) {
        FaultKind kind = placed.mark().fault().kind();
        Measures now = placed.mark().fault().measures();
        if (kind.ladder().isEmpty()) {
            double factor = direction > 0 ? GROWTH : 1 / GROWTH;
            return new Measures(now.across().times(factor), now.up().times(factor), now.depth());
        }
        List<Length> ladder = kind.ladder();
        Length next = now.across();
        if (direction > 0) {
            next = ladder.stream()
                    .filter(size -> size.isLongerThan(now.across()))
                    .findFirst()
                    .orElse(now.across());
        } else {
            List<Length> smaller = ladder.stream()
                    .filter(size -> now.across().isLongerThan(size))
                    .toList();
            if (!smaller.isEmpty()) {
                next = smaller.getLast();
            }
        }
        return new Measures(next, next, now.depth());
    }

    /** Depths or gaps offered for a mark that has one: a quarter of the usual to five times as much. */
    public List<Length> depths(PlacedMark placed) {
        FaultKind kind = placed.mark().fault().kind();
        return kind.hasDepth() ? kind.depths() : List.of();
    }

    public boolean isAsDeep(PlacedMark placed, Length depth) {
        return depth.equals(placed.mark().fault().measures().depth());
    }

    public String depthSpoken(PlacedMark placed, Length depth) {
        boolean isLine = placed.mark().fault().kind().shape() == FaultKind.Shape.LINE;
        return words.say(isLine ? "mark.open" : "mark.deep", placed.number(), depth);
    }

    /** The ladder of a kind in millimetres, for dragging. */
    public String ladder(FaultKind kind) {
        return String.join(
                " ",
                kind.ladder().stream()
                        .map(size -> String.valueOf(size.inMillimetres()))
                        .toList());
    }

    /** The same sizes in words. */
    public String ladderWords(FaultKind kind) {
        return String.join("|", kind.ladder().stream().map(words::length).toList());
    }
}
