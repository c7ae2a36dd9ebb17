package lumko.core.work;

/** What is carried to the flat. */
public enum Tool {
    TORCH,
    DUST_SHEET,
    MASKING_TAPE,
    SCREWDRIVER,
    VOLTAGE_TESTER,
    HAMMER,
    PLIERS,
    SCRAPER,
    FILLING_KNIFE,
    WIDE_KNIVES,
    CRACK_TAPE,
    PATCH,
    BLOCK_AND_PAPER,
    FOLDED_FINE_PAPER,
    DAMP_SPONGE,
    DUSTING_BRUSH,
    TWO_CLOTHS,
    VACUUM,
    SMALL_BRUSH,
    MINI_ROLLER,
    ANGLED_BRUSH,
    ROLLER,
    TRAY,
    POT,
    STIRRER,
    HALF_MASK,
    GOGGLES,
    GLOVES,
    PLATFORM
}
