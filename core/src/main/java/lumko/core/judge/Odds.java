package lumko.core.judge;

/**
 * How likely work on a surface shows.
 *
 * @param first after the first visit
 * @param again that it shows after the first and still does after a second round, 0–1
 */
record Odds(Chance first, double again) {}
