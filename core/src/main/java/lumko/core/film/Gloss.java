package lumko.core.film;

/** How shiny a film is while it cures: above its cured gloss at first, toning down over days. */
public final class Gloss {
    /** So much above the cured gloss on the first day. ASSUMPTION. */
    private static final double FRESH_EXCESS = 0.35;

    private static final double TONES_DOWN_DAYS = 7;
    private static final double DONE_AFTER_DAYS = 30;

    private Gloss() {}

    /**
     * Gloss at 60° so many days after painting.
     *
     * @param celsius of the room: below 15 °C it tones down more slowly
     */
    public static double after(double days, double cured, double celsius) {
        if (days >= DONE_AFTER_DAYS * slowing(celsius)) {
            return cured;
        }
        return cured * (1 + FRESH_EXCESS * Math.exp(-Math.max(0, days) / (TONES_DOWN_DAYS * slowing(celsius))));
    }

    private static double slowing(double celsius) {
        return 1 + Math.max(0, 15 - celsius) / 10;
    }
}
