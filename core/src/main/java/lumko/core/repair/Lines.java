package lumko.core.repair;

import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Move;
import lumko.core.activity.Tool;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.repair.Repair.PaintAfter;

/**
 * Lines between two colours that went wrong, and chips of the trim: what crept over wipes off while it is fresh; later the side
 * that has the other's paint on it is painted again.
 */
final class Lines {
    private final Chain chain;

    Lines(Chain chain) {
        this.chain = chain;
    }

    void wiped() {
        chain.add(chain.move(ActivityKind.WIPE_BLEED)
                .edge(chain.extent())
                .hand(chain.figures.along(Figure.BLEED_WIPED, chain.extent()))
                .with(Tool.TWO_CLOTHS, Tool.FILLING_KNIFE)
                .says(Advice.BLEED_TWO_DAYS));
        chain.paint(PaintAfter.NOTHING);
    }

    /** Tape exactly on the neighbour's side, pressed down. */
    void tapedAndRepainted() {
        repainted(chain.move(ActivityKind.CORRECT).tape(chain.extent()).with(Tool.LOW_TACK_TAPE));
    }

    void freehand() {
        repainted(chain.move(ActivityKind.CORRECT));
    }

    private void repainted(Move move) {
        chain.add(move.edge(chain.extent())
                .hand(chain.figures.along(Figure.LINE_REPAINTED, chain.extent()))
                .with(Tool.SASH_BRUSH)
                .says(Advice.TAPE_ON_LINE, whose(), Advice.KEEP_LITTLE_OUT));
        chain.finishStrip(Length.ofMillimetres(20), false);
        chain.paint(PaintAfter.NOTHING);
    }

    private Advice whose() {
        return switch (chain.fault.condition().owner()) {
            case THIS_SURFACE -> Advice.LINE_OF_THIS_SURFACE;
            case CEILING -> Advice.LINE_OF_CEILING;
            case TRIM -> Advice.LINE_OF_TRIM;
            case WALL_BESIDE -> Advice.LINE_OF_WALL_BESIDE;
        };
    }

    /** A chip of the trim: its edge taken down, then its own paint from the small pot, twice. */
    void chipTouchedIn() {
        chain.takeEdgeDown();
        chain.add(chain.move(ActivityKind.CORRECT)
                .count(1)
                .hand(chain.figures.each(Figure.DAB, 2))
                .with(Tool.SMALL_BRUSH)
                .says(Advice.CHIP_FROM_POT, Advice.KEEP_LITTLE_OUT));
        chain.paint(PaintAfter.NOTHING);
    }
}
