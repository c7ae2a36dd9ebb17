package lumko.app.plan;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.house.Houses;
import lumko.app.plan.Strokes.Together;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.sheet.Sheets;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Tool;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the plan in force has for each painter, house and day. */
@Service
@Transactional(readOnly = true)
class Days {
    private static final int SHOWN = 7;

    private final PlanRepository plans;
    private final PieceRepository pieces;
    private final Houses houses;
    private final Sheets sheets;
    private final People people;
    private final Speaker speaker;
    private final Clock clock;

    Days(
            PlanRepository plans,
            PieceRepository pieces,
            Houses houses,
            Sheets sheets,
            People people,
            Speaker speaker,
            Clock clock) {
        this.plans = plans;
        this.pieces = pieces;
        this.houses = houses;
        this.sheets = sheets;
        this.people = people;
        this.speaker = speaker;
        this.clock = clock;
    }

    /** Who has days of work. */
    List<People.Colleague> painters() {
        return people.all().stream()
                .filter(each -> each.active() && each.role() != Role.OFFICE)
                .toList();
    }

    /** A stay in a flat in words, with its moments: for calendars and tables. */
    record Stay(String uid, String person, String flat, Instant from, Instant to, Instant dry, List<String> what) {}

    private static Houses.Door door(Map<UUID, Houses.Door> doors, UUID flatId) {
        return Optional.ofNullable(doors.get(flatId)).orElseThrow();
    }

    private List<PieceRow> inForce() {
        return plans.findByState(PlanState.IN_FORCE)
                .map(plan -> pieces.standing(plan.id()))
                .orElse(List.of());
    }

    private Map<UUID, Houses.Door> doors(List<PieceRow> planned) {
        return houses.doors(planned.stream().map(piece -> piece.flatId).toList());
    }

    /** Every stay from today on that somebody asks for. */
    List<Stay> stays(Optional<UUID> person, Optional<UUID> house) {
        List<PieceRow> planned = inForce();
        Map<UUID, Houses.Door> doors = doors(planned);
        Map<UUID, String> names = people.names();
        Instant today = speaker.today().atStartOfDay(speaker.words().zone()).toInstant();
        Predicate<PieceRow> isWanted = piece -> piece.endsAt().isAfter(today)
                && person.map(piece.personId::equals).orElse(true)
                && house.map(door(doors, piece.flatId).house().id()::equals).orElse(true);
        return Strokes.of(planned.stream().filter(isWanted).toList()).stream()
                .map(stroke -> new Stay(
                        stroke.pieces().getFirst().key,
                        names.getOrDefault(stroke.personId(), ""),
                        door(doors, stroke.flatId()).name(),
                        stroke.from(),
                        stroke.to(),
                        stroke.dry(),
                        said(stroke)))
                .toList();
    }

    private List<String> said(Together stroke) {
        Words words = speaker.words();
        return stroke.kinds().stream().map(kind -> words.say("step." + kind)).toList();
    }

    DayList of(UUID personId) {
        Words words = speaker.words();
        LocalDate today = speaker.today();
        Instant from = today.atStartOfDay(words.zone()).toInstant();
        List<PieceRow> mine = inForce().stream()
                .filter(piece ->
                        piece.personId.equals(personId) && piece.endsAt().isAfter(from))
                .toList();
        Map<UUID, Houses.Door> doors = doors(mine);
        List<UUID> steps = mine.stream()
                .map(piece -> piece.stepId)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        Done done = Done.of(mine, sheets);
        Map<UUID, Set<Tool>> tools = sheets.tools(steps);
        Map<UUID, UUID> sheetOf = sheets.open();
        Map<LocalDate, List<Together>> byDay = new LinkedHashMap<>();
        for (Together stroke : Strokes.of(mine)) {
            byDay.computeIfAbsent(LocalDate.ofInstant(stroke.from(), words.zone()), day -> new ArrayList<>())
                    .add(stroke);
        }
        List<DayList.Day> days = byDay.entrySet().stream()
                .limit(SHOWN)
                .map(day -> {
                    Set<Tool> carried = EnumSet.noneOf(Tool.class);
                    pieces(day.getValue())
                            .forEach(piece -> Optional.ofNullable(piece.stepId)
                                    .map(tools::get)
                                    .ifPresent(carried::addAll));
                    int minutes =
                            day.getValue().stream().mapToInt(Together::minutes).sum();
                    return new DayList.Day(
                            words.day(day.getKey()),
                            words.work(Duration.ofMinutes(minutes)),
                            day.getKey().equals(today),
                            day.getValue().stream()
                                    .map(stroke -> stop(stroke, doors, done, sheetOf, words))
                                    .toList(),
                            carried.stream().map(words::name).sorted().toList());
                })
                .toList();
        return new DayList(personId, people.names().getOrDefault(personId, ""), days);
    }

    private static Collection<PieceRow> pieces(List<Together> strokes) {
        return strokes.stream().flatMap(stroke -> stroke.pieces().stream()).toList();
    }

    private DayList.Stop stop(
            Together stroke, Map<UUID, Houses.Door> doors, Done done, Map<UUID, UUID> sheetOf, Words words) {
        UUID sheet = sheetOf.get(stroke.flatId());
        return new DayList.Stop(
                words.clock(stroke.from()),
                words.clock(stroke.to()),
                stroke.flatId(),
                door(doors, stroke.flatId()).name(),
                said(stroke),
                String.join(", ", stroke.rooms()),
                stroke.dry().isAfter(stroke.to()) ? words.moment(stroke.dry(), clock.instant()) : "",
                done.containsAll(stroke.pieces()),
                stroke.kinds().contains(ActivityKind.BAG_TOOLS.name()),
                sheet == null ? "/flats/" + stroke.flatId() : "/sheets/" + sheet);
    }
}
