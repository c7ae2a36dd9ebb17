package lumko.core.visibility;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import lumko.core.quantity.Limits;

/**
 * How visible a touch-up is to an eye at a distance: the 98th percentile of ΔE00 between the wall with it and without, as that
 * eye blurs them, over the patch and 20 mm round it.
 *
 * <p>The change that the patch makes is blurred, not both pictures: the filters are linear, and what is left of the wall's own
 * stipple behind them is small beside the colour that the difference is told from. <i>Limits</i>: one patch on an even wall;
 * the comparison is with this wall, not with a perfect one; screens, glasses and tired eyes are not known.
 */
public final class Visibility {
    public static final Limits DISTANCE = new Limits("distance of the eye", 0.1, 20, "m");
    public static final Limits DAYS = new Limits("days since it was painted", 0, 10_000, "days");

    /** For one who looks for it: the painter, the inspection. Below, it is gone. */
    public static final double LOOKED_FOR = 1;

    /** The score is what so many in a hundred samples stay below. */
    private static final double PERCENTILE = 98;

    /** Of the samples, those that may be above it, with room for what the quick order gets wrong. */
    private static final double SORTED = 0.05;

    private static final int FEWEST_SAMPLES = 64;
    private static final int MOST_SAMPLES = 512;

    /** Samples to a degree. Twice as many change no score by more than 2 in 100. */
    private static final double PER_DEGREE = 26;

    /** A feather that is tried wider, in mm. */
    private static final double WIDER = 30;

    private static final double NEAREST = 0.2;
    private static final double CLOSE_BY = 0.7;
    private static final double FURTHEST = 12;

    private final Scene scene;
    private final double perDegree;
    private final Map<Integer, Relief> reliefs = new ConcurrentHashMap<>();

    public Visibility(Scene scene) {
        this(scene, PER_DEGREE);
    }

    Visibility(Scene scene, double perDegree) {
        this.scene = scene;
        this.perDegree = perDegree;
    }

    /** ΔE00 from a distance in metres, so many days after it was painted. */
    public double score(View view, double metres, double days) {
        DISTANCE.check(metres);
        DAYS.check(days);
        double degree = metres * 1000 * Math.tan(Math.toRadians(1));
        double most = 2 * scene.reach() / scene.finest();
        int height = samples(Math.min(most, 2 * scene.reach() / degree * perDegree));
        int width = samples(Math.min(most, 2 * scene.reach() * view.cosine() / degree * perDegree));
        return score(view, metres, days, width, height);
    }

    private static int samples(double wanted) {
        return (int) Math.clamp(Math.ceil(wanted), FEWEST_SAMPLES, MOST_SAMPLES);
    }

    /** The same on a grid of one's own. */
    double score(View view, double metres, double days, int width, int height) {
        Scene.Change change = scene.change(view, days, width, height, relief(width, height));
        double down = Scielab.perDegree(metres * 1000, 2 * scene.reach() / height);
        double across = Scielab.perDegree(metres * 1000, 2 * scene.reach() / width) / view.cosine();
        XyzField seen = new Scielab(width, height, across, down).blurred(change.added());
        return percentile(seen, change);
    }

    /** The wall stays the same while the eye walks and the days pass: its stipple is worked out once a grid. */
    private Relief relief(int width, int height) {
        return reliefs.computeIfAbsent(width * 10_000 + height, grid -> scene.relief(width, height));
    }

    /** Orders the samples by a metric at the wall's own colour, and works out exactly what lies about the percentile. */
    private static double percentile(XyzField seen, Scene.Change change) {
        Metric metric = new Metric(change.wall());
        int looked = 0;
        for (boolean is : change.isLookedAt()) {
            looked += is ? 1 : 0;
        }
        float[] ranks = new float[looked];
        int[] where = new int[looked];
        int n = 0;
        for (int at = 0; at < change.isLookedAt().length; at++) {
            if (change.isLookedAt()[at]) {
                ranks[n] = (float) metric.square(seen.x()[at], seen.y()[at], seen.z()[at]);
                where[n++] = at;
            }
        }
        int kept = (int) Math.min(looked, Math.ceil(SORTED * looked) + 2);
        float from = Selection.smallest(ranks.clone(), looked - kept);
        double[] exact = new double[looked];
        int above = 0;
        for (int each = 0; each < looked; each++) {
            if (ranks[each] >= from) {
                int at = where[each];
                exact[above++] = metric.exact(seen.x()[at], seen.y()[at], seen.z()[at]);
            }
        }
        double[] top = Arrays.copyOf(exact, above);
        Arrays.sort(top);
        double place = PERCENTILE / 100 * (looked - 1) - (looked - above);
        int below = (int) Math.clamp(Math.floor(place), 0, above - 1);
        int next = Math.min(above - 1, below + 1);
        return top[below] + Math.clamp(place - below, 0, 1) * (top[next] - top[below]);
    }

    /**
     * From what distance in metres on it is gone: 0 where it is not seen even from near, and endless where it is seen
     * from as far as anyone stands.
     *
     * @param notSeen below this score it is gone: {@link #LOOKED_FOR}, or more for one who does not look for it
     */
    public double goneFrom(View view, double days, double notSeen) {
        if (score(view, FURTHEST, days) >= notSeen) {
            return Double.POSITIVE_INFINITY;
        }
        double near = CLOSE_BY;
        double far = FURTHEST;
        if (score(view, near, days) < notSeen) {
            far = near;
            near = NEAREST;
            if (score(view, near, days) < notSeen) {
                return 0;
            }
        }
        while (far / near > 1.02) {
            double middle = Math.sqrt(near * far);
            if (score(view, middle, days) >= notSeen) {
                near = middle;
            } else {
                far = middle;
            }
        }
        return far;
    }

    /**
     * What would help, the most first; only what brings it nearer. Each is worked out, none is a rule.
     *
     * @param washed the wall once it is washed, where it is soiled
     */
    public List<Help> helps(View view, double days, double notSeen, Optional<Paints> washed) {
        double now = goneFrom(view, days, notSeen);
        if (now == 0) {
            return List.of();
        }
        Patch patch = scene.patch();
        Map<Help.Kind, Visibility> others = new EnumMap<>(Help.Kind.class);
        others.put(
                Help.Kind.FEATHER_WIDER,
                on(scene.with(patch.withFeather(Math.min(Patch.FEATHER.high(), patch.feather() + WIDER)))));
        others.put(Help.Kind.TOOL_OF_THE_WALL, on(scene.with(patch.with(scene.wall()))));
        others.put(Help.Kind.LEVEL_THE_FILLER, on(scene.with(patch.levelled())));
        washed.ifPresent(clean -> others.put(Help.Kind.WASH_FIRST, on(scene.with(clean))));
        List<Help> helps = new ArrayList<>();
        others.forEach((kind, other) -> helps.add(new Help(kind, other.goneFrom(view, days, notSeen))));
        helps.add(new Help(Help.Kind.WAIT_A_WEEK, goneFrom(view, days + 7, notSeen)));
        helps.add(new Help(Help.Kind.ROLL_THE_WALL, 0));
        return helps.stream()
                .filter(help -> help.goneFrom() < now)
                .sorted(Comparator.comparingDouble(Help::goneFrom).thenComparing(Help::kind))
                .toList();
    }

    private Visibility on(Scene other) {
        return new Visibility(other, perDegree);
    }
}
