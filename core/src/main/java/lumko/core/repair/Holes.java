package lumko.core.repair;

import java.time.Duration;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Spread;
import lumko.core.activity.Tool;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import lumko.core.repair.Repair.Sealing;

/** Holes, dents and fasteners that are filled flush with a small knife. */
final class Holes {
    private final Chain chain;

    Holes(Chain chain) {
        this.chain = chain;
    }

    private Length millimetres(double value) {
        return Length.ofMillimetres(value);
    }

    /** A hole no wider than a screw: filled flush once; the filler reaches a little past it. */
    void pinhole(Figure minutesEach, Tool puller) {
        chain.makeSound(Figure.MAKE_SOUND, puller, Tool.HAMMER);
        Length deep = chain.depth().isLongerThan(Length.ZERO) ? chain.depth() : chain.figures.length(Figure.SHELL);
        Length filled =
                chain.extent().plus(chain.figures.length(Figure.FILLED_PAST).times(2));
        chain.fill(
                0,
                DryingMaterial.SPACKLE,
                chain.figures.length(Figure.SPACKLE_ONE_FILL),
                chain.cylinder(chain.extent(), deep),
                chain.knifeOver(chain.extent()),
                chain.figures.each(minutesEach, 1));
        relief();
        chain.finish(filled);
    }

    /** Filler smeared over a relief makes a smooth island: it is cleared out of the hollows around the hole. */
    private void relief() {
        if (chain.ground.isTextured()) {
            chain.amend(move -> move.says(Advice.RELIEF_CLEARED));
        }
    }

    void rimDown() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.SCRAPER, Tool.HAMMER);
        chain.amend(move -> move.says(Advice.RING_SCRAPED));
        Length filled =
                chain.extent().plus(chain.figures.length(Figure.FILLED_PAST).times(2));
        chain.fill(
                0,
                DryingMaterial.SPACKLE,
                chain.figures.length(Figure.RIM_FILL),
                chain.cylinder(filled, millimetres(1)),
                chain.knifeOver(chain.extent()),
                chain.figures.each(Figure.DING_FILL, 1));
        chain.in(filled);
        relief();
        chain.finish(filled);
    }

    /** The old fastener driven home, a second one beside it: one oval over both. */
    void resetFastener() {
        chain.makeSound(Figure.FASTENER_RESET, Tool.SCREWDRIVER, Tool.HAMMER, Tool.BOARD_AND_SCREWS);
        Length both = chain.extent().plus(chain.figures.length(Figure.FASTENER_BESIDE));
        Length wider = both.plus(chain.figures.length(Figure.FASTENER_FEATHERED));
        Duration hand = chain.figures.each(Figure.DING_FILL, 1);
        Length first = chain.patchKnife(0);
        chain.fill(
                0, DryingMaterial.SETTING_COMPOUND, millimetres(2), chain.cylinder(both, millimetres(1)), first, hand);
        chain.over(both);
        chain.fill(
                1,
                DryingMaterial.DRYING_COMPOUND,
                millimetres(1),
                chain.cylinder(wider, millimetres(0.5)),
                first,
                hand);
        chain.over(wider);
        chain.finish(wider);
    }

    /** Shallow: one fill of spackle; twice as deep: two; deeper: setting compound, then spackle. */
    void fillFlush() {
        boolean isShallow = !chain.depth().isLongerThan(chain.figures.length(Figure.SPACKLE_ONE_FILL));
        if (chain.fault.kind() == FaultKind.HOLLOW_REPAIR && isShallow) {
            refillHollow();
            return;
        }
        chain.makeSound(Figure.MAKE_SOUND, Tool.SCRAPER);
        boolean isDent = chain.depth().isLongerThan(Length.ZERO);
        Length deep = isDent ? chain.depth() : chain.figures.length(Figure.SHELL);
        Volume volume = isDent ? cap(chain.extent(), deep) : chain.cylinder(chain.extent(), deep);
        Length knife = chain.knifeOver(chain.extent());
        Duration hand = chain.figures.each(Figure.DING_FILL, 1);
        double oneFill = chain.figures.length(Figure.SPACKLE_ONE_FILL).inMillimetres();
        double deepMm = deep.inMillimetres();
        if (deepMm <= oneFill) {
            chain.fill(0, DryingMaterial.SPACKLE, millimetres(Math.max(0.5, deepMm)), volume, knife, hand);
        } else if (deepMm <= 2 * oneFill) {
            chain.fill(0, DryingMaterial.SPACKLE, deep.times(0.5), volume.times(0.6), knife, hand);
            chain.fill(1, DryingMaterial.SPACKLE, deep.times(0.5), volume.times(0.4), knife, hand);
        } else {
            chain.fill(0, DryingMaterial.SETTING_COMPOUND, millimetres(deepMm - 1), volume.times(0.85), knife, hand);
            chain.fill(1, DryingMaterial.SPACKLE, millimetres(1), volume.times(0.15), knife, hand);
        }
        relief();
        chain.finish(chain.extent());
    }

    /** A short loop of its own: fine filler, dry, levelled. */
    private void refillHollow() {
        chain.say(Advice.HOLLOW_AGAIN);
        Length deep = chain.depth().isLongerThan(millimetres(0.5)) ? chain.depth() : millimetres(0.5);
        chain.add(chain.move(ActivityKind.REFILL_HOLLOW)
                .hand(chain.figures.each(Figure.REFILL_HOLLOW, 1))
                .uses(Material.FINE_FILLER, cap(chain.extent(), deep))
                .leaves(Wet.of(DryingMaterial.FINE_FILLER, deep))
                .spread(new Spread(chain.extent(), false))
                .knife(chain.knifeOver(chain.extent())));
        chain.seal(Sealing.THE_PLACE);
        chain.finish(chain.extent());
    }

    /** A dent is a spherical cap. */
    private Volume cap(Length across, Length deep) {
        double radius = across.inMillimetres() / 2;
        double height = deep.inMillimetres();
        return chain.withShrinkage(
                Volume.ofCubicMillimetres(Math.PI * height * (3 * radius * radius + height * height) / 6));
    }

    void twoPart() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.SCRAPER);
        Length deep = chain.depth().isLongerThan(Length.ZERO) ? chain.depth() : chain.figures.length(Figure.SHELL);
        chain.fill(
                0,
                DryingMaterial.TWO_PART,
                deep,
                chain.cylinder(chain.extent(), deep),
                chain.knifeOver(chain.extent()),
                chain.figures.each(Figure.ANCHOR_FILL, 1));
        chain.amend(move -> move.with(Caution.SOLVENT).with(Tool.GLOVES));
        chain.finish(
                chain.extent().plus(chain.figures.length(Figure.FILLED_PAST).times(2)));
    }
}
