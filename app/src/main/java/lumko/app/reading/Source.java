package lumko.app.reading;

/** What the places of a reading were read with. */
public enum Source {
    READER(0.2),
    TYPED(0.5),
    FILE(0.3),
    /** A photo with a grey card: an estimate. */
    PHOTO(lumko.core.colour.GreyCard.UNCERTAINTY);

    private final double uncertainty;

    Source(double uncertainty) {
        this.uncertainty = uncertainty;
    }

    /** What it is uncertain by itself, ΔE00. ASSUMPTION: between two instruments of one make, of two, and of a phone. */
    double uncertainty() {
        return uncertainty;
    }

    public boolean isEstimate() {
        return this == PHOTO;
    }
}
