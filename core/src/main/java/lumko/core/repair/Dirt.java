package lumko.core.repair;

import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Tool;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.figure.Figure;
import lumko.core.quantity.Length;
import lumko.core.repair.Repair.PaintAfter;
import lumko.core.repair.Repair.Sealing;

/** What is treated before it is painted: dirt, grease, mould, stains, smoke, rust. */
final class Dirt {
    private final Chain chain;

    Dirt(Chain chain) {
        this.chain = chain;
    }

    void washed() {
        chain.wash(Figure.WASH, 0);
        chain.say(Advice.WASH_THEN_JUDGE);
        chain.paint(PaintAfter.NOTHING);
    }

    /** Filler and paint fail on grease: degreased, rinsed, dried, before anything else. */
    void degreased() {
        chain.wash(Figure.DEGREASE, 0);
        chain.amend(
                move -> move.says(Advice.GREASE_FIRST, Advice.GLOVES_GOGGLES).with(Tool.GOGGLES));
        chain.paint(PaintAfter.THE_WHOLE_SURFACE);
    }

    /** Killed, left to work, cleaned off, the stain blocked; the cause is air. */
    void killedAndBlocked() {
        chain.add(chain.move(ActivityKind.KILL_MOULD)
                .area(chain.fault.area())
                .hand(chain.figures.over(Figure.KILL_MOULD, chain.fault.area()))
                .uses(Material.MOULD_KILLER, chain.figures.coat(Figure.SPREAD_PRIMER, chain.fault.area()))
                .leaves(Wet.of(DryingMaterial.DAMP_WALL))
                .with(Caution.CHEMICALS, Caution.CAUSE_FIRST)
                .with(Tool.GOGGLES, Tool.GLOVES, Tool.DAMP_SPONGE)
                .says(Advice.NEVER_MIX_BLEACH, Advice.GLOVES_GOGGLES));
        chain.say(Advice.MOULD_NEEDS_AIR);
        if (!chain.ground.isRaw()) {
            chain.wash(Figure.WASH, 0);
        }
        blocked();
    }

    void stainBlocked() {
        chain.say(Advice.RING_BLEEDS);
        blocked();
    }

    private void blocked() {
        chain.prime(ActivityKind.BLOCK_STAIN, Material.STAIN_BLOCK, Figure.SPREAD_STAIN_BLOCK);
        chain.amend(move -> move.says(Advice.SECOND_BLOCK_COAT));
        chain.paint(PaintAfter.THE_WHOLE_SURFACE);
    }

    /** A film over everything: the surface as a whole is washed and sealed, not the mark. */
    void washedAndSealed() {
        chain.say(Advice.SMOKE_ALL_SURFACES);
        chain.paint(PaintAfter.THE_WHOLE_SURFACE);
    }

    /** To bright metal or firm dark rust, degreased, then its own primer: rust under paint goes on rusting. */
    void wiredOff() {
        chain.add(chain.disturbing(chain.move(ActivityKind.MAKE_SOUND)
                .area(chain.fault.area())
                .hand(chain.figures.each(Figure.WIRE_OFF_RUST, 1))
                .with(Tool.WIRE_BRUSH, Tool.GLOVES, Tool.GOGGLES, Tool.HALF_MASK)
                .with(Caution.SPLASHES, Caution.DUST)
                .says(Advice.BRIGHT_METAL, Advice.TWO_STRAP_MASK)));
        // degreased after the rust is off, unlike a wall that is washed first
        chain.wash(Figure.DEGREASE, 1);
        chain.prime(ActivityKind.PRIME_METAL, Material.METAL_PRIMER, Figure.SPREAD_STAIN_BLOCK);
        chain.finishArea(Length.ofMillimetres(20), false);
        chain.seal(Sealing.DONE);
        chain.paint(PaintAfter.THE_PLACE);
    }
}
