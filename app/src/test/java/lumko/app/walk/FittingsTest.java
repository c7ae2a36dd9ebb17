package lumko.app.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.house.Flat;
import lumko.app.house.NewRoom;
import lumko.app.house.Surface;
import lumko.app.house.WallFeature;
import lumko.app.platform.EditableRow;
import lumko.app.sheet.SheetMaking;
import lumko.app.sheet.Sheets;
import lumko.app.store.Store;
import lumko.core.activity.ActivityKind;
import lumko.core.geometry.Box;
import lumko.core.geometry.Fitting;
import lumko.core.job.Action;
import lumko.core.job.FittingWay;
import lumko.core.judge.Scrutiny;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** One fitting may be got out of the way otherwise than the house does it; the house takes its own off. */
class FittingsTest extends ApplicationTest {
    @Autowired
    Walks walks;

    @Autowired
    Deciding deciding;

    @Autowired
    Confirming confirming;

    @Autowired
    SheetMaking making;

    @Autowired
    Sheets sheets;

    @Autowired
    Store store;

    private Flat flat;
    private UUID wallId = new UUID(0, 0);

    /** A wall to be rolled with a blind and a socket on it. */
    @BeforeEach
    void aWall() {
        flat = freshFlat("Ropewalk Court");
        wallId = wall(flat, 0).id();
        asLead(() -> {
            recording.addFeatures(
                    wallId,
                    List.of(
                            new NewRoom.Feature(WallFeature.BLIND, Box.ofMillimetres(600, 1900, 1200, 80)),
                            new NewRoom.Feature(WallFeature.SOCKET, Box.ofMillimetres(2500, 250, 150, 80))));
            recording.setDates(
                    flat.id(),
                    TODAY.minusDays(1),
                    Optional.empty(),
                    Optional.empty(),
                    Scrutiny.AS_USUAL,
                    EditableRow.UNSAVED);
            var tin = store.all().stream()
                    .filter(each -> each.colour().name().equals("Oat Husk"))
                    .findFirst()
                    .orElseThrow();
            confirming.goesOn(wallId, Optional.of(new Next.FromTin(tin)), Reach.SURFACE, EditableRow.UNSAVED);
            deciding.decide(
                    wallId,
                    Action.ROLL,
                    "the owner wants it fresh",
                    walks.wall(wallId).visit().version());
            return wallId;
        });
    }

    private Surface.Fitted fitted(Fitting.Kind kind) {
        return asLead(() -> walks.wall(wallId)).surface().fitted().stream()
                .filter(each -> each.fitting().kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private MvcTestResult post(Member member, UUID surfaceId, UUID fittingId, String way) {
        return mvc.post()
                .uri("/walls/" + surfaceId + "/fittings")
                .with(user(member))
                .with(csrf())
                .header("HX-Request", "true")
                .param("fitting", fittingId.toString())
                .param("way", way)
                .exchange();
    }

    private MvcTestResult blind(String way) {
        return post(member("jonas"), wallId, fitted(Fitting.Kind.BLIND).id(), way);
    }

    private List<ActivityKind> steps() {
        return asLead(() -> sheets.sheet(making.make(flat.id()))).steps().stream()
                .map(step -> step.activity().kind())
                .toList();
    }

    @Test
    void allComeOffAsTheHouseDoesIt() {
        assertThat(steps())
                .contains(ActivityKind.FITTINGS_OFF, ActivityKind.PLATES_OFF)
                .doesNotContain(ActivityKind.MASK_FITTINGS);
    }

    @Test
    void anOldBlindStaysAndIsMasked() {
        assertThat(blind("MASK")).hasStatusOk().bodyText().contains("Decided for this one");
        assertThat(steps())
                .contains(ActivityKind.MASK_FITTINGS, ActivityKind.PLATES_OFF)
                .doesNotContain(ActivityKind.FITTINGS_OFF);
    }

    @Test
    void isGivenBackToTheHouse() {
        blind("MASK");
        assertThat(blind("")).hasStatusOk().bodyText().doesNotContain("Decided for this one");
        assertThat(fitted(Fitting.Kind.BLIND).way()).isEmpty();
        assertThat(steps()).contains(ActivityKind.FITTINGS_OFF);
    }

    @Test
    void aWayItDoesNotHaveIsRefused() {
        assertThat(blind("LOOSEN")).hasStatus(422).bodyText().contains("blind: “loosen it” is not possible with it.");
        assertThat(blind("SHOUT_AT")).hasStatus(422).bodyText().contains("Way must be one of the choices");
        assertThat(fitted(Fitting.Kind.BLIND).way()).isEmpty();
    }

    @Test
    void aRadiatorIsPaintedBehindNotScraped() {
        asLead(() -> {
            recording.addFeatures(
                    wallId, List.of(new NewRoom.Feature(WallFeature.RADIATOR, Box.ofMillimetres(2600, 500, 900, 600))));
            return wallId;
        });
        UUID radiator = fitted(Fitting.Kind.RADIATOR).id();
        assertThat(post(member("jonas"), wallId, radiator, "REMOVE"))
                .hasStatusOk()
                .bodyText()
                .contains("from the left: lift it off, by two", "paint behind it with a slim roller");
        assertThat(mvc.get().uri("/flats/" + flat.id() + "/history").with(user(member("jonas"))))
                .bodyText()
                .contains("radiator: lift it off, by two");
    }

    @Test
    void aDoorHasNone() {
        var door = mvc.post()
                .uri("/surfaces/" + wallId + "/features")
                .with(user(member("jonas")))
                .with(csrf())
                .param("feature", "DOOR")
                .param("left", "3")
                .param("way", "MASK");
        assertThat(door).bodyText().contains("door: “mask it in place” is not possible with it.");
    }

    @Test
    void isForWhoLooksAfterTheHouseAndOfThatWall() {
        UUID blind = fitted(Fitting.Kind.BLIND).id();
        assertThat(post(member("emeka"), wallId, blind, "MASK")).hasStatus(403);
        assertThat(post(member("tobias"), wallId, blind, "MASK")).hasStatus(403);
        assertThat(post(stranger(), wallId, blind, "MASK")).hasStatus(404);
        assertThat(post(member("jonas"), wall(flat, 1).id(), blind, "MASK")).hasStatus(404);
        assertThat(fitted(Fitting.Kind.BLIND).way()).isEmpty();
    }

    @Test
    void takenOffTheRecordItIsEnteredAgainAsItWas() {
        blind("MASK");
        var removed = mvc.post()
                .uri("/features/" + fitted(Fitting.Kind.BLIND).id() + "/remove")
                .with(user(member("jonas")))
                .with(csrf())
                .exchange();
        @SuppressWarnings("unchecked")
        Map<String, String> fields =
                (Map<String, String>) removed.getMvcResult().getFlashMap().get("enteredAs");
        var again = mvc.post()
                .uri("/surfaces/" + wallId + "/features")
                .with(user(member("jonas")))
                .with(csrf());
        fields.forEach(again::param);
        assertThat(again.exchange()).hasStatus3xxRedirection();
        assertThat(fitted(Fitting.Kind.BLIND).way()).contains(FittingWay.Way.MASK);
    }
}
