package lumko.core.repair;

import java.time.Duration;
import lumko.core.drying.DryingMaterial;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/**
 * One filling of a fault: what with, how thick at its thickest, how much of it, the knife, and the minutes of the hand.
 */
public record Fill(DryingMaterial filler, Length thickness, Volume volume, Length knife, Duration labour) {}
