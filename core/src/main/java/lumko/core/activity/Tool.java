package lumko.core.activity;

/** What is carried to the flat. */
public enum Tool {
    TORCH,
    DUST_SHEET,
    MASKING_TAPE,
    LOW_TACK_TAPE,
    MASKING_FILM,
    SCREWDRIVER,
    VOLTAGE_TESTER,
    HAMMER,
    PUNCH,
    PLIERS,
    MULTI_TOOL,
    CUTTING_KNIFE,
    SCRAPER,
    FILLING_KNIFE,
    WIDE_KNIVES,
    CRACK_TAPE,
    PATCH,
    BOARD_AND_SCREWS,
    CAULK_GUN,
    TEXTURE_SPRAY,
    PAPER_80,
    BLOCK_AND_PAPER,
    FOLDED_FINE_PAPER,
    PAPER_220,
    /** Waterproof paper or a wet sanding sponge: keys cured paint without dust. */
    WET_PAPER,
    POWER_SANDER,
    WIRE_BRUSH,
    DAMP_SPONGE,
    WASH_BUCKET,
    DUSTING_BRUSH,
    TWO_CLOTHS,
    VACUUM,
    SMALL_BRUSH,
    MINI_ROLLER,
    FOAM_PAD,
    ANGLED_BRUSH,
    SASH_BRUSH,
    ROLLER,
    WIDE_ROLLER,
    SLIM_ROLLER,
    POLE,
    TRAY,
    TRAY_LINER,
    POT,
    STIRRER,
    TOOL_BAGS,
    WINDOW_SCRAPER,
    HALF_MASK,
    GOGGLES,
    GLOVES,
    PLATFORM;

    /** What it is for: how a kit is packed. */
    public enum Group {
        LOOK_AND_OPEN,
        PROTECT,
        CLEAN,
        FILL,
        SAND,
        PAINT,
        WEAR
    }

    public Group group() {
        return switch (this) {
            case TORCH, SCREWDRIVER, VOLTAGE_TESTER, HAMMER, PUNCH, PLIERS, MULTI_TOOL, PLATFORM -> Group.LOOK_AND_OPEN;
            case DUST_SHEET, MASKING_TAPE, LOW_TACK_TAPE, MASKING_FILM -> Group.PROTECT;
            case DAMP_SPONGE, WASH_BUCKET, DUSTING_BRUSH, TWO_CLOTHS, VACUUM, WINDOW_SCRAPER -> Group.CLEAN;
            case CUTTING_KNIFE,
                    SCRAPER,
                    FILLING_KNIFE,
                    WIDE_KNIVES,
                    CRACK_TAPE,
                    PATCH,
                    BOARD_AND_SCREWS,
                    CAULK_GUN,
                    TEXTURE_SPRAY -> Group.FILL;
            case PAPER_80, BLOCK_AND_PAPER, FOLDED_FINE_PAPER, PAPER_220, WET_PAPER, POWER_SANDER, WIRE_BRUSH ->
                Group.SAND;
            case SMALL_BRUSH,
                    MINI_ROLLER,
                    FOAM_PAD,
                    ANGLED_BRUSH,
                    SASH_BRUSH,
                    ROLLER,
                    WIDE_ROLLER,
                    SLIM_ROLLER,
                    POLE,
                    TRAY,
                    TRAY_LINER,
                    POT,
                    STIRRER,
                    TOOL_BAGS -> Group.PAINT;
            case HALF_MASK, GOGGLES, GLOVES -> Group.WEAR;
        };
    }

    /** Whether filler is put on with it. */
    public boolean isKnife() {
        return this == FILLING_KNIFE || this == WIDE_KNIVES;
    }
}
