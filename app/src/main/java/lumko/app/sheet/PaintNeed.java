package lumko.app.sheet;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import lumko.app.catalogue.Paint;
import lumko.app.store.Tin;
import lumko.core.quantity.Volume;

/**
 * What a job needs of one paint and where it comes from.
 *
 * @param missing what the shelf is short of and no tin size on sale is known for
 * @param hereOn the day from which what has to be bought is there
 * @param more one coat more than planned of all that is rolled in it: what is under it is the same, it comes on all or on none
 */
public record PaintNeed(
        Paint paint,
        Volume litres,
        List<Tin> open,
        List<Volume> buy,
        Volume missing,
        boolean isBoxed,
        Optional<LocalDate> hereOn,
        SheetWall.More more) {
    /** Whether some of it is not in the store. */
    public boolean isBought() {
        return !buy.isEmpty() || missing.compareTo(Volume.ZERO) > 0;
    }

    /** What is likely left in one of its tins when the job is done: they are emptied in order. */
    public Volume leftIn(Tin tin) {
        Volume needed = litres;
        for (Tin each : open) {
            if (each.id().equals(tin.id())) {
                return each.left().without(needed);
            }
            needed = needed.without(each.left());
        }
        return tin.left();
    }
}
