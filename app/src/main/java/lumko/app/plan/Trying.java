package lumko.app.plan;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import lumko.app.account.People;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.core.plan.Cost;
import lumko.core.plan.Plan;
import lumko.core.plan.Planner;
import lumko.core.plan.Rules;
import lumko.core.plan.Workload;
import lumko.core.plan.Workload.Lock;
import lumko.core.plan.Workload.Step;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says what it would do to settle who does a piece of work, or when, before anybody settles it. */
@Service
@Transactional(readOnly = true)
class Trying {
    /** Less is not worth a line. */
    private static final int WORTH_SAYING_MIN = 15;

    private final PlanRepository plans;
    private final PieceRepository pieces;
    private final LockRepository locks;
    private final WorkAheadReader reader;
    private final People people;
    private final Speaker speaker;
    private final Clock clock;

    Trying(
            PlanRepository plans,
            PieceRepository pieces,
            LockRepository locks,
            WorkAheadReader reader,
            People people,
            Speaker speaker,
            Clock clock) {
        this.plans = plans;
        this.pieces = pieces;
        this.locks = locks;
        this.reader = reader;
        this.people = people;
        this.speaker = speaker;
        this.clock = clock;
    }

    /**
     * A piece of work of the plan in force.
     *
     * @param painters who may do it
     * @param isSettled whether somebody or a time is settled for it
     */
    record Piece(
            String key,
            String flat,
            UUID flatId,
            String what,
            String rooms,
            UUID person,
            Instant begins,
            Instant ends,
            boolean isSettled,
            List<People.Colleague> painters) {}

    /**
     * What settling would do.
     *
     * @param refused why it cannot be; empty if it can
     * @param effects on flats and hands
     */
    record Tried(List<String> refused, List<String> effects) {
        public boolean isPossible() {
            return refused.isEmpty();
        }
    }

    /** A piece, and what settling it would do where who or when is said. */
    record Look(Piece piece, Optional<Tried> tried) {}

    Look look(String key, Optional<UUID> person, Optional<Instant> begins) {
        PieceRow row = row(key);
        WorkAhead ahead = ahead();
        Optional<Tried> tried = person.isEmpty() && begins.isEmpty()
                ? Optional.empty()
                : Optional.of(attempt(ahead, key, person, begins));
        return new Look(piece(row, ahead), tried);
    }

    /** What would come of it. */
    Tried attempt(String key, Optional<UUID> person, Optional<Instant> begins) {
        row(key);
        return attempt(ahead(), key, person, begins);
    }

    private WorkAhead ahead() {
        return reader.read(plans.findByState(PlanState.IN_FORCE));
    }

    private Piece piece(PieceRow row, WorkAhead ahead) {
        Words words = speaker.words();
        Optional<Step> step = ahead.load().steps().stream()
                .filter(each -> each.id().equals(row.key))
                .findFirst();
        return new Piece(
                row.key,
                ahead.flats().stream()
                        .filter(each -> each.flatId().equals(row.flatId))
                        .map(WorkAhead.FlatAhead::name)
                        .findFirst()
                        .orElse(""),
                row.flatId,
                words.say("step." + row.kind),
                String.join(", ", row.rooms),
                row.personId,
                row.beginsAt,
                row.endsAt(),
                locks.findByKey(row.key).isPresent(),
                people.all().stream()
                        .filter(each -> step.filter(
                                        open -> ahead.load().mayDo(each.id().toString(), open))
                                .isPresent())
                        .toList());
    }

    private PieceRow row(String key) {
        return plans.findByState(PlanState.IN_FORCE)
                .flatMap(plan -> pieces.findByPlanIdAndKey(plan.id(), key))
                .orElseThrow(NotFoundException::new);
    }

    private static Map<String, Integer> numbers(WorkAhead ahead) {
        Map<String, Integer> numbers = new HashMap<>();
        ahead.load().steps().forEach(step -> numbers.put(step.id(), numbers.size()));
        return numbers;
    }

    private Tried attempt(WorkAhead ahead, String key, Optional<UUID> person, Optional<Instant> begins) {
        Words words = speaker.words();
        Integer number = numbers(ahead).get(key);
        if (number == null) {
            return new Tried(List.of(words.say("settle.gone")), List.of());
        }
        Step step = ahead.load().steps().get(number);
        if (person.filter(who -> !ahead.load().mayDo(who.toString(), step)).isPresent()) {
            return new Tried(List.of(words.say("rule." + Rules.Rule.HANDS)), List.of());
        }
        if (step.lock() instanceof Lock.Fact) {
            return new Tried(List.of(words.say("settle.begun")), List.of());
        }
        Workload before = ahead.load().priced(Manner.BALANCED.change());
        Optional<Plan> standing = new Planner(before).repaired();
        Lock wish = new Lock.Wish(
                person.map(UUID::toString),
                begins.map(ahead::minute).map(OptionalInt::of).orElse(OptionalInt.empty()));
        Workload wished = before.changing(each -> each.id().equals(key) ? each.locked(wish) : each);
        Optional<Plan> found = new Planner(wished).repaired();
        if (found.isEmpty() || standing.isEmpty()) {
            return new Tried(refusals(ahead, before, standing, number, person, begins), List.of());
        }
        return new Tried(List.of(), effects(ahead, wished, standing.get(), found.get()));
    }

    /** What the piece would break if it were simply moved; else that the rest finds no place round it. */
    private List<String> refusals(
            WorkAhead ahead,
            Workload load,
            Optional<Plan> standing,
            int number,
            Optional<UUID> person,
            Optional<Instant> begins) {
        Words words = speaker.words();
        List<String> refused = new ArrayList<>();
        standing.ifPresent(plan -> {
            int[] painters = new int[plan.size()];
            int[] starts = new int[plan.size()];
            for (int s = 0; s < plan.size(); s++) {
                painters[s] = plan.painter(s);
                starts[s] = plan.start(s);
            }
            person.map(ahead.numberOfPerson()::get).ifPresent(p -> painters[number] = p);
            begins.ifPresent(moment -> starts[number] = Math.max(0, ahead.minute(moment)));
            String key = load.steps().get(number).id();
            Rules.broken(load, Plan.of(painters, starts)).stream()
                    .filter(breach -> breach.step().equals(key))
                    .map(breach -> words.say("rule." + breach.rule()))
                    .distinct()
                    .forEach(refused::add);
        });
        return refused.isEmpty() ? List.of(words.say("settle.noPlace")) : refused;
    }

    private List<String> effects(WorkAhead ahead, Workload load, Plan standing, Plan found) {
        Words words = speaker.words();
        Cost before = Cost.of(load, standing);
        Cost after = Cost.of(load, found);
        List<String> effects = new ArrayList<>();
        int more = 0;
        for (int s = 0; s < found.size(); s++) {
            more += found.painter(s) != standing.painter(s) || found.start(s) != standing.start(s) ? 1 : 0;
        }
        effects.add(words.say(more == 1 ? "settle.movesOne" : "settle.moves", more));
        List<Integer> flats = new ArrayList<>();
        for (int f = 0; f < ahead.flats().size(); f++) {
            if (Math.abs(after.readyAt().get(f) - before.readyAt().get(f)) >= WORTH_SAYING_MIN) {
                flats.add(f);
            }
        }
        flats.sort(Comparator.comparing((Integer f) ->
                -Math.abs(after.readyAt().get(f) - before.readyAt().get(f))));
        for (int f : flats) {
            int later = after.readyAt().get(f) - before.readyAt().get(f);
            boolean isLate = ahead.flats().get(f).hasDue() && after.late(load, f) > 0;
            effects.add(words.say(
                            later > 0 ? "plan.later" : "plan.sooner",
                            ahead.flats().get(f).name(),
                            words.duration(Duration.ofMinutes(Math.abs(later))))
                    + ", "
                    + words.moment(ahead.instant(after.readyAt().get(f)), clock.instant())
                    + (isLate ? ": " + words.say("settle.late") : ""));
        }
        if (flats.isEmpty()) {
            effects.add(words.say("settle.noFlat"));
        }
        return effects;
    }
}
