package lumko.app.walk;

import java.util.List;
import java.util.Optional;
import lumko.app.catalogue.Paint;
import lumko.app.house.Flat;
import lumko.app.house.Room;
import lumko.app.house.Surface;
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
 * @param surface as it was found: what is on it may be another than recorded
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
                .or(() -> verdict.options().stream()
                        .filter(option -> action().isWhole() && option.action().isWhole())
                        .findFirst())
                .orElseGet(verdict::chosen);
    }

    /** The paint that would go on. */
    public Optional<Paint> paint() {
        return visit.paint(surface);
    }

    /** The surface as its record has it, whatever was found on it. */
    public Surface recorded() {
        return flat.surface(surface.id()).orElseThrow();
    }

    public PaintBasis basis() {
        return found.goesOn().basis();
    }

    /** The surface with what will be done with it. */
    public Face face() {
        return found.with(action());
    }

    /** How it could be touched up instead of being painted from edge to edge; empty where rules speak against it, or it is not. */
    public Optional<Option> touchedUpInstead() {
        return action().isWhole() ? verdict.touchedUpInstead() : Optional.empty();
    }

    /** The surface with what the verdict would have done with it. */
    Face judged() {
        return found.with(verdict.action());
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

    /** Whether it has to be known what goes on. */
    public boolean needsPaint() {
        return face().needsItsPaint();
    }
}
