package lumko.app.plan;

import java.time.Instant;
import java.util.List;
import lumko.core.plan.Chain;

/**
 * What held up a piece of work of a flat, as it is kept.
 *
 * @param kind of the piece
 * @param held what it waited for last
 * @param awaitsPaint whether it waited for paint to come, where it was paint or something put on before
 * @param byKind kind of the piece it waited for; empty where it was none
 * @param byFlat the flat of that piece, where it is another
 * @param free the moment from which it could have been begun but for hours
 * @param pause minutes from then until it began
 */
record Held(
        String kind,
        List<String> rooms,
        String person,
        Instant beginsAt,
        Instant endsAt,
        Chain.Held held,
        boolean awaitsPaint,
        String byKind,
        String byFlat,
        Instant free,
        int pause) {}
