package lumko.core.judge;

import lumko.core.fault.Fault;
import lumko.core.fault.Relief;
import lumko.core.figure.Catalogue;
import lumko.core.repair.Mark;

/**
 * The chance that an untouched fault is seen, by the visual angle of its extent and how it stands out from the wall. The
 * shares are ASSUMPTIONS; the range is one unit of log-odds to either side.
 */
final class Untouched {
    private static final double SPREAD = 1.0;
    private static final double EYE_BAND = 0.8;
    private static final double RAKING = 0.7;

    /** One minute of arc is what a sharp eye resolves; at twice that half of the lookers notice. */
    private static final double HALF_NOTICE_ARC_MINUTES = 2;

    private static final double STEEP = 2.0;

    private final Catalogue figures;

    Untouched(Catalogue figures) {
        this.figures = figures;
    }

    Chance shows(Mark mark, SurfaceCase surface) {
        double distance = new Lookers(figures).distance(surface.room().kind()).inMillimetres();
        double arcMinutes = Math.toDegrees(seenAcross(mark.fault()) / distance) * 60;
        double logit = STEEP * Math.log(Math.max(0.01, arcMinutes) / HALF_NOTICE_ARC_MINUTES);
        if (Spots.isAtEyeLevel(mark, surface, figures)) {
            logit += EYE_BAND;
        }
        if (surface.light().isRaking() && !Relief.of(mark.fault()).isLevel()) {
            logit += RAKING;
        }
        return Chance.ofLogit(logit, SPREAD);
    }

    /** As wide as a black dot would be that catches the eye as much, in millimetres. */
    private static double seenAcross(Fault fault) {
        double extent = fault.extent().inMillimetres();
        double deep = fault.measures().depth().inMillimetres();
        return switch (fault.kind()) {
            case NAIL_HOLE, SCREW_HOLE, ANCHOR, TOGGLE, HOLE -> extent;
            case STAIN, SMOKE, MOULD, BARE_SURFACE, RUST -> extent;
            case GOUGE, BOX_GAP, FLAKING, PROUD_RIM, POPPED_FASTENER -> extent / 2;
            case DING, HOLLOW_REPAIR, WALLPAPER_REMAINS -> extent / 4;
            case SCUFF -> extent / 5;
            case TRIM_CHIP -> extent / 2;
            case OLD_TOUCH_UP, GREASE, SHOWS_THROUGH -> extent / 10;
            case HALO, SMOOTH_ISLAND, PALE_SHAPES -> extent / 15;
            case OLD_SHEEN -> extent / 20;
            case LAP_MARK -> extent / 30;
            case GLASSY_PLASTER, PANEL_OR_PAPER -> extent / 100;
            case CRACK, JOINT_CRACK, FAILED_CAULK -> deep * 4;
            case TAPE_TEAR, BLEED, WAVY_LINE -> deep;
            case RUN, PLASTER_ON_BEAD -> deep / 4;
            case LUMPY_PLASTER, PROUD_FILLER -> deep * 10;
            case NIBS -> 2;
        };
    }
}
