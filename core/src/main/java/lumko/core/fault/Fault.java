package lumko.core.fault;

import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;

/** What is wrong at one place of a wall. Each kind carries the measures that its repair depends on. */
public sealed interface Fault {
    FaultKind kind();

    Measures measures();

    /** The part of the wall that the fault itself takes up. */
    Area area();

    /** The widest extent, as seen from the room. */
    Length extent();

    /** A fault about as wide as it is high, given by its diameter. */
    sealed interface Round extends Fault {
        Length diameter();

        @Override
        default Measures measures() {
            return new Measures(diameter(), diameter(), Length.ZERO);
        }

        @Override
        default Area area() {
            return Area.ofDisc(diameter());
        }

        @Override
        default Length extent() {
            return diameter();
        }
    }

    /** A fault that covers a rectangle of the wall. */
    sealed interface Patch extends Fault {
        Limits SIDE = new Limits("side", 10, 6_000, "mm");

        Length width();

        Length height();

        @Override
        default Measures measures() {
            return new Measures(width(), height(), Length.ZERO);
        }

        @Override
        default Area area() {
            return width().times(height());
        }

        @Override
        default Length extent() {
            return width().isLongerThan(height()) ? width() : height();
        }
    }

    /** A hole where a nail was or still is. */
    record NailHole(Length diameter) implements Round {
        private static final Limits DIAMETER = new Limits("nail hole diameter", 0.5, 4, "mm");

        public NailHole {
            DIAMETER.check(diameter.inMillimetres());
        }

        @Override
        public FaultKind kind() {
            return FaultKind.NAIL_HOLE;
        }
    }

    /** A hole where a screw went straight into the wall. */
    record ScrewHole(Length diameter) implements Round {
        private static final Limits DIAMETER = new Limits("screw hole diameter", 3, 8, "mm");

        public ScrewHole {
            DIAMETER.check(diameter.inMillimetres());
        }

        @Override
        public FaultKind kind() {
            return FaultKind.SCREW_HOLE;
        }
    }

    /** A plastic plug left in the wall; the hole reaches as deep as the plug is long. */
    record Anchor(Length diameter) implements Round {
        private static final Limits DIAMETER = new Limits("anchor diameter", 5, 14, "mm");

        public Anchor {
            DIAMETER.check(diameter.inMillimetres());
        }

        @Override
        public FaultKind kind() {
            return FaultKind.ANCHOR;
        }
    }

    /** A dent with the paper whole. */
    record Ding(Length diameter, Length depth) implements Round {
        private static final Limits DIAMETER = new Limits("ding diameter", 3, 120, "mm");
        private static final Limits DEPTH = new Limits("ding depth", 0.2, 15, "mm");

        public Ding {
            DIAMETER.check(diameter.inMillimetres());
            DEPTH.check(depth.inMillimetres());
        }

        @Override
        public FaultKind kind() {
            return FaultKind.DING;
        }

        @Override
        public Measures measures() {
            return new Measures(diameter, diameter, depth);
        }
    }

    /** A hole through board or plaster. */
    record Hole(Length diameter) implements Round {
        private static final Limits DIAMETER = new Limits("hole diameter", 8, 600, "mm");

        public Hole {
            DIAMETER.check(diameter.inMillimetres());
        }

        @Override
        public FaultKind kind() {
            return FaultKind.HOLE;
        }
    }

    /** A crack in the surface, from its left end; it rises to the right where {@code rise} is positive. */
    record Crack(Length run, Length rise, Length gap) implements Fault {
        private static final Limits LENGTH = new Limits("crack length", 20, 12_000, "mm");
        private static final Limits GAP = new Limits("crack gap", 0.1, 12, "mm");

        public Crack {
            LENGTH.check(Math.hypot(run.inMillimetres(), rise.inMillimetres()));
            GAP.check(gap.inMillimetres());
        }

        public Length length() {
            return Length.ofMillimetres(Math.hypot(run.inMillimetres(), rise.inMillimetres()));
        }

        @Override
        public FaultKind kind() {
            return FaultKind.CRACK;
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
    }

    /** An old touch-up that shows, in the wrong colour or the wrong sheen. */
    record OldTouchUp(Length width, Length height) implements Patch {
        public OldTouchUp {
            SIDE.check(width.inMillimetres());
            SIDE.check(height.inMillimetres());
        }

        @Override
        public FaultKind kind() {
            return FaultKind.OLD_TOUCH_UP;
        }
    }

    /** A stain that would bleed through paint: water, smoke, ink. */
    record Stain(Length width, Length height) implements Patch {
        public Stain {
            SIDE.check(width.inMillimetres());
            SIDE.check(height.inMillimetres());
        }

        @Override
        public FaultKind kind() {
            return FaultKind.STAIN;
        }
    }
}
