package lumko.core.activity;

import java.time.Duration;
import lumko.core.drying.Climate;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;

/**
 * How long a cut strip can still be rolled into. Shortens with the drying power of the air, so that it halves when it is hot
 * and dry, and never lasts longer than twice the figure.
 */
public final class OpenTime {
    /** Rolling along a metre of cut strip, before the next metre is cut. ASSUMPTION. */
    private static final double ROLLED_ALONG = 0.5;

    private static final double AT_MOST = 2;

    private final Catalogue figures;

    public OpenTime(Catalogue figures) {
        this.figures = figures;
    }

    public Duration of(Climate climate) {
        double deficit = Math.max(1, climate.vapourPressureDeficit());
        double ratio = Math.min(AT_MOST, Climate.REFERENCE.vapourPressureDeficit() / deficit);
        return Times.ofMinutes(Times.inMinutes(figures.time(Figure.OPEN_TIME)) * ratio);
    }

    /** How much edge may be cut before it has to be rolled, by one person or by two, of whom one rolls behind. */
    public Length ahead(Climate climate, boolean two) {
        double perMetre = Times.inMinutes(figures.along(Figure.CUT_IN, Length.ofMetres(1))) + (two ? 0 : ROLLED_ALONG);
        return Length.ofMetres(Times.inMinutes(of(climate)) / perMetre);
    }

    /** How long a ceiling takes, which is done in one go without a break. */
    public Duration inOneGo(Area ceiling, Length edge) {
        return figures.over(Figure.ROLL_CEILING, ceiling).plus(figures.along(Figure.CUT_IN, edge));
    }
}
