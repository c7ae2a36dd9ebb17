package lumko.app.plan;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import lumko.core.plan.Airs;
import lumko.core.plan.Chain;
import lumko.core.plan.Cost;
import lumko.core.plan.Futures;
import lumko.core.plan.Plan;
import lumko.core.plan.Workload;
import lumko.core.turnover.FlatWork;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Writes plans down: pieces, flats with their chances and chains, and what would help those that are late. */
@Component
class Offers {
    private static final int FUTURES = 500;
    /** In between lies what comes of four futures in five. */
    private static final double EARLY = 0.1;

    private static final double LATE = 0.9;
    /** A span of futures is not known better than to a quarter of an hour. */
    private static final int EXACT_MIN = 15;
    /** So many late flats are helped at once: the first are what matters. */
    private static final int MOST_HELPED = 4;

    private final PlanRepository plans;
    private final PieceRepository pieces;
    private final PlannedFlatRepository flats;
    private final TouchedUp touchedUp;
    private final Clock clock;
    private final long mostNanos;

    /**
     * @param seconds how long it is tried what would help flats that are late
     */
    Offers(
            PlanRepository plans,
            PieceRepository pieces,
            PlannedFlatRepository flats,
            TouchedUp touchedUp,
            Clock clock,
            @Value("${lumko.plan.seconds}") double seconds) {
        this.plans = plans;
        this.pieces = pieces;
        this.flats = flats;
        this.touchedUp = touchedUp;
        this.clock = clock;
        mostNanos = Math.round(seconds * 1e9);
    }

    /** A plan with all that is said of it, reckoned and not written down yet. */
    record Reckoned(
            WorkAhead ahead, Plan plan, Cost cost, Futures futures, List<List<Held>> chains, List<List<Help>> helps) {
        /** Minutes that a flat is late by; none where nobody is expected. */
        int late(int flat) {
            return ahead.flats().get(flat).hasDue() ? cost.late(ahead.load(), flat) : 0;
        }

        int[] late() {
            return IntStream.range(0, ahead.flats().size()).map(this::late).toArray();
        }
    }

    /**
     * Reckons what becomes of a plan. Takes its time: not while a transaction is open.
     *
     * @param isHelped whether it is tried what would help flats that are late
     */
    Reckoned reckon(WorkAhead ahead, Plan plan, boolean isHelped, Map<UUID, String> names) {
        Workload load = ahead.load();
        Cost cost = Cost.of(load, plan);
        Futures futures = Futures.of(load, plan, ahead.spreads(), FUTURES, 1);
        List<List<Help>> helps = new ArrayList<>();
        Map<String, String> byKey = new HashMap<>();
        names.forEach((id, name) -> byKey.put(id.toString(), name));
        long begun = System.nanoTime();
        Helps helping = new Helps(ahead, plan, byKey, touchedUp::of, () -> System.nanoTime() - begun < mostNanos);
        List<Integer> late = IntStream.range(0, ahead.flats().size())
                .filter(f -> isHelped && ahead.flats().get(f).hasDue() && cost.late(load, f) > 0)
                .boxed()
                .sorted(Comparator.comparing((Integer f) -> cost.late(load, f)).reversed())
                .limit(MOST_HELPED)
                .toList();
        Map<Integer, List<Help>> tried = new HashMap<>();
        for (int f : late) {
            if (tried.isEmpty() || System.nanoTime() - begun < mostNanos) {
                tried.put(f, helping.of(f, cost.readyAt().get(f)));
            }
        }
        for (int f = 0; f < ahead.flats().size(); f++) {
            helps.add(tried.getOrDefault(f, List.of()));
        }
        Telling telling = new Telling(ahead, plan, names);
        List<List<Held>> chains = IntStream.range(0, ahead.flats().size())
                .mapToObj(telling::chain)
                .toList();
        return new Reckoned(ahead, plan, cost, futures, chains, helps);
    }

    /** Writes a plan down as an offer. */
    PlanRow offer(Reckoned reckoned, Manner manner, Optional<UUID> base) {
        PlanRow row = new PlanRow(UUID.randomUUID());
        row.manner = manner;
        row.baseId = base.orElse(null);
        row.madeAt = clock.instant();
        sum(reckoned, row);
        row.painterDays = reckoned.cost().painterDays();
        row.wayMin = reckoned.cost().travel();
        row.changes = reckoned.cost().changes();
        plans.saveAndFlush(row);
        pieces.saveAll(pieces(reckoned, row.id()));
        flats.saveAll(flats(reckoned, row.id()));
        return row;
    }

    /** What the plan in force comes to as things stand, in place of what was said of it before. */
    void retell(PlanRow inForce, Reckoned asItGoes) {
        flats.deleteAll(flats.findByPlanId(inForce.id()));
        flats.flush();
        flats.saveAll(flats(asItGoes, inForce.id()));
        sum(asItGoes, inForce);
        plans.save(inForce);
    }

    private static void sum(Reckoned reckoned, PlanRow row) {
        row.lateMin = Arrays.stream(reckoned.late()).asLongStream().sum();
        row.lateFlats =
                (int) Arrays.stream(reckoned.late()).filter(late -> late > 0).count();
    }

    private List<PieceRow> pieces(Reckoned reckoned, UUID planId) {
        WorkAhead ahead = reckoned.ahead();
        List<PieceRow> rows = new ArrayList<>();
        List<FlatWork.Piece> all = ahead.pieces();
        Airs airs = new Airs();
        int s = 0;
        for (int f = 0; f < ahead.flats().size(); f++) {
            WorkAhead.FlatAhead flat = ahead.flats().get(f);
            Workload.Flat planned = ahead.load().flats().get(f);
            for (Workload.Room room : planned.rooms()) {
                for (Workload.Step step : room.steps()) {
                    FlatWork.Piece piece = all.get(s);
                    PieceRow row = new PieceRow(planId);
                    row.flatId = flat.flatId();
                    row.turnoverId = flat.turnoverId();
                    row.key = step.id();
                    row.stepId = piece.kind() == FlatWork.Kind.SHEET ? UUID.fromString(piece.activity()) : null;
                    row.part = piece.part();
                    row.parts = piece.parts();
                    row.kind = step.name();
                    row.rooms = flat.rooms()
                            .getOrDefault(piece.activity(), List.of())
                            .toArray(String[]::new);
                    row.personId = ahead.people().get(reckoned.plan().painter(s));
                    row.beginsAt = ahead.instant(reckoned.plan().start(s));
                    row.minutes = step.minutes();
                    row.dryAt = ahead.instant(
                            airs.of(room).driedAt(reckoned.plan().start(s) + step.minutes(), step.lagMin()));
                    rows.add(row);
                    s++;
                }
            }
        }
        return rows;
    }

    private List<PlannedFlatRow> flats(Reckoned reckoned, UUID planId) {
        WorkAhead ahead = reckoned.ahead();
        List<PlannedFlatRow> rows = new ArrayList<>();
        for (int f = 0; f < ahead.flats().size(); f++) {
            WorkAhead.FlatAhead flat = ahead.flats().get(f);
            Workload.Flat planned = ahead.load().flats().get(f);
            int ready = reckoned.cost().readyAt().get(f);
            PlannedFlatRow row = new PlannedFlatRow(planId);
            row.flatId = flat.flatId();
            row.turnoverId = flat.turnoverId();
            row.readyAt = ahead.instant(ready);
            row.curedAt = ahead.instant(ready + planned.cure());
            if (flat.hasDue()) {
                row.dueAt = ahead.instant(planned.due());
                row.chance = reckoned.futures().readyBy(f, planned.due());
            }
            row.earlyAt = ahead.instant(Math.floorDiv(reckoned.futures().readyIn(f, EARLY), EXACT_MIN) * EXACT_MIN);
            row.lateAt = ahead.instant(Math.ceilDiv(reckoned.futures().readyIn(f, LATE), EXACT_MIN) * EXACT_MIN);
            row.chain = Kept.write(reckoned.chains().get(f));
            row.helps = Kept.write(reckoned.helps().get(f));
            rows.add(row);
        }
        return rows;
    }

    /** Tells chains, with what is looked up for each of them made once. */
    private static final class Telling {
        private final WorkAhead ahead;
        private final Plan plan;
        private final Map<UUID, String> names;
        private final Chain chains;
        private final List<Workload.Step> steps;
        private final List<Integer> flatOf;
        private final List<FlatWork.Piece> pieces;

        Telling(WorkAhead ahead, Plan plan, Map<UUID, String> names) {
            this.ahead = ahead;
            this.plan = plan;
            this.names = names;
            chains = new Chain(ahead.load(), plan);
            steps = ahead.load().steps();
            flatOf = ahead.load().flatOfSteps();
            pieces = ahead.pieces();
        }

        /** What held up another flat is that flat's own story: told from the last hand that came from there. */
        List<Held> chain(int flat) {
            List<Held> chain = chains.of(flat).stream().map(this::held).toList();
            int own = chain.size() - 1;
            while (own > 0 && chain.get(own).byFlat().isEmpty()) {
                own--;
            }
            return chain.subList(Math.max(0, own), chain.size());
        }

        private Held held(Chain.Link link) {
            int s = link.step();
            int by = link.by();
            Workload.Step step = steps.get(s);
            boolean isOfOther = by >= 0 && !flatOf.get(by).equals(flatOf.get(s));
            int start = plan.start(s);
            return new Held(
                    step.name(),
                    ahead.flats()
                            .get(flatOf.get(s))
                            .rooms()
                            .getOrDefault(pieces.get(s).activity(), List.of()),
                    names.getOrDefault(ahead.people().get(plan.painter(s)), ""),
                    ahead.instant(start),
                    ahead.instant(start + step.minutes()),
                    link.held(),
                    pieces.get(s).awaitsPaint(),
                    by < 0 ? "" : steps.get(by).name(),
                    isOfOther ? ahead.flats().get(flatOf.get(by)).name() : "",
                    ahead.instant(link.free()),
                    link.pause());
        }
    }
}
