package lumko.core.colour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;

/**
 * Finds the colours nearest to one by CIEDE2000, exactly, among very many. The colours stand in a tree of boxes of L*, a*, b*;
 * a box is opened only if a lower bound on the difference to anything in it is not beaten yet.
 *
 * <p>The bound: with S<sub>L</sub> at its largest over the box, G at its smallest chroma and S<sub>C</sub> ≥ S<sub>H</sub> at
 * its largest, ΔE00² ≥ (ΔL/S<sub>L</sub>)² + (1 − |R<sub>T</sub>|/2)·(Δa² + Δb²)/S<sub>C</sub>², because a′ = (1+G)a stretches
 * and x² + y² + R·xy ≥ (1 − |R|/2)(x² + y²). R<sub>T</sub> counts only where both hues can be blue.
 */
public final class NearestColours {
    private static final int LEAF = 24;

    /** A colour found, by its position in what the index was made of. */
    public record Found(int index, double difference) {}

    private final double[] l;
    private final double[] a;
    private final double[] b;
    private final int[] order;
    private final double[] boxes;
    private final int size;

    public NearestColours(List<Lab> colours) {
        size = colours.size();
        l = new double[size];
        a = new double[size];
        b = new double[size];
        order = new int[size];
        for (int i = 0; i < size; i++) {
            l[i] = colours.get(i).lightness();
            a[i] = colours.get(i).a();
            b[i] = colours.get(i).b();
            order[i] = i;
        }
        boxes = new double[6 * 2 * Math.max(1, nodes())];
        if (size > 0) {
            build(1, 0, size);
            arrange();
        }
    }

    private int nodes() {
        int leaves = 1;
        while (leaves * LEAF < size) {
            leaves *= 2;
        }
        return leaves;
    }

    private void build(int node, int from, int to) {
        double[] low = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        double[] high = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (int i = from; i < to; i++) {
            int at = order[i];
            double[] point = {l[at], a[at], b[at]};
            for (int k = 0; k < 3; k++) {
                low[k] = Math.min(low[k], point[k]);
                high[k] = Math.max(high[k], point[k]);
            }
        }
        for (int k = 0; k < 3; k++) {
            boxes[6 * node + k] = low[k];
            boxes[6 * node + 3 + k] = high[k];
        }
        if (isLeaf(node)) {
            return;
        }
        int axis = 0;
        for (int k = 1; k < 3; k++) {
            if (high[k] - low[k] > high[axis] - low[axis]) {
                axis = k;
            }
        }
        int middle = (from + to) >>> 1;
        select(from, to - 1, middle, axis == 0 ? l : axis == 1 ? a : b);
        build(2 * node, from, middle);
        build(2 * node + 1, middle, to);
    }

    private boolean isLeaf(int node) {
        return 2 * node + 1 >= boxes.length / 6;
    }

    /** Puts what belongs before the middle before it (Hoare's selection). */
    private void select(int from, int to, int middle, double[] by) {
        int low = from;
        int high = to;
        while (low < high) {
            double pivot = by[order[(low + high) >>> 1]];
            int i = low;
            int j = high;
            while (i <= j) {
                while (by[order[i]] < pivot) {
                    i++;
                }
                while (by[order[j]] > pivot) {
                    j--;
                }
                if (i <= j) {
                    int swap = order[i];
                    order[i++] = order[j];
                    order[j--] = swap;
                }
            }
            if (middle <= j) {
                high = j;
            } else if (middle >= i) {
                low = i;
            } else {
                return;
            }
        }
    }

    /** Lays the coordinates out in the order of the tree, so that a leaf is read in one go. */
    private void arrange() {
        double[] nl = new double[size];
        double[] na = new double[size];
        double[] nb = new double[size];
        for (int i = 0; i < size; i++) {
            nl[i] = l[order[i]];
            na[i] = a[order[i]];
            nb[i] = b[order[i]];
        }
        System.arraycopy(nl, 0, l, 0, size);
        System.arraycopy(na, 0, a, 0, size);
        System.arraycopy(nb, 0, b, 0, size);
    }

    public int size() {
        return size;
    }

    private record Box(int node, int from, int to, double bound) {}

    /** The nearest colours, the nearest first; of equal ones the earlier first. */
    public List<Found> nearest(Lab wanted, int most) {
        Comparator<Found> better = Comparator.comparingDouble(Found::difference).thenComparingInt(Found::index);
        PriorityQueue<Found> best = new PriorityQueue<>(better.reversed());
        PriorityQueue<Box> open = new PriorityQueue<>(Comparator.comparingDouble(Box::bound));
        if (size > 0 && most > 0) {
            open.add(new Box(1, 0, size, 0));
        }
        while (!open.isEmpty()) {
            Box box = open.poll();
            if (best.size() == most && box.bound > best.element().difference()) {
                break;
            }
            if (isLeaf(box.node)) {
                for (int i = box.from; i < box.to; i++) {
                    double difference =
                            ColourDifference.between(wanted.lightness(), wanted.a(), wanted.b(), l[i], a[i], b[i]);
                    Found found = new Found(order[i], difference);
                    if (best.size() < most) {
                        best.add(found);
                    } else if (better.compare(found, best.element()) < 0) {
                        best.poll();
                        best.add(found);
                    }
                }
            } else {
                int middle = (box.from + box.to) >>> 1;
                open.add(new Box(2 * box.node, box.from, middle, bound(wanted, 2 * box.node)));
                open.add(new Box(2 * box.node + 1, middle, box.to, bound(wanted, 2 * box.node + 1)));
            }
        }
        return new ArrayList<>(best).stream().sorted(better).toList();
    }

    /** Nothing in the box is nearer than this. */
    double bound(Lab wanted, int node) {
        int at = 6 * node;
        double dL = away(wanted.lightness(), boxes[at], boxes[at + 3]);
        double dA = away(wanted.a(), boxes[at + 1], boxes[at + 4]);
        double dB = away(wanted.b(), boxes[at + 2], boxes[at + 5]);
        double own = wanted.chroma();
        double largest = Math.hypot(
                Math.max(Math.abs(boxes[at + 1]), Math.abs(boxes[at + 4])),
                Math.max(Math.abs(boxes[at + 2]), Math.abs(boxes[at + 5])));
        double smallest = Math.hypot(away(0, boxes[at + 1], boxes[at + 4]), away(0, boxes[at + 2], boxes[at + 5]));
        double g = 0.5 * (1 - Math.sqrt(ColourDifference.ratio7((own + smallest) / 2)));
        double meanCp = (1 + g) * (own + largest) / 2;
        double sC = 1 + 0.045 * meanCp;
        double sL = Math.max(sL((wanted.lightness() + boxes[at]) / 2), sL((wanted.lightness() + boxes[at + 3]) / 2));
        boolean neverBlue = wanted.b() >= 0 && boxes[at + 2] >= 0;
        double rT = neverBlue ? 1e-5 : 2 * Math.sqrt(ColourDifference.ratio7(meanCp)) * Math.sin(Math.toRadians(60));
        return Math.sqrt((dL / sL) * (dL / sL) + (1 - rT / 2) * (dA * dA + dB * dB) / (sC * sC));
    }

    private static double sL(double meanL) {
        double l50 = (meanL - 50) * (meanL - 50);
        return 1 + 0.015 * l50 / Math.sqrt(20 + l50);
    }

    private static double away(double value, double low, double high) {
        return value < low ? low - value : value > high ? value - high : 0;
    }
}
