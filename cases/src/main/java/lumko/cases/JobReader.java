package lumko.cases;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Site;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.drying.Climate;
import lumko.core.fault.RoomFinding;
import lumko.core.film.Hiding;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Action;
import lumko.core.job.Cover;
import lumko.core.job.Face;
import lumko.core.job.GoesOn;
import lumko.core.job.Job;
import lumko.core.job.Room;
import lumko.core.job.Side;
import lumko.core.paint.Batch;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.record.Age;
import lumko.core.record.Coat;
import lumko.core.record.Film;
import lumko.core.record.Layer;
import lumko.core.record.PaintBasis;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;
import tools.jackson.databind.JsonNode;

/** Reads a job written in the frozen words into the core's own. */
public final class JobReader {
    private static final Vocabulary WORDS = Vocabulary.read();

    /**
     * A surface as it was asked about.
     *
     * @param group its name in the order; several alike share one
     */
    public record Asked(String group, Face face, WindowLight light, MarkReader.Placed placed) {}

    private final JsonNode job;
    private final List<Asked> surfaces = new ArrayList<>();
    private final List<Room> rooms = new ArrayList<>();

    private JobReader(JsonNode job) {
        this.job = job;
        for (JsonNode room : job.get("rooms")) {
            read(room);
        }
    }

    /** @param job of the shape of one */
    public static JobReader of(JsonNode job) {
        return new JobReader(job);
    }

    /** In the order in which they are named. */
    public List<Asked> surfaces() {
        return surfaces;
    }

    /** The room of a surface. */
    public Room room(Face face) {
        return rooms.stream()
                .filter(room -> room.key().equals(face.room()))
                .findFirst()
                .orElseThrow();
    }

    /** What the core calls a word of a list; nothing where it has no such thing yet. */
    public static <E extends Enum<E>> Optional<E> word(Class<E> type, String list, String word) {
        return WORDS.constant(type, list, word);
    }

    // ---- the job

    /** The starting practice with the answers of the job. */
    public Practice practice() {
        Practice practice = Practice.STARTING;
        for (String question : job.path("practice").propertyNames()) {
            String answer = job.get("practice").get(question).asString();
            practice = word(School.class, "answer/" + question, answer)
                    .map(practice::with)
                    .orElse(practice);
        }
        return practice;
    }

    /** The house. */
    public Site site() {
        return new Site(
                job.get("house_year").asInt(), job.path("textured_coating").asBoolean(false));
    }

    /** The one air of the job. */
    public Climate climate() {
        JsonNode air = job.get("air");
        return Climate.of(
                air.get("temperature_c").asDouble(),
                air.get("humidity_pct").asDouble(),
                word(Climate.Air.class, "air", air.get("air").asString()).orElse(Climate.Air.MOVING));
    }

    /** Days until somebody comes to look. */
    public OptionalInt viewing() {
        return job.get("days_to_viewing").isNull()
                ? OptionalInt.empty()
                : OptionalInt.of((int) job.get("days_to_viewing").asDouble());
    }

    /** The whole job, once it is decided what is done with each surface. */
    public Job job(Map<String, Action> decided) {
        List<Face> faces = surfaces.stream()
                .map(asked -> asked.face()
                        .with(decided.getOrDefault(
                                asked.face().key(), asked.face().action())))
                .toList();
        Set<ActivityKind> done = EnumSet.noneOf(ActivityKind.class);
        job.path("done")
                .forEach(each ->
                        word(ActivityKind.class, "activity", each.asString()).ifPresent(done::add));
        return new Job(rooms, faces, site(), job.get("people").asInt(), done, mix());
    }

    /** Left-overs of another paint than the walls have are what goes on, poured together. */
    private Optional<Job.Mix> mix() {
        List<JsonNode> tins = job.path("tins")
                .valueStream()
                .filter(tin -> tin.get("paint").asString().equals("wall paint")
                        && !tin.get("same_as_wall").asBoolean())
                .toList();
        Set<String> lots = new TreeSet<>();
        tins.forEach(tin -> lots.add(tin.get("lot").asString()));
        double litres =
                tins.stream().mapToDouble(tin -> tin.get("litres").asDouble()).sum();
        return surfaces.stream()
                .map(asked -> asked.face().goesOn())
                .filter(paint -> paint.isWanted() && paint.supply() == GoesOn.Supply.IN_STORE && lots.size() > 1)
                .findFirst()
                .map(paint -> new Job.Mix(paint.paint(), litres, tins.size()));
    }

    // ---- rooms and surfaces

    private void read(JsonNode json) {
        Set<RoomFinding> findings = EnumSet.noneOf(RoomFinding.class);
        json.path("findings")
                .forEach(each ->
                        word(RoomFinding.class, "finding", each.asString()).ifPresent(findings::add));
        String key = json.get("name").asString();
        rooms.add(new Room(
                key,
                word(RoomKind.class, "room", json.get("room").asString()).orElse(RoomKind.LIVING),
                findings,
                word(Room.Floor.class, "floor", json.path("floor").asString("hard"))
                        .orElse(Room.Floor.HARD),
                Optional.empty()));
        Map<String, Asked> ofRoom = new LinkedHashMap<>();
        for (JsonNode surface : json.get("surfaces")) {
            String group = surface.get("name").asString();
            for (int n = 1; n <= surface.path("count").asInt(1); n++) {
                String name = n == 1 ? group : group + " " + n;
                ofRoom.put(name, asked(name, group, key, surface));
            }
        }
        surfaces.addAll(among(ofRoom.values()));
    }

    /** Walls stand in the order in which they are named, under the ceiling if there is one. */
    private static List<Asked> among(Collection<Asked> ofRoom) {
        List<String> walls = ofRoom.stream()
                .filter(asked -> asked.face().side() == Side.WALL)
                .map(asked -> asked.face().key())
                .toList();
        String ceiling = ofRoom.stream()
                .filter(asked -> asked.face().isCeiling())
                .map(asked -> asked.face().key())
                .findFirst()
                .orElse("");
        List<Asked> placed = new ArrayList<>();
        for (Asked asked : ofRoom) {
            int at = walls.indexOf(asked.face().key());
            List<String> beside = at < 0 || walls.size() < 2
                    ? List.of()
                    : List.of(walls.get((at + walls.size() - 1) % walls.size()), walls.get((at + 1) % walls.size()));
            Face.Around around = new Face.Around(beside, asked.face().isCeiling() ? "" : ceiling);
            placed.add(new Asked(asked.group(), asked.face().with(around), asked.light(), asked.placed()));
        }
        return placed;
    }

    private static Asked asked(String name, String group, String room, JsonNode json) {
        Side side = word(Side.class, "surface", json.get("surface").asString()).orElse(Side.WALL);
        Features features = Features.of(json);
        double wide = json.get("size_m").get(0).asDouble() * 1000;
        double high = json.get("size_m").get(1).asDouble() * 1000;
        Wall wall = new Wall(
                Length.ofMillimetres(wide),
                Length.ofMillimetres(high),
                word(Texture.class, "texture", json.path("texture").asString("smooth"))
                        .orElse(Texture.SMOOTH),
                features.openings(),
                features.fittings());
        MarkReader.Placed placed = MarkReader.read(json, name, wide, high);
        Face.Fate fate =
                word(Face.Fate.class, "job", json.get("job").asString()).orElse(Face.Fate.TO_DO);
        JsonNode onIt = json.get("on_it");
        Face face = new Face(
                name,
                room,
                side,
                wall,
                Face.TrimParts.NONE,
                stack(json, onIt),
                placed.places(),
                side == Side.TRIM && fate == Face.Fate.TO_DO ? Action.ROLL : Action.LEAVE,
                goesOn(side, onIt, json.get("goes_on")),
                features.panels(),
                features.ways(),
                Face.Around.NOTHING,
                fate,
                new Face.CoatsOn(
                        onIt.path("coats").asInt(0), onIt.path("thinned").asBoolean(false)));
        WindowLight light = word(
                        WindowLight.class, "light", json.path("window_light").asString("none"))
                .orElse(WindowLight.NONE);
        return new Asked(group, face, light, placed);
    }

    // ---- what is on it, what goes on

    private static Stack stack(JsonNode json, JsonNode onIt) {
        Substrate substrate = word(
                        Substrate.class, "substrate", json.path("substrate").asString("plasterboard"))
                .orElse(Substrate.GYPSUM_BOARD);
        Layer layer = word(Layer.class, "layer", onIt.get("film").get("layer").asString())
                .orElse(Layer.UNKNOWN);
        Age age = onIt.get("years").isNull()
                ? Age.UNKNOWN
                : Age.ofYears(onIt.get("years").asDouble());
        Coat coat = new Coat(
                layer,
                layer == Layer.FINISH ? Optional.of(paint(onIt)) : Optional.empty(),
                film(onIt),
                Set.of(),
                Batch.UNKNOWN,
                age,
                Optional.empty());
        return new Stack(substrate, List.of(coat));
    }

    private static Film film(JsonNode paint) {
        boolean isColoured =
                !paint.get("lightness").isNull() && !paint.get("chroma").isNull();
        return new Film(
                word(Binder.class, "binder", paint.get("film").get("binder").asString()),
                paint.get("gloss60").isNull()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(paint.get("gloss60").asDouble()),
                isColoured ? Optional.of(lab(paint)) : Optional.empty());
    }

    private static Lab lab(JsonNode paint) {
        return new Lab(paint.get("lightness").asDouble(), 0, paint.get("chroma").asDouble());
    }

    private static String paint(JsonNode paint) {
        return paint.get("film").get("binder").asString() + " " + paint.get("lightness") + " " + paint.get("chroma")
                + " " + paint.get("gloss60");
    }

    private static GoesOn goesOn(Side side, JsonNode onIt, JsonNode goesOn) {
        PaintBasis basis =
                word(PaintBasis.class, "basis", onIt.get("basis").asString()).orElse(PaintBasis.UNKNOWN);
        if (goesOn.isNull() || paint(goesOn).equals(paint(onIt))) {
            return GoesOn.same(paint(onIt), film(onIt), basis);
        }
        boolean isMixed = goesOn.path("mixed").asBoolean(false);
        GoesOn.Supply supply = isMixed
                ? GoesOn.Supply.MIXED
                : goesOn.get("have_it").asBoolean() ? GoesOn.Supply.IN_STORE : GoesOn.Supply.TO_BUY;
        return new GoesOn(
                paint(goesOn),
                film(goesOn),
                Optional.empty(),
                basis == PaintBasis.BARE || basis == PaintBasis.UNKNOWN ? basis : PaintBasis.OTHER_PAINT,
                supply,
                side == Side.TRIM ? Cover.SAME : cover(onIt, goesOn),
                true,
                Optional.empty());
    }

    private static Cover cover(JsonNode onIt, JsonNode goesOn) {
        if (onIt.get("lightness").isNull() || onIt.get("chroma").isNull()) {
            return Cover.UNKNOWN;
        }
        DataSheet sheet = DataSheet.USUAL;
        Spectrum finished = SmoothReflectance.of(lab(goesOn), Colorimetry.DAYLIGHT);
        return Cover.of(
                Hiding.of(finished, sheet.contrastRatio(), sheet.dryMicrometres()),
                finished,
                SmoothReflectance.of(lab(onIt), Colorimetry.DAYLIGHT),
                sheet);
    }
}
