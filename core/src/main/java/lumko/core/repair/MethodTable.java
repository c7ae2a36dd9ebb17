package lumko.core.repair;

import static lumko.core.repair.Method.*;

import java.util.ArrayList;
import java.util.List;
import lumko.core.fault.Condition;
import lumko.core.fault.Fault;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.wall.Substrate;

/**
 * Which methods fit a fault, by its kind, size, edge, backing, movement, what it sits in and the house practice. The first is
 * the one to take. Source of the limits: catalogue of figures, Sizes.
 */
final class MethodTable {
    private static final Length SMALL = Length.ofMillimetres(50);
    private static final Length MEDIUM = Length.ofMillimetres(150);
    private static final Length HAIRLINE = Length.ofMillimetres(0.5);

    /** Up to here a hole with something solid behind it is filled flush; wider ones in old plaster are packed. */
    private static final Length FILLED_FLUSH = Length.ofMillimetres(12);

    /** Gaps beside frames up to here are caulked, still or not. */
    private static final Length CAULKED_GAP = Length.ofMillimetres(3);

    /** From here lumps are skimmed over rather than sanded one by one. ASSUMPTION. */
    private static final Area MANY_LUMPS = Area.ofSquareMetres(2);

    private final Practice practice;

    MethodTable(Practice practice) {
        this.practice = practice;
    }

    List<Choice> choices(Fault fault, Ground ground) {
        boolean hard = ground.substrate() == Substrate.TIMBER || ground.substrate() == Substrate.METAL;
        return switch (fault.kind()) {
            case NAIL_HOLE -> hard ? twoPart(PULL_AND_FILL) : usual(PULL_AND_FILL);
            case SCREW_HOLE -> hard ? twoPart(UNSCREW_AND_FILL) : usual(UNSCREW_AND_FILL);
            case DING -> hard ? twoPart(FILL_FLUSH) : usual(FILL_FLUSH);
            case PROUD_RIM -> usual(RIM_DOWN_AND_FILL);
            case ANCHOR -> anchor(fault.condition());
            case TOGGLE -> usual(TOGGLE_OUT_AND_PATCH, PUNCH_PLUG_IN);
            case POPPED_FASTENER -> usual(RESET_FASTENER);
            case HOLE -> hard ? twoPart(COVER_PATCH) : hole(fault, ground.substrate());
            case BOX_GAP -> usual(BOX_PATCH);
            case GOUGE, TAPE_TEAR -> because(Because.RAW_PAPER_BUBBLES, SEAL_AND_SKIM_OVER);
            case CRACK -> crack(fault);
            case JOINT_CRACK -> joint(fault);
            case FAILED_CAULK -> usual(NEW_CAULK);
            case FLAKING -> usual(SCRAPE_AND_FEATHER, SKIM_THE_WALL);
            case NIBS, PROUD_FILLER -> usual(SHAVE_FLAT);
            case GLASSY_PLASTER -> because(Because.PAINT_WOULD_NOT_HOLD, DULL);
            case LUMPY_PLASTER ->
                fault.area().compareTo(MANY_LUMPS) > 0
                        ? because(Because.COVERS_MUCH, SKIM_THE_WALL, SAND_LUMPS)
                        : usual(SAND_LUMPS, SKIM_THE_WALL);
            case BARE_SURFACE ->
                ground.substrate() == Substrate.GYPSUM_BOARD || ground.substrate() == Substrate.PANEL
                        ? because(Because.BOARD_IS_BARE, BOARD_PRIMER)
                        : because(Because.PLASTER_IS_BARE, MIST_COAT, BOARD_PRIMER);
            case WALLPAPER_REMAINS -> usual(STRIP_WASH_AND_SEAL);
            case PANEL_OR_PAPER ->
                practice.is(School.SEAMS_FILLED)
                        ? because(Because.HOUSE_PRACTICE, FILL_SEAMS, DULL_AND_PAINT_OVER)
                        : because(Because.HOUSE_PRACTICE, DULL_AND_PAINT_OVER, FILL_SEAMS);
            case RUST -> usual(WIRE_OFF_AND_PRIME);
            case RUN -> usual(HARDEN_AND_SAND);
            case LAP_MARK -> usual(SAND_OUT);
            case SMOOTH_ISLAND -> because(Because.TEXTURE_IS_LOST, RESTORE_TEXTURE, SKIM_THE_WALL);
            case OLD_TOUCH_UP, OLD_SHEEN, HALO -> usual(SCRAPE_EDGE);
            case SCUFF -> because(Because.WASHING_MAY_DO, WASH, SCRAPE_EDGE);
            case GREASE -> usual(DEGREASE);
            case MOULD -> usual(KILL_AND_BLOCK);
            case STAIN -> because(Because.BLEEDS_THROUGH, BLOCK_STAIN);
            case SMOKE -> because(Because.BLEEDS_THROUGH, WASH_AND_SEAL);
        };
    }

    private static List<Choice> usual(Method first, Method... others) {
        return because(Because.USUAL_WAY, first, others);
    }

    private static List<Choice> twoPart(Method other) {
        return because(Because.TIMBER_OR_METAL, TWO_PART_FILL, other);
    }

    private static List<Choice> because(Because because, Method first, Method... others) {
        return choices(Choice.of(first, because), others);
    }

    private static List<Choice> choices(Choice first, Method... others) {
        List<Choice> choices = new ArrayList<>(List.of(first));
        for (Method other : others) {
            choices.add(Choice.of(other, Because.OTHER_SCHOOL));
        }
        return choices;
    }

    /** The way of the house first; driven in too far, nothing is left to carry the filler. */
    private List<Choice> anchor(Condition condition) {
        List<Method> ways = new ArrayList<>(List.of(UNSCREW_PLUG, PUNCH_PLUG_IN, HAMMER_PLUG_IN, CUT_PLUG_FLUSH));
        Method ours = practice.is(School.PUNCH_ANCHORS_IN)
                ? PUNCH_PLUG_IN
                : practice.is(School.HAMMER_ANCHORS_IN)
                        ? HAMMER_PLUG_IN
                        : practice.is(School.CUT_ANCHORS_FLUSH) ? CUT_PLUG_FLUSH : UNSCREW_PLUG;
        boolean carries = condition.edge() == Condition.Edge.SOUND;
        if (carries) {
            ways.remove(ours);
        }
        return choices(
                carries ? Choice.of(ours, Because.HOUSE_PRACTICE) : Choice.of(COVER_PATCH, Because.DRIVEN_TOO_FAR),
                ways.toArray(Method[]::new));
    }

    private static List<Choice> hole(Fault fault, Substrate substrate) {
        Length across = fault.extent();
        if (fault.condition().backing() == Condition.Backing.SOLID) {
            boolean oldPlaster = substrate == Substrate.LIME_PLASTER || substrate == Substrate.SKIM_PLASTER;
            return oldPlaster && across.isLongerThan(FILLED_FLUSH)
                    ? because(Because.OLD_PLASTER_SUCKS, PLASTER_KEPT_DAMP, FILL_FLUSH)
                    : because(Because.SOLID_BEHIND, FILL_FLUSH, COVER_PATCH);
        }
        if (across.isLongerThan(MEDIUM)) {
            return choices(Choice.of(BOARD_TO_FRAMING, Because.LARGE_HOLE, MEDIUM));
        }
        if (!across.isLongerThan(SMALL)) {
            return choices(Choice.of(COVER_PATCH, Because.SMALL_HOLE, SMALL), BACKING_AND_PLUG);
        }
        return fault.condition().edge() == Condition.Edge.SOUND
                ? choices(Choice.of(PLUG_WITH_PAPER_FLANGE, Because.MEDIUM_HOLE, SMALL, MEDIUM), BACKING_AND_PLUG)
                : because(Because.EDGE_WILL_NOT_CARRY_PAPER, BACKING_AND_PLUG, BOARD_TO_FRAMING);
    }

    private static List<Choice> crack(Fault fault) {
        boolean wide = fault.measures().depth().isLongerThan(HAIRLINE)
                || fault.condition().movement() == Condition.Movement.MOVES;
        return wide
                ? choices(Choice.of(RAKE_TAPE_AND_FILL, Because.WIDE_OR_RECURRING, HAIRLINE), RAKE_AND_FILL)
                : choices(Choice.of(RAKE_AND_FILL, Because.HAIRLINE, HAIRLINE), RAKE_TAPE_AND_FILL);
    }

    /** Where two materials meet and move, brittle filler cracks again, whatever the house does elsewhere. */
    private List<Choice> joint(Fault fault) {
        if (fault.condition().movement() == Condition.Movement.MOVES) {
            return because(Because.JOINT_MOVES, FLEXIBLE_CAULK);
        }
        if (practice.is(School.JOINTS_FILLED)) {
            return because(Because.HOUSE_PRACTICE, FILL_THEN_CAULK, FLEXIBLE_CAULK);
        }
        return fault.measures().depth().isLongerThan(CAULKED_GAP)
                ? choices(Choice.of(FILL_THEN_CAULK, Because.JOINT_WIDE_AND_STILL, CAULKED_GAP), FLEXIBLE_CAULK)
                : choices(Choice.of(FLEXIBLE_CAULK, Because.JOINT_MOVES, CAULKED_GAP), FILL_THEN_CAULK);
    }
}
