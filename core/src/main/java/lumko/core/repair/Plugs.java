package lumko.core.repair;

import java.time.Duration;
import lumko.core.activity.Advice;
import lumko.core.activity.Tool;
import lumko.core.drying.DryingMaterial;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/**
 * Plugs in a wall, got out or in. Each way leaves its own dent, so many times as wide as the plug; the first fill sinks and is
 * topped with fine filler.
 */
final class Plugs {
    /** Of the minutes and the filler of a plug, so much goes into the first fill. ASSUMPTION. */
    private static final double FIRST_FILL = 0.8;

    private final Chain chain;

    Plugs(Chain chain) {
        this.chain = chain;
    }

    void unscrewed() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.PLIERS, Tool.SCREWDRIVER);
        fill(Figure.DENT_UNSCREWED, chain.figures.length(Figure.SHELL));
    }

    void punchedIn() {
        chain.makeSound(Figure.ANCHOR_IN, Tool.PUNCH);
        chain.amend(move -> move.says(Advice.PLUG_JUST_BELOW, Advice.PUNCH_DENTS_LESS));
        fill(Figure.DENT_PUNCHED, chain.figures.length(Figure.PLUG_BELOW));
    }

    void hammeredIn() {
        chain.makeSound(Figure.ANCHOR_IN, Tool.HAMMER);
        chain.amend(move -> move.says(Advice.PLUG_JUST_BELOW, Advice.HAMMER_SECOND_FILL));
        fill(Figure.DENT_HAMMERED, chain.figures.length(Figure.PLUG_BELOW));
    }

    void cutFlush() {
        chain.makeSound(Figure.ANCHOR_IN, Tool.CUTTING_KNIFE);
        fill(Figure.DENT_CUT_FLUSH, chain.figures.length(Figure.PLUG_CUT_BELOW));
    }

    private void fill(Figure dent, Length deep) {
        // the ring of plaster that the plug raised comes off before filling, whichever way it went
        chain.amend(move -> move.with(Tool.SCRAPER).says(Advice.RING_SCRAPED));
        Length across = chain.extent().times(chain.figures.factor(dent));
        Volume volume = chain.cylinder(across, deep);
        Duration whole = chain.figures.each(Figure.ANCHOR_FILL, 1);
        Duration first = Duration.ofSeconds(Math.round(whole.toSeconds() * FIRST_FILL));
        Length twoFills = chain.figures.length(Figure.SPACKLE_ONE_FILL).times(2);
        Length knife = chain.knifeOver(across);
        chain.fill(
                0,
                DryingMaterial.SPACKLE,
                deep.isLongerThan(twoFills) ? twoFills : deep,
                volume.times(FIRST_FILL),
                knife,
                first);
        chain.in(across);
        if (chain.ground.isTextured()) {
            chain.amend(move -> move.says(Advice.RELIEF_CLEARED));
        }
        chain.fill(
                1,
                DryingMaterial.FINE_FILLER,
                Length.ofMillimetres(1),
                volume.times(1 - FIRST_FILL),
                knife,
                whole.minus(first));
        chain.in(across);
        chain.finish(across.plus(chain.figures.length(Figure.FILLED_PAST).times(2)));
    }
}
