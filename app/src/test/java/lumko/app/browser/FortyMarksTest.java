package lumko.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.house.NewRoom;
import lumko.app.house.Surface;
import lumko.app.platform.EditableRow;
import lumko.app.sheet.Sheet;
import lumko.app.sheet.Sheets;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.app.walk.Walks;
import lumko.core.activity.ActivityKind;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Texture;
import lumko.core.judge.Scrutiny;
import lumko.core.quantity.Length;
import lumko.core.record.Substrate;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** An empty flat from keys back to a swept floor, on a phone: forty marks in three rooms. */
@Tag("slow")
class FortyMarksTest extends BrowserTest {
    @Autowired
    Walks walks;

    @Autowired
    Sheets sheets;

    @Autowired
    Store store;

    private Flat flat = null;
    private Tin tin = null;

    private void aFlatOfThreeRooms() {
        flat = freshFlat("Ropewalk Court");
        asLead(() -> {
            tin = store.all().stream()
                    .filter(each -> each.product().name().equals("Hearth Matt"))
                    .findFirst()
                    .orElseThrow();
            for (RoomKind kind : List.of(RoomKind.BEDROOM, RoomKind.BATH)) {
                recording.addRoom(
                        flat.id(),
                        NewRoom.bare(
                                kind == RoomKind.BATH ? "Bath" : "Bedroom",
                                kind,
                                Outline.rectangle(Length.ofMetres(3.6), Length.ofMetres(2.8)),
                                Length.ofMetres(2.5),
                                Substrate.GYPSUM_BOARD,
                                Texture.SMOOTH));
            }
            flat = houses.flat(flat.id());
            flat.walls()
                    .forEach(wall -> recording.addCoat(
                            wall.id(),
                            NewCoat.finish(
                                    tin.product().id(),
                                    tin.colour().id(),
                                    Optional.of(tin.id()),
                                    TODAY.minusMonths(8),
                                    "")));
            recording.setDates(
                    flat.id(),
                    TODAY.minusDays(1),
                    Optional.empty(),
                    Optional.empty(),
                    Scrutiny.AS_USUAL,
                    EditableRow.UNSAVED);
            return flat;
        });
    }

    private void onWall(Page phone, int index) {
        phone.navigate(url("/walls/" + wall(flat, index).id() + "/walk"));
        phone.locator("#mark-list > summary").click();
        phone.locator("#the-room > summary").click();
    }

    /** Draws along the wall with several at once switched on. */
    private void sweep(Page phone, double fromLeft, double toLeft, double up) {
        phone.locator("#sweep").click();
        double[] from = onScreen(phone, fromLeft, up);
        double[] to = onScreen(phone, toLeft, up);
        phone.mouse().move(from[0], from[1]);
        phone.mouse().down();
        phone.mouse().move(to[0], to[1], new Mouse.MoveOptions().setSteps(60));
        phone.mouse().up();
        phone.locator("#sweep").click();
    }

    private void pick(Page phone, String group, String kind) {
        phone.locator("[data-group=" + group + "]").click();
        phone.locator(".keys [data-kind=" + kind + "]").click();
    }

    @Test
    void fromKeysBackToASweptFloor() {
        aFlatOfThreeRooms();
        Page phone = enter(Screen.PHONE, "Jonas Petrak");

        // twelve nail holes in one stroke, one undo takes them all back
        onWall(phone, 0);
        Locator rows = phone.locator("[data-row]");
        sweep(phone, 600, 2300, 1500);
        assertThat(rows.nth(10)).isVisible();
        int swept = rows.count();
        phone.locator("#thumb-undo").click();
        assertThat(rows).hasCount(0);
        button(phone, "Put back").click();
        assertThat(rows).hasCount(swept);

        // the same faults on the next wall, at the same heights
        phone.locator("#copying summary").click();
        phone.locator("#to").selectOption(new SelectOption().setLabel("Study B"));
        phone.locator("#copy").click();
        assertThat(phone.locator(".undo [role=status]")).containsText(swept + " marks copied to Study B");
        onWall(phone, 1);
        assertThat(rows).hasCount(swept);

        // a hole, told more about: its edge is chipped, so that another way comes first
        onWall(phone, 4);
        pick(phone, "HOLES", "HOLE");
        drag(phone, 1500, 1200, 56, 0);
        rows.first().locator(".more-link").click();
        Locator more = rows.first().locator(".mark-more");
        assertThat(more).containsText("of filler");
        assertThat(more.locator("h2")).hasText("Plug with its paper flange");
        button(phone, "edge chipped").click();
        assertThat(more.locator("h2")).hasText("Backing piece and plug");
        assertThat(more).containsText("its edge will not carry a paper flange");
        button(phone, "New board to the framing").click();
        assertThat(more.locator("h2")).hasText("New board to the framing");
        assertAccessible(phone, "walk with an opened mark");
        assertThat(rows.first()).containsText("edge chipped");

        // lines and areas
        pick(phone, "CRACKS", "CRACK");
        drag(phone, 600, 600, 60, 10);
        pick(phone, "DIRT", "SCUFF");
        drag(phone, 2200, 500, 40, 30);
        onWall(phone, 5);
        pick(phone, "CRACKS", "FAILED_CAULK");
        drag(phone, 400, 200, 90, 0);
        pick(phone, "HOLES", "DING");
        for (int n = 0; n < 5; n++) {
            tap(phone, 500 + 400 * n, 900);
        }
        onWall(phone, 8);
        pick(phone, "DIRT", "MOULD");
        drag(phone, 400, 2300, 30, 20);
        pick(phone, "HOLES", "ANCHOR");
        while (marks() < 40) {
            tap(phone, 500 + 140 * (marks() % 20), 1500 + 10 * (marks() % 7));
        }
        assertThat(marks()).isEqualTo(40);

        // the torch, and what the room as a whole is like
        phone.locator("#torch").click();
        assertThat(phone.locator("svg.wall .relief").first()).isVisible();
        button(phone, "steam").click();
        assertThat(button(phone, "steam")).hasAttribute("aria-pressed", "true");

        // every wall's paint, then the places that wear
        for (int index : List.of(0, 1, 4, 5, 8)) {
            onWall(phone, index);
            phone.locator("#paint-record").click();
            assertThat(phone.locator("#paint-record")).hasAttribute("aria-pressed", "true");
        }
        phone.navigate(url("/flats/" + flat.id()));
        link(phone, "Bath A").click();
        button(phone, "paint it").click();
        assertThat(button(phone, "paint it")).hasAttribute("aria-pressed", "true");
        phone.navigate(url("/flats/" + flat.id()));
        button(phone, "Make the sheet").click();
        assertThat(phone.locator("h1")).containsText("Sheet");

        // one job for all of it: tools come out once a room, each mark ends in one chain
        Sheet sheet = as(member("jonas"), () -> sheets.sheet(sheetId(phone)));
        assertThat(sheet.steps())
                .extracting(step -> step.activity().kind())
                .containsOnlyOnce(ActivityKind.SET_UP, ActivityKind.WASH_TOOLS, ActivityKind.PACK_UP)
                .contains(ActivityKind.KILL_MOULD, ActivityKind.CUT_OUT_CAULK, ActivityKind.CAULK);
        assertThat(sheet.steps().stream()
                        .map(step -> List.of(
                                step.activity().rooms(),
                                step.activity().kind(),
                                step.activity().round())))
                .doesNotHaveDuplicates();
        assertThat(phone.locator("#carry")).containsText(tin.colour().name());

        // the air from the sensor, a note, the cautions, the ticks
        phone.locator("#sensor").click();
        assertThat(phone.locator("#live")).containsText("noted");
        phone.getByLabel("Note", new Page.GetByLabelOptions().setExact(true)).fill("socket by the door is loose");
        button(phone, "Add").click();
        assertThat(phone.locator("#live")).containsText("socket by the door is loose");
        Page colleague = enter(Screen.PHONE, "Saoirse Lindqvist");
        colleague.navigate(phone.url());
        phone.locator("#tick-0").click();
        assertThat(colleague.locator("#tick-0")).hasAttribute("aria-pressed", "true");
        assertThat(colleague.locator("#live")).containsText("Jonas Petrak");

        // what is done folds away, and the next step takes its place under the thumb; a whole flat is a few screens
        // long
        phone.evaluate("document.querySelector('.sheet-step.next').scrollIntoView({block: 'center'})");
        double under = top(phone);
        int rooms = phone.locator(".sheet-step.next .tick").count();
        for (int room = 1; room <= rooms; room++) {
            Locator tick = phone.locator("#tick-" + room);
            tick.click();
            assertThat(tick).hasAttribute("aria-pressed", "true");
        }
        assertThat(phone.locator("#tick-1")).isHidden();
        assertThat(top(phone)).isCloseTo(under, Offset.offset(2.0));
        phone.locator("#show-done").click();
        assertThat(phone.locator("#tick-1")).isVisible();
        phone.locator("#show-done").click();
        int screens = 6;
        assertThat((int) phone.evaluate("document.documentElement.scrollHeight"))
                .isLessThan(screens * Screen.PHONE.height);
        // each place stands at its step, with the number it has on the walk
        assertThat(phone.locator(".sheet-step.later")
                        .filter(new Locator.FilterOptions().setHasText("Fill"))
                        .first()
                        .locator(".step-places"))
                .not()
                .hasCount(0);
    }

    private static double top(Page page) {
        return ((Number) page.evaluate("document.querySelector('.sheet-step.next').getBoundingClientRect().top"))
                .doubleValue();
    }

    private int marks() {
        return asLead(() -> walks.openMarks(flat.faces().map(Surface::id).toList()).values().stream()
                .mapToInt(List::size)
                .sum());
    }

    private static UUID sheetId(Page page) {
        String[] path = page.url().split("/");
        return UUID.fromString(path[path.length - 1]);
    }
}
