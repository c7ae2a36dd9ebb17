package lumko.core.plan;

import static lumko.core.plan.Net.DAY;

import java.util.Arrays;

/**
 * A plan in the making: each painter's steps in their order, put in and taken out one by one, with what it all costs kept up to
 * date. What was done since the last {@link #mark} can be taken back.
 *
 * <p>A step put in between two others never moves them: the way to the one after it is checked again.
 */
final class Board {
    final Net net;
    /** Who does each step, or -1. */
    final int[] painter;

    final int[] start;
    final int[][] queue;
    final int[] length;
    private final int[][] stepsOnDay;
    private final int[][] usersOfThing;
    private final int[] users;
    private final double[] flatCost;
    private final double[] painterCost;
    private final int[] ready;
    private double changeCost;

    private final int[] touched;
    private int touchedCount;
    private final boolean[] isTouched;
    private final int[][] savedQueue;
    private final int[] savedLength;
    private final int[] savedStep;
    private final int[] savedPainter;
    private final int[] savedStart;
    private final boolean[] isSaved;
    private int savedCount;
    private final boolean[] isFlatChanged;
    private final int[] changedFlats;
    private int changedFlatCount;

    Board(Net net) {
        this.net = net;
        painter = new int[net.steps];
        Arrays.fill(painter, -1);
        start = new int[net.steps];
        queue = new int[net.painters][net.steps];
        length = new int[net.painters];
        stepsOnDay = new int[net.painters][net.days + 1];
        usersOfThing = new int[net.thingCount.length][net.steps];
        users = new int[net.thingCount.length];
        flatCost = new double[net.flats];
        painterCost = new double[net.painters];
        ready = new int[net.flats];
        touched = new int[net.painters];
        isTouched = new boolean[net.painters];
        savedQueue = new int[net.painters][net.steps];
        savedLength = new int[net.painters];
        savedStep = new int[net.steps];
        savedPainter = new int[net.steps];
        savedStart = new int[net.steps];
        isSaved = new boolean[net.steps];
        isFlatChanged = new boolean[net.flats];
        changedFlats = new int[net.flats];
        for (int f = 0; f < net.flats; f++) {
            change(f);
        }
        for (int p = 0; p < net.painters; p++) {
            touch(p);
        }
    }

    boolean isPlaced(int step) {
        return painter[step] >= 0;
    }

    /** Whether every step is placed. */
    boolean isWhole() {
        for (int each : painter) {
            if (each < 0) {
                return false;
            }
        }
        return true;
    }

    int end(int step) {
        return start[step] + net.minutes[step];
    }

    // ---- taking back

    /** From here on everything can be taken back. */
    void mark() {
        for (int i = 0; i < touchedCount; i++) {
            isTouched[touched[i]] = false;
        }
        for (int i = 0; i < savedCount; i++) {
            isSaved[savedStep[i]] = false;
        }
        for (int i = 0; i < changedFlatCount; i++) {
            isFlatChanged[changedFlats[i]] = false;
        }
        touchedCount = 0;
        savedCount = 0;
        changedFlatCount = 0;
    }

    void takeBack() {
        for (int i = 0; i < touchedCount; i++) {
            int p = touched[i];
            System.arraycopy(savedQueue[p], 0, queue[p], 0, savedLength[p]);
            length[p] = savedLength[p];
        }
        for (int i = 0; i < savedCount; i++) {
            int s = savedStep[i];
            if (net.thing[s] >= 0) {
                leaveThing(s);
            }
            changeCost -= changePrice(s);
            painter[s] = savedPainter[i];
            start[s] = savedStart[i];
            changeCost += changePrice(s);
            if (net.thing[s] >= 0 && painter[s] >= 0) {
                takeThing(s);
            }
        }
        for (int i = 0; i < touchedCount; i++) {
            int p = touched[i];
            Arrays.fill(stepsOnDay[p], 0);
            for (int k = 0; k < length[p]; k++) {
                stepsOnDay[p][start[queue[p][k]] / DAY]++;
            }
        }
        cost();
        mark();
    }

    private void touch(int p) {
        if (!isTouched[p]) {
            isTouched[p] = true;
            touched[touchedCount++] = p;
            System.arraycopy(queue[p], 0, savedQueue[p], 0, length[p]);
            savedLength[p] = length[p];
        }
    }

    private void save(int s) {
        if (!isSaved[s]) {
            isSaved[s] = true;
            savedStep[savedCount] = s;
            savedPainter[savedCount] = painter[s];
            savedStart[savedCount++] = start[s];
        }
    }

    private void change(int f) {
        if (!isFlatChanged[f]) {
            isFlatChanged[f] = true;
            changedFlats[changedFlatCount++] = f;
        }
    }

    boolean isTouched(int p) {
        return isTouched[p];
    }

    // ---- putting in and taking out

    /** Where in a painter's queue something stands that begins at a moment: the number of those that begin before it. */
    int position(int p, int moment) {
        int low = 0;
        int high = length[p];
        int[] mine = queue[p];
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (start[mine[middle]] < moment) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    void put(int s, int p, int at) {
        touch(p);
        save(s);
        change(net.flat[s]);
        int where = position(p, at);
        System.arraycopy(queue[p], where, queue[p], where + 1, length[p] - where);
        queue[p][where] = s;
        length[p]++;
        painter[s] = p;
        start[s] = at;
        stepsOnDay[p][at / DAY]++;
        changeCost += changePrice(s);
        if (net.thing[s] >= 0) {
            takeThing(s);
        }
    }

    void take(int s) {
        int p = painter[s];
        touch(p);
        save(s);
        change(net.flat[s]);
        int where = position(p, start[s]);
        while (queue[p][where] != s) {
            where++;
        }
        System.arraycopy(queue[p], where + 1, queue[p], where, length[p] - where - 1);
        length[p]--;
        stepsOnDay[p][start[s] / DAY]--;
        if (net.thing[s] >= 0) {
            leaveThing(s);
        }
        changeCost -= changePrice(s);
        painter[s] = -1;
    }

    private void takeThing(int s) {
        int kind = net.thing[s];
        usersOfThing[kind][users[kind]++] = s;
    }

    private void leaveThing(int s) {
        int kind = net.thing[s];
        for (int i = 0; i < users[kind]; i++) {
            if (usersOfThing[kind][i] == s) {
                usersOfThing[kind][i] = usersOfThing[kind][--users[kind]];
                return;
            }
        }
    }

    private double changePrice(int s) {
        return painter[s] < 0 || net.wasPainter[s] == -1 ? 0 : changePrice(s, painter[s], start[s]);
    }

    double changePrice(int s, int p, int at) {
        boolean isSame = net.wasPainter[s] == -1 || net.wasPainter[s] == p && net.wasStart[s] / DAY == at / DAY;
        return isSame ? 0 : net.load.weights().change();
    }

    /** The flat a painter comes from at a place of the queue; -1 from the depot. */
    int flatBefore(int p, int where) {
        return where > 0 ? net.flat[queue[p][where - 1]] : net.startsAt[p];
    }

    boolean opensDay(int p, int at) {
        return stepsOnDay[p][at / DAY] == 0;
    }

    /** Whether the way to a step from a flat, begun after a moment, fits before it. */
    boolean fitsWay(int step, int p, int fromFlat, int freeFrom) {
        int way = net.way(fromFlat, net.flat[step]);
        if (way == 0) {
            return freeFrom <= start[step];
        }
        int setsOut = start[step] - way;
        int window = net.window(p, start[step]);
        return setsOut >= freeFrom
                && setsOut >= net.release[net.flat[step]]
                && window < net.opens[p].length
                && setsOut >= net.opens[p][window];
    }

    /**
     * The first moment from another on at which a painter coming from a flat can begin a step: way and step in one span of the
     * hours, the step while the house is open, what it needs free; {@link Net#NEVER} if there is none.
     */
    int begin(int s, int p, int fromFlat, int freeFrom, int notBefore) {
        int f = net.flat[s];
        int way = net.way(fromFlat, f);
        int at = Math.max(Math.max(notBefore, net.earliest[s]), Math.max(net.release[f], freeFrom) + way);
        int[] opens = net.opens[p];
        int[] closes = net.closes[p];
        int window = net.window(p, at);
        while (window < opens.length) {
            at = Math.max(at, opens[window] + way);
            at = net.access(f, at, net.minutes[s]);
            if (at + net.minutes[s] > closes[window]) {
                window++;
                continue;
            }
            int free = net.thing[s] < 0 ? at : whenThingIsFree(s, at);
            if (free == at) {
                return at;
            }
            at = free;
        }
        return Net.NEVER;
    }

    private int whenThingIsFree(int s, int at) {
        int kind = net.thing[s];
        int until = net.driedAt(s, at + net.minutes[s], net.lag[s]);
        int inUse = 0;
        int firstBack = Net.NEVER;
        for (int i = 0; i < users[kind]; i++) {
            int other = usersOfThing[kind][i];
            int back = net.driedAt(other, end(other), net.lag[other]);
            if (start[other] < until && at < back) {
                inUse++;
                firstBack = Math.min(firstBack, back);
            }
        }
        return inUse < net.thingCount[kind] ? at : firstBack;
    }

    // ---- what it costs

    double cost() {
        for (int i = 0; i < changedFlatCount; i++) {
            countFlat(changedFlats[i]);
        }
        for (int i = 0; i < touchedCount; i++) {
            countPainter(touched[i]);
        }
        double sum = changeCost;
        int last = 0;
        for (int f = 0; f < net.flats; f++) {
            sum += flatCost[f];
            last = Math.max(last, ready[f]);
        }
        for (int p = 0; p < net.painters; p++) {
            sum += painterCost[p];
        }
        return sum + net.load.weights().span() * last;
    }

    double flatCost(int f) {
        return flatCost[f];
    }

    private void countFlat(int f) {
        Workload.Weights weights = net.load.weights();
        int latest = 0;
        double bag = 0;
        for (int s : net.stepsOf[f]) {
            if (painter[s] < 0) {
                continue;
            }
            if (net.endsRoom[s]) {
                latest = Math.max(latest, net.driedAt(s, end(s), net.lag[s]));
            }
            if (net.wantedWait[s] < Net.NEVER && painter[net.inRoomBefore[s]] >= 0) {
                bag += Math.max(0, start[s] - end(net.inRoomBefore[s]) - net.wantedWait[s]);
            }
        }
        ready[f] = latest;
        flatCost[f] = weights.bag() * bag
                + net.weight[f]
                        * (weights.late() * Math.max(0, latest - net.due[f])
                                + weights.cure() * Math.max(0, latest + net.cure[f] - net.due[f]));
    }

    private void countPainter(int p) {
        int way = 0;
        int used = 0;
        int day = -1;
        int from = net.startsAt[p];
        for (int i = 0; i < length[p]; i++) {
            int s = queue[p][i];
            way += net.way(from, net.flat[s]);
            from = net.flat[s];
            if (start[s] / DAY != day) {
                day = start[s] / DAY;
                used++;
            }
        }
        painterCost[p] =
                way * net.load.weights().travel() + used * net.load.weights().painterDay();
    }
}
