package lumko.core.fault;

import java.util.List;
import lumko.core.fault.Fault.Anchor;
import lumko.core.fault.Fault.Crack;
import lumko.core.fault.Fault.Ding;
import lumko.core.fault.Fault.Hole;
import lumko.core.fault.Fault.NailHole;
import lumko.core.fault.Fault.OldTouchUp;
import lumko.core.fault.Fault.ScrewHole;
import lumko.core.fault.Fault.Stain;
import lumko.core.quantity.Length;

/**
 * The kinds of fault, how each is drawn out (as a point, a line or an area) and the sizes it usually has. Source: catalogue
 * of figures, Sizes.
 */
public enum FaultKind {
    NAIL_HOLE(Shape.POINT, Measures.ofMillimetres(2, 2, 0), 1, 1.5, 2, 2.5, 3, 4),
    SCREW_HOLE(Shape.POINT, Measures.ofMillimetres(5, 5, 0), 3, 4, 5, 6, 7, 8),
    ANCHOR(Shape.POINT, Measures.ofMillimetres(8, 8, 0), 6, 7, 8, 10, 12, 14),
    DING(Shape.POINT, Measures.ofMillimetres(15, 15, 1.5), 5, 10, 15, 20, 30, 40, 60, 80),
    HOLE(Shape.POINT, Measures.ofMillimetres(30, 30, 0), 12, 20, 30, 50, 75, 100, 150, 200, 300),
    CRACK(Shape.LINE, Measures.ofMillimetres(300, 0, 0.4)),
    OLD_TOUCH_UP(Shape.AREA, Measures.ofMillimetres(300, 200, 0)),
    STAIN(Shape.AREA, Measures.ofMillimetres(300, 300, 0));

    /** How a fault is drawn out on the wall. */
    public enum Shape {
        POINT,
        LINE,
        AREA
    }

    private final Shape shape;
    private final Measures usual;
    private final List<Length> ladder;

    FaultKind(Shape shape, Measures usual, double... ladderMillimetres) {
        this.shape = shape;
        this.usual = usual;
        this.ladder = java.util.Arrays.stream(ladderMillimetres)
                .mapToObj(Length::ofMillimetres)
                .toList();
    }

    public Shape shape() {
        return shape;
    }

    /** What a mark of this kind measures until somebody says otherwise. */
    public Measures usual() {
        return usual;
    }

    /** The diameters offered one after the other for a point; empty for lines and areas, which are drawn at true size. */
    public List<Length> ladder() {
        return ladder;
    }

    /**
     * The fault of this kind with the given measures.
     *
     * @throws lumko.core.quantity.OutOfRangeException if a measure is outside what the kind can have
     */
    public Fault of(Measures m) {
        return switch (this) {
            case NAIL_HOLE -> new NailHole(m.across());
            case SCREW_HOLE -> new ScrewHole(m.across());
            case ANCHOR -> new Anchor(m.across());
            case DING -> new Ding(m.across(), m.depth());
            case HOLE -> new Hole(m.across());
            case CRACK -> new Crack(m.across(), m.up(), m.depth());
            case OLD_TOUCH_UP -> new OldTouchUp(m.across(), m.up());
            case STAIN -> new Stain(m.across(), m.up());
        };
    }

    public Fault usualFault() {
        return of(usual);
    }
}
