package lumko.app.house;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** How many coats of one colour over another surfaces really took: what was ticked on a sheet, straight over the other colour. */
final class CoatsTaken {
    /** Coats of one job follow each other within so many days. ASSUMPTION. */
    private static final long ONE_JOB_DAYS = 21;

    private CoatsTaken() {}

    /**
     * Counts the runs of a colour in the layers of one surface.
     *
     * @param layers by their position
     * @param before ids of the colour that was there
     * @param over ids of the colour that went on
     */
    static List<Integer> of(List<CoatRow> layers, Set<UUID> before, Set<UUID> over) {
        List<Integer> runs = new ArrayList<>();
        List<CoatRow> whole = layers.stream().filter(row -> row.layer.isWhole()).toList();
        for (int i = 1; i < whole.size(); i++) {
            if (!isFinish(whole.get(i - 1), before) || !isFinish(whole.get(i), over) || whole.get(i).sheetId == null) {
                continue;
            }
            int end = i + 1;
            while (end < whole.size()
                    && isFinish(whole.get(end), over)
                    && isOneJob(whole.get(end - 1).appliedOn, whole.get(end).appliedOn)) {
                end++;
            }
            runs.add(end - i);
        }
        return runs;
    }

    private static boolean isFinish(CoatRow row, Set<UUID> colours) {
        return row.layer == Layer.FINISH && row.colourId != null && colours.contains(row.colourId);
    }

    private static boolean isOneJob(@Nullable LocalDate one, @Nullable LocalDate next) {
        return one != null && next != null && ChronoUnit.DAYS.between(one, next) <= ONE_JOB_DAYS;
    }
}
