package lumko.core.plan;

import static lumko.core.plan.Net.DAY;

import java.util.Arrays;
import java.util.SplittableRandom;

/**
 * Ruin and recreate: takes whole flats, everything from a moment on, or a painter's day out of a plan and puts it in again
 * otherwise; what comes out is kept if it is cheaper, or not dearer by more than a bar that falls with time.
 */
final class Search {
    private static final double[] HASTES = {0.02, 0.2, 1, 4, 20};
    private static final double[] BLINKS = {0, 0.01, 0.04, 0.12};
    /** How much dearer a trial may come out and be kept, on average, at the end of the search. */
    private static final double COLD = 40;

    /** How many flats are taken out at once, wholly and from a moment on. */
    private static final int MOST_FLATS = 3;

    private static final int MOST_FLATS_CUT = 4;
    /** Holds the blocks of a flat together, whatever moments they have. */
    private static final double FLAT_BY_FLAT = 1e3;

    private static final double WORKDAY = 480;

    private final Net net;
    private final double warm;
    private final boolean hasPlanInForce;
    private final Board board;
    private final Builder builder;
    private final SplittableRandom random;
    private final double[] rank;
    private final int[] blocks;
    private final boolean[] isOut;
    private final int[] out;
    private int outCount;
    /** Whether a step locked to a moment could no longer be reached in time. */
    private boolean leavesLockStranded;

    private final boolean[] isBlockOut;
    private final int[] flatList;
    private final boolean[] isListed;
    private int listed;
    private double current;
    private double best;
    private final int[] bestPainter;
    private final int[] bestStart;

    /**
     * @param warm how much dearer a trial may come out and be kept at the start
     */
    Search(Net net, double warm, long seed) {
        this.net = net;
        this.warm = warm;
        hasPlanInForce = Arrays.stream(net.wasPainter).anyMatch(p -> p >= 0);
        random = new SplittableRandom(seed);
        board = new Board(net);
        builder = new Builder(board);
        rank = new double[net.stepsOfBlock.length];
        blocks = new int[net.stepsOfBlock.length];
        isOut = new boolean[net.steps];
        out = new int[net.steps];
        isBlockOut = new boolean[net.stepsOfBlock.length];
        flatList = new int[net.flats];
        isListed = new boolean[net.flats];
        bestPainter = new int[net.steps];
        bestStart = new int[net.steps];
        best = Double.POSITIVE_INFINITY;
    }

    double best() {
        return best;
    }

    /** Whether no whole plan has been found yet. */
    boolean isEmpty() {
        return best == Double.POSITIVE_INFINITY;
    }

    Plan bestPlan() {
        return Plan.of(bestPainter, bestStart);
    }

    /** Takes a plan as the one to go on from. */
    void adopt(Plan plan) {
        clear();
        for (int s = 0; s < net.steps; s++) {
            board.put(s, plan.painter(s), plan.start(s));
        }
        current = board.cost();
        for (int f = 0; f < net.flats; f++) {
            builder.recount(f);
        }
        keepIfBest();
        board.mark();
    }

    private void clear() {
        for (int s = 0; s < net.steps; s++) {
            if (board.isPlaced(s)) {
                board.take(s);
            }
        }
        for (int f = 0; f < net.flats; f++) {
            builder.recount(f);
        }
    }

    /** A plan from nothing, merged across flats; false if something found no place. */
    boolean start() {
        clear();
        builder.manner(HASTES[1], 0);
        if (!builder.placeLocked(random)) {
            return false;
        }
        manner();
        int count = builder.open(blocks);
        rank(blocks, count);
        boolean isWhole = builder.fill(rank, blocks, count, random);
        if (isWhole) {
            current = board.cost();
            keepIfBest();
        }
        board.mark();
        return isWhole;
    }

    private void manner() {
        builder.stayFirst(hasPlanInForce && random.nextInt(4) > 0);
        builder.manner(HASTES[random.nextInt(HASTES.length)], BLINKS[random.nextInt(BLINKS.length)]);
    }

    private void keepIfBest() {
        if (current < best - 1e-6) {
            best = current;
            System.arraycopy(board.painter, 0, bestPainter, 0, net.steps);
            System.arraycopy(board.start, 0, bestStart, 0, net.steps);
        }
    }

    /**
     * One trial.
     *
     * @param progress how much of the search has gone by, 0–1
     */
    void step(double progress) {
        if (net.steps == 0) {
            return;
        }
        double bar = warm * Math.pow(COLD / warm, progress);
        ruin();
        boolean isWhole = outCount > 0 && !leavesLockStranded && recreate();
        double cost = isWhole ? board.cost() : Double.POSITIVE_INFINITY;
        if (cost <= current - bar * Math.log(1 - random.nextDouble())) {
            current = cost;
            keepIfBest();
            board.mark();
        } else {
            board.takeBack();
            for (int i = 0; i < listed; i++) {
                builder.recount(flatList[i]);
            }
        }
        forget();
    }

    private void forget() {
        for (int i = 0; i < outCount; i++) {
            isOut[out[i]] = false;
            isBlockOut[net.block[out[i]]] = false;
        }
        for (int i = 0; i < listed; i++) {
            isListed[flatList[i]] = false;
        }
        outCount = 0;
        listed = 0;
    }

    // ---- ruin

    private void ruin() {
        int way = random.nextInt(10);
        if (way < 5) {
            ruinFlats();
        } else if (way < 8) {
            ruinFrom();
        } else {
            ruinDay();
        }
        takeOut();
    }

    private void ruinFlats() {
        int count = Math.min(net.flats, 1 + random.nextInt(MOST_FLATS));
        gather(count);
        for (int i = 0, until = listed; i < until; i++) {
            for (int s : net.stepsOf[flatList[i]]) {
                ruin(s);
            }
        }
    }

    /** A flat, one that costs much more likely than another, and flats whose steps stand beside those of it. */
    private void gather(int count) {
        int first = random.nextInt(net.flats);
        for (int k = 0; k < 3; k++) {
            int other = random.nextInt(net.flats);
            if (board.flatCost(other) > board.flatCost(first)) {
                first = other;
            }
        }
        list(first);
        for (int tries = 0; listed < count && tries < 40; tries++) {
            int[] mine = net.stepsOf[flatList[random.nextInt(listed)]];
            if (mine.length == 0) {
                continue;
            }
            int s = mine[random.nextInt(mine.length)];
            int p = random.nextInt(4) > 0 ? board.painter[s] : random.nextInt(net.painters);
            if (p >= 0 && board.length[p] > 0) {
                int where = board.position(p, board.start[s]) + random.nextInt(-3, 4);
                list(net.flat[board.queue[p][Math.max(0, Math.min(board.length[p] - 1, where))]]);
            }
        }
    }

    private void list(int f) {
        if (!isListed[f]) {
            isListed[f] = true;
            flatList[listed++] = f;
        }
    }

    /** What begins after a moment, of some flats; of all, where there are few. */
    private void ruinFrom() {
        int count = net.flats <= 15 && random.nextInt(4) == 0 ? net.flats : 2 + random.nextInt(MOST_FLATS_CUT);
        gather(Math.min(count, net.flats));
        int moment = board.start[random.nextInt(net.steps)];
        int[] mine = net.stepsOf[flatList[0]];
        if (mine.length > 0) {
            moment = board.start[mine[random.nextInt(mine.length)]];
        }
        for (int i = 0, until = listed; i < until; i++) {
            for (int s : net.stepsOf[flatList[i]]) {
                if (board.start[s] >= moment) {
                    ruin(s);
                }
            }
        }
    }

    /** A day or a few of one painter, or of everybody. */
    private void ruinDay() {
        int any = random.nextInt(net.steps);
        int day = board.start[any] / DAY;
        int days = 1 + random.nextInt(2);
        boolean isOfAll = net.painters <= 4 && random.nextInt(3) == 0;
        for (int p = 0; p < net.painters; p++) {
            if (p == board.painter[any] || isOfAll) {
                int where = board.position(p, day * DAY);
                for (; where < board.length[p] && board.start[board.queue[p][where]] < (day + days) * DAY; where++) {
                    ruin(board.queue[p][where]);
                }
            }
        }
    }

    /** Marks a step, its block and all that waits for it. */
    private void ruin(int step) {
        int from = outCount;
        ruinBlock(net.block[step]);
        while (from < outCount) {
            for (int next : net.after[out[from]]) {
                if (net.lockedStart[next] < 0) {
                    ruinBlock(net.block[next]);
                }
            }
            from++;
        }
    }

    private void ruinBlock(int block) {
        if (!isBlockOut[block]) {
            isBlockOut[block] = true;
            for (int s : net.stepsOfBlock[block]) {
                if (net.lockedStart[s] < 0) {
                    isOut[s] = true;
                    out[outCount++] = s;
                }
            }
        }
    }

    /** Takes out what is marked, and what cannot stay where it is without it. */
    private void takeOut() {
        int done = 0;
        leavesLockStranded = false;
        while (true) {
            for (; done < outCount; done++) {
                board.take(out[done]);
                list(net.flat[out[done]]);
            }
            int before = outCount;
            for (int p = 0; p < net.painters; p++) {
                if (board.isTouched(p)) {
                    for (int where = 0; where < board.length[p]; where++) {
                        int s = board.queue[p][where];
                        int free = where > 0 ? board.end(board.queue[p][where - 1]) : 0;
                        if (isOut[s] || net.isFact[s] || board.fitsWay(s, p, board.flatBefore(p, where), free)) {
                            continue;
                        }
                        leavesLockStranded |= net.lockedStart[s] >= 0;
                        ruin(s);
                    }
                }
            }
            if (outCount == before) {
                break;
            }
        }
        for (int i = 0; i < listed; i++) {
            builder.recount(flatList[i]);
        }
    }

    // ---- recreate

    private boolean recreate() {
        int count = 0;
        for (int i = 0; i < outCount; i++) {
            int block = net.block[out[i]];
            if (isBlockOut[block]) {
                isBlockOut[block] = false;
                blocks[count++] = block;
            }
        }
        manner();
        rank(blocks, count);
        return builder.fill(rank, blocks, count, random);
    }

    /**
     * In what order blocks are put in: merged across flats by the latest moment each may begin at, with or without the cure, those
     * of weighty flats sooner; or flat by flat.
     */
    private void rank(int[] some, int count) {
        int way = random.nextInt(6);
        double noise = random.nextInt(3) * WORKDAY / 2;
        double[] ofFlat = new double[net.flats];
        for (int f = 0; f < net.flats; f++) {
            ofFlat[f] = switch (way) {
                case 0, 1 -> 0;
                case 2 -> -net.weight[f] * WORKDAY / 2;
                case 3 -> -net.weight[f] * WORKDAY;
                case 4 -> FLAT_BY_FLAT * random.nextDouble() * net.flats;
                default -> FLAT_BY_FLAT * (net.due[f] - 6 * WORKDAY * net.weight[f]);
            };
            ofFlat[f] += noise * random.nextDouble();
        }
        for (int i = 0; i < count; i++) {
            int first = net.stepsOfBlock[some[i]][0];
            int latest = way == 2 ? net.latestForCure[first] : net.latestForDue[first];
            rank[some[i]] = latest + ofFlat[net.flat[first]] + noise / 2 * random.nextDouble();
        }
    }
}
