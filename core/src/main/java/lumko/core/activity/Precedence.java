package lumko.core.activity;

import java.util.Optional;

/**
 * One activity comes before another, and why.
 *
 * @param from id of the one
 * @param to id of the other
 * @param drying what has to dry between them
 * @param limit what runs out between them
 */
public record Precedence(String from, String to, Why why, Optional<Wait> drying, Optional<Limit> limit) {}
