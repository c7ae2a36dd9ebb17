package lumko.core.fault;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;

/**
 * The kinds of fault, how each is drawn out (as a point, a line or an area), what is asked about it and the sizes it usually
 * has. Source: catalogue of figures, Sizes.
 */
public enum FaultKind {
    NAIL_HOLE(Group.HOLES, point(2, 0), of(0.5, 4), none(), asks(), 1, 1.5, 2, 2.5, 3, 4),
    SCREW_HOLE(Group.HOLES, point(5, 0), of(3, 8), none(), asks(), 3, 4, 5, 6, 7, 8),
    /** Paint and plaster pushed up round a hole that is otherwise sound. */
    PROUD_RIM(Group.HOLES, point(12, 0), of(3, 60), none(), asks(), 8, 12, 16, 20, 30),
    /** A plastic plug. */
    ANCHOR(
            Group.HOLES,
            point(8, 0),
            of(5, 14),
            none(),
            asks(Asked.EDGE, Asked.TURNS, Asked.DRIVEN),
            6,
            7,
            8,
            10,
            12,
            14),
    /** A toggle, spring wing or self-drilling anchor in a board. */
    TOGGLE(Group.HOLES, point(16, 0), of(8, 30), none(), asks(), 10, 12, 16, 20, 25),
    /** A nail or screw of the board itself that has worked loose and pushed its filler out. */
    POPPED_FASTENER(Group.HOLES, point(10, 0), of(5, 30), none(), asks(), 8, 10, 15, 20),
    /** A dent with the paper whole. */
    DING(Group.HOLES, point(15, 1.5), of(3, 120), of(0.2, 15), asks(), 5, 10, 15, 20, 30, 40, 60, 80),
    /** Torn paper or gouged plaster. */
    GOUGE(Group.HOLES, area(80, 40, 2), of(5, 3_000), of(0.2, 15), asks()),
    HOLE(Group.HOLES, point(30, 0), of(8, 600), none(), asks(Asked.EDGE, Asked.BACKING, Asked.CAUSE), holes()),
    /** A gap or damage round an electrical box. */
    BOX_GAP(Group.HOLES, point(110, 5), of(60, 400), of(0.5, 60), asks(), 80, 110, 150, 200, 250),
    /** Filler dug out, or sunk below the surface. */
    HOLLOW_REPAIR(Group.HOLES, point(30, 0.5), of(3, 400), of(0.1, 10), asks(), 10, 20, 30, 50, 80, 120),

    CRACK(
            Group.CRACKS,
            line(300, 0.4),
            of(20, 12_000),
            of(0.1, 12),
            asks(Asked.MOVEMENT, Asked.RECURRING, Asked.OFFSET, Asked.HOLD)),
    /** A crack where the wall meets trim, a frame, a vent or the ceiling. */
    JOINT_CRACK(Group.CRACKS, line(600, 1), of(20, 12_000), of(0.1, 40), asks(Asked.MOVEMENT)),
    FAILED_CAULK(Group.CRACKS, line(800, 4), of(20, 12_000), of(0.5, 20), asks()),
    /** Paper torn off with a strip of tape. */
    TAPE_TEAR(Group.CRACKS, line(200, 15), of(20, 6_000), of(1, 80), asks()),
    /** Plaster standing on the metal or plastic edge of an outside corner. */
    PLASTER_ON_BEAD(Group.CRACKS, line(400, 10), of(20, 6_000), of(1, 80), asks()),

    FLAKING(Group.SURFACE, area(400, 300, 0), side(), none(), asks()),
    /** Nibs, crumbs and bumps in old paint. */
    NIBS(Group.SURFACE, area(500, 500, 0), side(), none(), asks(Asked.COUNT)),
    /** Over-trowelled plaster on which paint has no hold. */
    GLASSY_PLASTER(Group.SURFACE, area(1000, 800, 0), side(), none(), asks()),
    LUMPY_PLASTER(Group.SURFACE, area(600, 400, 2), side(), of(0.2, 20), asks()),
    /** New plaster or new board without a coat. */
    BARE_SURFACE(Group.SURFACE, area(800, 600, 0), side(), none(), asks()),
    WALLPAPER_REMAINS(Group.SURFACE, area(1000, 800, 0), side(), none(), asks()),
    /** Panel or paper that stays and is painted over. */
    PANEL_OR_PAPER(Group.SURFACE, area(2000, 1200, 0), side(), none(), asks()),
    RUST(Group.SURFACE, area(60, 60, 0), side(), none(), asks()),

    /** A run, sag or fat edge in old paint. */
    RUN(Group.OLD_PAINT, line(200, 8), of(20, 6_000), of(1, 80), asks()),
    /** Roller lines and lap marks. */
    LAP_MARK(Group.OLD_PAINT, area(1200, 400, 0), side(), none(), asks()),
    PROUD_FILLER(Group.OLD_PAINT, area(120, 80, 1), side(), of(0.1, 10), asks()),
    /** Filler spread smooth on a textured wall. */
    SMOOTH_ISLAND(Group.OLD_PAINT, area(200, 150, 0), side(), none(), asks()),
    /** An old touch-up in the wrong colour. */
    OLD_TOUCH_UP(Group.OLD_PAINT, area(300, 200, 0), side(), none(), asks()),
    /** An old touch-up in the wrong sheen. */
    OLD_SHEEN(Group.OLD_PAINT, area(300, 200, 0), side(), none(), asks(Asked.CAUSE)),
    /** The brushed ring round a plate that was painted round. */
    HALO(Group.OLD_PAINT, area(160, 160, 0), side(), none(), asks()),
    /** Paint that crept under tape, or over a line onto the neighbour. */
    BLEED(Group.OLD_PAINT, line(300, 3), of(5, 12_000), of(0.5, 80), asks(Asked.OWNER, Asked.FRESHNESS)),
    /** The line between two colours is not straight. */
    WAVY_LINE(Group.OLD_PAINT, line(600, 4), of(20, 12_000), of(0.5, 80), asks(Asked.OWNER)),
    /** Paint knocked off the skirting, the frame or the door beside this surface. */
    TRIM_CHIP(Group.OLD_PAINT, point(10, 0), of(2, 200), none(), asks(), 5, 10, 20, 40, 80),
    /** The layer underneath grins through. */
    SHOWS_THROUGH(Group.OLD_PAINT, area(1000, 800, 0), side(), none(), asks()),
    /** Shapes in a faded or soiled film where something hung or stood. */
    PALE_SHAPES(Group.OLD_PAINT, area(500, 400, 0), side(), none(), asks()),

    SCUFF(Group.DIRT, area(400, 300, 0), side(), none(), asks()),
    GREASE(Group.DIRT, area(600, 500, 0), side(), none(), asks()),
    MOULD(Group.DIRT, area(400, 400, 0), side(), none(), asks(Asked.CAUSE)),
    /** A stain that bleeds through paint: water, ink, soot. */
    STAIN(Group.DIRT, area(300, 300, 0), side(), none(), asks(Asked.CAUSE)),
    SMOKE(Group.DIRT, area(2000, 1500, 0), side(), none(), asks());

    /** How a fault is drawn out on the surface. */
    public enum Shape {
        POINT,
        LINE,
        AREA
    }

    /** What a fault belongs to, for finding it. */
    public enum Group {
        HOLES,
        CRACKS,
        SURFACE,
        OLD_PAINT,
        DIRT
    }

    /** What is asked about a fault besides its size. */
    public enum Asked {
        EDGE,
        BACKING,
        MOVEMENT,
        COUNT,
        TURNS,
        DRIVEN,
        RECURRING,
        OFFSET,
        HOLD,
        CAUSE,
        OWNER,
        FRESHNESS
    }

    /** Whether it runs where the surface meets something else: a frame, a skirting, another surface. */
    public boolean isOfJoints() {
        return switch (this) {
            case JOINT_CRACK, FAILED_CAULK, BLEED, WAVY_LINE -> true;
            default -> false;
        };
    }

    private record Usual(Shape shape, Measures measures) {}

    private record Range(double low, double high) {}

    private final Group group;
    private final Usual usual;
    private final Limits across;
    private final Limits depth;
    private final Set<Asked> asked;
    private final List<Length> ladder;

    FaultKind(Group group, Usual usual, Range across, Range depth, Set<Asked> asked, double... ladderMillimetres) {
        this.group = group;
        this.usual = usual;
        String name = name().toLowerCase(Locale.ROOT).replace('_', ' ');
        String widest = switch (usual.shape) {
            case POINT -> " diameter";
            case LINE -> " length";
            case AREA -> " width";
        };
        this.across = new Limits(name + widest, across.low, across.high, "mm");
        this.depth = new Limits(name + (usual.shape == Shape.LINE ? " gap" : " depth"), depth.low, depth.high, "mm");
        this.asked = asked;
        this.ladder =
                Arrays.stream(ladderMillimetres).mapToObj(Length::ofMillimetres).toList();
    }

    private static Usual point(double diameter, double depth) {
        return new Usual(Shape.POINT, Measures.ofMillimetres(diameter, diameter, depth));
    }

    private static Usual line(double length, double gap) {
        return new Usual(Shape.LINE, Measures.ofMillimetres(length, 0, gap));
    }

    private static Usual area(double width, double height, double depth) {
        return new Usual(Shape.AREA, Measures.ofMillimetres(width, height, depth));
    }

    private static Range of(double low, double high) {
        return new Range(low, high);
    }

    private static Range none() {
        return new Range(0, 0);
    }

    private static Range side() {
        return new Range(10, 12_000);
    }

    private static double[] holes() {
        return new double[] {12, 20, 30, 50, 75, 100, 150, 200, 300};
    }

    private static Set<Asked> asks(Asked... asked) {
        return Set.of(asked);
    }

    public Group group() {
        return group;
    }

    public Shape shape() {
        return usual.shape;
    }

    /** Whether it is put right along the edge of the surface, while nothing is touched up on the surface itself. */
    public boolean isPutRightAtTheEdge() {
        return this == BLEED || this == WAVY_LINE || this == TRIM_CHIP;
    }

    /** What a mark of this kind measures until somebody says otherwise. */
    public Measures usual() {
        return usual.measures;
    }

    /** The diameters offered one after the other for a point; empty for lines and areas, which are drawn at true size. */
    public List<Length> ladder() {
        return ladder;
    }

    /** What a repair of this kind depends on besides the size. */
    public Set<Asked> asked() {
        return asked;
    }

    /** Depths, or gaps, offered for choosing: from a quarter of the usual one to five times as much, as far as it can be. */
    public List<Length> depths() {
        double usually = usual.measures.depth().inMillimetres();
        return DoubleStream.of(0.25, 0.5, 1, 2, 5)
                .map(times -> Math.round(usually * times * 10) / 10.0)
                .filter(offered -> offered >= depth.low() && offered <= depth.high())
                .distinct()
                .mapToObj(Length::ofMillimetres)
                .toList();
    }

    /** Whether it has a depth, or a gap, of its own. */
    public boolean hasDepth() {
        return depth.high() > 0;
    }

    /** What its width, its sides or its length can be. */
    Limits across() {
        return across;
    }

    Limits depth() {
        return depth;
    }

    void requires(Shape shape) {
        if (usual.shape != shape) {
            throw new IllegalArgumentException(this + " is drawn out as " + usual.shape + ", not as " + shape);
        }
    }

    /** The condition as far as this kind is asked about it. */
    Condition asked(Condition condition) {
        return new Condition(
                as(Asked.EDGE, condition, Condition::edge),
                as(Asked.BACKING, condition, Condition::backing),
                as(Asked.MOVEMENT, condition, Condition::movement),
                as(Asked.COUNT, condition, Condition::count),
                as(Asked.TURNS, condition, Condition::turns),
                as(Asked.DRIVEN, condition, Condition::driven),
                as(Asked.RECURRING, condition, Condition::recurring),
                as(Asked.OFFSET, condition, Condition::offset),
                as(Asked.HOLD, condition, Condition::hold),
                as(Asked.CAUSE, condition, Condition::cause),
                as(Asked.OWNER, condition, Condition::owner),
                as(Asked.FRESHNESS, condition, Condition::freshness));
    }

    private <T> T as(Asked what, Condition condition, Function<Condition, T> of) {
        return of.apply(asked.contains(what) ? condition : Condition.USUAL);
    }

    /** The fault of this kind with the given measures, in its usual condition. */
    public Fault of(Measures measures) {
        return of(measures, Condition.USUAL);
    }

    /**
     * The fault of this kind with the given measures and condition.
     *
     * @throws lumko.core.quantity.OutOfRangeException if a measure is outside what the kind can have
     */
    public Fault of(Measures m, Condition condition) {
        Length depth = hasDepth() ? m.depth() : Length.ZERO;
        return switch (usual.shape) {
            case POINT -> new Fault.Round(this, m.across(), depth, condition);
            case LINE -> new Fault.Line(this, m.across(), m.up(), depth, condition);
            case AREA -> new Fault.Patch(this, m.across(), m.up(), depth, condition);
        };
    }

    public Fault usualFault() {
        return of(usual.measures);
    }
}
