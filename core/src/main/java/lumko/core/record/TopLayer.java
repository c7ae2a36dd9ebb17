package lumko.core.record;

import lumko.core.paint.Binder;

/** What the next coat meets, as far as it matters for its hold. */
public enum TopLayer {
    /** No coat at all. */
    BARE,
    /** Nobody knows. */
    UNKNOWN,
    PRIMER,
    WATERBORNE_MATT,
    /** Eggshell, satin, silk. */
    WATERBORNE_SHEEN,
    WATERBORNE_GLOSS,
    SOLVENTBORNE_MATT,
    SOLVENTBORNE_GLOSS,
    /** The factory face of a panel, foil or print: closed and smooth. */
    FACTORY_FACE;

    private static final double MATT_BELOW = 10;
    private static final double GLOSS_FROM = 60;

    /**
     * The layer that a finish makes, by its gloss in units at 60°: matt below 10, gloss from 60. Source: EN 13300, table of
     * specular gloss.
     */
    public static TopLayer of(Binder binder, double gloss60) {
        if (binder == Binder.SOLVENTBORNE) {
            return gloss60 < MATT_BELOW ? SOLVENTBORNE_MATT : SOLVENTBORNE_GLOSS;
        }
        if (gloss60 < MATT_BELOW) {
            return WATERBORNE_MATT;
        }
        return gloss60 < GLOSS_FROM ? WATERBORNE_SHEEN : WATERBORNE_GLOSS;
    }
}
