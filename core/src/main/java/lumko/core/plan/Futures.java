package lumko.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * What may become of a plan: minutes and drying come out otherwise than reckoned, and everybody keeps to the order: who is done early
 * goes on with what is next on that day, who is late pushes it to the right, and who has to wait takes what fits in of what is
 * planned for that day or should have been done before. Nobody searches for a better order meanwhile, so the chances are those of
 * a plan left alone.
 *
 * <p><i>Valid for</i> spreads up to about a factor of two; both are taken to be lognormal about what was reckoned. Air is shared
 * by all rooms of a flat: half of the spread of drying comes on all of its steps alike (ASSUMPTION).
 */
public final class Futures {
    /** Among so many of their next steps a painter looks for one that fits in. */
    private static final int LOOKS_AHEAD = 12;

    private final int[][] ready;

    private Futures(int[][] ready) {
        this.ready = ready;
    }

    /**
     * How far a step may come out otherwise, as the standard deviation of the logarithm: 0.25 is a quarter more or less in two
     * futures of three.
     */
    public record Spread(double minutes, double drying) {
        public Spread {
            if (!(minutes >= 0 && minutes <= 2 && drying >= 0 && drying <= 2)) {
                throw new IllegalArgumentException("a spread must be 0–2, was " + minutes + " and " + drying);
            }
        }
    }

    /**
     * @param plan one that breaks no rule
     * @param spreads by step
     */
    public static Futures of(Workload load, Plan plan, List<Spread> spreads, int samples, long seed) {
        Net net = new Net(load);
        SplittableRandom random = new SplittableRandom(seed);
        int[][] planned = IntStream.range(0, net.painters)
                .mapToObj(p -> IntStream.range(0, net.steps)
                        .filter(step -> plan.painter(step) == p)
                        .boxed()
                        .sorted(Comparator.comparingInt(plan::start))
                        .mapToInt(Integer::intValue)
                        .toArray())
                .toArray(int[][]::new);
        int[][] ready = new int[net.flats][samples];
        for (int i = 0; i < samples; i++) {
            int[] readyAt = new Course(net, plan, planned, spreads, random).ready();
            for (int f = 0; f < net.flats; f++) {
                ready[f][i] = readyAt[f];
            }
        }
        for (int[] each : ready) {
            Arrays.sort(each);
        }
        return new Futures(ready);
    }

    /** One future. */
    private static final class Course {
        private final Net net;
        private final Plan plan;
        /** By painter their steps as planned. */
        private final int[][] planned;

        private final int[] minutes;
        private final double[] drying;
        private final boolean[] isDone;
        private final int[] end;
        /** By painter the first of their steps that is not done. */
        private final int[] first;

        private final int[] free;
        private final int[] at;
        private final int[] ready;
        /** By painter what they do next, -1 for nothing, and when; and whether that holds still. */
        private final int[] next;

        private final int[] nextAt;
        private final boolean[] isKnown;

        Course(Net net, Plan plan, int[][] planned, List<Spread> spreads, SplittableRandom random) {
            this.net = net;
            this.plan = plan;
            this.planned = planned;
            minutes = new int[net.steps];
            drying = new double[net.steps];
            isDone = new boolean[net.steps];
            end = new int[net.steps];
            first = new int[net.painters];
            free = new int[net.painters];
            at = net.startsAt.clone();
            ready = net.release.clone();
            next = new int[net.painters];
            nextAt = new int[net.painters];
            isKnown = new boolean[net.painters];
            double[] air = IntStream.range(0, net.flats)
                    .mapToDouble(f -> random.nextGaussian())
                    .toArray();
            for (int s = 0; s < net.steps; s++) {
                Spread spread = spreads.get(s);
                drying[s] = Math.exp(spread.drying() * (air[net.flat[s]] + random.nextGaussian()) / Math.sqrt(2));
                minutes[s] = (int)
                        Math.max(1, Math.round(net.minutes[s] * Math.exp(spread.minutes() * random.nextGaussian())));
            }
        }

        /** By flat. */
        int[] ready() {
            int left = net.steps;
            for (int s = 0; s < net.steps; s++) {
                if (net.isFact[s]) {
                    done(s, plan.start(s) + minutes[s]);
                    left--;
                }
            }
            for (; left > 0; left--) {
                int p = whoIsNext();
                done(next[p], worked(net, p, nextAt[p], minutes[next[p]]));
            }
            return ready;
        }

        private int whoIsNext() {
            int soonest = -1;
            for (int p = 0; p < net.painters; p++) {
                if (!isKnown[p]) {
                    look(p);
                    isKnown[p] = true;
                }
                if (next[p] >= 0 && (soonest < 0 || nextAt[p] < nextAt[soonest])) {
                    soonest = p;
                }
            }
            return soonest;
        }

        /** Finds what a painter does next, as far as can be told yet. */
        private void look(int p) {
            int[] own = planned[p];
            next[p] = -1;
            nextAt[p] = Net.NEVER;
            if (first[p] == own.length) {
                return;
            }
            int due = own[first[p]];
            if (isOpen(due)) {
                next[p] = due;
                nextAt[p] = start(due);
            }
            int most = Math.min(own.length, first[p] + LOOKS_AHEAD);
            for (int k = first[p] + 1; k < most; k++) {
                int s = own[k];
                if (!isDone[s] && net.lockedStart[s] < 0 && isOpen(s)) {
                    int start = start(s);
                    if (start < nextAt[p] && isBackBy(nextAt[p], start, s, due)) {
                        next[p] = s;
                        nextAt[p] = start;
                        return;
                    }
                }
            }
        }

        private boolean isBackBy(int dueAt, int start, int s, int due) {
            int way = net.way(net.flat[s], net.flat[due]);
            return worked(net, plan.painter(s), start, minutes[s] + way) <= dueAt;
        }

        private boolean isOpen(int s) {
            for (int earlier : net.before[s]) {
                if (!isDone[earlier]) {
                    return false;
                }
            }
            return true;
        }

        /** What is settled begins then, and nothing on a day before that of the plan. */
        private int start(int s) {
            int p = plan.painter(s);
            int f = net.flat[s];
            int start = net.lockedStart[s] >= 0
                    ? plan.start(s)
                    : Math.max(Math.max(net.earliest[s], net.release[f]), plan.start(s) / Net.DAY * Net.DAY);
            for (int k = 0; k < net.before[s].length; k++) {
                int earlier = net.before[s][k];
                int wait = (int) Math.round(net.beforeLag[s][k] * drying[earlier]);
                start = Math.max(start, net.driedAt(earlier, end[earlier], wait));
            }
            return net.access(f, Math.max(start, worked(net, p, free[p], net.way(at[p], f))), 1);
        }

        private void done(int s, int when) {
            int p = plan.painter(s);
            int f = net.flat[s];
            isDone[s] = true;
            end[s] = when;
            free[p] = Math.max(free[p], when);
            at[p] = f;
            isKnown[p] = false;
            for (int later : net.after[s]) {
                isKnown[plan.painter(later)] = false;
            }
            while (first[p] < planned[p].length && isDone[planned[p][first[p]]]) {
                first[p]++;
            }
            if (net.endsRoom[s]) {
                int wait = (int) Math.round(net.lag[s] * drying[s]);
                ready[f] = Math.max(ready[f], net.driedAt(s, when, wait));
            }
        }
    }

    /** When somebody who begins at a moment has worked so long, breaks and nights left out; straight on once the hours end. */
    private static int worked(Net net, int p, int from, int minutes) {
        int now = from;
        int left = minutes;
        for (int w = net.window(p, now); left > 0 && w < net.opens[p].length; w++) {
            now = Math.max(now, net.opens[p][w]);
            int here = Math.min(left, net.closes[p][w] - now);
            now += here;
            left -= here;
        }
        return now + left;
    }

    /** The chance that a flat is ready by a moment. */
    public double readyBy(int flat, int moment) {
        int count = 0;
        for (int each : ready[flat]) {
            count += each <= moment ? 1 : 0;
        }
        return (double) count / ready[flat].length;
    }

    /** The moment by which a flat is ready in such a share of futures. */
    public int readyIn(int flat, double share) {
        int[] sorted = ready[flat];
        return sorted[Math.clamp((int) Math.ceil(share * sorted.length) - 1, 0, sorted.length - 1)];
    }

    /** By flat the chance that it is ready when it is due. */
    public List<Double> onTime(Workload load) {
        List<Double> chances = new ArrayList<>();
        for (int f = 0; f < load.flats().size(); f++) {
            chances.add(readyBy(f, load.flats().get(f).due()));
        }
        return chances;
    }
}
