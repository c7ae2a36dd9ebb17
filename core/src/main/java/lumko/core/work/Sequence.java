package lumko.core.work;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.step.StepKind;
import lumko.core.step.StepKind.Stage;

/** The order of the stages and of the steps within a stage, as the house practice has it. */
final class Sequence {
    private final List<Stage> stages = new ArrayList<>(List.of(Stage.values()));
    private final boolean rollFirst;

    Sequence(Practice practice) {
        rollFirst = practice.is(School.ROLL_FIRST);
        if (practice.is(School.FLOOR_AFTER_SANDING)) {
            move(Stage.PROTECT, Stage.TEXTURE);
        }
        switch (practice.of(lumko.core.practice.Question.CAULK_WHEN)) {
            case CAULK_WITH_FILLING -> move(Stage.CAULK, Stage.FILL_THIRD);
            case CAULK_AFTER_DUST_OFF -> move(Stage.CAULK, Stage.CLEAN);
            case CAULK_AFTER_PRIMER -> move(Stage.CAULK, Stage.SAND_PRIMER);
            default -> {}
        }
        if (practice.is(School.TRIM_FIRST)) {
            move(Stage.TRIM, Stage.SAND_PRIMER);
            move(Stage.TRIM_AGAIN, Stage.TRIM);
        }
    }

    private void move(Stage stage, Stage behind) {
        stages.remove(stage);
        stages.add(stages.indexOf(behind) + 1, stage);
    }

    Comparator<Stage> byStage() {
        return Comparator.comparingInt(stages::indexOf);
    }

    /** Within a stage: as the kinds are listed, but rolling before cutting in where the house does so. */
    Comparator<StepKind> byKind() {
        return Comparator.comparingInt(this::rank);
    }

    private int rank(StepKind kind) {
        if (rollFirst) {
            return switch (kind) {
                case CUT_IN -> StepKind.ROLL.ordinal();
                case ROLL -> StepKind.CUT_IN.ordinal();
                case CUT_IN_AGAIN -> StepKind.ROLL_AGAIN.ordinal();
                case ROLL_AGAIN -> StepKind.CUT_IN_AGAIN.ordinal();
                case CUT_CEILING -> StepKind.ROLL_CEILING.ordinal();
                case ROLL_CEILING -> StepKind.CUT_CEILING.ordinal();
                default -> kind.ordinal();
            };
        }
        return kind.ordinal();
    }
}
