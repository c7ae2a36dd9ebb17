package lumko.app.demo;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.house.Fixtures;
import lumko.app.house.Houses;
import lumko.app.house.NewCoat;
import lumko.app.house.NewRoom;
import lumko.app.house.Recording;
import lumko.app.house.Surface;
import lumko.app.house.SurfaceKind;
import lumko.app.house.WallFeature;
import lumko.app.platform.EditableRow;
import lumko.core.geometry.Box;
import lumko.core.geometry.Fixture;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Texture;
import lumko.core.judge.Scrutiny;
import lumko.core.quantity.Length;
import lumko.core.record.Layer;
import lumko.core.record.Substrate;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** The flats of the made-up society, and what is on their walls. */
@Component
@Lazy
class DemoFlats {
    private final Map<Integer, List<NewRoom.Feature>> features = new LinkedHashMap<>();
    private final Recording recording;
    private final Fixtures fixtures;
    private final Houses houses;
    private final DemoStore store;
    private final Dice dice;
    private final Clock clock;
    private final EntityManager entities;

    DemoFlats(
            Recording recording,
            Fixtures fixtures,
            Houses houses,
            DemoStore store,
            Dice dice,
            Clock clock,
            EntityManager entities) {
        this.recording = recording;
        this.fixtures = fixtures;
        this.houses = houses;
        this.store = store;
        this.dice = dice;
        this.clock = clock;
        this.entities = entities;
    }

    List<UUID> flats(UUID house, int... perFloor) {
        List<UUID> flats = new ArrayList<>();
        for (int floor = 0; floor < perFloor.length; floor++) {
            for (int bay = 0; bay < perFloor[floor]; bay++) {
                flats.add(recording.addFlat(house, String.valueOf(flats.size() + 1), floor, bay));
            }
        }
        return flats;
    }

    void dates(UUID flat, int keysBack, int viewing, int moveIn) {
        recording.setDates(
                flat,
                today().plusDays(keysBack),
                Optional.of(today().plusDays(viewing)),
                Optional.of(today().plusDays(moveIn)),
                Scrutiny.AS_USUAL,
                EditableRow.UNSAVED);
    }

    /** The flat shown in full: five rooms, doors, windows, fittings, a tenant's dark green wall. */
    void detailed(UUID flat) {
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
        smallRooms(flat);
        Surface green = houses.flat(flat).walls().skip(2).findFirst().orElseThrow();
        recording.addCoat(
                green.id(),
                NewCoat.finish(
                        store.product("Plain Wall"),
                        store.colour("Kelp Cellar"),
                        Optional.empty(),
                        today().minusMonths(9),
                        "painted by the tenant"));
        fixture(flat, "Bedroom", new Fixture(Fixture.Kind.RADIATOR, millimetres(1200), millimetres(600), 1), "");
        fixture(
                flat,
                "Hall",
                new Fixture(Fixture.Kind.CUPBOARD, millimetres(700), millimetres(2000), 1),
                "meter cupboard");
    }

    /** In the white of the trim, some years older than that. */
    private void fixture(UUID flat, String room, Fixture fixture, String name) {
        UUID roomId = houses.flat(flat).rooms().stream()
                .filter(each -> each.name().equals(room))
                .findFirst()
                .orElseThrow()
                .id();
        UUID surface = fixtures.add(roomId, fixture, name);
        recording.addCoat(
                surface,
                NewCoat.finish(
                        store.product("Frame Gloss"),
                        store.colour("Chalk Yard"),
                        Optional.empty(),
                        today().minusYears(6),
                        ""));
    }

    private static Length millimetres(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private void smallRooms(UUID flat) {
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
    }

    void lighter(UUID flat, int n, Substrate substrate) {
        String[] usual = {"Oat Husk", "Harbour Milk", "Tide Glass", "Reed Bank", "Brick Blush", "Oat Husk", "Wet Slate"
        };
        double age = 0.6 + dice.nextInt(34) / 10.0;
        feature(0, WallFeature.DOOR, 300, 0, 860, 2040);
        feature(0, WallFeature.SWITCH, 1280, 1060, 80, 80);
        feature(1, WallFeature.WINDOW, 700, 900, 1200, 1300);
        feature(2, WallFeature.SOCKET, 1200, 250, 150, 80);
        room(
                flat,
                "Living room",
                RoomKind.LIVING,
                3400 + dice.nextInt(12) * 100,
                2800 + dice.nextInt(10) * 100,
                substrate,
                painted("Hearth Matt", usual[n % usual.length], age));
        feature(0, WallFeature.DOOR, 400, 0, 860, 2040);
        room(
                flat,
                "Hall",
                RoomKind.HALL,
                2600 + dice.nextInt(8) * 100,
                1200,
                substrate,
                painted("Hearth Matt", n % 3 == 0 ? "Wet Slate" : "Harbour Milk", age));
        letGo();
    }

    void unknownPaint(UUID flat) {
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
    }

    /** Lets go of what has been written, so that later queries need not look through all of it for changes. */
    void letGo() {
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
        LocalDate day = today().minusDays((long) (yearsAgo * 365));
        Optional<UUID> tin = product.equals("Hearth Matt") ? Optional.of(store.firstTin(colour)) : Optional.empty();
        return Map.of(
                SurfaceKind.WALL,
                List.of(
                        NewCoat.plain(Layer.SKIM, Optional.of(LocalDate.of(1994, 6, 1)), "gypsum plaster"),
                        NewCoat.finish(
                                store.product("Plain Wall"),
                                store.colour("Harbour Milk"),
                                Optional.empty(),
                                day.minusYears(4),
                                ""),
                        NewCoat.finish(store.product(product), store.colour(colour), tin, day, ""),
                        NewCoat.finish(store.product(product), store.colour(colour), tin, day.plusDays(1), "")),
                SurfaceKind.CEILING,
                List.of(NewCoat.finish(
                        store.product("Still Ceiling"), store.colour("Chalk Yard"), Optional.empty(), day, "")),
                SurfaceKind.TRIM,
                List.of(NewCoat.finish(
                        store.product(yearsAgo > 2 ? "Frame Gloss" : "Frame Satin"),
                        store.colour("Chalk Yard"),
                        Optional.empty(),
                        day,
                        "")));
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
