package lumko.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Why flats are ready when they are: from the last step of one back to what held up each before it. */
public final class Chain {
    /** What a step waited for last. */
    public enum Held {
        /** Something wet, or simply the step before. */
        DRYING,
        /** Its painter, who was at something else or on the way from there. */
        HANDS,
        /** The keys. */
        KEYS,
        /** Paint that was not there, or what was on before and still wet. */
        PAINT,
        /** Somebody settled that it be then. */
        SETTLED,
        /** Nothing: it could have been earlier, but something else was worth more. */
        CHOSEN
    }

    /**
     * A step of the chain.
     *
     * @param step its number
     * @param by number of the step it waited for; -1 where it was none
     * @param free the moment from which it could have been begun but for hours
     * @param pause minutes from then until it began: night, weekend, break, a closed house, a heater in use elsewhere
     */
    public record Link(int step, Held held, int by, int free, int pause) {}

    private final Net net;
    private final Board board;

    public Chain(Workload load, Plan plan) {
        net = new Net(load);
        board = new Board(net);
        for (int s = 0; s < net.steps; s++) {
            board.put(s, plan.painter(s), plan.start(s));
        }
    }

    /** From the first step that nothing of the plan held up to the one that makes a flat ready last. */
    public List<Link> of(int flat) {
        int last = -1;
        int ready = -1;
        for (int s : net.stepsOf[flat]) {
            int dry = net.driedAt(s, board.end(s), net.lag[s]);
            if (net.endsRoom[s] && dry > ready) {
                ready = dry;
                last = s;
            }
        }
        List<Link> chain = new ArrayList<>();
        Set<Integer> seen = new HashSet<>();
        while (last >= 0 && seen.add(last)) {
            Link link = link(last);
            chain.add(link);
            last = link.by();
        }
        Collections.reverse(chain);
        return chain;
    }

    /** Who comes in the morning is on the way first: that is no pause. */
    private static int pause(int free, int start, int way) {
        return Math.max(0, start - way - free);
    }

    private Link link(int s) {
        int start = board.start[s];
        if (net.lockedStart[s] >= 0) {
            return new Link(s, Held.SETTLED, -1, start, 0);
        }
        int f = net.flat[s];
        int p = board.painter[s];
        int where = board.position(p, start);
        int from = board.flatBefore(p, where);
        int way = net.way(from, f);
        Held held = net.earliest[s] > net.release[f] + way ? Held.PAINT : Held.KEYS;
        int by = -1;
        int free = Math.max(net.earliest[s], net.release[f] + way);
        for (int k = 0; k < net.before[s].length; k++) {
            int earlier = net.before[s][k];
            int dry = net.driedAt(earlier, board.end(earlier), net.beforeLag[s][k]);
            if (dry >= free) {
                free = dry;
                held = Held.DRYING;
                by = earlier;
            }
        }
        int handsFree = 0;
        if (where > 0) {
            handsFree = board.end(board.queue[p][where - 1]);
            if (handsFree + way > free) {
                free = handsFree + way;
                held = Held.HANDS;
                by = board.queue[p][where - 1];
            }
        }
        board.take(s);
        int could = board.begin(s, p, from, handsFree, free);
        board.put(s, p, start);
        return could < start
                ? new Link(s, Held.CHOSEN, -1, could, 0)
                : new Link(s, held, by, free, pause(free, start, way));
    }
}
