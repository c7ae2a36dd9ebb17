package lumko.app.walk;

import java.util.Optional;
import java.util.UUID;
import lumko.core.geometry.EveryTime;

/** A place that wears at each turnover, on its wall, and what was answered about it. */
public record AskedPlace(UUID surfaceId, EveryTime place, Optional<PlaceAnswer> answer) {
    /** Tells places of one kind on a wall apart. */
    public int left() {
        return (int) Math.round(place.box().left().inMillimetres());
    }

    public boolean isAnswered(PlaceAnswer with) {
        return answer.equals(Optional.of(with));
    }

    public boolean isOpen() {
        return answer.isEmpty();
    }
}
