package lumko.core.turnover;

import java.util.List;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;

/**
 * What work is to be expected in a room that nobody has walked yet: what the organisation's own jobs came to, once there are
 * enough of them; else the figure.
 *
 * @param perRoom minutes of hands
 * @param spread so far off is one flat in three, as a share: the standard deviation of the logarithm
 */
public record Guess(double perRoom, double spread) {
    /** How far off the figure may be (ASSUMPTION). */
    private static final double FIGURE_SPREAD = 0.5;
    /** A handful of jobs alike does not make the next one sure (ASSUMPTION). */
    private static final double LEAST_SPREAD = 0.2;

    private static final double MOST_SPREAD = 1.5;

    /**
     * A job that was done in a flat.
     *
     * @param minutes of hands, as planned
     * @param rooms of the flat
     */
    public record PastJob(double minutes, int rooms) {}

    public static Guess of(List<PastJob> jobs, Catalogue figures) {
        List<PastJob> known = jobs.stream()
                .filter(job -> job.minutes() > 0 && job.rooms() > 0)
                .toList();
        if (known.size() < figures.value(Figure.OWN_MINUTES_FROM)) {
            return new Guess(figures.value(Figure.ROOM_NOT_WALKED), FIGURE_SPREAD);
        }
        double minutes = known.stream().mapToDouble(PastJob::minutes).sum();
        double rooms = known.stream().mapToDouble(PastJob::rooms).sum();
        double perRoom = minutes / rooms;
        double squares = known.stream()
                .mapToDouble(job -> Math.log(job.minutes() / job.rooms() / perRoom))
                .map(off -> off * off)
                .sum();
        double spread = Math.sqrt(squares / (known.size() - 1));
        return new Guess(perRoom, Math.clamp(spread, LEAST_SPREAD, MOST_SPREAD));
    }
}
