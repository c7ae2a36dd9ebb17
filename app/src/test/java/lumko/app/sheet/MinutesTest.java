package lumko.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.List;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.figure.Figures;
import lumko.core.figure.Figure;
import lumko.core.job.Pace;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class MinutesTest extends ApplicationTest {
    @Autowired
    Minutes minutes;

    @Autowired
    Figures figures;

    private MvcTestResult take(Member member, String kind) {
        return mvc.post()
                .uri("/minutes/" + kind)
                .with(user(member))
                .with(csrf())
                .exchange();
    }

    @Test
    void anOrganisationSeesItsOwnTimesOnly() {
        List<Pace> pace = asLead(minutes::pace);
        assertThat(pace).isNotEmpty().allMatch(each -> each.ratio() > 0);
        assertThat(as(stranger(), minutes::pace)).isEmpty();
    }

    @Test
    void anOfferedMedianBecomesTheFigureAndIsNotOfferedAgain() {
        Pace offered = asLead(minutes::pace).stream()
                .filter(pace -> pace.isOffered() && pace.figure().isPresent() && Math.abs(pace.ratio() - 1) > 0.01)
                .findFirst()
                .orElseThrow();
        Figure figure = offered.figure().orElseThrow();
        assertThat(take(member("jonas"), offered.kind().name())).hasStatus(403);
        double own = offered.ownFigure(figure, asLead(figures::catalogue));
        assertThat(take(member("mirela"), offered.kind().name())).hasStatus(302);
        assertThat(asLead(figures::catalogue).value(figure)).isCloseTo(own, Offset.offset(0.005));
        asLead(() -> {
            figures.reset(figure);
            return figure;
        });
        assertThat(take(member("mirela"), "TEST_PATCH")).hasStatus(404);
    }
}
