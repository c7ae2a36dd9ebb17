package lumko.app.walk;

import java.util.UUID;
import lumko.app.drawing.WallDrawing;
import lumko.core.repair.Mark;

/** A mark with its identity: the number it goes by on its wall, who set it, how often it has been changed. */
public record PlacedMark(UUID id, int number, Mark mark, UUID setBy, int version) {
    public WallDrawing.Numbered numbered() {
        return new WallDrawing.Numbered(id, number, mark);
    }
}
