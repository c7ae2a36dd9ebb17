package lumko.core.step;

import lumko.core.quantity.Volume;
import lumko.core.work.WallTask;

/**
 * An amount of a material used in a step.
 *
 * @param paint which wall paint, by the key of {@link WallTask#paint()}; empty for anything else
 */
public record Use(Material material, String paint, Volume volume) {}
