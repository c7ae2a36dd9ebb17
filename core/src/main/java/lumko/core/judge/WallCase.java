package lumko.core.judge;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lumko.core.drying.Climate;
import lumko.core.repair.Mark;
import lumko.core.step.Site;
import lumko.core.wall.RoomFinding;
import lumko.core.wall.RoomKind;
import lumko.core.wall.Wall;
import lumko.core.wall.WindowLight;
import lumko.core.work.Action;
import lumko.core.work.Setting;
import lumko.core.work.WallTask;

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
        OptionalInt daysToViewing,
        Setting setting) {
    public WallCase {
        marks = List.copyOf(marks);
    }

    /** A sound wall on its own. */
    public WallCase(
            Wall wall,
            List<Mark> marks,
            Optional<Film> film,
            PaintBasis basis,
            WindowLight light,
            RoomKind room,
            Site site,
            Climate climate,
            OptionalInt daysToViewing) {
        this(wall, marks, film, basis, light, room, site, climate, daysToViewing, Setting.PLAIN);
    }

    /** What the planner is asked for. */
    WallTask task(Action action) {
        return new WallTask("", wall, marks, action, "", setting);
    }

    boolean has(RoomFinding finding) {
        return setting.findings().contains(finding);
    }

    /** The same wall with other marks. */
    public WallCase withMarks(List<Mark> others) {
        return new WallCase(wall, others, film, basis, light, room, site, climate, daysToViewing, setting);
    }
}
