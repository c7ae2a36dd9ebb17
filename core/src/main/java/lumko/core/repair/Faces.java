package lumko.core.repair;

import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Move;
import lumko.core.activity.Tool;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Condition;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Figure;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;
import lumko.core.repair.Repair.PaintAfter;
import lumko.core.repair.Repair.Sealing;

/** What is wrong with the face of a surface, not in its depth: scraped, shaved, sanded, dulled. */
final class Faces {
    private final Chain chain;

    Faces(Chain chain) {
        this.chain = chain;
    }

    /** Loose paint comes off to where it holds; the step is feathered with fine filler. */
    void scrapeAndFeather() {
        chain.scrapeFlat();
        chain.amend(move -> move.with(Tool.GLOVES));
        chain.say(Advice.WHY_FLAKED, Advice.SCRAPE_TO_HOLD);
        if (chain.ground.site().mayHoldLead(chain.figures)) {
            chain.amend(move -> move.with(Caution.DUST)
                    .with(Tool.DAMP_SPONGE, Tool.HALF_MASK)
                    .says(Advice.CHIPS_GATHERED_WET, Advice.TEST_LEAD_FIRST));
        }
        Length rim = chain.figures.length(Figure.RIM_FEATHERED);
        chain.fill(
                0,
                DryingMaterial.FINE_FILLER,
                Length.ofMillimetres(1),
                rimVolume(rim),
                Length.ofMillimetres(100),
                Times.longer(
                        chain.figures.each(Figure.DING_FILL, 1), chain.figures.over(Figure.SKIM_FIRST, around(rim))));
        chain.finishArea(rim, true);
    }

    /** A strip round the place. */
    private Area around(Length rim) {
        return chain.fault
                .measures()
                .across()
                .plus(chain.fault.measures().up())
                .times(2)
                .times(rim);
    }

    /** Half a millimetre thick at the edge and nothing at its end. */
    private Volume rimVolume(Length rim) {
        return chain.withShrinkage(around(rim).times(Length.ofMillimetres(0.25)));
    }

    void shaveFlat() {
        chain.scrapeFlat();
        chain.finishArea(chain.figures.length(Figure.SHAVED_BEYOND), true);
        // where old filler stood proud it is bare now
        chain.seal(chain.fault.kind() == FaultKind.PROUD_FILLER ? Sealing.THE_PLACE : Sealing.NONE);
    }

    /** Paint finds no hold on plaster polished like glass: sanded until no shine is left. */
    void dull() {
        chain.abrade(ActivityKind.KEY_SAND, Figure.SAND_WALL, Tool.BLOCK_AND_PAPER);
        chain.amend(move -> move.says(Advice.DULL_NO_SHINE));
        chain.say(Advice.UNKEYED_PEELS);
        chain.paint(PaintAfter.THE_WHOLE_SURFACE);
    }

    /** Single lumps by hand; a whole wall of them by machine, with extraction. */
    void sandLumps() {
        boolean isMany = chain.fault.area().compareTo(chain.figures.area(Figure.LUMPS_BY_MACHINE)) > 0;
        if (isMany) {
            chain.abrade(ActivityKind.SAND, Figure.SAND_PLASTER_BY_MACHINE, Tool.POWER_SANDER, Tool.BLOCK_AND_PAPER);
        } else {
            chain.abrade(ActivityKind.SAND, Figure.SAND_LUMPS, Tool.PAPER_80, Tool.BLOCK_AND_PAPER);
        }
        chain.amend(move -> move.with(Tool.TORCH).says(Advice.LAMP_ALONG, Advice.CLOGGED_SHEET));
        chain.say(Advice.SEND_BACK);
        chain.paint(PaintAfter.THE_WHOLE_SURFACE);
    }

    /** Back to the bead with paper; a scraper knocks chunks out. */
    void sandToBead() {
        Move move = chain.move(ActivityKind.SAND_TO_BEAD)
                .edge(chain.extent())
                .hand(chain.figures.along(Figure.SAND_TO_BEAD, chain.extent()));
        chain.add(chain.isWet() ? chain.wet(move) : move.dusty().with(Tool.BLOCK_AND_PAPER));
        chain.say(Advice.SEND_BACK);
        chain.finishStrip(chain.depth(), false);
        chain.paint(PaintAfter.THE_WHOLE_SURFACE);
    }

    void skimTheWall() {
        chain.scrapeFlat();
        chain.say(Advice.SKIM_ONCE);
        chain.paint(PaintAfter.SKIM_AND_SURFACE);
    }

    /** A run is never wiped at while it sets; hard, it is shaved and sanded. */
    void hardenAndSand() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.SCRAPER);
        chain.finishStrip(
                chain.depth()
                        .plus(chain.figures.length(Figure.RUN_SANDED_BESIDE).times(2)),
                true);
    }

    /** Lap lines and what grins through are keyed, and the whole surface painted. */
    void sandOut() {
        if (chain.fault.kind() == FaultKind.LAP_MARK) {
            chain.abrade(ActivityKind.SAND, Figure.SAND_WALL, Tool.BLOCK_AND_PAPER);
        } else if (chain.fault.kind() != FaultKind.SHOWS_THROUGH) {
            chain.level(chain.fault.area());
            chain.finishArea(Length.ZERO, false);
            chain.seal(unsealed());
        }
        boolean isPlace = chain.fault.kind() == FaultKind.OLD_TOUCH_UP
                || chain.fault.kind() == FaultKind.OLD_SHEEN
                || chain.fault.kind() == FaultKind.HALO;
        chain.paint(isPlace ? PaintAfter.THE_PLACE : PaintAfter.THE_WHOLE_SURFACE);
    }

    void restoreTexture() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.SCRAPER);
        chain.finishArea(chain.figures.length(Figure.RIM_FEATHERED), true);
        if (!chain.has(ActivityKind.RESTORE_TEXTURE)) {
            chain.texture();
        }
    }

    /** The hard edge of an old touch-up, or the ring brushed round a plate, scraped and sanded. */
    void scrapeEdge() {
        chain.makeSound(Figure.MAKE_SOUND, Tool.SCRAPER);
        chain.finishArea(Length.ZERO, true);
        chain.seal(unsealed());
        if (chain.fault.kind() == FaultKind.HALO) {
            chain.say(Advice.PLATES_OFF_BETTER);
        }
    }

    /** Repairs that drank the last coat do it again unless they are sealed; a ring scraped to the bone likewise. */
    private Sealing unsealed() {
        boolean drinks = chain.fault.condition().cause() == Condition.Cause.UNSEALED_FILLER;
        if (drinks) {
            chain.say(Advice.PRIME_EVERY_FILL);
        }
        return drinks || chain.fault.kind() == FaultKind.HALO ? Sealing.THE_PLACE : Sealing.NONE;
    }
}
