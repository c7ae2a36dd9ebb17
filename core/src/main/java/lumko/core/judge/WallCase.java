package lumko.core.judge;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lumko.core.drying.Climate;
import lumko.core.fault.Mark;
import lumko.core.wall.RoomKind;
import lumko.core.wall.Wall;
import lumko.core.wall.WindowLight;
import lumko.core.work.Site;

/**
 * Everything the verdict on a wall rests on.
 *
 * @param film what is on the wall; empty if nobody knows
 * @param daysToViewing days until somebody looks at it with critical eyes; empty if nobody is expected
 */
public record WallCase(
        Wall wall,
        List<Mark> marks,
        Optional<Film> film,
        PaintBasis basis,
        WindowLight light,
        RoomKind room,
        Site site,
        Climate climate,
        OptionalInt daysToViewing) {
    public WallCase {
        marks = List.copyOf(marks);
    }

    /** The same wall with other marks. */
    public WallCase withMarks(List<Mark> others) {
        return new WallCase(wall, others, film, basis, light, room, site, climate, daysToViewing);
    }
}
