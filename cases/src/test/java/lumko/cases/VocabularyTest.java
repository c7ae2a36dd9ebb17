package lumko.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Tool;
import lumko.core.fault.FaultKind;
import lumko.core.judge.Never;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import lumko.core.repair.Method;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The one table between the frozen words and the core. */
class VocabularyTest {
    private final Vocabulary vocabulary = Vocabulary.read();

    static Stream<Arguments> whatTheCoreCanAnswer() {
        return Stream.of(
                Arguments.of("fault", FaultKind.values()),
                Arguments.of("method", Method.values()),
                Arguments.of("activity", ActivityKind.values()),
                Arguments.of("tool", Tool.values()),
                Arguments.of("material", Material.values()),
                Arguments.of("caution", Caution.values()),
                Arguments.of("question", Question.values()),
                Arguments.of("never", Never.values()));
    }

    /** Renaming or adding a constant without its word in the table would make an answer that no case understands. */
    @ParameterizedTest
    @MethodSource
    void whatTheCoreCanAnswer(String list, Enum<?>[] constants) {
        for (Enum<?> constant : constants) {
            assertThat(vocabulary.words(list)).contains(vocabulary.word(list, constant));
        }
    }

    @Test
    void everySchoolIsAnAnswerToItsQuestion() {
        for (School school : School.values()) {
            String list = "answer/" + vocabulary.word("question", school.question());
            assertThat(vocabulary.words(list)).contains(vocabulary.word(list, school));
        }
    }

    @Test
    void theFirstAnswerOfAQuestionIsWhatAHouseStartsWith() {
        for (Question question : Question.values()) {
            String list = "answer/" + vocabulary.word("question", question);
            assertThat(vocabulary.constant(
                            School.class, list, vocabulary.words(list).getFirst()))
                    .contains(question.schools().getFirst());
        }
    }

    @Test
    void aWordStandsForOneThing() {
        assertThat(vocabulary.constant(FaultKind.class, "fault", "nail hole")).contains(FaultKind.NAIL_HOLE);
        assertThat(vocabulary.constant(FaultKind.class, "fault", "no such fault"))
                .isEmpty();
        assertThat(vocabulary.isInTheCore("moment", "viewing")).isFalse();
        assertThat(vocabulary.lists()).containsAll(List.of("says", "never", "answer/anchors"));
    }
}
