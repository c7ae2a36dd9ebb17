package lumko.app.outcome;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.core.job.Action;
import lumko.core.judge.Chance;

/**
 * What was predicted for a wall, and what was seen of it since.
 *
 * @param outcome what counts: the last that was noted
 * @param looks every time somebody came to look, oldest first
 */
public record Prediction(
        UUID surfaceId,
        Moment moment,
        Action action,
        Chance shows,
        Optional<Outcome> outcome,
        String seenBy,
        List<Looked> looks) {
    /**
     * A look as it was noted.
     *
     * @param daysAfter days since the work was done
     * @param by who noted it
     */
    public record Looked(Look look, int daysAfter, String by) {}
}
