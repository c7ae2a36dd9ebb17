package lumko.core.activity;

import lumko.core.quantity.Length;

/**
 * How far a coat of filler reaches across its place: across a line, otherwise over its larger extent.
 *
 * @param isOver whether it lies over the surface and runs out to nothing, rather than in what was hollow
 */
public record Spread(Length across, boolean isOver) {}
