package lumko.core.judge;

import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.Gloss;
import lumko.core.record.Age;

/**
 * How far colour and sheen of what goes on may be off what is on a surface, for all of its spots at once. Source of the
 * spreads: catalogue of figures. How far a wall is likely to have shifted, and what washing brings back of it, is
 * {@link lumko.core.film.Ageing}'s; this is what may still be off round that.
 */
final class SharedSpread {
    /** A film whose age nobody knows counts as so old. ASSUMPTION: beyond what is dabbed without a thought. */
    private static final double UNKNOWN_YEARS = 5;

    private final Catalogue figures;

    SharedSpread(Catalogue figures) {
        this.figures = figures;
    }

    /**
     * @param colour spread of the colour, ΔE00, one standard deviation
     * @param sheen spread of the sheen, gloss units at 60°, one standard deviation
     * @param fresh by how much fresh paint shines more on the day of the viewing, gloss units
     */
    record Of(double colour, double sheen, double fresh) {}

    Of of(SurfaceCase surface) {
        Age age = surface.age();
        double years = Math.max(0, age.yearsOr(UNKNOWN_YEARS) - 1);
        double colour = figures.limit(colourOf(surface)) + figures.limit(Figure.SHIFTS_A_YEAR) * years;
        double gloss = surface.gloss().orElse(TouchUp.USUAL_GLOSS);
        double celsius = surface.climate().temperature().inCelsius();
        double fresh = surface.daysToViewing().isPresent()
                ? Gloss.after(surface.daysToViewing().getAsInt(), gloss, celsius) - gloss
                : 0;
        return new Of(colour, figures.limit(sheenOf(surface)), fresh);
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
