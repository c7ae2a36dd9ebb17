package lumko.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.store.Store;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class BenchTest extends ApplicationTest {
    @Autowired
    Store store;

    @Autowired
    Houses houses;

    private String id(String colour) {
        return asLead(() -> paints.book().coloursByName().stream()
                .filter(each -> each.name().equals(colour))
                .findFirst()
                .orElseThrow()
                .id()
                .toString());
    }

    private MvcTestResult get(String query, String... values) {
        return mvc.get()
                .uri("/bench?" + query, (Object[]) values)
                .with(user(member("tobias")))
                .exchange();
    }

    @Test
    void twoColoursSideBySideInWordsAPainterUses() {
        assertThat(get("one={a}&other={b}", id("Oat Husk"), id("Harbour Milk")))
                .hasStatusOk()
                .bodyText()
                .contains("ΔE00", "tungsten lamp", "LRV", "Coats of Harbour Milk over Oat Husk");
        assertThat(get("one={a}&other={a}", id("Oat Husk"), id("Oat Husk")))
                .bodyText()
                .contains("ΔE00 0.0", "One coat hides it.");
    }

    /** A metameric pair: alike in daylight, apart under the lamp, on the page and in what is shown. */
    @Test
    void theBoothShowsBothUnderTheChosenLight() {
        String one = id("Oat Husk");
        String like = asLead(() -> {
            Lab lab = Colorimetry.DAYLIGHT.lab(
                    paints.book().colours().get(UUID.fromString(one)).spectrum());
            return "lab:%s,%s,%s".formatted(lab.lightness(), lab.a(), lab.b());
        });
        assertThat(get("one={a}&other={b}", one, like))
                .bodyText()
                .contains("daylight, ΔE00 0.00")
                .contains("light=A");
        assertThat(get("one={a}&other={b}&light=A&litres=2", one, like))
                .bodyText()
                .contains("tungsten lamp, ΔE00 ")
                .doesNotContain("tungsten lamp, ΔE00 0.00")
                .contains("name=\"light\" value=\"A\"")
                .contains("light=F11");
        assertThat(get("one={a}&other={b}&light=candle", one, like))
                .hasStatus(422)
                .bodyText()
                .contains("Light");
    }

    @Test
    void whatNobodyMeasuredIsCalledApproximate() {
        assertThat(get("one={a}&other={b}", id("Kelp Cellar"), id("Oat Husk")))
                .bodyText()
                .containsOnlyOnce("approximate, never measured");
    }

    @Test
    void aRecipeAFixedTinAndAMixFromTheStore() {
        assertThat(get("one={a}&other={b}&from=WHITE_BASE&tinful=2500&step=0.1", id("Oat Husk"), id("Wet Slate")))
                .hasStatusOk()
                .bodyText()
                .contains("id=\"recipe\"", " ml</b>", "ml afterwards");
        assertThat(get("one={a}&other={b}&from=THE_TIN&tinful=2500&step=0.1", id("Oat Husk"), "lab:84,1.5,8"))
                .bodyText()
                .contains("ml afterwards");
        assertThat(get("one={a}&other={b}&litres=2", id("Oat Husk"), id("Wet Slate")))
                .bodyText()
                .contains("id=\"mix\"", "A mix cannot be made again");
    }

    @Test
    void aResultIsKeptWithItsLinkAndForgotten() throws Exception {
        String link = "/bench?one=" + id("Oat Husk") + "&other=" + id("Wet Slate") + "&litres=2";
        assertThat(mvc.post()
                        .uri("/bench")
                        .with(user(member("jonas")))
                        .with(csrf())
                        .param("link", link)
                        .param("words", "grey from what is left")
                        .exchange())
                .hasStatus(302)
                .hasRedirectedUrl(link);
        assertThat(get("one={a}", id("Oat Husk"))).bodyText().contains("grey from what is left", "Jonas Petrak");
        assertThat(mvc.get().uri("/bench").with(user(stranger()))).bodyText().doesNotContain("grey from what is left");
        assertThat(mvc.post()
                        .uri("/bench")
                        .with(user(member("jonas")))
                        .with(csrf())
                        .param("link", "https://elsewhere.example/")
                        .param("words", "no")
                        .exchange())
                .hasStatus(422);
        assertThat(mvc.post()
                        .uri("/bench")
                        .with(user(member("tobias")))
                        .with(csrf())
                        .param("link", link)
                        .param("words", "office"))
                .hasStatus(403);
    }

    @Test
    void aResultIsKeptForASurfaceAndShownOnItsWalk() {
        UUID wall = asLead(() -> houses.all().stream()
                .flatMap(house -> houses.facades().stream())
                .flatMap(facade -> facade.windows().stream())
                .map(window -> houses.flat(window.flatId()))
                .flatMap(Flat::walls)
                .findFirst()
                .orElseThrow()
                .id());
        String link = "/bench?one=" + id("Oat Husk") + "&other=" + id("Wet Slate") + "&surface=" + wall;
        assertThat(keep(link, "two coats of slate", "surface:" + wall)).hasStatus(302);
        assertThat(mvc.get().uri("/walls/" + wall + "/walk").with(user(member("jonas"))))
                .bodyText()
                .contains("two coats of slate", "It reflects", " lighter");
        assertThat(mvc.get().uri(link).with(user(member("jonas"))))
                .bodyText()
                .contains("value=\"surface:" + wall + "\"", "for a surface · ");
        assertThat(mvc.get().uri(link).with(user(stranger()))).hasStatus(404);
    }

    @ParameterizedTest
    @CsvSource({
        "surface:00000000-0000-0000-0000-000000000001, 404",
        "sheet:00000000-0000-0000-0000-000000000001, 404",
        "tin:00000000-0000-0000-0000-000000000001, 404",
        "shelf:00000000-0000-0000-0000-000000000001, 422",
        "anything, 422"
    })
    void whatItIsForHasToBeThere(String keepFor, int status) {
        assertThat(keep("/bench?one=" + id("Oat Husk"), "for nothing", keepFor)).hasStatus(status);
    }

    private MvcTestResult keep(String link, String words, String keepFor) {
        return mvc.post()
                .uri("/bench")
                .with(user(member("jonas")))
                .with(csrf())
                .param("link", link)
                .param("words", words)
                .param("keep-for", keepFor)
                .exchange();
    }

    @Test
    void theOddsOfOneMoreAndHowItLooksWet() {
        assertThat(get("one={a}&other={b}", id("Kelp Cellar"), id("Harbour Milk")))
                .bodyText()
                .contains("Chance that coat number 3 is needed", "least work", "judge it dry");
        assertThat(get("one={a}&other={b}", id("Harbour Milk"), id("Kelp Cellar")))
                .bodyText()
                .contains("Wet it looks lighter by");
    }

    @Test
    void aRecipeInGramsForAScale() {
        assertThat(get(
                        "one={a}&other={b}&from=WHITE_BASE&tinful=3200&step=1&unit=GRAMS",
                        id("Oat Husk"),
                        id("Wet Slate")))
                .hasStatusOk()
                .bodyText()
                .contains(" g</b>", " g afterwards");
    }

    @Test
    void anUndercoatIsWeighedAgainstMoreCoats() {
        assertThat(get("one={a}&other={b}", id("Kelp Cellar"), id("Harbour Milk")))
                .bodyText()
                .contains("finish alone", "undercoat, then finish");
    }

    @Test
    void aMixHasToLastForTheArea() {
        assertThat(get("one={a}&other={b}&litres=2&area=30", id("Oat Husk"), id("Wet Slate")))
                .bodyText()
                .contains("Do not start:");
        assertThat(get("one={a}&other={b}&litres=2&area=4", id("Oat Husk"), id("Wet Slate")))
                .bodyText()
                .contains("It lasts:");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "tinful=1&step=0.1&from=WHITE_BASE | Tin must be 50–300000 ml, was 1 ml.",
                "tinful=2500&step=0.1&from=MILK | Start from must be one of the choices",
                "litres=0 | Litres must be 0.05–1000 L, was 0 L."
            })
    void whatCannotBeIsNamed(String query, String sentence) {
        assertThat(get("one={a}&other={b}&" + query, id("Oat Husk"), id("Wet Slate")))
                .hasStatus(422)
                .bodyText()
                .contains(sentence);
    }

    @Test
    void coloursThatAreWrittenWrongAreNamed() {
        assertThat(get("one={a}", "lab:1,2")).hasStatus(422).bodyText().contains("A colour is written lab:L,a,b");
        assertThat(get("one={a}", "#12345")).hasStatus(422).bodyText().contains("written like #d8c9a3");
    }

    @Test
    void anotherOrganisationsColourIsNotFound() {
        assertThat(mvc.get()
                        .uri("/bench?one={a}&other={a}", id("Oat Husk"), id("Oat Husk"))
                        .with(user(stranger())))
                .bodyText()
                .doesNotContain("Oat Husk");
    }

    @Test
    void aShadeIsNamedAndIsOneThatIsSeen() {
        assertThat(text(get("one={a}&other={b}", id("Oat Husk"), "darker:1:" + id("Oat Husk"))))
                .contains("one shade darker than Oat Husk", "ΔE00 2.0")
                // the next one goes on from there
                .contains("darker:2:" + id("Oat Husk"));
        assertThat(text(get("one={a}&other={b}", id("Oat Husk"), "lighter:2:" + id("Oat Husk"))))
                .contains("2 shades lighter than Oat Husk");
    }

    private static String text(MvcTestResult result) {
        return new String(result.getResponse().getContentAsByteArray(), java.nio.charset.StandardCharsets.UTF_8);
    }

    @Test
    void aTinIsDarkenedByBlackAlone() {
        String page = text(get(
                "one={a}&other={b}&from=THE_TIN_BY_BLACK&tinful=2500&step=0.1",
                id("Oat Husk"),
                "darker:1:" + id("Oat Husk")));
        String recipe = page.substring(page.indexOf("id=\"recipe\""));
        recipe = recipe.substring(0, recipe.indexOf("</table>"));
        assertThat(recipe).contains("black PBk7").doesNotContain("ochre", "umber", "white PW6");
    }

    @Test
    void whatIsNoShadeIsRefused() {
        assertThat(text(get("one={a}&other={b}", id("Oat Husk"), "darker:99:" + id("Oat Husk"))))
                .contains("A shade is 1 to 9 steps away");
    }
}
