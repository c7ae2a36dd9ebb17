package lumko.app.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import lumko.core.geometry.WindowLight;
import lumko.core.judge.TouchUp;

/**
 * Where things stand in the drawing of a touch-up: the piece of wall, the ring of its feather, the light beside it, whoever
 * looks, and the days. In units of the drawing.
 */
public final class BenchStage {
    public static final double PICTURE_WIDE = 600;
    public static final double PICTURE_HIGH = 400;

    /** What is drawn beside the spot, in mm on either side. */
    private static final double BESIDE = 100;

    private static final double MIDDLE_X = 410;
    private static final double MIDDLE_Y = 236;

    private static final double FLATTEST = 3;
    private static final double DEGREE = 3.8;
    private static final double RAIL_BOTTOM = 420;
    private static final double RAIL_LEFT = 66;
    private static final double RAIL_RIGHT = 754;

    private static final double RULER_FROM = 134;
    private static final double METRE = 100;
    private static final double FURTHEST = 6;

    private static final double DAYS_FROM = 24;
    private static final double DAY = 25;
    private static final int DAYS = 30;

    private final TouchUp touchUp;
    private final TouchUp.Tried tried;
    private final double days;
    private final OptionalInt viewing;
    private final WindowLight light;

    BenchStage(TouchUps.OnBench bench, TouchUp.Tried tried, double days) {
        this.touchUp = bench.touchUp();
        this.tried = tried;
        this.days = days;
        this.viewing = bench.daysToViewing();
        this.light = bench.repaired().wall().surface().light();
    }

    /** How much of the wall is drawn, in mm. */
    public double across() {
        return 2 * (touchUp.centre() / 2 + BESIDE);
    }

    /** Units to a millimetre. */
    public double scale() {
        return PICTURE_WIDE / across();
    }

    public double middleX() {
        return MIDDLE_X;
    }

    public double middleY() {
        return MIDDLE_Y;
    }

    /** Of what is covered wholly. */
    public double centreRadius() {
        return touchUp.centre() / 2 * scale();
    }

    public double ringRadius() {
        return (touchUp.centre() / 2 + tried.feather()) * scale();
    }

    // ---- handles

    /**
     * Where a handle stands and runs: along one axis, in a straight line.
     *
     * @param from where it stands at nought, along that axis
     * @param unit how far it moves for one
     */
    public record Track(boolean isUpright, double from, double unit, double beside) {
        public String at(double value) {
            double along = from + value * unit;
            return "translate(" + (isUpright ? beside : along) + " " + (isUpright ? along : beside) + ")";
        }
    }

    public Track feather() {
        return new Track(false, MIDDLE_X + centreRadius(), scale(), MIDDLE_Y);
    }

    public Track light() {
        return new Track(true, RAIL_BOTTOM + FLATTEST * DEGREE, -DEGREE, isFromRight() ? RAIL_RIGHT : RAIL_LEFT);
    }

    public Track eye() {
        return new Track(false, RULER_FROM, METRE, 516);
    }

    public Track day() {
        return new Track(false, DAYS_FROM + DAY / 2, DAY, 665);
    }

    public boolean isLit() {
        return light != WindowLight.NONE || tried.isByTorch();
    }

    public boolean isFromRight() {
        return light == WindowLight.FROM_RIGHT;
    }

    /** From raking, at the bottom, to straight on. */
    public String rail() {
        return "M" + (isFromRight() ? RAIL_RIGHT : RAIL_LEFT) + " " + RAIL_BOTTOM + "v" + -(90 - FLATTEST) * DEGREE;
    }

    // ---- whoever looks

    /** @param from in metres; what lies beyond the ruler stands at its end */
    public double goneX(double from) {
        return RULER_FROM + Math.min(FURTHEST, from) * METRE;
    }

    /** A tick of the ruler. */
    public record Tick(double x, int metres) {}

    public List<Tick> ruler() {
        List<Tick> ticks = new ArrayList<>();
        for (int metre = 0; metre <= FURTHEST; metre++) {
            ticks.add(new Tick(RULER_FROM + metre * METRE, metre));
        }
        return ticks;
    }

    // ---- the days

    /**
     * A day since it was painted.
     *
     * @param isFresh whether its sheen still gives it away
     */
    public record Day(double x, int day, boolean isFresh) {}

    public List<Day> dayStrip() {
        List<Day> strip = new ArrayList<>();
        for (int day = 0; day <= DAYS; day++) {
            strip.add(new Day(DAYS_FROM + day * DAY, day, day < touchUp.tonesDownDays()));
        }
        return strip;
    }

    /** The day as far as the strip goes. */
    public double shownDay() {
        return Math.min(DAYS, days);
    }

    public boolean hasViewing() {
        return viewing.isPresent() && viewing.getAsInt() <= DAYS;
    }

    public double viewingX() {
        return DAYS_FROM + viewing.orElse(0) * DAY;
    }
}
