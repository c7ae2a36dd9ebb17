package lumko.core.repair;

import java.time.Duration;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Tool;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Condition;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;

/** What bridges a hole or a torn face: patches, plugs, boards, plaster packed in, thin skims over sealed paper. */
final class Patches {
    private static final Length TIGHT = Length.ofMillimetres(1);

    private final Chain chain;

    Patches(Chain chain) {
        this.chain = chain;
    }

    void toggleOut() {
        chain.makeSound(Figure.TOGGLE_OUT, Tool.SCREWDRIVER, Tool.PLIERS, Tool.HAMMER);
        bridged(Figure.SMALL_HOLE_FIRST, Figure.SMALL_HOLE_NEXT, coatsOfSmall());
    }

    void cover() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.SCRAPER);
        if (chain.fault.condition().driven() == Condition.Driven.TOO_FAR) {
            chain.amend(move -> move.says(Advice.DEEP_PLUG_BACKED));
        }
        bridged(Figure.SMALL_HOLE_FIRST, Figure.SMALL_HOLE_NEXT, coatsOfSmall());
    }

    private int coatsOfSmall() {
        return chain.extent().isLongerThan(chain.figures.length(Figure.TWO_COATS_TO)) ? 3 : 2;
    }

    void plugWithFlange() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.CUTTING_KNIFE, Tool.SCRAPER);
        bridged(Figure.MEDIUM_HOLE_FIRST, Figure.MEDIUM_HOLE_NEXT, 3);
    }

    void backingAndPlug() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.MULTI_TOOL, Tool.CUTTING_KNIFE, Tool.SCRAPER, Tool.BOARD_AND_SCREWS);
        chain.amend(move -> move.says(Advice.LOOK_FOR_CABLES).with(Caution.ELECTRICITY));
        bridged(Figure.MEDIUM_HOLE_FIRST, Figure.MEDIUM_HOLE_NEXT, 3);
    }

    void boardToFraming() {
        chain.makeSound(
                Figure.MAKE_SOUND,
                Tool.MULTI_TOOL,
                Tool.CUTTING_KNIFE,
                Tool.SCRAPER,
                Tool.BOARD_AND_SCREWS,
                Tool.CRACK_TAPE);
        chain.amend(move -> move.says(Advice.LOOK_FOR_CABLES).with(Caution.ELECTRICITY));
        bridged(Figure.LARGE_HOLE_FIRST, Figure.LARGE_HOLE_NEXT, 3);
    }

    /**
     * Coats each wider than the last; the first only has to be tight, ridges come off with the scraper in between. The patch is
     * bedded in the first, so that it takes the next as soon as a thin coat would.
     */
    private void bridged(Figure first, Figure next, int coats) {
        cause();
        for (int coat = 0; coat < coats; coat++) {
            Length knife = chain.patchKnife(coat);
            chain.fill(
                    coat,
                    DryingMaterial.DRYING_COMPOUND,
                    TIGHT,
                    chain.feathered(chain.extent().plus(knife), coat == 0 ? TIGHT.times(2) : TIGHT),
                    knife,
                    chain.figures.each(coat == 0 ? first : next, 1));
            chain.over(chain.extent().plus(knife));
            if (coat == 0) {
                chain.amend(move -> move.with(Tool.PATCH));
            } else {
                chain.amend(move -> move.with(Tool.SCRAPER).says(Advice.SCRAPE_RIDGES));
            }
        }
        chain.finish(chain.extent().plus(chain.patchKnife(coats - 1)));
    }

    private void cause() {
        if (chain.fault.condition().cause() == Condition.Cause.NO_DOOR_STOP) {
            chain.say(Advice.FIT_STOP);
        }
    }

    /** New plaster against old is sucked dry unless it is wetted again and again. */
    void plasterKeptDamp() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.SCRAPER, Tool.SMALL_BRUSH);
        cause();
        boolean small = !chain.extent().isLongerThan(chain.figures.length(Figure.SMALL_HOLE_TO));
        Length shell = chain.figures.length(Figure.SHELL);
        chain.packPlaster(
                shell,
                chain.knifeOver(chain.extent()),
                chain.cylinder(chain.extent().plus(chain.figures.length(Figure.PLASTER_PAST)), shell),
                chain.figures.each(small ? Figure.SMALL_HOLE_FIRST : Figure.MEDIUM_HOLE_FIRST, 1));
        Length filled =
                chain.extent().plus(chain.figures.length(Figure.PLASTER_PAST).times(2));
        chain.fill(
                1,
                DryingMaterial.FINE_FILLER,
                TIGHT,
                chain.cylinder(filled, TIGHT.times(0.5)),
                chain.knifeOver(filled),
                chain.figures.each(Figure.DING_FILL, 1));
        chain.over(filled);
        chain.finish(filled);
    }

    /** A frame-shaped patch round an electrical box, buttered on its back and set over the gap. */
    void boxPatch() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.SCREWDRIVER, Tool.VOLTAGE_TESTER);
        chain.amend(move -> move.with(Caution.ELECTRICITY).says(Advice.SUPPLY_OFF));
        for (int coat = 0; coat < 3; coat++) {
            Length knife = chain.patchKnife(coat);
            Length buttered = chain.figures.length(Figure.BOX_PATCH_BED);
            chain.fill(
                    coat,
                    DryingMaterial.DRYING_COMPOUND,
                    TIGHT,
                    coat == 0
                            ? chain.cylinder(chain.extent(), buttered)
                            : chain.cylinder(chain.extent().plus(knife.times(0.5)), TIGHT.times(0.5)),
                    knife,
                    chain.figures.each(coat == 0 ? Figure.BOX_GAP_FIRST : Figure.BOX_GAP_NEXT, 1));
            chain.over(coat == 0 ? chain.extent() : chain.extent().plus(knife.times(0.5)));
            boolean isFirst = coat == 0;
            chain.amend(move -> isFirst
                    ? move.with(Tool.PATCH).with(Caution.ELECTRICITY)
                    : move.with(Tool.SCRAPER).with(Caution.ELECTRICITY).says(Advice.SCRAPE_RIDGES));
        }
        chain.finish(chain.extent().plus(chain.patchKnife(2).times(0.5)));
    }

    /** Raw paper is sealed, otherwise filler makes it bubble; then thin skims, no wider than they have to be. */
    void sealAndSkimOver() {
        boolean isLine = chain.fault instanceof Fault.Line;
        Length height = isLine ? chain.depth() : chain.fault.measures().up();
        Length width = isLine ? chain.extent() : chain.fault.measures().across();
        Length narrow = height.isLongerThan(width) ? width : height;
        Length deep = isLine ? Length.ofMillimetres(0.5) : chain.depth();
        Length beyond = chain.figures.length(Figure.SKIM_PAST);
        chain.makeSound(Figure.MAKE_SOUND, Tool.CUTTING_KNIFE, Tool.SCRAPER);
        if (chain.fault.kind() == FaultKind.TAPE_TEAR) {
            chain.say(Advice.SCORE_DRY_TAPE);
        }
        chain.add(chain.move(ActivityKind.SEAL_PAPER)
                .hand(chain.figures.each(Figure.SEAL_RAW_PAPER, 1))
                .uses(
                        Material.PRIMER,
                        chain.figures.coat(
                                Figure.SPREAD_PRIMER, width.plus(beyond).times(height.plus(beyond))))
                .leaves(Wet.of(DryingMaterial.PRIMER))
                .with(Tool.SMALL_BRUSH)
                .says(Advice.SEAL_RAW_PAPER));
        Length both = beyond.times(2);
        Length thick = deep.isLongerThan(Length.ofMillimetres(0.5)) ? deep : Length.ofMillimetres(0.5);
        boolean isDeep = thick.isLongerThan(chain.figures.length(Figure.SPACKLE_ONE_FILL));
        Length knife = chain.knifeOver(narrow.plus(beyond));
        Duration hand = chain.figures.each(Figure.DING_FILL, 1).plus(chain.figures.along(Figure.CRACK_NEXT, width));
        chain.fill(
                0,
                isDeep ? DryingMaterial.SETTING_COMPOUND : DryingMaterial.DRYING_COMPOUND,
                thick,
                chain.slab(width.plus(beyond), height.plus(beyond), thick),
                knife,
                hand);
        chain.over(narrow.plus(beyond));
        chain.fill(
                1,
                DryingMaterial.FINE_FILLER,
                TIGHT.times(0.5),
                chain.slab(width.plus(both), height.plus(both), TIGHT.times(0.3)),
                knife,
                hand);
        chain.over(narrow.plus(both));
        if (isLine) {
            chain.finishStrip(narrow.plus(both), true);
        } else {
            chain.finishArea(beyond, true);
        }
    }
}
