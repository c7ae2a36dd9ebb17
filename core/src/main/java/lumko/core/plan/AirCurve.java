package lumko.core.plan;

import java.util.Arrays;
import java.util.List;

/**
 * How far things dry in the air ahead: by the hour, from time zero on. Beyond the last hour the last day is taken to come again
 * and again.
 */
public final class AirCurve {
    private static final int HOUR = 60;
    private static final int HOURS_OF_DAY = 24;
    /** Slower than this nothing is taken to dry: the wait has to end. */
    private static final double SLOWEST = 1e-3;

    private final double[] dried;
    private final int hours;
    private final int period;
    private final double driedInPeriod;

    /**
     * @param speeds for each hour, 1 where a wait takes as long as it says
     */
    public AirCurve(List<Double> speeds) {
        hours = speeds.size();
        dried = new double[hours + 1];
        for (int hour = 0; hour < hours; hour++) {
            dried[hour + 1] = dried[hour] + HOUR * Math.max(SLOWEST, speeds.get(hour));
        }
        period = Math.min(hours, HOURS_OF_DAY);
        driedInPeriod = dried[hours] - dried[hours - period];
    }

    /** When something left wet at a minute has dried that takes so many minutes at a speed of 1. */
    public int driedAt(int moment, int wait) {
        if (wait == 0 || hours == 0) {
            return moment + wait;
        }
        double goal = driedBy(Math.max(0, moment)) + wait;
        int periods = (int) Math.max(0, Math.ceil((goal - dried[hours]) / driedInPeriod));
        return within(goal - periods * driedInPeriod) + periods * period * HOUR;
    }

    private double driedBy(int moment) {
        int reach = hours * HOUR;
        int periods = moment < reach ? 0 : (moment - reach) / (period * HOUR) + 1;
        int inside = moment - periods * period * HOUR;
        int hour = inside / HOUR;
        return periods * driedInPeriod + dried[hour] + (dried[hour + 1] - dried[hour]) * (inside - hour * HOUR) / HOUR;
    }

    private int within(double goal) {
        int at = Arrays.binarySearch(dried, goal);
        if (at >= 0) {
            return at * HOUR;
        }
        int hour = Math.clamp(-at - 2, 0, hours - 1);
        double part = (goal - dried[hour]) / (dried[hour + 1] - dried[hour]);
        // a minute begun counts, but not for the sake of the last digit
        return (int) Math.ceil((hour + part) * HOUR - 1e-6);
    }
}
