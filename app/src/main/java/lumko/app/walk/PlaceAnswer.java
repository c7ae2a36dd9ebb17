package lumko.app.walk;

/** What is answered about a place that wears at each turnover. */
public enum PlaceAnswer {
    PAINT,
    SOUND,
    TILED
}
