package lumko.app.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.List;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.platform.NotFoundException;
import lumko.core.colour.Srgb;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class FindTest extends ApplicationTest {
    @Autowired
    Finder finder;

    private List<String> titles(String typed) {
        return asLead(() -> finder.find(typed)).stream().map(Finder.Hit::title).toList();
    }

    @Test
    void aColourByNameOrCode() {
        assertThat(titles("oat husk")).contains("Oat Husk");
        assertThat(titles("AT-11")).containsExactly("Oat Husk");
    }

    @Test
    void aTinByLabelBatchOrPlace() {
        assertThat(titles("0401")).containsExactly("0401 Oat Husk");
        assertThat(titles("brickfield floor")).isNotEmpty().allMatch(title -> title.contains("Chalk Yard"));
    }

    @Test
    void aFlatByHouseAndNumberAndAPerson() {
        assertThat(titles("ropewalk 7")).contains("Ropewalk Court 7");
        assertThat(titles("saoirse")).containsExactly("Saoirse Lindqvist");
        assertThat(titles("no such thing")).isEmpty();
        assertThat(titles("   ")).isEmpty();
    }

    @Test
    void aColourNearAnother() {
        List<Finder.Near> near = asLead(() -> finder.near(Srgb.ofHex("#e6dece").lab()));
        assertThat(near.getFirst().colour().name()).isEqualTo("Oat Husk");
        assertThat(near).extracting(Finder.Near::difference).isSorted();
    }

    @Test
    void whereElseAPaintIs() {
        String link = asLead(() -> finder.find("AT-11")).getFirst().link();
        UUID oatHusk = UUID.fromString(link.substring("/colours/".length()));
        Finder.Whereabouts whereabouts = asLead(() -> finder.whereabouts(oatHusk));
        assertThat(whereabouts.places()).extracting(Finder.Place::name).contains("Ropewalk Court 7");
        assertThat(whereabouts.tins()).hasSizeGreaterThanOrEqualTo(4);
        assertThatThrownBy(() -> as(stranger(), () -> finder.whereabouts(oatHusk)))
                .isInstanceOf(NotFoundException.class);
    }

    @Test
    void wallsNobodyHasIdentified() {
        assertThat(asLead(finder::unidentified)).extracting(Finder.Place::name).contains("Brickfield House 19");
        assertThat(as(stranger(), finder::unidentified)).isEmpty();
    }

    @Test
    void thePageTakesWordsAndColours() {
        assertThat(mvc.get().uri("/find?q={q}", "#e6dece").with(user(member("tobias"))))
                .bodyText()
                .contains("Nearest to #e6dece", "Oat Husk");
        assertThat(mvc.get().uri("/find?q={q}", "#e6d").with(user(member("tobias"))))
                .bodyText()
                .contains("#rrggbb");
        assertThat(mvc.get().uri("/find").with(user(member("tobias"))))
                .bodyText()
                .contains("nobody has identified");
    }
}
