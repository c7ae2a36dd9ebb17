package lumko.app.walk;

import java.util.Optional;
import lumko.app.catalogue.Paint;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.core.hold.Holding;
import lumko.core.job.Action;
import lumko.core.job.Face;

/**
 * The trim of a room, or a fixture in it with paint of its own: whether it is painted, in what, and whether that holds.
 *
 * @param found it as a job finds it, with nothing decided
 */
public record WalkedTrim(Room room, Surface surface, Visit visit, Face found, Holding holding) {
    public boolean isPainted() {
        return visit.overruled().filter(action -> action != Action.LEAVE).isPresent();
    }

    public Optional<Paint> paint() {
        return visit.paint(surface);
    }

    public boolean isReadyForSheet() {
        return isPainted() && visit.isConfirmed(paint());
    }

    /** The trim with what will be done with it. */
    public Face face() {
        return found.with(isPainted() ? Action.ROLL : Action.LEAVE);
    }
}
