package lumko.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.UUID;
import lumko.app.catalogue.PaintBook;
import lumko.app.house.Flat;
import lumko.app.store.Store;
import lumko.core.quantity.Volume;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Whatever was put right can be had as it was before, with one press, and the other way round. */
class CorrectionTest extends BrowserTest {
    @Autowired
    Store store;

    private static void save(Page page, String name) {
        button(page, name).click();
        assertThat(page.getByText("Noted.")).isVisible();
    }

    private static void asBefore(Page page) {
        button(page, "As it was before").click();
    }

    @Test
    void aRoomIsAsItWasBefore() {
        Flat flat = freshFlat("Tern Terrace");
        Page page = enter(Screen.DESK, "Mirela Oduya");
        page.navigate(url("/flats/" + flat.id() + "/set-up"));
        String was = flat.rooms().getFirst().name();
        Locator name = page.getByLabel("Room", new Page.GetByLabelOptions().setExact(true));
        name.fill("Snug");
        page.getByLabel("Use", new Page.GetByLabelOptions().setExact(true)).selectOption("HALL");
        save(page, "Save " + was);
        assertThat(name).hasValue("Snug");
        asBefore(page);
        assertThat(name).hasValue(was);
        assertThat(page.getByLabel("Use", new Page.GetByLabelOptions().setExact(true)))
                .hasValue(flat.rooms().getFirst().kind().name());
        asBefore(page);
        assertThat(name).hasValue("Snug");
        page.reload();
        assertThat(page.getByText("Noted.")).isHidden();
    }

    /** What has a version keeps it: a second hand is not written over. */
    @Test
    void aTinIsAsItWasBeforeUnlessSomebodyDippedItMeanwhile() {
        UUID tin = asLead(() -> {
            PaintBook book = paints.book();
            return store.addTin(
                    "AB1",
                    book.productsByName().getFirst().id(),
                    book.coloursByName().getFirst().id(),
                    "",
                    Volume.ofLitres(2.5),
                    Volume.ofLitres(2),
                    "shelf A",
                    "");
        });
        Page page = enter(Screen.PHONE, "Mirela Oduya");
        page.navigate(url("/store/tins/" + tin));
        Locator place = page.locator("input[name=place]");
        for (String put : List.of("van", "cellar")) {
            page.navigate(url("/store/tins/" + tin));
            place.fill(put);
            save(page, "Save");
        }
        page.navigate(url("/store/tins/" + tin));
        assertThat(place).hasValue("cellar");
        place.fill("attic");
        save(page, "Save");
        asLead(() -> {
            store.dip(tin, Volume.ofLitres(1), store.tin(tin).orElseThrow().version());
            return tin;
        });
        asBefore(page);
        assertThat(page.locator("h1")).hasText("Somebody was there before you");
        org.assertj.core.api.Assertions.assertThat(
                        asLead(() -> store.tin(tin)).orElseThrow().place())
                .isEqualTo("attic");
    }

    @Test
    void savingWhatIsTheSameOffersNothing() {
        Flat flat = freshFlat("Tern Terrace");
        Page page = enter(Screen.DESK, "Mirela Oduya");
        page.navigate(url("/flats/" + flat.id() + "/set-up"));
        button(page, "Save " + flat.rooms().getFirst().name()).click();
        page.waitForLoadState();
        assertThat(page.getByText("As it was before")).hasCount(0);
    }
}
