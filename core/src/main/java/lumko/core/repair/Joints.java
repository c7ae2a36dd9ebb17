package lumko.core.repair;

import java.time.Duration;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Material;
import lumko.core.activity.Tool;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.figure.Figure;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/** Lines where a surface meets trim, a frame, a vent, another surface: flexible where they move, packed first where they gape. */
final class Joints {
    private final Chain chain;

    Joints(Chain chain) {
        this.chain = chain;
    }

    void flexible() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.SCRAPER);
        brushOut();
        bead(chain.depth());
        chain.finishStrip(besideTheGap(), false);
    }

    void newBead() {
        chain.add(chain.disturbing(chain.move(ActivityKind.CUT_OUT_CAULK)
                .edge(chain.extent())
                .hand(chain.figures.along(Figure.CAULK_OUT, chain.extent()))
                .with(Tool.CUTTING_KNIFE, Tool.SCRAPER)
                .says(Advice.OLD_BEAD_OUT)));
        brushOut();
        bead(chain.depth());
        chain.finishStrip(besideTheGap(), false);
    }

    /** Too wide for a bead alone: packed flush and levelled, then a thin flexible line against the wood. */
    void fillThenCaulk() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.MULTI_TOOL, Tool.SCRAPER, Tool.SMALL_BRUSH);
        Length deep = chain.figures.length(Figure.GAP_PACKED_DEEP);
        Volume volume = chain.withShrinkage(chain.depth().times(deep).times(chain.extent()));
        Duration hand = chain.figures.along(Figure.CRACK_FIRST, chain.extent());
        if (chain.ground.isOldPlaster()) {
            chain.packPlaster(deep, chain.knifeOver(chain.depth()), volume, hand);
        } else {
            chain.fill(0, DryingMaterial.SETTING_COMPOUND, deep, volume, chain.knifeOver(chain.depth()), hand);
        }
        chain.finishStrip(besideTheGap(), true);
        brushOut();
        bead(Length.ZERO);
    }

    /** A bead holds on nothing that is dusty. */
    private void brushOut() {
        chain.add(chain.move(ActivityKind.DUST_OFF)
                .edge(chain.extent())
                .hand(chain.figures.along(Figure.CLEAN_JOINT, chain.extent()))
                .with(Tool.DUSTING_BRUSH));
    }

    private void bead(Length gap) {
        Length least = chain.figures.length(Figure.BEAD_LEAST);
        Length wide = gap.isLongerThan(least) ? gap : least;
        Volume volume = chain.withShrinkage(Area.ofDisc(wide).times(chain.extent()));
        double tooling = chain.practice.is(School.CLOTH)
                ? chain.figures.factor(Figure.TOOLED_WITH_CLOTH)
                : chain.practice.is(School.CAULK_TOOL) ? chain.figures.factor(Figure.TOOLED_WITH_TOOL) : 1;
        Duration hand = chain.figures.along(Figure.CAULK_BEAD, chain.extent());
        chain.add(chain.move(ActivityKind.CAULK)
                .edge(chain.extent())
                .hand(Duration.ofSeconds(Math.round(hand.toSeconds() * tooling)))
                .uses(Material.CAULK, volume)
                .leaves(Wet.of(DryingMaterial.CAULK, wide))
                .with(Tool.CAULK_GUN)
                .says(Advice.CAULK_SHRINKS));
    }

    private Length besideTheGap() {
        return chain.depth().plus(chain.figures.length(Figure.BEAD_BESIDE).times(2));
    }
}
