package lumko.app.walk;

import java.util.List;
import java.util.Optional;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.paint.Paint;
import lumko.app.paint.Tin;
import lumko.core.hold.Holding;
import lumko.core.job.Action;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.judge.Option;
import lumko.core.judge.Verdict;
import lumko.core.record.PaintBasis;

/**
 * A wall or a ceiling as its walk shows it: what is marked, what is known of its paint, what stands around it, and the
 * verdict.
 *
 * @param places the places on it that wear at each turnover
 * @param found the surface as a job finds it, with nothing decided
 * @param around its room as a job finds it
 * @param holding whether the next coat holds, and what it needs first
 */
public record WalkedWall(
        Flat flat,
        Room room,
        Surface surface,
        List<PlacedMark> marks,
        List<AskedPlace> places,
        Visit visit,
        Face found,
        lumko.core.job.Room around,
        Holding holding,
        Verdict verdict) {
    /** What will be done: the verdict, or what somebody decided against it. */
    public Action action() {
        return visit.overruled().orElse(verdict.action());
    }

    public Option price() {
        return verdict.options().stream()
                .filter(option -> option.action() == action())
                .findFirst()
                .orElseGet(verdict::chosen);
    }

    /** The paint that would go on: of the tin answered with, otherwise what the record names. */
    public Optional<Paint> paint() {
        return paint(surface, visit);
    }

    static Optional<Paint> paint(Surface surface, Visit visit) {
        Optional<Paint> ofTin = visit.tin().map(Tin::paint);
        return ofTin.isPresent() ? ofTin : surface.topCoat().flatMap(Coat::paint);
    }

    public PaintBasis basis() {
        return found.goesOn().basis();
    }

    /** The surface with what will be done with it. */
    public Face face() {
        return found.with(action());
    }

    /** The job of this surface alone. */
    public Job job() {
        return Job.of(around, face(), flat.house().site());
    }

    /** Whether there is work on it and it is known with what. */
    public boolean isReadyForSheet() {
        return hasWork() && (!needsPaint() || visit.isConfirmed(paint()));
    }

    public boolean hasWork() {
        return face().isActive();
    }

    /** Washing alone needs none. */
    public boolean needsPaint() {
        return (action() != Action.LEAVE && action() != Action.WASH)
                || !found.panels().isEmpty();
    }
}
