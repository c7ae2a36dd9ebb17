package lumko.app.front;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.Optional;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.history.History;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.house.Surface;
import lumko.app.walk.Marking;
import lumko.app.walk.Walks;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.Spot;
import lumko.core.record.Layer;
import lumko.core.repair.Mark;
import lumko.core.repair.Method;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class HistoryTest extends ApplicationTest {
    @Autowired
    Walks walks;

    @Autowired
    Marking marking;

    @Autowired
    History history;

    private String page(Member member, String path) throws Exception {
        return mvc.get().uri(path).with(user(member)).exchange().getResponse().getContentAsString();
    }

    @Test
    void aFlatTellsEverythingLatestFirst() throws Exception {
        Flat flat = freshFlat("Ropewalk Court");
        Surface wall = wall(flat, 1);
        as(member("jonas"), () -> {
            marking.set(
                    UUID.randomUUID(), wall.id(), new Mark(Spot.ofMillimetres(900, 900), FaultKind.DING.usualFault()));
            return flat;
        });
        asLead(() -> {
            recording.addCoat(wall.id(), NewCoat.plain(Layer.PRIMER, Optional.empty(), "by the builder"));
            return flat;
        });
        String page = page(member("tobias"), "/flats/" + flat.id() + "/history");
        assertThat(page)
                .containsSubsequence(
                        "coat recorded", ": primer: by the builder", "marked", ", Study B", "room entered");
        assertThat(page).contains("Jonas Petrak", "Mirela Oduya");
        assertThat(page(
                        member("tobias"),
                        "/flats/" + flat.id() + "/history?surface="
                                + wall(flat, 0).id()))
                .contains("Nothing has been done here yet.");
    }

    @Test
    void longHistoriesComeInPages() throws Exception {
        Flat flat = freshFlat("Ropewalk Court");
        Surface wall = wall(flat, 0);
        as(member("jonas"), () -> {
            UUID id = UUID.randomUUID();
            marking.set(id, wall.id(), new Mark(Spot.ofMillimetres(900, 900), FaultKind.ANCHOR.usualFault()));
            for (int n = 0; n < History.PAGE; n++) {
                Optional<Method> way = n % 2 == 0 ? Optional.of(Method.PUNCH_PLUG_IN) : Optional.empty();
                marking.method(id, way, walks.repaired(id).mark().version());
            }
            return flat;
        });
        String page = page(member("jonas"), "/flats/" + flat.id() + "/history");
        assertThat(page).contains(">Older<").doesNotContain("room entered");
        String older = page.substring(page.indexOf("before=") + 7);
        older = older.substring(0, older.indexOf('"'));
        assertThat(page(member("jonas"), "/flats/" + flat.id() + "/history?before=" + older))
                .contains("room entered");
    }

    @Test
    void foreignFlatsAreNotFound() {
        Flat flat = freshFlat("Ropewalk Court");
        assertThat(mvc.get().uri("/flats/" + flat.id() + "/history").with(user(stranger())))
                .hasStatus(404);
        assertThat(as(stranger(), () -> history.ofFlat(flat.id(), clock.instant())))
                .isEmpty();
    }
}
