package lumko.core.fault;

import lumko.core.quantity.Limits;

/**
 * What is asked of a fault besides its size, as far as its kind depends on it.
 *
 * @param count how many single ones lie within an area, 1–500
 */
public record Condition(Edge edge, Backing backing, Movement movement, int count) {
    private static final Limits COUNT = new Limits("count", 1, 500, "");

    /** What holds of most: sound edge, nothing behind a hole, still, one. */
    public static final Condition USUAL = new Condition(Edge.SOUND, Backing.HOLLOW, Movement.STILL, 1);

    /** The rim of a hole. */
    public enum Edge {
        SOUND,
        CHIPPED,
        LOOSE_PAPER
    }

    /** What is behind a hole. */
    public enum Backing {
        HOLLOW,
        SOLID
    }

    /** Whether two sides of a crack or a joint move against each other, or have opened again after a repair. */
    public enum Movement {
        STILL,
        MOVES
    }

    public Condition {
        COUNT.check(count);
    }

    public Condition with(Edge other) {
        return new Condition(other, backing, movement, count);
    }

    public Condition with(Backing other) {
        return new Condition(edge, other, movement, count);
    }

    public Condition with(Movement other) {
        return new Condition(edge, backing, other, count);
    }

    public Condition withCount(int other) {
        return new Condition(edge, backing, movement, other);
    }
}
