package lumko.core.work;

import java.util.List;
import lumko.core.repair.Mark;
import lumko.core.wall.Wall;

/**
 * A wall or a ceiling, what is wrong with it and what is to be done.
 *
 * @param key names the surface in the steps
 * @param paint names the paint; surfaces with the same paint are painted while that brush is loaded
 */
public record WallTask(String key, Wall wall, List<Mark> marks, Action action, String paint, Setting setting) {
    public WallTask {
        marks = List.copyOf(marks);
    }

    public WallTask(String key, Wall wall, List<Mark> marks, Action action, String paint) {
        this(key, wall, marks, action, paint, Setting.PLAIN);
    }

    /** Whether anything is done on it. */
    public boolean isActive() {
        return action != Action.LEAVE || !setting.panels().isEmpty();
    }
}
