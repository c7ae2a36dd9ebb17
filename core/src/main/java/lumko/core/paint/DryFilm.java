package lumko.core.paint;

import lumko.core.quantity.Limits;

/** How thick a coat is when dry, from how far a litre goes and how much of it stays. */
public final class DryFilm {
    public static final Limits SPREAD = new Limits("spread rate", 1, 30, "m²/L");
    public static final Limits SOLIDS = new Limits("solids by volume", 5, 100, "%");

    private DryFilm() {}

    /** Dry film in µm: a litre over so many square metres leaves 1000/m² µm wet, of which the solids stay. */
    public static double micrometres(double squareMetresPerLitre, double solidsPercent) {
        return 1000 / SPREAD.check(squareMetresPerLitre) * SOLIDS.check(solidsPercent) / 100;
    }
}
