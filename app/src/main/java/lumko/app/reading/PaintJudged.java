package lumko.app.reading;

import java.util.UUID;

/** Somebody has confirmed which paint a surface carries; the record says so already. */
public record PaintIdentified(UUID surfaceId) {}
