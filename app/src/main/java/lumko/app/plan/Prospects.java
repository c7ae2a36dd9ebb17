package lumko.app.plan;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.People;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.sheet.Sheets;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the plan in force holds for each flat. */
@Service
@Transactional(readOnly = true)
public class Prospects {
    /** What was due before a long weekend and is not done yet still comes next. */
    private static final Duration STILL_DUE = Duration.ofDays(4);

    private final PlanRepository plans;
    private final PieceRepository pieces;
    private final PlannedFlatRepository flats;
    private final Sheets sheets;
    private final People people;
    private final Speaker speaker;
    private final Clock clock;

    Prospects(
            PlanRepository plans,
            PieceRepository pieces,
            PlannedFlatRepository flats,
            Sheets sheets,
            People people,
            Speaker speaker,
            Clock clock) {
        this.plans = plans;
        this.pieces = pieces;
        this.flats = flats;
        this.sheets = sheets;
        this.people = people;
        this.speaker = speaker;
        this.clock = clock;
    }

    /**
     * @param lateBy nothing if it is ready when it is due, or nobody is expected
     * @param chance that it is ready when it is due; empty if nobody is expected
     * @param says between when and when it is ready in most futures, and how late or how likely in time
     * @param next who comes next and when; empty where nothing is planned any more
     */
    public record Prospect(UUID flatId, Duration lateBy, Optional<Double> chance, String says, Optional<String> next) {
        /** What costs most by waiting comes first. */
        public static final Comparator<Prospect> MOST_PRESSING = Comparator.comparing(Prospect::lateBy)
                .reversed()
                .thenComparing(prospect -> prospect.chance().orElse(1.0));
    }

    /** By flat, of those that are planned. */
    public Map<UUID, Prospect> all() {
        return plans.findByState(PlanState.IN_FORCE)
                .map(plan -> prospects(
                        flats.findByPlanId(plan.id()),
                        pieces.findByPlanIdAndBeginsAtAfterOrderByBeginsAt(plan.id(), earliest())))
                .orElse(Map.of());
    }

    /** The prospect of one flat. */
    public Optional<Prospect> of(UUID flatId) {
        return plans.findByState(PlanState.IN_FORCE)
                .map(plan -> prospects(
                        flats.findByPlanIdAndFlatId(plan.id(), flatId).stream().toList(),
                        pieces.findByPlanIdAndFlatIdAndBeginsAtAfterOrderByBeginsAt(plan.id(), flatId, earliest())))
                .map(known -> known.get(flatId));
    }

    /** The same without who comes next: for where that is shown already, or would be overtaken by the next tick. */
    public Optional<Prospect> readiness(UUID flatId) {
        return plans.findByState(PlanState.IN_FORCE)
                .flatMap(plan -> flats.findByPlanIdAndFlatId(plan.id(), flatId))
                .map(row -> prospect(row, Optional.empty(), Map.of(), clock.instant()));
    }

    private Instant earliest() {
        return clock.instant().minus(STILL_DUE);
    }

    /** What was due and is not done comes first; what somebody has done ahead of its time comes no more. */
    private Map<UUID, Prospect> prospects(List<PlannedFlatRow> rows, List<PieceRow> pieces) {
        Instant now = clock.instant();
        Done done = Done.of(pieces, sheets);
        Map<UUID, PieceRow> next = new HashMap<>();
        pieces.stream()
                .filter(piece -> done.isAhead(piece, now))
                .forEach(piece -> next.putIfAbsent(piece.flatId, piece));
        Map<UUID, String> names = people.names();
        return rows.stream()
                .collect(Collectors.toMap(
                        row -> row.flatId,
                        row -> prospect(row, Optional.ofNullable(next.get(row.flatId)), names, now)));
    }

    private Prospect prospect(PlannedFlatRow row, Optional<PieceRow> next, Map<UUID, String> names, Instant now) {
        Words words = speaker.words();
        Duration lateBy = row.lateBy();
        Optional<Double> chance = Optional.ofNullable(row.chance);
        String ready = ready(row, words, now);
        return new Prospect(
                row.flatId,
                lateBy,
                chance,
                lateBy.isZero()
                        ? ready
                                + chance.map(share -> ", " + words.say("plan.chance", words.chance(share)))
                                        .orElse("")
                        : ready + ", " + words.say("plan.lateBy", words.duration(lateBy)),
                next.map(piece -> words.say(
                        "prospect.next",
                        words.moment(piece.beginsAt, now),
                        names.getOrDefault(piece.personId, ""),
                        words.say("step." + piece.kind))));
    }

    /** The planned moment alone would promise more than most futures keep. */
    private static String ready(PlannedFlatRow row, Words words, Instant now) {
        String early = words.moment(row.earlyAt, now);
        return row.earlyAt.equals(row.lateAt)
                ? words.say("prospect.ready", early)
                // of one day it says the hours alone
                : words.say("prospect.between", early, words.moment(row.lateAt, row.earlyAt));
    }
}
