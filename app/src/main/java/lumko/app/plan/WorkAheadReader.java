package lumko.app.plan;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.figure.Figures;
import lumko.app.house.Flat;
import lumko.app.house.House;
import lumko.app.house.Houses;
import lumko.app.house.Turnover;
import lumko.app.platform.Speaker;
import lumko.app.sheet.OpenWork;
import lumko.app.sheet.RoomSensor;
import lumko.app.sheet.Sheets;
import lumko.core.activity.Activity;
import lumko.core.drying.Climate;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.judge.Scrutiny;
import lumko.core.plan.Span;
import lumko.core.plan.Workload;
import lumko.core.plan.Workload.Lock;
import lumko.core.plan.Workload.Painter;
import lumko.core.plan.Workload.Step;
import lumko.core.plan.Workload.Was;
import lumko.core.plan.Workload.Weights;
import lumko.core.quantity.Area;
import lumko.core.schedule.Air;
import lumko.core.schedule.AirAhead;
import lumko.core.schedule.Shift;
import lumko.core.turnover.Expected;
import lumko.core.turnover.FlatWork;
import lumko.core.turnover.FlatWork.Terms;
import lumko.core.turnover.Guess;
import lumko.core.turnover.Rounds;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads what is to be planned from the records: open sheets, flats without one, who works when, what is settled. */
@Component
class WorkAheadReader {
    private static final int DAY = 1440;
    /** Hours beyond what the work would take of everybody, so that every piece finds a place (ASSUMPTION). */
    private static final int DAYS_BEYOND = 60;
    /** How far the air is told ahead. */
    private static final int HOURS_OF_AIR = 24 * 14;
    /** How far opening hours of a house are laid out: beyond the last day of anything. */
    private static final int DAYS_OF_ACCESS = 180;

    /** So many of the last jobs tell what the next comes to: what was long ago was other flats. */
    private static final int PAST_JOBS = 40;

    private final Houses houses;
    private final Sheets sheets;
    private final People people;
    private final RoomSensor sensor;
    private final PlanRows rows;
    private final PersonDayRepository days;
    private final HouseHoursRepository houseHours;
    private final Figures figures;
    private final Speaker speaker;
    private final Clock clock;

    WorkAheadReader(
            Houses houses,
            Sheets sheets,
            People people,
            RoomSensor sensor,
            PlanRows rows,
            PersonDayRepository days,
            HouseHoursRepository houseHours,
            Figures figures,
            Speaker speaker,
            Clock clock) {
        this.houses = houses;
        this.sheets = sheets;
        this.people = people;
        this.sensor = sensor;
        this.rows = rows;
        this.days = days;
        this.houseHours = houseHours;
        this.figures = figures;
        this.speaker = speaker;
        this.clock = clock;
    }

    /**
     * What stands now.
     *
     * @param inForce the plan by which people work
     */
    WorkAhead read(Optional<PlanRow> inForce) {
        return new Reading(inForce).read();
    }

    /** One reading: what is looked at more than once on the way. */
    private final class Reading {
        private final Optional<PlanRow> inForce;
        private final Catalogue catalogue = figures.catalogue();
        private final LocalTime opens =
                Shift.wholeDay(catalogue).map(Shift::from).orElse(LocalTime.MIDNIGHT);
        private final Instant now = clock.instant();
        private final ZoneId zone = speaker.words().zone();
        private final LocalDate today = LocalDate.ofInstant(now, zone);
        private final LocalDateTime zero = today.atStartOfDay();
        private final int minuteNow = minute(now);
        private final List<UUID> houseIds = houses.all().stream().map(House::id).toList();
        private final Map<UUID, HouseHoursRow> opening =
                houseHours.findAll().stream().collect(Collectors.toMap(row -> row.houseId, row -> row));
        private final Map<String, Integer> things = FlatWork.things(catalogue);
        private final Set<UUID> heated = rows.heated();
        private final Guess guess = guess();
        private final List<People.Colleague> hands = people.all().stream()
                .filter(each -> each.active() && each.role() != Role.OFFICE)
                .toList();
        private final Set<UUID> lookedAfter = hands.stream()
                .filter(each -> each.role() == Role.PAINTER)
                .flatMap(each -> each.houses().stream())
                .collect(Collectors.toSet());

        Reading(Optional<PlanRow> inForce) {
            this.inForce = inForce;
        }

        private Guess guess() {
            List<Sheets.PastWork> past = sheets.past(PAST_JOBS);
            Map<UUID, Integer> rooms = houses.roomCounts(
                    past.stream().map(Sheets.PastWork::flatId).distinct().toList());
            return Guess.of(
                    past.stream()
                            .map(job -> new Guess.PastJob(job.minutes(), rooms.getOrDefault(job.flatId(), 0)))
                            .toList(),
                    catalogue);
        }

        private int minute(Instant moment) {
            return (int) Duration.between(zero, LocalDateTime.ofInstant(moment, zone))
                    .toMinutes();
        }

        private int minute(LocalDate day, LocalTime time) {
            return (int) Duration.between(zero, day.atTime(time)).toMinutes();
        }

        WorkAhead read() {
            List<Turnover> turnovers = houses.openTurnovers();
            Map<UUID, Sheets.Progress> progress =
                    sheets.progress(turnovers.stream().map(Turnover::id).toList());
            Map<UUID, OpenWork> open = sheets.openWork().stream()
                    .collect(Collectors.toMap(OpenWork::turnoverId, work -> work, (one, other) -> one));
            Map<UUID, Flat> flats = houses
                    .bare(turnovers.stream().map(Turnover::flatId).toList())
                    .stream()
                    .collect(Collectors.toMap(Flat::id, flat -> flat));
            List<WorkAhead.FlatAhead> ahead = new ArrayList<>();
            for (Turnover turnover : turnovers) {
                Sheets.Progress known = progress.getOrDefault(turnover.id(), Sheets.Progress.NONE);
                OpenWork work = open.get(turnover.id());
                Flat record = Optional.ofNullable(flats.get(turnover.flatId())).orElseThrow();
                // of a flat without a room on record nobody can say what there is to do
                boolean isUnknown = work == null && record.rooms().isEmpty();
                if ((work != null || known.finishedOn().isEmpty()) && !isUnknown) {
                    ahead.add(flat(turnover, record, Optional.ofNullable(work)));
                }
            }
            ahead.removeIf(flat -> flat.work().pieces().isEmpty());
            Workload plain = new Workload(
                    painters(ahead),
                    ahead.stream().map(flat -> flat.work().flat()).toList(),
                    Rounds.ways(houseIds.size(), catalogue),
                    Rounds.wayFromDepot(catalogue),
                    Weights.USUAL,
                    things);
            return new WorkAhead(
                    settled(plain),
                    ahead,
                    hands.stream().map(People.Colleague::id).toList(),
                    zero,
                    zone);
        }

        // ---- flats

        private WorkAhead.FlatAhead flat(Turnover turnover, Flat record, Optional<OpenWork> open) {
            House house = record.house();
            AirAhead ahead = airAhead(turnover.flatId(), open);
            Air air = new Air(ahead.mean(), catalogue);
            Terms terms = terms(turnover, house, ahead);
            Map<String, String> roomNames = record.rooms().stream()
                    .collect(Collectors.toMap(room -> room.id().toString(), lumko.app.house.Room::name));
            FlatWork work = open.map(
                            sheet -> FlatWork.of(terms, sheet.graph(), done(sheet), paintFrom(sheet), air, catalogue))
                    .orElseGet(() -> guessed(terms, record));
            Map<String, List<String>> rooms = new HashMap<>();
            open.ifPresent(sheet -> sheet.graph()
                    .activities()
                    .forEach(activity -> rooms.put(activity.id(), names(activity, roomNames))));
            boolean isHeated = things.containsKey(FlatWork.HEATER) && heated.contains(turnover.id());
            FlatWork asItStands = isHeated
                    ? new FlatWork(
                            FlatWork.heated(work.flat(), ahead.byHeater(), true), work.pieces(), work.bySetting())
                    : work;
            return new WorkAhead.FlatAhead(
                    turnover.flatId(),
                    turnover.id(),
                    house.name() + " " + record.number(),
                    turnover.dueOn().isPresent(),
                    ahead.byHeater(),
                    isHeated,
                    rooms,
                    asItStands,
                    open.filter(Reading::isNotBegun)
                            .map(sheet -> new WorkAhead.NotBegun(terms, paintFrom(sheet), air, minuteNow)));
        }

        /** By the last days of its sensor; else by what it says now, or what somebody noted. */
        private AirAhead airAhead(UUID flatId, Optional<OpenWork> open) {
            List<AirAhead.Past> lastDays = sensor.lastDays(flatId).stream()
                    .map(reading -> new AirAhead.Past(LocalDateTime.ofInstant(reading.at(), zone), reading.climate()))
                    .toList();
            return AirAhead.learnt(lastDays, catalogue)
                    .orElseGet(() -> new AirAhead(
                            sensor.read(flatId)
                                    .orElseGet(() -> open.map(OpenWork::climate).orElse(Climate.REFERENCE)),
                            catalogue));
        }

        private static boolean isNotBegun(OpenWork sheet) {
            return sheet.graph().activities().stream()
                    .noneMatch(activity -> sheet.ticks().containsKey(activity.id()));
        }

        private static List<String> names(Activity activity, Map<String, String> roomNames) {
            return activity.rooms().stream()
                    .map(room -> roomNames.getOrDefault(room, ""))
                    .filter(name -> !name.isEmpty())
                    .toList();
        }

        private Map<String, Integer> done(OpenWork sheet) {
            Map<String, Integer> done = new HashMap<>();
            sheet.ticks().forEach((activity, tick) -> done.put(activity, minute(tick.at())));
            return done;
        }

        /** Paint that is bought is there when work begins in the morning. */
        private Map<String, Integer> paintFrom(OpenWork sheet) {
            Map<String, Integer> from = new HashMap<>();
            sheet.hereOn().forEach((paint, day) -> from.put(paint, minute(day, opens)));
            return from;
        }

        private FlatWork guessed(Terms terms, Flat flat) {
            Area area = flat.faces()
                    .map(face -> face.wall().orElseThrow().grossArea())
                    .reduce(Area.ZERO, Area::plus);
            return FlatWork.guessed(terms, flat.rooms().size(), catalogue.over(Figure.INSPECT, area), guess, catalogue);
        }

        private Terms terms(Turnover turnover, House house, AirAhead ahead) {
            int release = Math.max(minuteNow, minute(turnover.keysBackOn(), opens));
            Expected expected = expected(turnover);
            int due = turnover.dueOn()
                    .map(day -> minute(day, opens))
                    .orElse(release + (int) Expected.wantedWithin().toMinutes());
            return new Terms(
                    turnover.flatId().toString(),
                    houseIds.indexOf(house.id()),
                    release,
                    due,
                    expected.weight(),
                    (int) expected.readyBefore(catalogue).toMinutes(),
                    access(house.id()),
                    lookedAfter.contains(house.id()) ? Optional.of(house.id().toString()) : Optional.empty(),
                    ahead.speeds(zero, HOURS_OF_AIR),
                    ahead.spread());
        }

        private static Expected expected(Turnover turnover) {
            if (turnover.dueOn().isEmpty()) {
                return Expected.NOBODY;
            }
            if (turnover.viewingOn().isEmpty()) {
                return Expected.TENANT;
            }
            return turnover.scrutiny() == Scrutiny.CLOSELY ? Expected.CLOSE_VIEWING : Expected.VIEWING;
        }

        private List<Span> access(UUID houseId) {
            HouseHoursRow hours = opening.get(houseId);
            if (hours == null) {
                return List.of();
            }
            List<Span> open = new ArrayList<>();
            for (int day = 0; day < DAYS_OF_ACCESS; day++) {
                LocalDate on = today.plusDays(day);
                open.add(new Span(minute(on, hours.openFrom), minute(on, hours.openTo)));
            }
            return open;
        }

        // ---- painters

        private List<Painter> painters(List<WorkAhead.FlatAhead> ahead) {
            int work = ahead.stream()
                    .flatMap(flat -> flat.work().flat().steps().stream())
                    .mapToInt(Step::minutes)
                    .sum();
            int last = ahead.stream()
                    .mapToInt(flat -> flat.work().flat().release())
                    .max()
                    .orElse(0);
            int lengths = last / DAY + work / 240 + DAYS_BEYOND;
            Map<UUID, Map<LocalDate, Boolean>> exceptions = new HashMap<>();
            days.findByDayOnGreaterThanEqualOrderByDayOn(today)
                    .forEach(row -> exceptions
                            .computeIfAbsent(row.personId, id -> new HashMap<>())
                            .put(row.dayOn, row.works));
            List<Painter> painters = new ArrayList<>();
            for (People.Colleague each : hands) {
                Map<LocalDate, Boolean> own = exceptions.getOrDefault(each.id(), Map.of());
                List<Span> hours = new ArrayList<>();
                for (int day = 0; day < lengths; day++) {
                    LocalDate on = today.plusDays(day);
                    if (own.getOrDefault(on, Shift.isWorkday(on))) {
                        hours.addAll(shifts(on));
                    }
                }
                Set<String> skills = new HashSet<>();
                (each.role() == Role.LEAD ? houseIds : each.houses()).forEach(house -> skills.add(house.toString()));
                painters.add(new Painter(each.id().toString(), skills, hours, Optional.empty()));
            }
            return painters;
        }

        private List<Span> shifts(LocalDate on) {
            return Shift.ofDay(catalogue).stream()
                    .map(shift -> new Span(minute(on, shift.from()), minute(on, shift.to())))
                    .toList();
        }

        // ---- what is settled and what is in force

        private Workload settled(Workload load) {
            Map<String, PieceRow> before = inForce.map(rows::pieces).orElse(List.of()).stream()
                    .collect(Collectors.toMap(piece -> piece.key, piece -> piece));
            Map<String, LockRow> wishes = rows.locks();
            Set<String> known = hands.stream().map(each -> each.id().toString()).collect(Collectors.toSet());
            return load.changing(step -> settled(load, step, before.get(step.id()), wishes.get(step.id()), known));
        }

        private Step settled(
                Workload load, Step step, @Nullable PieceRow before, @Nullable LockRow wish, Set<String> known) {
            Step now = step;
            if (before != null && known.contains(before.personId.toString())) {
                int start = minute(before.beginsAt);
                now = now.standing(new Was(before.personId.toString(), Math.max(0, start)));
                if (start >= 0 && start <= minuteNow && minuteNow < start + before.minutes) {
                    return now.locked(new Lock.Fact(before.personId.toString(), start));
                }
            }
            if (wish == null) {
                return now;
            }
            // somebody who has left, or does not look after the house any more, is not waited for
            Optional<String> who = Optional.ofNullable(wish.personId)
                    .map(UUID::toString)
                    .filter(known::contains)
                    .filter(person -> load.mayDo(person, step));
            OptionalInt when = Optional.ofNullable(wish.beginsAt)
                    .map(this::minute)
                    .filter(start -> start >= minuteNow)
                    .map(OptionalInt::of)
                    .orElse(OptionalInt.empty());
            return now.locked(new Lock.Wish(who, when));
        }
    }
}
