package lumko.app.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.house.NewRoom;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.house.SurfaceKind;
import lumko.app.house.Turnover;
import lumko.app.platform.EditableRow;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.fault.Condition;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Texture;
import lumko.core.geometry.WindowLight;
import lumko.core.hold.Need;
import lumko.core.job.Action;
import lumko.core.job.BuildUp;
import lumko.core.judge.Finding;
import lumko.core.judge.Scrutiny;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import lumko.core.record.PaintBasis;
import lumko.core.record.Substrate;
import lumko.core.repair.Method;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class WalkTest extends ApplicationTest {
    @Autowired
    Walks walks;

    @Autowired
    Confirming confirming;

    @Autowired
    Store store;

    @Autowired
    PaintOffers offers;

    private UUID wallId = new UUID(0, 0);
    private Tin tin;
    private Flat flat;

    /** A wall painted a month ago from a tin that is in the store, in a flat handed back yesterday. */
    @BeforeEach
    void aWall() {
        flat = freshFlat("Ropewalk Court");
        wallId = wall(flat, 0).id();
        tin = asLead(() -> store.all().stream()
                .filter(each -> each.colour().name().equals("Oat Husk"))
                .findFirst()
                .orElseThrow());
        asLead(() -> {
            recording.addCoat(
                    wallId,
                    NewCoat.finish(
                            tin.product().id(), tin.colour().id(), Optional.of(tin.id()), TODAY.minusMonths(1), ""));
            recording.setDates(
                    flat.id(),
                    TODAY.minusDays(1),
                    Optional.empty(),
                    Optional.empty(),
                    Scrutiny.AS_USUAL,
                    EditableRow.UNSAVED);
            return wallId;
        });
    }

    private MvcTestResult post(Member member, String path, Map<String, String> fields) {
        var request = mvc.post().uri(path).with(user(member)).with(csrf()).header("HX-Request", "true");
        fields.forEach(request::param);
        return request.exchange();
    }

    private MvcTestResult set(String kind, double left, double up) {
        return set(UUID.randomUUID(), kind, left, up);
    }

    private MvcTestResult set(UUID id, String kind, double left, double up) {
        return post(
                member("jonas"),
                "/walls/" + wallId + "/marks",
                Map.of("id", id.toString(), "kind", kind, "leftMm", String.valueOf(left), "upMm", String.valueOf(up)));
    }

    private WalkedWall walked() {
        return asLead(() -> walks.wall(wallId));
    }

    private int version() {
        return walks.wall(wallId).visit().version();
    }

    private void isOnIt(OnIt onIt) {
        asLead(() -> {
            confirming.isOnIt(wallId, onIt, version());
            return onIt;
        });
    }

    private void goesOn(Next next, Reach reach) {
        asLead(() -> {
            confirming.goesOn(wallId, Optional.of(next), reach, version());
            return next;
        });
    }

    private void goesOn(Tin from) {
        goesOn(new Next.FromTin(from), Reach.SURFACE);
    }

    private Tin tinOf(String colour) {
        return asLead(() -> store.all().stream()
                .filter(each -> each.colour().name().equals(colour))
                .findFirst()
                .orElseThrow());
    }

    @Nested
    class Marking {
        @Test
        void answersWithTheWallAndItsNewVerdict() {
            assertThat(set("NAIL_HOLE", 800, 700))
                    .hasStatusOk()
                    .bodyText()
                    .contains("class=\"live\"", "data-headline=\"Dab, ")
                    .doesNotContain("<html");
            assertThat(walked().marks()).hasSize(1);
        }

        @Test
        void theSameMarkTwiceIsOneMark() {
            UUID id = UUID.randomUUID();
            set(id, "DING", 800, 700);
            assertThat(set(id, "DING", 800, 700)).hasStatusOk();
            assertThat(walked().marks()).hasSize(1);
        }

        @Test
        void aLateRepeatDoesNotBringBackWhatWasTakenAway() {
            UUID id = UUID.randomUUID();
            set(id, "DING", 800, 700);
            post(member("jonas"), "/marks/" + id + "/remove", Map.of());
            set(id, "DING", 800, 700);
            assertThat(walked().marks()).isEmpty();
            post(member("jonas"), "/marks/" + id + "/restore", Map.of());
            assertThat(walked().marks()).extracting(PlacedMark::id).containsExactly(id);
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "4001 | 700 | Distance from the left corner must be 0–4000 mm, was 4001 mm.",
                    "-1 | 700 | Distance from the left corner must be 0–4000 mm, was −1 mm.",
                    "800 | 2501 | Height above the floor must be 0–2500 mm, was 2501 mm."
                })
        void offTheWallIsRefused(double left, double up, String sentence) {
            assertThat(set("NAIL_HOLE", left, up)).hasStatus(422).bodyText().contains(sentence);
            assertThat(walked().marks()).isEmpty();
        }

        @Test
        void anUnknownKindOrWrongTypeIsRefused() {
            assertThat(set("WOODWORM", 800, 700)).hasStatus(422).bodyText().contains("Kind must be one of the choices");
            assertThat(post(
                            member("jonas"),
                            "/walls/" + wallId + "/marks",
                            Map.of("kind", "DING", "leftMm", "left", "upMm", "1")))
                    .hasStatus(422)
                    .bodyText()
                    .contains("Distance from the left corner must be a number (mm), was “left”.");
            assertThat(post(
                            member("jonas"),
                            "/walls/" + wallId + "/marks",
                            Map.of("kind", "NAIL_HOLE", "leftMm", "9", "upMm", "9", "acrossMm", "40")))
                    .hasStatus(422)
                    .bodyText()
                    .contains("Nail hole diameter must be 0.5–4 mm, was 40 mm.");
            assertThat(walked().marks()).isEmpty();
        }

        @Test
        void withoutScriptsThePageComesBack() {
            assertThat(mvc.post()
                            .uri("/walls/" + wallId + "/marks")
                            .param("kind", "ANCHOR")
                            .param("left", "1.2")
                            .param("aboveFloor", "1,5")
                            .with(user(member("jonas")))
                            .with(csrf()))
                    .hasStatus3xxRedirection()
                    .hasRedirectedUrl("/walls/" + wallId + "/walk");
            assertThat(walked().marks().getFirst().mark().place().aboveFloor()).isEqualTo(Length.ofMetres(1.5));
        }

        @Test
        void aPainterOfAnotherHouseMayNot() {
            assertThat(post(
                            member("emeka"),
                            "/walls/" + wallId + "/marks",
                            Map.of("kind", "DING", "leftMm", "9", "upMm", "9")))
                    .hasStatus(403)
                    .bodyText()
                    .contains("the painters who look after Ropewalk Court");
            assertThat(post(
                            member("tobias"),
                            "/walls/" + wallId + "/paint",
                            Map.of("answer", "NOT_SURE", "version", "-1")))
                    .hasStatus(403);
            assertThat(walked().marks()).isEmpty();
        }
    }

    @Nested
    class TwoPeopleOnOneWall {
        @Test
        void bothTheirMarksStand() {
            set("NAIL_HOLE", 800, 700);
            post(
                    member("saoirse"),
                    "/walls/" + wallId + "/marks",
                    Map.of("kind", "DING", "leftMm", "1500", "upMm", "500"));
            assertThat(walked().marks())
                    .extracting(PlacedMark::setBy)
                    .containsExactly(
                            member("jonas").personId(), member("saoirse").personId());
        }

        @Test
        void theSecondToMeasureSeesWhatTheFirstDid() {
            UUID id = UUID.randomUUID();
            set(id, "ANCHOR", 800, 700);
            Map<String, String> first = measure("10", 0);
            Map<String, String> second = measure("12", 0);
            assertThat(post(member("jonas"), "/marks/" + id + "/measure", first))
                    .hasStatusOk();
            assertThat(post(member("saoirse"), "/marks/" + id + "/measure", second))
                    .hasStatus(409)
                    .bodyText()
                    .contains("Somebody changed this wall meanwhile", "10 mm");
            assertThat(walked().marks().getFirst().mark().fault().extent()).isEqualTo(Length.ofMillimetres(10));
        }

        private Map<String, String> measure(String across, int version) {
            return Map.of("acrossMm", across, "upwardMm", across, "depthMm", "0", "version", String.valueOf(version));
        }

        @Test
        void theSecondToAnswerForThePaintSeesWhatTheFirstAnswered() {
            Map<String, String> fields = new HashMap<>(Map.of("answer", "RECORD_AGREES", "version", "-1"));
            assertThat(post(member("jonas"), "/walls/" + wallId + "/paint", fields))
                    .hasStatusOk();
            fields.put("answer", "NOT_SURE");
            assertThat(post(member("saoirse"), "/walls/" + wallId + "/paint", fields))
                    .hasStatus(409)
                    .bodyText()
                    .contains("answered by Jonas Petrak");
            assertThat(walked().visit().answer()).contains(PaintAnswer.RECORD_AGREES);
        }
    }

    @Nested
    class WhichPaint {
        @Test
        void nobodyHasSaidYet() {
            assertThat(walked().basis()).isEqualTo(PaintBasis.NOT_CONFIRMED);
        }

        @Test
        void theRecordAgreesAndWhatIsLeftOfItsTinGoesOn() {
            isOnIt(OnIt.of(PaintAnswer.RECORD_AGREES));
            assertThat(walked().basis()).isEqualTo(PaintBasis.SAME_TIN);
        }

        @Test
        void theTinOnRecordIsTheBestThereIs() {
            goesOn(tin);
            assertThat(walked().basis()).isEqualTo(PaintBasis.SAME_TIN);
        }

        @Test
        void aTinOfAnotherColourMeansWholeWalls() {
            Tin other = asLead(() -> store.all().stream()
                    .filter(each -> each.colour().name().equals("Wet Slate"))
                    .findFirst()
                    .orElseThrow());
            set("NAIL_HOLE", 800, 700);
            goesOn(other);
            WalkedWall walked = walked();
            assertThat(walked.basis()).isEqualTo(PaintBasis.OTHER_PAINT);
            assertThat(walked.action()).isEqualTo(Action.ROLL);
            assertThat(walked.paint().map(paint -> paint.colour()).orElseThrow().name())
                    .isEqualTo("Wet Slate");
        }

        /** Of many a wall one knows the colour, and no more. */
        @Test
        void aPaintKnownByItsColourAloneIsRolledAndSaysNoOtherColourIsWanted() {
            asLead(() -> {
                recording.addCoat(
                        wallId,
                        new NewCoat(
                                lumko.core.record.Layer.FINISH,
                                Optional.empty(),
                                Optional.of(tin.colour().id()),
                                List.of(),
                                "",
                                OptionalInt.empty(),
                                Optional.of(TODAY.minusDays(20)),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                ""));
                return wallId;
            });
            set("NAIL_HOLE", 800, 700);
            isOnIt(OnIt.of(PaintAnswer.RECORD_AGREES));
            // it has to be chosen, and what is nearest stands open
            assertThat(page()).contains("A tin, or a paint to buy", "paint-first-choice\" open");
            goesOn(tin);
            assertThat(walked().action()).isEqualTo(Action.ROLL);
            assertThat(page()).contains("nobody knows what paint is on it").doesNotContain("another colour is wanted");
            goesOn(tinOf("Wet Slate"));
            assertThat(page()).contains("another colour is wanted");
        }

        @Test
        void theRoomsLightIsSaidOnceAllOfItIsKnownNowAndWithTheNextColour() {
            assertThat(page()).contains("It reflects 73 % of the light (LRV)").doesNotContain("% on average");
            asLead(() -> {
                flat.roomOf(wallId).surfaces().stream()
                        .filter(surface -> !surface.id().equals(wallId))
                        .forEach(surface -> recording.addCoat(
                                surface.id(),
                                NewCoat.finish(tin.product().id(), tin.colour().id(), Optional.empty(), TODAY, "")));
                return flat;
            });
            assertThat(page()).contains("% on average; bouncing makes");
            Tin slate = asLead(() -> store.all().stream()
                    .filter(each -> each.colour().name().equals("Wet Slate"))
                    .findFirst()
                    .orElseThrow());
            goesOn(slate);
            assertThat(page()).contains("% with this wall’s next colour");
        }

        private String page() {
            return new String(
                    mvc.get()
                            .uri("/walls/" + wallId + "/walk")
                            .with(user(member("jonas")))
                            .exchange()
                            .getResponse()
                            .getContentAsByteArray(),
                    StandardCharsets.UTF_8);
        }

        @Test
        void notSureRulesSpotsOutAndKeepsTheWallOffTheSheet() {
            set("NAIL_HOLE", 800, 700);
            isOnIt(OnIt.of(PaintAnswer.NOT_SURE));
            WalkedWall walked = walked();
            assertThat(walked.action()).isEqualTo(Action.ROLL);
            assertThat(walked.verdict().reasons()).contains(new Finding.PaintUnknown());
            assertThat(walked.isReadyForSheet()).isFalse();
        }

        @Test
        void aTinThatIsNotThereIsNotFound() {
            assertThat(post(
                            member("jonas"),
                            "/walls/" + wallId + "/goes-on",
                            Map.of("paint", "tin:" + UUID.randomUUID(), "version", "-1")))
                    .hasStatus(404);
        }
    }

    @Nested
    class DecidingOtherwise {
        @Test
        void needsAReasonAndKeepsIt() {
            set("NAIL_HOLE", 800, 700);
            Map<String, String> fields = new HashMap<>(Map.of("action", "LEAVE", "why", " ", "version", "-1"));
            assertThat(post(member("jonas"), "/walls/" + wallId + "/decide", fields))
                    .hasStatus(422)
                    .bodyText()
                    .contains("Reason is missing.");
            fields.put("why", "x".repeat(201));
            assertThat(post(member("jonas"), "/walls/" + wallId + "/decide", fields))
                    .hasStatus(422)
                    .bodyText()
                    .contains("Reason can have 200 characters at most, had 201.");
            fields.put("why", "the owner wants it fresh");
            assertThat(post(member("jonas"), "/walls/" + wallId + "/decide", fields))
                    .hasStatusOk()
                    .bodyText()
                    .contains("the owner wants it fresh");
            assertThat(walked().action()).isEqualTo(Action.LEAVE);
            assertThat(walked().verdict().action()).isEqualTo(Action.DAB);
        }

        @Test
        void canBeTakenBack() {
            set("NAIL_HOLE", 800, 700);
            post(
                    member("jonas"),
                    "/walls/" + wallId + "/decide",
                    Map.of("action", "ROLL", "why", "fresh", "version", "-1"));
            post(member("jonas"), "/walls/" + wallId + "/decide", Map.of("action", "", "version", "0"));
            assertThat(walked().action()).isEqualTo(Action.DAB);
        }
    }

    @Test
    void aLetFlatCanBeMarkedButNotConfirmed() {
        UUID let = wall(freshFlat("Ropewalk Court"), 0).id();
        assertThat(post(
                        member("jonas"),
                        "/walls/" + let + "/marks",
                        Map.of("kind", "DING", "leftMm", "9", "upMm", "9")))
                .hasStatusOk();
        assertThat(post(member("jonas"), "/walls/" + let + "/paint", Map.of("answer", "NOT_SURE", "version", "-1")))
                .hasStatus(409)
                .bodyText()
                .contains("is let. Enter when the keys come back first");
    }

    @Nested
    class AMark {
        private UUID id = new UUID(0, 0);

        private RepairedMark repaired() {
            return asLead(() -> walks.repaired(id));
        }

        private Map<String, String> with(String field, String value) {
            return Map.of(
                    field, value, "version", String.valueOf(repaired().mark().version()));
        }

        @BeforeEach
        void aHole() {
            id = UUID.randomUUID();
            post(
                    member("jonas"),
                    "/walls/" + wallId + "/marks",
                    Map.of("id", id.toString(), "kind", "HOLE", "leftMm", "800", "upMm", "900", "acrossMm", "100"));
        }

        @Test
        void itsConditionChangesTheMethod() {
            assertThat(repaired().repair().method()).isEqualTo(Method.PLUG_WITH_PAPER_FLANGE);
            assertThat(post(member("jonas"), "/marks/" + id + "/condition", with("edge", "CHIPPED")))
                    .hasStatusOk();
            assertThat(repaired().repair().method()).isEqualTo(Method.BACKING_AND_PLUG);
            post(member("jonas"), "/marks/" + id + "/condition", with("backing", "SOLID"));
            assertThat(repaired().repair().method()).isEqualTo(Method.FILL_FLUSH);
            assertThat(repaired().mark().mark().fault().condition().edge()).isEqualTo(Condition.Edge.CHIPPED);
        }

        @Test
        void ofALineItIsAskedWhichSideAndHowFresh() {
            UUID line = UUID.randomUUID();
            set(line, "BLEED", 800, 2400);
            String page = new String(
                    mvc.get()
                            .uri("/marks/" + line)
                            .with(user(member("jonas")))
                            .exchange()
                            .getResponse()
                            .getContentAsByteArray(),
                    StandardCharsets.UTF_8);
            assertThat(page)
                    .contains("it is on the ceiling", "two days at most")
                    .doesNotContain("edge chipped");
            post(
                    member("jonas"),
                    "/marks/" + line + "/condition",
                    Map.of("owner", "CEILING", "freshness", "STILL_FRESH", "version", "0"));
            RepairedMark known = asLead(() -> walks.repaired(line));
            assertThat(known.repair().method()).isEqualTo(Method.WIPE_THE_BLEED);
            assertThat(known.mark().mark().fault().condition().owner()).isEqualTo(Condition.Owner.CEILING);
        }

        @Test
        void anotherWayIsChosenAndThePlanFollows() {
            assertThat(post(member("jonas"), "/marks/" + id + "/method", with("method", "BACKING_AND_PLUG")))
                    .hasStatusOk();
            assertThat(repaired().repair().method()).isEqualTo(Method.BACKING_AND_PLUG);
            assertThat(walked().face().places())
                    .extracting(place -> place.mark().wanted())
                    .containsExactly(Optional.of(Method.BACKING_AND_PLUG));
            post(member("jonas"), "/marks/" + id + "/method", with("method", ""));
            assertThat(repaired().repair().method()).isEqualTo(Method.PLUG_WITH_PAPER_FLANGE);
        }

        @Test
        void aWayThatDoesNotFitIsRefused() {
            assertThat(post(member("jonas"), "/marks/" + id + "/method", with("method", "MIST_COAT")))
                    .hasStatus(422)
                    .bodyText()
                    .contains("This way does not fit that fault.");
        }

        @Test
        void keepsItsConditionAndWayWhenMeasuredAgain() {
            post(member("jonas"), "/marks/" + id + "/condition", with("edge", "CHIPPED"));
            post(
                    member("jonas"),
                    "/marks/" + id + "/measure",
                    Map.of(
                            "version",
                            String.valueOf(repaired().mark().version()),
                            "acrossMm",
                            "120",
                            "upwardMm",
                            "120",
                            "depthMm",
                            "0"));
            assertThat(repaired().mark().mark().fault().condition().edge()).isEqualTo(Condition.Edge.CHIPPED);
        }

        @Test
        void hasItsOwnPageAndHistory() throws Exception {
            post(member("jonas"), "/marks/" + id + "/condition", with("edge", "CHIPPED"));
            post(member("saoirse"), "/marks/" + id + "/remove", Map.of());
            post(member("jonas"), "/marks/" + id + "/restore", Map.of());
            String page = mvc.get()
                    .uri("/marks/" + id)
                    .with(user(member("tobias")))
                    .exchange()
                    .getResponse()
                    .getContentAsString();
            assertThat(page)
                    .contains("hole 100 mm, edge chipped", "Backing piece and plug", "Goes wrong")
                    .containsSubsequence("mark put back", "mark removed", "condition noted", "marked");
            assertThat(page).contains("Saoirse Lindqvist").doesNotContain("data-live");
            assertThat(mvc.get().uri("/marks/" + id).with(user(stranger()))).hasStatus(404);
        }

        @Test
        void twoHandsOnOneMarkAreToldSo() {
            Map<String, String> seen = with("edge", "CHIPPED");
            post(member("jonas"), "/marks/" + id + "/condition", seen);
            assertThat(post(member("jonas"), "/marks/" + id + "/condition", seen))
                    .as("the same change sent again")
                    .hasStatusOk();
            Map<String, String> another = Map.of("edge", "LOOSE_PAPER", "version", String.valueOf(seen.get("version")));
            assertThat(post(member("saoirse"), "/marks/" + id + "/condition", another))
                    .hasStatus(409);
        }
    }

    @Nested
    class SeveralAtOnce {
        private String at(int count) {
            List<String> places = new ArrayList<>();
            for (int n = 0; n < count; n++) {
                places.add(UUID.randomUUID() + " " + (500 + 120 * n) + " 1500");
            }
            return String.join(";", places);
        }

        private MvcTestResult sweep(String at) {
            return post(member("jonas"), "/walls/" + wallId + "/marks/swept", Map.of("kind", "NAIL_HOLE", "at", at));
        }

        @Test
        void areSetTakenBackAndPutBackTogether() {
            set("DING", 300, 300);
            assertThat(sweep(at(7))).hasStatusOk();
            assertThat(walked().marks()).hasSize(8);
            Map<String, String> last =
                    Map.of("mark", walked().marks().getLast().id().toString());
            post(member("jonas"), "/walls/" + wallId + "/undo", last);
            assertThat(walked().marks()).hasSize(1);
            assertThat(post(member("jonas"), "/walls/" + wallId + "/undo", last))
                    .hasStatusOk();
            assertThat(walked().marks()).as("the same undo sent twice").hasSize(1);
            post(member("jonas"), "/walls/" + wallId + "/put-back", last);
            assertThat(walked().marks()).hasSize(8);
            assertThat(post(member("jonas"), "/walls/" + wallId + "/put-back", last))
                    .hasStatusOk();
            assertThat(walked().marks()).hasSize(8);
        }

        @Test
        void oneOffTheWallAndNoneIsSet() {
            assertThat(sweep(at(3) + ";" + UUID.randomUUID() + " 9000 1500")).hasStatus(422);
            assertThat(walked().marks()).isEmpty();
        }

        @ParameterizedTest
        @ValueSource(strings = {"", "x", "5 5 5", "not-an-id 5 5", ";;;"})
        void whatCannotBeReadIsRefused(String at) {
            assertThat(sweep(at)).hasStatus(422);
            assertThat(walked().marks()).isEmpty();
        }

        @Test
        void areCopiedToAnotherWallAsFarAsTheyLieOnIt() {
            set("NAIL_HOLE", 500, 1500);
            set("ANCHOR", 3500, 1500);
            UUID other = wall(flat, 1).id();
            Map<String, String> copy =
                    Map.of("to", other.toString(), "id", UUID.randomUUID().toString());
            assertThat(post(member("jonas"), "/walls/" + wallId + "/marks/copied", copy))
                    .hasStatusOk()
                    .bodyText()
                    .contains("1 mark copied to", "Study B", "1 would lie beyond its edge");
            assertThat(post(member("jonas"), "/walls/" + wallId + "/marks/copied", copy))
                    .hasStatusOk();
            assertThat(asLead(() -> walks.wall(other)).marks())
                    .extracting(mark -> mark.mark().fault().kind())
                    .containsExactly(FaultKind.NAIL_HOLE);
            UUID foreign = wall(freshFlat("Tern Terrace"), 0).id();
            assertThat(post(member("jonas"), "/walls/" + wallId + "/marks/copied", Map.of("to", foreign.toString())))
                    .hasStatus(403);
        }
    }

    @Nested
    class TheRoom {
        private MvcTestResult find(String finding, boolean there) {
            return post(
                    member("jonas"),
                    "/walls/" + wallId + "/findings",
                    Map.of("finding", finding, "there", String.valueOf(there)));
        }

        @Test
        void whereThereWasSmokeEveryWallIsSealedAndPainted() {
            assertThat(walked().action()).isEqualTo(Action.LEAVE);
            assertThat(find("SMELL_OF_SMOKE", true)).hasStatusOk().bodyText().contains("smell of smoke: every wall");
            WalkedFlat whole = asLead(() -> walks.flat(houses.flat(flat.id())));
            assertThat(whole.surfaces()).allMatch(surface -> surface.action() == Action.FLAT);
            assertThat(walked().holding().needs()).contains(Need.SEALER);
            find("SMELL_OF_SMOKE", false);
            assertThat(walked().action()).isEqualTo(Action.LEAVE);
        }

        @Test
        void sayingItTwiceIsSayingItOnce() {
            find("DAMP", true);
            assertThat(find("DAMP", true)).hasStatusOk();
            assertThat(walked().around().findings()).containsExactly(RoomFinding.DAMP);
        }

        @Test
        void itsCeilingIsWalkedWithoutAnEyeBand() {
            UUID ceiling = flat.faces()
                    .filter(Surface::isCeiling)
                    .findFirst()
                    .orElseThrow()
                    .id();
            assertThat(post(
                            member("jonas"),
                            "/walls/" + ceiling + "/marks",
                            Map.of("kind", "NAIL_HOLE", "leftMm", "1500", "upMm", "1500")))
                    .hasStatusOk()
                    .bodyText()
                    .contains("This ceiling")
                    .doesNotContain("eye band");
            assertThat(asLead(() -> walks.wall(ceiling)).verdict().reasons())
                    .doesNotHaveAnyElementsOfTypes(Finding.InTheEyeBand.class);
        }

        /** A wall is beside it at each edge; where the window is, the light comes from. */
        @Test
        void itsCeilingTellsWhereTheWindowIs() {
            Room room = flat.rooms().getFirst();
            Surface ceiling = room.only(SurfaceKind.CEILING);
            Surface wall = room.walls().skip(1).findFirst().orElseThrow();
            String walk = "/walls/" + ceiling.id() + "/walk";
            assertThat(mvc.get().uri(walk).with(user(member("jonas"))))
                    .bodyText()
                    .contains("no window in this room")
                    .doesNotContain("rim-window");
            assertThat(post(
                            member("mirela"),
                            "/surfaces/" + wall.id() + "/features",
                            Map.of("feature", "WINDOW", "left", "0.5")))
                    .hasStatus(302);
            assertThat(mvc.get().uri(walk).with(user(member("jonas"))))
                    .bodyText()
                    .contains("window light along it, from B", "class=\"rim-window\"")
                    .doesNotContain("no window in this room", "eye band");
            assertThat(asLead(() -> walks.wall(ceiling.id())).surface().light()).isEqualTo(WindowLight.SAME_WALL);
            assertThat(mvc.get().uri("/walls/" + wall.id() + "/walk").with(user(member("jonas"))))
                    .bodyText()
                    .doesNotContain("rim-window", "window light along it");
        }

        @Test
        void itsTrimIsPaintedWhenSomebodySaysSo() {
            Surface trim = flat.rooms().getFirst().only(SurfaceKind.TRIM);
            assertThat(post(
                            member("jonas"),
                            "/walls/" + wallId + "/decide",
                            Map.of(
                                    "surface", trim.id().toString(),
                                    "action", "ROLL",
                                    "why", "kicked",
                                    "version", "-1")))
                    .hasStatusOk()
                    .bodyText()
                    .contains("Leave the trim", "its paint is not confirmed");
            post(
                    member("jonas"),
                    "/walls/" + wallId + "/goes-on",
                    Map.of("surface", trim.id().toString(), "paint", "tin:" + tin.id(), "version", "0"));
            WalkedFlat whole = asLead(() -> walks.flat(houses.flat(flat.id())));
            assertThat(whole.readyTrims())
                    .singleElement()
                    .satisfies(
                            ready -> assertThat(ready.face().run().inMetres()).isEqualTo(14));
        }
    }

    @Nested
    class TheRecordIsRight {
        private void painted(int index) {
            asLead(() -> {
                recording.addCoat(
                        wall(flat, index).id(),
                        NewCoat.finish(
                                tin.product().id(), tin.colour().id(), Optional.empty(), TODAY.minusYears(1), ""));
                return index;
            });
        }

        private Optional<PaintAnswer> answerOf(int index) {
            return asLead(() -> walks.wall(wall(flat, index).id())).visit().answer();
        }

        @Test
        void forTheWholeRoomInOneTapButNotWhereSomebodyHasAnsweredOrNothingIsOnRecord() {
            painted(1);
            painted(2);
            isOnIt(OnIt.of(PaintAnswer.RECORD_AGREES));
            asLead(() -> {
                confirming.isOnIt(wall(flat, 2).id(), OnIt.of(PaintAnswer.NOT_SURE), EditableRow.UNSAVED);
                return flat;
            });

            assertThat(post(member("jonas"), "/walls/" + wallId + "/paint-agrees", Map.of("reach", "ROOM")))
                    .hasStatusOk()
                    .bodyText()
                    .contains("answered for 1 more");
            assertThat(answerOf(1)).contains(PaintAnswer.RECORD_AGREES);
            assertThat(answerOf(2)).contains(PaintAnswer.NOT_SURE);
            assertThat(answerOf(3)).isEmpty();
        }

        @Test
        void aWallWhoseTinNobodyKnowsGetsThePaintBoughtAgain() {
            isOnIt(OnIt.of(PaintAnswer.RECORD_AGREES));
            painted(1);
            asLead(() -> confirming.agree(wallId, Reach.ROOM));
            assertThat(asLead(() -> walks.wall(wall(flat, 1).id())).basis()).isEqualTo(PaintBasis.BOUGHT_AGAIN);
        }

        @Test
        void isNotForAPainterOfAnotherHouseToSay() {
            painted(1);
            assertThat(post(member("emeka"), "/walls/" + wallId + "/paint-agrees", Map.of("reach", "FLAT")))
                    .hasStatus(403);
            assertThat(answerOf(1)).isEmpty();
        }
    }

    @Nested
    class WhatGoesOn {
        private String offers(String typed) {
            return new String(
                    mvc.get()
                            .uri("/walls/" + wallId + "/paints?q={q}", typed)
                            .with(user(member("jonas")))
                            .header("HX-Request", "true")
                            .exchange()
                            .getResponse()
                            .getContentAsByteArray(),
                    StandardCharsets.UTF_8);
        }

        @Test
        void isOfferedNearestFirstAndMadeForAWall() {
            String list = offers("");
            assertThat(list).doesNotContain("dead flat");
            assertThat(list.substring(list.indexOf("<b>"))).startsWith("<b>Oat Husk</b>");
        }

        @Test
        void isFoundByItsWordsInTheStoreAndToBuy() {
            assertThat(offers("slate hearth"))
                    .contains("Wet Slate", "Hearth Matt", "tin:", "buy:")
                    .doesNotContain("Oat Husk");
            assertThat(offers("nothing of that name")).contains("Nothing of that name is made for such a surface.");
        }

        @Test
        void aPaintStillToBuyNeedsNoTinAndIsPaintedWhole() {
            Tin slate = tinOf("Wet Slate");
            goesOn(new Next.ToBuy(slate.paint()), Reach.SURFACE);
            WalkedWall walked = walked();
            assertThat(walked.action()).isEqualTo(Action.ROLL);
            assertThat(walked.paint()).contains(slate.paint());
            assertThat(walked.visit().tinFor(walked.surface())).isEmpty();
            assertThat(walked.isReadyForSheet()).isTrue();
            assertThat(walked.verdict().reasons()).contains(new Finding.ColourIsWanted());
        }

        @Test
        void reachesTheWallsOfTheRoomButNotItsCeiling() {
            Tin slate = tinOf("Wet Slate");
            goesOn(new Next.ToBuy(slate.paint()), Reach.ROOM);
            asLead(() -> walks.flat(houses.flat(flat.id()))).surfaces().stream()
                    .filter(wall -> wall.room().id().equals(flat.roomOf(wallId).id()))
                    .forEach(wall -> assertThat(wall.visit().next().isPresent())
                            .isEqualTo(wall.surface().isWall()));
        }

        @Test
        void whoChoosesThePaintOnRecordHasFoundTheRecordRight() {
            goesOn(tin);
            assertThat(walked().visit().answer()).contains(PaintAnswer.RECORD_AGREES);
            goesOn(tinOf("Wet Slate"));
            assertThat(walked().basis()).isEqualTo(PaintBasis.OTHER_PAINT);
        }

        @Test
        void theSameAgainTakesAChoiceBack() {
            goesOn(tinOf("Wet Slate"));
            assertThat(post(
                            member("jonas"),
                            "/walls/" + wallId + "/goes-on",
                            Map.of(
                                    "paint",
                                    "same",
                                    "version",
                                    String.valueOf(walked().visit().version()))))
                    .hasStatusOk();
            assertThat(walked().visit().next()).isEmpty();
            assertThat(walked().action()).isEqualTo(Action.LEAVE);
        }

        @Test
        void whatIsNoPaintIsRefusedInWords() {
            for (String sent : List.of("", "buy:", "buy:x", "tin:x", "oat")) {
                assertThat(post(
                                member("jonas"),
                                "/walls/" + wallId + "/goes-on",
                                Map.of("paint", sent, "version", "-1")))
                        .hasStatus(422);
            }
        }
    }

    @Test
    void aFlatComparesOnHowManyWallsSomethingIsSeen() {
        set("NAIL_HOLE", 800, 1500);
        assertThat(mvc.get()
                        .uri("/flats/" + flat.id() + "/compared")
                        .with(user(member("jonas")))
                        .header("HX-Request", "true"))
                .hasStatusOk()
                .bodyText()
                .contains("seen on", "hardly any of");
    }

    @Nested
    class WillItShow {
        private UUID nail = new UUID(0, 0);

        @BeforeEach
        void aNailHole() {
            nail = UUID.randomUUID();
            set(nail, "NAIL_HOLE", 800, 1500);
        }

        private MvcTestResult get(String path, boolean htmx) {
            var request = mvc.get().uri(path).with(user(member("jonas")));
            return (htmx ? request.header("HX-Request", "true") : request).exchange();
        }

        /** Fresh sheen is nobody's matter any more. */
        @Test
        void aViewingThatHasBeenIsNotAhead() {
            Flat late = flat("Ropewalk Court", 12);
            LocalDate viewing = late.turnover().flatMap(Turnover::viewingOn).orElseThrow();
            assertThat(Walks.daysToViewing(late, viewing.minusDays(3))).hasValue(3);
            assertThat(Walks.daysToViewing(late, viewing)).hasValue(0);
            assertThat(Walks.daysToViewing(late, viewing.plusDays(1))).isEmpty();
        }

        @Test
        void thePageSaysFromWhereItIsGoneAndWhatElseThereIs() {
            assertThat(get("/marks/" + nail + "/touch-up", false))
                    .hasStatusOk()
                    .bodyText()
                    .contains(
                            "Will it show?",
                            "id=\"gone\"",
                            "/touch-up/more?feather=",
                            "data:image/png;base64,",
                            "role=\"slider\"",
                            "id=\"true-size\"",
                            "The whole wall");
        }

        @Test
        void aHandleAnswersWithWhatIsSeenAndAsksForTheRestLater() {
            assertThat(get("/marks/" + nail + "/touch-up?feather=120&days=0&tool=BRUSH&eye=3", true))
                    .hasStatusOk()
                    .bodyText()
                    .contains("after 0 days", "a brush", "/touch-up/more?feather=120", "data:image/png;base64,")
                    .doesNotContain("<html", "Feathered wide");
            assertThat(get("/marks/" + nail + "/touch-up/more?feather=120&days=0&tool=BRUSH", true))
                    .hasStatusOk()
                    .bodyText()
                    .contains("Along the wall", "Left alone", "Dabbed", "Feathered wide", "data:image/png;base64,");
        }

        /** The same handles give the same picture; how large it is does not depend on them. */
        @Test
        void thePictureStandsInTheAnswer() throws Exception {
            String narrow = picture("?feather=0&days=30");
            assertThat(picture("?feather=0&days=30")).isEqualTo(narrow);
            var image = javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(
                    java.util.Base64.getDecoder().decode(narrow)));
            assertThat(image.getWidth()).isEqualTo(300);
            assertThat(image.getHeight()).isEqualTo(200);
        }

        private String picture(String handles) throws Exception {
            String body = get("/marks/" + nail + "/touch-up" + handles, true)
                    .getResponse()
                    .getContentAsString();
            int from = body.indexOf("data:image/png;base64,") + "data:image/png;base64,".length();
            return body.substring(from, body.indexOf('"', from));
        }

        @Test
        void whatDecidesIsSaidOnceTheHandHasComeToRest() {
            set(UUID.randomUUID(), "NAIL_HOLE", 1600, 500);
            assertThat(get("/walls/" + wallId + "/walk", false))
                    .hasStatusOk()
                    .bodyText()
                    .contains("/walls/" + wallId + "/decides");
            assertThat(get("/walls/" + wallId + "/decides", true))
                    .hasStatusOk()
                    .bodyText()
                    .contains("What would change it")
                    .doesNotContain("<html");
        }

        @Test
        void whatAHandleCannotBeIsSaid() {
            assertThat(get("/marks/" + nail + "/touch-up?feather=900&tool=MOP", true))
                    .hasStatusOk()
                    .bodyText()
                    .contains("Feather must be 0–150 mm, was 900 mm.", "Tool must be one of the choices, was “MOP”.");
        }

        @Test
        void whereNoColourIsKnownItCannotBeTried() {
            UUID other = UUID.randomUUID();
            post(
                    member("jonas"),
                    "/walls/" + wall(flat, 1).id() + "/marks",
                    Map.of("id", other.toString(), "kind", "NAIL_HOLE", "leftMm", "500", "upMm", "1500"));
            assertThat(get("/marks/" + other + "/touch-up", false))
                    .hasStatusOk()
                    .bodyText()
                    .contains("It cannot be tried");
        }
    }

    @Nested
    class InHowManyCoats {
        private MvcTestResult choose(String coats, String reach) {
            return post(
                    member("jonas"),
                    "/walls/" + wallId + "/coats",
                    Map.of(
                            "coats",
                            coats,
                            "reach",
                            reach,
                            "version",
                            String.valueOf(walked().visit().version())));
        }

        @Test
        void eachWayIsShownWithWhatItComesToAndTheOddsOfOneMore() {
            goesOn(tinOf("Wet Slate"));
            assertThat(mvc.get()
                            .uri("/walls/" + wallId + "/coats")
                            .with(user(member("jonas")))
                            .header("HX-Request", "true"))
                    .hasStatusOk()
                    .bodyText()
                    .contains("as the house does it", "three coats", "an undercoat and one coat", "One more needed: ")
                    .doesNotContain("<html");
        }

        @Test
        void withoutScriptsTheyStandOnThePage() {
            assertThat(mvc.get().uri("/walls/" + wallId + "/coats").with(user(member("jonas"))))
                    .hasStatusOk()
                    .bodyText()
                    .contains("<html", "three coats", "This counts once all of the surface is painted.");
        }

        @Test
        void whatWasChosenIsPlannedAndCanBeTakenBack() {
            goesOn(tinOf("Wet Slate"));
            assertThat(choose("2+3", "SURFACE"))
                    .hasStatusOk()
                    .bodyText()
                    .contains("In two undercoats and three coats.");
            assertThat(walked().face().goesOn().asked()).contains(new BuildUp(2, 3));
            assertThat(choose("", "SURFACE")).hasStatusOk().bodyText().doesNotContain("coats-decided");
            assertThat(walked().face().goesOn().asked()).isEmpty();
        }

        @Test
        void reachesTheWallsOfTheRoom() {
            choose("0+3", "ROOM");
            asLead(() -> walks.flat(houses.flat(flat.id()))).surfaces().stream()
                    .filter(wall -> wall.room().id().equals(flat.roomOf(wallId).id()))
                    .forEach(wall -> assertThat(wall.visit().coats().isPresent())
                            .isEqualTo(wall.surface().isWall()));
        }

        @Test
        void whatMakesNoSenseIsRefusedInWords() {
            for (String sent : List.of("0+0", "3+1", "0+5", "two", "1")) {
                assertThat(choose(sent, "SURFACE"))
                        .hasStatus(422)
                        .bodyText()
                        .contains("Coats must be one of the choices");
            }
            assertThat(walked().visit().coats()).isEmpty();
        }
    }

    @Nested
    class WhatIsOnIt {
        @Test
        void anotherWallsPaintWhereItIsLikeThat() {
            UUID like = wall(flat, 1).id();
            assertThat(walked().surface().topCoat()).isPresent();
            asLead(() -> {
                confirming.isOnIt(like, OnIt.like(wallId), EditableRow.UNSAVED);
                return like;
            });
            WalkedWall other = asLead(() -> walks.wall(like));
            assertThat(other.recorded().topCoat()).isEmpty();
            assertThat(other.basis()).isEqualTo(PaintBasis.SAME_TIN);
            assertThat(other.paint()).contains(tin.paint());
        }

        @Test
        void likeItselfOrASurfaceOfAnotherFlatIsNotFound() {
            UUID elsewhere = wall(freshFlat("Tern Terrace"), 0).id();
            for (UUID like : List.of(wallId, elsewhere)) {
                assertThat(post(
                                member("jonas"),
                                "/walls/" + wallId + "/paint",
                                Map.of("answer", "LIKE_ANOTHER", "like", like.toString(), "version", "-1")))
                        .hasStatus(404);
            }
        }

        @Test
        void aNewSkimIsPrimedAndPaintedAndStandsUntilItIsDry() {
            assertThat(post(
                            member("jonas"),
                            "/walls/" + wallId + "/paint",
                            Map.of("answer", "BARE", "raw", "NEW_SKIM", "since", TODAY.toString(), "version", "-1")))
                    .hasStatusOk()
                    .bodyText()
                    .contains("Put on today.", "pale all over and not cool to the palm");
            WalkedWall walked = walked();
            assertThat(walked.basis()).isEqualTo(PaintBasis.BARE);
            assertThat(walked.action()).isEqualTo(Action.ROLL);
            assertThat(walked.holding().needs()).containsExactly(Need.MIST_COAT);
            assertThat(walked.isReadyForSheet())
                    .as("nobody has said what goes on")
                    .isFalse();
            goesOn(tin);
            assertThat(walked().isReadyForSheet()).isTrue();
        }

        @Test
        void aDayYetToComeIsRefused() {
            assertThat(post(
                            member("jonas"),
                            "/walls/" + wallId + "/paint",
                            Map.of(
                                    "answer",
                                    "BARE",
                                    "raw",
                                    "NEW_PLASTER",
                                    "since",
                                    TODAY.plusDays(1).toString(),
                                    "version",
                                    "-1")))
                    .hasStatus(422);
            assertThat(walked().visit().onIt()).isEmpty();
        }

        @Test
        void aLeftOverThatIsRecognisedMakesItTheSameTin() {
            UUID unknown = wall(flat, 1).id();
            asLead(() -> {
                recording.addCoat(
                        unknown,
                        NewCoat.finish(
                                tin.product().id(), tin.colour().id(), Optional.empty(), TODAY.minusYears(1), ""));
                confirming.isOnIt(unknown, OnIt.of(PaintAnswer.RECORD_AGREES), EditableRow.UNSAVED);
                return unknown;
            });
            assertThat(asLead(() -> walks.wall(unknown)).basis()).isEqualTo(PaintBasis.BOUGHT_AGAIN);
            assertThat(post(
                            member("jonas"),
                            "/walls/" + unknown + "/left-over",
                            Map.of("tin", tin.id().toString())))
                    .hasStatusOk()
                    .bodyText()
                    .contains("It was not from that tin");
            assertThat(asLead(() -> walks.wall(unknown)).basis()).isEqualTo(PaintBasis.SAME_TIN);
            assertThat(post(member("jonas"), "/walls/" + unknown + "/left-over", Map.of("tin", "")))
                    .hasStatusOk()
                    .bodyText()
                    .contains("Its batch is not on record. Is it left over from this?");
            assertThat(asLead(() -> walks.wall(unknown)).basis()).isEqualTo(PaintBasis.BOUGHT_AGAIN);
        }

        @Test
        void whatWasPouredTogetherLatelyIsNoLeftOverOfIt() {
            UUID unknown = wall(flat, 1).id();
            UUID poured = asLead(() -> {
                recording.addCoat(
                        unknown,
                        NewCoat.finish(
                                tin.product().id(), tin.colour().id(), Optional.empty(), TODAY.minusYears(1), ""));
                return store.addTin(
                        "W-900",
                        tin.product().id(),
                        tin.colour().id(),
                        "b1 + b2",
                        Volume.ofLitres(5),
                        Volume.ofLitres(4),
                        "van",
                        "");
            });
            try {
                assertThat(asLead(() -> offers.leftOvers(walks.wall(unknown).surface())))
                        .extracting(Tin::id)
                        .contains(tin.id())
                        .doesNotContain(poured);
            } finally {
                asLead(() -> {
                    store.takeOut(poured);
                    return null;
                });
            }
        }
    }

    @Nested
    class GoingOn {
        private MvcTestResult on(UUID from, Map<String, String> fields) {
            var request = mvc.post()
                    .uri("/walls/" + from + "/walked")
                    .with(user(member("jonas")))
                    .with(csrf());
            fields.forEach(request::param);
            return request.exchange();
        }

        @Test
        void leadsToTheNextThatNobodyHasWalkedAndAtLastToTheFlat() {
            List<UUID> faces = flat.faces().map(Surface::id).toList();
            assertThat(on(faces.get(1), Map.of())).hasRedirectedUrl("/walls/" + faces.get(2) + "/walk");
            assertThat(on(faces.get(0), Map.of())).hasRedirectedUrl("/walls/" + faces.get(2) + "/walk");
            faces.stream().skip(2).forEach(face -> on(face, Map.of()));
            assertThat(on(faces.get(0), Map.of())).hasRedirectedUrl("/flats/" + flat.id());
        }

        @Test
        void aRoomWithNothingInItIsPassedAtOnce() {
            on(wallId, Map.of("reach", "ROOM"));
            WalkedFlat walked = asLead(() -> walks.flat(houses.flat(flat.id())));
            assertThat(walked.walked())
                    .containsExactlyInAnyOrderElementsOf(flat.roomOf(wallId).surfaces().stream()
                            .filter(surface -> surface.wall().isPresent())
                            .map(Surface::id)
                            .toList());
        }

        @Test
        void walkItOpensTheFirstThatNobodyHasWalked() {
            List<UUID> faces = flat.faces().map(Surface::id).toList();
            on(faces.get(0), Map.of());
            assertThat(mvc.get()
                            .uri("/flats/" + flat.id() + "/walk")
                            .with(user(member("jonas")))
                            .exchange())
                    .hasRedirectedUrl("/walls/" + faces.get(1) + "/walk");
        }

        @Test
        void undoTakesBackOnlyOnesOwnMarks() {
            set("NAIL_HOLE", 800, 700);
            UUID own = walked().marks().getFirst().id();
            post(member("saoirse"), "/walls/" + wallId + "/undo", Map.of("mark", own.toString()));
            assertThat(walked().marks()).hasSize(1);
            post(member("jonas"), "/walls/" + wallId + "/undo", Map.of("mark", own.toString()));
            assertThat(walked().marks()).isEmpty();
        }
    }

    @Nested
    class WholeRoomsAndFlats {
        private List<Action> actions() {
            return asLead(() -> walks.flat(houses.flat(flat.id()))).surfaces().stream()
                    .map(WalkedWall::action)
                    .toList();
        }

        @Test
        void areDecidedWithoutAReasonAndTakenBackTogether() {
            assertThat(post(member("jonas"), "/walls/" + wallId + "/decide", Map.of("action", "FLAT", "version", "-1")))
                    .hasStatusOk()
                    .bodyText()
                    .contains("Decided otherwise; the verdict was “Leave”.");
            assertThat(actions()).containsOnly(Action.FLAT);
            post(
                    member("jonas"),
                    "/walls/" + wallId + "/decide",
                    Map.of(
                            "action",
                            "",
                            "version",
                            String.valueOf(walked().visit().version())));
            assertThat(actions()).containsOnly(Action.LEAVE);
        }

        @Test
        void aRoomIsItsWalls() {
            post(member("jonas"), "/walls/" + wallId + "/decide", Map.of("action", "ROOM", "version", "-1"));
            asLead(() -> walks.flat(houses.flat(flat.id())))
                    .surfaces()
                    .forEach(wall -> assertThat(wall.action())
                            .isEqualTo(
                                    wall.surface().isWall()
                                                    && wall.room()
                                                            .id()
                                                            .equals(flat.roomOf(wallId)
                                                                    .id())
                                            ? Action.ROOM
                                            : Action.LEAVE));
        }

        @Test
        void ofAWholeRoomThePriceIsThatOfTheWholeWall() {
            set("NAIL_HOLE", 800, 700);
            assertThat(post(member("jonas"), "/walls/" + wallId + "/decide", Map.of("action", "ROOM", "version", "-1")))
                    .bodyText()
                    .containsPattern("id=\"verdict-price\"[^>]*>here [0-9]");
            assertThat(walked().price().action()).isEqualTo(Action.ROLL);
        }
    }

    @Nested
    class PlacesThatWear {
        private UUID bathWall = new UUID(0, 0);

        @BeforeEach
        void aBath() {
            bathWall = asLead(() -> {
                recording.addRoom(
                        flat.id(),
                        NewRoom.bare(
                                "Bath",
                                RoomKind.BATH,
                                Outline.rectangle(Length.ofMetres(2.4), Length.ofMetres(1.8)),
                                Length.ofMetres(2.5),
                                Substrate.GYPSUM_BOARD,
                                Texture.SMOOTH));
                flat = houses.flat(flat.id());
                return wall(flat, 4).id();
            });
        }

        private MvcTestResult answer(String answer) {
            return post(
                    member("jonas"),
                    "/walls/" + bathWall + "/places",
                    Map.of("kind", "ABOVE_BATH", "leftMm", "0", "answer", answer));
        }

        @Test
        void areAskedUntilTheyAreAnswered() {
            assertThat(asLead(() -> walks.flat(flat)).openPlaces()).hasSize(1);
            assertThat(answer("PAINT")).hasStatusOk();
            WalkedFlat whole = asLead(() -> walks.flat(flat));
            assertThat(whole.openPlaces()).isEmpty();
            assertThat(asLead(() -> walks.wall(bathWall)).hasWork()).isTrue();
            assertThat(mvc.get().uri("/walls/" + bathWall + "/walk").with(user(member("jonas"))))
                    .bodyText()
                    .contains("Paint above the bath");
            answer("TILED");
            assertThat(asLead(() -> walks.wall(bathWall)).hasWork()).isFalse();
        }

        @Test
        void thatAreNotThereCannotBeAnswered() {
            assertThat(post(
                            member("jonas"),
                            "/walls/" + wallId + "/places",
                            Map.of("kind", "ABOVE_BATH", "leftMm", "0", "answer", "PAINT")))
                    .hasStatus(404);
        }
    }

    @Test
    void theWalkOfAFlatKnowsEveryWallAndTheCeiling() {
        WalkedFlat walked = asLead(() -> walks.flat(houses.flat(flat.id())));
        assertThat(walked.surfaces()).hasSize(5);
        assertThat(walked.surfaces().getLast().surface().isCeiling()).isTrue();
    }
}
