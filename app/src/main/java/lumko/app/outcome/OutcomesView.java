package lumko.app.outcome;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import lumko.app.learnt.Learnt;
import lumko.app.outcome.Predictions.Against;
import lumko.app.outcome.Predictions.Seen;
import lumko.app.platform.Words;
import lumko.core.job.Action;
import lumko.core.outcome.Calibration;
import lumko.core.outcome.Cause;
import lumko.core.outcome.Learned;
import lumko.core.outcome.Observation;

/** How well chances have held, put into words and a drawing. */
public final class OutcomesView {
    /** Side of the drawing, in its own units, and the room for the words beside it. */
    private static final double SIDE = 360;

    private static final double LEFT = 56;
    /** Left of the longest word of the axis, which would else begin at the very edge; a wider drawing would be too small to read. */
    private static final double BESIDE = 4;

    private static final double TOP = 12;

    /** Of fewer walls no score tells anything. ASSUMPTION. */
    private static final int TELLS_FROM = 10;

    /** Where a cause moves chances by less than its own uncertainty, it is not told as one. */
    private static final double TOLD_FROM = 1;

    private final List<Seen> touchedUp;
    private final List<Seen> overruled;
    private final List<Against> against;
    private final Optional<Learnt.Model> learnt;
    private final Calibration calibration;
    private final Words words;

    OutcomesView(List<Seen> seen, List<Against> against, Optional<Learnt.Model> learnt, Words words) {
        this.against = against;
        this.touchedUp = seen.stream().filter(Seen::isTouchedUp).toList();
        this.overruled = seen.stream().filter(Seen::isOverruled).toList();
        this.learnt = learnt;
        this.calibration =
                Calibration.ofSaid(touchedUp.stream().map(Seen::observation).toList());
        this.words = words;
    }

    public boolean isEmpty() {
        return touchedUp.isEmpty();
    }

    public String count() {
        return words.say(
                calibration.count() == 1 ? "outcomes.countOne" : "outcomes.count",
                calibration.count(),
                Math.round(seenOf(touchedUp)));
    }

    private static double seenOf(List<Seen> walls) {
        return walls.stream().mapToDouble(wall -> wall.observation().seen()).sum();
    }

    /** Against somebody who always says the average. */
    public String brier() {
        if (calibration.count() < TELLS_FROM) {
            return words.say("outcomes.few", TELLS_FROM);
        }
        String key = calibration.brier() < calibration.ofAverage() ? "outcomes.better" : "outcomes.worse";
        return words.say(key, words.number(calibration.brier(), 3), words.number(calibration.ofAverage(), 3));
    }

    // ---- the drawing

    /**
     * Walls of which about the same was said, in the drawing and in the table.
     *
     * @param x what was said
     * @param y what was seen
     * @param top of the range of what was seen
     * @param bottom of the range
     */
    public record Point(
            double x, double y, double top, double bottom, String range, String said, String seen, int count) {}

    public List<Point> points() {
        return calibration.bins().stream()
                .map(bin -> new Point(
                        across(bin.said()),
                        up(bin.seen()),
                        up(bin.high()),
                        up(bin.low()),
                        words.say("outcomes.range", percent(bin.from()), percent(bin.to())),
                        percent(bin.said()),
                        words.say("outcomes.seenShare", percent(bin.seen()), percent(bin.low()), percent(bin.high())),
                        bin.count()))
                .toList();
    }

    public String viewBox() {
        return -BESIDE + " 0 " + (LEFT + SIDE + 34) + " " + (TOP + SIDE + 56);
    }

    /** What is said right lies on it. */
    public String line() {
        return "M" + across(0) + " " + up(0) + "L" + across(1) + " " + up(1);
    }

    public String axes() {
        return "M" + across(0) + " " + up(1) + "V" + up(0) + "H" + across(1);
    }

    /** A tick of an axis and its word. */
    public record Tick(double x, double y, String word) {}

    public List<Tick> ticksAcross() {
        return ticks(share -> new Tick(across(share), up(0) + 20, percent(share)));
    }

    public List<Tick> ticksUp() {
        return ticks(share -> new Tick(across(0) - 8, up(share) + 5, percent(share)));
    }

    private static List<Tick> ticks(Function<Double, Tick> tick) {
        return List.of(tick.apply(0.0), tick.apply(0.25), tick.apply(0.5), tick.apply(0.75), tick.apply(1.0));
    }

    private static double across(double share) {
        return LEFT + share * SIDE;
    }

    private static double up(double share) {
        return TOP + (1 - share) * SIDE;
    }

    private String percent(double share) {
        return words.number(share * 100, 0) + " %";
    }

    public String spoken() {
        return points().stream()
                .map(point -> words.say("outcomes.spoken", point.count(), point.said(), point.seen()))
                .collect(Collectors.joining("; "));
    }

    // ---- what is made of it

    public String learnt() {
        return learnt.map(model -> words.say(
                        model.isUsed() ? "outcomes.used" : "outcomes.notUsed",
                        model.model().outcomes(),
                        words.number(model.learnt(), 3),
                        words.number(model.computed(), 3)))
                .orElseGet(() -> words.say("outcomes.nothingLearnt"));
    }

    /** A cause, how many walls had it and how often they were seen, against what was said of them. */
    public record CauseLine(String name, int count, String said, String seen, String learnt) {}

    public List<CauseLine> causes() {
        List<CauseLine> lines = new ArrayList<>();
        for (Cause cause : Cause.values()) {
            List<Observation> with = touchedUp.stream()
                    .map(Seen::observation)
                    .filter(each -> each.causes().contains(cause))
                    .toList();
            if (!with.isEmpty()) {
                lines.add(new CauseLine(
                        words.name(cause),
                        with.size(),
                        percent(with.stream()
                                .mapToDouble(Observation::said)
                                .average()
                                .orElse(0)),
                        percent(with.stream()
                                .mapToDouble(Observation::seen)
                                .average()
                                .orElse(0)),
                        shift(cause)));
            }
        }
        return lines;
    }

    private String shift(Cause cause) {
        Optional<Learned.Effect> effect =
                learnt.filter(Learnt.Model::isUsed).map(model -> model.model().effect(cause));
        if (effect.filter(each -> Math.abs(each.shift()) >= TOLD_FROM * each.deviation())
                .isEmpty()) {
            return words.say("outcomes.asComputed");
        }
        Learned.Effect each = effect.orElseThrow();
        return words.say(
                each.shift() > 0 ? "outcomes.more" : "outcomes.less",
                words.number(Math.exp(Math.abs(each.shift())), 1),
                words.number(Math.exp(Math.max(0, Math.abs(each.shift()) - each.deviation())), 1),
                words.number(Math.exp(Math.abs(each.shift()) + each.deviation()), 1));
    }

    /** What somebody did against a verdict, and how that went. */
    public record Overruled(String how, int count) {}

    public List<Overruled> overruled() {
        record Against(Action verdict, Action action) {}
        Map<Against, List<Seen>> by =
                overruled.stream().collect(Collectors.groupingBy(wall -> new Against(wall.verdict(), wall.action())));
        return by.entrySet().stream()
                .map(each -> overruled(
                        words.say(
                                "outcomes.against",
                                each.getKey().verdict(),
                                each.getKey().action()),
                        each.getValue().size(),
                        seenOf(each.getValue())))
                .sorted(Comparator.comparingInt(Overruled::count).reversed().thenComparing(Overruled::how))
                .toList();
    }

    private Overruled overruled(String what, int count, double seen) {
        String key = count == 1 ? "outcomes.howThatWentOne" : "outcomes.howThatWent";
        return new Overruled(words.say(key, what, count, Math.round(seen)), count);
    }

    /** A rule that spoke against what was done, how often, and how that went. */
    public List<Overruled> rules() {
        Map<String, List<Against>> by = against.stream().collect(Collectors.groupingBy(Against::rule));
        return by.entrySet().stream()
                .filter(each -> words.knows("ruleName." + each.getKey()))
                .map(each -> overruled(
                        words.say("ruleName." + each.getKey()),
                        each.getValue().size(),
                        each.getValue().stream().mapToDouble(Against::seen).sum()))
                .sorted(Comparator.comparingInt(Overruled::count).reversed().thenComparing(Overruled::how))
                .toList();
    }
}
