package lumko.core.judge;

/**
 * How likely work on a surface shows.
 *
 * @param first after the first visit
 * @param again that it shows after the first and still does after a second round, 0–1
 * @param computed the first without what was learnt from outcomes, 0–1
 */
record Odds(Chance first, double again, double computed) {
    /** Where nothing is learnt. */
    static Odds of(Chance first, double again) {
        return new Odds(first, again, first.likely());
    }
}
