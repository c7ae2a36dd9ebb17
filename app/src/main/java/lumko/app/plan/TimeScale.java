package lumko.app.plan;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import lumko.core.schedule.Shift;

/**
 * Time that runs down: hours of work to scale, nights and days off pressed into bands, since nothing happens in them but drying.
 */
final class TimeScale {
    private static final double BAND = 34;

    private final List<Stretch> stretches = new ArrayList<>();
    private final double height;

    /** A stretch of time and where it is drawn; a band is one in which nobody works. */
    record Stretch(Instant from, Instant to, double y, double height, boolean isBand, LocalDate day) {
        double at(Instant moment) {
            double share = (double) Duration.between(from, moment).toSeconds()
                    / Duration.between(from, to).toSeconds();
            return y + height * Math.clamp(share, 0, 1);
        }
    }

    /**
     * @param days how many days with work
     * @param worked days off on which somebody works nevertheless
     */
    TimeScale(LocalDate first, int days, Set<LocalDate> worked, Shift hours, ZoneId zone, double hour) {
        double y = 0;
        LocalDate day = first;
        int found = 0;
        while (found < days) {
            LocalDate next = day.plusDays(1);
            while (!Shift.isWorkday(next) && !worked.contains(next)) {
                next = next.plusDays(1);
            }
            if (Shift.isWorkday(day) || worked.contains(day)) {
                Instant from = day.atTime(hours.from()).atZone(zone).toInstant();
                Instant to = day.atTime(hours.to()).atZone(zone).toInstant();
                Instant again = next.atTime(hours.from()).atZone(zone).toInstant();
                double high = Duration.between(from, to).toMinutes() / 60.0 * hour;
                stretches.add(new Stretch(from, to, y, high, false, day));
                stretches.add(new Stretch(to, again, y + high, BAND, true, day));
                y += high + BAND;
                found++;
            }
            day = next;
        }
        height = y;
    }

    double height() {
        return height;
    }

    List<Stretch> stretches() {
        return stretches;
    }

    Instant from() {
        return stretches.getFirst().from();
    }

    Instant to() {
        return stretches.getLast().to();
    }

    /** Where a moment lies; what is outside lies at the edge. */
    double at(Instant moment) {
        if (moment.isBefore(from())) {
            return 0;
        }
        for (Stretch stretch : stretches) {
            if (moment.isBefore(stretch.to())) {
                return stretch.at(moment);
            }
        }
        return height;
    }

    boolean shows(Instant from, Instant to) {
        return to.isAfter(from()) && from.isBefore(to());
    }
}
