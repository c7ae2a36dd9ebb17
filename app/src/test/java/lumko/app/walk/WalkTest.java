package lumko.app.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.EditableRow;
import lumko.core.judge.PaintBasis;
import lumko.core.judge.Rule;
import lumko.core.quantity.Length;
import lumko.core.work.Action;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class WalkTest extends ApplicationTest {
    @Autowired
    Walks walks;

    @Autowired
    Store store;

    private UUID wallId = new UUID(0, 0);
    private Tin tin;
    private Flat flat;

    /** A wall painted a month ago from a tin that is in the store, in a flat handed back yesterday. */
    @BeforeEach
    void aWall() {
        flat = freshFlat("Ropewalk Court");
        wallId = wall(flat, 0).id();
        tin = asLead(() -> store.stock().onShelf().stream()
                .filter(each -> each.colour().name().equals("Oat Husk"))
                .findFirst()
                .orElseThrow());
        asLead(() -> {
            houses.addCoat(
                    wallId,
                    NewCoat.finish(
                            tin.product().id(),
                            tin.colour().id(),
                            Optional.of(tin.id()),
                            LocalDate.now().minusMonths(1),
                            ""));
            houses.setDates(
                    flat.id(), LocalDate.now().minusDays(1), Optional.empty(), Optional.empty(), EditableRow.UNSAVED);
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

    private void answer(PaintAnswer answer, Optional<UUID> tinId) {
        asLead(() -> {
            walks.answer(wallId, answer, tinId, walks.wall(wallId).visit().version());
            return answer;
        });
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
                    .containsExactly("Jonas Petrak", "Saoirse Lindqvist");
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
        void theRecordAgreesButTheTinIsAnother() {
            answer(PaintAnswer.RECORD_AGREES, Optional.empty());
            assertThat(walked().basis()).isEqualTo(PaintBasis.BOUGHT_AGAIN);
        }

        @Test
        void theTinOnRecordIsTheBestThereIs() {
            answer(PaintAnswer.TIN_IN_STORE, Optional.of(tin.id()));
            assertThat(walked().basis()).isEqualTo(PaintBasis.SAME_BATCH);
        }

        @Test
        void aTinOfAnotherColourMeansWholeWalls() {
            Tin other = asLead(() -> store.stock().onShelf().stream()
                    .filter(each -> each.colour().name().equals("Wet Slate"))
                    .findFirst()
                    .orElseThrow());
            set("NAIL_HOLE", 800, 700);
            answer(PaintAnswer.TIN_IN_STORE, Optional.of(other.id()));
            WalkedWall walked = walked();
            assertThat(walked.basis()).isEqualTo(PaintBasis.OTHER_PAINT);
            assertThat(walked.action()).isEqualTo(Action.ROLL);
            assertThat(walked.paint().map(paint -> paint.colour()).orElseThrow().name())
                    .isEqualTo("Wet Slate");
        }

        @Test
        void notSureRulesSpotsOutAndKeepsTheWallOffTheSheet() {
            set("NAIL_HOLE", 800, 700);
            answer(PaintAnswer.NOT_SURE, Optional.empty());
            WalkedWall walked = walked();
            assertThat(walked.action()).isEqualTo(Action.ROLL);
            assertThat(walked.verdict().reasons())
                    .extracting(each -> each.rule())
                    .contains(Rule.PAINT_UNKNOWN);
            assertThat(walked.isReadyForSheet()).isFalse();
        }

        @Test
        void aTinThatIsNotThereIsNotFound() {
            assertThat(post(
                            member("jonas"),
                            "/walls/" + wallId + "/paint",
                            Map.of(
                                    "answer",
                                    "TIN_IN_STORE",
                                    "tin",
                                    UUID.randomUUID().toString(),
                                    "version",
                                    "-1")))
                    .hasStatus(404);
        }
    }

    @Nested
    class DecidingOtherwise {
        @Test
        void needsAReasonAndKeepsIt() {
            set("NAIL_HOLE", 800, 700);
            Map<String, String> fields = new HashMap<>(Map.of("action", "ROLL", "why", " ", "version", "-1"));
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
            assertThat(walked().action()).isEqualTo(Action.ROLL);
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
                .hasStatus(403)
                .bodyText()
                .contains("is let. Enter when the keys come back first");
    }

    @Test
    void theWalkOfAFlatKnowsEveryWallAndTheCeiling() {
        WalkedFlat walked = asLead(() -> walks.flat(houses.flat(flat.id())));
        assertThat(walked.surfaces()).hasSize(5);
        assertThat(walked.surfaces().getLast().surface().isCeiling()).isTrue();
    }
}
