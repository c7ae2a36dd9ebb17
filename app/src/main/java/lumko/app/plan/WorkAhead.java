package lumko.app.plan;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.core.plan.Futures.Spread;
import lumko.core.plan.Workload;
import lumko.core.schedule.Air;
import lumko.core.turnover.FlatWork;

/**
 * Everything that is to be planned, as it stands at a moment.
 *
 * @param load times in minutes since {@code zero}, where the houses stand
 * @param flats in the order of the workload
 * @param people keys of the painters in the order of the workload
 */
record WorkAhead(Workload load, List<FlatAhead> flats, List<UUID> people, LocalDateTime zero, ZoneId zone) {
    /**
     * A flat to be planned.
     *
     * @param hasDue whether anybody is expected
     * @param byHeater how many times as fast it dries with a heater in it
     * @param isHeated whether one is put in
     * @param rooms by activity the names of its rooms
     * @param notBegun what its sheet is reckoned in, as long as nothing of it is done
     */
    record FlatAhead(
            UUID flatId,
            UUID turnoverId,
            String name,
            boolean hasDue,
            double byHeater,
            boolean isHeated,
            Map<String, List<String>> rooms,
            FlatWork work,
            Optional<NotBegun> notBegun) {}

    /**
     * A sheet of which nothing is done, so that it could still be made otherwise.
     *
     * @param now the minute at which it stands so
     */
    record NotBegun(FlatWork.Terms terms, Map<String, Integer> paintFrom, Air air, int now) {}

    int minute(Instant moment) {
        return (int)
                Duration.between(zero, LocalDateTime.ofInstant(moment, zone)).toMinutes();
    }

    Instant instant(int minute) {
        return zero.plusMinutes(minute).atZone(zone).toInstant();
    }

    List<FlatWork.Piece> pieces() {
        List<FlatWork.Piece> all = new ArrayList<>();
        flats.forEach(flat -> all.addAll(flat.work().pieces()));
        return all;
    }

    List<Spread> spreads() {
        return pieces().stream().map(FlatWork.Piece::spread).toList();
    }

    Map<UUID, Integer> numberOfPerson() {
        Map<UUID, Integer> numbers = new HashMap<>();
        people.forEach(person -> numbers.put(person, numbers.size()));
        return numbers;
    }

    boolean isEmpty() {
        return flats.isEmpty();
    }
}
