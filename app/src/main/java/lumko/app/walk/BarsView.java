package lumko.app.walk;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lumko.app.platform.Words;
import lumko.core.job.Action;
import lumko.core.judge.Option;
import lumko.core.judge.Verdict;
import lumko.core.quantity.Times;

/**
 * What could be done with a surface, drawn against each other: what it costs now and by coming back, in minutes to one scale,
 * and the chance that it shows; and from how many spots rolling is cheaper.
 */
public final class BarsView {
    private static final double WIDE = 380;
    private static final double LONGEST = 250;
    private static final double ROW = 44;
    private static final double GAP = 6;
    private static final double TICKS_WIDE = 372;
    private static final int SHORTEST_SCALE = 12;

    private final Verdict verdict;
    private final WalkedWall wall;
    private final Words words;

    BarsView(WalkedWall wall, Words words) {
        this.verdict = wall.verdict();
        this.wall = wall;
        this.words = words;
    }

    /** One option; lengths in picture units. */
    public record Row(
            double y,
            String name,
            String chance,
            double now,
            double back,
            String minutes,
            boolean isChosen,
            boolean isAllowed) {
        public double end() {
            return now + back + GAP;
        }
    }

    public boolean isShown() {
        return !wall.marks().isEmpty();
    }

    public List<Row> rows() {
        double longest = verdict.options().stream()
                .mapToDouble(option -> Times.inMinutes(option.expected()))
                .max()
                .orElse(1);
        List<Row> rows = new ArrayList<>();
        for (Option option : verdict.options()) {
            double back = Times.inMinutes(option.comingBack());
            double now = Times.inMinutes(option.expected()) - back;
            rows.add(new Row(
                    rows.size() * ROW,
                    name(option.action()),
                    words.chance(option.shows().likely()),
                    Math.max(0, now) / longest * LONGEST,
                    back / longest * LONGEST,
                    minutes(option, back),
                    option.action() == wall.action(),
                    option.isAllowed()));
        }
        return rows;
    }

    /** What takes in others is weighed by what it costs here. */
    private String name(Action action) {
        String name = VerdictView.name(wall, action, words);
        return action.takesInOthers() ? words.say("bars.here", name) : name;
    }

    private String minutes(Option option, double back) {
        Duration later = Duration.ofMinutes(Math.round(back));
        Duration now = option.expected().minus(option.comingBack());
        if (later.isZero()) {
            return words.duration(now);
        }
        return now.isZero() ? words.duration(later) : words.say("bars.sum", now, later);
    }

    public String viewBox() {
        return "0 0 " + WIDE + " " + verdict.options().size() * ROW;
    }

    public String spoken() {
        return rows().stream()
                .map(row -> words.say(
                        row.isAllowed() ? "bars.spoken" : "bars.spokenOut", row.name(), row.minutes(), row.chance()))
                .collect(Collectors.joining("; "));
    }

    // ---- from how many spots rolling is cheaper

    public boolean hasTurningPoint() {
        return isShown() && verdict.rollsFrom().get().isPresent();
    }

    private int from() {
        return verdict.rollsFrom().get().orElse(0);
    }

    private double unit() {
        return TICKS_WIDE / scale();
    }

    private int scale() {
        return Math.max(SHORTEST_SCALE, Math.max(verdict.spots(), from()) + 2);
    }

    public String ticks() {
        return IntStream.rangeClosed(1, scale())
                .mapToObj(spot -> "M" + spot * unit() + " 12v12")
                .collect(Collectors.joining());
    }

    public double spotsAt() {
        return wall.marks().size() * unit();
    }

    public String turn() {
        return "M" + from() * unit() + " 2V34";
    }

    private boolean isTurnFarRight() {
        return from() * unit() > WIDE / 2;
    }

    public double turnTextX() {
        return from() * unit() + (isTurnFarRight() ? GAP : 0);
    }

    public String turnAnchor() {
        return isTurnFarRight() ? "end" : "start";
    }

    public String spots() {
        return words.say(
                wall.marks().size() == 1 ? "bars.spot" : "bars.spots",
                wall.marks().size());
    }

    public String rollsFrom() {
        return words.say("bars.rollsFrom", from());
    }

    public String turningPoint() {
        return spots() + ", " + rollsFrom();
    }
}
