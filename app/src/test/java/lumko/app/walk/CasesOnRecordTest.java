package lumko.app.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.ApplicationTest;
import lumko.app.account.Member;
import lumko.app.catalogue.Base;
import lumko.app.catalogue.NewProduct;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.PaintKind;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.house.NewRoom;
import lumko.app.house.Roof;
import lumko.app.house.Surface;
import lumko.app.house.SurfaceKind;
import lumko.app.house.WallFeature;
import lumko.app.platform.EditableRow;
import lumko.app.platform.UnitSystem;
import lumko.app.practice.Practices;
import lumko.app.sheet.Sheet;
import lumko.app.sheet.SheetMaking;
import lumko.app.sheet.Sheets;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.cases.Cases;
import lumko.cases.JobReader;
import lumko.cases.Situation;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Caution;
import lumko.core.activity.Tool;
import lumko.core.colour.Srgb;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.Box;
import lumko.core.geometry.Outline;
import lumko.core.job.Face;
import lumko.core.job.GoesOn;
import lumko.core.job.Side;
import lumko.core.judge.Scrutiny;
import lumko.core.paint.Sheen;
import lumko.core.practice.Practice;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import lumko.core.record.Film;
import lumko.core.record.Layer;
import lumko.core.record.PaintBasis;
import lumko.core.record.Raw;
import lumko.core.repair.Method;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/**
 * Jobs as good painters would have them, entered on the record, walked, and made into a sheet. What the core says of a job in words it
 * says here of a house: nothing is lost on the way from record to verdict.
 */
class CasesOnRecordTest extends ApplicationTest {
    private static final Path CASES = Path.of("../calc/src/test/resources/cases/given.jsonl");
    private static final Box WINDOW_OF_ANOTHER_WALL = Box.ofMillimetres(500, 900, 1000, 1200);

    /** Too small to be deducted, and in the upper left corner, where nothing is marked. */
    private static final double SMALL_WINDOW = 200;

    @Autowired
    Walks walks;

    @Autowired
    Confirming confirming;

    @Autowired
    Deciding deciding;

    @Autowired
    Marking marking;

    @Autowired
    Practices practices;

    @Autowired
    Store store;

    @Autowired
    SheetMaking making;

    @Autowired
    Sheets sheets;

    /** Of each thing that has to be carried over one: window, bare wall, ceiling, batch, what covers a dark colour. */
    private static final Set<String> EVERY_TIME = Set.of("g01", "g08", "g11", "g16", "g17", "g18", "g24", "g30");

    static Stream<Named<JsonNode>> everyTime() throws IOException {
        return cases(EVERY_TIME::contains);
    }

    static Stream<Named<JsonNode>> others() throws IOException {
        return cases(id -> !EVERY_TIME.contains(id));
    }

    /** What is brushed is not judged, but painted when somebody says so. */
    private static Stream<Named<JsonNode>> cases(Predicate<String> which) throws IOException {
        return Cases.read(CASES).stream()
                .filter(one -> !one.get("situation").get("surface").asString().equals("trim"))
                .filter(one -> which.test(one.get("id").asString()))
                .map(each -> Named.of(each.get("id").asString(), each));
    }

    private Member keeper() {
        return leadOf("Keepers of Cases", UnitSystem.METRIC, "Europe/London", "Ottilie Marsh", "cases");
    }

    @ParameterizedTest
    @MethodSource("everyTime")
    void areJudgedAndPlannedAlike(JsonNode one) {
        JobReader job = JobReader.of(Situation.asJob(one.get("situation")));
        JobReader.Asked asked = job.surfaces().getFirst();
        UUID surface = as(keeper(), () -> new Entry(one, job, asked).enter());
        WalkedWall walked = as(keeper(), () -> walks.wall(surface));

        assertThat(walked.surface().light()).isEqualTo(asked.light());
        if (asked.face().stack().seen().flatMap(coat -> coat.film().binder()).isPresent()) {
            // of a paint whose sheet nobody has entered as of a usual one
            assertThat(walked.face().goesOn().cover().hides())
                    .isEqualTo(asked.face().goesOn().cover().hides(), within(1e-9));
        }
        if (!one.get("verdict").isEmpty()) {
            assertThat(texts(one.get("verdict")))
                    .contains(walked.action().name().toLowerCase(java.util.Locale.ROOT));
        }
        one.path("methods").forEach(method -> isMadeGood(method, walked));
        if (isOfThisSurfaceAlone(one)) {
            Sheet sheet =
                    as(keeper(), () -> sheets.sheet(making.make(walked.flat().id())));
            isPlanned(one, sheet);
        }
    }

    @Tag("slow")
    @ParameterizedTest
    @MethodSource("others")
    void soAreTheOthers(JsonNode one) {
        areJudgedAndPlannedAlike(one);
    }

    /** Other surfaces, corners that stand out into the room and left-overs to box are not entered. */
    private static boolean isOfThisSurfaceAlone(JsonNode one) {
        JsonNode situation = one.get("situation");
        return !situation.has("other_surfaces")
                && !situation.has("tins")
                && situation
                        .path("features")
                        .valueStream()
                        .noneMatch(feature -> feature.get("kind").asString().equals("outside corner"));
    }

    /** What is marked on other surfaces, and a single one of several alike, is left out. */
    private void isMadeGood(JsonNode expected, WalkedWall walked) {
        if (!expected.has("is") || expected.has("nth") || expected.has("of")) {
            return;
        }
        Set<Method> accepted = words(Method.class, "method", expected.get("is").valueStream());
        FaultKind kind = JobReader.word(
                        FaultKind.class, "fault", expected.get("mark").asString())
                .orElseThrow();
        assertThat(walked.marks())
                .filteredOn(mark -> mark.mark().fault().kind() == kind)
                .extracting(mark ->
                        as(keeper(), () -> walks.repaired(mark.id()).repair().method()))
                .isSubsetOf(accepted);
    }

    private static void isPlanned(JsonNode one, Sheet sheet) {
        List<ActivityKind> steps =
                sheet.steps().stream().map(step -> step.activity().kind()).toList();
        int from = 0;
        for (JsonNode next : one.path("steps_in_order")) {
            Set<ActivityKind> accepted = words(ActivityKind.class, "activity", either(next));
            List<ActivityKind> left = steps.subList(from, steps.size());
            assertThat(left).as(next + " in " + steps).containsAnyElementsOf(accepted);
            from += left.indexOf(
                            left.stream().filter(accepted::contains).findFirst().orElseThrow())
                    + 1;
        }
        has(one.path("steps_must"), ActivityKind.class, "activity", steps);
        has(one.path("tools"), Tool.class, "tool", sheet.tools());
        has(one.path("cautions"), Caution.class, "caution", sheet.cautions());
        hasNot(one.path("steps_never"), ActivityKind.class, "activity", steps);
        hasNot(one.path("tools_never"), Tool.class, "tool", sheet.tools());
        hasNot(one.path("cautions_never"), Caution.class, "caution", sheet.cautions());
    }

    private static <E extends Enum<E>> void has(JsonNode wanted, Class<E> type, String list, Collection<E> is) {
        wanted.forEach(
                each -> assertThat(is).as(each.asString()).containsAnyElementsOf(words(type, list, either(each))));
    }

    private static <E extends Enum<E>> void hasNot(JsonNode unwanted, Class<E> type, String list, Collection<E> is) {
        unwanted.forEach(each ->
                assertThat(is).as(each.asString()).doesNotContainAnyElementsOf(words(type, list, either(each))));
    }

    private static Stream<JsonNode> either(JsonNode alternatives) {
        return Stream.of(alternatives.asString().split("\\|")).map(tools.jackson.databind.node.StringNode::valueOf);
    }

    private static <E extends Enum<E>> Set<E> words(Class<E> type, String list, Stream<JsonNode> words) {
        return words.flatMap(word -> JobReader.word(type, list, word.asString()).stream())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(type)));
    }

    private static List<String> texts(JsonNode array) {
        return array.valueStream().map(JsonNode::asString).toList();
    }

    /** A case as somebody would enter it: a house of its own, a room around the surface, its paint, its marks. */
    private final class Entry {
        private final String id;
        private final JsonNode onIt;
        private final JsonNode goesOn;
        private final JobReader job;
        private final JobReader.Asked asked;
        private final Face face;

        Entry(JsonNode one, JobReader job, JobReader.Asked asked) {
            this.id = one.get("id").asString();
            this.onIt = one.get("situation").get("on_it");
            this.goesOn = one.get("situation").get("goes_on");
            this.job = job;
            this.asked = asked;
            this.face = asked.face();
        }

        UUID enter() {
            Flat flat = flat();
            UUID surface = surfaceOf(flat);
            features(flat, surface);
            recording.setDates(
                    flat.id(),
                    TODAY.minusDays(1),
                    job.viewing().stream().mapToObj(TODAY::plusDays).findFirst(),
                    Optional.empty(),
                    Scrutiny.AS_USUAL,
                    EditableRow.UNSAVED);
            practice(flat.id());
            Optional<Tin> tin = coat(surface);
            face.places().forEach(place -> marking.set(UUID.randomUUID(), surface, place.mark()));
            job.room(face).findings().forEach(finding -> deciding.find(surface, finding, true));
            confirming.isOnIt(surface, found(), EditableRow.UNSAVED);
            next(tin)
                    .ifPresent(next -> confirming.goesOn(
                            surface,
                            Optional.of(next),
                            Reach.SURFACE,
                            walks.wall(surface).visit().version()));
            houses.flat(flat.id())
                    .walls()
                    .forEach(wall -> walks.wall(wall.id())
                            .places()
                            .forEach(place -> deciding.answerPlace(
                                    wall.id(), place.place().kind(), place.left(), PlaceAnswer.SOUND)));
            return surface;
        }

        private Flat flat() {
            UUID house = recording.addHouse("House of " + id, job.site().builtYear(), Roof.GABLE, false);
            UUID flat = recording.addFlat(house, "1", 0, 1);
            recording.addRoom(
                    flat,
                    NewRoom.bare(
                            "Room",
                            job.room(face).kind(),
                            Outline.rectangle(
                                    face.wall().width(),
                                    face.isCeiling() ? face.wall().height() : Length.ofMetres(3.2)),
                            face.isCeiling()
                                    ? Length.ofMetres(2.4)
                                    : face.wall().height(),
                            face.stack().substrate(),
                            face.wall().texture()));
            return houses.flat(flat);
        }

        private UUID surfaceOf(Flat flat) {
            return face.side() == Side.CEILING
                    ? flat.rooms().getFirst().only(SurfaceKind.CEILING).id()
                    : wall(flat, 0).id();
        }

        private void features(Flat flat, UUID surface) {
            recording.addFeatures(
                    surface,
                    Stream.concat(
                                    face.wall().openings().stream()
                                            .map(each -> new NewRoom.Feature(
                                                    WallFeature.valueOf(
                                                            each.kind().name()),
                                                    each.box())),
                                    face.wall().fittings().stream()
                                            .map(each -> new NewRoom.Feature(
                                                    WallFeature.valueOf(
                                                            each.kind().name()),
                                                    each.box(),
                                                    face.wayOf(each))))
                            .toList());
            int across = 2;
            switch (asked.light()) {
                case FACING -> window(wall(flat, across), WINDOW_OF_ANOTHER_WALL);
                case FROM_LEFT -> window(wall(flat, 3), WINDOW_OF_ANOTHER_WALL);
                case FROM_RIGHT -> window(wall(flat, 1), WINDOW_OF_ANOTHER_WALL);
                case SAME_WALL -> {
                    if (face.isCeiling()) {
                        window(wall(flat, across), WINDOW_OF_ANOTHER_WALL);
                    } else if (face.wall().windows().isEmpty()) {
                        window(wall(flat, 0), smallWindow());
                    }
                }
                case NONE -> {
                    // no daylight falls in
                }
            }
        }

        private Box smallWindow() {
            return Box.ofMillimetres(
                    0, face.wall().height().inMillimetres() - SMALL_WINDOW, SMALL_WINDOW, SMALL_WINDOW);
        }

        private void window(Surface wall, Box box) {
            recording.addFeatures(wall.id(), List.of(new NewRoom.Feature(WallFeature.WINDOW, box)));
        }

        private void practice(UUID flat) {
            UUID turnover = houses.flat(flat).turnover().orElseThrow().id();
            for (Question question : Question.values()) {
                School school = job.practice().of(question);
                if (school != Practice.STARTING.of(question)) {
                    practices.chooseFor(turnover, school);
                }
            }
        }

        private PaintBasis basis() {
            return JobReader.word(PaintBasis.class, "basis", onIt.get("basis").asString())
                    .orElse(PaintBasis.UNKNOWN);
        }

        /** What is on it, and the tin of it that is left over, if there is one. */
        private Optional<Tin> coat(UUID surface) {
            Optional<Paint> paint = face.stack().seen().flatMap(coat -> paint("On", coat.film()));
            if (paint.isEmpty()) {
                return Optional.empty();
            }
            boolean isLeft = basis() == PaintBasis.SAME_TIN || basis() == PaintBasis.SAME_BATCH;
            Optional<Tin> tin = isLeft ? Optional.of(tin("On", paint.get())) : Optional.empty();
            recording.addCoat(
                    surface,
                    new NewCoat(
                            Layer.FINISH,
                            paint.map(is -> is.product().id()),
                            paint.map(is -> is.colour().id()),
                            basis() == PaintBasis.SAME_TIN
                                    ? tin.map(Tin::id).stream().toList()
                                    : List.of(),
                            basis() == PaintBasis.SAME_BATCH
                                    ? tin.map(Tin::batch).orElseThrow()
                                    : "",
                            OptionalInt.empty(),
                            since(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            ""));
            return tin;
        }

        private Optional<LocalDate> since() {
            return onIt.get("years").isNull()
                    ? Optional.empty()
                    : Optional.of(TODAY.minusDays(Math.round(onIt.get("years").asDouble() * 365.25)));
        }

        private OnIt found() {
            return switch (basis()) {
                case BARE ->
                    OnIt.bare(
                            switch (face.stack().substrate()) {
                                case SKIM_PLASTER -> Raw.NEW_SKIM;
                                case GYPSUM_BOARD -> Raw.NEW_BOARD;
                                default -> Raw.AS_BUILT;
                            },
                            since());
                case UNKNOWN -> OnIt.of(PaintAnswer.NOT_SURE);
                default -> OnIt.of(PaintAnswer.RECORD_AGREES);
            };
        }

        /** What goes on, where that is not just what the record says. */
        private Optional<Next> next(Optional<Tin> sameBatch) {
            if (face.goesOn().isWanted()) {
                Paint paint = paint("Next", face.goesOn().film()).orElseThrow();
                return Optional.of(
                        face.goesOn().supply() == GoesOn.Supply.TO_BUY
                                ? new Next.ToBuy(paint)
                                : new Next.FromTin(tin("Next", paint)));
            }
            return basis() == PaintBasis.SAME_BATCH ? sameBatch.map(Next.FromTin::new) : Optional.empty();
        }

        private Optional<Paint> paint(String what, Film film) {
            if (film.binder().isEmpty() || film.colour().isEmpty()) {
                return Optional.empty();
            }
            String name = what + " " + id;
            UUID product = paints.addProduct(new NewProduct(
                    "Sollenby",
                    "",
                    name,
                    face.isCeiling() ? PaintKind.CEILING : PaintKind.WALL,
                    Base.WHITE,
                    Sheen.MATT,
                    film.gloss60().orElseThrow(),
                    film.binder().get(),
                    List.of(Volume.ofLitres(5))));
            UUID colour = paints.addColour(name, name, new Srgb(200, 200, 200));
            paints.give(colour, film.colour().get());
            return Optional.of(new Paint(
                    paints.book().products().get(product),
                    paints.book().colours().get(colour)));
        }

        private Tin tin(String what, Paint paint) {
            UUID tin = store.addTin(
                    what + " " + id,
                    paint.product().id(),
                    paint.colour().id(),
                    "Batch of " + id,
                    Volume.ofLitres(40),
                    Volume.ofLitres(36),
                    "shelf",
                    "");
            return store.tin(tin).orElseThrow();
        }
    }
}
