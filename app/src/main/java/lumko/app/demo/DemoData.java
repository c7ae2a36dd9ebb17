package lumko.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import lumko.app.account.Accounts;
import lumko.app.account.DemoPeople;
import lumko.app.account.Member;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.plan.Planning;
import lumko.app.platform.ShiftableClock;
import lumko.app.platform.UnitSystem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty database with the made-up society: the same houses each time, dates relative to today. */
@Component
@Lazy
class DemoData {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);

    private final Accounts accounts;
    private final People people;
    private final DemoStore store;
    private final DemoHouses houses;
    private final DemoReadings readings;
    private final Planning planning;
    private final ShiftableClock clock;
    private final TransactionTemplate transaction;

    DemoData(
            Accounts accounts,
            People people,
            DemoStore store,
            DemoHouses houses,
            DemoReadings readings,
            Planning planning,
            ShiftableClock clock,
            TransactionTemplate transaction) {
        this.accounts = accounts;
        this.people = people;
        this.store = store;
        this.houses = houses;
        this.readings = readings;
        this.planning = planning;
        this.clock = clock;
        this.transaction = transaction;
    }

    void enter() {
        LOG.info("the demo is entered, which takes a while");
        Instant start = clock.instant();
        Member lead = new Member(
                UUID.randomUUID(),
                UUID.randomUUID(),
                "Alder & Tern Housing Society",
                DemoPeople.LEAD,
                "Mirela Oduya",
                Role.LEAD,
                UnitSystem.METRIC,
                "Europe/London",
                true,
                Set.of(),
                "");
        as(lead, () -> {
            accounts.found(lead);
            staff();
            store.enter();
            UUID ropewalk = houses.ropewalk();
            UUID terrace = houses.terrace();
            UUID brickfield = houses.brickfield();
            lookAfter(ropewalk, terrace, brickfield);
            readings.enter(LocalDate.ofInstant(start, ZoneOffset.UTC));
            planning.begin();
            return null;
        });
        LOG.info(
                "demo data entered in {} s",
                Duration.between(start, clock.instant()).toSeconds());
    }

    /** Does something signed in as somebody, in one transaction: the demo is there whole or not at all. */
    private <T> T as(Member member, Supplier<T> action) {
        return Accounts.as(member, () -> transaction.execute(status -> action.get()));
    }

    private void staff() {
        people.add("Jonas Petrak", "jonas", Role.PAINTER);
        people.add("Saoirse Lindqvist", "saoirse", Role.PAINTER);
        people.add("Emeka Thorsen", "emeka", Role.PAINTER);
        people.add("Tobias Ferreira-Lang", "tobias", Role.OFFICE);
    }

    private void lookAfter(UUID ropewalk, UUID terrace, UUID brickfield) {
        for (People.Colleague colleague : people.all()) {
            switch (colleague.login()) {
                case "jonas" -> people.lookAfter(colleague.id(), Set.of(ropewalk));
                case "saoirse" -> people.lookAfter(colleague.id(), Set.of(terrace, ropewalk));
                case "emeka" -> people.lookAfter(colleague.id(), Set.of(brickfield));
                default -> {}
            }
        }
    }
}
