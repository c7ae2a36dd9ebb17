package lumko.app.walk;

import java.util.Optional;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.paint.Paint;
import lumko.core.hold.Binder;
import lumko.core.hold.Holding;
import lumko.core.work.Action;
import lumko.core.work.TrimTask;

/** The trim of a room: whether it is painted, in what, and whether that holds. */
public record WalkedTrim(Room room, Surface surface, Visit visit, Holding holding) {
    public boolean isPainted() {
        return visit.overruled().filter(action -> action != Action.LEAVE).isPresent();
    }

    public Optional<Paint> paint() {
        return WalkedWall.paint(surface, visit);
    }

    public boolean isReadyForSheet() {
        return isPainted() && visit.isConfirmed(paint());
    }

    /** What the planner is asked for. */
    public TrimTask task() {
        return new TrimTask(
                surface.id().toString(),
                room.skirting(),
                room.doorSides(),
                room.windows(),
                paint().map(Paint::key).orElse(""),
                paint().map(paint -> paint.product().binder()).orElse(Binder.WATERBORNE),
                holding,
                paint().flatMap(paint -> paint.product().sheet()));
    }
}
