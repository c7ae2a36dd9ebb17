package lumko.core.work;

import java.util.List;
import java.util.Optional;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.wall.Box;
import lumko.core.wall.Opening;
import lumko.core.wall.RoomFinding;
import lumko.core.wall.Wall;

/**
 * The edges of a surface that is painted from edge to edge. An edge that a later surface covers may be cut loosely; only the
 * last surface at an edge is cut exactly; an edge that is covered for good is hidden and not cut at all.
 *
 * @param taped how much of it is taped first, which makes an exact edge a loose one
 */
record Edges(Length exact, Length loose, Length hidden, Length taped) {
    /** What is painted in the same job, as far as the edges of one surface depend on it. */
    record Job(List<WallTask> surfaces, boolean trim) {
        Optional<WallTask> rolled(String key) {
            return surfaces.stream()
                    .filter(task -> task.key().equals(key) && task.action().isWholeWall())
                    .findFirst();
        }
    }

    static Edges of(WallTask task, Job job, Practice practice) {
        Sum sum = new Sum();
        Wall wall = task.wall();
        double wide = wall.width().inMetres();
        double high = wall.height().inMetres();
        if (task.setting().isCeiling()) {
            // walls that follow cover its line; where they are in the same paint nothing has to be exact either
            boolean walls = job.surfaces().stream()
                    .anyMatch(other -> other.setting().ceiling().equals(task.key())
                            && other.action().isWholeWall());
            sum.add(2 * wide + 2 * high, !walls, false);
            return sum.edges();
        }
        boolean everything = practice.is(School.TAPE_EVERYTHING);
        Optional<WallTask> ceiling = job.rolled(task.setting().ceiling());
        boolean asCeiling =
                ceiling.filter(other -> other.paint().equals(task.paint())).isPresent()
                        || practice.is(School.CEILING_AS_WALLS);
        sum.add(wide, !asCeiling, everything && !asCeiling);
        for (int corner = 0; corner < 2; corner++) {
            boolean samePaintBeside = corner < task.setting().neighbours().size()
                    && job.rolled(task.setting().neighbours().get(corner))
                            .filter(other -> other.paint().equals(task.paint()))
                            .isPresent();
            sum.add(high, !samePaintBeside, everything && !samePaintBeside);
        }
        boolean trimFollows = job.trim() && practice.is(School.TRIM_LAST);
        boolean tapeTrim = everything || (job.trim() && practice.is(School.TRIM_FIRST));
        if (task.setting().findings().contains(RoomFinding.FLOOR_COMES_LATER)) {
            sum.hidden += wide;
        } else {
            sum.add(wide, !trimFollows, tapeTrim && !trimFollows);
        }
        for (Opening opening : wall.openings()) {
            Box box = opening.box();
            boolean toFloor = box.bottom().inMillimetres() <= 0;
            sum.add(
                    2 * box.height().inMetres()
                            + (toFloor ? 0 : 2) * box.width().inMetres(),
                    !trimFollows,
                    tapeTrim && !trimFollows);
        }
        return sum.edges();
    }

    Length cut() {
        return exact.plus(loose);
    }

    private static final class Sum {
        private double exact;
        private double loose;
        private double hidden;
        private double taped;

        void add(double metres, boolean isExact, boolean isTaped) {
            if (isTaped) {
                taped += metres;
                loose += metres;
            } else if (isExact) {
                exact += metres;
            } else {
                loose += metres;
            }
        }

        Edges edges() {
            return new Edges(
                    Length.ofMetres(exact), Length.ofMetres(loose), Length.ofMetres(hidden), Length.ofMetres(taped));
        }
    }
}
