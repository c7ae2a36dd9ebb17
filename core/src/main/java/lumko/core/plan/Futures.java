package lumko.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * What may become of a plan: minutes and drying come out otherwise than reckoned, everybody keeps to the order and pushes what is
 * late to the right. Nobody searches for a better order meanwhile, so the chances are those of a plan left alone.
 *
 * <p><i>Valid for</i> spreads up to about a factor of two; both are taken to be lognormal about what was reckoned. Air is shared
 * by all rooms of a flat: half of the spread of drying comes on all of its steps alike (ASSUMPTION).
 */
public final class Futures {
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
     * @param spreads by step
     */
    public static Futures of(Workload load, Plan plan, List<Spread> spreads, int samples, long seed) {
        Net net = new Net(load);
        SplittableRandom random = new SplittableRandom(seed);
        int[] order = IntStream.range(0, net.steps)
                .boxed()
                .sorted(Comparator.comparingInt(plan::start))
                .mapToInt(Integer::intValue)
                .toArray();
        int[][] ready = new int[net.flats][samples];
        for (int i = 0; i < samples; i++) {
            int[] readyAt = once(net, plan, order, spreads, random);
            for (int f = 0; f < net.flats; f++) {
                ready[f][i] = readyAt[f];
            }
        }
        for (int[] each : ready) {
            Arrays.sort(each);
        }
        return new Futures(ready);
    }

    private static int[] once(Net net, Plan plan, int[] order, List<Spread> spreads, SplittableRandom random) {
        int[] end = new int[net.steps];
        double[] drying = new double[net.steps];
        double[] air = IntStream.range(0, net.flats)
                .mapToDouble(f -> random.nextGaussian())
                .toArray();
        int[] free = new int[net.painters];
        int[] at = net.startsAt.clone();
        int[] ready = net.release.clone();
        for (int s : order) {
            int p = plan.painter(s);
            int f = net.flat[s];
            int start = plan.start(s);
            for (int k = 0; k < net.before[s].length; k++) {
                int earlier = net.before[s][k];
                int wait = (int) Math.round(net.beforeLag[s][k] * drying[earlier]);
                start = Math.max(start, net.driedAt(earlier, end[earlier], wait));
            }
            Spread spread = spreads.get(s);
            double own = (air[f] + random.nextGaussian()) / Math.sqrt(2);
            drying[s] = Math.exp(spread.drying() * own);
            int minutes =
                    (int) Math.max(1, Math.round(net.minutes[s] * Math.exp(spread.minutes() * random.nextGaussian())));
            if (net.isFact[s]) {
                end[s] = plan.start(s) + minutes;
            } else {
                start = net.access(f, Math.max(start, worked(net, p, free[p], net.way(at[p], f))), 1);
                end[s] = worked(net, p, start, minutes);
            }
            free[p] = Math.max(free[p], end[s]);
            at[p] = f;
            if (net.endsRoom[s]) {
                int wait = (int) Math.round(net.lag[s] * drying[s]);
                ready[f] = Math.max(ready[f], net.driedAt(s, end[s], wait));
            }
        }
        return ready;
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
