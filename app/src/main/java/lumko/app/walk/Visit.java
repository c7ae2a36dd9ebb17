package lumko.app.walk;

import java.util.Optional;
import lumko.app.house.Coat;
import lumko.app.house.Surface;
import lumko.app.paint.Paint;
import lumko.app.paint.Tin;
import lumko.app.platform.EditableRow;
import lumko.core.job.Action;
import lumko.core.quantity.Volume;
import lumko.core.record.PaintBasis;

/** What was answered and decided on a wall in this turnover. */
public record Visit(
        Optional<PaintAnswer> answer,
        Optional<Tin> tin,
        Optional<String> answeredBy,
        Optional<Action> overruled,
        Optional<String> overruledWhy,
        int version) {
    static final Visit NONE = new Visit(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            EditableRow.UNSAVED);

    /** Whether somebody has said that this is the paint. */
    boolean isConfirmed(Optional<Paint> paint) {
        return answer.filter(said -> said != PaintAnswer.NOT_SURE).isPresent() && paint.isPresent();
    }

    /** The tin that goes on: the one answered with or, where the record is right, what is left of the one on record. */
    public Optional<Tin> tinFor(Surface surface) {
        boolean isAsRecorded = answer.equals(Optional.of(PaintAnswer.RECORD_AGREES));
        return tin.or(() -> surface.topCoat()
                .filter(coat -> isAsRecorded)
                .flatMap(Coat::tin)
                .filter(left -> left.left().compareTo(Volume.ZERO) > 0));
    }

    /** What was found out about the paint that is on the surface. */
    PaintBasis.OnIt said() {
        return answer.map(known -> switch (known) {
                    case RECORD_AGREES -> PaintBasis.OnIt.AS_RECORDED;
                    case TIN_IN_STORE -> tin.isPresent() ? PaintBasis.OnIt.AS_RECORDED : PaintBasis.OnIt.NOBODY_KNOWS;
                    case NOT_SURE -> PaintBasis.OnIt.NOBODY_KNOWS;
                })
                .orElse(PaintBasis.OnIt.NOT_CONFIRMED);
    }
}
