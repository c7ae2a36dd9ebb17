package lumko.core.step;

import java.time.Duration;

/**
 * The latest moment for a step: within so long after another was finished.
 *
 * @param after the kind of the earlier step, on the same surface
 */
public record Within(StepKind after, Duration time) {}
