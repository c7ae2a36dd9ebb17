package lumko.app.walk;

import java.util.Optional;
import lumko.app.paint.Paint;
import lumko.app.paint.Tin;
import lumko.app.platform.EditableRow;
import lumko.core.work.Action;

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
}
