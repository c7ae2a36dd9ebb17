package lumko.app.plan;

import java.util.List;
import java.util.UUID;

/** The days of a painter: where to, when, what for, and what to carry. */
record DayList(UUID personId, String person, List<Day> days) {
    record Day(String name, String hours, boolean isToday, List<Stop> stops, List<String> carry) {}

    /** A stay in a flat. */
    record Stop(
            String from,
            String to,
            UUID flatId,
            String flat,
            List<String> what,
            String rooms,
            String dry,
            boolean isDone,
            boolean isBagged,
            String link) {}
}
