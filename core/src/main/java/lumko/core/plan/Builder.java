package lumko.core.plan;

import java.util.Arrays;
import java.util.SplittableRandom;

/**
 * Puts steps into a plan one block at a time, each where it costs least by a guess: the gaps of everybody who may do it, the way
 * there and on, the day it opens, how far it comes after the last moment at which its flat could still be on time.
 */
final class Builder {
    /** How many gaps of a painter are looked at. */
    private static final int GAPS = 4;
    /** How many gaps too short are passed before the next painter is asked, once there is a place. */
    private static final int SHORT_GAPS = 12;
    /** How often a block is begun later because its end found no place. */
    private static final int TRIES = 400;

    static final int ANYBODY = -1;

    private final Board board;
    private final Net net;
    private final int[] lateBy;
    private final int[] missingCure;
    private final int[] floor;
    private double haste;
    private double blink;
    private int only = ANYBODY;
    private boolean staysFirst;
    private int chosenPainter;
    private int chosenStart;

    Builder(Board board) {
        this.board = board;
        net = board.net;
        lateBy = new int[net.flats];
        missingCure = new int[net.flats];
        floor = new int[net.steps];
    }

    /**
     * How the next steps are put in.
     *
     * @param haste what a minute later costs however much time there is
     * @param blink how likely a place is passed over
     */
    void manner(double haste, double blink) {
        this.haste = haste;
        this.blink = blink;
    }

    /** Whom the next steps are given to, as far as they may do them; {@link #ANYBODY} for whoever is best. */
    void giveTo(int painter) {
        only = painter;
    }

    /** Steps go back to where they stand in the plan in force before anything else is tried. */
    void stayFirst(boolean isWanted) {
        staysFirst = isWanted;
    }

    /** Counts anew how late a flat is by what is placed of it. */
    void recount(int f) {
        lateBy[f] = 0;
        missingCure[f] = 0;
        for (int s : net.stepsOf[f]) {
            if (board.isPlaced(s)) {
                note(s);
            }
        }
    }

    private void note(int s) {
        int f = net.flat[s];
        lateBy[f] = Math.max(lateBy[f], board.start[s] - net.latestForDue[s]);
        missingCure[f] = Math.max(missingCure[f], board.start[s] - net.latestForCure[s]);
    }

    /** When what it waits for lets a step begin. */
    int open(int s) {
        int open = net.release[net.flat[s]];
        int[] before = net.before[s];
        for (int k = 0; k < before.length; k++) {
            int earlier = before[k];
            if (board.isPlaced(earlier)) {
                open = Math.max(open, net.driedAt(earlier, board.end(earlier), net.beforeLag[s][k]));
            }
        }
        return Math.max(open, net.earliest[s]);
    }

    /** The latest start that a longest wait, a lock on it or one behind it leaves. */
    int latest(int s) {
        int latest = net.latestEnd[s] - net.minutes[s];
        for (int k = 0; k < net.before[s].length; k++) {
            int earlier = net.before[s][k];
            if (net.beforeMost[s][k] < Net.NEVER && board.isPlaced(earlier)) {
                latest = Math.min(latest, board.end(earlier) + net.beforeMost[s][k]);
            }
        }
        return net.lockedStart[s] >= 0 ? Math.min(latest, net.lockedStart[s]) : latest;
    }

    /** Puts the steps of a block where they stand in the plan in force, if they all can still stand there. */
    boolean stayTogether(int[] steps) {
        for (int i = 0; i < steps.length; i++) {
            if (!board.isPlaced(steps[i]) && !stays(steps[i])) {
                while (--i >= 0) {
                    if (net.lockedStart[steps[i]] < 0) {
                        board.take(steps[i]);
                    }
                }
                recount(net.flat[steps[0]]);
                return false;
            }
        }
        return true;
    }

    /** Puts a step where it stands in the plan in force, if it can still stand there. */
    boolean stays(int s) {
        int p = net.wasPainter[s];
        int at = net.wasStart[s];
        if (p < 0 || !net.mayDo(p, s) || at < open(s) || at > latest(s)) {
            return false;
        }
        int where = board.position(p, at);
        int free = where > 0 ? board.end(board.queue[p][where - 1]) : 0;
        int next = where < board.length[p] ? board.queue[p][where] : -1;
        int end = at + net.minutes[s];
        boolean fits = board.begin(s, p, board.flatBefore(p, where), free, at) == at
                && (next < 0 || end <= board.start[next] && board.fitsWay(next, p, net.flat[s], end));
        if (fits) {
            board.put(s, p, at);
            note(s);
        }
        return fits;
    }

    /** Puts in the steps of a block that are not placed yet; false if there is no place, and nothing is said of what was put. */
    boolean place(int block, SplittableRandom random) {
        int[] steps = net.stepsOfBlock[block];
        if (steps.length == 1) {
            int s = steps[0];
            return board.isPlaced(s) || staysFirst && stays(s) || choose(s, open(s), latest(s), random) && put(s);
        }
        if (staysFirst && stayTogether(steps)) {
            return true;
        }
        for (int s : steps) {
            floor[s] = 0;
        }
        int tries = 0;
        int i = 0;
        while (i < steps.length) {
            int s = steps[i];
            if (board.isPlaced(s)) {
                i++;
                continue;
            }
            int open = Math.max(open(s), floor[s]);
            if (choose(s, open, latest(s), random)) {
                put(s);
                i++;
                continue;
            }
            int tie = tightest(s);
            int earlier = tie < 0 ? -1 : net.before[s][tie];
            if (tie < 0 || ++tries > TRIES || !choose(s, open, net.latestEnd[s] - net.minutes[s], random)) {
                return false;
            }
            if (net.isFact[earlier]) {
                put(s);
                i++;
                continue;
            }
            if (net.lockedStart[earlier] >= 0) {
                return false;
            }
            floor[earlier] =
                    Math.max(board.start[earlier] + 1, chosenStart - net.beforeMost[s][tie] - net.minutes[earlier]);
            while (steps[i] != earlier) {
                i--;
                if (net.lockedStart[steps[i]] < 0 && board.isPlaced(steps[i])) {
                    board.take(steps[i]);
                }
            }
            for (int k = i + 1; k < steps.length; k++) {
                floor[steps[k]] = 0;
            }
            recount(net.flat[s]);
        }
        return true;
    }

    /** Puts in what has begun. */
    void placeFacts() {
        for (int s = 0; s < net.steps; s++) {
            if (net.isFact[s] && !board.isPlaced(s)) {
                board.put(s, net.able[s][0], net.lockedStart[s]);
                note(s);
            }
        }
    }

    /** Puts in what has begun and every step that is locked to a moment; false if a lock cannot be kept. */
    boolean placeLocked(SplittableRandom random) {
        placeFacts();
        for (int s = 0; s < net.steps; s++) {
            if (net.lockedStart[s] >= 0
                    && !board.isPlaced(s)
                    && !(choose(s, net.lockedStart[s], net.lockedStart[s], random) && put(s))) {
                return false;
            }
        }
        return true;
    }

    /** Which of what a step waits for lets it begin no later than everything else does; -1 if nothing sets an end. */
    private int tightest(int s) {
        int tightest = -1;
        for (int k = 0; k < net.before[s].length; k++) {
            if (net.beforeMost[s][k] < Net.NEVER
                    && (tightest < 0
                            || board.end(net.before[s][k]) + net.beforeMost[s][k]
                                    < board.end(net.before[s][tightest]) + net.beforeMost[s][tightest])) {
                tightest = k;
            }
        }
        return tightest;
    }

    private boolean put(int s) {
        board.put(s, chosenPainter, chosenStart);
        note(s);
        return true;
    }

    /** Finds the cheapest place of a step from a moment on, not after another. */
    private boolean choose(int s, int open, int latest, SplittableRandom random) {
        double best = Double.POSITIVE_INFINITY;
        chosenPainter = -1;
        int f = net.flat[s];
        Workload.Weights weights = net.load.weights();
        double late = weights.late() * net.weight[f];
        double cure = weights.cure() * net.weight[f];
        boolean isOwners = only != ANYBODY && net.mayDo(only, s);
        for (int p : net.able[s]) {
            if (isOwners && p != only) {
                continue;
            }
            int where = board.position(p, open);
            int free = where > 0 ? board.end(board.queue[p][where - 1]) : 0;
            int gaps = 0;
            int tooShort = 0;
            for (; where <= board.length[p]; where++) {
                int next = where < board.length[p] ? board.queue[p][where] : -1;
                if (next >= 0 && board.start[next] - Math.max(free, open) < net.minutes[s]) {
                    free = board.end(next);
                    if (++tooShort > SHORT_GAPS && chosenPainter >= 0 || board.start[next] > latest) {
                        break;
                    }
                    continue;
                }
                int from = board.flatBefore(p, where);
                int at = board.begin(s, p, from, free, open);
                if (at > latest) {
                    break;
                }
                double price = haste * (at - open)
                        + late * Math.max(0, at - net.latestForDue[s] - lateBy[f])
                        + cure * Math.max(0, at - net.latestForCure[s] - missingCure[f]);
                if (price >= best) {
                    break;
                }
                if (next >= 0) {
                    free = board.end(next);
                    if (at + net.minutes[s] > board.start[next] || !board.fitsWay(next, p, f, at + net.minutes[s])) {
                        continue;
                    }
                }
                price += price(s, p, at, from, next);
                if (price < best && (chosenPainter < 0 || blink == 0 || random.nextDouble() >= blink)) {
                    best = price;
                    chosenPainter = p;
                    chosenStart = at;
                }
                if (++gaps >= GAPS) {
                    break;
                }
            }
        }
        return chosenPainter >= 0;
    }

    private double price(int s, int p, int at, int from, int next) {
        Workload.Weights weights = net.load.weights();
        int f = net.flat[s];
        int way = net.way(from, f);
        if (next >= 0) {
            way += net.way(f, net.flat[next]) - net.way(from, net.flat[next]);
        }
        double price = weights.travel() * way + board.changePrice(s, p, at);
        if (board.opensDay(p, at)) {
            price += weights.painterDay();
        }
        if (net.wantedWait[s] < Net.NEVER) {
            int waits = at - board.end(net.inRoomBefore[s]) - net.wantedWait[s];
            price += weights.bag() * Math.max(0, waits);
        }
        return price;
    }

    /**
     * Puts in everything that is not placed: again and again the block with the smallest rank of those whose predecessors are all
     * in.
     *
     * @param rank by block; smaller comes first
     */
    boolean fill(double[] rank, int[] blocks, int count, SplittableRandom random) {
        int left = count;
        while (left > 0) {
            int first = -1;
            for (int i = 0; i < left; i++) {
                if ((first < 0 || rank[blocks[i]] < rank[blocks[first]]) && isOpen(blocks[i])) {
                    first = i;
                }
            }
            if (first < 0 || !place(blocks[first], random)) {
                return false;
            }
            blocks[first] = blocks[--left];
        }
        return true;
    }

    boolean isOpen(int block) {
        for (int s : net.stepsOfBlock[block]) {
            for (int earlier : net.before[s]) {
                if (!board.isPlaced(earlier) && net.block[earlier] != block) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Whether all that a step waits for is in. */
    boolean isReady(int s) {
        for (int earlier : net.before[s]) {
            if (!board.isPlaced(earlier)) {
                return false;
            }
        }
        return true;
    }

    /** All blocks that are not wholly placed. */
    int open(int[] into) {
        int count = 0;
        for (int b = 0; b < net.stepsOfBlock.length; b++) {
            if (Arrays.stream(net.stepsOfBlock[b]).anyMatch(s -> !board.isPlaced(s))) {
                into[count++] = b;
            }
        }
        return count;
    }
}
