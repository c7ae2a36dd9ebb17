package lumko.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.io.UnsupportedEncodingException;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.app.account.GuestLinks;
import lumko.app.account.Member;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Who has a guest's link reads one sheet, and nothing else, until it is over. */
class GuestTest extends ApplicationTest {
    @Autowired
    GuestLinks guests;

    private UUID sheet() throws UnsupportedEncodingException {
        Matcher sheet = Pattern.compile("/sheets/([0-9a-f-]{36})")
                .matcher(mvc.get()
                        .uri("/flats/" + flat("Ropewalk Court", 3).id())
                        .with(user(member("mirela")))
                        .exchange()
                        .getResponse()
                        .getContentAsString());
        assertThat(sheet.find()).isTrue();
        return UUID.fromString(sheet.group(1));
    }

    private MvcTestResult post(Member by, String path, Map<String, String> fields) {
        var request = mvc.post().uri(path).with(user(by)).with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    private HttpResponse<String> open(String path) {
        return SignedInClient.nobody(port).get(path);
    }

    @Test
    void readsOneSheetUntilItIsRevoked() throws UnsupportedEncodingException {
        UUID sheet = sheet();
        MvcTestResult invited = post(member("saoirse"), "/sheets/" + sheet + "/guests", Map.of("days", "7"));
        assertThat(invited).hasStatus(302);
        String link = String.valueOf(invited.getMvcResult().getFlashMap().get("guestLink"))
                .replaceAll("https?://[^/]+", "");

        HttpResponse<String> paper = open(link);
        assertThat(paper.statusCode()).isEqualTo(200);
        assertThat(paper.headers().firstValue("Content-Type")).contains("application/pdf");
        assertThat(paper.body()).startsWith("%PDF");
        assertThat(open(link.replace(".pdf", "x.pdf")).statusCode()).isEqualTo(404);
        // it opens nothing else
        assertThat(open("/sheets/" + sheet).headers().firstValue("Location").orElse("")
                        + open("/sheets/" + sheet).body())
                .contains("login");

        UUID id = as(member("saoirse"), () -> guests.ofSheet(sheet)).getLast().id();
        assertThat(post(stranger(), "/guests/" + id + "/revoke", Map.of())).hasStatus(404);
        for (String other : List.of("tobias", "emeka")) {
            assertThat(post(member(other), "/guests/" + id + "/revoke", Map.of()))
                    .hasStatus(403);
        }
        assertThat(post(member("saoirse"), "/guests/" + id + "/revoke", Map.of()))
                .hasStatus(302);
        assertThat(open(link).statusCode()).isEqualTo(404);
    }

    @Test
    void isGivenByThoseWhoseRecordsTheyAre() throws UnsupportedEncodingException {
        UUID sheet = sheet();
        assertThat(post(member("tobias"), "/sheets/" + sheet + "/guests", Map.of("days", "7")))
                .hasStatus(403);
        assertThat(post(member("emeka"), "/sheets/" + sheet + "/guests", Map.of("days", "7")))
                .hasStatus(403);
        assertThat(post(stranger(), "/sheets/" + sheet + "/guests", Map.of("days", "7")))
                .hasStatus(404);
        assertThat(post(member("mirela"), "/sheets/" + sheet + "/guests", Map.of("days", "400")))
                .hasStatus(404);
    }

    @Test
    void isOverAfterItsDays() throws UnsupportedEncodingException {
        UUID sheet = sheet();
        String secret = asLead(() -> guests.issue(sheet, Duration.ofDays(1)));
        assertThat(guests.find(secret)).isPresent();
        assertThat(clock.at(clock.instant().plus(Duration.ofHours(25)), () -> guests.find(secret)))
                .isEmpty();
    }
}
