package lumko.app.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import lumko.core.film.Gloss;
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
    private static final double STEEPEST = 90;
    private static final double ARC_TOP = 90;
    private static final double ARC_HIGH = 330;
    private static final double ARC_DEEP = 40;
    private static final double ARC_LEFT = 84;
    private static final double ARC_RIGHT = 736;

    private static final double RULER_FROM = 134;
    private static final double METRE = 100;
    private static final double FURTHEST = 6;

    private static final double DAYS_FROM = 24;
    private static final double DAY = 25;
    private static final int DAYS = 30;

    /** Below this the sheen of fresh paint is taken to have toned down, as a share of the cured gloss. */
    private static final double TONED_DOWN = 0.05;

    private final TouchUp touchUp;
    private final TouchUp.Tried tried;
    private final double days;
    private final double metres;
    private final OptionalInt viewing;
    private final WindowLight light;

    BenchStage(TouchUps.OnBench bench, TouchUp.Tried tried, double days, double metres) {
        this.touchUp = bench.touchUp();
        this.tried = tried;
        this.days = days;
        this.metres = metres;
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

    // ---- the light

    public boolean isLit() {
        return light != WindowLight.NONE || tried.isByTorch();
    }

    public boolean isFromRight() {
        return light == WindowLight.FROM_RIGHT;
    }

    private double side() {
        return isFromRight() ? ARC_RIGHT : ARC_LEFT;
    }

    private double bulge() {
        return isFromRight() ? ARC_DEEP : -ARC_DEEP;
    }

    public String arc() {
        return "M" + side() + " " + ARC_TOP + "Q" + (side() + 2 * bulge()) + " " + (ARC_TOP + ARC_HIGH / 2) + " "
                + side() + " " + (ARC_TOP + ARC_HIGH);
    }

    /** From 0, where it rakes, to 1, where it falls straight on. */
    private double steep() {
        return (tried.elevation() - FLATTEST) / (STEEPEST - FLATTEST);
    }

    public double lightX() {
        double t = steep();
        return side() + 4 * bulge() * t * (1 - t);
    }

    public double lightY() {
        return ARC_TOP + (1 - steep()) * ARC_HIGH;
    }

    // ---- whoever looks

    public double eyeX() {
        return RULER_FROM + metres * METRE;
    }

    /** @param from in metres; empty where it is not on the ruler */
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
            double excess = Gloss.after(day, 1, touchUp.celsius()) - 1;
            strip.add(new Day(DAYS_FROM + day * DAY, day, excess > TONED_DOWN));
        }
        return strip;
    }

    public double dayX() {
        return DAYS_FROM + Math.min(DAYS, days) * DAY;
    }

    public boolean hasViewing() {
        return viewing.isPresent() && viewing.getAsInt() >= 0 && viewing.getAsInt() <= DAYS;
    }

    public double viewingX() {
        return DAYS_FROM + viewing.orElse(0) * DAY;
    }
}
