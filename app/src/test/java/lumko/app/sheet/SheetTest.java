package lumko.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.PaintBook;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.house.Surface;
import lumko.app.house.SurfaceKind;
import lumko.app.house.Turnover;
import lumko.app.platform.EditableRow;
import lumko.app.platform.NotNowException;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.app.walk.Confirming;
import lumko.app.walk.Deciding;
import lumko.app.walk.Marking;
import lumko.app.walk.Next;
import lumko.app.walk.OnIt;
import lumko.app.walk.PaintAnswer;
import lumko.app.walk.Reach;
import lumko.app.walk.Walks;
import lumko.core.activity.ActivityKind;
import lumko.core.drying.Climate;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.geometry.Spot;
import lumko.core.job.Action;
import lumko.core.job.BuildUp;
import lumko.core.judge.Scrutiny;
import lumko.core.quantity.Volume;
import lumko.core.record.Layer;
import lumko.core.repair.Mark;
import lumko.core.schedule.Clock;
import lumko.core.turnover.FlatState;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.data.Offset;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.transaction.support.TransactionTemplate;

class SheetTest extends ApplicationTest {
    @Autowired
    Sheets sheets;

    @Autowired
    Ticking ticking;

    @Autowired
    SheetMaking making;

    @Autowired
    Closing closing;

    @Autowired
    Reopening reopening;

    @Autowired
    Walks walks;

    @Autowired
    Deciding deciding;

    @Autowired
    Confirming confirming;

    @Autowired
    org.springframework.jdbc.core.simple.JdbcClient jdbc;

    @Autowired
    TransactionTemplate transactions;

    @Autowired
    Marking marking;

    @Autowired
    Store store;

    private final Instant start = START.minus(Duration.ofDays(3)).truncatedTo(ChronoUnit.MILLIS);
    private UUID wallId = new UUID(0, 0);
    private Flat flat;
    private Tin tin;

    /** One wall with three nail holes, its paint confirmed by the tin, in a flat handed back four days ago. */
    @BeforeEach
    void aWalkedWall() {
        flat = freshFlat("Ropewalk Court");
        wallId = wall(flat, 0).id();
        asLead(() -> {
            PaintBook stock = paints.book();
            UUID tinId = store.addTin(
                    "T" + flat.number(),
                    stock.productsByName().stream()
                            .filter(p -> p.name().equals("Hearth Matt"))
                            .findFirst()
                            .orElseThrow()
                            .id(),
                    stock.coloursByName().getFirst().id(),
                    "B" + flat.number(),
                    Volume.ofLitres(5),
                    Volume.ofLitres(3),
                    "test shelf",
                    "");
            tin = store.tin(tinId).orElseThrow();
            recording.addCoat(
                    wallId,
                    NewCoat.finish(
                            tin.product().id(), tin.colour().id(), Optional.of(tinId), TODAY.minusMonths(2), ""));
            recording.setDates(
                    flat.id(),
                    TODAY.minusDays(4),
                    Optional.empty(),
                    Optional.empty(),
                    Scrutiny.AS_USUAL,
                    EditableRow.UNSAVED);
            for (int n = 0; n < 3; n++) {
                marking.set(
                        UUID.randomUUID(),
                        wallId,
                        new Mark(Spot.ofMillimetres(800 + 700 * n, 700), FaultKind.NAIL_HOLE.usualFault()));
            }
            confirming.isOnIt(wallId, OnIt.of(PaintAnswer.RECORD_AGREES), EditableRow.UNSAVED);
            return tinId;
        });
    }

    /** One more wall from the same tin, with one fault on it. */
    private UUID walkedToo(UUID other, FaultKind kind) {
        recording.addCoat(
                other,
                NewCoat.finish(tin.product().id(), tin.colour().id(), Optional.of(tin.id()), TODAY.minusMonths(2), ""));
        marking.set(UUID.randomUUID(), other, new Mark(Spot.ofMillimetres(800, 700), kind.usualFault()));
        confirming.isOnIt(other, OnIt.of(PaintAnswer.RECORD_AGREES), EditableRow.UNSAVED);
        return other;
    }

    private String page(UUID id) throws Exception {
        return mvc.get()
                .uri("/sheets/" + id)
                .with(user(member("jonas")))
                .exchange()
                .getResponse()
                .getContentAsString();
    }

    private UUID make() {
        return asLead(() -> clock.at(start, () -> making.make(flat.id())));
    }

    private Sheet sheet(UUID id) {
        return asLead(() -> sheets.sheet(id));
    }

    private Ticking.Ticked tick(UUID step, Instant at, String why) {
        return as(
                member("jonas"),
                () -> clock.at(at, () -> {
                    ticking.read(step, Optional.empty());
                    return ticking.tick(step, why, Optional.empty());
                }));
    }

    /** Closes as planned: nothing is seen, every tin goes back to its shelf. */
    private void close(UUID id) {
        Sheet sheet = sheets.sheet(id);
        closing.close(
                id,
                new Inspection(Inspection.Seen.NOT_SEEN, List.of(Inspection.From.values()), ""),
                sheet.paints().stream()
                        .flatMap(need -> need.open().stream()
                                .map(each -> new Closing.TinLeft(
                                        each.id(), need.leftIn(each), each.place(), each.version())))
                        .toList(),
                List.of());
    }

    private void tickAll(UUID sheetId) {
        Instant at = start;
        for (SheetStep step : sheet(sheetId).steps()) {
            at = at.plus(Duration.ofHours(4));
            assertThat(tick(step.id(), at, "")).isInstanceOf(Ticking.Ticked.Done.class);
        }
    }

    private FlatState state(Instant now) {
        return asLead(() -> clock.at(now, () -> {
            Turnover turnover = houses.flat(flat.id()).turnover().orElseThrow();
            return Sheets.flatProgress(
                            Optional.of(turnover),
                            sheets.progress(List.of(turnover.id())).getOrDefault(turnover.id(), Sheets.Progress.NONE))
                    .state(TODAY, now, Catalogue.starting());
        }));
    }

    private MvcTestResult post(Member member, String path, Map<String, String> fields) {
        var request = mvc.post().uri(path).with(user(member)).with(csrf()).header("HX-Request", "true");
        fields.forEach(request::param);
        return request.exchange();
    }

    @Nested
    class MakingIt {
        @Test
        void takesEveryWallWithWorkAndAConfirmedPaint() {
            UUID other = wall(flat, 1).id();
            asLead(() -> {
                marking.set(
                        UUID.randomUUID(), other, new Mark(Spot.ofMillimetres(800, 700), FaultKind.DING.usualFault()));
                return other;
            });
            Sheet sheet = sheet(make());
            assertThat(sheet.walls()).extracting(SheetWall::label).containsExactly("Study A");
            assertThat(sheet.walls()).extracting(SheetWall::action).containsExactly(Action.DAB);
            assertThat(sheet.steps())
                    .extracting(step -> step.activity().kind())
                    .startsWith(ActivityKind.SET_UP)
                    .endsWith(ActivityKind.PACK_UP);
        }

        @Test
        void namesTheTinAndItsPlace() {
            Sheet sheet = sheet(make());
            assertThat(sheet.paints()).singleElement().satisfies(paint -> {
                assertThat(paint.open()).extracting(Tin::label).containsExactly(tin.label());
                assertThat(paint.buy()).isEmpty();
                assertThat(paint.litres().inLitres()).isLessThan(0.1);
            });
        }

        @Test
        void isRefusedWhileAnotherIsOpenAndWhereNothingIsReady() {
            make();
            assertThatThrownBy(SheetTest.this::make)
                    .isInstanceOf(NotNowException.class)
                    .hasMessage("denied.sheetOpen");
            Flat bare = freshFlat("Ropewalk Court");
            assertThat(post(member("jonas"), "/flats/" + bare.id() + "/sheet", Map.of()))
                    .hasStatus(409)
                    .bodyText()
                    .contains("is let. Enter when the keys come back first");
        }

        @Test
        void canBeGivenUpUntilSomethingIsTicked() {
            UUID id = make();
            asLead(() -> making.discard(id));
            UUID again = make();
            tick(sheet(again).steps().getFirst().id(), start, "");
            assertThatThrownBy(() -> asLead(() -> making.discard(again))).hasMessage("denied.ticked");
        }
    }

    @Nested
    class OnSite {
        @Test
        void somethingWetAsksForTheReasonAndKeepsIt() {
            UUID id = make();
            Sheet sheet = sheet(id);
            SheetStep fill = sheet.steps().stream()
                    .filter(s -> s.activity().kind() == ActivityKind.FILL)
                    .findFirst()
                    .orElseThrow();
            SheetStep next = sheet.steps().get(sheet.steps().indexOf(fill) + 1);
            tick(fill.id(), start, "");
            Instant tooEarly = start.plus(Duration.ofMinutes(40));
            assertThat(tick(next.id(), tooEarly, "")).isEqualTo(new Ticking.Ticked.StillWet(id, next.id()));
            assertThat(tick(next.id(), tooEarly, "powders under the nail")).isEqualTo(new Ticking.Ticked.Done(id));
            assertThat(sheet(id)
                            .steps()
                            .get(sheet.steps().indexOf(next))
                            .tick()
                            .orElseThrow()
                            .earlyWhy())
                    .contains("powders under the nail");
        }

        @Test
        void onceDryNoReasonIsAsked() {
            UUID id = make();
            Sheet sheet = sheet(id);
            SheetStep fill = sheet.steps().stream()
                    .filter(s -> s.activity().kind() == ActivityKind.FILL)
                    .findFirst()
                    .orElseThrow();
            SheetStep next = sheet.steps().get(sheet.steps().indexOf(fill) + 1);
            tick(fill.id(), start, "");
            // light filler of 3 mm: 45 minutes at the usual air
            assertThat(tick(next.id(), start.plus(Duration.ofMinutes(46)), "")).isEqualTo(new Ticking.Ticked.Done(id));
        }

        @Test
        void whatTheHandHasJudgedIsNotAskedForAgain() {
            asLead(() -> {
                marking.set(
                        UUID.randomUUID(),
                        wallId,
                        new Mark(Spot.ofMillimetres(3000, 700), FaultKind.ANCHOR.usualFault()));
                return wallId;
            });
            UUID id = make();
            Sheet sheet = sheet(id);
            int fill = index(sheet, ActivityKind.FILL);
            assertThat(sheet.steps().get(fill + 1).activity().kind()).isEqualTo(ActivityKind.FILL_AGAIN);
            tick(sheet.steps().get(fill).id(), start, "");
            tick(sheet.steps().get(fill + 1).id(), start.plusSeconds(60), "pale all over");
            // the first filling would dry for hours yet; the fine filler on it takes an hour and a half
            Instant soon = start.plus(Duration.ofMinutes(95));
            assertThat(tick(sheet.steps().get(fill + 2).id(), start.plus(Duration.ofMinutes(20)), ""))
                    .isInstanceOf(Ticking.Ticked.StillWet.class);
            assertThat(tick(sheet.steps().get(fill + 2).id(), soon, "")).isInstanceOf(Ticking.Ticked.Done.class);
        }

        private int index(Sheet sheet, ActivityKind kind) {
            return sheet.steps().stream()
                    .map(step -> step.activity().kind())
                    .toList()
                    .indexOf(kind);
        }

        @Test
        void theClockFollowsTheAirAsNoted() {
            UUID id = make();
            SheetStep fill = sheet(id).steps().stream()
                    .filter(s -> s.activity().kind() == ActivityKind.FILL)
                    .findFirst()
                    .orElseThrow();
            tick(fill.id(), start, "");
            Instant usual = ready(id, fill);
            as(member("jonas"), () -> {
                ticking.noteClimate(id, Climate.of(12, 75, Climate.Air.STILL));
                return id;
            });
            assertThat(ready(id, fill)).isAfter(usual.plus(Duration.ofHours(1)));
        }

        private Instant ready(UUID id, SheetStep step) {
            return sheet(id).steps().stream()
                    .filter(each -> each.id().equals(step.id()))
                    .findFirst()
                    .flatMap(SheetStep::clock)
                    .flatMap(Clock::likely)
                    .orElseThrow();
        }

        @Test
        void twiceIsOnceAndCanBeTakenBack() {
            UUID id = make();
            UUID first = sheet(id).steps().getFirst().id();
            tick(first, start, "");
            tick(first, start.plusSeconds(60), "");
            assertThat(sheet(id).steps().getFirst().tick().orElseThrow().at()).isEqualTo(start);
            as(member("jonas"), () -> ticking.untick(first));
            assertThat(sheet(id).ticked()).isZero();
        }

        /** What one person does is not done with yet when another does the same. */
        private <T> T whileSomebodyIsAtIt(Supplier<?> first, Supplier<T> second) throws Exception {
            CountDownLatch isUnderWay = new CountDownLatch(1);
            try (ExecutorService hands = Executors.newFixedThreadPool(2)) {
                Future<?> one = hands.submit(() -> as(
                        member("saoirse"),
                        () -> transactions.execute(status -> {
                            Object done = first.get();
                            isUnderWay.countDown();
                            awaitAnotherWaiting();
                            return done;
                        })));
                assertThat(isUnderWay.await(10, TimeUnit.SECONDS)).isTrue();
                T other = hands.submit(() -> as(member("jonas"), second)).get();
                one.get();
                return other;
            }
        }

        private void awaitAnotherWaiting() {
            Awaitility.await("somebody waits")
                    .until(() -> jdbc.sql("select count(*) from pg_stat_activity where wait_event_type = 'Lock'")
                                    .query(Integer.class)
                                    .single()
                            > 0);
        }

        @Test
        void twoAtOnceReadACautionOrTickAStepOnce() throws Exception {
            SheetStep step = sheet(make()).steps().stream()
                    .filter(each -> !each.activity().cautions().isEmpty())
                    .findFirst()
                    .orElseThrow();
            whileSomebodyIsAtIt(
                    () -> ticking.read(step.id(), Optional.empty()), () -> ticking.read(step.id(), Optional.empty()));
            assertThat(whileSomebodyIsAtIt(
                            () -> ticking.tick(step.id(), "dry to the hand", Optional.empty()),
                            () -> ticking.tick(step.id(), "dry to the hand", Optional.empty())))
                    .isInstanceOf(Ticking.Ticked.Done.class);
        }

        @Test
        void isForPaintersOfAnyHouseButNotForTheOffice() {
            UUID first = sheet(make()).steps().getFirst().id();
            assertThat(post(member("tobias"), "/steps/" + first + "/tick", Map.of()))
                    .hasStatus(403)
                    .bodyText()
                    .contains("painters tick them");
            assertThat(post(stranger(), "/steps/" + first + "/tick", Map.of())).hasStatus(404);
            assertThat(post(member("emeka"), "/steps/" + first + "/tick", Map.of()))
                    .hasStatusOk();
        }

        @ParameterizedTest
        @CsvSource(
                delimiter = '|',
                value = {
                    "400 | 50 | Temperature must be −30–60 °C, was 400 °C.",
                    "21 | 130 | Humidity must be 0–100 %, was 130 %.",
                    "warm | 50 | Temperature must be a number (°C), was “warm”."
                })
        void airThatCannotBeIsRefused(String temperature, String humidity, String sentence) {
            UUID id = make();
            assertThat(post(
                            member("jonas"),
                            "/sheets/" + id + "/climate",
                            Map.of("temperature", temperature, "humidity", humidity, "air", "STILL")))
                    .hasStatus(422)
                    .bodyText()
                    .contains(sentence, "value=\"" + temperature + "\"");
            assertThat(sheet(id).climate()).isEqualTo(Climate.REFERENCE);
        }
    }

    @Nested
    class WhatCanHurt {
        private SheetStep dangerous(UUID id) {
            return sheet(id).steps().stream()
                    .filter(step -> !step.activity().cautions().isEmpty())
                    .findFirst()
                    .orElseThrow();
        }

        /** At the thumb stands what comes next: the caution, and once it is read the tick. */
        @Test
        void leadsTheThumbToWhatIsToBeRead() throws Exception {
            UUID id = make();
            SheetStep step = dangerous(id);
            sheet(id).steps().stream()
                    .takeWhile(before -> !before.id().equals(step.id()))
                    .forEach(before -> tick(before.id(), start, ""));
            assertThat(dangerous(id).unread()).isNotEmpty();
            int index = sheet(id).steps().indexOf(dangerous(id));
            assertThat(page(id))
                    .contains("href=\"#caution-" + index + "\"", "id=\"caution-" + index + "\"")
                    .doesNotContain("id=\"thumb-tick\"");
            assertThat(post(member("jonas"), "/steps/" + step.id() + "/read", Map.of()))
                    .hasStatusOk();
            assertThat(page(id)).contains("id=\"thumb-tick\"").doesNotContain("href=\"#caution-" + index + "\"");
        }

        @Test
        void isReadOnceForAllRoomsOfAStep() throws Exception {
            asLead(() -> {
                addRoom(flat.id(), "Store room");
                UUID wall = houses.flat(flat.id())
                        .rooms()
                        .getLast()
                        .walls()
                        .findFirst()
                        .orElseThrow()
                        .id();
                return walkedToo(wall, FaultKind.NAIL_HOLE);
            });
            UUID id = make();
            List<StepGroup> dangerous = StepGroup.of(sheet(id).steps()).stream()
                    .filter(group -> !group.unread().isEmpty())
                    .toList();
            assertThat(dangerous)
                    .anyMatch(group -> group.left().size() > 1)
                    .allMatch(group ->
                            group.left().stream().anyMatch(step -> step.unread().equals(group.unread())));
            assertThat(page(id).split("class=\"btn small read\"")).hasSize(dangerous.size() + 1);
        }

        @Test
        void isReadBeforeTheStepAndOnceASheet() {
            UUID id = make();
            SheetStep step = dangerous(id);
            assertThat(post(member("jonas"), "/steps/" + step.id() + "/tick", Map.of()))
                    .hasStatus(422)
                    .bodyText()
                    .contains("Read the caution at this step first.", "Local rules and licensed people decide.");
            assertThat(post(member("jonas"), "/steps/" + step.id() + "/read", Map.of()))
                    .hasStatusOk();
            assertThat(dangerous(id).unread()).isEmpty();
            assertThat(sheet(id).steps())
                    .filteredOn(other ->
                            other.activity().cautions().equals(step.activity().cautions()))
                    .allMatch(other -> other.unread().isEmpty());
            assertThat(post(member("jonas"), "/steps/" + step.id() + "/tick", Map.of()))
                    .hasStatusOk();
        }
    }

    @Nested
    class WhatWasPredicted {
        @Test
        void isKeptWhenItIsDecidedAndWhenItIsDoneWithWhatItRestedOn() {
            UUID id = make();
            assertThat(kept(id)).containsExactly("DECIDED DAB");
            tickAll(id);
            asLead(() -> {
                close(id);
                return id;
            });
            assertThat(kept(id)).containsExactlyInAnyOrder("DECIDED DAB", "CLOSED DAB");
            String job = jdbc.sql("select job from prediction where sheet_id = ? and moment = 'CLOSED'")
                    .param(id)
                    .query(String.class)
                    .single();
            assertThat(job).contains("NAIL_HOLE", "\"action\"", "\"goesOn\"");
            asLead(() -> {
                reopening.reopen(id, Reopening.TouchedTins.AS_NOW);
                return id;
            });
            assertThat(kept(id)).containsExactly("DECIDED DAB");
        }

        @Test
        void isJudgedByWhatWasSeen() throws Exception {
            UUID id = make();
            tickAll(id);
            asLead(() -> {
                close(id);
                return id;
            });
            assertThat(page(id)).contains("Was it seen?", "predicted to show");
            assertThat(mvc.post()
                            .uri("/sheets/" + id + "/outcome")
                            .with(user(member("jonas")))
                            .with(csrf())
                            .header("HX-Request", "true")
                            .param("surface", wallId.toString())
                            .param("outcome", "LOOKED_FOR"))
                    .hasStatusOk()
                    .bodyText()
                    .contains("said by Jonas Petrak");
            assertThat(mvc.post()
                            .uri("/sheets/" + id + "/outcome")
                            .with(user(member("jonas")))
                            .with(csrf())
                            .header("HX-Request", "true")
                            .param("surface", UUID.randomUUID().toString())
                            .param("outcome", "SEEN"))
                    .hasStatus(404);
        }

        private MvcTestResult look(UUID id, String outcome, String on) {
            return post(
                    member("jonas"),
                    "/sheets/" + id + "/outcome",
                    Map.of(
                            "surface",
                            wallId.toString(),
                            "outcome",
                            outcome,
                            "stood",
                            "ALONG",
                            "light",
                            "TORCH",
                            "on",
                            on));
        }

        private UUID closed() {
            UUID id = make();
            tickAll(id);
            return asLead(() -> {
                close(id);
                return id;
            });
        }

        @Test
        void isAskedForOnTheFrontAWeekLaterAndLearntFrom() throws Exception {
            UUID id = closed();
            assertThat(front()).doesNotContain("/sheets/" + id + "#seen");
            jdbc.sql("update prediction set made_at = made_at - interval '9 days' where sheet_id = ?")
                    .param(id)
                    .update();
            assertThat(front()).contains("/sheets/" + id + "#seen", "touched-up wall, done");
            int before = outcomes();
            assertThat(look(id, "SEEN", "2026-03-04"))
                    .hasStatusOk()
                    .bodyText()
                    .contains("seen, along the wall, torch (noted by Jonas Petrak)");
            assertThat(front()).doesNotContain("/sheets/" + id + "#seen");
            assertThat(outcomes()).isEqualTo(before + 1);
            assertThat(jdbc.sql("select outcomes from learnt order by made_at desc limit 1")
                            .query(Integer.class)
                            .single())
                    .isEqualTo(before + 1);
            // a slip of the thumb is put right, not counted twice
            assertThat(look(id, "NOT_SEEN", "2026-03-04")).hasStatusOk();
            assertThat(jdbc.sql("select outcome || ' ' || days_after from look where sheet_id = ? order by noted_at")
                            .param(id)
                            .query(String.class)
                            .list())
                    .containsExactly("NOT_SEEN 0", "NOT_SEEN 9");
            assertThat(outcomes()).isEqualTo(before + 1);
        }

        private String front() throws Exception {
            return mvc.get()
                    .uri("/")
                    .with(user(member("mirela")))
                    .exchange()
                    .getResponse()
                    .getContentAsString();
        }

        /** How many walls the page tells of. */
        private int outcomes() throws Exception {
            String body = mvc.get()
                    .uri("/outcomes")
                    .with(user(member("mirela")))
                    .exchange()
                    .getResponse()
                    .getContentAsString();
            var count = java.util.regex.Pattern.compile("(\\d+) touched-up walls? looked at")
                    .matcher(body);
            return count.find() ? Integer.parseInt(count.group(1)) : 0;
        }

        @Test
        void aLookCannotLieAhead() {
            UUID id = closed();
            assertThat(look(id, "SEEN", "2026-12-24"))
                    .hasStatus(422)
                    .bodyText()
                    .contains("A look on 24 Dec 2026 lies ahead; today is 4 Mar 2026.");
            assertThat(jdbc.sql("select count(*) from look where sheet_id = ? and outcome = 'SEEN'")
                            .param(id)
                            .query(Integer.class)
                            .single())
                    .isZero();
        }

        @Test
        void theLastLookAtTheClosingIsKeptButNotLearntFrom() throws Exception {
            int before = outcomes();
            UUID id = closed();
            assertThat(jdbc.sql("select outcome || ' ' || stood || ' ' || light from look where sheet_id = ?")
                            .param(id)
                            .query(String.class)
                            .list())
                    .containsExactly("NOT_SEEN ALONG TORCH");
            assertThat(outcomes()).isEqualTo(before);
            asLead(() -> {
                reopening.reopen(id, Reopening.TouchedTins.AS_NOW);
                return id;
            });
            assertThat(jdbc.sql("select count(*) from look where sheet_id = ?")
                            .param(id)
                            .query(Integer.class)
                            .single())
                    .isZero();
        }

        @Test
        void whatWasDoneAgainstAVerdictIsToldWithHowItWent() throws Exception {
            String against = "verdict “Roll edge to edge”, done “Dab”";
            int walls = told(against);
            int glossy = told("too glossy");
            UUID id = closed();
            jdbc.sql("""
                            update prediction set verdict = 'ROLL',
                              options = '[{"action": "DAB", "against": [{"rule": "TooGlossy", "figures": {}}]}]'
                            where sheet_id = ? and moment = 'CLOSED'""").param(id).update();
            assertThat(look(id, "SEEN", "2026-03-04")).hasStatusOk();
            assertThat(told(against)).isEqualTo(walls + 1);
            assertThat(told("too glossy")).isEqualTo(glossy + 1);
        }

        /** On how many walls the page of outcomes says that something was seen. */
        private int told(String what) throws Exception {
            var page = mvc.get().uri("/outcomes").with(user(member("mirela"))).exchange();
            Matcher line = Pattern.compile(Pattern.quote(what) + ": \\d+ walls?, (\\d+) seen")
                    .matcher(page.getResponse().getContentAsString());
            return line.find() ? Integer.parseInt(line.group(1)) : 0;
        }

        @Test
        void strangersNeitherSeeNorTellOutcomes() {
            UUID id = closed();
            assertThat(post(
                            stranger(),
                            "/sheets/" + id + "/outcome",
                            Map.of("surface", wallId.toString(), "outcome", "SEEN")))
                    .hasStatus(404);
            assertThat(mvc.get().uri("/outcomes").with(user(stranger())))
                    .hasStatusOk()
                    .bodyText()
                    .contains("Nobody has said yet");
        }

        @Test
        void isForgottenWithASheetThatIsGivenUp() {
            UUID id = make();
            asLead(() -> making.discard(id));
            assertThat(kept(id)).isEmpty();
        }

        private List<String> kept(UUID id) {
            return jdbc.sql("select moment || ' ' || action from prediction where sheet_id = ?")
                    .param(id)
                    .query(String.class)
                    .list();
        }
    }

    @Nested
    class WhereSandingDugOut {
        @Test
        void aPlaceIsFilledDriedAndSandedOnceMore() throws Exception {
            UUID id = make();
            UUID mark = sheet(id).marks().get(wallId).getFirst().id();
            long sandings = count(id, ActivityKind.SPONGE_LEVEL);
            assertThat(sandings).isPositive();
            for (int n = 0; n < 2; n++) {
                assertThat(SheetTest.this.post(
                                member("jonas"), "/sheets/" + id + "/hollow", Map.of("mark", mark.toString())))
                        .hasStatusOk();
            }
            assertThat(sheet(id).marks().get(wallId))
                    .filteredOn(each -> each.mark().fault().kind() == FaultKind.HOLLOW_REPAIR)
                    .hasSize(1);
            assertThat(count(id, ActivityKind.REFILL_HOLLOW)).isOne();
            assertThat(count(id, ActivityKind.SPONGE_LEVEL)).isEqualTo(sandings + 1);
            assertThat(sheet(id).newFaults()).isZero();
        }

        private long count(UUID id, ActivityKind kind) {
            return sheet(id).steps().stream()
                    .filter(step -> step.activity().kind() == kind)
                    .count();
        }

        @Test
        void aMarkOfAnotherFlatIsNoneOfThisSheet() {
            assertThat(SheetTest.this.post(
                            member("jonas"),
                            "/sheets/" + make() + "/hollow",
                            Map.of("mark", UUID.randomUUID().toString())))
                    .hasStatus(404);
        }
    }

    @Nested
    class WhatIsBought {
        private PaintNeed paint(Next next) {
            asLead(() -> {
                confirming.goesOn(
                        wallId,
                        Optional.of(next),
                        Reach.SURFACE,
                        walks.wall(wallId).visit().version());
                deciding.decide(
                        wallId, Action.ROLL, "", walks.wall(wallId).visit().version());
                return wallId;
            });
            return sheet(make()).paints().getFirst();
        }

        @Test
        void isBoughtWhateverIsLeftOverOfIt() {
            PaintNeed need = paint(new Next.ToBuy(tin.paint()));
            assertThat(need.open()).isEmpty();
            assertThat(need.buy()).isNotEmpty();
        }

        @Test
        void whatIsInTheStoreIsOpened() {
            PaintNeed need = paint(new Next.FromTin(tin));
            assertThat(need.open()).extracting(Tin::id).containsExactly(tin.id());
            assertThat(need.buy()).isEmpty();
        }

        private MvcTestResult await(String paint, String day) {
            return post(member("jonas"), "/sheets/" + openSheet() + "/paints", Map.of("paint", paint, "hereOn", day));
        }

        private UUID openSheet() {
            return asLead(() -> sheets.openSheetOf(flat.id()).orElseThrow());
        }

        private Map<String, LocalDate> awaited() {
            return asLead(() -> sheets.openWork().stream()
                    .filter(work -> work.sheetId().equals(openSheet()))
                    .findFirst()
                    .orElseThrow()
                    .hereOn());
        }

        @Test
        void isHereFromTheDayThatWasSaid() {
            PaintNeed need = paint(new Next.ToBuy(tin.paint()));
            String key = need.paint().key();
            assertThat(await(key, "2026-09-21")).hasStatusOk();
            assertThat(awaited()).containsExactly(Map.entry(key, LocalDate.of(2026, 9, 21)));
            assertThat(mvc.get().uri("/sheets/" + openSheet()).with(user(member("jonas"))))
                    .bodyText()
                    .contains("here on")
                    .contains("value=\"2026-09-21\"");
            assertThat(await(key, "soon")).hasStatus(422).bodyText().contains("Here on must be a date");
            assertThat(awaited()).isNotEmpty();
            assertThat(await(key, "")).hasStatusOk();
            assertThat(awaited()).isEmpty();
        }

        @Test
        void whatIsInTheStoreIsNotWaitedFor() {
            PaintNeed need = paint(new Next.FromTin(tin));
            assertThat(await(need.paint().key(), "2026-09-21")).hasStatus(404);
        }
    }

    @Nested
    class WhereItGrinsThrough {
        private MvcTestResult another(UUID id) {
            return mvc.post()
                    .uri("/sheets/" + id + "/coat")
                    .with(user(member("jonas")))
                    .with(csrf())
                    .header("HX-Request", "true")
                    .param("surface", wallId.toString())
                    .exchange();
        }

        private List<ActivityKind> rolled(UUID id) {
            return sheet(id).steps().stream()
                    .map(step -> step.activity().kind())
                    .filter(ActivityKind::isRolling)
                    .toList();
        }

        @Test
        void anotherCoatFollowsTheLastUntilEnoughIsEnough() {
            asLead(() -> {
                deciding.decide(
                        wallId, Action.ROLL, "", walks.wall(wallId).visit().version());
                return wallId;
            });
            UUID id = make();
            int planned = rolled(id).size();
            assertThat(another(id)).hasStatusOk();
            assertThat(rolled(id)).hasSize(planned + 1);
            while (rolled(id).size() < 4) {
                assertThat(another(id)).hasStatusOk();
            }
            assertThat(another(id)).hasStatus(409);
            assertThat(rolled(id))
                    .containsExactly(
                            ActivityKind.ROLL,
                            ActivityKind.ROLL_AGAIN,
                            ActivityKind.ROLL_FURTHER,
                            ActivityKind.ROLL_FURTHER);
        }

        @Test
        void whatOneMoreWouldTakeStandsWithItsPaint() throws Exception {
            asLead(() -> {
                Paint other = paints.book()
                        .paint(
                                Optional.of(tin.product().id()),
                                Optional.of(
                                        paints.book().coloursByName().getLast().id()))
                        .orElseThrow();
                confirming.goesOn(
                        wallId,
                        Optional.of(new Next.ToBuy(other)),
                        Reach.SURFACE,
                        walks.wall(wallId).visit().version());
                confirming.coats(
                        wallId,
                        Optional.of(new BuildUp(0, 1)),
                        Reach.SURFACE,
                        walks.wall(wallId).visit().version());
                return wallId;
            });
            UUID id = make();
            assertThat(rolled(id)).containsExactly(ActivityKind.ROLL);
            SheetWall.More one = sheet(id).paints().getFirst().more();
            assertThat(one.chance()).isBetween(0.2, 0.6);
            assertThat(one.paint().inLitres()).isBetween(0.5, 1.5);
            assertThat(page(id)).contains("if it grins through, 1 in ");
            another(id);
            assertThat(sheet(id).paints().getFirst().more().chance()).isLessThan(one.chance());
        }

        @Test
        void aWallThatIsOnlyDabbedGetsNone() {
            assertThat(another(make())).hasStatus(409);
        }
    }

    @Nested
    class WithoutSignal {
        @Test
        void aTickThatArrivesLateCountsFromWhenItWasMadeAndIsTakenWetOrNot() {
            UUID id = make();
            List<SheetStep> steps = sheet(id).steps();
            Instant later = start.plus(Duration.ofHours(5));
            for (SheetStep step : steps) {
                as(
                        member("jonas"),
                        () -> clock.at(later, () -> {
                            ticking.read(step.id(), Optional.of(start.plusSeconds(60)));
                            return ticking.tick(step.id(), "", Optional.of(start.plusSeconds(60)));
                        }));
            }
            assertThat(sheet(id).steps())
                    .allSatisfy(
                            step -> assertThat(step.tick().orElseThrow().at()).isEqualTo(start.plusSeconds(60)));
            assertThat(sheet(id).steps())
                    .flatExtracting(step ->
                            step.tick().orElseThrow().earlyWhy().stream().toList())
                    .isNotEmpty()
                    .containsOnly("ticked without signal");
        }

        @Test
        void aTimeThatCannotBeIsNotBelieved() {
            UUID id = make();
            Instant now = start.plus(Duration.ofHours(1));
            UUID step = sheet(id).steps().getFirst().id();
            for (Instant wrong : List.of(start.minusSeconds(5), now.plusSeconds(5))) {
                as(
                        member("jonas"),
                        () -> clock.at(now, () -> {
                            ticking.read(step, Optional.empty());
                            ticking.untick(step);
                            return ticking.tick(step, "", Optional.of(wrong));
                        }));
                assertThat(sheet(id).steps().getFirst().tick().orElseThrow().at())
                        .isEqualTo(now);
            }
        }
    }

    @Nested
    class UnderWay {
        @Test
        void aFaultFoundAfterTheFirstCoatIsTakenUpBeforeTheNext() {
            asLead(() -> {
                deciding.decide(
                        wallId, Action.ROLL, "fresh", walks.wall(wallId).visit().version());
                return wallId;
            });
            UUID id = make();
            Instant at = start;
            for (SheetStep step : sheet(id).steps()) {
                at = at.plus(Duration.ofHours(4));
                tick(step.id(), at, "");
                if (step.activity().kind() == ActivityKind.ROLL) {
                    break;
                }
            }
            int before = sheet(id).steps().size();
            asLead(() -> {
                marking.set(
                        UUID.randomUUID(),
                        wallId,
                        new Mark(Spot.ofMillimetres(1100, 1700), FaultKind.DING.usualFault()));
                return wallId;
            });
            assertThat(sheet(id).newFaults()).isEqualTo(1);
            assertThat(post(member("jonas"), "/sheets/" + id + "/faults", Map.of()))
                    .hasStatusOk();
            Sheet more = sheet(id);
            assertThat(more.newFaults()).isZero();
            assertThat(more.steps()).hasSizeGreaterThan(before);
            List<ActivityKind> left = more.steps().stream()
                    .filter(step -> !step.isTicked())
                    .map(step -> step.activity().kind())
                    .toList();
            assertThat(left).containsSubsequence(ActivityKind.FILL, ActivityKind.SPOT_PRIME, ActivityKind.ROLL_AGAIN);
            assertThat(more.steps().stream().takeWhile(SheetStep::isTicked).count())
                    .isEqualTo(more.ticked());
            tickAll(id);
            asLead(() -> {
                close(id);
                return id;
            });
            assertThat(asLead(() -> walks.wall(wallId)).marks()).isEmpty();
        }

        @Test
        void notesAndTheSensorAreKept() {
            UUID id = make();
            long before = asLead(() -> sheets.pulse(id));
            assertThat(post(member("jonas"), "/sheets/" + id + "/notes", Map.of("note", "meter in the hall")))
                    .hasStatusOk()
                    .bodyText()
                    .contains("meter in the hall");
            assertThat(post(member("jonas"), "/sheets/" + id + "/notes", Map.of("note", " ")))
                    .hasStatus(422)
                    .bodyText()
                    .contains("Note is missing.");
            assertThat(post(member("emeka"), "/sheets/" + id + "/sensor", Map.of()))
                    .hasStatusOk();
            assertThat(sheet(id).climateNotedAt()).isPresent();
            assertThat(sheet(id).climate().temperature().inCelsius()).isBetween(13.0, 25.0);
            assertThat(asLead(() -> sheets.pulse(id))).isNotEqualTo(before);
        }

        @Test
        void whoWroteANotePutsItRightAndTakesItOff() {
            UUID id = make();
            post(member("jonas"), "/sheets/" + id + "/notes", Map.of("note", "key with the portr"));
            Sheet.Note note = sheet(id).notes().getFirst();
            String path = "/notes/" + note.id();
            long before = asLead(() -> sheets.pulse(id));
            assertThat(post(member("emeka"), path, Map.of("note", "mine", "version", "0")))
                    .hasStatus(403);
            assertThat(post(stranger(), path + "/remove", Map.of())).hasStatus(404);
            assertThat(post(member("jonas"), path, Map.of("note", "key with the porter", "version", "0")))
                    .hasStatusOk()
                    .bodyText()
                    .contains("key with the porter");
            assertThat(asLead(() -> sheets.pulse(id))).isNotEqualTo(before);
            // the page knows the state it shows: it is not asked for again and again
            assertThat(sheet(id).pulse()).isEqualTo(asLead(() -> sheets.pulse(id)));
            assertThat(post(member("mirela"), path, Map.of("note", "again", "version", "0")))
                    .hasStatus(409);
            assertThat(post(member("mirela"), path + "/remove", Map.of())).hasStatusOk();
            assertThat(sheet(id).notes()).isEmpty();
        }

        @Test
        void aNoteTakenOffIsPutBackAsItWas() {
            UUID id = make();
            post(member("jonas"), "/sheets/" + id + "/notes", Map.of("note", "key with the porter"));
            Sheet.Note note = sheet(id).notes().getFirst();
            String path = "/notes/" + note.id();
            assertThat(post(member("mirela"), path + "/remove", Map.of()))
                    .bodyText()
                    .contains("Taken off: 1", path + "/back");
            long taken = asLead(() -> sheets.pulse(id));
            assertThat(post(member("emeka"), path + "/back", Map.of())).hasStatus(403);
            assertThat(post(stranger(), path + "/back", Map.of())).hasStatus(404);
            assertThat(post(member("jonas"), path + "/back", Map.of())).hasStatusOk();
            Sheet.Note again = sheet(id).notes().getFirst();
            assertThat(again.by()).isEqualTo(note.by());
            assertThat(again.at()).isEqualTo(note.at());
            assertThat(asLead(() -> sheets.pulse(id))).isNotEqualTo(taken);
            assertThat(sheet(id).notesOff()).isEmpty();
        }

        @Test
        void thePulseChangesWithEveryTickAndBack() {
            UUID id = make();
            UUID first = sheet(id).steps().getFirst().id();
            long made = asLead(() -> sheets.pulse(id));
            tick(first, start, "");
            long ticked = asLead(() -> sheets.pulse(id));
            as(member("jonas"), () -> ticking.untick(first));
            assertThat(List.of(made, ticked, asLead(() -> sheets.pulse(id)))).doesNotHaveDuplicates();
            assertThat(mvc.get().uri("/sheets/" + id + "/pulse").with(user(stranger())))
                    .hasStatus(404);
        }

        @Test
        void whatDriesOnOneWallDoesNotHoldUpAnother() {
            UUID other = wall(flat, 1).id();
            asLead(() -> {
                return walkedToo(other, FaultKind.GOUGE);
            });
            UUID id = make();
            SheetStep seal = sheet(id).steps().stream()
                    .filter(step -> step.activity().kind() == ActivityKind.SEAL_PAPER)
                    .findFirst()
                    .orElseThrow();
            tick(seal.id(), start, "");
            List<SheetStep> waiting =
                    asLead(() -> clock.at(start.plusSeconds(60), () -> sheets.sheet(id))).steps().stream()
                            .filter(step -> step.waitsFor().isPresent())
                            .toList();
            assertThat(waiting)
                    .isNotEmpty()
                    .allMatch(step -> step.activity().surfaces().contains(other.toString()));
        }

        @Test
        void aStepSaysHowFarMayBeCutAheadInTheAirAsNoted() throws Exception {
            asLead(() -> {
                deciding.decide(
                        wallId, Action.ROLL, "fresh", walks.wall(wallId).visit().version());
                return wallId;
            });
            UUID id = make();
            String usual = page(id);
            assertThat(usual).contains("The strip stays open 12 min in this air", "Here: W, then laid off");
            as(member("jonas"), () -> {
                ticking.noteClimate(id, Climate.of(29, 25, Climate.Air.MOVING));
                return id;
            });
            assertThat(page(id)).doesNotContain("stays open 12 min").contains("The strip stays open");
        }

        @Test
        void minutesTakenAreToldFromTheTicks() {
            UUID id = make();
            List<SheetStep> steps = sheet(id).steps();
            tick(steps.get(0).id(), start, "");
            tick(steps.get(1).id(), start.plus(Duration.ofMinutes(17)), "");
            assertThat(sheet(id).steps().get(0).taken()).isEmpty();
            assertThat(sheet(id).steps().get(1).taken()).contains(Duration.ofMinutes(17));
        }
    }

    @Nested
    class TheFlat {
        @Test
        void followsItsSheet() {
            assertThat(state(clock.instant())).isEqualTo(FlatState.EMPTY);
            UUID id = make();
            assertThat(state(clock.instant())).isEqualTo(FlatState.IN_WORK);
            SheetStep fill = sheet(id).steps().stream()
                    .filter(s -> s.activity().kind() == ActivityKind.FILL)
                    .findFirst()
                    .orElseThrow();
            tick(fill.id(), start, "");
            assertThat(state(start.plus(Duration.ofMinutes(10)))).isEqualTo(FlatState.DRYING);
            assertThat(state(start.plus(Duration.ofHours(2)))).isEqualTo(FlatState.IN_WORK);
            tickAll(id);
            asLead(() -> {
                close(id);
                return id;
            });
            assertThat(state(clock.instant())).isEqualTo(FlatState.CURING);
        }
    }

    @Nested
    class LettingTheFlat {
        private MvcTestResult let(Map<String, String> more) {
            Map<String, String> fields = new HashMap<>(more);
            fields.put(
                    "version",
                    String.valueOf(asLead(() -> houses.flat(flat.id()))
                            .turnover()
                            .orElseThrow()
                            .version()));
            return post(member("tobias"), "/flats/" + flat.id() + "/let", fields);
        }

        private boolean isLet() {
            return asLead(() -> houses.flat(flat.id())).turnover().isEmpty();
        }

        @Test
        void withASheetOpenIsAskedAbout() {
            make();
            assertThat(let(Map.of())).hasStatusOk().bodyText().contains("has an open sheet: 0 of");
            assertThat(isLet()).isFalse();
            assertThat(let(Map.of("anyway", "true"))).hasStatus(302);
            assertThat(isLet()).isTrue();
        }

        @Test
        void withoutOneIsDone() {
            assertThat(let(Map.of())).hasStatus(302);
            assertThat(isLet()).isTrue();
        }
    }

    @Nested
    class ClosingIt {
        @Test
        void needsEveryStep() {
            UUID id = make();
            tick(sheet(id).steps().getFirst().id(), start, "");
            assertThat(post(member("jonas"), "/sheets/" + id + "/close", Map.of()))
                    .hasStatus(409)
                    .bodyText()
                    .contains("steps are not ticked yet");
        }

        @Test
        void writesTheRecordByItself() {
            UUID id = make();
            as(member("jonas"), () -> {
                ticking.noteClimate(id, Climate.of(18.5, 55, Climate.Air.MOVING));
                return id;
            });
            tickAll(id);
            double planned = sheet(id).paints().getFirst().litres().inLitres();
            as(member("jonas"), () -> {
                close(id);
                return id;
            });
            List<Coat> coats = wall(asLead(() -> houses.flat(flat.id())), 0).coats();
            assertThat(coats).extracting(Coat::layer).containsExactly(Layer.FINISH, Layer.FILLER, Layer.SPOTS);
            assertThat(coats.getLast()).satisfies(spots -> {
                assertThat(spots.places()).hasValue(3);
                assertThat(spots.tin().orElseThrow().label()).isEqualTo(tin.label());
                assertThat(spots.appliedBy()).contains("Jonas Petrak");
                assertThat(spots.temperature().orElseThrow().inCelsius()).isEqualTo(18.5);
                assertThat(spots.humidity().orElseThrow().inPercent()).isEqualTo(55);
            });
            assertThat(asLead(() -> walks.wall(wallId)).marks()).isEmpty();
            assertThat(asLead(() -> store.tin(tin.id())).orElseThrow().left().inLitres())
                    .isCloseTo(3 - planned, Offset.offset(1e-9));
            assertThat(sheet(id).closed().orElseThrow().by()).isEqualTo("Jonas Petrak");
        }

        /** A halo is painted over and not filled. */
        @Test
        void countsThePlacesOfEachLayer() {
            asLead(() -> {
                marking.set(
                        UUID.randomUUID(),
                        wallId,
                        new Mark(Spot.ofMillimetres(3000, 900), FaultKind.HALO.usualFault()));
                deciding.decide(
                        wallId, Action.FEATHER, "", walks.wall(wallId).visit().version());
                return wallId;
            });
            UUID id = make();
            tickAll(id);
            as(member("jonas"), () -> {
                close(id);
                return id;
            });
            assertThat(wall(asLead(() -> houses.flat(flat.id())), 0).coats().stream()
                            .filter(coat -> coat.places().isPresent()))
                    .extracting(coat -> coat.layer() + " " + coat.places().getAsInt())
                    .containsExactly("FILLER 3", "SPOT_PRIMER 1", "SPOTS 4");
        }

        /** What is open tells what is left to do and to carry; what is closed, that it is done and how it looks. */
        @Test
        void isToldOnTheSheet() throws Exception {
            UUID id = make();
            assertThat(page(id)).contains("of work left", "What to carry");
            tickAll(id);
            assertThat(page(id)).contains("All ticked: look at it once more").doesNotContain("of work left");
            as(member("jonas"), () -> {
                close(id);
                return id;
            });
            assertThat(page(id))
                    .contains("The work is not seen.", ">Done</p>")
                    .doesNotContain("of work left", "What to carry");
        }

        /** What a coat lies on is nobody's clock any more; the coat is. What is dabbed leaves the wall around it as it was. */
        @Test
        void whatIsPaintedOverNoLongerDries() throws Exception {
            asLead(() -> {
                deciding.decide(
                        wallId, Action.ROLL, "tired", walks.wall(wallId).visit().version());
                return wallId;
            });
            UUID id = make();
            Instant now = clock.instant();
            List<SheetStep> steps = sheet(id).steps();
            int roll = IntStream.range(0, steps.size())
                    .filter(at -> steps.get(at).activity().kind() == ActivityKind.ROLL)
                    .findFirst()
                    .orElseThrow();
            steps.subList(0, roll).forEach(step -> tick(step.id(), now, "dry under the nail"));
            assertThat(page(id)).contains("filler: likely ready", "primer: likely ready");
            tick(steps.get(roll).id(), now, "dry under the nail");
            assertThat(page(id))
                    .contains("emulsion: likely ready")
                    .doesNotContain("filler: likely ready", "primer: likely ready", "damp wall: likely ready");
        }

        @Test
        void asksHowItWasLookedAtAndWhatIsLeft() {
            UUID id = make();
            tickAll(id);
            String left = "left-in-tin--" + tin.id();
            String version = "version--" + tin.id();
            String seen = String.valueOf(tin.version());
            String place = "place--" + tin.id();
            assertThat(post(member("jonas"), "/sheets/" + id + "/close", Map.of(left, "9", place, "van")))
                    .hasStatus(422)
                    .bodyText()
                    .contains(
                            "Say how it was looked at",
                            "Seen or not: choose one.",
                            "Left in it must be 0–5 L, was 9 L.",
                            "value=\"9\"");
            assertThat(post(
                            member("jonas"),
                            "/sheets/" + id + "/close",
                            Map.of(
                                    "seen",
                                    "SEEN",
                                    "from-RAKING_LIGHT",
                                    "true",
                                    left,
                                    "2.2",
                                    place,
                                    "van",
                                    version,
                                    seen)))
                    .hasStatus(422)
                    .bodyText()
                    .contains("Where it is seen is missing.");
            assertThat(post(
                            member("jonas"),
                            "/sheets/" + id + "/close",
                            Map.of(
                                    "seen",
                                    "SEEN",
                                    "from-RAKING_LIGHT",
                                    "true",
                                    "where",
                                    "left of the window, along the light",
                                    left,
                                    "2.2",
                                    place,
                                    "van",
                                    version,
                                    seen)))
                    .hasStatus(302);
            Inspection inspection = sheet(id).closed().orElseThrow().inspection();
            assertThat(inspection.seen()).isEqualTo(Inspection.Seen.SEEN);
            assertThat(inspection.from()).containsExactly(Inspection.From.RAKING_LIGHT);
            Tin after = asLead(() -> store.tin(tin.id())).orElseThrow();
            assertThat(after.left().inLitres()).isEqualTo(2.2);
            assertThat(after.place()).isEqualTo("van");
        }

        @Test
        void canBeTakenBackWithNothingLost() {
            UUID id = make();
            tickAll(id);
            asLead(() -> {
                close(id);
                return id;
            });
            assertThat(post(member("jonas"), "/sheets/" + id + "/reopen", Map.of()))
                    .hasStatus(302);
            assertThat(sheet(id).isOpen()).isTrue();
            assertThat(wall(asLead(() -> houses.flat(flat.id())), 0).coats())
                    .extracting(Coat::layer)
                    .containsExactly(Layer.FINISH);
            assertThat(asLead(() -> walks.wall(wallId)).marks()).hasSize(3);
            assertThat(asLead(() -> store.tin(tin.id())).orElseThrow().left().inLitres())
                    .isEqualTo(3);
            asLead(() -> {
                close(id);
                return id;
            });
            assertThat(sheet(id).isOpen()).isFalse();
        }

        private UUID closed() {
            UUID id = make();
            tickAll(id);
            asLead(() -> {
                close(id);
                return id;
            });
            return id;
        }

        private double litresNow() {
            return asLead(() -> store.tin(tin.id())).orElseThrow().left().inLitres();
        }

        private void dipTo(double litres) {
            asLead(() -> {
                store.dip(
                        tin.id(),
                        Volume.ofLitres(litres),
                        store.tin(tin.id()).orElseThrow().version());
                return null;
            });
        }

        /** 3 L before the job, a colleague's dip of 0.2 L after it: neither is written over without asking. */
        @Test
        void takenBackItAsksAboutATinThatSomebodyDippedSince() {
            UUID id = closed();
            dipTo(0.2);
            String path = "/sheets/" + id + "/reopen";
            assertThat(post(member("jonas"), path, Map.of()))
                    .hasStatusOk()
                    .bodyText()
                    .contains("3 L before the job, 0.2 L now", "leave these tins as they are now");
            assertThat(sheet(id).isOpen()).isFalse();
            assertThat(post(member("jonas"), path, Map.of("touched", "AS_NOW"))).hasStatus(302);
            assertThat(sheet(id).isOpen()).isTrue();
            assertThat(litresNow()).isEqualTo(0.2);
        }

        @Test
        void orTheTinIsAsBeforeTheJob() {
            UUID id = closed();
            dipTo(0.2);
            assertThat(post(member("jonas"), "/sheets/" + id + "/reopen", Map.of("touched", "AS_BEFORE_THE_JOB")))
                    .hasStatus(302);
            assertThat(litresNow()).isEqualTo(3);
        }

        @Test
        void aTinThatWasDippedWhileTheFormStoodOpenIsNotWrittenOver() {
            UUID id = make();
            tickAll(id);
            dipTo(2.9);
            assertThat(post(
                            member("jonas"),
                            "/sheets/" + id + "/close",
                            Map.of(
                                    "seen",
                                    "NOT_SEEN",
                                    "from-STANDING_DISTANCE",
                                    "true",
                                    "left-in-tin--" + tin.id(),
                                    "2.2",
                                    "place--" + tin.id(),
                                    "van",
                                    "version--" + tin.id(),
                                    String.valueOf(tin.version()))))
                    .hasStatus(422)
                    .bodyText()
                    .contains("meanwhile: 2.9 L left");
            assertThat(litresNow()).isEqualTo(2.9);
        }

        @Test
        void whatWasBoughtLeavesTheStoreAgainUnlessSomebodyHasTouchedIt() {
            asLead(() -> {
                confirming.goesOn(
                        wallId,
                        Optional.of(new Next.ToBuy(tin.paint())),
                        Reach.SURFACE,
                        walks.wall(wallId).visit().version());
                return null;
            });
            UUID id = make();
            tickAll(id);
            String label = "N" + flat.number();
            PaintNeed need = sheet(id).paints().getFirst();
            Closing.TinBought bought = new Closing.TinBought(
                    tin.product().id(),
                    tin.colour().id(),
                    label,
                    need.buy().getFirst(),
                    Volume.ofLitres(0.3),
                    "test shelf");
            Inspection inspection =
                    new Inspection(Inspection.Seen.NOT_SEEN, List.of(Inspection.From.STANDING_DISTANCE), "");
            asLead(() -> {
                closing.close(id, inspection, List.of(), List.of(bought));
                return null;
            });
            assertThat(labels()).contains(label);
            asLead(() -> {
                reopening.reopen(id, Reopening.TouchedTins.AS_NOW);
                return null;
            });
            assertThat(labels()).doesNotContain(label);
            asLead(() -> {
                closing.close(id, inspection, List.of(), List.of(bought));
                Tin again = store.all().stream()
                        .filter(each -> each.label().equals(label))
                        .findFirst()
                        .orElseThrow();
                store.dip(again.id(), Volume.ofLitres(0.1), again.version());
                reopening.reopen(id, Reopening.TouchedTins.AS_BEFORE_THE_JOB);
                return null;
            });
            assertThat(labels()).contains(label);
        }

        private List<String> labels() {
            return asLead(store::all).stream().map(Tin::label).toList();
        }

        @Test
        void aRolledWallGetsItsCoatsAndAClosedSheetStays() {
            asLead(() -> {
                deciding.decide(
                        wallId, Action.ROLL, "fresh", walks.wall(wallId).visit().version());
                return wallId;
            });
            UUID id = make();
            tickAll(id);
            asLead(() -> {
                close(id);
                return id;
            });
            assertThat(wall(asLead(() -> houses.flat(flat.id())), 0).coats())
                    .extracting(Coat::layer)
                    .containsExactly(Layer.FINISH, Layer.FILLER, Layer.SPOT_PRIMER, Layer.FINISH, Layer.FINISH);
            assertThatThrownBy(() -> tick(sheet(id).steps().getFirst().id(), start, ""))
                    .hasMessage("denied.sheetClosed");
            assertThatThrownBy(() -> asLead(
                            () -> ticking.untick(sheet(id).steps().getFirst().id())))
                    .hasMessage("denied.sheetClosed");
        }
    }

    @Test
    void onPaperItIsAPdfOfItsSteps() throws Exception {
        UUID id = make();
        // names are written with letters of all Europe
        jdbc.sql("update tin set place = 'Łucja Kőszegi, ≤ 2 m' where id = ?")
                .param(tin.id())
                .update();
        MvcTestResult result = mvc.get()
                .uri("/sheets/" + id + "/lumko-sheet.pdf")
                .with(user(member("jonas")))
                .exchange();
        assertThat(result).hasStatusOk().hasContentType("application/pdf");
        try (var document = Loader.loadPDF(result.getResponse().getContentAsByteArray())) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains(
                            "Ropewalk Court, flat " + flat.number(),
                            "What to carry",
                            tin.label(),
                            "Old coats may hold lead",
                            "/sheets/" + id,
                            "Łucja Kőszegi, ≤ 2 m",
                            "Dab");
        }
    }

    /** Its name is of the trim alone, how it is done is as of all brushwork. */
    @Test
    void trimThatIsPaintedTellsHow() throws Exception {
        Surface trim = flat.rooms().getFirst().only(SurfaceKind.TRIM);
        asLead(() -> {
            recording.addCoat(
                    trim.id(),
                    NewCoat.finish(tin.product().id(), tin.colour().id(), Optional.empty(), TODAY.minusYears(6), ""));
            deciding.decide(trim.id(), Action.ROLL, "kicked", EditableRow.UNSAVED);
            confirming.isOnIt(trim.id(), OnIt.of(PaintAnswer.RECORD_AGREES), 0);
            return trim;
        });
        UUID id = make();
        assertThat(page(id)).contains("Paint the trim, first coat", "Tops first, then faces, then skirting");
        assertThat(mvc.get().uri("/sheets/" + id + "/lumko-sheet.pdf").with(user(member("jonas"))))
                .hasStatusOk();
    }

    @Test
    void onlyTheNextStepSaysWhatIsStillWet() throws Exception {
        UUID id = make();
        SheetStep fill = sheet(id).steps().stream()
                .filter(step -> step.activity().kind() == ActivityKind.FILL)
                .findFirst()
                .orElseThrow();
        sheet(id).steps().stream()
                .takeWhile(step -> !step.id().equals(fill.id()))
                .forEach(step -> tick(step.id(), start, ""));
        tick(fill.id(), clock.instant(), "");
        String page = mvc.get()
                .uri("/sheets/" + id)
                .with(user(member("jonas")))
                .exchange()
                .getResponse()
                .getContentAsString();
        assertThat(page).containsOnlyOnce("still wet:");
    }

    @Test
    void whileSomethingDriesItSaysWhatCanBeDone() throws Exception {
        asLead(() -> {
            deciding.decide(
                    wallId,
                    Action.ROLL,
                    "to be sure",
                    walks.wall(wallId).visit().version());
            return wallId;
        });
        UUID id = make();
        String before = page(id);
        sheet(id).steps().stream()
                .takeWhile(step -> !step.activity().kind().isLevelling())
                .forEach(step -> tick(step.id(), clock.instant(), ""));
        assertThat(before).doesNotContain("While that dries:");
        assertThat(sheet(id).next().orElseThrow().waitsFor()).isPresent();
        assertThat(page(id)).containsSubsequence("While that dries:", "Prepare the new sleeve, ");
    }

    @Test
    void aForeignSheetIsNotFound() {
        UUID id = make();
        assertThat(mvc.get().uri("/sheets/" + id).with(user(stranger()))).hasStatus(404);
        assertThat(mvc.get().uri("/sheets/" + id).with(user(member("emeka")))).hasStatusOk();
    }
}
