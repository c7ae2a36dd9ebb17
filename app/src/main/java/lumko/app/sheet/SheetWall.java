package lumko.app.sheet;

import java.util.Optional;
import java.util.UUID;
import lumko.app.paint.Paint;
import lumko.app.paint.Tin;
import lumko.core.job.Action;
import lumko.core.quantity.Volume;

/** A surface on a sheet: a wall, a ceiling, the trim of a room. */
public record SheetWall(
        UUID surfaceId, String label, Action action, Optional<Paint> paint, Optional<Tin> tin, Volume litres) {}
