package lumko.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.app.account.CalendarLinks;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Calendars as programs read them: without signing in, by a secret, over the real server. */
class CalendarTest extends ApplicationTest {
    private static final Pattern LINK = Pattern.compile("/calendar/[\\w-]+\\.ics");

    @Autowired
    Days days;

    @Autowired
    CalendarLinks links;

    private String link(String login, Map<String, String> of) {
        SignedInClient client = SignedInClient.of(port, login);
        HttpResponse<String> answer = client.post("/plan/calendars", of);
        assertThat(answer.statusCode()).isIn(200, 302);
        String person = of.containsKey("person") ? "?person=" + of.get("person") : "";
        Matcher link = LINK.matcher(client.get("/plan/days" + person).body());
        assertThat(link.find()).isTrue();
        return link.group();
    }

    private static ICalendar read(String text) {
        ICalendar calendar = Biweekly.parse(text).first();
        assertThat(calendar.validate(biweekly.ICalVersion.V2_0).isEmpty()).isTrue();
        return calendar;
    }

    private HttpResponse<String> anybody(String path) {
        return SignedInClient.nobody(port).get(path);
    }

    @Test
    void anothersLibraryReadsThePaintersDays() {
        UUID jonas = member("jonas").personId();
        HttpResponse<String> answer = anybody(link("jonas", Map.of("person", jonas.toString())));
        assertThat(answer.headers().firstValue("Content-Type"))
                .hasValueSatisfying(type -> assertThat(type).startsWith("text/calendar"));
        List<VEvent> events = read(answer.body()).getEvents();
        List<Days.Stay> stays = asLead(() -> days.stays(Optional.of(jonas), Optional.empty()));
        assertThat(events).hasSameSizeAs(stays).isNotEmpty();
        for (int i = 0; i < stays.size(); i++) {
            VEvent event = events.get(i);
            assertThat(event.getDateStart().getValue().toInstant())
                    .isEqualTo(stays.get(i).from());
            assertThat(event.getDateEnd().getValue().toInstant())
                    .isEqualTo(stays.get(i).to());
            assertThat(event.getSummary().getValue()).isEqualTo(stays.get(i).flat());
            assertThat(event.getDescription().getValue())
                    .contains(stays.get(i).what().getFirst());
        }
        assertThat(events.stream().map(event -> event.getUid().getValue())).doesNotHaveDuplicates();
    }

    @Test
    void aHousesCalendarNamesWhoComes() {
        UUID house = asLead(houses::all).getFirst().id();
        List<VEvent> events = read(anybody(link("mirela", Map.of("house", house.toString())))
                        .body())
                .getEvents();
        assertThat(events)
                .isNotEmpty()
                .allSatisfy(event -> assertThat(event.getSummary().getValue())
                        .startsWith("Ropewalk Court")
                        .contains(": "));
    }

    @Test
    void revokedNobodyReadsByIt() {
        UUID jonas = member("jonas").personId();
        String link = link("jonas", Map.of("person", jonas.toString()));
        assertThat(anybody(link).statusCode()).isEqualTo(200);
        UUID last = asLead(links::all).getLast().id();
        SignedInClient.of(port, "jonas").post("/plan/calendars/" + last + "/revoke", Map.of());
        assertThat(anybody(link).statusCode()).isEqualTo(404);
        assertThat(anybody("/calendar/guessed.ics").statusCode()).isEqualTo(404);
    }

    @Test
    void nobodyMakesALinkToAnothersDays() {
        UUID mirela = member("mirela").personId();
        assertThat(SignedInClient.of(port, "jonas")
                        .post("/plan/calendars", Map.of("person", mirela.toString()))
                        .statusCode())
                .isEqualTo(403);
    }

    @Test
    void thePlanAsATable() {
        HttpResponse<String> answer = SignedInClient.of(port, "tobias").get("/plan.csv");
        assertThat(answer.body().lines().findFirst()).contains("begins,ends,painter,flat,work,dry");
        assertThat(answer.body().lines().count()).isGreaterThan(10);
        assertThat(answer.body()).contains("Ropewalk Court 12");
    }
}
