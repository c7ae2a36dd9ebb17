package lumko.core.paint;

import java.util.Optional;

/** The batch a tin was made or tinted in, as far as it is known. Two tins of which nobody knows it are not of one batch. */
public record Batch(Optional<String> number) {
    public static final Batch UNKNOWN = new Batch(Optional.empty());

    public Batch {
        number = number.map(String::strip).filter(text -> !text.isEmpty());
    }

    /** The batch of that number; unknown where none is written. */
    public static Batch of(String number) {
        return new Batch(Optional.of(number));
    }

    public boolean isKnown() {
        return number.isPresent();
    }

    /** Whether both are known and the same. */
    public boolean isCertainly(Batch other) {
        return number.isPresent() && number.equals(other.number);
    }
}
