package lumko.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.UnsupportedEncodingException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.account.Settings;
import lumko.app.catalogue.Colour;
import lumko.app.house.Flat;
import lumko.app.platform.UnitSystem;
import lumko.app.store.Store;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** The organisation is called otherwise, and reads other units and words: then none of the old ones are left over. */
class OrganisationTest extends ApplicationTest {
    private static final String SOCIETY = "Alder & Tern Housing Society";

    /** Units and words that nobody reads in the United States. */
    private static final Pattern BRITISH = Pattern.compile(
            "(?i)\\b(colours?|coloured|grey|skirtings?|torch|plasterboard|litres?|metres?|tins?|dust sheets?|filling knife"
                    + "|mould|centre|sockets?)\\b|[\\d½] ?(mm|cm|m|m²|L|ml|°C|kg)\\b(?![/*])");

    /** And those that nobody reads elsewhere. */
    private static final Pattern AMERICAN = Pattern.compile(
            "(?i)\\b(colors?|gray|baseboards?|flashlight|drywall|spackle|drop cloths?)\\b|(?<![:\\d])\\d+(\\.\\d+)? ?(in|ft|ft²|gal|qt|fl oz|°F)\\b(?! \\d)");

    @Autowired
    Store store;

    @AfterEach
    void asItWas() {
        accounts.change(member("mirela"), new Settings(SOCIETY, UnitSystem.METRIC, "Europe/London"));
    }

    private MvcTestResult change(Member by, String name, String units, String zone) {
        return mvc.post()
                .uri("/organisation")
                .param("organisation", name)
                .param("units", units)
                .param("zone", zone)
                .with(user(by))
                .with(csrf())
                .exchange();
    }

    @Test
    void isChangedByTheLeadAndTold() {
        assertThat(change(member("jonas"), "Ours", "US", "America/Denver")).hasStatus(403);
        assertThat(change(member("tobias"), "Ours", "US", "America/Denver")).hasStatus(403);
        assertThat(change(member("mirela"), "", "US", "Nowhere/Nothing"))
                .hasStatus(422)
                .bodyText()
                .contains("Organisation is missing.", "is not a known time zone");
        assertThat(change(member("mirela"), "Alder Homes", "METRIC", "Europe/Dublin"))
                .hasStatus(302);
        assertThat(member("jonas").organisation()).isEqualTo("Alder Homes");
        assertThat(member("jonas").zone()).isEqualTo("Europe/Dublin");
        assertThat(mvc.get().uri("/history").with(user(member("mirela"))))
                .bodyText()
                .contains("metric (m, L, °C), Europe/London → Alder Homes");
    }

    private List<String> views() {
        Flat flat = flat("Ropewalk Court", 7);
        UUID wall = wall(flat, 0).id();
        UUID paint = asLead(() -> paints.book().coloursByName().getFirst().id());
        UUID product = asLead(() -> paints.book().productsByName().getFirst().id());
        Matcher sheet = Pattern.compile("/sheets/[0-9a-f-]{36}")
                .matcher(body("/flats/" + flat("Ropewalk Court", 3).id()));
        assertThat(sheet.find()).isTrue();
        UUID tin = asLead(() -> store.all().getFirst().id());
        return List.of(
                "/",
                "/flats/" + flat.id(),
                sheet.group(),
                "/flats/" + flat.id() + "/set-up",
                "/flats/" + flat.id() + "/rooms/new",
                "/flats/" + flat.id() + "/practice",
                "/walls/" + wall + "/walk",
                "/walls/" + wall + "/reading",
                "/surfaces/" + wall + "/edit",
                "/store",
                "/store/tins/" + tin,
                "/paints",
                "/colours/" + paint,
                "/products/" + product,
                "/bench",
                "/plan",
                "/plan/days",
                "/plan/hours",
                "/figures",
                "/figures?q=i",
                "/practice",
                "/minutes",
                "/outcomes",
                "/people",
                "/tables",
                "/exchange",
                "/find?q=oat",
                "/houses/" + flat.house().id(),
                "/houses/new");
    }

    private String body(String view) {
        MvcTestResult answer = mvc.get().uri(view).with(user(member("mirela"))).exchange();
        assertThat(answer).as(view).hasStatusOk();
        try {
            return answer.getResponse().getContentAsString();
        } catch (UnsupportedEncodingException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }

    /** What somebody reads on a view, or hears: not what they have typed themselves, nor names. */
    private List<String> read(String view, Pattern stray) {
        Document page = Jsoup.parse(body(view));
        page.select("script, [data-as-typed]").remove();
        StringBuilder text = new StringBuilder(page.text());
        page.select("[aria-label], [title], [placeholder]").forEach(each -> {
            for (String attribute : List.of("aria-label", "title", "placeholder")) {
                text.append(" · ").append(each.attr(attribute));
            }
        });
        List<String> found = new ArrayList<>();
        String read = withoutColourNames(text.toString());
        Matcher matcher = stray.matcher(read);
        while (matcher.find()) {
            found.add(view.replaceAll("[0-9a-f-]{36}", "…") + ": …"
                    + read.substring(Math.max(0, matcher.start() - 40), Math.min(read.length(), matcher.end() + 20)));
        }
        return found;
    }

    /** Colours are called what somebody called them, in either spelling. */
    private String withoutColourNames(String text) {
        String rest = text;
        for (Colour colour : asLead(() -> paints.book().coloursByName())) {
            rest = rest.replace(colour.name(), "·");
        }
        return rest;
    }

    /** How wide the paper of a sheet is, in points. */
    private double paper() {
        String sheet = views().stream()
                .filter(view -> view.startsWith("/sheets/"))
                .findFirst()
                .orElseThrow();
        byte[] pdf = mvc.get()
                .uri(sheet + "/lumko-sheet.pdf")
                .with(user(member("mirela")))
                .exchange()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getPage(0).getMediaBox().getWidth();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    @Test
    void noUnitOrWordOfTheOtherSideIsLeftOver() {
        List<String> strayAtHome =
                views().stream().flatMap(view -> read(view, AMERICAN).stream()).toList();
        assertThat(strayAtHome).isEmpty();
        assertThat(paper()).isCloseTo(210 / 25.4 * 72, within(1.0));
        accounts.change(member("mirela"), new Settings(SOCIETY, UnitSystem.US, "America/New_York"));
        List<String> strayAbroad =
                views().stream().flatMap(view -> read(view, BRITISH).stream()).toList();
        assertThat(strayAbroad).isEmpty();
        assertThat(paper()).isEqualTo(8.5 * 72);
    }
}
