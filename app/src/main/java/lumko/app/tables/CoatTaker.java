package lumko.app.tables;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.PaintFields;
import lumko.app.catalogue.Product;
import lumko.app.house.Coat;
import lumko.app.house.Correcting;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.NewCoat;
import lumko.app.house.RecordFields;
import lumko.app.house.Recording;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.house.SurfaceKind;
import lumko.app.platform.Form;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.record.Age;
import lumko.core.record.Layer;
import lumko.core.record.Stack;
import org.springframework.stereotype.Component;

/**
 * Layers on surfaces: of one room or, without a room, of the flat; on all its walls, one wall, the ceiling or the trim. They come to
 * lie on top of what is there, but never an older on a later one.
 */
@Component
class CoatTaker implements Taker {
    private final Houses houses;
    private final Recording recording;
    private final Correcting correcting;
    private final RecordFields fields;
    private final PaintFields paintFields;
    private final Store store;
    private final Speaker speaker;

    CoatTaker(
            Houses houses,
            Recording recording,
            Correcting correcting,
            RecordFields fields,
            PaintFields paintFields,
            Store store,
            Speaker speaker) {
        this.houses = houses;
        this.recording = recording;
        this.correcting = correcting;
        this.fields = fields;
        this.paintFields = paintFields;
        this.store = store;
        this.speaker = speaker;
    }

    @Override
    public TableKind kind() {
        return TableKind.COATS;
    }

    @Override
    public void undo(Done done) {
        correcting.removeCoat(done.id(), done.number());
    }

    @Override
    public Run begin(List<Done> done) {
        return new Layers(done);
    }

    private final class Layers implements Run {
        private final List<Done> done;
        private final Places places = new Places(houses, speaker.words());
        private final Map<UUID, Map<UUID, List<NewCoat>>> byFlat = new LinkedHashMap<>();
        private final Map<UUID, Set<List<Object>>> told = new HashMap<>();
        private final Map<UUID, Stack> stacks = new HashMap<>();

        private Layers(List<Done> done) {
            this.done = done;
        }

        @Override
        public Outcome take(Form row) {
            Optional<Flat> flat = places.flat(row);
            List<Surface> surfaces = flat.map(of -> surfaces(row, of)).orElse(List.of());
            Layer layer = row.called("layer", Layer.class, Layer.FINISH);
            Optional<Product> product =
                    row.typed("productId").isEmpty() ? Optional.empty() : paintFields.product(row, "productId");
            Optional<Colour> colour = paintFields.colour(row, "colourId");
            RecordFields.About about = fields.about(row, "appliedOn");
            Optional<Tin> tin = tin(row);
            String batch = row.optionalText("batch", 30);
            String note = row.optionalText("note", 200);
            if (row.hasErrors()) {
                return Outcome.refused();
            }
            NewCoat coat = new NewCoat(
                    layer,
                    product.map(Product::id),
                    colour.map(Colour::id),
                    tin.map(Tin::id).stream().toList(),
                    batch,
                    OptionalInt.empty(),
                    about.day(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    note.isEmpty() ? about.note() : note);
            Age age = Age.since(about.day(), speaker.today());
            List<Object> says = says(layer, coat.product(), coat.colour(), coat.appliedOn());
            List<Surface> without = surfaces.stream()
                    .filter(surface -> !toldOf(surface).contains(says))
                    .toList();
            String what =
                    flat.orElseThrow().house().name() + " " + flat.orElseThrow().number();
            if (without.isEmpty()) {
                return new Outcome(Result.THERE, what);
            }
            List<Surface> free = without.stream()
                    .filter(surface -> stackOf(surface).takesOnTop(age))
                    .toList();
            if (free.isEmpty()) {
                row.refuse("appliedOn", speaker.words().say("refused.laterLies"));
                return Outcome.refused();
            }
            Map<UUID, List<NewCoat>> bySurface =
                    byFlat.computeIfAbsent(flat.orElseThrow().id(), id -> new LinkedHashMap<>());
            for (Surface surface : free) {
                bySurface.computeIfAbsent(surface.id(), id -> new ArrayList<>()).add(coat);
                toldOf(surface).add(says);
                stacks.put(surface.id(), stackOf(surface).under(lumko.core.record.Coat.of(layer, age)));
            }
            return new Outcome(Result.MADE, what + ", " + speaker.words().say("table.surfaces", free.size()));
        }

        /** With what this table has laid on it. */
        private Stack stackOf(Surface surface) {
            return stacks.computeIfAbsent(surface.id(), id -> surface.stack(speaker.today()));
        }

        private Set<List<Object>> toldOf(Surface surface) {
            return told.computeIfAbsent(surface.id(), id -> {
                Set<List<Object>> there = new HashSet<>();
                for (Coat coat : surface.coats()) {
                    there.add(says(
                            coat.layer(),
                            coat.product().map(Product::id),
                            coat.colour().map(Colour::id),
                            coat.appliedOn()));
                }
                return there;
            });
        }

        @Override
        public void end() {
            byFlat.forEach((flat, coats) -> recording
                    .addCoats(flat, coats)
                    .forEach(laid -> done.add(new Done(What.COAT, laid.surfaceId(), laid.position(), 0, ""))));
        }
    }

    private static List<Object> says(
            Layer layer, Optional<UUID> product, Optional<UUID> colour, Optional<LocalDate> appliedOn) {
        return List.of(layer, product, colour, appliedOn);
    }

    private List<Surface> surfaces(Form row, Flat flat) {
        String roomName = row.optionalText("roomName", 60);
        List<Room> rooms = flat.rooms().stream()
                .filter(room -> roomName.isEmpty() || room.name().equalsIgnoreCase(roomName))
                .toList();
        if (rooms.isEmpty()) {
            row.refuse("roomName", speaker.words().say("refused.roomFirst", Plain.quoted(roomName)));
            return List.of();
        }
        String named = row.typed("surface").toLowerCase(Locale.ROOT);
        List<Surface> surfaces = rooms.stream()
                .flatMap(room -> room.surfaces().stream())
                .filter(surface -> isMeant(surface, named))
                .toList();
        if (surfaces.isEmpty()) {
            row.refuse("surface", speaker.words().say("refused.noSurface", Plain.quoted(row.typed("surface"))));
        }
        return surfaces;
    }

    /** “walls”, “wall B” or “b”, “ceiling”, “trim”; nothing said is the walls. */
    private boolean isMeant(Surface surface, String named) {
        Words words = speaker.words();
        String kind = words.name(surface.kind()).toLowerCase(Locale.ROOT);
        if (surface.kind() != SurfaceKind.WALL) {
            return named.equals(kind) || named.equals(kind + "s");
        }
        String letter = surface.label().toLowerCase(Locale.ROOT);
        return named.isEmpty()
                || named.equals(kind)
                || named.equals(kind + "s")
                || named.equals(letter)
                || named.equals(kind + " " + letter);
    }

    private Optional<Tin> tin(Form row) {
        String label = row.typed("tinId");
        if (label.isEmpty()) {
            return Optional.empty();
        }
        Optional<Tin> tin = store.labelled(label);
        if (tin.isEmpty()) {
            row.refuse("tinId", speaker.words().say("refused.noTin", Plain.quoted(label)));
        }
        return tin;
    }
}
