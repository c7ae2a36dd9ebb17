package lumko.core.repair;

import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Move;
import lumko.core.activity.Tool;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.repair.Repair.PaintAfter;

/** Lines between two colours that went wrong: what crept over wipes off while it is fresh; later the side that owns the line is painted again. */
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
                .says(Advice.TAPE_ON_LINE, Advice.KEEP_LITTLE_OUT));
        chain.finishStrip(Length.ofMillimetres(20), false);
        chain.paint(PaintAfter.NOTHING);
    }
}
