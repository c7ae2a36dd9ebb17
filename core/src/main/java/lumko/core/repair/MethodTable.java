package lumko.core.repair;

import static lumko.core.repair.Method.*;

import java.util.ArrayList;
import java.util.List;
import lumko.core.fault.Condition;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.record.Substrate;

/**
 * Which methods fit a fault, by its kind, size, edge, backing, movement, what it sits in and the house practice. The first is
 * the one to take. Source of the limits: catalogue of figures, Sizes.
 */
final class MethodTable {
    private final Practice practice;
    private final Catalogue figures;

    MethodTable(Practice practice, Catalogue figures) {
        this.practice = practice;
        this.figures = figures;
    }

    List<Choice> choices(Fault fault, Ground ground) {
        boolean hard = ground.substrate() == Substrate.TIMBER || ground.substrate() == Substrate.METAL;
        return switch (fault.kind()) {
            case NAIL_HOLE -> hard ? twoPart(PULL_AND_FILL) : usual(PULL_AND_FILL);
            case SCREW_HOLE -> hard ? twoPart(UNSCREW_AND_FILL) : usual(UNSCREW_AND_FILL);
            case DING, HOLLOW_REPAIR -> hard ? twoPart(FILL_FLUSH) : usual(FILL_FLUSH);
            case PROUD_RIM -> usual(RIM_DOWN_AND_FILL);
            case ANCHOR -> anchor(fault.condition());
            case TOGGLE -> usual(TOGGLE_OUT_AND_PATCH, PUNCH_PLUG_IN);
            case POPPED_FASTENER -> usual(RESET_FASTENER);
            case HOLE -> hard ? twoPart(COVER_PATCH) : hole(fault, ground);
            case BOX_GAP -> usual(BOX_PATCH);
            case GOUGE, TAPE_TEAR ->
                ground.isPlaster() && fault.kind() == FaultKind.GOUGE
                        ? usual(FILL_FLUSH, SEAL_AND_SKIM_OVER)
                        : because(Because.RAW_PAPER_BUBBLES, SEAL_AND_SKIM_OVER);
            case CRACK -> crack(fault);
            case JOINT_CRACK -> joint(fault);
            case FAILED_CAULK -> usual(NEW_CAULK);
            case FLAKING -> usual(SCRAPE_AND_FEATHER, SKIM_THE_WALL);
            case NIBS, PROUD_FILLER -> usual(SHAVE_FLAT);
            case GLASSY_PLASTER -> because(Because.PAINT_WOULD_NOT_HOLD, DULL);
            case LUMPY_PLASTER -> usual(SAND_LUMPS, SKIM_THE_WALL);
            case PLASTER_ON_BEAD -> usual(SAND_TO_BEAD);
            case BARE_SURFACE ->
                ground.isPlaster()
                        ? because(Because.PLASTER_IS_BARE, MIST_COAT, BOARD_PRIMER)
                        : because(Because.BOARD_IS_BARE, BOARD_PRIMER);
            case WALLPAPER_REMAINS -> usual(STRIP_WASH_AND_SEAL);
            case PANEL_OR_PAPER ->
                practice.is(School.SEAMS_FILLED)
                        ? because(Because.HOUSE_PRACTICE, FILL_SEAMS, DULL_AND_PAINT_OVER)
                        : because(Because.HOUSE_PRACTICE, DULL_AND_PAINT_OVER, FILL_SEAMS);
            case RUST -> usual(WIRE_OFF_AND_PRIME);
            case RUN -> usual(HARDEN_AND_SAND);
            case LAP_MARK, SHOWS_THROUGH -> usual(SAND_OUT);
            case SMOOTH_ISLAND -> because(Because.TEXTURE_IS_LOST, RESTORE_TEXTURE, SKIM_THE_WALL);
            case OLD_TOUCH_UP, OLD_SHEEN, HALO -> usual(SCRAPE_EDGE, SAND_OUT);
            case SCUFF, PALE_SHAPES ->
                ground.isRaw()
                        ? because(Because.RAW_IS_NOT_WASHED, SAND_OUT)
                        : because(Because.WASHING_MAY_DO, WASH, SCRAPE_EDGE);
            case GREASE -> ground.isRaw() ? because(Because.RAW_IS_NOT_WASHED, BLOCK_STAIN) : usual(DEGREASE);
            case MOULD -> usual(KILL_AND_BLOCK);
            case STAIN -> because(Because.BLEEDS_THROUGH, BLOCK_STAIN);
            case SMOKE -> because(Because.BLEEDS_THROUGH, WASH_AND_SEAL);
            case BLEED ->
                wipesOff(fault, ground)
                        ? because(Because.STILL_WIPES_OFF, WIPE_THE_BLEED, LINE_TAPED_AND_REPAINTED)
                        : because(Because.HAS_SET, LINE_TAPED_AND_REPAINTED, LINE_FREEHAND);
            case WAVY_LINE -> usual(LINE_TAPED_AND_REPAINTED, LINE_FREEHAND);
            case TRIM_CHIP -> usual(CHIP_TOUCHED_IN);
        };
    }

    /** Whoever stands there has seen it; otherwise what crept over is as old as the last coat on record. */
    private boolean wipesOff(Fault fault, Ground ground) {
        return switch (fault.condition().freshness()) {
            case STILL_FRESH -> true;
            case HAS_SET -> false;
            case AS_RECORDED -> ground.topAge().isUnderDays(figures.limit(Figure.BLEED_WIPES_OFF));
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

    /** The way of the house first; one that no longer turns is not unscrewed; driven too far, nothing carries the filler. */
    private List<Choice> anchor(Condition condition) {
        List<Method> ways = new ArrayList<>(List.of(UNSCREW_PLUG, PUNCH_PLUG_IN, HAMMER_PLUG_IN, CUT_PLUG_FLUSH));
        boolean carries = condition.edge() == Condition.Edge.SOUND && condition.driven() == Condition.Driven.FLUSH;
        if (!carries) {
            return choices(Choice.of(COVER_PATCH, Because.DRIVEN_TOO_FAR), ways.toArray(Method[]::new));
        }
        Method house = ofTheHouse();
        boolean isStuck = condition.turns() == Condition.Turns.STUCK;
        if (isStuck) {
            ways.remove(UNSCREW_PLUG);
        }
        Method ours = isStuck && house == UNSCREW_PLUG ? PUNCH_PLUG_IN : house;
        ways.remove(ours);
        return choices(
                Choice.of(ours, ours == house ? Because.HOUSE_PRACTICE : Because.TURNS_NO_MORE),
                ways.toArray(Method[]::new));
    }

    private Method ofTheHouse() {
        if (practice.is(School.PUNCH_ANCHORS_IN)) {
            return PUNCH_PLUG_IN;
        }
        if (practice.is(School.HAMMER_ANCHORS_IN)) {
            return HAMMER_PLUG_IN;
        }
        return practice.is(School.CUT_ANCHORS_FLUSH) ? CUT_PLUG_FLUSH : UNSCREW_PLUG;
    }

    /** Nothing behind it: bridged by its size, in board. Something solid behind it, or plaster: filled, the wide ones packed. */
    private List<Choice> hole(Fault fault, Ground ground) {
        Length across = fault.extent();
        Length small = figures.length(Figure.SMALL_HOLE_TO);
        Length medium = figures.length(Figure.MEDIUM_HOLE_TO);
        if (fault.condition().backing() == Condition.Backing.SOLID) {
            return ground.isPlaster() && across.isLongerThan(small)
                    ? because(Because.OLD_PLASTER_SUCKS, PLASTER_KEPT_DAMP, FILL_FLUSH)
                    : because(Because.SOLID_BEHIND, FILL_FLUSH, COVER_PATCH);
        }
        if (ground.substrate() == Substrate.LIME_PLASTER) {
            // laths behind it: no board fits old plaster
            return across.isLongerThan(small)
                    ? because(Because.OLD_PLASTER_SUCKS, PLASTER_KEPT_DAMP, BACKING_AND_PLUG)
                    : choices(Choice.of(COVER_PATCH, Because.SMALL_HOLE, small), PLASTER_KEPT_DAMP);
        }
        if (across.isLongerThan(medium)) {
            return choices(Choice.of(BOARD_TO_FRAMING, Because.LARGE_HOLE, medium));
        }
        if (!across.isLongerThan(small)) {
            return choices(Choice.of(COVER_PATCH, Because.SMALL_HOLE, small), BACKING_AND_PLUG);
        }
        return fault.condition().edge() == Condition.Edge.SOUND
                ? choices(Choice.of(PLUG_WITH_PAPER_FLANGE, Because.MEDIUM_HOLE, small, medium), BACKING_AND_PLUG)
                : because(Because.EDGE_WILL_NOT_CARRY_PAPER, BACKING_AND_PLUG, BOARD_TO_FRAMING);
    }

    private List<Choice> crack(Fault fault) {
        Length hairline = figures.length(Figure.HAIRLINE_TO);
        boolean isWide = fault.measures().depth().isLongerThan(hairline)
                || fault.condition().movement() == Condition.Movement.MOVES
                || fault.condition().recurring() == Condition.Recurring.CAME_BACK;
        return isWide
                ? choices(Choice.of(RAKE_TAPE_AND_FILL, Because.WIDE_OR_RECURRING, hairline), RAKE_AND_FILL)
                : choices(Choice.of(RAKE_AND_FILL, Because.HAIRLINE, hairline), RAKE_TAPE_AND_FILL);
    }

    /** Where two materials meet and move, brittle filler cracks again, whatever the house does elsewhere. */
    private List<Choice> joint(Fault fault) {
        if (fault.condition().movement() == Condition.Movement.MOVES) {
            return because(Because.JOINT_MOVES, FLEXIBLE_CAULK);
        }
        if (practice.is(School.JOINTS_FILLED)) {
            return because(Because.HOUSE_PRACTICE, FILL_THEN_CAULK, FLEXIBLE_CAULK);
        }
        Length caulked = figures.length(Figure.GAP_CAULKED_TO);
        return fault.measures().depth().isLongerThan(caulked)
                ? choices(Choice.of(FILL_THEN_CAULK, Because.JOINT_WIDE_AND_STILL, caulked), FLEXIBLE_CAULK)
                : choices(Choice.of(FLEXIBLE_CAULK, Because.JOINT_MOVES, caulked), FILL_THEN_CAULK);
    }
}
