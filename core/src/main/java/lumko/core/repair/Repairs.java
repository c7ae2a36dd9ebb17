package lumko.core.repair;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import lumko.core.activity.Tool;
import lumko.core.fault.Fault;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.practice.Practice;

/**
 * How each fault is made good: the method, and its chain of moves with filler after shrinkage, knives, minutes, what it leaves
 * wet, tools and cautions. By one method a wider or deeper fault of a kind never needs less filler.
 */
public final class Repairs {
    private final Catalogue figures;
    private final Practice practice;
    private final MethodTable methods;
    private final Map<Asked, Repair> known = new ConcurrentHashMap<>();

    private record Asked(Mark mark, Ground ground) {}

    public Repairs(Catalogue figures, Practice practice) {
        this.figures = figures;
        this.practice = practice;
        this.methods = new MethodTable(practice, figures);
    }

    /** The methods that fit a fault, the one to take first. */
    public List<Choice> choices(Fault fault, Ground ground) {
        return methods.choices(fault, ground);
    }

    /** How a mark is made good: as somebody wanted if that fits the fault, otherwise the usual way. */
    public Repair repair(Mark mark, Ground ground) {
        return known.computeIfAbsent(new Asked(mark, ground), asked -> worked(asked.mark, asked.ground));
    }

    private Repair worked(Mark mark, Ground ground) {
        List<Choice> fit = choices(mark.fault(), ground);
        Choice chosen = fit.stream()
                .filter(choice -> mark.wanted().filter(choice.method()::equals).isPresent())
                .findFirst()
                .orElse(fit.getFirst());
        Chain chain = new Chain(mark, ground, figures, practice);
        lay(chosen.method(), chain);
        return chain.repair(
                chosen, fit.stream().filter(choice -> choice != chosen).toList());
    }

    private static void lay(Method method, Chain chain) {
        switch (method) {
            case PULL_AND_FILL -> new Holes(chain).pinhole(Figure.NAIL_HOLE_FILL, Tool.PLIERS);
            case UNSCREW_AND_FILL -> new Holes(chain).pinhole(Figure.SCREW_HOLE_FILL, Tool.SCREWDRIVER);
            case RIM_DOWN_AND_FILL -> new Holes(chain).rimDown();
            case RESET_FASTENER -> new Holes(chain).resetFastener();
            case FILL_FLUSH -> new Holes(chain).fillFlush();
            case TWO_PART_FILL -> new Holes(chain).twoPart();
            case UNSCREW_PLUG -> new Plugs(chain).unscrewed();
            case PUNCH_PLUG_IN -> new Plugs(chain).punchedIn();
            case HAMMER_PLUG_IN -> new Plugs(chain).hammeredIn();
            case CUT_PLUG_FLUSH -> new Plugs(chain).cutFlush();
            case TOGGLE_OUT_AND_PATCH -> new Patches(chain).toggleOut();
            case COVER_PATCH -> new Patches(chain).cover();
            case PLUG_WITH_PAPER_FLANGE -> new Patches(chain).plugWithFlange();
            case BACKING_AND_PLUG -> new Patches(chain).backingAndPlug();
            case BOARD_TO_FRAMING -> new Patches(chain).boardToFraming();
            case PLASTER_KEPT_DAMP -> new Patches(chain).plasterKeptDamp();
            case BOX_PATCH -> new Patches(chain).boxPatch();
            case SEAL_AND_SKIM_OVER -> new Patches(chain).sealAndSkimOver();
            case RAKE_AND_FILL -> new Cracks(chain).rakeAndFill();
            case RAKE_TAPE_AND_FILL -> new Cracks(chain).rakeTapeAndFill();
            case FLEXIBLE_CAULK -> new Joints(chain).flexible();
            case FILL_THEN_CAULK -> new Joints(chain).fillThenCaulk();
            case NEW_CAULK -> new Joints(chain).newBead();
            case SCRAPE_AND_FEATHER -> new Faces(chain).scrapeAndFeather();
            case SHAVE_FLAT -> new Faces(chain).shaveFlat();
            case DULL -> new Faces(chain).dull();
            case SAND_LUMPS -> new Faces(chain).sandLumps();
            case SAND_TO_BEAD -> new Faces(chain).sandToBead();
            case SKIM_THE_WALL -> new Faces(chain).skimTheWall();
            case HARDEN_AND_SAND -> new Faces(chain).hardenAndSand();
            case SAND_OUT -> new Faces(chain).sandOut();
            case RESTORE_TEXTURE -> new Faces(chain).restoreTexture();
            case SCRAPE_EDGE -> new Faces(chain).scrapeEdge();
            case MIST_COAT, BOARD_PRIMER -> new Bare(chain).asASurface();
            case STRIP_WASH_AND_SEAL -> new Bare(chain).stripped();
            case DULL_AND_PAINT_OVER -> new Bare(chain).dulledAndPaintedOver();
            case FILL_SEAMS -> new Bare(chain).seamsFilled();
            case WASH -> new Dirt(chain).washed();
            case DEGREASE -> new Dirt(chain).degreased();
            case KILL_AND_BLOCK -> new Dirt(chain).killedAndBlocked();
            case BLOCK_STAIN -> new Dirt(chain).stainBlocked();
            case WASH_AND_SEAL -> new Dirt(chain).washedAndSealed();
            case WIRE_OFF_AND_PRIME -> new Dirt(chain).wiredOff();
            case WIPE_THE_BLEED -> new Lines(chain).wiped();
            case LINE_TAPED_AND_REPAINTED -> new Lines(chain).tapedAndRepainted();
            case LINE_FREEHAND -> new Lines(chain).freehand();
            case CHIP_TOUCHED_IN -> new Lines(chain).chipTouchedIn();
        }
    }
}
