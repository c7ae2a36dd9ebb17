package lumko.core.job;

import java.util.List;
import java.util.Optional;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.Box;
import lumko.core.geometry.Opening;
import lumko.core.geometry.Wall;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;

/**
 * The edges of a surface that is painted from edge to edge. An edge that a later surface covers may be cut loosely; only the
 * last surface at an edge is cut exactly, and wherever colours differ; an edge that is covered for good is hidden and not cut
 * at all.
 *
 * @param taped how much of it is taped first, which makes an exact edge a loose one
 */
public record Edges(Length exact, Length loose, Length hidden, Length taped) {
    public static Edges of(Face face, Job job, Practice practice) {
        return face.isCeiling() ? ofCeiling(face, job) : ofWall(face, job, practice);
    }

    /** Walls that follow cover the line of a ceiling; where they are in the same paint nothing has to be exact either. */
    private static Edges ofCeiling(Face face, Job job) {
        boolean walls = job.faces().stream()
                .anyMatch(other -> other.around().ceiling().equals(face.key()) && other.isPaintedWhole());
        Sum sum = new Sum();
        Wall wall = face.wall();
        sum.add(2 * wall.width().inMetres() + 2 * wall.height().inMetres(), !walls, false);
        return sum.edges();
    }

    private static Edges ofWall(Face face, Job job, Practice practice) {
        Sum sum = new Sum();
        Wall wall = face.wall();
        double foot = wall.foot().length().inMetres();
        List<Double> high = List.of(
                wall.heightAt(Length.ZERO).minus(wall.footAt(Length.ZERO)).inMetres(),
                wall.heightAt(wall.width()).minus(wall.footAt(wall.width())).inMetres());
        boolean isAccent = job.accents().contains(face.key());
        boolean tapes = practice.is(School.TAPE_EVERYTHING) || isAccent;
        boolean asCeiling = practice.is(School.CEILING_AS_WALLS)
                || isSameBeside(face, face.around().ceiling(), job);
        sum.add(wall.top().length().inMetres(), !asCeiling, tapes && !asCeiling);
        for (int corner = 0; corner < 2; corner++) {
            boolean same = corner < face.around().neighbours().size()
                    && isSameBeside(face, face.around().neighbours().get(corner), job);
            sum.add(high.get(corner), !same, tapes && !same);
        }
        boolean trim = job.paintsTrimOf(face.room());
        boolean trimFollows = trim && practice.is(School.TRIM_LAST);
        boolean tapeTrim = practice.is(School.TAPE_EVERYTHING) || trim && practice.is(School.TRIM_FIRST);
        if (job.room(face.room()).findings().contains(RoomFinding.FLOOR_COMES_LATER)) {
            sum.hidden += foot;
        } else {
            sum.add(foot, !trimFollows, tapeTrim && !trimFollows);
        }
        for (Opening opening : wall.openings()) {
            Box box = opening.box();
            boolean toFloor = wall.standsAtFoot(box);
            sum.add(
                    2 * box.height().inMetres()
                            + (toFloor ? 0 : 2) * box.width().inMetres(),
                    !trimFollows,
                    tapeTrim && !trimFollows);
        }
        return sum.edges();
    }

    /** Whether what stands beside a surface ends up in the paint that goes on it. */
    private static boolean isSameBeside(Face face, String key, Job job) {
        Optional<Face> beside = job.face(key);
        Optional<String> paint = beside.filter(Face::isPaintedWhole)
                .map(other -> other.goesOn().paint())
                .or(() -> beside.flatMap(other -> other.stack().seen()).flatMap(coat -> coat.paint()));
        return paint.filter(face.goesOn().paint()::equals).isPresent();
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
