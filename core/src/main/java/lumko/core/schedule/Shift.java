package lumko.core.schedule;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;

/** A part of a working day in which hands work without a break. */
public record Shift(LocalTime from, LocalTime to) {
    private static final Set<DayOfWeek> OFF = EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);

    public Shift {
        if (!from.isBefore(to)) {
            throw new IllegalArgumentException("a shift must end after it begins, was " + from + " to " + to);
        }
    }

    /** Monday to Friday. */
    public static boolean isWorkday(LocalDate day) {
        return !OFF.contains(day.getDayOfWeek());
    }

    /** From when to when somebody is at work on a working day, breaks not counted out; empty if never. */
    public static Optional<Shift> wholeDay(Catalogue figures) {
        List<Shift> shifts = ofDay(figures);
        return shifts.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new Shift(shifts.getFirst().from(), shifts.getLast().to()));
    }

    /** The shifts of a working day: before and after the break, where there is one inside the hours of work. */
    public static List<Shift> ofDay(Catalogue figures) {
        LocalTime opens = WorkingHours.time(figures, Figure.WORK_FROM);
        LocalTime closes = WorkingHours.time(figures, Figure.WORK_TO);
        LocalTime pause = WorkingHours.time(figures, Figure.BREAK_FROM);
        Duration rest = figures.once(Figure.BREAK_FOR);
        if (!opens.isBefore(closes)) {
            return List.of();
        }
        boolean isInside = pause.isAfter(opens) && pause.isBefore(closes) && !rest.isZero();
        boolean comesBack = Duration.between(pause, closes).compareTo(rest) > 0;
        if (!isInside) {
            return List.of(new Shift(opens, closes));
        }
        return comesBack
                ? List.of(new Shift(opens, pause), new Shift(pause.plus(rest), closes))
                : List.of(new Shift(opens, pause));
    }
}
