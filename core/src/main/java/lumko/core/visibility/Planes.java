package lumko.core.visibility;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;

/** Planes that are used again: what is taken holds whatever it held. For one computation, by one thread. */
final class Planes {
    private record Size(int rows, int columns) {}

    private final Map<Size, Deque<float[][]>> free = new HashMap<>();

    float[][] take(int rows, int columns) {
        Deque<float[][]> there = free.get(new Size(rows, columns));
        return there == null || there.isEmpty() ? new float[rows][columns] : there.pop();
    }

    void give(float[][] plane) {
        free.computeIfAbsent(new Size(plane.length, plane[0].length), size -> new ArrayDeque<>())
                .push(plane);
    }
}
