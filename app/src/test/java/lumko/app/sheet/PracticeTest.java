package lumko.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.Optional;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.house.Flat;
import lumko.app.house.Turnover;
import lumko.app.platform.EditableRow;
import lumko.app.practice.Practices;
import lumko.core.judge.Scrutiny;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class PracticeTest extends ApplicationTest {
    @Autowired
    Practices practices;

    private MvcTestResult post(Member member, String path, String school) {
        return mvc.post()
                .uri(path)
                .with(user(member))
                .with(csrf())
                .param("school", school)
                .exchange();
    }

    private String page(Member member, String path) throws Exception {
        return mvc.get().uri(path).with(user(member)).exchange().getResponse().getContentAsString();
    }

    private Flat flatInTurnover() {
        Flat flat = freshFlat("Ropewalk Court");
        asLead(() -> {
            recording.setDates(
                    flat.id(), TODAY, Optional.empty(), Optional.empty(), Scrutiny.AS_USUAL, EditableRow.UNSAVED);
            return flat;
        });
        return asLead(() -> houses.flat(flat.id()));
    }

    @AfterEach
    void backToTheStart() {
        asLead(() -> {
            practices.choose(School.TAPE_UNREACHABLE);
            return true;
        });
    }

    @Test
    void everyQuestionIsShownWithTheReasonsOfAllItsSchools() throws Exception {
        String page = page(member("tobias"), "/practice");
        assertThat(page)
                .contains("House practice", "anyone gets a straight line", "Effects are those on the last plan")
                .doesNotContain("name=\"school\"");
        assertThat(page.split("this is how it is done", -1)).hasSize(Question.values().length + 1);
    }

    @Test
    void questionsAreFoundByTheirWordsAndThoseOfTheirSchools() throws Exception {
        assertThat(page(member("tobias"), "/practice?q=straight"))
                .contains("id=\"TAPING\"")
                .doesNotContain("id=\"CUT_OR_ROLL_FIRST\"");
        assertThat(page(member("tobias"), "/practice?q=zebra")).contains("No question has all these words.");
    }

    @Test
    void theLeadChoosesForTheHouse() throws Exception {
        assertThat(post(member("jonas"), "/practice", "TAPE_EVERYTHING")).hasStatus(403);
        assertThat(post(member("mirela"), "/practice", "TAPE_EVERYTHING")).hasStatus(302);
        assertThat(asLead(practices::ofOrganisation).is(School.TAPE_EVERYTHING)).isTrue();
        assertThat(as(stranger(), practices::ofOrganisation).is(School.TAPE_EVERYTHING))
                .isFalse();
        assertThat(post(member("mirela"), "/practice", "PAINT_WITH_A_SPOON")).hasStatus(404);
    }

    @Test
    void aJobIsDoneOtherwiseWithoutTouchingTheHouse() throws Exception {
        Flat flat = flatInTurnover();
        String path = "/flats/" + flat.id() + "/practice";
        assertThat(post(member("jonas"), path, "TAPE_EVERYTHING")).hasStatus(302);
        Optional<UUID> turnover = flat.turnover().map(Turnover::id);
        assertThat(asLead(() -> practices.of(turnover)).is(School.TAPE_EVERYTHING))
                .isTrue();
        assertThat(asLead(practices::ofOrganisation).is(School.TAPE_EVERYTHING)).isFalse();
        assertThat(page(member("jonas"), path)).contains("otherwise in this job");
        // as the house does it is no exception
        post(member("jonas"), path, "TAPE_UNREACHABLE");
        assertThat(asLead(() -> practices.otherwise(turnover.orElseThrow()))).isEmpty();
    }

    @Test
    void otherHousesAndOrganisationsCannotSetIt() {
        Flat flat = flatInTurnover();
        String path = "/flats/" + flat.id() + "/practice";
        assertThat(post(member("emeka"), path, "TAPE_EVERYTHING")).hasStatus(403);
        assertThat(post(stranger(), path, "TAPE_EVERYTHING")).hasStatus(404);
    }
}
