package lumko.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import lumko.app.account.Accounts;
import lumko.app.account.Member;
import lumko.app.catalogue.Paints;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.NewRoom;
import lumko.app.house.Recording;
import lumko.app.house.Surface;
import lumko.app.platform.ShiftableClock;
import lumko.app.platform.UnitSystem;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Texture;
import lumko.core.quantity.Length;
import lumko.core.record.Substrate;
import lumko.reader.SimulatedReader;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.assertj.MockMvcTester;

/** The whole application on real PostgreSQL with the demo data, started once for all its tests. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "lumko.clock=" + ApplicationTest.MORNING,
            "lumko.demo=true",
            "lumko.sensor=simulated",
            "lumko.plan.seconds=0.2",
            // tests search when they want to
            "lumko.background=false",
            "lumko.reader.stand-in=true",
            "spring.main.lazy-initialization=false",
            "spring.data.jpa.repositories.bootstrap-mode=default",
            "spring.jpa.hibernate.ddl-auto=validate",
            "spring.jpa.properties.hibernate.session_factory.statement_inspector=lumko.app.Statements"
        })
@AutoConfigureMockMvc
public abstract class ApplicationTest {
    /** When the application of the tests starts, an hour after the demo was entered; its clock goes on from there. */
    static final String MORNING = "2026-03-04T10:00:00Z";

    protected static final Instant START = Instant.parse(MORNING);
    protected static final LocalDate TODAY = LocalDate.of(2026, 3, 4);

    /** Flats that tests make have numbers from here on. */
    protected static final int FIRST_NUMBER = 500;

    private static final AtomicInteger NEXT_NUMBER = new AtomicInteger(FIRST_NUMBER);

    /** The colour reader that every test shares; troubles can be asked of it. */
    protected static final SimulatedReader READER = reader();

    private static SimulatedReader reader() {
        try {
            return new SimulatedReader(0, 42);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    @LocalServerPort
    protected int port;

    @Autowired
    protected MockMvcTester mvc;

    @Autowired
    protected ShiftableClock clock;

    @Autowired
    protected Accounts accounts;

    @Autowired
    protected Houses houses;

    @Autowired
    protected Recording recording;

    @Autowired
    protected Paints paints;

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) {
        registry.add("lumko.reader.port", READER::port);
        registry.add("spring.datasource.url", () -> TestDatabase.access().url());
        registry.add("spring.datasource.username", () -> TestDatabase.access().user());
        registry.add("spring.datasource.password", () -> TestDatabase.access().password());
    }

    protected Member member(String login) {
        return accounts.member(login);
    }

    /** The lead of another organisation, which writes US units. */
    protected Member stranger() {
        return leadOf("Juniper Hill Lettings", UnitSystem.US, "America/New_York", "Odalys Brandt", "stranger");
    }

    /** The lead of an organisation, which is founded by whoever asks first. */
    protected Member leadOf(String organisation, UnitSystem units, String zone, String name, String login) {
        return accounts.find(login)
                .orElseGet(() -> accounts.found(organisation, units, zone, name, login, "long enough to be safe"));
    }

    /** Does something signed in as a member. */
    protected <T> T as(Member member, Supplier<T> action) {
        var before = SecurityContextHolder.getContext();
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(Accounts.signedIn(member));
        SecurityContextHolder.setContext(context);
        try {
            return action.get();
        } finally {
            SecurityContextHolder.setContext(before);
        }
    }

    protected <T> T asLead(Supplier<T> action) {
        return as(member("mirela"), action);
    }

    /** A flat of the demo by its house and number. */
    protected Flat flat(String house, int number) {
        return asLead(() -> houses.flat(houses.facades().stream()
                .filter(facade -> facade.house().name().equals(house))
                .flatMap(facade -> facade.windows().stream())
                .filter(window -> window.number().equals(String.valueOf(number)))
                .findFirst()
                .orElseThrow()
                .flatId()));
    }

    protected Surface wall(Flat flat, int index) {
        return flat.walls().toList().get(index);
    }

    /** An empty flat with one room of 4 × 3 × 2.5 m that nobody else uses. */
    protected Flat freshFlat(String house) {
        return asLead(() -> {
            UUID houseId = houses.all().stream()
                    .filter(each -> each.name().equals(house))
                    .findFirst()
                    .orElseThrow()
                    .id();
            int number = NEXT_NUMBER.incrementAndGet();
            UUID flatId = recording.addFlat(houseId, String.valueOf(number), 8 + number % 50, 8 + number / 50 % 50);
            addRoom(flatId, "Study");
            return houses.flat(flatId);
        });
    }

    /** Of 4 × 3 × 2.5 m. */
    protected void addRoom(UUID flatId, String name) {
        recording.addRoom(
                flatId,
                NewRoom.bare(
                        name,
                        RoomKind.LIVING,
                        Outline.rectangle(Length.ofMetres(4), Length.ofMetres(3)),
                        Length.ofMetres(2.5),
                        Substrate.GYPSUM_BOARD,
                        Texture.SMOOTH));
    }
}
