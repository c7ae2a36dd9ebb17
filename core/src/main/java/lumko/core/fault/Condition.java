package lumko.core.fault;

import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;

/**
 * What is asked of a fault besides its size, as far as its kind depends on it.
 *
 * @param count how many single ones lie within an area, 1–500
 * @param offset how far one side of a crack stands out, 0–50 mm
 */
public record Condition(
        Edge edge,
        Backing backing,
        Movement movement,
        int count,
        Turns turns,
        Driven driven,
        Recurring recurring,
        Length offset,
        Hold hold,
        Cause cause,
        Owner owner,
        Freshness freshness) {
    private static final Limits COUNT = new Limits("count", 1, 500, "");
    /** How far one side of a crack can stand out. */
    public static final Limits OFFSET = new Limits("offset", 0, 50, "mm");

    /** What holds of most: sound edge, nothing behind a hole, still, one, seen for the first time. */
    public static final Condition USUAL = new Condition(
            Edge.SOUND,
            Backing.HOLLOW,
            Movement.STILL,
            1,
            Turns.FREELY,
            Driven.FLUSH,
            Recurring.FIRST_SEEN,
            Length.ZERO,
            Hold.FIRM,
            Cause.NOT_LOOKED_FOR,
            Owner.THIS_SURFACE,
            Freshness.AS_RECORDED);

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

    /** Whether two sides of a crack or a joint move against each other. */
    public enum Movement {
        STILL,
        MOVES
    }

    /** Whether a plug comes out. */
    public enum Turns {
        FREELY,
        STUCK
    }

    /** How far a plug is in. */
    public enum Driven {
        FLUSH,
        /** Nothing is left behind the rim to carry filler. */
        TOO_FAR
    }

    /** Whether it came back after a repair. */
    public enum Recurring {
        FIRST_SEEN,
        CAME_BACK
    }

    /** Whether the surface beside it holds under the palm. */
    public enum Hold {
        FIRM,
        /** It hangs and gives. */
        GIVES
    }

    /** What has become of what brought it about. */
    public enum Cause {
        NOT_LOOKED_FOR,
        MENDED,
        STILL_THERE,
        TOO_LITTLE_AIR,
        NO_DOOR_STOP,
        /** Filler that was painted over without being sealed. */
        UNSEALED_FILLER
    }

    /** Which of two surfaces is painted again where the line between them went wrong: the one that has the other's paint on it. */
    public enum Owner {
        THIS_SURFACE,
        CEILING,
        TRIM,
        WALL_BESIDE
    }

    /** Whether what crept over a line still wipes off. */
    public enum Freshness {
        /** As old as the last coat on record. */
        AS_RECORDED,
        STILL_FRESH,
        HAS_SET
    }

    public Condition {
        COUNT.check(count);
        OFFSET.check(offset.inMillimetres());
    }

    public Condition with(Edge other) {
        return new Condition(
                other, backing, movement, count, turns, driven, recurring, offset, hold, cause, owner, freshness);
    }

    public Condition with(Backing other) {
        return new Condition(
                edge, other, movement, count, turns, driven, recurring, offset, hold, cause, owner, freshness);
    }

    public Condition with(Movement other) {
        return new Condition(
                edge, backing, other, count, turns, driven, recurring, offset, hold, cause, owner, freshness);
    }

    public Condition withCount(int other) {
        return new Condition(
                edge, backing, movement, other, turns, driven, recurring, offset, hold, cause, owner, freshness);
    }

    public Condition with(Turns other) {
        return new Condition(
                edge, backing, movement, count, other, driven, recurring, offset, hold, cause, owner, freshness);
    }

    public Condition with(Driven other) {
        return new Condition(
                edge, backing, movement, count, turns, other, recurring, offset, hold, cause, owner, freshness);
    }

    public Condition with(Recurring other) {
        return new Condition(
                edge, backing, movement, count, turns, driven, other, offset, hold, cause, owner, freshness);
    }

    public Condition withOffset(Length other) {
        return new Condition(
                edge, backing, movement, count, turns, driven, recurring, other, hold, cause, owner, freshness);
    }

    public Condition with(Hold other) {
        return new Condition(
                edge, backing, movement, count, turns, driven, recurring, offset, other, cause, owner, freshness);
    }

    public Condition with(Cause other) {
        return new Condition(
                edge, backing, movement, count, turns, driven, recurring, offset, hold, other, owner, freshness);
    }

    public Condition with(Owner other) {
        return new Condition(
                edge, backing, movement, count, turns, driven, recurring, offset, hold, cause, other, freshness);
    }

    public Condition with(Freshness other) {
        return new Condition(
                edge, backing, movement, count, turns, driven, recurring, offset, hold, cause, owner, other);
    }
}
