package lumko.core.turnover;

import java.time.Duration;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;

/** Who comes to a flat first: how much it matters that it is ready, and how long before it should be. */
public enum Expected {
    /** Nobody has said so: it is not left for ever, but whatever has a day comes first. */
    NOBODY(1),
    TENANT(1),
    VIEWING(2),
    /** Those who come look closely. */
    CLOSE_VIEWING(3);

    /** A flat of which nobody has said when it is wanted is wanted by then. ASSUMPTION. */
    private static final Duration WANTED_WITHIN = Duration.ofDays(60);

    /** Beside other flats. ASSUMPTION. */
    private final int weight;

    Expected(int weight) {
        this.weight = weight;
    }

    public int weight() {
        return weight;
    }

    /** For a viewing sheen has toned down; who moves in wants it dry and aired. */
    public Duration readyBefore(Catalogue figures) {
        return switch (this) {
            case NOBODY -> Duration.ZERO;
            case TENANT -> figures.time(Figure.AIRED_FOR);
            case VIEWING, CLOSE_VIEWING -> figures.time(Figure.SHEEN_TONES_DOWN);
        };
    }

    public static Duration wantedWithin() {
        return WANTED_WITHIN;
    }
}
