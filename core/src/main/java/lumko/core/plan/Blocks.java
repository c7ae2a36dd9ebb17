package lumko.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Steps that have to be placed together: what a longest wait ties is one block, and so is what would have to come both before and
 * after one.
 */
final class Blocks {
    private final Net net;
    private final int[] block;
    private final int[][] stepsOf;

    /**
     * @param order steps so that nothing comes before what it waits for
     */
    Blocks(Net net, int[] order) {
        this.net = net;
        block = new int[net.steps];
        for (int s : order) {
            block[s] = s;
        }
        for (int s : order) {
            for (int k = 0; k < net.before[s].length; k++) {
                if (net.beforeMost[s][k] < Net.NEVER) {
                    join(net.stepsOf[net.flat[s]], block[s], block[net.before[s][k]]);
                }
            }
        }
        boolean[] placed = new boolean[net.steps];
        for (int f = 0; f < net.flats; f++) {
            joinRings(f, placed);
        }
        int[] number = new int[net.steps];
        Arrays.fill(number, -1);
        List<List<Integer>> members = new ArrayList<>();
        for (int s : order) {
            if (number[block[s]] < 0) {
                number[block[s]] = members.size();
                members.add(new ArrayList<>());
            }
            members.get(number[block[s]]).add(s);
        }
        for (int s = 0; s < net.steps; s++) {
            block[s] = number[block[s]];
        }
        stepsOf = members.stream()
                .map(each -> each.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    /** The block of each step. */
    int[] of() {
        return block;
    }

    /** By block its steps, in an order in which nothing comes before what it waits for. */
    int[][] steps() {
        return stepsOf;
    }

    private void join(int[] mine, int one, int other) {
        for (int s : mine) {
            block[s] = block[s] == one ? other : block[s];
        }
    }

    private void joinRings(int ofFlat, boolean[] placed) {
        int[] mine = net.stepsOf[ofFlat];
        int left = mine.length;
        while (left > 0) {
            int taken = 0;
            for (int s : mine) {
                if (!placed[s] && canComeNext(mine, block[s], placed)) {
                    placed[s] = true;
                    taken++;
                }
            }
            left -= taken;
            if (taken == 0) {
                int one = -1;
                for (int s : mine) {
                    if (!placed[s]) {
                        one = one < 0 ? block[s] : one;
                        join(mine, block[s], one);
                    }
                }
            }
        }
    }

    private boolean canComeNext(int[] mine, int wanted, boolean[] placed) {
        for (int s : mine) {
            if (block[s] == wanted) {
                for (int earlier : net.before[s]) {
                    if (!placed[earlier] && block[earlier] != wanted) {
                        return false;
                    }
                }
            }
        }
        return true;
    }
}
