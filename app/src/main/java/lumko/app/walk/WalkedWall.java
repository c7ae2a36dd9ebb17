package lumko.app.walk;

import java.util.List;
import java.util.Optional;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.paint.Colour;
import lumko.app.paint.Product;
import lumko.core.fault.Mark;
import lumko.core.judge.Option;
import lumko.core.judge.PaintBasis;
import lumko.core.judge.Verdict;
import lumko.core.work.Action;

/** A wall as its walk shows it: what is marked, what is known of its paint, and the verdict. */
public record WalkedWall(
        Flat flat, Room room, Surface surface, List<PlacedMark> marks, Visit visit, PaintBasis basis, Verdict verdict) {
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
    public Optional<Product> product() {
        return visit.tin().isPresent()
                ? visit.tin().map(tin -> tin.product())
                : surface.topCoat().flatMap(Coat::product);
    }

    public Optional<Colour> colour() {
        return visit.tin().isPresent()
                ? visit.tin().map(tin -> tin.colour())
                : surface.topCoat().flatMap(Coat::colour);
    }

    public List<Mark> faults() {
        return marks.stream().map(PlacedMark::mark).toList();
    }

    /** Whether there is work on it and it is known with what. */
    public boolean isReadyForSheet() {
        return hasWork()
                && visit.answer().isPresent()
                && visit.answer().get() != PaintAnswer.NOT_SURE
                && product().isPresent()
                && colour().isPresent();
    }

    public boolean hasWork() {
        return !marks.isEmpty() && action() != Action.LEAVE;
    }
}
