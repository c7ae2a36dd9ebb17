package lumko.app.paint;

import java.util.UUID;
import lumko.core.colour.Srgb;

/** A colour by name, with what the screen shows of it. */
public record Colour(UUID id, String name, String code, Srgb screen) {}
