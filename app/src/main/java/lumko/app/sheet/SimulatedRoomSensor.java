package lumko.app.sheet;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import lumko.core.drying.Climate;

/**
 * Stands in for sensors in the flats: each flat has its own warmth and damp, a slow swing over the day, days that are warmer and
 * colder, and a little noise. They remember four days.
 */
class SimulatedRoomSensor implements RoomSensor {
    private static final double WARMEST_HOUR = 15;
    private static final int REMEMBERED_HOURS = 96;

    private final Clock clock;

    SimulatedRoomSensor(Clock clock) {
        this.clock = clock;
    }

    @Override
    public Optional<Climate> read(UUID flatId) {
        return Optional.of(at(flatId, clock.instant()));
    }

    @Override
    public List<Reading> lastDays(UUID flatId) {
        Instant hour = clock.instant().truncatedTo(ChronoUnit.HOURS);
        return IntStream.iterate(REMEMBERED_HOURS - 1, before -> before >= 0, before -> before - 1)
                .mapToObj(before -> hour.minus(Duration.ofHours(before)))
                .map(moment -> new Reading(moment, at(flatId, moment)))
                .toList();
    }

    private static Climate at(UUID flatId, Instant moment) {
        Random ofFlat = new Random(flatId.getLeastSignificantBits());
        double usual = 17 + 4 * ofFlat.nextDouble();
        double damp = 48 + 18 * ofFlat.nextDouble();
        LocalTime time = LocalTime.ofInstant(moment, ZoneOffset.UTC);
        double swing = Math.cos((time.toSecondOfDay() / 3600.0 - WARMEST_HOUR) / 24 * 2 * Math.PI);
        double noise = new Random(flatId.getMostSignificantBits() + time.toSecondOfDay() / 60).nextGaussian() * 0.1;
        long day = moment.getEpochSecond() / Duration.ofDays(1).toSeconds();
        double ofDay = new Random(flatId.getMostSignificantBits() ^ day * 7919).nextGaussian() * 0.4;
        return Climate.of(
                Math.round((usual + 1.5 * swing + ofDay + noise) * 10) / 10.0,
                Math.round(damp - 4 * swing),
                Climate.Air.MOVING);
    }
}
