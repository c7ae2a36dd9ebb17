package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lumko.core.activity.ActivityKind;
import lumko.core.practice.Question;

/** Which questions of the house practice change how an activity is done, not what it is. */
public final class HowItIsDone {
    private static final Map<ActivityKind, List<Question>> QUESTIONS = new EnumMap<>(ActivityKind.class);

    static {
        List<Question> rolling =
                List.of(Question.STROKE, Question.ROLLER_ADVANCE, Question.LAYING_OFF, Question.WORKING_DIRECTION);
        for (ActivityKind kind : ActivityKind.values()) {
            if (kind.isRolling()) {
                QUESTIONS.put(kind, rolling);
            }
        }
        for (ActivityKind kind : List.of(CUT_IN, CUT_CEILING)) {
            QUESTIONS.put(kind, List.of(Question.CUT_AHEAD));
        }
        for (ActivityKind kind : List.of(DAB, FEATHER)) {
            QUESTIONS.put(kind, List.of(Question.TOUCH_UP_TOOL));
        }
        QUESTIONS.put(CAULK, List.of(Question.CAULK_TOOLING));
        QUESTIONS.put(FILL, List.of(Question.FILLER_LEVELLING));
        QUESTIONS.put(SPOT_PRIME, List.of(Question.SPOT_SEALING));
        QUESTIONS.put(PREPARE_SLEEVE, List.of(Question.NEW_SLEEVE));
        QUESTIONS.put(BAG_TOOLS, List.of(Question.WET_TOOLS));
        QUESTIONS.put(UNMASK, List.of(Question.TAPE_REMOVAL));
    }

    private HowItIsDone() {}

    public static List<Question> questions(ActivityKind kind) {
        return QUESTIONS.getOrDefault(kind, List.of());
    }
}
