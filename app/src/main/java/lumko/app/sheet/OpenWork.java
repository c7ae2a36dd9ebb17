package lumko.app.sheet;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Climate;
import lumko.core.schedule.Progress.Tick;

/**
 * A sheet that is not closed, as far as a plan has to know it.
 *
 * @param ticks by activity; also what was on a surface before, by the key it is waited for by
 * @param hereOn by the key of a paint that has to be bought the day from which it is there
 * @param climate the air it is reckoned in
 */
public record OpenWork(
        UUID sheetId,
        UUID flatId,
        UUID turnoverId,
        WorkGraph graph,
        Map<String, Tick> ticks,
        Map<String, LocalDate> hereOn,
        Climate climate) {}
