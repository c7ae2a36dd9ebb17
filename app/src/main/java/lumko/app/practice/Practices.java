package lumko.app.practice;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.platform.ReferenceData;
import lumko.core.practice.Practice;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which schools the signed-in organisation follows. */
@Service
@Transactional
public class Practices {
    private final PracticeChoiceRepository choices;
    private final Access access;
    private final ReferenceData.Kept<Practice> followed;

    Practices(PracticeChoiceRepository choices, Access access, ReferenceData referenceData) {
        this.choices = choices;
        this.access = access;
        followed = referenceData.kept(() -> with(Practice.STARTING, choices.findByTurnoverIdIsNull()));
    }

    /** The practice of the house. */
    @Transactional(readOnly = true)
    public Practice ofOrganisation() {
        return followed.get();
    }

    /** The practice of the house with what is done otherwise in one job. */
    @Transactional(readOnly = true)
    public Practice of(Optional<UUID> turnoverId) {
        return turnoverId
                .map(id -> with(ofOrganisation(), choices.findByTurnoverId(id)))
                .orElseGet(this::ofOrganisation);
    }

    /** Only what is done otherwise in one job. */
    @Transactional(readOnly = true)
    public Map<Question, School> otherwise(UUID turnoverId) {
        Map<Question, School> otherwise = new EnumMap<>(Question.class);
        choices.findByTurnoverId(turnoverId).forEach(row -> otherwise.put(row.question, row.school));
        return otherwise;
    }

    private static Practice with(Practice practice, List<PracticeChoiceRow> rows) {
        Practice with = practice;
        for (PracticeChoiceRow row : rows) {
            with = with.with(row.school);
        }
        return with;
    }

    /** Follows a school from now on. */
    public void choose(School school) {
        access.requireLead();
        followed.changes();
        put(null, choices.findByTurnoverIdIsNull(), school);
    }

    /** Follows a school in one job only; that of the house is no exception. */
    public void chooseFor(UUID turnoverId, School school) {
        if (ofOrganisation().is(school)) {
            choices.deleteAll(choices.findByTurnoverId(turnoverId).stream()
                    .filter(row -> row.question == school.question())
                    .toList());
        } else {
            put(turnoverId, choices.findByTurnoverId(turnoverId), school);
        }
    }

    private void put(@Nullable UUID turnoverId, List<PracticeChoiceRow> known, School school) {
        PracticeChoiceRow row = known.stream()
                .filter(each -> each.question == school.question())
                .findFirst()
                .orElseGet(() -> new PracticeChoiceRow(turnoverId, school));
        row.school = school;
        choices.saveAndFlush(row);
    }
}
