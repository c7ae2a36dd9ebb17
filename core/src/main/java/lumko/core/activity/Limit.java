package lumko.core.activity;

import java.time.Duration;
import lumko.core.drying.Climate;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;

/** The latest that one activity may begin after another has ended, by what runs out. */
public enum Limit {
    /** A cut strip is rolled while it is open. */
    STRIP_OPEN,
    /** Tape comes off while the last coat is wet. */
    TAPE_WET,
    /** Fresh plaster is wetted before old plaster has sucked it dry. */
    STAYS_DAMP,
    /** Bleed still wipes off. */
    BLEED_WIPES,
    /** Wet tools keep in a tight bag. */
    BAGGED,
    /** Wet tools keep in a bag in the cold. */
    BAGGED_COLD;

    /** How long that is in an air. */
    public Duration in(Climate climate, Catalogue figures) {
        return switch (this) {
            case STRIP_OPEN, TAPE_WET -> new OpenTime(figures).of(climate);
            case STAYS_DAMP -> figures.time(Figure.WETTED_WITHIN);
            case BLEED_WIPES -> figures.time(Figure.BLEED_WIPES_OFF);
            case BAGGED -> figures.time(Figure.BAGGED_TOOLS_KEEP);
            case BAGGED_COLD -> figures.time(Figure.BAGGED_COLD_KEEP);
        };
    }
}
