package lumko.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class AirCurveTest {
    @Test
    void withoutAForecastItTakesWhatItSays() {
        assertThat(new AirCurve(List.of()).driedAt(100, 45)).isEqualTo(145);
    }

    @Test
    void inSlowerAirItTakesLonger() {
        AirCurve half = new AirCurve(Collections.nCopies(24, 0.5));
        assertThat(half.driedAt(30, 60)).isEqualTo(150);
        assertThat(half.driedAt(30, 0)).isEqualTo(30);
    }

    @Test
    void aColdNightHoldsItUp() {
        List<Double> speeds = new ArrayList<>(Collections.nCopies(24, 1.0));
        for (int hour = 18; hour < 24; hour++) {
            speeds.set(hour, 0.25);
        }
        // an hour before the night, then six hours at a quarter, then half an hour of the next day
        assertThat(new AirCurve(speeds).driedAt(17 * 60, 180)).isEqualTo(24 * 60 + 30);
    }

    @Test
    void afterTheLastHourTheLastDayComesAgain() {
        List<Double> speeds = new ArrayList<>(Collections.nCopies(24, 0.1));
        for (int hour = 0; hour < 24; hour++) {
            speeds.add(hour < 12 ? 1.0 : 0.0);
        }
        AirCurve curve = new AirCurve(speeds);
        assertThat(curve.driedAt(48 * 60, 60)).isEqualTo(49 * 60);
        assertThat(curve.driedAt(48 * 60 + 11 * 60, 120)).isBetween(73 * 60 - 8, 73 * 60);
        assertThat(curve.driedAt(10 * 48 * 60, 60)).isEqualTo(10 * 48 * 60 + 60);
    }

    @Test
    void minuteByMinuteItIsTheSame() {
        Random chance = new Random(4);
        for (int trial = 0; trial < 200; trial++) {
            int hours = 1 + chance.nextInt(60);
            List<Double> speeds = new ArrayList<>();
            for (int hour = 0; hour < hours; hour++) {
                speeds.add(0.2 + chance.nextDouble());
            }
            int from = chance.nextInt(hours * 120);
            int wait = 1 + chance.nextInt(3000);
            assertThat(new AirCurve(speeds).driedAt(from, wait)).isEqualTo(counted(speeds, from, wait));
        }
    }

    private static int counted(List<Double> speeds, int from, int wait) {
        double dried = 0;
        int minute = from;
        while (dried < wait - 1e-6) {
            int hour = minute / 60;
            int period = Math.min(24, speeds.size());
            while (hour >= speeds.size()) {
                hour -= period;
            }
            dried += speeds.get(hour);
            minute++;
        }
        return minute;
    }
}
