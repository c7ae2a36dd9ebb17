package lumko.core.judge;

import lumko.core.colour.Lab;

/**
 * What one sees of a wall today: its top coat.
 *
 * @param gloss60 gloss at 60°, in gloss units
 * @param ageYears years since it was put on
 */
public record Film(Lab colour, double gloss60, double ageYears) {}
