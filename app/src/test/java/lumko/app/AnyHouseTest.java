package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import lumko.app.account.Member;
import lumko.app.catalogue.Base;
import lumko.app.catalogue.NewProduct;
import lumko.app.catalogue.PaintKind;
import lumko.app.house.Fixtures;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.house.NewRoom;
import lumko.app.house.Roof;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.house.WallFeature;
import lumko.app.platform.EditableRow;
import lumko.app.platform.NotNowException;
import lumko.app.platform.UnitSystem;
import lumko.app.sheet.Closing;
import lumko.app.sheet.Inspection;
import lumko.app.sheet.Reopening;
import lumko.app.sheet.SheetStep;
import lumko.app.sheet.Sheets;
import lumko.app.sheet.Ticking;
import lumko.app.walk.Confirming;
import lumko.app.walk.Deciding;
import lumko.app.walk.Marking;
import lumko.app.walk.OnIt;
import lumko.app.walk.PaintAnswer;
import lumko.app.walk.PlaceAnswer;
import lumko.app.walk.PlacedMark;
import lumko.app.walk.Walks;
import lumko.core.colour.Lab;
import lumko.core.colour.Srgb;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.Box;
import lumko.core.geometry.Fixture;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Texture;
import lumko.core.geometry.UsualSize;
import lumko.core.job.Action;
import lumko.core.judge.Scrutiny;
import lumko.core.paint.Binder;
import lumko.core.paint.Sheen;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import lumko.core.record.Layer;
import lumko.core.record.Substrate;
import lumko.core.repair.Mark;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/**
 * Houses of every kind that may be entered, with rooms from a cupboard to a hall, in every state of their walls: whatever was taken, every
 * page of it opens, and its sheet is made or refused for a reason.
 */
class AnyHouseTest extends ApplicationTest {
    private static final double[] SIDES = {0.3, 0.9, 2.4, 3.7, 5.2, 14, 29};
    private static final double[] HEIGHTS = {1.5, 2.1, 2.4, 2.7, 3.4, 8};
    private static final double[] SIZES = {1, 3, 8, 20, 60, 150, 400, 1500, 6000, 12_000};
    private static final int FIRST_SAVED = 0;
    private static final int MARKS_LOOKED_AT = 2;
    private static final double[] DEPTHS = {0, 0.2, 1, 4, 15, 40};

    @Autowired
    Walks walks;

    @Autowired
    Marking marking;

    @Autowired
    Confirming confirming;

    @Autowired
    Deciding deciding;

    @Autowired
    Fixtures fixtures;

    @Autowired
    Sheets sheets;

    @Autowired
    Ticking ticking;

    @Autowired
    Closing closing;

    @Autowired
    Reopening reopening;

    private Random random = new Random(0);
    private UnitSystem units = UnitSystem.METRIC;
    private final List<UUID> products = new ArrayList<>();
    private final List<UUID> colours = new ArrayList<>();

    /** One half of them reads feet and Fahrenheit. */
    private Member keeper() {
        return units == UnitSystem.US
                ? leadOf("Any House Trust", units, "America/New_York", "Hollis Grane", "anyhouse-us")
                : leadOf("Any Flat Trust", units, "Europe/London", "Hollis Grane", "anyhouse");
    }

    @ParameterizedTest
    @ValueSource(ints = 37)
    void opensOnEveryPage(int seed) throws Exception {
        random = new Random(seed);
        units = seed % 2 == 0 ? UnitSystem.METRIC : UnitSystem.US;
        UUID flat = as(keeper(), () -> build(seed));
        as(keeper(), () -> houses.flat(flat)).walls().forEach(this::ends);
        as(keeper(), () -> fill(flat));
        opens("/", "/plan", "/plan/days", "/flats/" + flat, "/flats/" + flat + "/set-up");
        opens("/flats/" + flat + "/compared", "/flats/" + flat + "/history");
        for (Surface face : as(keeper(), () -> houses.flat(flat)).faces().toList()) {
            opens("/flats/" + flat + "?surface=" + face.id(), "/surfaces/" + face.id() + "/edit");
            for (String page : List.of("walk", "decides", "coats", "reading")) {
                opens("/walls/" + face.id() + "/" + page);
            }
            List<PlacedMark> marks = as(keeper(), () -> walks.wall(face.id())).marks();
            for (PlacedMark mark : marks.subList(0, Math.min(MARKS_LOOKED_AT, marks.size()))) {
                opens("/marks/" + mark.id(), "/marks/" + mark.id() + "/touch-up");
            }
        }
        makesItsSheet(flat);
    }

    @Tag("slow")
    @ParameterizedTest
    @MethodSource("more")
    void soDoOthers(int seed) throws Exception {
        opensOnEveryPage(seed);
    }

    static IntStream more() {
        return IntStream.range(100, 116);
    }

    /** Where a paint is not confirmed yet, or a place not answered for, there is none. */
    private void makesItsSheet(UUID flat) throws Exception {
        var made = mvc.post()
                .uri("/flats/" + flat + "/sheet")
                .with(user(keeper()))
                .with(csrf())
                .exchange()
                .getResponse();
        if (made.getStatus() == 302) {
            String sheet = made.getRedirectedUrl();
            opens(sheet, sheet + "/lumko-sheet.pdf");
            isDone(UUID.fromString(sheet.substring(sheet.lastIndexOf('/') + 1)));
            opens(sheet, sheet + "/lumko-sheet.pdf", "/flats/" + flat, "/minutes", "/store");
        } else {
            assertThat(made.getStatus()).isEqualTo(409);
            assertThat(made.getContentAsString()).containsPattern("no wall has marks|are not answered yet");
        }
    }

    /** Ticked to the end, closed, opened again and closed for good. */
    private void isDone(UUID id) {
        as(keeper(), () -> {
            for (SheetStep step : sheets.sheet(id).steps()) {
                ticking.read(step.id(), Optional.empty());
                assertThat(ticking.tick(step.id(), "dry under the nail", Optional.empty()))
                        .isInstanceOf(Ticking.Ticked.Done.class);
            }
            close(id);
            reopening.reopen(id, Reopening.TouchedTins.AS_NOW);
            close(id);
            return id;
        });
    }

    private void close(UUID id) {
        closing.close(
                id,
                new Inspection(Inspection.Seen.NOT_SEEN, List.of(Inspection.From.values()), ""),
                sheets.sheet(id).paints().stream()
                        .flatMap(need -> need.open().stream()
                                .map(tin ->
                                        new Closing.TinLeft(tin.id(), need.leftIn(tin), tin.place(), tin.version())))
                        .toList(),
                List.of());
    }

    private void opens(String... paths) throws Exception {
        for (String path : paths) {
            var page = mvc.get().uri(path).with(user(keeper())).exchange().getResponse();
            String said = path.endsWith(".pdf")
                    ? ""
                    : Jsoup.parse(page.getContentAsString()).body().text();
            assertThat(page.getStatus()).as(path + " " + said).isEqualTo(200);
            assertThat(said).as(path).doesNotContain("NaN", "Infinity", "??");
        }
    }

    // ---- what may be entered

    private UUID build(int seed) {
        paint();
        UUID house = recording.addHouse(
                "House " + seed + " " + UUID.randomUUID(),
                1700 + random.nextInt(327),
                any(Roof.values()),
                random.nextBoolean());
        UUID flat = recording.addFlat(house, "1", 0, 1);
        int rooms = 1 + random.nextInt(2);
        for (int n = 0; n < rooms; n++) {
            int number = n;
            tried(() -> recording.addRoom(
                    flat,
                    NewRoom.bare(
                            "Room " + number,
                            any(RoomKind.values()),
                            outline(),
                            Length.ofMetres(any(HEIGHTS)),
                            any(Substrate.values()),
                            any(Texture.values()))));
        }
        return flat;
    }

    private UUID fill(UUID flat) {
        houses.flat(flat).rooms().forEach(this::fixtures);
        Flat entered = houses.flat(flat);
        entered.faces().forEach(this::features);
        entered.rooms().stream().flatMap(room -> room.surfaces().stream()).forEach(this::coats);
        recording.setDates(
                flat,
                TODAY.minusDays(1 + random.nextInt(400)),
                Optional.of(TODAY.plusDays(random.nextInt(40))).filter(day -> random.nextBoolean()),
                Optional.empty(),
                any(Scrutiny.values()),
                EditableRow.UNSAVED);
        houses.flat(flat).rooms().forEach(this::walk);
        houses.flat(flat).rooms().forEach(this::brush);
        return flat;
    }

    private Outline outline() {
        double l = any(SIDES) * 1000;
        double w = any(SIDES) * 1000;
        if (random.nextInt(3) > 0) {
            return Outline.rectangle(Length.ofMillimetres(l), Length.ofMillimetres(w));
        }
        return new Outline(List.of(
                Outline.Corner.ofMillimetres(0, w),
                Outline.Corner.ofMillimetres(l, w),
                Outline.Corner.ofMillimetres(l, w / 2),
                Outline.Corner.ofMillimetres(l / 2, w / 2),
                Outline.Corner.ofMillimetres(l / 2, 0),
                Outline.Corner.ofMillimetres(0, 0)));
    }

    /** As they are typed; what cannot be is refused. */
    private void ends(Surface wall) {
        double wide = wall.asWall().width().inMetres();
        double high = wall.asWall().height().inMetres();
        if (random.nextInt(6) == 0) {
            types(
                    "/surfaces/" + wall.id() + "/roof",
                    "roofLeft",
                    random.nextDouble() * high,
                    "roofRight",
                    random.nextDouble() * high);
        }
        if (random.nextInt(8) == 0) {
            types(
                    "/surfaces/" + wall.id() + "/roof",
                    "roofLeft",
                    high / 2,
                    "roofRight",
                    high / 2,
                    "peakFromLeft",
                    wide / 2,
                    "peakHigh",
                    high);
        }
        if (random.nextInt(8) == 0) {
            types(
                    "/surfaces/" + wall.id() + "/stairs",
                    "stairsLeft",
                    0,
                    "stairsRight",
                    random.nextDouble() * high,
                    "stairsFrom",
                    wide / 4,
                    "stairsUntil",
                    wide / 2);
        }
    }

    private void types(String path, Object... fields) {
        var typed = mvc.post().uri(path).with(user(keeper())).with(csrf());
        for (int n = 0; n < fields.length; n += 2) {
            typed = typed.param(
                    fields[n].toString(), String.format(Locale.ROOT, "%.3f m", ((Number) fields[n + 1]).doubleValue()));
        }
        assertThat(typed.exchange().getResponse().getStatus()).isIn(302, 422);
    }

    private void fixtures(Room room) {
        for (int n = random.nextInt(3); n > 0; n--) {
            tried(() -> fixtures.add(
                    room.id(),
                    new Fixture(
                            any(Fixture.Kind.values()),
                            Length.ofMillimetres(any(SIZES)),
                            Length.ofMillimetres(any(SIZES)),
                            1 + random.nextInt(2)),
                    ""));
        }
    }

    private void features(Surface face) {
        for (int n = random.nextInt(4); n > 0; n--) {
            tried(() -> {
                WallFeature kind = any(WallFeature.values());
                UsualSize usual = kind.usual(UsualSize.Market.METRIC);
                Length wide = usual.width();
                double left = random.nextDouble()
                        * Math.max(0, face.asWall().width().minus(wide).inMillimetres());
                recording.addFeatures(
                        face.id(),
                        List.of(new NewRoom.Feature(
                                kind,
                                Box.ofMillimetres(
                                        left,
                                        usual.bottom().inMillimetres(),
                                        wide.inMillimetres(),
                                        usual.height().inMillimetres()))));
                return face;
            });
        }
    }

    private void coats(Surface surface) {
        for (int n = random.nextInt(4); n > 0; n--) {
            tried(() -> {
                Layer layer = any(Layer.values());
                boolean isKnown = layer == Layer.FINISH && random.nextInt(4) > 0;
                recording.addCoat(
                        surface.id(),
                        new NewCoat(
                                layer,
                                Optional.of(any(products)).filter(id -> isKnown),
                                Optional.of(any(colours)).filter(id -> isKnown || random.nextBoolean()),
                                List.of(),
                                random.nextBoolean() ? "" : "B1",
                                layer == Layer.SPOTS ? OptionalInt.of(3) : OptionalInt.empty(),
                                Optional.of(TODAY.minusDays(random.nextInt(9000)))
                                        .filter(day -> random.nextInt(3) > 0),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                ""));
                return surface;
            });
        }
    }

    private void walk(Room room) {
        UUID first = room.walls().findFirst().orElseThrow().id();
        for (RoomFinding finding : RoomFinding.values()) {
            if (random.nextInt(8) == 0) {
                deciding.find(first, finding, true);
            }
        }
        room.surfaces().stream().filter(surface -> surface.wall().isPresent()).forEach(face -> {
            for (int n = random.nextInt(9); n > 0; n--) {
                tried(() -> {
                    marking.set(UUID.randomUUID(), face.id(), mark(face));
                    return face;
                });
            }
            tried(() -> {
                confirming.isOnIt(
                        face.id(),
                        OnIt.of(random.nextInt(4) > 0 ? PaintAnswer.RECORD_AGREES : PaintAnswer.NOT_SURE),
                        walks.wall(face.id()).visit().version());
                return face;
            });
            walks.wall(face.id())
                    .places()
                    .forEach(place -> deciding.answerPlace(
                            face.id(), place.place().kind(), place.left(), any(PlaceAnswer.values())));
            if (random.nextInt(4) == 0) {
                tried(() -> {
                    deciding.decide(
                            face.id(),
                            any(Action.values()),
                            "because",
                            walks.wall(face.id()).visit().version());
                    return face;
                });
            }
        });
    }

    private void brush(Room room) {
        room.brushed()
                .filter(trim -> random.nextInt(3) == 0)
                .forEach(trim -> tried(() -> {
                    deciding.decide(trim.id(), Action.ROLL, "kicked", EditableRow.UNSAVED);
                    confirming.isOnIt(trim.id(), OnIt.of(PaintAnswer.RECORD_AGREES), FIRST_SAVED);
                    return trim;
                }));
    }

    private Mark mark(Surface face) {
        return new Mark(
                Spot.ofMillimetres(
                        random.nextDouble() * face.asWall().width().inMillimetres(),
                        random.nextDouble() * face.asWall().height().inMillimetres()),
                any(FaultKind.values()).of(Measures.ofMillimetres(any(SIZES), any(SIZES), any(DEPTHS))));
    }

    private void paint() {
        if (products.isEmpty()) {
            for (int n = 0; n < 6; n++) {
                String name = "Any " + n + " " + UUID.randomUUID();
                products.add(paints.addProduct(new NewProduct(
                        "Sollenby",
                        "",
                        name,
                        any(PaintKind.values()),
                        any(Base.values()),
                        any(Sheen.values()),
                        random.nextInt(101),
                        any(Binder.values()),
                        List.of(Volume.ofLitres(2.5)))));
                UUID colour = paints.addColour(
                        name, "", new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256)));
                if (random.nextBoolean()) {
                    paints.give(
                            colour, new Lab(random.nextInt(101), random.nextInt(100) - 50, random.nextInt(100) - 50));
                }
                colours.add(colour);
            }
        }
    }

    /** What is refused as it is entered is told in a form; here it is left out. */
    private static <T> void tried(Supplier<T> entering) {
        try {
            entering.get();
        } catch (IllegalArgumentException | NotNowException refused) {
            // as it should be
        }
    }

    @SafeVarargs
    private <E> E any(E... of) {
        return of[random.nextInt(of.length)];
    }

    private double any(double[] of) {
        return of[random.nextInt(of.length)];
    }

    private <E> E any(List<E> of) {
        return of.get(random.nextInt(of.size()));
    }
}
