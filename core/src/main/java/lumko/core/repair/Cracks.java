package lumko.core.repair;

import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Tool;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Condition;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/** Cracks in a surface, raked open and filled; tape bridges those that are wide or came back. */
final class Cracks {
    private final Chain chain;

    Cracks(Chain chain) {
        this.chain = chain;
    }

    /** A hairline is raked to a groove and filled once. */
    void rakeAndFill() {
        rake();
        Length groove = chain.figures.length(Figure.RAKED_GROOVE);
        chain.fill(
                0,
                DryingMaterial.SPACKLE,
                chain.figures.length(Figure.SPACKLE_ONE_FILL),
                inTheGroove(),
                chain.knifeOver(groove.plus(groove)),
                chain.figures.along(Figure.CRACK_FIRST, chain.extent()));
        chain.in(groove);
        causeFirst();
        chain.finishStrip(chain.figures.length(Figure.CRACK_FILLED_ACROSS), true);
    }

    void rakeTapeAndFill() {
        rake();
        int coats = chain.depth().isLongerThan(chain.figures.length(Figure.WIDE_CRACK_FROM)) ? 3 : 2;
        for (int coat = 0; coat < coats; coat++) {
            Length knife = chain.patchKnife(coat);
            // half a millimetre on average over the width of the knife, and the groove under the first
            Volume strip = chain.withShrinkage(chain.extent().times(knife).times(Length.ofMillimetres(0.5)));
            chain.fill(
                    coat,
                    coat == 0 ? DryingMaterial.SETTING_COMPOUND : DryingMaterial.DRYING_COMPOUND,
                    Length.ofMillimetres(coat == 0 ? 2 : 1),
                    coat == 0 ? strip.plus(inTheGroove()) : strip,
                    knife,
                    chain.figures.along(coat == 0 ? Figure.CRACK_FIRST : Figure.CRACK_NEXT, chain.extent()));
            chain.over(knife);
            boolean isFirst = coat == 0;
            chain.amend(move -> isFirst
                    ? move.with(Tool.CRACK_TAPE)
                    : move.with(Tool.SCRAPER).says(Advice.SCRAPE_RIDGES));
        }
        causeFirst();
        chain.finishStrip(chain.patchKnife(coats - 1), true);
    }

    private void rake() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.MULTI_TOOL, Tool.SCRAPER);
    }

    /** A groove, a triangle as deep as it is wide at the least as it was raked. */
    private Volume inTheGroove() {
        Length raked = chain.figures.length(Figure.RAKED_GROOVE);
        Length wide = chain.depth().isLongerThan(raked) ? chain.depth() : raked;
        return chain.withShrinkage(wide.times(raked).times(chain.extent()).times(0.5));
    }

    /** What steps, gapes or hangs is no longer a matter of filler: stop, and ask who knows about structure. */
    private void causeFirst() {
        Condition condition = chain.fault.condition();
        boolean isStepped = condition.offset().isLongerThan(Length.ZERO);
        boolean gives = condition.hold() == Condition.Hold.GIVES;
        boolean gapes = chain.depth().compareTo(chain.figures.length(Figure.STRUCTURE_FROM)) >= 0;
        if (isStepped || gives || gapes) {
            chain.amend(move -> move.with(Caution.CAUSE_FIRST));
            chain.say(gives ? Advice.SAG_STOP : Advice.STEPPED_CAUSE_FIRST);
        }
    }
}
