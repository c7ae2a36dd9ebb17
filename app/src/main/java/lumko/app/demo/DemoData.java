package lumko.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import lumko.app.account.Accounts;
import lumko.app.account.DemoPeople;
import lumko.app.account.Member;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.house.Houses;
import lumko.app.house.Recording;
import lumko.app.house.Roof;
import lumko.app.plan.Planning;
import lumko.app.platform.ShiftableClock;
import lumko.app.platform.UnitSystem;
import lumko.core.record.Substrate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty database with the made-up society: the same houses each time, dates relative to today. */
@Component
@ConditionalOnProperty("lumko.demo")
class DemoData implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);

    private final Accounts accounts;
    private final People people;
    private final Recording recording;
    private final Houses houses;
    private final DemoStore store;
    private final DemoFlats flats;
    private final DemoFaults faults;
    private final DemoJobs jobs;
    private final DemoReadings readings;
    private final Planning planning;
    private final ShiftableClock clock;
    private final TransactionTemplate transaction;

    DemoData(
            Accounts accounts,
            People people,
            Recording recording,
            Houses houses,
            DemoStore store,
            DemoFlats flats,
            DemoFaults faults,
            DemoJobs jobs,
            DemoReadings readings,
            Planning planning,
            ShiftableClock clock,
            TransactionTemplate transaction) {
        this.accounts = accounts;
        this.people = people;
        this.recording = recording;
        this.houses = houses;
        this.store = store;
        this.flats = flats;
        this.faults = faults;
        this.jobs = jobs;
        this.readings = readings;
        this.planning = planning;
        this.clock = clock;
        this.transaction = transaction;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!accounts.isFresh()) {
            return;
        }
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
            UUID ropewalk = ropewalk();
            UUID terrace = terrace();
            UUID brickfield = brickfield();
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

    // ---- houses

    private UUID ropewalk() {
        UUID house = recording.addHouse("Ropewalk Court", 1911, Roof.SAW, false);
        List<UUID> all = flats.flats(house, 5, 5, 4, 4);
        flats.detailed(all.get(6));
        for (int n = 0; n < all.size(); n++) {
            if (n != 6) {
                flats.lighter(all.get(n), n, Substrate.LIME_PLASTER);
            }
        }
        flats.dates(all.get(6), -3, 9, 12);
        faults.troubles(houses.flat(all.get(6)));
        flats.dates(all.get(11), -12, -1, 1);
        jobs.underWay(all.get(11), 16, 4, 5);
        flats.dates(all.get(2), -5, 6, 9);
        jobs.underWay(all.get(2), 9, 30, 2);
        flats.dates(all.get(15), -4, 8, 10);
        jobs.underWay(all.get(15), 11, 0, 6);
        flats.dates(all.get(8), 6, 16, 20);
        flats.dates(all.get(14), -16, 4, 6);
        jobs.underWay(all.get(14), 5, 24 * 10, Integer.MAX_VALUE);
        return house;
    }

    private UUID terrace() {
        UUID house = recording.addHouse("Tern Terrace", 1934, Roof.GABLE, false);
        List<UUID> cottages = flats.flats(house, 6);
        for (int n = 0; n < cottages.size(); n++) {
            flats.lighter(cottages.get(n), n + 3, Substrate.LIME_PLASTER);
        }
        flats.dates(cottages.get(3), -6, 5, 8);
        jobs.underWay(cottages.get(3), 7, 5, 7);
        flats.dates(cottages.get(1), 12, 24, 30);
        flats.dates(cottages.get(5), -1, 20, 26);
        faults.damp(cottages.get(5));
        return house;
    }

    private UUID brickfield() {
        UUID house = recording.addHouse("Brickfield House", 1976, Roof.FLAT, true);
        List<UUID> all = flats.flats(house, 6, 6, 6, 6);
        for (int n = 0; n < all.size(); n++) {
            if (n != 18) {
                flats.lighter(all.get(n), n + 5, Substrate.GYPSUM_BOARD);
            }
        }
        flats.unknownPaint(all.get(18));
        faults.unknown(all.get(18));
        flats.dates(all.get(18), -2, 14, 18);
        flats.dates(all.get(4), -4, 11, 15);
        faults.smoked(all.get(4));
        flats.dates(all.get(13), -7, 7, 9);
        jobs.underWay(all.get(13), 12, 1, 3);
        flats.dates(all.get(19), 9, 20, 22);
        flats.dates(all.get(7), -15, 3, 5);
        jobs.underWay(all.get(7), 6, 24 * 3, Integer.MAX_VALUE);
        return house;
    }
}
