package lumko.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * The orders somebody would choose with a pencil: flats one after the other as they are due, whoever is free takes the next, or
 * one painter a flat. What a plan has to beat.
 */
final class Foreman {
    /** Earlier counts more than anything else. */
    private static final double AS_SOON_AS_POSSIBLE = 1e6;

    private final Net net;
    private final SplittableRandom none = new SplittableRandom(0);

    Foreman(Net net) {
        this.net = net;
    }

    /** The plans of all three rules, as far as everything found a place. */
    List<Plan> plans() {
        List<Plan> plans = new ArrayList<>();
        for (Rule rule : List.<Rule>of(this::flatByFlat, this::whoIsFree, this::oneOwner)) {
            Board board = new Board(net);
            Builder builder = new Builder(board);
            builder.manner(AS_SOON_AS_POSSIBLE, 0);
            if (builder.placeLocked(none) && rule.fill(board, builder)) {
                plans.add(Plan.of(board.painter, board.start));
            }
        }
        return plans;
    }

    private interface Rule {
        boolean fill(Board board, Builder builder);
    }

    private int[] flatsByDue() {
        return IntStream.range(0, net.flats)
                .boxed()
                .sorted(Comparator.<Integer>comparingInt(f -> net.due[f]).thenComparingInt(f -> net.release[f]))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    private int[] blocksOf(int f) {
        return Arrays.stream(net.stepsOf[f])
                .map(s -> net.block[s])
                .distinct()
                .sorted()
                .toArray();
    }

    private boolean placeFlat(int f, Builder builder) {
        int[] blocks = blocksOf(f);
        double[] rank = new double[net.stepsOfBlock.length];
        for (int block : blocks) {
            rank[block] = block;
        }
        return builder.fill(rank, blocks, blocks.length, none);
    }

    private boolean flatByFlat(Board board, Builder builder) {
        for (int f : flatsByDue()) {
            if (!placeFlat(f, builder)) {
                return false;
            }
        }
        return true;
    }

    private boolean oneOwner(Board board, Builder builder) {
        board.cost();
        for (int f : flatsByDue()) {
            int owner = -1;
            int soonest = Integer.MAX_VALUE;
            for (int p = 0; p < net.painters; p++) {
                board.mark();
                builder.giveTo(p);
                if (placeFlat(f, builder)) {
                    int ends =
                            Arrays.stream(net.stepsOf[f]).map(board::end).max().orElse(0);
                    if (ends < soonest) {
                        soonest = ends;
                        owner = p;
                    }
                }
                board.takeBack();
                builder.recount(f);
            }
            builder.giveTo(owner);
            if (owner < 0 || !placeFlat(f, builder)) {
                return false;
            }
        }
        return true;
    }

    private boolean whoIsFree(Board board, Builder builder) {
        int[] clock = new int[net.painters];
        boolean[] isIn = new boolean[net.stepsOfBlock.length];
        int left = net.stepsOfBlock.length;
        for (int block = 0; block < isIn.length; block++) {
            isIn[block] = Arrays.stream(net.stepsOfBlock[block]).allMatch(board::isPlaced);
            left -= isIn[block] ? 1 : 0;
        }
        while (left > 0) {
            int p = 0;
            for (int other = 1; other < net.painters; other++) {
                p = clock[other] < clock[p] ? other : p;
            }
            if (clock[p] >= Net.NEVER) {
                return false;
            }
            int own = board.length[p] == 0 ? net.startsAt[p] : net.flat[board.queue[p][board.length[p] - 1]];
            int next = -1;
            int opens = Net.NEVER;
            for (int block = 0; block < isIn.length; block++) {
                int first = net.stepsOfBlock[block][0];
                if (isIn[block] || !net.mayDo(p, first) || !builder.isOpen(block)) {
                    continue;
                }
                int open = builder.open(first);
                if (open > clock[p]) {
                    opens = Math.min(opens, open);
                } else if (next < 0 || isBefore(block, next, own)) {
                    next = block;
                }
            }
            if (next < 0) {
                clock[p] = Math.min(opens, nextClock(clock, clock[p]));
                continue;
            }
            builder.giveTo(p);
            if (!builder.place(next, none)) {
                return false;
            }
            isIn[next] = true;
            left--;
            for (int other = 0; other < net.painters; other++) {
                if (board.length[other] > 0) {
                    clock[other] = Math.max(clock[other], board.end(board.queue[other][board.length[other] - 1]));
                }
            }
        }
        return true;
    }

    private static int nextClock(int[] clock, int after) {
        return Arrays.stream(clock).filter(each -> each > after).min().orElse(Net.NEVER);
    }

    private boolean isBefore(int block, int other, int own) {
        int f = net.flat[net.stepsOfBlock[block][0]];
        int g = net.flat[net.stepsOfBlock[other][0]];
        if ((f == own) != (g == own)) {
            return f == own;
        }
        return net.due[f] < net.due[g];
    }
}
