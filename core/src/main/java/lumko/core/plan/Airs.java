package lumko.core.plan;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** The curve of each air, made once for all rooms that share it. */
public final class Airs {
    private final Map<List<Double>, AirCurve> known = new IdentityHashMap<>();

    public AirCurve of(Workload.Room room) {
        return known.computeIfAbsent(room.air(), AirCurve::new);
    }
}
