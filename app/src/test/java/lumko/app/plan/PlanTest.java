package lumko.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.ApplicationTest;
import lumko.app.account.Access;
import lumko.app.account.Member;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.NewCoat;
import lumko.app.house.Turnover;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.EditableRow;
import lumko.app.platform.NotAllowedException;
import lumko.app.sheet.SheetMaking;
import lumko.app.sheet.Sheets;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.app.walk.Confirming;
import lumko.app.walk.Deciding;
import lumko.app.walk.Marking;
import lumko.app.walk.OnIt;
import lumko.app.walk.PaintAnswer;
import lumko.app.walk.Walks;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.Spot;
import lumko.core.job.Action;
import lumko.core.judge.Scrutiny;
import lumko.core.plan.Plan;
import lumko.core.plan.Planner;
import lumko.core.plan.Rules;
import lumko.core.plan.Workload;
import lumko.core.quantity.Volume;
import lumko.core.repair.Mark;
import lumko.core.turnover.FlatWork;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.transaction.support.TransactionTemplate;

class PlanTest extends ApplicationTest {
    @Autowired
    TransactionTemplate transactions;

    @Autowired
    Planning planning;

    @Autowired
    Searches asking;

    @Autowired
    lumko.app.plan.Settling settling;

    @Autowired
    PlanSearch search;

    @Autowired
    PlanRows rows;

    @Autowired
    PlanDesk desk;

    @Autowired
    Trying trying;

    @Autowired
    WorkAheadReader reader;

    @Autowired
    WorkingDays workingDays;

    @Autowired
    Prospects prospects;

    @Autowired
    Sheets sheets;

    @Autowired
    TouchedUp touchedUp;

    @Autowired
    Store store;

    @Autowired
    Marking marking;

    @Autowired
    Confirming confirming;

    @Autowired
    Deciding deciding;

    @Autowired
    Walks walks;

    @Autowired
    SheetMaking making;

    @Autowired
    PlanRepository plans;

    @Autowired
    PieceRepository pieces;

    @Autowired
    PlannedFlatRepository flats;

    @Autowired
    SearchRepository searches;

    @Autowired
    LockRepository locks;

    @Autowired
    People people;

    @Autowired
    Access access;

    @Autowired
    JdbcClient jdbc;

    /** Nothing is settled, nobody is away, no search is open; the flats that other tests made are let. */
    @BeforeEach
    void asItWas() {
        jdbc.sql("""
                update turnover set ended_on = keys_back_on
                where ended_on is null and flat_id in (select id from flat where case when number ~ '^[0-9]+$' then number::int end >= :made)""").param("made", FIRST_NUMBER).update();
        asLead(() -> {
            locks.deleteAll();
            searches.findByEndedAtIsNull().ifPresent(open -> asking.stop());
            workingDays.all().values().forEach(days -> days.forEach(day -> workingDays.forget(day.id())));
            searches.findByEndedAtIsNull().ifPresent(open -> asking.stop());
            return null;
        });
    }

    private PlanRow inForce() {
        return asLead(() -> plans.findByState(PlanState.IN_FORCE).orElseThrow());
    }

    private List<PieceRow> piecesInForce() {
        return asLead(
                () -> pieces.findByPlanIdOrderByBeginsAtAscKeyAsc(inForce().id()));
    }

    private List<PlanRow> offers() {
        return asLead(() -> plans.findAllByStateOrderByChanges(PlanState.OFFERED));
    }

    private WorkAhead ahead() {
        return asLead(() -> reader.read(Optional.of(inForce())));
    }

    /** Searches at once, as the background does. */
    private void look() {
        asLead(() -> {
            SearchRow row = searches.findByEndedAtIsNull()
                    .orElseGet(() ->
                            searches.saveAndFlush(new SearchRow(access.member().personId(), clock.instant())));
            search.run(row.id());
            return null;
        });
    }

    private UUID person(String login) {
        return member(login).personId();
    }

    /** The first piece of a painter that begins later than a moment and is still to be done, whatever others did meanwhile. */
    private PieceRow later(Instant moment) {
        Set<String> open =
                ahead().load().steps().stream().map(each -> each.id()).collect(Collectors.toSet());
        return piecesInForce().stream()
                .filter(piece -> piece.beginsAt.isAfter(moment))
                .filter(piece -> open.contains(piece.key))
                .findFirst()
                .orElseThrow();
    }

    private void empty(Flat flat) {
        asLead(() -> {
            recording.setDates(
                    flat.id(), TODAY, Optional.empty(), Optional.empty(), Scrutiny.AS_USUAL, EditableRow.UNSAVED);
            return null;
        });
    }

    /** Its first wall has one hole, is to be rolled all the same and is on a sheet. */
    private UUID oneWallToRoll(Flat flat) {
        UUID wallId = wall(flat, 0).id();
        return asLead(() -> {
            Tin tin = store.all().stream()
                    .filter(each -> each.product().name().equals("Hearth Matt")
                            && each.left().compareTo(Volume.ofLitres(1)) > 0)
                    .findFirst()
                    .orElseThrow();
            recording.addCoat(
                    wallId,
                    NewCoat.finish(
                            tin.product().id(), tin.colour().id(), Optional.of(tin.id()), TODAY.minusMonths(2), ""));
            marking.set(
                    UUID.randomUUID(),
                    wallId,
                    new Mark(Spot.ofMillimetres(800, 700), FaultKind.NAIL_HOLE.usualFault()));
            confirming.isOnIt(wallId, OnIt.of(PaintAnswer.RECORD_AGREES), EditableRow.UNSAVED);
            deciding.decide(wallId, Action.ROLL, "", walks.wall(wallId).visit().version());
            return making.make(flat.id());
        });
    }

    @Nested
    class WhatIsPlanned {
        @Test
        void everyFlatThatNeedsAHandAndNoOther() {
            List<String> names =
                    ahead().flats().stream().map(WorkAhead.FlatAhead::name).toList();
            assertThat(names)
                    .contains("Ropewalk Court 12", "Ropewalk Court 9", "Tern Terrace 4", "Brickfield House 19")
                    // let, and finished
                    .doesNotContain("Ropewalk Court 1", "Ropewalk Court 15", "Brickfield House 8");
        }

        /** Its dates may be known before anybody has entered its rooms: the others are planned all the same. */
        @Test
        void notAFlatWithoutRooms() {
            UUID house = flat("Tern Terrace", 4).house().id();
            UUID empty = asLead(() -> recording.addFlat(house, "999", 59, 59));
            asLead(() -> {
                recording.setDates(empty, TODAY, Optional.empty(), Optional.empty(), Scrutiny.AS_USUAL, -1);
                return empty;
            });
            assertThat(ahead().flats())
                    .extracting(WorkAhead.FlatAhead::name)
                    .contains("Tern Terrace 4")
                    .doesNotContain("Tern Terrace 999");
            assertThat(mvc.get().uri("/plan").with(user(member("mirela")))).hasStatusOk();
            assertThat(mvc.get().uri("/").with(user(member("mirela")))).hasStatusOk();
            assertThat(mvc.get().uri("/flats/" + empty).with(user(member("mirela"))))
                    .hasStatusOk();
        }

        /** It is as long as the drawing is large: whoever does not open it does not wait for it. */
        @Test
        void theTableComesWhenItIsOpened() {
            String who = "<td>Jonas Petrak</td><td><a";
            assertThat(mvc.get().uri("/plan").with(user(member("mirela"))))
                    .hasStatusOk()
                    .bodyText()
                    .contains("Show the table")
                    .doesNotContain(who);
            assertThat(mvc.get().uri("/plan/table").with(user(member("mirela"))))
                    .bodyText()
                    .contains(who, "</html>");
            // the address names the offer that is drawn, and where none is, none
            assertThat(mvc.get().uri("/plan/table?zoom=WEEK&offer=").with(user(member("mirela"))))
                    .bodyText()
                    .contains(who);
            assertThat(mvc.get().uri("/plan/table").header("HX-Request", "true").with(user(member("mirela"))))
                    .bodyText()
                    .contains(who)
                    .doesNotContain("</html>");
        }

        /** Whoever goes by their list is not sent to a flat that was let since the plan was made. */
        @Test
        void aFlatThatIsLetIsNobodysWayAnyMore() {
            PieceRow piece = later(START.plus(Duration.ofHours(3)));
            Houses.Door door = asLead(() -> houses.doors(List.of(piece.flatId))).get(piece.flatId);
            String list = "/plan/days?person=" + piece.personId;
            assertThat(mvc.get().uri(list).with(user(member("mirela"))))
                    .bodyText()
                    .contains(door.name());
            String end = "update turnover set ended_on = %s where flat_id = :flat and %s";
            jdbc.sql(end.formatted("keys_back_on", "ended_on is null"))
                    .param("flat", piece.flatId)
                    .update();
            try {
                assertThat(mvc.get().uri(list).with(user(member("mirela"))))
                        .bodyText()
                        .doesNotContain(door.name());
                assertThat(mvc.get().uri("/plan").with(user(member("mirela")))).hasStatusOk();
            } finally {
                jdbc.sql(end.formatted("null", "ended_on = keys_back_on"))
                        .param("flat", piece.flatId)
                        .update();
            }
        }

        /** Told anew without a flat, a plan keeps the pieces it was taken with. */
        @Test
        void aFlatThatFellOutOfThePlanIsNotOnItsPage() {
            PieceRow piece = later(START.plus(Duration.ofHours(3)));
            String column = "flat=" + piece.flatId;
            assertThat(mvc.get().uri("/plan").with(user(member("mirela"))))
                    .bodyText()
                    .contains(column);
            asLead(() -> transactions.execute(status -> {
                jdbc.sql("delete from plan_flat where flat_id = ?")
                        .param(piece.flatId)
                        .update();
                assertThat(mvc.get().uri("/plan").with(user(member("mirela"))))
                        .hasStatusOk()
                        .bodyText()
                        .doesNotContain(column);
                status.setRollbackOnly();
                return null;
            }));
        }

        @Test
        void nothingBeginsBeforeTheKeysAreBackNorBeforeNow() {
            WorkAhead ahead = ahead();
            for (PieceRow piece : piecesInForce()) {
                Turnover turnover =
                        asLead(() -> houses.flat(piece.flatId).turnover().orElseThrow());
                assertThat(piece.beginsAt)
                        .isAfterOrEqualTo(turnover.keysBackOn().atStartOfDay().toInstant(ZoneOffset.UTC));
            }
            assertThat(ahead.load().flats())
                    .allSatisfy(flat -> assertThat(flat.release()).isGreaterThanOrEqualTo(ahead.minute(START) - 60));
        }

        @Test
        void thePlanInForceBreaksNoRule() {
            WorkAhead ahead = ahead();
            Plan plan = new Planner(ahead.load()).repaired().orElseThrow();
            assertThat(Rules.broken(ahead.load(), plan)).isEmpty();
            assertThat(piecesInForce()).hasSizeGreaterThan(50);
        }

        @Test
        void paintersWorkOnlyInTheHousesTheyLookAfter() {
            Map<UUID, People.Colleague> known =
                    asLead(people::all).stream().collect(Collectors.toMap(People.Colleague::id, each -> each));
            Set<UUID> lookedAfter = known.values().stream()
                    .filter(each -> each.role() == Role.PAINTER)
                    .flatMap(each -> each.houses().stream())
                    .collect(Collectors.toSet());
            for (PieceRow piece : piecesInForce()) {
                People.Colleague who = known.get(piece.personId);
                UUID house = asLead(() -> houses.flat(piece.flatId)).house().id();
                // where nobody looks after a house, anybody does
                assertThat(who.role() == Role.LEAD || who.houses().contains(house) || !lookedAfter.contains(house))
                        .as("%s in %s", who.name(), house)
                        .isTrue();
            }
        }

        @Test
        void aFlatWithoutADateIsPlannedButNeverLate() {
            Flat flat = freshFlat("Tern Terrace");
            empty(flat);
            look();
            Prospects.Prospect prospect = asLead(() -> prospects.of(flat.id())).orElseThrow();
            assertThat(prospect.lateBy()).isZero();
            assertThat(prospect.chance()).isEmpty();
            assertThat(mvc.get().uri("/plan/flats/" + flat.id()).with(user(member("jonas"))))
                    .hasStatusOk()
                    .bodyText()
                    .contains("/plan?flat=" + flat.id(), prospect.says());
            assertThat(mvc.get().uri("/plan/flats/" + UUID.randomUUID()).with(user(member("jonas"))))
                    .hasStatusOk()
                    .bodyText()
                    .isBlank();
            int version = asLead(() -> houses.flat(flat.id()))
                    .turnover()
                    .orElseThrow()
                    .version();
            asLead(() -> {
                recording.endTurnover(flat.id(), TODAY, version);
                return null;
            });
        }
    }

    @Nested
    class WhoWorksWhen {
        @Test
        void nobodyIsPlannedForADayOff() {
            UUID jonas = person("jonas");
            LocalDate day = TODAY.plusDays(1);
            asLead(() -> {
                workingDays.set(jonas, day, false);
                return null;
            });
            WorkAhead ahead = ahead();
            int number = ahead.people().indexOf(jonas);
            assertThat(ahead.load().painters().get(number).hours())
                    .noneMatch(span -> span.from() / 1440 == 1)
                    .anyMatch(span -> span.from() / 1440 == 2);
        }

        @Test
        void onASaturdayWhoSaysSo() {
            UUID jonas = person("jonas");
            LocalDate saturday = LocalDate.of(2026, 3, 7);
            as(member("jonas"), () -> {
                workingDays.set(jonas, saturday, true);
                return null;
            });
            WorkAhead ahead = ahead();
            assertThat(ahead.load()
                            .painters()
                            .get(ahead.people().indexOf(jonas))
                            .hours())
                    .anyMatch(span -> span.from() / 1440 == 3);
            assertThat(ahead.load()
                            .painters()
                            .get(ahead.people().indexOf(person("emeka")))
                            .hours())
                    .noneMatch(span -> span.from() / 1440 == 3);
        }

        @Test
        void aPainterDoesNotSayItOfAnother() {
            assertThatThrownBy(() -> as(member("jonas"), () -> {
                        workingDays.set(person("emeka"), TODAY.plusDays(1), false);
                        return null;
                    }))
                    .isInstanceOf(NotAllowedException.class);
        }

        @Test
        void paintThatIsStillToComeIsWaitedFor() {
            LocalDate day = TODAY.plusDays(9);
            asLead(() -> jdbc.sql("update sheet_wall set here_on = ? where product_id is not null")
                    .param(day)
                    .update());
            try {
                Set<UUID> painting = asLead(() -> Set.copyOf(jdbc.sql("select id from sheet_step where paint <> ''")
                        .query(UUID.class)
                        .list()));
                Instant morning = day.atTime(7, 30).toInstant(ZoneOffset.UTC);
                WorkAhead ahead = ahead();
                List<Workload.Step> waiting = ahead.flats().stream()
                        .flatMap(flat -> flat.work().flat().steps().stream())
                        .filter(step ->
                                painting.stream().anyMatch(id -> step.id().equals(id + "#0")))
                        .toList();
                assertThat(ahead.pieces().stream()
                                .filter(FlatWork.Piece::awaitsPaint)
                                .toList())
                        .hasSameSizeAs(waiting);
                look();
                assertThat(asLead(() -> flats.findByPlanId(inForce().id())).stream()
                                .map(row -> row.chain))
                        .anyMatch(chain -> chain.contains("\"awaitsPaint\":true"));
                assertThat(waiting)
                        .isNotEmpty()
                        .allSatisfy(step ->
                                assertThat(ahead.instant(step.earliest())).isAfterOrEqualTo(morning));
            } finally {
                asLead(() -> jdbc.sql("update sheet_wall set here_on = null").update());
            }
        }

        @Test
        void aHeaterIsPutIntoAFlatAsLongAsThereAreAny() {
            // one that is in the plan and still stands empty: of what is finished meanwhile pieces stay, of what is let
            // the flat
            Set<UUID> empty =
                    ahead().flats().stream().map(WorkAhead.FlatAhead::flatId).collect(Collectors.toSet());
            UUID flatId = asLead(() -> rows.flats(inForce())).stream()
                    .map(row -> row.flatId)
                    .filter(empty::contains)
                    .findFirst()
                    .orElseThrow();
            assertThat(heat(member("mirela"), flatId, true)).hasRedirectedUrl("/plan?flat=" + flatId);
            WorkAhead.FlatAhead heated = flatAhead(flatId);
            assertThat(heated.isHeated()).isTrue();
            assertThat(heated.work().flat().steps())
                    .allSatisfy(step -> assertThat(step.thing().isPresent()).isEqualTo(step.lagMin() > 0));
            assertThat(mvc.get().uri("/plan").param("flat", flatId.toString()).with(user(member("mirela"))))
                    .bodyText()
                    .contains("Take the heater out");
            assertThat(heat(member("mirela"), flatId, false)).hasStatus3xxRedirection();
            WorkAhead.FlatAhead cold = flatAhead(flatId);
            assertThat(cold.isHeated()).isFalse();
            double byHeater = heated.work().flat().rooms().getFirst().air().getFirst()
                    / cold.work().flat().rooms().getFirst().air().getFirst();
            assertThat(byHeater).isGreaterThan(1.1);
            assertThat(heat(member("jonas"), flatId, true)).hasStatus(403);
        }

        private WorkAhead.FlatAhead flatAhead(UUID flatId) {
            return ahead().flats().stream()
                    .filter(each -> each.flatId().equals(flatId))
                    .findFirst()
                    .orElseThrow();
        }

        private MvcTestResult heat(Member by, UUID flatId, boolean isOn) {
            return mvc.post()
                    .uri("/plan/heaters/" + flatId)
                    .param("on", String.valueOf(isOn))
                    .with(user(by))
                    .with(csrf())
                    .exchange();
        }

        @Test
        void aHouseThatIsOpenLate() {
            UUID house = asLead(houses::all).getFirst().id();
            asLead(() -> {
                workingDays.open(
                        house, Optional.of(new WorkingDays.Opening(house, LocalTime.of(10, 0), LocalTime.of(15, 0))));
                return null;
            });
            WorkAhead ahead = ahead();
            Plan plan = new Planner(ahead.load()).repaired().orElseThrow();
            List<Integer> flats = ahead.load().flatOfSteps();
            for (int s = 0; s < plan.size(); s++) {
                boolean isHere =
                        !ahead.load().flats().get(flats.get(s)).access().isEmpty();
                boolean isBegun = plan.start(s) <= ahead.minute(clock.instant());
                if (isHere && !isBegun) {
                    assertThat(plan.start(s) % 1440).isGreaterThanOrEqualTo(600);
                }
            }
            asLead(() -> {
                workingDays.open(house, Optional.empty());
                return null;
            });
            assertThat(ahead().load().flats()).allMatch(flat -> flat.access().isEmpty());
        }
    }

    @Nested
    class OffersAndTaking {
        /** Somebody is ill tomorrow: something has to move. */
        private void aSlip() {
            UUID busiest = piecesInForce().stream()
                    .filter(piece ->
                            LocalDate.ofInstant(piece.beginsAt, ZoneOffset.UTC).equals(TODAY.plusDays(1)))
                    .collect(Collectors.groupingBy(piece -> piece.personId, Collectors.counting()))
                    .entrySet()
                    .stream()
                    .max(Map.Entry.<UUID, Long>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                    .orElseThrow()
                    .getKey();
            asLead(() -> {
                workingDays.set(busiest, TODAY.plusDays(1), false);
                return null;
            });
            look();
        }

        @Test
        void nothingMovesUntilItIsTaken() {
            List<String> before = piecesInForce().stream()
                    .map(piece -> piece.key + piece.beginsAt)
                    .toList();
            aSlip();
            assertThat(piecesInForce().stream().map(piece -> piece.key + piece.beginsAt))
                    .containsExactlyElementsOf(before);
            assertThat(offers())
                    .isNotEmpty()
                    .allSatisfy(offer -> assertThat(offer.changes).isPositive());
        }

        @Test
        void steadierOffersMoveLess() {
            aSlip();
            Map<Manner, Integer> changes =
                    offers().stream().collect(Collectors.toMap(offer -> offer.manner, offer -> offer.changes));
            if (changes.containsKey(Manner.STEADY) && changes.containsKey(Manner.ON_TIME)) {
                assertThat(changes.get(Manner.STEADY)).isLessThanOrEqualTo(changes.get(Manner.ON_TIME));
            }
        }

        @Test
        void takenItIsInForceAndCanBeTakenBack() {
            UUID before = inForce().id();
            aSlip();
            UUID taken = offers().getFirst().id();
            asLead(() -> {
                planning.take(taken);
                return null;
            });
            assertThat(inForce().id()).isEqualTo(taken);
            assertThat(offers()).isEmpty();
            asLead(() -> {
                planning.takeBack();
                return null;
            });
            assertThat(inForce().id()).isEqualTo(before);
        }

        @Test
        void whatHasBeenWalkedIsNotWalkedNext() throws Exception {
            Flat flat = freshFlat("Ropewalk Court");
            empty(flat);
            look();
            asLead(() -> {
                planning.take(plans.findAllByStateOrderByChanges(PlanState.OFFERED)
                        .getFirst()
                        .id());
                return null;
            });
            assertThat(next(flat)).contains("Walk the flat");
            PieceRow walk = piecesInForce().stream()
                    .filter(piece -> piece.flatId.equals(flat.id()) && piece.kind.equals("WALK"))
                    .findFirst()
                    .orElseThrow();
            assertThat(clock.at(walk.beginsAt.plusSeconds(60), () -> next(flat)))
                    .contains("Walk the flat");
            assertThat(clock.at(walk.endsAt(), () -> next(flat))).contains("Walk the flat");
            UUID sheet = oneWallToRoll(flat);
            assertThat(next(flat)).contains("Work as guessed before the walk");
            String planned = "/plan?flat=" + flat.id();
            assertThat(page("/flats/" + flat.id())).contains(planned);
            assertThat(page("/sheets/" + sheet)).contains("/plan/flats/" + flat.id());
            asLead(() -> sheets.sheet(sheet).steps()).forEach(step -> {
                for (String how : List.of("read", "tick")) {
                    assertThat(mvc.post()
                                    .uri("/steps/" + step.id() + "/" + how)
                                    .param("why", "dry by the back of the hand")
                                    .with(user(member("jonas")))
                                    .with(csrf()))
                            .hasStatus3xxRedirection();
                }
            });
            // with everything ticked the plan is over, whatever it held
            assertThat(page("/flats/" + flat.id())).doesNotContain(planned);
            assertThat(page("/sheets/" + sheet)).doesNotContain("/plan/flats/" + flat.id());
            asLead(() -> {
                planning.takeBack();
                return null;
            });
        }

        private String page(String address) throws Exception {
            return mvc.get()
                    .uri(address)
                    .with(user(member("mirela")))
                    .exchange()
                    .getResponse()
                    .getContentAsString();
        }

        private String next(Flat flat) {
            return asLead(() -> prospects.of(flat.id())).orElseThrow().next().orElseThrow();
        }

        @Test
        void ofPastPlansOnlyTheOneToGoBackToIsKept() {
            for (int n = 0; n < 3; n++) {
                aSlip();
                UUID offer = offers().getFirst().id();
                asLead(() -> {
                    planning.take(offer);
                    return null;
                });
                asItWas();
            }
            assertThat(asLead(() -> plans.findAllByStateOrderByChanges(PlanState.PAST)))
                    .singleElement()
                    .satisfies(past -> assertThat(past.id()).isEqualTo(inForce().baseId));
            assertThat(piecesInForce()).isNotEmpty();
        }

        @Test
        void anOfferAgainstAnotherPlanIsNotTaken() {
            aSlip();
            UUID first = offers().getFirst().id();
            assertThat(jdbc.sql("update plan set base_id = null where id = :id")
                            .param("id", first)
                            .update())
                    .isEqualTo(1);
            assertThatThrownBy(() -> asLead(() -> {
                        planning.take(first);
                        return null;
                    }))
                    .isInstanceOf(ChangedMeanwhileException.class);
        }

        @Test
        void onlyTheLeadTakesOne() {
            aSlip();
            UUID offer = offers().getFirst().id();
            assertThat(mvc.post()
                            .uri("/plan/" + offer + "/take")
                            .with(user(member("jonas")))
                            .with(csrf())
                            .exchange())
                    .hasStatus(403);
        }

        @Test
        void aStoppedSearchOffersNothingMore() {
            asLead(() -> {
                UUID asked = asking.ask();
                asking.stop();
                search.run(asked);
                return null;
            });
            SearchRow last =
                    asLead(() -> searches.findFirstByOrderByAskedAtDesc().orElseThrow());
            assertThat(last.state).isEqualTo(SearchRow.State.STOPPED);
        }
    }

    @Nested
    class Settling {
        private PieceRow free() {
            return later(START.plus(Duration.ofDays(2)));
        }

        @Test
        void whatItWouldDoIsSaidBefore() {
            // nothing follows the last piece of all: it may be as late as one likes
            PieceRow piece = piecesInForce().getLast();
            LocalDate monday = LocalDate.of(2026, 4, 13);
            Instant late = monday.atTime(10, 0).toInstant(ZoneOffset.UTC);
            Trying.Tried tried = asLead(() -> trying.attempt(piece.key, Optional.empty(), Optional.of(late)));
            assertThat(tried.isPossible()).isTrue();
            assertThat(tried.effects()).first().asString().contains("move");
            assertThat(tried.effects()).anySatisfy(said -> assertThat(said).contains("later"));
        }

        @Test
        void whatCannotBeIsRefusedWithItsReason() {
            PieceRow piece = free();
            LocalDate sunday = LocalDate.of(2026, 3, 8);
            Instant onSunday = sunday.atTime(10, 0).toInstant(ZoneOffset.UTC);
            Trying.Tried tried =
                    asLead(() -> trying.attempt(piece.key, Optional.of(piece.personId), Optional.of(onSunday)));
            assertThat(tried.isPossible()).isFalse();
            assertThat(tried.refused()).contains("it would not lie wholly in somebody’s hours");
        }

        @Test
        void whoDoesNotLookAfterTheHouseIsRefused() {
            UUID emekas = flat("Brickfield House", 14).id();
            PieceRow piece = piecesInForce().stream()
                    .filter(each -> each.flatId.equals(emekas))
                    .toList()
                    .getLast();
            assertThat(mvc.get()
                            .uri("/plan/piece")
                            .param("key", piece.key)
                            .param("person", person("jonas").toString())
                            .with(user(member("mirela"))))
                    .hasStatusOk()
                    .bodyText()
                    .contains("who is named does not look after the house");
        }

        @Test
        void whoeverIsSettledButLooksAfterAnotherHouseNowIsNotWaitedFor() {
            UUID emekas = flat("Brickfield House", 14).id();
            PieceRow piece = piecesInForce().stream()
                    .filter(each -> each.flatId.equals(emekas))
                    .toList()
                    .getLast();
            asLead(() -> {
                LockRow lock = new LockRow(piece.turnoverId, piece.key);
                lock.personId = person("jonas");
                lock.settledBy = person("mirela");
                lock.settledAt = clock.instant();
                return locks.save(lock);
            });
            look();
            assertThat(asLead(() -> searches.findFirstByOrderByAskedAtDesc().orElseThrow()).state)
                    .isEqualTo(SearchRow.State.DONE);
        }

        @Test
        void settledItIsKeptBySearches() {
            PieceRow piece = free();
            asLead(() -> {
                settling.settle(piece.key, Optional.of(piece.personId), Optional.of(piece.beginsAt));
                return null;
            });
            look();
            WorkAhead ahead = ahead();
            for (PlanRow offer : offers()) {
                PieceRow same = asLead(() -> pieces.findByPlanIdAndKey(offer.id(), piece.key))
                        .orElseThrow();
                assertThat(same.beginsAt).isEqualTo(piece.beginsAt);
                assertThat(same.personId).isEqualTo(piece.personId);
            }
            assertThat(ahead.load().steps().stream().filter(step -> step.id().equals(piece.key)))
                    .singleElement()
                    .satisfies(step -> assertThat(step.lock().toString()).contains(piece.personId.toString()));
        }

        @Test
        void overTheWeb() {
            PieceRow piece = free();
            assertThat(mvc.get().uri("/plan/piece").param("key", piece.key).with(user(member("mirela"))))
                    .hasStatusOk()
                    .bodyText()
                    .contains("What would it do?");
            assertThat(mvc.get()
                            .uri("/plan/piece")
                            .param("key", piece.key)
                            .param("begins", "teatime")
                            .with(user(member("mirela"))))
                    .hasStatus(422)
                    .bodyText()
                    .contains("was “teatime”");
            assertThat(mvc.get().uri("/plan/piece?key=nothing").with(user(member("mirela"))))
                    .hasStatus(404);
        }
    }

    @Nested
    class WhatIsTold {
        @Test
        void theLatestFlatComesFirstWithItsReasons() {
            look();
            PlanView view =
                    asLead(() -> desk.view(PlanDesk.Zoom.WEEK, Optional.empty(), Optional.empty(), Optional.empty()));
            PlanView.FlatStory story = view.story().orElseThrow();
            assertThat(story.flat()).isEqualTo("Ropewalk Court 12");
            assertThat(story.heading()).startsWith("Ropewalk Court 12 is late by");
            // the day is over: there is no chance to tell
            assertThat(story.chance()).isEmpty();
            Optional<UUID> other = Optional.of(flat("Tern Terrace", 4).id());
            assertThat(asLead(() -> desk.view(PlanDesk.Zoom.WEEK, other, Optional.empty(), Optional.empty()))
                            .story())
                    .hasValueSatisfying(ahead -> assertThat(ahead.chance()).startsWith("on time: "));
            assertThat(story.chain())
                    .isNotEmpty()
                    .allSatisfy(said -> assertThat(said).contains(": "));
        }

        /** Of more flats than are drawn beside each other; none of it stays. */
        private List<PlanView.Drawing> parts(int flats) {
            return asLead(() -> transactions.execute(status -> {
                status.setRollbackOnly();
                // work in flats that nobody has planned yet, each due a day after the one before
                jdbc.sql("""
                        insert into plan_flat
                        select gen_random_uuid(), p.organisation_id, p.plan_id, f.id, p.turnover_id, p.ready_at,
                          p.ready_at + interval '1 day' * row_number() over (order by f.id), p.cured_at, p.chance, p.early_at,
                          p.late_at, p.chain, p.helps
                        from flat f join lateral (select * from plan_flat x where x.organisation_id = f.organisation_id
                          and x.plan_id = (select id from plan where state = 'IN_FORCE' and organisation_id = f.organisation_id)
                          limit 1) p on true
                        where f.organisation_id = ?
                          and not exists (select from plan_flat y where y.plan_id = p.plan_id and y.flat_id = f.id)
                        limit ?""")
                        .param(member("mirela").organisationId())
                        .param(flats)
                        .update();
                List<PlanView.Drawing> drawn = new ArrayList<>();
                Optional<Integer> from = Optional.of(0);
                while (from.isPresent()) {
                    PlanView.Drawing part = desk.view(PlanDesk.Zoom.WEEK, Optional.empty(), Optional.empty(), from)
                            .drawing();
                    drawn.add(part);
                    from = part.part().after();
                }
                return drawn;
            }));
        }

        @Test
        void manyFlatsAreDrawnInPartsInTheOrderInWhichTheyAreDue() {
            look();
            List<PlanView.Drawing> parts = parts(40);
            assertThat(parts).hasSize(2);
            assertThat(parts.getFirst().part().before()).isEmpty();
            assertThat(parts.getFirst().columns()).hasSize(40);
            assertThat(parts.getLast().part().before()).contains(0);
            int of = parts.getLast().part().of();
            assertThat(parts.stream().flatMap(part -> part.columns().stream()).map(PlanView.Column::flatId))
                    .doesNotHaveDuplicates()
                    .hasSize(of);
            assertThat(parts).allSatisfy(part -> {
                Set<UUID> columns =
                        part.columns().stream().map(PlanView.Column::flatId).collect(Collectors.toSet());
                assertThat(part.strokes())
                        .allSatisfy(stroke -> assertThat(columns).contains(stroke.flatId()));
            });
            assertThat(parts.getFirst().strokes()).isNotEmpty();
        }

        @Test
        void fewFlatsAreDrawnAtOnce() {
            look();
            List<PlanView.Drawing> parts = parts(0);
            assertThat(parts)
                    .singleElement()
                    .satisfies(all -> assertThat(all.part().isAll()).isTrue());
        }

        @Test
        void aTurnoverIsToldFromTheKeysToTheTenantWithWhoAnswers() {
            look();
            PlanView view = asLead(() -> desk.view(
                    PlanDesk.Zoom.WEEK,
                    Optional.of(flat("Brickfield House", 19).id()),
                    Optional.empty(),
                    Optional.empty()));
            List<PlanView.Leg> legs = view.story().orElseThrow().legs();
            assertThat(legs)
                    .extracting(PlanView.Leg::name)
                    .containsExactly(
                            "keys back",
                            "walk",
                            "plan taken",
                            "work",
                            "dry",
                            "last look",
                            "cured",
                            "viewing",
                            "move-in");
            assertThat(legs.getFirst().who()).isEqualTo("office");
            assertThat(legs.get(1).who()).isIn("Emeka Thorsen", "Mirela Oduya");
            assertThat(view.loads())
                    .hasSize(4)
                    .extracting(PlanView.Load::person)
                    .contains("Jonas Petrak");
            assertThat(view.month()).matches("Four weeks: \\d+ painter-days, [\\d.]+ L of paint .*");
        }

        @Test
        void aChanceLiesBetweenItsMoments() {
            look();
            List<PlannedFlatTold> told = asLead(() -> prospects.all().values().stream()
                    .map(each -> new PlannedFlatTold(each.lateBy(), each.chance()))
                    .toList());
            assertThat(told)
                    .allSatisfy(each ->
                            each.chance().ifPresent(chance -> assertThat(chance).isBetween(0.0, 1.0)));
            assertThat(told.stream().filter(each -> each.lateBy().toDays() > 2).flatMap(each -> each.chance().stream()))
                    .allSatisfy(chance -> assertThat(chance).isLessThan(0.2));
        }

        @Test
        void aFlatIsToldWithTheSpanOfMostFutures() {
            look();
            assertThat(asLead(() -> prospects.all().values()).stream().map(Prospects.Prospect::says))
                    .allMatch(says ->
                            says.matches("ready .+:(00|15|30|45)( to (\\S+ \\d+ \\S+ )?\\d\\d:(00|15|30|45))?(,.+)?"))
                    .anyMatch(says -> says.contains(" to "));
        }

        private record PlannedFlatTold(Duration lateBy, Optional<Double> chance) {}

        @Test
        void theFrontSaysWhoComesNext() {
            assertThat(mvc.get().uri("/").with(user(member("mirela"))))
                    .bodyText()
                    .contains("in the plan: ")
                    .contains("/plan?flat=");
        }

        @Test
        void aStrangerSeesNothingOfIt() {
            assertThat(mvc.get().uri("/plan").with(user(stranger())))
                    .hasStatusOk()
                    .bodyText()
                    .contains("Nothing is planned yet.")
                    .doesNotContain("Ropewalk");
            PieceRow piece = piecesInForce().getFirst();
            assertThat(mvc.get().uri("/plan/piece").param("key", piece.key).with(user(stranger())))
                    .hasStatus(404);
        }

        @Test
        void aWallThatSomebodyWantsRolledCouldBeTouchedUpInstead() {
            Flat flat = freshFlat("Ropewalk Court");
            empty(flat);
            oneWallToRoll(flat);
            WorkAhead.FlatAhead ahead = ahead().flats().stream()
                    .filter(each -> each.flatId().equals(flat.id()))
                    .findFirst()
                    .orElseThrow();
            TouchedUp.Instead instead = asLead(() -> touchedUp.of(ahead)).orElseThrow();
            assertThat(instead.walls()).contains("(may show: ");
            assertThat(minutes(instead.flat())).isLessThan(minutes(ahead.work().flat()));
        }

        private static int minutes(Workload.Flat flat) {
            return flat.steps().stream().mapToInt(Workload.Step::minutes).sum();
        }

        @Test
        void aTickMakesItLookAgain() {
            Instant last = asLead(() -> jdbc.sql(
                            "select greatest((select max(done_at) from event), (select max(asked_at) from plan_search))")
                    .query(Instant.class)
                    .single());
            SearchRow lately = asLead(() -> {
                SearchRow row = new SearchRow(access.member().personId(), last.plusSeconds(1));
                row.end(SearchRow.State.DONE, last.plusSeconds(1));
                return searches.saveAndFlush(row);
            });
            assertThat(asLead(asking::isOvertaken)).isFalse();
            Flat flat = flat("Brickfield House", 14);
            asLead(() -> clock.at(last.plusSeconds(2), () -> {
                recording.setDates(
                        flat.id(),
                        flat.turnover().orElseThrow().keysBackOn(),
                        flat.turnover().orElseThrow().viewingOn(),
                        flat.turnover().orElseThrow().moveInOn(),
                        Scrutiny.CLOSELY,
                        flat.turnover().orElseThrow().version());
                return null;
            }));
            assertThat(asLead(asking::isOvertaken)).isTrue();
            asLead(() -> {
                searches.deleteById(lately.id());
                return null;
            });
        }
    }

    @Test
    void piecesDoNotOverlap() {
        Map<UUID, List<PieceRow>> byPerson =
                piecesInForce().stream().collect(Collectors.groupingBy(piece -> piece.personId));
        for (List<PieceRow> mine : byPerson.values()) {
            List<PieceRow> sorted = mine.stream()
                    .sorted(Comparator.comparing(piece -> piece.beginsAt))
                    .toList();
            for (int i = 1; i < sorted.size(); i++) {
                assertThat(sorted.get(i).beginsAt)
                        .isAfterOrEqualTo(sorted.get(i - 1).endsAt());
            }
        }
    }
}
