package lumko.core.plan;

import java.util.Arrays;

/** Who does each step of a workload and when it begins, by the number of the step. */
public final class Plan {
    private final int[] painter;
    private final int[] start;

    private Plan(int[] painter, int[] start) {
        this.painter = painter;
        this.start = start;
    }

    /**
     * @param painter number of the painter by step
     * @param start minute by step
     */
    public static Plan of(int[] painter, int[] start) {
        if (painter.length != start.length) {
            throw new IllegalArgumentException("a plan must name a painter and a start for every step, were "
                    + painter.length + " and " + start.length);
        }
        return new Plan(painter.clone(), start.clone());
    }

    public int size() {
        return painter.length;
    }

    public int painter(int step) {
        return painter[step];
    }

    public int start(int step) {
        return start[step];
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Plan plan && Arrays.equals(painter, plan.painter) && Arrays.equals(start, plan.start);
    }

    @Override
    public int hashCode() {
        return 31 * Arrays.hashCode(painter) + Arrays.hashCode(start);
    }
}
