package lumko.app.outcome;

import java.util.Optional;
import java.util.UUID;
import lumko.core.job.Action;
import lumko.core.judge.Chance;

/** What was predicted for a wall, and what was seen of it since. */
public record Prediction(
        UUID surfaceId, Moment moment, Action action, Chance shows, Optional<Outcome> outcome, String seenBy) {}
