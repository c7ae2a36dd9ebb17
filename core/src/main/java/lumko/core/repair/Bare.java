package lumko.core.repair;

import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Tool;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.figure.Figure;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.repair.Repair.PaintAfter;
import lumko.core.repair.Repair.Sealing;

/** Surfaces without a coat, or with one that was never meant to be painted: new plaster and board, paper remains, panels. */
final class Bare {
    private final Chain chain;

    Bare(Chain chain) {
        this.chain = chain;
    }

    /** Primed by roller with its surface; where only a patch of it is bare, that is sealed. */
    void asASurface() {
        chain.finishArea(Length.ZERO, false);
        chain.seal(Sealing.THE_PLACE);
        chain.paint(PaintAfter.THE_WHOLE_SURFACE);
    }

    /** Paper and glue come off, strip first, never washed before; what is bare then is sealed with the surface. */
    void stripped() {
        chain.add(chain.move(ActivityKind.STRIP_PAPER)
                .area(chain.fault.area())
                .hand(chain.figures.over(Figure.STRIP_PAPER, chain.fault.area()))
                .leaves(Wet.of(DryingMaterial.DAMP_WALL))
                .with(Tool.SCRAPER, Tool.WASH_BUCKET, Tool.DAMP_SPONGE));
        if (chain.practice.is(School.GLUE_SANDED_OFF)) {
            chain.abrade(ActivityKind.SAND_GLUE_OFF, Figure.SAND_GLUE, Tool.PAPER_80);
        } else {
            chain.add(chain.move(ActivityKind.WASH_GLUE_OFF)
                    .area(chain.fault.area())
                    .hand(chain.figures.over(Figure.WASH_GLUE, chain.fault.area()))
                    .leaves(Wet.of(DryingMaterial.DAMP_WALL))
                    .with(Tool.WASH_BUCKET, Tool.DAMP_SPONGE));
        }
        chain.paint(PaintAfter.THE_WHOLE_SURFACE);
    }

    /** Washed, dulled or primed for hold as a surface, its seams left. */
    void dulledAndPaintedOver() {
        chain.paint(PaintAfter.THE_WHOLE_SURFACE);
        if (chain.practice.is(School.LIGHT_PREPARATION)) {
            chain.say(Advice.HALF_YEARLY_LOOK);
        }
    }

    void seamsFilled() {
        chain.say(Advice.SEAM_HOURS);
        Length seams = seams();
        chain.makeSound(Figure.MAKE_SOUND, Tool.SCRAPER);
        for (int coat = 0; coat < 2; coat++) {
            boolean isFirst = coat == 0;
            Length knife = chain.patchKnife(coat);
            chain.fill(
                    coat,
                    isFirst ? DryingMaterial.SETTING_COMPOUND : DryingMaterial.DRYING_COMPOUND,
                    Length.ofMillimetres(isFirst ? 2 : 1),
                    chain.withShrinkage(seams.times(knife).times(Length.ofMillimetres(0.5))),
                    knife,
                    chain.figures.along(isFirst ? Figure.CRACK_FIRST : Figure.CRACK_NEXT, seams));
            chain.amend(move -> isFirst ? move.with(Tool.CRACK_TAPE) : move.says(Advice.SCRAPE_RIDGES));
        }
        chain.level(seams.times(chain.patchKnife(1)));
        chain.paint(PaintAfter.THE_WHOLE_SURFACE);
    }

    /** One along the top, and one from floor to top at each joint of the sheets. */
    private Length seams() {
        Length across = chain.fault.measures().across();
        double joints = Math.floor(
                across.inMetres() / chain.figures.length(Figure.SEAM_EVERY).inMetres());
        return across.plus(chain.fault.measures().up().times(joints));
    }
}
