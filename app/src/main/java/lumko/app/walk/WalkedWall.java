package lumko.app.walk;

import java.util.List;
import java.util.Optional;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.paint.Paint;
import lumko.app.paint.Tin;
import lumko.core.judge.Option;
import lumko.core.judge.PaintBasis;
import lumko.core.judge.Verdict;
import lumko.core.repair.Mark;
import lumko.core.work.Action;
import lumko.core.work.Setting;
import lumko.core.work.WallTask;

/**
 * A wall or a ceiling as its walk shows it: what is marked, what is known of its paint, what stands around it, and the
 * verdict.
 *
 * @param places the places on it that wear at each turnover
 */
public record WalkedWall(
        Flat flat,
        Room room,
        Surface surface,
        List<PlacedMark> marks,
        List<AskedPlace> places,
        Visit visit,
        PaintBasis basis,
        Setting setting,
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

    public List<Mark> faults() {
        return marks.stream().map(PlacedMark::mark).toList();
    }

    /** What the planner is asked for. */
    public WallTask task() {
        return new WallTask(
                surface.id().toString(),
                surface.asWall(),
                faults(),
                action(),
                paint().map(Paint::key).orElse(""),
                setting);
    }

    /** Whether there is work on it and it is known with what. */
    public boolean isReadyForSheet() {
        return hasWork() && (!needsPaint() || visit.isConfirmed(paint()));
    }

    public boolean hasWork() {
        return task().isActive();
    }

    /** Washing alone needs none. */
    public boolean needsPaint() {
        return (action() != Action.LEAVE && action() != Action.WASH)
                || !setting.panels().isEmpty();
    }
}
