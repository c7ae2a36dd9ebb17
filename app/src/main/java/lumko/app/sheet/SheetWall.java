package lumko.app.sheet;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import lumko.app.catalogue.Paint;
import lumko.app.store.Tin;
import lumko.core.job.Action;
import lumko.core.quantity.Volume;

/**
 * A surface on a sheet: a wall, a ceiling, the trim of a room.
 *
 * @param isBought whether its paint was to be bought, whatever is left over of it
 * @param hereOn the day from which paint that has to be bought is there; empty if it is not waited for
 */
public record SheetWall(
        UUID surfaceId,
        String label,
        Action action,
        Optional<Paint> paint,
        Optional<Tin> tin,
        boolean isBought,
        Optional<LocalDate> hereOn,
        Volume litres,
        More more) {
    /** One coat more than planned: the chance that it is needed, 0–1, and what it takes. */
    public record More(double chance, Volume paint, Duration hand) {
        static final More NONE = new More(0, Volume.ZERO, Duration.ZERO);

        More with(More other) {
            return new More(Math.max(chance, other.chance), paint.plus(other.paint), hand.plus(other.hand));
        }
    }
}
