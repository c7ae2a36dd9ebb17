package lumko.core.stock;

import lumko.core.quantity.Volume;

/** A tin on the shelf with what is left in it. */
public record StoredTin(String key, String batch, Volume left) {}
