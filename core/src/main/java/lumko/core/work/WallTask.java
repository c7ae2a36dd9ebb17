package lumko.core.work;

import java.util.List;
import lumko.core.fault.Mark;
import lumko.core.wall.Wall;

/**
 * A wall, what is wrong with it and what is to be done.
 *
 * @param key names the wall in the steps
 * @param paint names the wall paint; walls with the same paint are painted while that brush is loaded
 */
public record WallTask(String key, Wall wall, List<Mark> marks, Action action, String paint) {
    public WallTask {
        marks = List.copyOf(marks);
    }
}
