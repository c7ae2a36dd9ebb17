package lumko.app.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.List;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.catalogue.PaintBook;
import lumko.app.house.SeenPaints;
import lumko.app.platform.NotFoundException;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.colour.Srgb;
import lumko.core.quantity.Volume;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class FindTest extends ApplicationTest {
    @Autowired
    SeenPaints seen;

    @Autowired
    Finder finder;

    @Autowired
    Store store;

    private List<String> titles(String typed) {
        return asLead(() -> finder.find(typed)).hits().stream()
                .map(Finder.Hit::title)
                .toList();
    }

    @Test
    void aColourByNameOrCode() {
        assertThat(titles("oat husk")).contains("Oat Husk");
        assertThat(titles("AT-11")).containsExactly("Oat Husk");
    }

    @Test
    void aTinByLabelBatchOrPlace() {
        assertThat(titles("0401")).contains("0401 Oat Husk");
        assertThat(titles("brickfield floor")).isNotEmpty().allMatch(title -> title.contains("Chalk Yard"));
    }

    @Test
    void aFlatByHouseAndNumberAndAPerson() {
        assertThat(titles("ropewalk 7")).first().isEqualTo("Ropewalk Court 7");
        assertThat(titles("7 Ropewalk")).first().isEqualTo("Ropewalk Court 7");
        assertThat(titles("flat 7 ropewalk court")).first().isEqualTo("Ropewalk Court 7");
        assertThat(titles("flat 7")).startsWith("Ropewalk Court 7", "Brickfield House 7");
        asLead(() -> recording.addFlat(flat("Tern Terrace", 1).house().id(), "Garden", 9, 9));
        assertThat(titles("garden tern")).containsExactly("Tern Terrace Garden");
        assertThat(titles("garden")).contains("Tern Terrace Garden");
        assertThat(titles("saoirse")).containsExactly("Saoirse Lindqvist");
        assertThat(titles("no such thing")).isEmpty();
        assertThat(titles("   ")).isEmpty();
    }

    @Test
    void ofManyTheFirstAndThatThereAreMore() {
        Finder.Found all = asLead(() -> finder.find("flat"));
        assertThat(all.hits()).hasSize(20).allMatch(hit -> hit.what().equals("find.flat"));
        assertThat(all.hasMore()).isTrue();
        assertThat(asLead(() -> finder.find("ropewalk 7")).hasMore()).isFalse();
        assertThat(mvc.get().uri("/find?q=flat").with(user(member("tobias"))))
                .bodyText()
                .contains("add a word to find it");
        assertThat(mvc.get().uri("/find?q={q}", "ropewalk 7").with(user(member("tobias"))))
                .bodyText()
                .doesNotContain("add a word to find it");
    }

    @ParameterizedTest
    @CsvSource({
        "oat husc, Oat Husk",
        "ropwalk 7, Ropewalk Court 7",
        "flat 7 roepwalk cuort, Ropewalk Court 7",
        "hearht mat, Umberfield Hearth Matt",
        "SAIORSE, Saoirse Lindqvist"
    })
    void whatIsMistypedByAThumb(String typed, String title) {
        assertThat(titles(typed)).contains(title);
    }

    @Test
    void whatWasLookedForInsteadIsSaid() {
        assertThat(mvc.get().uri("/find?q={q}", "oat husc").with(user(member("tobias"))))
                .bodyText()
                .contains("Nothing on record has “oat husc”. This has “oat husk”:");
        assertThat(mvc.get().uri("/find?q={q}", "oat husk").with(user(member("tobias"))))
                .bodyText()
                .doesNotContain("Nothing on record has");
    }

    @ParameterizedTest
    @ValueSource(strings = {"ropewalk 977", "AT-99", "xylophone", "oak"})
    void numbersAndShortWordsAreWhatTheyAre(String typed) {
        assertThat(titles(typed)).isEmpty();
        assertThat(mvc.get().uri("/find?q={q}", typed).with(user(member("tobias"))))
                .bodyText()
                .contains("Nothing on record has all these words.");
    }

    @Test
    void aColourNearAnother() {
        asLead(() -> paints.addColour("Buoy Flare", "", Srgb.ofHex("#ff3b00")));
        List<PaintBook.Near> near =
                asLead(() -> finder.near(Srgb.ofHex("#fe3c02").lab()));
        assertThat(near.getFirst().colour().name()).isEqualTo("Buoy Flare");
        assertThat(near).extracting(PaintBook.Near::difference).isSorted();
        assertThat(mvc.get().uri("/find?q={q}", "#fe3c02").with(user(member("tobias"))))
                .bodyText()
                .contains("Nearest to #fe3c02", "Buoy Flare");
    }

    @Test
    void whereElseAPaintIs() {
        String link = asLead(() -> finder.find("AT-11")).hits().getFirst().link();
        UUID oatHusk = UUID.fromString(link.substring("/colours/".length()));
        assertThat(mvc.get().uri(link).with(user(member("tobias"))))
                .hasStatusOk()
                .bodyText()
                .contains("Ropewalk Court 7", "LRV", "measured: true under every light")
                .doesNotContain("Merge");
        Finder.Whereabouts whereabouts = asLead(() -> finder.whereabouts(oatHusk));
        assertThat(whereabouts.places().flats())
                .extracting(found -> found.door().name())
                .contains("Ropewalk Court 7");
        assertThat(whereabouts.shelf().tins()).hasSizeGreaterThanOrEqualTo(4);
        assertThatThrownBy(() -> as(stranger(), () -> finder.whereabouts(oatHusk)))
                .isInstanceOf(NotFoundException.class);
    }

    @Test
    void ofManyTinsOfAColourTheFirstAreShownAndTheRestCounted() {
        UUID colour = asLead(() -> paints.addColour("Many Tins", "", Srgb.ofHex("#d0c8b8")));
        UUID product = asLead(() -> paints.book().productsByName().getFirst().id());
        for (int tin = 0; tin < 33; tin++) {
            String label = "MT" + tin;
            asLead(() -> store.addTin(
                    label, product, colour, "", Volume.ofLitres(1), Volume.ofLitres(1), "shelf with many", ""));
        }
        assertThat(mvc.get().uri("/colours/" + colour).with(user(member("mirela"))))
                .hasStatusOk()
                .bodyText()
                .contains("17 more tins in the store", "MT0")
                .doesNotContain("MT9");
        Store.Shelf found = asLead(() -> store.shelf("many SHELF mt3", true, 2));
        assertThat(found.tins()).extracting(Tin::label).containsExactly("MT3", "MT30");
        assertThat(found.more()).isEqualTo(2);
    }

    @Test
    void twoEntriesOfOneColourAreMergedWithoutLosingWhatHangsOnThem() {
        UUID first = asLead(() -> paints.addColour("Merge Me", "", Srgb.ofHex("#e0d8c8")));
        UUID second = asLead(() -> paints.addColour("Merge Me Too", "", Srgb.ofHex("#e0d8c8")));
        asLead(() -> {
            PaintBook stock = paints.book();
            return store.addTin(
                    "M1",
                    stock.productsByName().getFirst().id(),
                    second,
                    "",
                    Volume.ofLitres(1),
                    Volume.ofLitres(1),
                    "shelf",
                    "");
        });
        assertThat(post(member("jonas"), "/colours/" + second + "/merge", first))
                .hasStatus(403);
        assertThat(post(member("mirela"), "/colours/" + second + "/merge", first))
                .hasStatus(302);
        assertThat(titles("merge me")).contains("Merge Me", "M1 Merge Me").doesNotContain("Merge Me Too");
        assertThat(asLead(() -> finder.whereabouts(first)).shelf().tins()).hasSize(1);
        assertThat(mvc.get().uri("/colours/" + first).with(user(member("mirela"))))
                .hasStatusOk()
                .bodyText()
                .contains("Also entered as “Merge Me Too”", "is another colour after all");
        assertThat(mvc.get().uri("/colours/" + first).with(user(stranger()))).hasStatus(404);
        assertThat(asLead(() -> finder.whereabouts(second)).colour().id()).isEqualTo(first);
        assertThat(post(member("mirela"), "/colours/" + first + "/merge", first))
                .hasStatus(409);
        post(member("mirela"), "/colours/" + second + "/separate", first);
        assertThat(titles("merge me")).contains("M1 Merge Me Too");
    }

    private MvcTestResult post(Member member, String path, UUID into) {
        return mvc.post()
                .uri(path)
                .with(user(member))
                .with(csrf())
                .param("into", into.toString())
                .exchange();
    }

    @Test
    void wallsNobodyHasIdentified() {
        freshFlat("Tern Terrace");
        assertThat(asLead(() -> seen.notIdentified(10_000)).flats())
                .extracting(found -> found.door().name())
                .contains("Brickfield House 19");
        assertThat(asLead(() -> seen.notIdentified(1)))
                .satisfies(found -> assertThat(found.flats()).hasSize(1))
                .satisfies(found -> assertThat(found.hasMore()).isTrue());
        assertThat(as(stranger(), finder::unidentified).flats()).isEmpty();
    }

    @Test
    void thePageTakesWordsAndColours() {
        assertThat(mvc.get().uri("/find?q={q}", "#e6d").with(user(member("tobias"))))
                .bodyText()
                .contains("#rrggbb");
        assertThat(mvc.get().uri("/find").with(user(member("tobias"))))
                .bodyText()
                .contains("nobody has identified");
    }
}
