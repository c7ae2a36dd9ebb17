package lumko.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.catalogue.Paint;
import lumko.core.quantity.Volume;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class TinTest extends ApplicationTest {
    @Autowired
    Store store;

    private UUID tin(String label) {
        return asLead(() -> store.addTin(
                label,
                paints.book().productNamed("Hearth Matt").orElseThrow().id(),
                paints.book().colourNamed("Oat Husk").orElseThrow().id(),
                "b1",
                Volume.ofLitres(5),
                Volume.ofLitres(3),
                "shelf 9",
                ""));
    }

    private MvcTestResult post(Member by, UUID tin, Map<String, String> fields) {
        var request = mvc.post().uri("/store/tins/" + tin).with(user(by)).with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    private static Map<String, String> typed(String label, String left) {
        return new LinkedHashMap<>(Map.of(
                "label", label,
                "productId", "Plain Wall",
                "colourId", "Wet Slate",
                "batch", "b2",
                "size", "2.5",
                "left-in-tin", left,
                "place", "van",
                "version", "0"));
    }

    @Test
    void whatWasEnteredOfATinIsPutRight() {
        UUID id = tin("T-100");
        assertThat(post(member("tobias"), id, typed("T-101", "2"))).hasStatus(403);
        assertThat(post(stranger(), id, typed("T-101", "2"))).hasStatus(404);
        assertThat(post(member("jonas"), id, typed("T-101", "2.6")))
                .hasStatus(422)
                .bodyText()
                .contains("2.6 L");
        assertThat(post(member("jonas"), id, typed("0401", "2")))
                .hasStatus(422)
                .bodyText()
                .contains("“0401” is taken already.");
        assertThat(post(member("jonas"), id, typed("T-101", "2"))).hasStatus(302);
        Tin now = asLead(() -> store.tin(id)).orElseThrow();
        assertThat(now.label()).isEqualTo("T-101");
        assertThat(now.paint().name()).isEqualTo("Wet Slate, Plain Wall");
        assertThat(now.place()).isEqualTo("van");
        assertThat(post(member("jonas"), id, typed("T-102", "2")))
                .as("seen as it was")
                .hasStatus(409);
        assertThat(mvc.get().uri("/history").with(user(member("mirela"))))
                .bodyText()
                .contains(
                        "T-100, Oat Husk, Hearth Matt, 3 L/5 L, shelf 9 → T-101, Wet Slate, Plain Wall, 2 L/2.5 L, van");
    }

    @Test
    void anEmptyOneIsOffTheShelfAndFoundWhenAskedFor() {
        UUID id = tin("T-200");
        assertThat(post(member("jonas"), id, typed("T-200", "0"))).hasStatus(302);
        assertThat(asLead(() -> store.shelf("T-200", false, 10)).tins()).isEmpty();
        assertThat(asLead(() -> store.shelf("t-200 van", true, 10)).tins())
                .extracting(Tin::id)
                .containsExactly(id);
        assertThat(mvc.get().uri("/store?q=t-200").with(user(member("jonas"))))
                .bodyText()
                .contains("No tin has all these words on it.");
    }

    @Test
    void tinsAreFoundByPaintTheFullestFirst() {
        UUID less = tin("T-301");
        UUID more = asLead(() -> {
            Tin like = store.tin(less).orElseThrow();
            return store.addTin(
                    "T-302",
                    like.product().id(),
                    like.colour().id(),
                    "",
                    Volume.ofLitres(10),
                    Volume.ofLitres(9.5),
                    "shelf 9",
                    "");
        });
        Paint paint = asLead(() -> store.tin(less)).orElseThrow().paint();
        assertThat(asLead(() -> store.tinsOf(List.of(paint))).get(paint))
                .extracting(Tin::id)
                .contains(less)
                .startsWith(more);
        assertThat(asLead(() -> store.tins(List.of(less, UUID.randomUUID())))).containsOnlyKeys(less);
    }
}
