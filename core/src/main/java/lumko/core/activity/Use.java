package lumko.core.activity;

import lumko.core.quantity.Volume;

/**
 * An amount of a material used in a step.
 *
 * @param paint which wall paint, by the key its task gives it; empty for anything else
 */
public record Use(Material material, String paint, Volume volume) {}
