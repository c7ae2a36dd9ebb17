package lumko.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.store.Store;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.paint.Sheen;
import lumko.core.quantity.Volume;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class ProductTest extends ApplicationTest {
    @Autowired
    Store store;

    private Product product(String name) {
        return asLead(paints::book).productsByName().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private MvcTestResult post(Member member, String path, Map<String, String> fields) {
        var request = mvc.post().uri(path).with(user(member)).with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    @Test
    void theDataSheetIsNotedOrRefused() {
        UUID id = product("Frame Satin").id();
        String path = "/products/" + id + "/sheet";
        assertThat(post(member("jonas"), path, Map.of("spread", "14", "solids", "35", "contrast", "0.9")))
                .hasStatus(302);
        assertThat(product("Frame Satin").sheet()).contains(new DataSheet(14, 35, 0.9, Optional.empty()));
        assertThat(post(member("jonas"), path, Map.of("spread", "140", "solids", "35", "contrast", "1")))
                .hasStatus(422)
                .bodyText()
                .contains("Spread (m²/L) must be 1–30 m²/L, was 140 m²/L.", "Contrast ratio (0–1) must be 0.01–1");
        assertThat(post(stranger(), path, Map.of("spread", "14", "solids", "35", "contrast", "0.9")))
                .hasStatus(404);
    }

    @Test
    void whatIsNoLongerMadeHasItsSubstitute() {
        UUID id = product("Frame Gloss").id();
        UUID instead = product("Frame Satin").id();
        String path = "/products/" + id + "/made";
        assertThat(post(member("jonas"), path, Map.of("still", "false", "substitute", instead.toString())))
                .hasStatus(302);
        assertThat(product("Frame Gloss").substitute()).contains(instead);
        assertThat(mvc.get().uri("/products/" + id).with(user(member("tobias"))))
                .bodyText()
                .contains("no longer made: take Frame Satin");
        assertThat(post(member("jonas"), path, Map.of("still", "false", "substitute", id.toString())))
                .hasStatus(422)
                .bodyText()
                .contains("A product cannot be taken instead of itself.");
        assertThat(post(member("jonas"), path, Map.of("still", "false", "substitute", "Frame Nothing")))
                .hasStatus(422)
                .bodyText()
                .contains("No product on record is called “Frame Nothing”");
        post(member("jonas"), path, Map.of("still", "true"));
        assertThat(product("Frame Gloss").isDiscontinued()).isFalse();
    }

    @Test
    void twoEntriesOfOneProductAreMergedWithoutLosingWhatHangsOnThem() {
        UUID kept = product("Plain Wall").id();
        UUID twice = asLead(() -> paints.addProduct(new NewProduct(
                "Quarrel and Finch",
                "",
                "Plain Wal",
                PaintKind.WALL,
                Base.WHITE,
                Sheen.MATT,
                4,
                Binder.WATERBORNE,
                List.of(Volume.ofLitres(1)))));
        UUID tin = asLead(() -> store.addTin(
                "P1",
                twice,
                paints.book().coloursByName().getFirst().id(),
                "",
                Volume.ofLitres(1),
                Volume.ofLitres(1),
                "shelf",
                ""));
        Map<String, String> into = Map.of("into", kept.toString());
        assertThat(post(member("jonas"), "/products/" + twice + "/merge", into)).hasStatus(403);
        assertThat(post(member("mirela"), "/products/" + twice + "/merge", into))
                .hasStatus(302);
        assertThat(productOf(tin).name()).isEqualTo("Plain Wall");
        assertThat(asLead(paints::book).productsByName())
                .extracting(Product::name)
                .doesNotContain("Plain Wal");
        assertThat(mvc.get().uri("/products/" + kept).with(user(member("mirela"))))
                .bodyText()
                .contains("Also entered as “Quarrel and Finch Plain Wal”");
        assertThat(post(member("mirela"), "/products/" + twice + "/merge", into))
                .hasStatus(409);
        assertThat(post(
                        member("jonas"),
                        "/paints/products",
                        Map.of(
                                "maker",
                                "Quarrel and Finch",
                                "product",
                                "Plain Wal",
                                "kind",
                                "WALL",
                                "base",
                                "WHITE",
                                "sheen",
                                "MATT",
                                "gloss",
                                "4",
                                "binder",
                                "WATERBORNE",
                                "sizes",
                                "1")))
                .hasStatus(422);
        post(member("mirela"), "/products/" + twice + "/separate", Map.of());
        assertThat(productOf(tin).name()).isEqualTo("Plain Wal");
    }

    private Product productOf(UUID tin) {
        return asLead(() -> store.tin(tin)).orElseThrow().product();
    }
}
