package lumko.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
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

    private MvcTestResult post(Member by, Object tin, Map<String, String> fields) {
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

    private UUID like(UUID tin, String label, String batch, double left) {
        return asLead(() -> {
            Tin like = store.tin(tin).orElseThrow();
            return store.addTin(
                    label,
                    like.product().id(),
                    like.colour().id(),
                    batch,
                    Volume.ofLitres(2.5),
                    Volume.ofLitres(left),
                    "shelf 9",
                    "");
        });
    }

    private MvcTestResult pour(Member by, UUID tin, Map<String, String> fields) {
        return post(by, tin + "/pour", fields);
    }

    private static Map<String, String> poured(String label, String size, UUID... others) {
        Map<String, String> fields =
                new LinkedHashMap<>(Map.of("label", label, "size", size, "place", "van", "version", "0"));
        for (UUID other : others) {
            fields.put("with-" + other, "0");
        }
        return fields;
    }

    private Tin now(UUID tin) {
        return asLead(() -> store.tin(tin)).orElseThrow();
    }

    @Test
    void tinsOfOnePaintArePouredTogether() {
        UUID one = tin("T-400");
        UUID other = like(one, "T-401", "b2", 1.2);
        like(one, "T-402", "b2", 0);
        assertThat(mvc.get().uri("/store/tins/" + one + "/pour").with(user(member("jonas"))))
                .bodyText()
                .contains("T-401", "1.2 L left, shelf 9")
                .doesNotContain("T-402");
        assertThat(pour(member("tobias"), one, poured("T-403", "5", other))).hasStatus(403);
        assertThat(pour(stranger(), one, poured("T-403", "5", other))).hasStatus(404);
        assertThat(pour(member("jonas"), one, poured("T-403", "5")))
                .hasStatus(422)
                .bodyText()
                .contains("Say with which other tin.");
        assertThat(pour(member("jonas"), one, poured("T-403", "4", other)))
                .hasStatus(422)
                .bodyText()
                .contains("There cannot be more in the tin (4.2 L) than it holds (4 L).", "checked=\"checked\"");
        assertThat(pour(member("jonas"), one, poured("0401", "5", other)))
                .hasStatus(422)
                .bodyText()
                .contains("“0401” is taken already.");
        assertThat(now(one).left()).isEqualTo(Volume.ofLitres(3));

        assertThat(pour(member("jonas"), one, poured("T-403", "5", other))).hasStatus(302);
        Tin both = asLead(() -> store.labelled("T-403")).orElseThrow();
        assertThat(both.paint()).isEqualTo(now(one).paint());
        assertThat(both.left().inLitres()).isCloseTo(4.2, within(1e-9));
        assertThat(both.batch()).isEqualTo("b1 + b2");
        assertThat(both.place()).isEqualTo("van");
        assertThat(now(one).left()).isEqualTo(Volume.ZERO);
        assertThat(now(other).left()).isEqualTo(Volume.ZERO);
        assertThat(mvc.get().uri("/history").with(user(member("mirela"))))
                .bodyText()
                .contains("T-400 + T-401 poured together → T-403, Oat Husk, Hearth Matt, 4.2 L/5 L, van");
    }

    @Test
    void whatSomebodyHasDippedMeanwhileIsNotPoured() {
        UUID one = tin("T-410");
        UUID other = like(one, "T-411", "", 1);
        asLead(() -> {
            store.dip(other, Volume.ofLitres(0.4), 0);
            return null;
        });
        assertThat(pour(member("jonas"), one, poured("T-412", "5", other))).hasStatus(409);
        asLead(() -> {
            store.dip(other, Volume.ZERO, 1);
            return null;
        });
        UUID third = like(one, "T-413", "", 1);
        assertThat(pour(member("jonas"), one, poured("T-412", "5", other, third)))
                .as("one of them is empty")
                .hasStatus(409);
        assertThat(now(one).left()).isEqualTo(Volume.ofLitres(3));
        assertThat(asLead(() -> store.hasTinLabelled("T-412"))).isFalse();
    }
}
