package lumko.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A workload laid out in numbers, for the search: steps, flats and painters by their number, what waits for what in both
 * directions, which steps have to be placed together, and until when each may begin without making its flat late.
 */
final class Net {
    static final int NEVER = Integer.MAX_VALUE / 4;
    static final int DAY = 1440;

    final Workload load;
    final int steps;
    final int flats;
    final int painters;
    final int days;
    final int[] minutes;
    final int[] flat;
    final int[] lag;
    final int[] earliest;
    /** The start a step is locked to, or -1. */
    final int[] lockedStart;
    /** Whether it has begun: nothing is asked of it any more. */
    final boolean[] isFact;
    /** Latest end that leaves room for what is locked behind it. */
    final int[] latestEnd;
    /** Whether its drying decides when the flat is ready. */
    final boolean[] endsRoom;
    /** The step before in its room or -1, and how long that may wait without a price. */
    final int[] inRoomBefore;

    final int[] wantedWait;
    final int[] thing;
    final int[] thingCount;
    final int[] wasPainter;
    /** When it begins in the plan in force; -1 if it is new. */
    final int[] wasStart;
    /** Painters who may do it. */
    final int[][] able;

    final int[][] before;
    final int[][] beforeLag;
    /** Most minutes that may go by since each of what it waits for. */
    final int[][] beforeMost;

    final int[][] after;
    final int[][] stepsOf;
    final int[] building;
    final int[] release;
    final int[] due;
    final int[] cure;
    final int[] weight;
    final int[][] ways;
    final int[] startsAt;
    final int[][] opens;
    final int[][] closes;
    private final int[][] firstOfDay;
    private final Span[][] access;
    private final @Nullable AirCurve[] air;
    /** Latest start by which the flat can still be ready when it is due, and with its cure; hands unlimited. */
    final int[] latestForDue;

    final int[] latestForCure;
    /** Steps that have to be placed together, in an order in which nothing comes before what it waits for. */
    final int[] block;

    final int[][] stepsOfBlock;

    Net(Workload load) {
        this.load = load;
        List<Workload.Step> all = load.steps();
        Map<String, Integer> painterNumber = new HashMap<>();
        load.painters().forEach(painter -> painterNumber.put(painter.id(), painterNumber.size()));
        List<String> thingNames = load.things().keySet().stream().sorted().toList();
        steps = all.size();
        flats = load.flats().size();
        painters = load.painters().size();
        minutes = new int[steps];
        flat = new int[steps];
        lag = new int[steps];
        earliest = new int[steps];
        lockedStart = new int[steps];
        isFact = new boolean[steps];
        latestEnd = new int[steps];
        endsRoom = new boolean[steps];
        inRoomBefore = new int[steps];
        wantedWait = new int[steps];
        thing = new int[steps];
        wasPainter = new int[steps];
        wasStart = new int[steps];
        able = new int[steps][];
        air = new AirCurve[steps];
        thingCount =
                thingNames.stream().mapToInt(name -> load.things().get(name)).toArray();
        building = new int[flats];
        release = new int[flats];
        due = new int[flats];
        cure = new int[flats];
        weight = new int[flats];
        stepsOf = new int[flats][];
        access = new Span[flats][];
        List<List<int[]>> into = new ArrayList<>();
        for (int s = 0; s < steps; s++) {
            into.add(new ArrayList<>());
        }
        Map<String, Integer> flatNumber = new HashMap<>();
        Airs airs = new Airs();
        int s = 0;
        for (int f = 0; f < flats; f++) {
            Workload.Flat one = load.flats().get(f);
            flatNumber.put(one.id(), f);
            building[f] = one.building();
            release[f] = one.release();
            due[f] = one.due();
            cure[f] = one.cure();
            weight[f] = one.weight();
            access[f] = one.access().toArray(Span[]::new);
            int first = s;
            for (Workload.Room room : one.rooms()) {
                AirCurve curve = room.air().isEmpty() ? null : airs.of(room);
                for (int i = 0; i < room.steps().size(); i++, s++) {
                    Workload.Step step = room.steps().get(i);
                    minutes[s] = step.minutes();
                    flat[s] = f;
                    lag[s] = step.lagMin();
                    earliest[s] = step.earliest();
                    lockedStart[s] = switch (step.lock()) {
                        case Workload.Lock.Fact fact -> fact.start();
                        case Workload.Lock.Wish wish -> wish.start().orElse(-1);
                    };
                    isFact[s] = step.isFact();
                    latestEnd[s] = NEVER;
                    endsRoom[s] = i == room.steps().size() - 1;
                    inRoomBefore[s] = i == 0 ? -1 : s - 1;
                    wantedWait[s] = i == 0
                            ? NEVER
                            : room.steps().get(i - 1).lagSoftMax().orElse(NEVER);
                    thing[s] = step.thing().map(thingNames::indexOf).orElse(-1);
                    wasPainter[s] = step.was()
                            .map(was -> painterNumber.getOrDefault(was.painter(), -2))
                            .orElse(-1);
                    wasStart[s] = step.was().map(Workload.Was::start).orElse(-1);
                    able[s] = able(step);
                    air[s] = curve;
                    if (i > 0) {
                        into.get(s).add(new int[] {
                            s - 1, lag[s - 1], room.steps().get(i - 1).lagMax().orElse(NEVER)
                        });
                    }
                }
            }
            stepsOf[f] = IntStream.range(first, s).toArray();
            for (Workload.Link link : one.links()) {
                into.get(first + one.number(link.to())).add(new int[] {
                    first + one.number(link.from()),
                    link.lagMin(),
                    link.lagMax().orElse(NEVER)
                });
            }
        }
        before = new int[steps][];
        beforeLag = new int[steps][];
        beforeMost = new int[steps][];
        List<List<Integer>> out = new ArrayList<>();
        for (int i = 0; i < steps; i++) {
            out.add(new ArrayList<>());
        }
        for (int i = 0; i < steps; i++) {
            before[i] = into.get(i).stream().mapToInt(each -> each[0]).toArray();
            beforeLag[i] = into.get(i).stream().mapToInt(each -> each[1]).toArray();
            beforeMost[i] = into.get(i).stream().mapToInt(each -> each[2]).toArray();
            for (int each : before[i]) {
                out.get(each).add(i);
            }
        }
        after = out.stream()
                .map(each -> each.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
        ways = load.travel().stream()
                .map(row -> row.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
        startsAt = load.painters().stream()
                .mapToInt(painter -> painter.at().map(flatNumber::get).orElse(Workload.DEPOT))
                .toArray();
        opens = new int[painters][];
        closes = new int[painters][];
        int last = 0;
        for (int p = 0; p < painters; p++) {
            List<Span> hours = load.painters().get(p).hours();
            opens[p] = hours.stream().mapToInt(Span::from).toArray();
            closes[p] = hours.stream().mapToInt(Span::to).toArray();
            last = hours.isEmpty() ? last : Math.max(last, closes[p][closes[p].length - 1]);
        }
        days = last / DAY + 2;
        firstOfDay = new int[painters][days];
        for (int p = 0; p < painters; p++) {
            int window = 0;
            for (int day = 0; day < days; day++) {
                while (window < closes[p].length && closes[p][window] <= day * DAY) {
                    window++;
                }
                firstOfDay[p][day] = window;
            }
        }
        int[] order = order();
        boundByLocks(order);
        latestForDue = latestStarts(order, false);
        latestForCure = latestStarts(order, true);
        Blocks blocks = new Blocks(this, order);
        block = blocks.of();
        stepsOfBlock = blocks.steps();
    }

    private int[] able(Workload.Step step) {
        List<Integer> able = new ArrayList<>();
        for (int p = 0; p < load.painters().size(); p++) {
            Workload.Painter painter = load.painters().get(p);
            if (painter.mayDo(step)) {
                able.add(p);
            }
        }
        return able.stream().mapToInt(Integer::intValue).toArray();
    }

    /** When something that a step left wet at a moment has dried. */
    int driedAt(int step, int end, int wait) {
        AirCurve curve = air[step];
        return curve == null ? end + wait : curve.driedAt(end, wait);
    }

    boolean mayDo(int painter, int step) {
        for (int p : able[step]) {
            if (p == painter) {
                return true;
            }
        }
        return false;
    }

    /** Minutes on the way to a flat from another, or from the depot. */
    int way(int fromFlat, int toFlat) {
        return fromFlat == toFlat
                ? 0
                : fromFlat == Workload.DEPOT ? load.depot() : ways[building[fromFlat]][building[toFlat]];
    }

    /** The number of the first span of a painter's hours that ends after a moment. */
    int window(int painter, int moment) {
        int day = moment / DAY;
        if (day >= days) {
            return closes[painter].length;
        }
        int window = firstOfDay[painter][Math.max(0, day)];
        while (window < closes[painter].length && closes[painter][window] <= moment) {
            window++;
        }
        return window;
    }

    /** The first moment from another on at which the house lets somebody work for so long, or {@link #NEVER}. */
    int access(int ofFlat, int from, int length) {
        if (access[ofFlat].length == 0) {
            return from;
        }
        for (Span open : access[ofFlat]) {
            int start = Math.max(from, open.from());
            if (start + length <= open.to()) {
                return start;
            }
        }
        return NEVER;
    }

    /** Steps so that nothing comes before what it waits for. */
    private int[] order() {
        int[] open = new int[steps];
        int[] order = new int[steps];
        int found = 0;
        for (int s = 0; s < steps; s++) {
            open[s] = before[s].length;
            if (open[s] == 0) {
                order[found++] = s;
            }
        }
        for (int i = 0; i < found; i++) {
            for (int next : after[order[i]]) {
                if (--open[next] == 0) {
                    order[found++] = next;
                }
            }
        }
        if (found < steps) {
            for (int s = 0; s < steps; s++) {
                if (open[s] > 0) {
                    throw new IllegalArgumentException("steps must not wait for each other in a ring, as "
                            + load.steps().get(s).id() + " does");
                }
            }
        }
        return order;
    }

    private void boundByLocks(int[] order) {
        for (int i = steps - 1; i >= 0; i--) {
            int s = order[i];
            for (int k = 0; k < before[s].length && !isFact[s]; k++) {
                int latestStart = lockedStart[s] >= 0 ? lockedStart[s] : latestEnd[s] - minutes[s];
                if (latestStart < NEVER / 2) {
                    int earlier = before[s][k];
                    latestEnd[earlier] = Math.min(latestEnd[earlier], latestStart - beforeLag[s][k]);
                }
            }
        }
    }

    private int[] latestStarts(int[] order, boolean withCure) {
        int[] latest = new int[steps];
        int[] end = new int[steps];
        Arrays.fill(end, NEVER);
        for (int i = steps - 1; i >= 0; i--) {
            int s = order[i];
            if (endsRoom[s]) {
                end[s] = Math.min(end[s], due[flat[s]] - (withCure ? cure[flat[s]] : 0) - lag[s]);
            }
            latest[s] = latestStart(s, end[s]);
            for (int k = 0; k < before[s].length; k++) {
                int earlier = before[s][k];
                end[earlier] = Math.min(end[earlier], latest[s] - beforeLag[s][k]);
            }
        }
        return latest;
    }

    private int latestStart(int step, int end) {
        int latest = Integer.MIN_VALUE;
        for (int p : able[step]) {
            for (int w = Math.min(window(p, Math.max(0, end)), closes[p].length - 1); w >= 0; w--) {
                int start = Math.min(end, closes[p][w]) - minutes[step];
                if (start >= opens[p][w]) {
                    latest = Math.max(latest, start);
                    break;
                }
            }
        }
        return latest == Integer.MIN_VALUE ? end - minutes[step] : latest;
    }
}
