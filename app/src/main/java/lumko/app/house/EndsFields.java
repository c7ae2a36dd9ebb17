package lumko.app.house;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.core.geometry.Ends;
import lumko.core.geometry.RoofLine;
import lumko.core.geometry.StairLine;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Length;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The fields of a form that says where a roof cuts a wall off, and where stairs run along its foot. */
@Component
class EndsFields {
    private static final List<String> ROOF = List.of("roofLeft", "roofRight", "peakFromLeft", "peakHigh", "peakLevel");
    private static final List<String> STAIRS = List.of("stairsLeft", "stairsRight", "stairsFrom", "stairsUntil");

    /** What was typed and refused is shown again. */
    static final String TYPED = "typedEnds";

    private final Speaker speaker;

    EndsFields(Speaker speaker) {
        this.speaker = speaker;
    }

    /** A field, and what stands in it. */
    public record Field(String name, String value) {}

    /**
     * A wall that nobody has measured under the roof of its room, and what the others tell of it.
     *
     * @param says what stands against its record
     * @param does what noting it says
     */
    public record Told(UUID id, String says, String does, List<Field> fields) {}

    /** Shows what is on record of a wall. */
    void show(Flat flat, Surface surface, Model model) {
        if (!surface.isWall()) {
            return;
        }
        Words words = speaker.words();
        Object refused = model.getAttribute(TYPED);
        Map<?, ?> typed = refused instanceof Map<?, ?> map ? map : Map.of();
        Ends ends = surface.asWall().ends();
        model.addAttribute("roofFields", fields(typed, ROOF, ends.roof().map(EndsFields::lengths)));
        model.addAttribute(
                "stairsFields",
                fields(
                        typed,
                        STAIRS,
                        ends.stairs()
                                .map(line -> Stream.of(line.left(), line.right(), line.from(), line.until())
                                        .map(Optional::of))));
        Room room = flat.roomOf(surface.id());
        List<Wall> walls = room.walls().map(Surface::asWall).toList();
        boolean isUnderRoof = walls.stream().anyMatch(wall -> wall.ends().roof().isPresent());
        String area = words.area(room.only(SurfaceKind.CEILING).asWall().grossArea());
        model.addAttribute(
                "roofSays",
                isUnderRoof
                        ? words.say(room.outline().isRoofClear(walls) ? "roof.alongSlopes" : "roof.asTheFloor", area)
                        : "");
        model.addAttribute("roofTells", told(room, walls));
    }

    private List<Field> fields(Map<?, ?> typed, List<String> names, Optional<Stream<Optional<Length>>> lengths) {
        List<String> values = lengths.map(those -> those.map(
                                length -> length.map(speaker.words()::tape).orElse(""))
                        .toList())
                .orElseGet(() -> names.stream().map(name -> "").toList());
        return IntStream.range(0, names.size())
                .mapToObj(i -> new Field(
                        names.get(i),
                        typed.containsKey(names.get(i)) ? String.valueOf(typed.get(names.get(i))) : values.get(i)))
                .toList();
    }

    private static Stream<Optional<Length>> lengths(RoofLine line) {
        return Stream.of(
                Optional.of(line.left()),
                Optional.of(line.right()),
                line.peak().map(RoofLine.Peak::fromLeft),
                line.peak().map(RoofLine.Peak::height),
                line.peak().map(RoofLine.Peak::level).filter(level -> level.isLongerThan(Length.ZERO)));
    }

    /** What the one roof of a room tells of the walls that nobody has measured under it. */
    private List<Told> told(Room room, List<Wall> walls) {
        List<Surface> surfaces = room.walls().toList();
        return IntStream.range(0, walls.size())
                .boxed()
                .flatMap(side ->
                        room.outline().roofOver(side, walls).map(line -> told(surfaces.get(side), line)).stream())
                .toList();
    }

    private Told told(Surface wall, RoofLine line) {
        Words words = speaker.words();
        List<String> along = line.heights().stream().map(words::place).toList();
        boolean isLevel = along.stream().distinct().count() == 1;
        String heights = isLevel ? along.getFirst() : String.join(" / ", along);
        return new Told(
                wall.id(),
                words.say("roof.tells", wall.label(), heights),
                words.say("roof.take", wall.label()),
                fields(Map.of(), ROOF, Optional.of(lengths(line))));
    }

    /** The roof as typed; with nothing typed the wall reaches up to the ceiling. */
    static Optional<RoofLine> roof(Form form) {
        return isTyped(form, ROOF) ? form.attempt("roof", () -> readRoof(form)) : Optional.empty();
    }

    private static RoofLine readRoof(Form form) {
        Length left = form.metres("roofLeft", RoofLine.HEIGHT);
        Length right = form.metres("roofRight", RoofLine.HEIGHT);
        return new RoofLine(
                left,
                right,
                isTyped(form, List.of("peakFromLeft", "peakHigh", "peakLevel"))
                        ? Optional.of(new RoofLine.Peak(
                                form.metres("peakFromLeft", RecordFields.PLACE),
                                form.metres("peakHigh", RoofLine.HEIGHT),
                                form.metresOr("peakLevel", RecordFields.PLACE, Length.ZERO)))
                        : Optional.empty());
    }

    /** The stairs as typed; with nothing typed the wall begins at the floor. */
    static Optional<StairLine> stairs(Form form) {
        return isTyped(form, STAIRS)
                ? form.attempt(
                        "stairs",
                        () -> new StairLine(
                                form.metres("stairsLeft", StairLine.LEVEL),
                                form.metres("stairsRight", StairLine.LEVEL),
                                form.metres("stairsFrom", RecordFields.PLACE),
                                form.metres("stairsUntil", RecordFields.PLACE)))
                : Optional.empty();
    }

    private static boolean isTyped(Form form, List<String> fields) {
        return fields.stream().anyMatch(field -> !form.typed(field).isEmpty());
    }

    /** What was typed into them, so that a refusal loses nothing. */
    static Map<String, String> typed(Map<String, String> all) {
        return Stream.concat(ROOF.stream(), STAIRS.stream())
                .filter(all::containsKey)
                .collect(Collectors.toMap(name -> name, all::get));
    }
}
