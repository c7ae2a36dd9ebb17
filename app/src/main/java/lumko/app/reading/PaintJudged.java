package lumko.app.reading;

import java.util.UUID;

/**
 * Somebody has said by a reading which paint a surface carries.
 *
 * @param isKnown whether the record now says what it is; not, if it is none of the paints it may have been
 */
public record PaintJudged(UUID surfaceId, boolean isKnown) {}
