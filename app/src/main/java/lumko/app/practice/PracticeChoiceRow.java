package lumko.app.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import org.jspecify.annotations.Nullable;

/** The school chosen for a question, by the organisation or for one job. */
@Entity
@Table(name = "practice_choice")
final class PracticeChoiceRow extends EditableRow {
    @Nullable
    UUID turnoverId;

    @Enumerated(EnumType.STRING)
    Question question = Question.CUT_OR_ROLL_FIRST;

    @Enumerated(EnumType.STRING)
    School school = School.CUT_IN_FIRST;

    protected PracticeChoiceRow() {}

    PracticeChoiceRow(@Nullable UUID turnoverId, School school) {
        super(UUID.randomUUID());
        this.turnoverId = turnoverId;
        this.question = school.question();
        this.school = school;
    }
}
