package lumko.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.time.temporal.Temporal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.app.account.CalendarLinks;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DateProperty;
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

    private static List<VEvent> read(String text) {
        try {
            Calendar calendar = new CalendarBuilder().build(new StringReader(text));
            assertThat(calendar.validate().getEntries()).isEmpty();
            return calendar.getComponents(Component.VEVENT);
        } catch (IOException | ParserException problem) {
            throw new AssertionError(text, problem);
        }
    }

    private static Instant moment(VEvent event, String property) {
        return Instant.from(
                event.<DateProperty<Temporal>>getRequiredProperty(property).getDate());
    }

    private static String text(VEvent event, String property) {
        return event.getRequiredProperty(property).getValue();
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
        List<VEvent> events = read(answer.body());
        List<Days.Stay> stays = asLead(() -> days.stays(Optional.of(jonas), Optional.empty()));
        assertThat(events).hasSameSizeAs(stays).isNotEmpty();
        for (int i = 0; i < stays.size(); i++) {
            VEvent event = events.get(i);
            assertThat(moment(event, Property.DTSTART)).isEqualTo(stays.get(i).from());
            assertThat(moment(event, Property.DTEND)).isEqualTo(stays.get(i).to());
            assertThat(text(event, Property.SUMMARY)).isEqualTo(stays.get(i).flat());
            assertThat(text(event, Property.DESCRIPTION))
                    .contains(stays.get(i).what().getFirst());
        }
        assertThat(events.stream().map(event -> text(event, Property.UID))).doesNotHaveDuplicates();
    }

    @Test
    void aHousesCalendarNamesWhoComes() {
        UUID house = asLead(houses::all).getFirst().id();
        List<VEvent> events =
                read(anybody(link("mirela", Map.of("house", house.toString()))).body());
        assertThat(events)
                .isNotEmpty()
                .allSatisfy(event -> assertThat(text(event, Property.SUMMARY))
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
