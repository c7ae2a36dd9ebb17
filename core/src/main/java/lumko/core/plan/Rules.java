package lumko.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a plan must keep, asked of it anew: written from the workload alone and not from what the search knows, so that a plan
 * that breaks a rule is told whoever made it. Of what has begun nothing is asked any more; what may not be left waiting after it is
 * done as soon as it can be.
 */
public final class Rules {
    /** What can be broken. */
    public enum Rule {
        HANDS,
        SHIFT,
        OVERLAP,
        WAY,
        RELEASE,
        DRYING,
        LONGEST_WAIT,
        ACCESS,
        THING,
        LOCK,
        EARLIEST
    }

    /**
     * A rule that is broken.
     *
     * @param step id of the step that comes at the wrong time or to the wrong hands
     * @param by minutes too early or too late; 0 where that says nothing
     */
    public record Breach(Rule rule, String step, int by) {}

    private final Workload load;
    private final Plan plan;
    private final List<Workload.Step> steps;
    private final List<Integer> flatOf;
    private final Airs airs = new Airs();
    private final List<Breach> breaches = new ArrayList<>();

    private Rules(Workload load, Plan plan) {
        this.load = load;
        this.plan = plan;
        steps = load.steps();
        flatOf = load.flatOfSteps();
    }

    /** Everything a plan breaks; empty if it can be done as it stands. */
    public static List<Breach> broken(Workload load, Plan plan) {
        Rules rules = new Rules(load, plan);
        if (plan.size() != rules.steps.size()) {
            throw new IllegalArgumentException(
                    "the plan must have " + rules.steps.size() + " steps, had " + plan.size());
        }
        for (int s = 0; s < rules.steps.size(); s++) {
            rules.checkStep(s);
        }
        for (int p = 0; p < load.painters().size(); p++) {
            rules.checkPainter(p);
        }
        int first = 0;
        for (Workload.Flat flat : load.flats()) {
            rules.checkFlat(flat, first);
            first += flat.steps().size();
        }
        load.things().forEach(rules::checkThing);
        return rules.breaches;
    }

    private int end(int s) {
        return plan.start(s) + steps.get(s).minutes();
    }

    private void need(boolean isKept, Rule rule, int s, int by) {
        if (!isKept) {
            breaches.add(new Breach(rule, steps.get(s).id(), by));
        }
    }

    private void checkStep(int s) {
        Workload.Step step = steps.get(s);
        if (step.lock() instanceof Workload.Lock.Fact fact) {
            boolean isSo = plan.start(s) == fact.start()
                    && load.painters().get(plan.painter(s)).id().equals(fact.painter());
            need(isSo, Rule.LOCK, s, plan.start(s) - fact.start());
            return;
        }
        Workload.Painter painter = load.painters().get(plan.painter(s));
        Workload.Flat flat = load.flats().get(flatOf.get(s));
        int start = plan.start(s);
        need(painter.can(step), Rule.HANDS, s, 0);
        need(painter.hours().stream().anyMatch(span -> span.holds(start, end(s))), Rule.SHIFT, s, 0);
        need(start >= flat.release(), Rule.RELEASE, s, flat.release() - start);
        need(start >= step.earliest(), Rule.EARLIEST, s, step.earliest() - start);
        need(
                flat.access().isEmpty() || flat.access().stream().anyMatch(span -> span.holds(start, end(s))),
                Rule.ACCESS,
                s,
                0);
        need(painter.mayDo(step), Rule.LOCK, s, 0);
        if (step.lock() instanceof Workload.Lock.Wish wish) {
            int wanted = wish.start().orElse(start);
            need(wanted == start, Rule.LOCK, s, start - wanted);
        }
    }

    private void checkPainter(int painter) {
        List<Integer> mine = IntStream.range(0, plan.size())
                .filter(s -> plan.painter(s) == painter)
                .boxed()
                .sorted(Comparator.comparing(plan::start))
                .toList();
        int at = load.painters().get(painter).at().map(load.flatNumbers()::get).orElse(Workload.DEPOT);
        int free = Integer.MIN_VALUE;
        for (int s : mine) {
            int start = plan.start(s);
            boolean isFact = steps.get(s).isFact();
            need(isFact || start >= free, Rule.OVERLAP, s, free - start);
            int way = load.way(at, flatOf.get(s));
            if (way > 0 && !isFact) {
                int setsOut = start - way;
                int busyUntil = free;
                need(
                        setsOut >= busyUntil
                                && setsOut >= load.flats().get(flatOf.get(s)).release()
                                && load.painters().get(painter).hours().stream()
                                        .anyMatch(span -> span.holds(setsOut, end(s))),
                        Rule.WAY,
                        s,
                        way);
            }
            at = flatOf.get(s);
            free = Math.max(free, end(s));
        }
    }

    private void checkFlat(Workload.Flat flat, int first) {
        for (Workload.Room room : flat.rooms()) {
            AirCurve air = airs.of(room);
            int ofRoom = room.steps().isEmpty()
                    ? first
                    : first + flat.number(room.steps().getFirst().id());
            for (int i = 1; i < room.steps().size(); i++) {
                Workload.Step before = room.steps().get(i - 1);
                int from = ofRoom + i - 1;
                int to = ofRoom + i;
                int dry = air.driedAt(end(from), before.lagMin());
                boolean isBegun = steps.get(to).isFact();
                need(isBegun || plan.start(to) >= dry, Rule.DRYING, to, dry - plan.start(to));
                int waits = plan.start(to) - end(from);
                need(
                        isBegun
                                || before.isFact()
                                || before.lagMax().isEmpty()
                                || waits <= before.lagMax().getAsInt(),
                        Rule.LONGEST_WAIT,
                        to,
                        waits - before.lagMax().orElse(waits));
            }
            for (Workload.Link link : flat.links()) {
                if (room.steps().stream().anyMatch(step -> step.id().equals(link.from()))) {
                    int to = first + flat.number(link.to());
                    int dry = air.driedAt(end(first + flat.number(link.from())), link.lagMin());
                    int from = first + flat.number(link.from());
                    boolean isBegun = steps.get(to).isFact();
                    need(isBegun || plan.start(to) >= dry, Rule.DRYING, to, dry - plan.start(to));
                    int over = plan.start(to) - end(from) - link.lagMax().orElse(Integer.MAX_VALUE / 2);
                    need(isBegun || steps.get(from).isFact() || over <= 0, Rule.LONGEST_WAIT, to, over);
                }
            }
        }
    }

    private void checkThing(String thing, int count) {
        List<Integer> users = IntStream.range(0, plan.size())
                .filter(s -> steps.get(s).thing().filter(thing::equals).isPresent())
                .boxed()
                .toList();
        List<AirCurve> airs = load.airOfSteps();
        for (int s : users) {
            long inUse = users.stream()
                    .filter(other -> plan.start(other) <= plan.start(s)
                            && plan.start(s)
                                    < airs.get(other)
                                            .driedAt(
                                                    end(other), steps.get(other).lagMin()))
                    .count();
            need(inUse <= count, Rule.THING, s, 0);
        }
    }
}
