package lumko.core.fault;

import lumko.core.quantity.Area;
import lumko.core.quantity.Length;

/**
 * What is wrong at one place of a surface: a kind with the measures its repair depends on. What a kind is not asked about
 * stands at its usual value, so that two faults that are the same are equal.
 */
public sealed interface Fault {
    FaultKind kind();

    Measures measures();

    Condition condition();

    /** The part of the surface that the fault itself takes up. */
    Area area();

    /** The widest extent, as seen from the room. */
    Length extent();

    /** As wide as it is where it is cut through: across a line, otherwise its widest extent. */
    default Length across() {
        return extent();
    }

    /** Whether it is put right without the paint of its surface: with that of its neighbour, or by wiping it off. */
    default boolean isPutRightWithoutItsPaint() {
        return switch (kind()) {
            case TRIM_CHIP -> true;
            case BLEED ->
                condition().owner() != Condition.Owner.THIS_SURFACE
                        || condition().freshness() == Condition.Freshness.STILL_FRESH;
            case WAVY_LINE -> condition().owner() != Condition.Owner.THIS_SURFACE;
            default -> false;
        };
    }

    /** A fault about as wide as it is high, given by its diameter. */
    record Round(FaultKind kind, Length diameter, Length depth, Condition condition) implements Fault {
        public Round {
            kind.requires(FaultKind.Shape.POINT);
            kind.across().check(diameter.inMillimetres());
            kind.depth().check(depth.inMillimetres());
            condition = kind.asked(condition);
        }

        @Override
        public Measures measures() {
            return new Measures(diameter, diameter, depth);
        }

        @Override
        public Area area() {
            return Area.ofDisc(diameter);
        }

        @Override
        public Length extent() {
            return diameter;
        }
    }

    /** A fault along a line, from its left end; it rises to the right where {@code rise} is positive. */
    record Line(FaultKind kind, Length run, Length rise, Length gap, Condition condition) implements Fault {
        public Line {
            kind.requires(FaultKind.Shape.LINE);
            kind.across().check(Math.hypot(run.inMillimetres(), rise.inMillimetres()));
            kind.depth().check(gap.inMillimetres());
            condition = kind.asked(condition);
        }

        public Length length() {
            return Length.ofMillimetres(Math.hypot(run.inMillimetres(), rise.inMillimetres()));
        }

        @Override
        public Measures measures() {
            return new Measures(run, rise, gap);
        }

        @Override
        public Area area() {
            return length().times(gap);
        }

        @Override
        public Length extent() {
            return length();
        }

        @Override
        public Length across() {
            return gap;
        }
    }

    /** A fault that covers a rectangle of the surface; its depth is how far it stands proud or is cut in. */
    record Patch(FaultKind kind, Length width, Length height, Length depth, Condition condition) implements Fault {
        public Patch {
            kind.requires(FaultKind.Shape.AREA);
            kind.across().check(width.inMillimetres());
            kind.across().check(height.inMillimetres());
            kind.depth().check(depth.inMillimetres());
            condition = kind.asked(condition);
        }

        @Override
        public Measures measures() {
            return new Measures(width, height, depth);
        }

        @Override
        public Area area() {
            return width.times(height);
        }

        @Override
        public Length extent() {
            return width.isLongerThan(height) ? width : height;
        }
    }
}
