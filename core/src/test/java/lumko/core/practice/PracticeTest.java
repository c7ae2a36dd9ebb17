package lumko.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PracticeTest {
    @ParameterizedTest
    @EnumSource(Question.class)
    void everyQuestionHasAtLeastTwoSchoolsAndStartsWithTheFirst(Question question) {
        assertThat(question.schools()).hasSizeGreaterThan(1);
        assertThat(Practice.STARTING.of(question)).isEqualTo(question.schools().getFirst());
    }

    @ParameterizedTest
    @EnumSource(School.class)
    void answeringOneQuestionLeavesTheOthers(School school) {
        Practice practice = Practice.STARTING.with(school);
        for (Question question : Question.values()) {
            assertThat(practice.of(question))
                    .isEqualTo(question == school.question() ? school : Practice.STARTING.of(question));
        }
    }

    @Test
    void twoPracticesWithTheSameAnswersAreEqual() {
        assertThat(Practice.STARTING.with(School.TRIM_FIRST).with(School.TRIM_LAST))
                .isEqualTo(Practice.STARTING)
                .hasSameHashCodeAs(Practice.STARTING);
        assertThat(Practice.STARTING.with(School.TRIM_FIRST)).isNotEqualTo(Practice.STARTING);
    }
}
