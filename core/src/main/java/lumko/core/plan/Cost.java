package lumko.core.plan;

import static lumko.core.plan.Net.DAY;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * What a plan comes to, counted from the workload alone.
 *
 * @param readyAt by flat when it is ready
 * @param weightedLate minutes late, each flat's times its weight
 * @param weightedCure minutes of missing cure, each flat's times its weight
 * @param painterDays days on which a painter is needed, summed over painters
 * @param travel minutes on the way and setting up
 * @param bag minutes that tools lie in a bag too long
 * @param changes steps that change painter or day against the plan in force
 * @param total by the weights of the workload
 */
public record Cost(
        List<Integer> readyAt,
        long weightedLate,
        long weightedCure,
        int painterDays,
        int travel,
        int bag,
        int changes,
        double total) {
    public Cost {
        readyAt = List.copyOf(readyAt);
    }

    /** Minutes that a flat is late by. */
    public int late(Workload load, int flat) {
        return Math.max(0, readyAt.get(flat) - load.flats().get(flat).due());
    }

    public static Cost of(Workload load, Plan plan) {
        List<Integer> readyAt = new ArrayList<>();
        long late = 0;
        long cure = 0;
        int bag = 0;
        int changes = 0;
        int s = 0;
        Airs airs = new Airs();
        for (Workload.Flat flat : load.flats()) {
            int ready = flat.release();
            for (Workload.Room room : flat.rooms()) {
                int dry = 0;
                for (int i = 0; i < room.steps().size(); i++, s++) {
                    Workload.Step step = room.steps().get(i);
                    if (i > 0) {
                        int free = plan.start(s - 1) + room.steps().get(i - 1).minutes();
                        int wanted = room.steps().get(i - 1).lagSoftMax().orElse(Integer.MAX_VALUE);
                        bag += Math.max(0, plan.start(s) - free - wanted);
                    }
                    dry = airs.of(room).driedAt(plan.start(s) + step.minutes(), step.lagMin());
                    changes += isChanged(load, step, plan, s) ? 1 : 0;
                }
                ready = Math.max(ready, dry);
            }
            readyAt.add(ready);
            late += (long) flat.weight() * Math.max(0, ready - flat.due());
            cure += (long) flat.weight() * Math.max(0, ready + flat.cure() - flat.due());
        }
        Ways ways = Ways.of(load, plan);
        Workload.Weights weights = load.weights();
        double total = weights.late() * late
                + weights.cure() * cure
                + weights.painterDay() * ways.days
                + weights.travel() * ways.minutes
                + weights.bag() * bag
                + weights.change() * changes
                + weights.span()
                        * readyAt.stream().mapToInt(Integer::intValue).max().orElse(0);
        return new Cost(readyAt, late, cure, ways.days, ways.minutes, bag, changes, total);
    }

    private static boolean isChanged(Workload load, Workload.Step step, Plan plan, int s) {
        return step.was()
                .filter(was -> !was.painter()
                                .equals(load.painters().get(plan.painter(s)).id())
                        || was.start() / DAY != plan.start(s) / DAY)
                .isPresent();
    }

    private record Ways(int days, int minutes) {
        static Ways of(Workload load, Plan plan) {
            List<Integer> flatOf = load.flatOfSteps();
            Map<String, Integer> flats = load.flatNumbers();
            Set<Integer> days = new HashSet<>();
            int minutes = 0;
            for (int p = 0; p < load.painters().size(); p++) {
                int painter = p;
                int at = load.painters().get(p).at().map(flats::get).orElse(Workload.DEPOT);
                List<Integer> mine = IntStream.range(0, plan.size())
                        .filter(s -> plan.painter(s) == painter)
                        .boxed()
                        .sorted(Comparator.comparing(plan::start))
                        .toList();
                for (int s : mine) {
                    minutes += load.way(at, flatOf.get(s));
                    at = flatOf.get(s);
                    days.add(plan.start(s) / DAY * load.painters().size() + p);
                }
            }
            return new Ways(days.size(), minutes);
        }
    }
}
