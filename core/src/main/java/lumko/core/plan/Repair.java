package lumko.core.plan;

import java.util.Comparator;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/** Makes a plan whole again after something has changed, with as little moved as possible and without searching. */
final class Repair {
    private final Net net;
    private final int[] byStart;
    private final SplittableRandom none = new SplittableRandom(0);

    Repair(Net net) {
        this.net = net;
        byStart = IntStream.range(0, net.steps)
                .boxed()
                .sorted(Comparator.comparingInt(s -> net.wasStart[s] < 0 ? Net.NEVER : net.wasStart[s]))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    /**
     * What can stay stays, everything else is put into the gaps: first where it stood, if it can after all. Empty if something
     * found no place.
     */
    Optional<Plan> byGaps() {
        Board board = new Board(net);
        Builder builder = builder(board);
        if (!builder.placeLocked(none)) {
            return Optional.empty();
        }
        for (int s : byStart) {
            if (!board.isPlaced(s) && builder.isReady(s)) {
                builder.stays(s);
            }
        }
        untie(board, builder);
        return inOrder(board, builder);
    }

    /**
     * One after the other as they stood: what can stay stays, what cannot goes to the best place that what came before it leaves,
     * and what comes after it gives way. Empty if something found no place.
     */
    Optional<Plan> byGivingWay() {
        Board board = new Board(net);
        Builder builder = builder(board);
        return builder.placeLocked(none) ? inOrder(board, builder) : Optional.empty();
    }

    private static Builder builder(Board board) {
        Builder builder = new Builder(board);
        builder.manner(1, 0);
        builder.stayFirst(true);
        return builder;
    }

    /** Puts in what is not placed, block by block as they stood. */
    private Optional<Plan> inOrder(Board board, Builder builder) {
        boolean isMoving = true;
        while (isMoving) {
            isMoving = false;
            for (int s : byStart) {
                int block = net.block[s];
                if (!board.isPlaced(s) && builder.isOpen(block)) {
                    if (!builder.place(block, none)) {
                        return Optional.empty();
                    }
                    isMoving = true;
                }
            }
        }
        return board.isWhole() ? Optional.of(Plan.of(board.painter, board.start)) : Optional.empty();
    }

    /** Of a block that did not stay as a whole nothing stays. */
    private void untie(Board board, Builder builder) {
        boolean isTied = true;
        while (isTied) {
            isTied = false;
            for (int s = 0; s < net.steps; s++) {
                if (board.isPlaced(s) && net.lockedStart[s] < 0 && hangsInTheAir(board, s)) {
                    board.take(s);
                    builder.recount(net.flat[s]);
                    isTied = true;
                }
            }
        }
    }

    private boolean hangsInTheAir(Board board, int s) {
        for (int mate : net.stepsOfBlock[net.block[s]]) {
            if (!board.isPlaced(mate)) {
                return true;
            }
        }
        for (int earlier : net.before[s]) {
            if (!board.isPlaced(earlier)) {
                return true;
            }
        }
        int where = board.position(board.painter[s], board.start[s]);
        int free = where > 0 ? board.end(board.queue[board.painter[s]][where - 1]) : 0;
        return !board.fitsWay(s, board.painter[s], board.flatBefore(board.painter[s], where), free);
    }

    /** Everybody's order stays, everything is done as soon after its time as it can. Empty if a limit is missed by that. */
    Optional<Plan> byPushing() {
        Board board = new Board(net);
        Builder builder = new Builder(board);
        builder.placeFacts();
        for (int s : byStart) {
            int p = net.wasPainter[s];
            if (board.isPlaced(s)) {
                continue;
            }
            if (p < 0 || !net.mayDo(p, s) || !builder.isReady(s)) {
                return Optional.empty();
            }
            int where = board.length[p];
            int free = where > 0 ? board.end(board.queue[p][where - 1]) : 0;
            int at = board.begin(s, p, board.flatBefore(p, where), free, Math.max(net.wasStart[s], builder.open(s)));
            if (at > builder.latest(s) || net.lockedStart[s] >= 0 && at != net.lockedStart[s]) {
                return Optional.empty();
            }
            board.put(s, p, at);
        }
        return Optional.of(Plan.of(board.painter, board.start));
    }
}
