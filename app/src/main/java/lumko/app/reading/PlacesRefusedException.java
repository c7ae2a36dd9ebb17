package lumko.app.reading;

/** Places that a reading cannot take as it stands. */
final class PlacesRefusedException extends RuntimeException {
    private final int most;

    /** @param key message key of the sentence, with the number of places a reading takes at the most */
    PlacesRefusedException(String key) {
        super(key);
        this.most = WallReading.MOST;
    }

    String key() {
        return String.valueOf(getMessage());
    }

    int most() {
        return most;
    }
}
