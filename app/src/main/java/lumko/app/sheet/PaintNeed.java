package lumko.app.sheet;

import java.util.List;
import lumko.app.paint.Paint;
import lumko.app.paint.Tin;
import lumko.core.quantity.Volume;

/**
 * What a job needs of one paint and where it comes from.
 *
 * @param missing what the shelf is short of and no tin size on sale is known for
 * @param more one coat more than planned of all that is rolled in it: what is under it is the same, it comes on all or on none
 */
public record PaintNeed(
        Paint paint,
        Volume litres,
        List<Tin> open,
        List<Volume> buy,
        Volume missing,
        boolean isBoxed,
        SheetWall.More more) {
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
