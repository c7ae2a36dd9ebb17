package lumko.core.judge;

import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.record.Age;

/**
 * How far colour and sheen of what goes on may be off what is on a surface, for all of its spots at once. Source of the
 * spreads: catalogue of figures.
 */
final class SharedSpread {
    /** Fresh paint shines so much more than the cured wall, and loses it with this time constant. Source: figures, Sheen. */
    private static final double FRESH = 0.35;

    private static final double FADES_IN_DAYS = 7;

    /** A film whose age nobody knows counts as so old. ASSUMPTION: beyond what is dabbed without a thought. */
    private static final double UNKNOWN_YEARS = 5;

    /** Where the gloss of a wall is not known. ASSUMPTION: matt. */
    private static final double USUAL_GLOSS = 4;

    /** From here on a wall counts as satin. Source: EN 13300. */
    private static final double SATIN_FROM = 10;

    private final Catalogue figures;

    SharedSpread(Catalogue figures) {
        this.figures = figures;
    }

    /**
     * @param colour spread of the colour, ΔE00
     * @param sheen spread of the sheen, in differences that are just seen
     * @param fresh what the shine of fresh paint adds on the day of the viewing, in the same
     */
    record Of(double colour, double sheen, double fresh) {}

    Of of(SurfaceCase surface) {
        Age age = surface.age();
        double years = Math.max(0, age.yearsOr(UNKNOWN_YEARS) - 1);
        double colour = figures.limit(colourOf(surface)) + figures.limit(Figure.SHIFTS_A_YEAR) * years;
        double gloss = surface.gloss().orElse(USUAL_GLOSS);
        double seen = figures.limit(gloss < SATIN_FROM ? Figure.SHEEN_GAP_ON_MATT : Figure.SHEEN_GAP_ON_SATIN);
        double fresh = surface.daysToViewing().isPresent()
                ? FRESH * gloss * Math.exp(-Math.max(0, surface.daysToViewing().getAsInt()) / FADES_IN_DAYS)
                : 0;
        return new Of(colour, figures.limit(sheenOf(surface)) / seen, fresh / seen);
    }

    private static Figure colourOf(SurfaceCase surface) {
        return switch (surface.basis()) {
            case SAME_TIN -> Figure.SPREAD_SAME_TIN;
            case SAME_BATCH -> Figure.SPREAD_SAME_BATCH;
            case BOUGHT_AGAIN, NOT_CONFIRMED -> Figure.SPREAD_BOUGHT_AGAIN;
            case OTHER_PAINT, UNKNOWN, BARE -> Figure.SPREAD_OTHER_PAINT;
        };
    }

    private static Figure sheenOf(SurfaceCase surface) {
        return switch (surface.basis()) {
            case SAME_TIN, SAME_BATCH -> Figure.SHEEN_SAME_BATCH;
            case BOUGHT_AGAIN, NOT_CONFIRMED -> Figure.SHEEN_BOUGHT_AGAIN;
            case OTHER_PAINT, UNKNOWN, BARE -> Figure.SHEEN_OTHER_PAINT;
        };
    }
}
