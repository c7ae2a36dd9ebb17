package lumko.core.fault;

/**
 * How a fault stands out of the wall or lies below it, as light along the wall shows it.
 *
 * @param millimetres proud where positive, hollow where negative, nothing where the wall is level
 * @param isRough whether it is many small ones rather than one
 */
public record Relief(double millimetres, boolean isRough) {
    private static final Relief LEVEL = new Relief(0, false);

    /** How flat the torch is held: a shadow is so many times as long as what throws it is high. ASSUMPTION: 4°. */
    private static final double SHADOW = 1 / Math.tan(Math.toRadians(4));

    /** The relief of a fault; heights of kinds without a depth are ASSUMPTIONS. */
    public static Relief of(Fault fault) {
        double deep = fault.measures().depth().inMillimetres();
        return switch (fault.kind()) {
            case NAIL_HOLE, SCREW_HOLE, ANCHOR, TOGGLE, HOLE, BOX_GAP -> new Relief(-6, false);
            case DING, GOUGE, HOLLOW_REPAIR -> new Relief(-deep, false);
            case CRACK, JOINT_CRACK, FAILED_CAULK -> new Relief(-Math.max(0.5, deep), false);
            case TAPE_TEAR -> new Relief(-0.3, false);
            case PROUD_RIM -> new Relief(0.6, false);
            case POPPED_FASTENER -> new Relief(1, false);
            case PROUD_FILLER -> new Relief(deep, false);
            case RUN -> new Relief(0.5, false);
            case OLD_TOUCH_UP, HALO -> new Relief(0.1, false);
            case PLASTER_ON_BEAD -> new Relief(1, true);
            case NIBS -> new Relief(0.4, true);
            case LUMPY_PLASTER -> new Relief(deep, true);
            case FLAKING, WALLPAPER_REMAINS -> new Relief(-0.2, true);
            case LAP_MARK -> new Relief(0.1, true);
            case GLASSY_PLASTER,
                    BARE_SURFACE,
                    PANEL_OR_PAPER,
                    RUST,
                    SMOOTH_ISLAND,
                    BLEED,
                    WAVY_LINE,
                    TRIM_CHIP,
                    SHOWS_THROUGH,
                    PALE_SHAPES,
                    OLD_SHEEN,
                    SCUFF,
                    GREASE,
                    MOULD,
                    STAIN,
                    SMOKE -> LEVEL;
        };
    }

    public boolean isLevel() {
        return millimetres == 0;
    }

    public boolean isProud() {
        return millimetres > 0;
    }

    /** How far the shadow of what stands proud falls, in millimetres. */
    public double shadowMillimetres() {
        return Math.max(0, millimetres) * SHADOW;
    }
}
