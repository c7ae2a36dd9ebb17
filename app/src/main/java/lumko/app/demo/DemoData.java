package lumko.app.demo;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import lumko.app.account.Accounts;
import lumko.app.account.DemoPeople;
import lumko.app.account.Member;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.NewCoat;
import lumko.app.house.NewRoom;
import lumko.app.house.Recording;
import lumko.app.house.Roof;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.house.SurfaceKind;
import lumko.app.house.WallFeature;
import lumko.app.paint.Base;
import lumko.app.paint.NewProduct;
import lumko.app.paint.PaintKind;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.EditableRow;
import lumko.app.platform.ShiftableClock;
import lumko.app.platform.UnitSystem;
import lumko.app.sheet.Closing;
import lumko.app.sheet.Inspection;
import lumko.app.sheet.Sheet;
import lumko.app.sheet.SheetMaking;
import lumko.app.sheet.SheetStep;
import lumko.app.sheet.Sheets;
import lumko.app.sheet.Ticking;
import lumko.app.walk.Deciding;
import lumko.app.walk.Marking;
import lumko.app.walk.PaintAnswer;
import lumko.app.walk.Walks;
import lumko.core.colour.Srgb;
import lumko.core.drying.Climate;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.Box;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.paint.Sheen;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;
import lumko.core.record.Layer;
import lumko.core.record.Substrate;
import lumko.core.repair.Mark;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty database with the made-up society: the same houses each time, dates relative to today. */
@Component
@ConditionalOnProperty("lumko.demo")
class DemoData implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final long SEED = 1911;
    private static final String REASON = "dry to the back of the hand";

    private final Accounts accounts;
    private final People people;
    private final Store store;
    private final Houses houses;
    private final Recording recording;
    private final Walks walks;
    private final Deciding deciding;
    private final Marking marking;
    private final Sheets sheets;
    private final SheetMaking making;
    private final Ticking ticking;
    private final Closing closing;
    private final DemoReadings readings;
    private final ShiftableClock clock;
    private final TransactionTemplate transaction;
    private final EntityManager entities;
    private final Random random = new Random(SEED);

    private final Map<String, UUID> colours = new LinkedHashMap<>();
    private final Map<String, UUID> products = new LinkedHashMap<>();
    private final Map<Integer, List<NewRoom.Feature>> features = new LinkedHashMap<>();
    private final Map<String, UUID> tins = new LinkedHashMap<>();
    private final Map<String, UUID> firstTins = new LinkedHashMap<>();
    private LocalDate today = LocalDate.EPOCH;

    DemoData(
            Accounts accounts,
            People people,
            Store store,
            Houses houses,
            Recording recording,
            Walks walks,
            Deciding deciding,
            Marking marking,
            Sheets sheets,
            SheetMaking making,
            Ticking ticking,
            Closing closing,
            DemoReadings readings,
            ShiftableClock clock,
            TransactionTemplate transaction,
            EntityManager entities) {
        this.accounts = accounts;
        this.people = people;
        this.store = store;
        this.houses = houses;
        this.recording = recording;
        this.walks = walks;
        this.deciding = deciding;
        this.marking = marking;
        this.sheets = sheets;
        this.making = making;
        this.ticking = ticking;
        this.closing = closing;
        this.readings = readings;
        this.clock = clock;
        this.transaction = transaction;
        this.entities = entities;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!accounts.isFresh()) {
            return;
        }
        Instant start = clock.instant();
        today = LocalDate.ofInstant(start, ZoneOffset.UTC);
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
                "");
        as(lead, () -> {
            accounts.found(lead);
            staff();
            stock();
            UUID ropewalk = ropewalk();
            UUID terrace = terrace();
            UUID brickfield = brickfield();
            lookAfter(ropewalk, terrace, brickfield);
            readings.enter(today);
            return null;
        });
        LOG.info(
                "demo data entered in {} s",
                Duration.between(start, clock.instant()).toSeconds());
    }

    /** Does something signed in as somebody, in one transaction: the demo is there whole or not at all. */
    private <T> T as(Member member, Supplier<T> action) {
        var before = SecurityContextHolder.getContext();
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(Accounts.signedIn(member));
        SecurityContextHolder.setContext(context);
        try {
            return transaction.execute(status -> action.get());
        } finally {
            SecurityContextHolder.setContext(before);
        }
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

    // ---- paint

    private void stock() {
        colour("Oat Husk", "AT-11", "#e6dece");
        colour("Harbour Milk", "AT-02", "#efece3");
        colour("Wet Slate", "AT-40", "#b5bdc5");
        colour("Tide Glass", "AT-31", "#cfdfe8");
        colour("Reed Bank", "AT-27", "#cbdacb");
        colour("Brick Blush", "AT-18", "#e3ccbd");
        colour("Gorse Dusk", "AT-22", "#d8c587");
        colour("Kelp Cellar", "", "#2f5548");
        colour("Chalk Yard", "AT-00", "#f6f4ee");
        product("Umberfield", "Homestead", "Hearth Matt", PaintKind.WALL, Sheen.MATT, 3.5, 1, 2.5, 5, 10);
        product("Quarrel & Finch", "Trade", "Plain Wall", PaintKind.WALL, Sheen.MATT, 4.5, 2.5, 5, 12.5);
        product("Quarrel & Finch", "Trade", "Steam Satin", PaintKind.WALL, Sheen.SATIN, 22, 1, 2.5, 5);
        product("Sollenby", "Still", "Still Ceiling", PaintKind.CEILING, Sheen.DEAD_FLAT, 2, 5, 10);
        product("Sollenby", "Frame", "Frame Satin", PaintKind.TRIM, Sheen.SATIN, 30, 0.75, 2.5);
        product("Sollenby", "Frame", "Frame Gloss", PaintKind.TRIM, Sheen.GLOSS, 78, 0.75, 2.5);
        sheet("Hearth Matt", 11, 40, 0.94, 3);
        sheet("Plain Wall", 12, 33, 0.89, 2);
        sheet("Steam Satin", 12, 38, 0.92, 4);
        sheet("Still Ceiling", 10, 42, 0.95, 2);
        measured();
        String[] wallColours = {
            "Oat Husk", "Harbour Milk", "Wet Slate", "Tide Glass", "Reed Bank", "Brick Blush", "Gorse Dusk"
        };
        int label = 401;
        for (String colour : wallColours) {
            for (int n = 0; n < 4; n++) {
                String product = n % 2 == 0 ? "Hearth Matt" : "Plain Wall";
                double size = n % 2 == 0 ? 5 : 2.5;
                double left = Math.round((0.15 + 0.8 * random.nextDouble()) * size * 10) / 10.0;
                tin(
                        label++,
                        product,
                        colour,
                        batch(colour, n),
                        size,
                        left,
                        n < 2 ? "Ropewalk cellar, shelf A" : "Brickfield store, shelf C");
            }
        }
        for (int n = 0; n < 3; n++) {
            tin(
                    label++,
                    "Steam Satin",
                    n == 0 ? "Tide Glass" : "Harbour Milk",
                    batch("steam", n),
                    2.5,
                    1.1 + n * 0.5,
                    "Ropewalk cellar, shelf B");
        }
        for (int n = 0; n < 4; n++) {
            tin(
                    label++,
                    "Still Ceiling",
                    "Chalk Yard",
                    batch("ceiling", n),
                    10,
                    2.5 + 1.6 * n,
                    n < 2 ? "Ropewalk cellar, floor" : "Brickfield store, floor");
        }
        for (int n = 0; n < 3; n++) {
            tin(
                    label++,
                    "Frame Satin",
                    "Chalk Yard",
                    batch("frame", n),
                    2.5,
                    0.6 + 0.7 * n,
                    "Ropewalk cellar, shelf B");
        }
    }

    private String batch(String of, int n) {
        return "%c%04d".formatted(of.charAt(0), 1000 + Math.floorMod(of.hashCode() * 31 + n * 977, 9000));
    }

    private void colour(String name, String code, String hex) {
        colours.put(name, store.addColour(name, code, Srgb.ofHex(hex)));
    }

    private void product(
            String maker, String line, String name, PaintKind kind, Sheen sheen, double gloss, double... sizes) {
        products.put(
                name,
                store.addProduct(new NewProduct(
                        maker,
                        line,
                        name,
                        kind,
                        Base.WHITE,
                        sheen,
                        gloss,
                        name.equals("Frame Gloss") ? Binder.SOLVENTBORNE : Binder.WATERBORNE,
                        Arrays.stream(sizes).mapToObj(Volume::ofLitres).toList())));
    }

    private void sheet(String product, double spread, double solids, double contrastRatio, double recoatHours) {
        store.describe(
                id(products, product),
                new DataSheet(spread, solids, contrastRatio, Optional.of(Times.ofHours(recoatHours))));
    }

    /** The society had its house colours measured once; the tenant's green nobody has. */
    private void measured() {
        store.stock().coloursByName().stream()
                .filter(colour -> !colour.name().equals("Kelp Cellar"))
                .forEach(colour -> store.measure(colour.id(), colour.spectrum()));
    }

    private void tin(int label, String product, String colour, String batch, double size, double left, String place) {
        String written = "%04d".formatted(label);
        tins.put(
                written,
                store.addTin(
                        written,
                        id(products, product),
                        id(colours, colour),
                        batch,
                        Volume.ofLitres(size),
                        Volume.ofLitres(left),
                        place,
                        "Vellin paint counter, machine 2"));
    }

    private static UUID id(Map<String, UUID> known, String name) {
        return Optional.ofNullable(known.get(name)).orElseThrow();
    }

    /** The first tin of a wall colour; the walls of the houses were painted from these. */
    private UUID tinOf(String colour) {
        Store.Stock stock = store.stock();
        return stock.onShelf().stream()
                .filter(tin -> tin.colour().name().equals(colour)
                        && tin.product().name().equals("Hearth Matt"))
                .min(Comparator.comparing(Tin::label))
                .map(Tin::id)
                .orElseThrow();
    }

    // ---- houses

    private UUID ropewalk() {
        UUID house = recording.addHouse("Ropewalk Court", 1911, Roof.SAW, false);
        List<UUID> flats = flats(house, 5, 5, 4, 4);
        detailed(flats.get(6));
        for (int n = 0; n < flats.size(); n++) {
            if (n != 6) {
                lighter(flats.get(n), n, Substrate.LIME_PLASTER);
            }
        }
        dates(flats.get(6), -3, 9, 12);
        troubles(houses.flat(flats.get(6)));
        dates(flats.get(11), -12, -1, 1);
        work(flats.get(11), 16, 4, 5);
        dates(flats.get(2), -5, 6, 9);
        work(flats.get(2), 9, 30, 2);
        dates(flats.get(15), -4, 8, 10);
        work(flats.get(15), 11, 0, 6);
        dates(flats.get(8), 6, 16, 20);
        dates(flats.get(14), -16, 4, 6);
        work(flats.get(14), 5, 24 * 10, Integer.MAX_VALUE);
        return house;
    }

    private UUID terrace() {
        UUID house = recording.addHouse("Tern Terrace", 1934, Roof.GABLE, false);
        List<UUID> cottages = flats(house, 6);
        for (int n = 0; n < cottages.size(); n++) {
            lighter(cottages.get(n), n + 3, Substrate.LIME_PLASTER);
        }
        dates(cottages.get(3), -6, 5, 8);
        work(cottages.get(3), 7, 5, 7);
        dates(cottages.get(1), 12, 24, 30);
        damp(cottages.get(5));
        return house;
    }

    private UUID brickfield() {
        UUID house = recording.addHouse("Brickfield House", 1976, Roof.FLAT, true);
        List<UUID> flats = flats(house, 6, 6, 6, 6);
        for (int n = 0; n < flats.size(); n++) {
            if (n != 18) {
                lighter(flats.get(n), n + 5, Substrate.GYPSUM_BOARD);
            }
        }
        unknownPaint(flats.get(18));
        dates(flats.get(18), -2, 14, 18);
        dates(flats.get(4), -4, 11, 15);
        smoked(flats.get(4));
        dates(flats.get(13), -7, 7, 9);
        work(flats.get(13), 12, 1, 3);
        dates(flats.get(19), 9, 20, 22);
        dates(flats.get(7), -15, 3, 5);
        work(flats.get(7), 6, 24 * 3, Integer.MAX_VALUE);
        return house;
    }

    private List<UUID> flats(UUID house, int... perFloor) {
        List<UUID> flats = new ArrayList<>();
        for (int floor = 0; floor < perFloor.length; floor++) {
            for (int bay = 0; bay < perFloor[floor]; bay++) {
                flats.add(recording.addFlat(house, flats.size() + 1, floor, bay));
            }
        }
        return flats;
    }

    private void dates(UUID flat, int keysBack, int viewing, int moveIn) {
        recording.setDates(
                flat,
                today.plusDays(keysBack),
                Optional.of(today.plusDays(viewing)),
                Optional.of(today.plusDays(moveIn)),
                EditableRow.UNSAVED);
    }

    /** The flat shown in full: five rooms, doors, windows, fittings, a tenant's dark green wall. */
    private void detailed(UUID flat) {
        features.clear();
        feature(0, WallFeature.DOOR, 2950, 0, 860, 2040);
        feature(0, WallFeature.SWITCH, 2620, 1060, 80, 80);
        feature(0, WallFeature.SOCKET, 500, 250, 150, 80);
        feature(1, WallFeature.WINDOW, 850, 900, 1300, 1250);
        feature(1, WallFeature.RADIATOR, 900, 120, 1200, 600);
        feature(2, WallFeature.SOCKET, 2000, 250, 150, 80);
        room(
                flat,
                "Bedroom",
                RoomKind.BEDROOM,
                4200,
                3100,
                Substrate.LIME_PLASTER,
                painted("Hearth Matt", "Oat Husk", 1.4));
        feature(0, WallFeature.DOOR, 400, 0, 860, 2040);
        feature(0, WallFeature.SWITCH, 1400, 1060, 80, 80);
        feature(1, WallFeature.WINDOW, 600, 900, 1200, 1300);
        feature(1, WallFeature.WINDOW, 2200, 900, 1200, 1300);
        feature(2, WallFeature.SOCKET, 700, 250, 150, 80);
        feature(2, WallFeature.SOCKET, 4200, 250, 150, 80);
        feature(3, WallFeature.RADIATOR, 1200, 120, 1400, 600);
        room(
                flat,
                "Living room",
                RoomKind.LIVING,
                5200,
                3900,
                Substrate.LIME_PLASTER,
                painted("Hearth Matt", "Harbour Milk", 2.2));
        feature(0, WallFeature.DOOR, 3400, 0, 860, 2040);
        feature(1, WallFeature.DOOR, 220, 0, 860, 2040);
        feature(2, WallFeature.DOOR, 600, 0, 860, 2040);
        feature(2, WallFeature.DOOR, 3900, 0, 860, 2040);
        feature(2, WallFeature.SWITCH, 1600, 1060, 80, 80);
        room(flat, "Hall", RoomKind.HALL, 5600, 1300, Substrate.LIME_PLASTER, painted("Hearth Matt", "Wet Slate", 3.1));
        feature(0, WallFeature.DOOR, 200, 0, 860, 2040);
        feature(1, WallFeature.WINDOW, 800, 1100, 1100, 1000);
        feature(2, WallFeature.SOCKET, 900, 1100, 150, 80);
        feature(2, WallFeature.SOCKET, 2000, 1100, 150, 80);
        room(
                flat,
                "Kitchen",
                RoomKind.KITCHEN,
                3000,
                2700,
                Substrate.LIME_PLASTER,
                painted("Steam Satin", "Harbour Milk", 2.2));
        feature(0, WallFeature.DOOR, 1250, 0, 760, 2040);
        feature(2, WallFeature.RAIL, 500, 1200, 600, 80);
        room(
                flat,
                "Bath",
                RoomKind.BATH,
                2100,
                1800,
                Substrate.LIME_PLASTER,
                painted("Steam Satin", "Tide Glass", 3.6));
        Surface green = houses.flat(flat).walls().skip(2).findFirst().orElseThrow();
        recording.addCoat(
                green.id(),
                NewCoat.finish(
                        id(products, "Plain Wall"),
                        id(colours, "Kelp Cellar"),
                        Optional.empty(),
                        today.minusMonths(9),
                        "painted by the tenant"));
    }

    private void lighter(UUID flat, int n, Substrate substrate) {
        String[] usual = {"Oat Husk", "Harbour Milk", "Tide Glass", "Reed Bank", "Brick Blush", "Oat Husk", "Wet Slate"
        };
        double age = 0.6 + random.nextInt(34) / 10.0;
        feature(0, WallFeature.DOOR, 300, 0, 860, 2040);
        feature(0, WallFeature.SWITCH, 1280, 1060, 80, 80);
        feature(1, WallFeature.WINDOW, 700, 900, 1200, 1300);
        feature(2, WallFeature.SOCKET, 1200, 250, 150, 80);
        room(
                flat,
                "Living room",
                RoomKind.LIVING,
                3400 + random.nextInt(12) * 100,
                2800 + random.nextInt(10) * 100,
                substrate,
                painted("Hearth Matt", usual[n % usual.length], age));
        feature(0, WallFeature.DOOR, 400, 0, 860, 2040);
        room(
                flat,
                "Hall",
                RoomKind.HALL,
                2600 + random.nextInt(8) * 100,
                1200,
                substrate,
                painted("Hearth Matt", n % 3 == 0 ? "Wet Slate" : "Harbour Milk", age));
        letGo();
    }

    private void unknownPaint(UUID flat) {
        feature(0, WallFeature.DOOR, 300, 0, 860, 2040);
        feature(1, WallFeature.WINDOW, 900, 900, 1400, 1300);
        room(
                flat,
                "Living room",
                RoomKind.LIVING,
                4100,
                3300,
                Substrate.GYPSUM_BOARD,
                Map.of(
                        SurfaceKind.WALL,
                        List.of(NewCoat.plain(Layer.UNKNOWN, Optional.empty(), "before our records; no tin left"))));
        letGo();
        Flat whole = houses.flat(flat);
        marks(whole.walls().skip(2).findFirst().orElseThrow(), 4);
        Room living = room(whole, "Living room");
        mark(living, 0, FaultKind.GLASSY_PLASTER, 2600, 1500);
        mark(living, 3, FaultKind.PROUD_FILLER, 1200, 1400);
        mark(living, 3, FaultKind.OLD_SHEEN, 2000, 1500);
    }

    // ---- flats in trouble

    /** What eighteen months of one tenant leave in a flat. */
    private void troubles(Flat flat) {
        Room bedroom = room(flat, "Bedroom");
        mark(bedroom, 0, FaultKind.NAIL_HOLE, 1500, 1620);
        mark(bedroom, 0, FaultKind.NAIL_HOLE, 1900, 1620);
        mark(bedroom, 0, FaultKind.ANCHOR, 800, 1750);
        mark(bedroom, 0, FaultKind.HALO, 2660, 1100);
        mark(bedroom, 2, FaultKind.SCREW_HOLE, 1500, 1550);
        mark(bedroom, 2, FaultKind.TAPE_TEAR, 2600, 1700);
        find(bedroom, RoomFinding.TENANT_COLOUR);
        Room living = room(flat, "Living room");
        for (double left : new double[] {1900, 2300, 2700, 3100}) {
            mark(living, 2, FaultKind.ANCHOR, left, 1350);
        }
        mark(living, 2, FaultKind.TOGGLE, 2500, 1700);
        mark(living, 2, FaultKind.SCUFF, 1500, 450);
        mark(living, 0, FaultKind.CRACK, 4350, 2150, Measures.ofMillimetres(520, 260, 0.3));
        mark(living, 1, FaultKind.JOINT_CRACK, 600, 880, Measures.ofMillimetres(1150, 0, 2));
        mark(living, 3, FaultKind.OLD_TOUCH_UP, 3100, 1500);
        Room hall = room(flat, "Hall");
        for (int n = 0; n < 5; n++) {
            mark(hall, 0, FaultKind.DING, 900 + n * 420, 520 + 60 * (n % 3));
        }
        mark(hall, 0, FaultKind.SCUFF, 2400, 900);
        mark(hall, 2, FaultKind.BOX_GAP, 1640, 1100);
        mark(hall, 2, FaultKind.POPPED_FASTENER, 2900, 1850);
        Room kitchen = room(flat, "Kitchen");
        mark(kitchen, 2, FaultKind.GREASE, 1500, 1500);
        mark(kitchen, 2, FaultKind.HOLE, 2500, 1450, Measures.ofMillimetres(50, 50, 0));
        find(kitchen, RoomFinding.STEAM);
        Room bath = room(flat, "Bath");
        mark(bath, 1, FaultKind.FAILED_CAULK, 120, 640, Measures.ofMillimetres(1500, 0, 4));
        mark(bath, 3, FaultKind.MOULD, 500, 2300);
        mark(bath, 2, FaultKind.PROUD_RIM, 900, 1500);
        find(bath, RoomFinding.STEAM);
    }

    /** Smoked in for years: a film on every wall and ceiling, and yellow runs under the ceiling. */
    private void smoked(UUID flatId) {
        Flat flat = houses.flat(flatId);
        for (Room room : flat.rooms()) {
            find(room, RoomFinding.SMELL_OF_SMOKE);
        }
        Room living = room(flat, "Living room");
        for (int side = 0; side < 4; side++) {
            Wall wall = living.walls().skip(side).findFirst().orElseThrow().asWall();
            double wide = wall.width().inMillimetres();
            double high = wall.height().inMillimetres();
            mark(living, side, FaultKind.STAIN, wide / 2, high - 200, Measures.ofMillimetres(wide * 0.6, 380, 0));
        }
        mark(living, 0, FaultKind.NIBS, 2500, 1500);
        mark(living, 2, FaultKind.LAP_MARK, 1500, 1300);
    }

    /** A cottage with a wet gable and old lime plaster. */
    private void damp(UUID flatId) {
        dates(flatId, -1, 20, 26);
        Flat flat = houses.flat(flatId);
        Room living = room(flat, "Living room");
        find(living, RoomFinding.DAMP);
        mark(living, 3, FaultKind.STAIN, 900, 500);
        mark(living, 3, FaultKind.MOULD, 900, 350);
        mark(living, 3, FaultKind.FLAKING, 1500, 700);
        mark(living, 2, FaultKind.CRACK, 1900, 1300, Measures.ofMillimetres(900, 500, 2));
        mark(living, 2, FaultKind.LUMPY_PLASTER, 900, 1500);
        mark(living, 0, FaultKind.WALLPAPER_REMAINS, 2200, 1500);
    }

    private static Room room(Flat flat, String name) {
        return flat.rooms().stream()
                .filter(room -> room.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private void mark(Room room, int side, FaultKind kind, double left, double up) {
        mark(room, side, kind, left, up, kind.usual());
    }

    private void mark(Room room, int side, FaultKind kind, double left, double up, Measures measures) {
        Surface wall = room.walls().skip(side).findFirst().orElseThrow();
        marking.set(uuid(), wall.id(), new Mark(Spot.ofMillimetres(left, up), kind.of(measures)));
    }

    private void find(Room room, RoomFinding finding) {
        deciding.find(room.walls().findFirst().orElseThrow().id(), finding, true);
    }

    /** Lets go of what has been written, so that later queries need not look through all of it for changes. */
    private void letGo() {
        entities.flush();
        entities.clear();
    }

    private void feature(int side, WallFeature kind, double left, double bottom, double width, double height) {
        features.computeIfAbsent(side, wall -> new ArrayList<>())
                .add(new NewRoom.Feature(kind, Box.ofMillimetres(left, bottom, width, height)));
    }

    /** A room with the openings and fittings noted before. */
    private void room(
            UUID flat,
            String name,
            RoomKind kind,
            double length,
            double width,
            Substrate substrate,
            Map<SurfaceKind, List<NewCoat>> coats) {
        recording.addRoom(
                flat,
                new NewRoom(
                        name,
                        kind,
                        Outline.rectangle(Length.ofMillimetres(length), Length.ofMillimetres(width)),
                        Length.ofMillimetres(2550),
                        substrate,
                        Texture.SMOOTH,
                        Map.copyOf(features),
                        coats));
        features.clear();
    }

    /** Two finish coats on every wall over what came before, one on the ceiling and the trim. */
    private Map<SurfaceKind, List<NewCoat>> painted(String product, String colour, double yearsAgo) {
        LocalDate day = today.minusDays((long) (yearsAgo * 365));
        Optional<UUID> tin = product.equals("Hearth Matt")
                ? Optional.of(firstTins.computeIfAbsent(colour, this::tinOf))
                : Optional.empty();
        return Map.of(
                SurfaceKind.WALL,
                List.of(
                        NewCoat.plain(Layer.SKIM, Optional.of(LocalDate.of(1994, 6, 1)), "gypsum plaster"),
                        NewCoat.finish(
                                id(products, "Plain Wall"),
                                id(colours, "Harbour Milk"),
                                Optional.empty(),
                                day.minusYears(4),
                                ""),
                        NewCoat.finish(id(products, product), id(colours, colour), tin, day, ""),
                        NewCoat.finish(id(products, product), id(colours, colour), tin, day.plusDays(1), "")),
                SurfaceKind.CEILING,
                List.of(NewCoat.finish(
                        id(products, "Still Ceiling"), id(colours, "Chalk Yard"), Optional.empty(), day, "")),
                SurfaceKind.TRIM,
                List.of(NewCoat.finish(
                        id(products, yearsAgo > 2 ? "Frame Gloss" : "Frame Satin"),
                        id(colours, "Chalk Yard"),
                        Optional.empty(),
                        day,
                        "")));
    }

    // ---- work under way

    /**
     * Marks a wall, confirms its paint, makes the sheet and ticks so many steps, the last of them so many hours ago. With all
     * steps ticked the sheet is closed.
     */
    private void work(UUID flatId, int markCount, int lastTickHoursAgo, int ticks) {
        Flat flat = houses.flat(flatId);
        letGo();
        Surface wall = flat.walls().skip(2).findFirst().orElseThrow();
        marks(wall, markCount);
        deciding.answer(
                wall.id(),
                PaintAnswer.TIN_IN_STORE,
                wall.topCoat().flatMap(coat -> coat.tin()).map(Tin::id),
                EditableRow.UNSAVED);
        Instant last = clock.instant().minus(Duration.ofHours(lastTickHoursAgo));
        UUID sheetId = clock.at(last.minus(Duration.ofDays(5)), () -> making.make(flatId));
        clock.at(last.minus(Duration.ofDays(5)), () -> {
            ticking.noteClimate(sheetId, Climate.of(18.5, 58, Climate.Air.MOVING));
            return sheetId;
        });
        Sheet sheet = sheets.sheet(sheetId);
        int ticked = Math.min(ticks, sheet.steps().size());
        List<Moment> moments = moments(sheet).subList(0, ticked);
        for (Moment moment : moments) {
            Instant at = last.minus(moments.getLast().after()).plus(moment.after());
            clock.at(at, () -> {
                ticking.read(moment.step());
                return ticking.tick(moment.step(), REASON);
            });
        }
        if (ticks > sheet.steps().size()) {
            clock.at(last, () -> {
                close(sheetId);
                return sheetId;
            });
        }
    }

    /** When a step was ticked, counted from the start. */
    private record Moment(UUID step, Duration after) {}

    /** As the sheet plans it, each a little more or less than planned, and what is wet waited for. */
    private List<Moment> moments(Sheet sheet) {
        Map<UUID, SheetStep> steps = sheet.steps().stream().collect(Collectors.toMap(SheetStep::id, step -> step));
        Map<UUID, Instant> starts = sheet.rest().orElseThrow().starts();
        Instant begin = starts.values().stream().min(Comparator.naturalOrder()).orElseThrow();
        List<Moment> moments = new ArrayList<>();
        Duration slower = Duration.ZERO;
        for (Map.Entry<UUID, Instant> start : starts.entrySet()) {
            Duration planned = Optional.ofNullable(steps.get(start.getKey()))
                    .orElseThrow()
                    .activity()
                    .hand();
            slower = slower.plus(Duration.ofSeconds(Math.round(planned.toSeconds() * 0.35 * random.nextDouble()) + 30));
            moments.add(new Moment(
                    start.getKey(),
                    Duration.between(begin, start.getValue()).plus(planned).plus(slower)));
        }
        return moments;
    }

    /** Closes a sheet with nothing seen, every tin back on its shelf with what the plan leaves in it. */
    private void close(UUID sheetId) {
        Sheet sheet = sheets.sheet(sheetId);
        List<Closing.TinLeft> left = sheet.paints().stream()
                .flatMap(need ->
                        need.open().stream().map(tin -> new Closing.TinLeft(tin.id(), need.leftIn(tin), tin.place())))
                .toList();
        closing.close(
                sheetId,
                new Inspection(Inspection.Seen.NOT_SEEN, List.of(Inspection.From.values()), ""),
                left,
                List.of());
    }

    private void marks(Surface surface, int count) {
        Wall wall = surface.asWall();
        FaultKind[] kinds = {
            FaultKind.NAIL_HOLE,
            FaultKind.NAIL_HOLE,
            FaultKind.SCREW_HOLE,
            FaultKind.DING,
            FaultKind.ANCHOR,
            FaultKind.NAIL_HOLE
        };
        for (int n = 0; n < count; n++) {
            FaultKind kind = kinds[n % kinds.length];
            Spot place = new Spot(
                    wall.width().times(0.08 + 0.84 * random.nextDouble()),
                    Length.ofMillimetres(
                            kind == FaultKind.DING ? 250 + random.nextInt(700) : 1100 + random.nextInt(800)));
            Mark mark = new Mark(place, kind.usualFault());
            if (wall.openings().stream().noneMatch(opening -> opening.box().contains(place))) {
                marking.set(uuid(), surface.id(), mark);
            }
        }
    }

    private UUID uuid() {
        return new UUID(random.nextLong(), random.nextLong());
    }
}
