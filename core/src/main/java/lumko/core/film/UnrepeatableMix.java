package lumko.core.film;

import lumko.core.quantity.Area;
import lumko.core.quantity.Volume;

/**
 * Whether a mix that cannot be made again lasts: for every coat, the odds of one more, what is lost in tools, and a reserve for
 * touching up.
 *
 * @param needed what the area takes with all of that
 * @param covered how much of the area the mix does
 */
public record UnrepeatableMix(Advice advice, Volume needed, Area covered) {
    /** What to do. */
    public enum Advice {
        START,
        /** Fewer walls. */
        SHRINK,
        DO_NOT_START
    }

    /** Kept for touching up, at the least. ASSUMPTION. */
    private static final double RESERVE_LITRES = 0.25;

    /** Less than this share of the area is not worth beginning. ASSUMPTION. */
    private static final double WORTH_BEGINNING = 0.4;

    /**
     * @param spread m² a litre covers in a coat
     * @param oneMore chance that one more coat is needed, 0–1
     * @param lost left in roller and tray
     */
    public static UnrepeatableMix of(Volume mixed, Area area, int coats, double spread, double oneMore, Volume lost) {
        double perSquareMetre = (coats + oneMore) / spread;
        double usable = mixed.inLitres() - lost.inLitres() - RESERVE_LITRES;
        double needed = area.inSquareMetres() * perSquareMetre + lost.inLitres() + RESERVE_LITRES;
        double covered = Math.max(0, Math.min(area.inSquareMetres(), usable / perSquareMetre));
        Advice advice = mixed.inLitres() >= needed
                ? Advice.START
                : covered >= WORTH_BEGINNING * area.inSquareMetres() ? Advice.SHRINK : Advice.DO_NOT_START;
        return new UnrepeatableMix(advice, Volume.ofLitres(needed), Area.ofSquareMetres(covered));
    }
}
