package lumko.app.house;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.PaintFields;
import lumko.app.catalogue.Product;
import lumko.app.drawing.OutlineDrawing;
import lumko.app.platform.EditableRow;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WallsInTurn;
import lumko.core.judge.Scrutiny;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import lumko.core.record.Layer;
import lumko.core.record.Substrate;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Entering what is there: houses, flats, rooms, openings, coats, and the dates of a turnover. */
@Controller
class RecordController {
    private static final Limits PLACES = new Limits("places", 1, 10_000, "");

    private final Houses houses;
    private final Recording recording;
    private final Correcting correcting;
    private final OffRecord offRecord;
    private final RecordFields recordFields;
    private final FeatureFields featureFields;
    private final PaintFields fields;
    private final Store store;
    private final Access access;
    private final Speaker speaker;

    RecordController(
            Houses houses,
            Recording recording,
            Correcting correcting,
            OffRecord offRecord,
            RecordFields recordFields,
            FeatureFields featureFields,
            PaintFields fields,
            Store store,
            Access access,
            Speaker speaker) {
        this.houses = houses;
        this.recording = recording;
        this.correcting = correcting;
        this.offRecord = offRecord;
        this.recordFields = recordFields;
        this.featureFields = featureFields;
        this.fields = fields;
        this.store = store;
        this.access = access;
        this.speaker = speaker;
    }

    @ModelAttribute
    void choices(Model model) {
        model.addAttribute("roofs", Roof.values());
        model.addAttribute("roomKinds", RoomKind.values());
        model.addAttribute("substrates", Substrate.values());
        model.addAttribute("textures", Texture.values());
        model.addAttribute(
                "layers",
                Arrays.stream(Layer.values())
                        .filter(layer -> layer != Layer.SUBSTRATE)
                        .toList());
    }

    // ---- houses and flats

    @GetMapping("/houses/new")
    String newHouse(Model model) {
        access.requireLead();
        return newHouse(model, Form.empty(speaker.words()));
    }

    private String newHouse(Model model, Form form) {
        model.addAttribute("form", form);
        model.addAttribute("closedHouses", offRecord.closedHouses());
        return "house-new";
    }

    @PostMapping("/houses")
    String addHouse(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        access.requireLead();
        Form form = new Form(typed, speaker.words());
        String name = form.text("houseName", 120);
        int builtYear = form.whole("builtYear", RecordFields.YEAR);
        Roof roof = form.one("roof", Roof.class);
        boolean hasTexturedCoating = form.yes("texturedCoating");
        if (!form.hasErrors() && houses.hasHouseNamed(name)) {
            form.refuse("houseName", speaker.words().say("refused.taken", name));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return newHouse(model, form);
        }
        UUID id = recording.addHouse(name, builtYear, roof, hasTexturedCoating);
        return "redirect:/houses/" + id;
    }

    @GetMapping("/houses/{houseId}/flats/new")
    String newFlat(@PathVariable UUID houseId, Model model) {
        access.requireLead();
        model.addAttribute("house", houses.house(houseId));
        model.addAttribute("form", Form.empty(speaker.words()));
        return "flat-new";
    }

    @PostMapping("/houses/{houseId}/flats")
    String addFlat(
            @PathVariable UUID houseId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requireLead();
        House house = houses.house(houseId);
        Form form = new Form(typed, speaker.words());
        String number = form.text("flatNumber", RecordFields.LONGEST_NUMBER);
        int floor = recordFields.floor(form, "floor");
        int bay = recordFields.bay(form);
        if (!form.hasErrors() && houses.isTaken(houseId, number, floor, bay)) {
            form.refuse("flatNumber", speaker.words().say("refused.flatTaken", house.name()));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            model.addAttribute("house", house);
            model.addAttribute("form", form);
            return "flat-new";
        }
        return "redirect:/flats/" + recording.addFlat(houseId, number, floor, bay);
    }

    // ---- rooms

    @GetMapping("/flats/{flatId}/rooms/new")
    String newRoom(@PathVariable UUID flatId, Model model) {
        Flat flat = houses.flat(flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        model.addAttribute("flat", flat);
        model.addAttribute("form", Form.empty(speaker.words()));
        return "room-new";
    }

    /** The room from above as far as it is typed. */
    @GetMapping("/rooms/outline")
    String outline(@RequestParam Map<String, String> typed, Model model) {
        Form form = new Form(typed, speaker.words());
        List<Outline.Corner> path = recordFields.pathSoFar(form);
        if (!path.isEmpty()) {
            OutlineDrawing drawing = OutlineDrawing.of(path);
            Optional<WallsInTurn> walls = drawing.isClosed() ? recordFields.outline(form) : Optional.empty();
            model.addAttribute("outline", drawing);
            model.addAttribute("walls", walls.orElse(null));
        }
        model.addAttribute("form", form);
        return "room-outline :: outline";
    }

    @PostMapping("/flats/{flatId}/rooms")
    String addRoom(
            @PathVariable UUID flatId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        Flat flat = houses.flat(flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        Form form = new Form(typed, speaker.words());
        String name = form.text("roomName", 60);
        RoomKind kind = form.one("roomKind", RoomKind.class);
        Optional<WallsInTurn> outline = recordFields.outline(form);
        Length height = form.metres("height", Wall.ROOM_HEIGHT);
        Substrate substrate = form.one("substrate", Substrate.class);
        Texture texture = form.one("texture", Texture.class);
        if (form.hasErrors()) {
            response.setStatus(422);
            model.addAttribute("flat", flat);
            model.addAttribute("form", form);
            return "room-new";
        }
        WallsInTurn walls = outline.orElseThrow();
        recording.addRoom(flatId, NewRoom.bare(name, kind, walls.outline(), height, substrate, texture));
        if (walls.isOff()) {
            after.addFlashAttribute("done", speaker.words().say("room.new.closed", walls.eastGap(), walls.northGap()));
        }
        return "redirect:/flats/" + flatId;
    }

    // ---- openings and coats of a surface

    @GetMapping("/surfaces/{surfaceId}/edit")
    String edit(@PathVariable UUID surfaceId, Model model) {
        return edit(surfaceId, Form.empty(speaker.words()), model);
    }

    private String edit(UUID surfaceId, Form form, Model model) {
        Flat flat = houses.flatOfSurface(surfaceId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        model.addAttribute("flat", flat);
        model.addAttribute("room", flat.roomOf(surfaceId));
        model.addAttribute("surface", flat.surface(surfaceId).orElseThrow(NotFoundException::new));
        model.addAttribute("features", correcting.featuresOf(surfaceId));
        featureFields.show(flat, surfaceId, model);
        model.addAttribute("form", form);
        return "surface-edit";
    }

    @PostMapping("/surfaces/{surfaceId}/features")
    String addFeature(
            @PathVariable UUID surfaceId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        Optional<List<NewRoom.Feature>> added =
                featureFields.read(form, houses.standing(surfaceId).surface());
        added.ifPresent(features -> form.attempt("feature", () -> {
            recording.addFeatures(surfaceId, features);
            return surfaceId;
        }));
        if (form.hasErrors()) {
            response.setStatus(422);
            return edit(surfaceId, form, model);
        }
        return "redirect:/surfaces/" + surfaceId + "/edit#feature-form";
    }

    @PostMapping("/surfaces/{surfaceId}/coats")
    String addCoat(
            @PathVariable UUID surfaceId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        NewCoat coat = coat(form);
        OptionalInt place =
                form.typed("position").isEmpty() ? OptionalInt.empty() : OptionalInt.of(form.whole("position", PLACES));
        if (!form.hasErrors()) {
            recording.addCoat(surfaceId, coat, place);
        }
        return after(surfaceId, form, model, response);
    }

    /** Another paint, another day for a layer that was entered by hand. */
    @PostMapping("/surfaces/{surfaceId}/coats/{position}")
    String changeCoat(
            @PathVariable UUID surfaceId,
            @PathVariable int position,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        NewCoat coat = coat(form);
        if (!form.hasErrors()) {
            correcting.changeCoat(surfaceId, position, coat);
        }
        return after(surfaceId, form, model, response);
    }

    /** A layer as it is typed; what cannot be has its sentence in the form. */
    private NewCoat coat(Form form) {
        Layer layer = form.one("layer", Layer.class);
        Optional<UUID> product = form.typed("productId").isEmpty()
                ? Optional.empty()
                : fields.product(form, "productId").map(Product::id);
        Optional<UUID> colour = form.typed("colourId").isEmpty()
                ? Optional.empty()
                : fields.colour(form, "colourId").map(Colour::id);
        RecordFields.About about = recordFields.about(form, "appliedOn");
        OptionalInt places =
                form.typed("places").isEmpty() ? OptionalInt.empty() : OptionalInt.of(form.whole("places", PLACES));
        String note = form.optionalText("note", 200);
        Optional<UUID> tin = tin(form);
        String batch = form.optionalText("batch", 30);
        if ((layer == Layer.FINISH || layer == Layer.SPOTS) && product.isEmpty() && colour.isEmpty()) {
            form.refuse("layer", speaker.words().say("refused.finishNeedsPaint"));
        }
        return new NewCoat(
                layer,
                product,
                colour,
                tin.stream().toList(),
                batch,
                places,
                about.day(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                note.isEmpty() ? about.note() : note);
    }

    @PostMapping("/surfaces/{surfaceId}/substrate")
    String setSubstrate(
            @PathVariable UUID surfaceId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        Substrate substrate = form.one("substrate", Substrate.class);
        if (!form.hasErrors()) {
            recording.isMadeOf(surfaceId, substrate);
        }
        return after(surfaceId, form, model, response);
    }

    /** The tin whose label was typed; empty where none was, or, with a sentence at the field, where none has it. */
    private Optional<UUID> tin(Form form) {
        String typed = form.typed("tinId");
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        Optional<Tin> found = Plain.id(typed).map(store::tin).orElseGet(() -> store.labelled(typed));
        if (found.isEmpty()) {
            form.refuse("tinId", speaker.words().say("refused.noTin", Plain.quoted(typed)));
        }
        return found.map(Tin::id);
    }

    private String after(UUID surfaceId, Form form, Model model, HttpServletResponse response) {
        if (form.hasErrors()) {
            response.setStatus(422);
            return edit(surfaceId, form, model);
        }
        return "redirect:/flats/" + houses.flatOfSurface(surfaceId).id() + "?surface=" + surfaceId;
    }

    // ---- dates

    @GetMapping("/flats/{flatId}/dates")
    String dates(@PathVariable UUID flatId, Model model) {
        access.requireDates();
        model.addAttribute("flat", houses.flat(flatId));
        model.addAttribute("form", Form.empty(speaker.words()));
        model.addAttribute("scrutinies", Scrutiny.values());
        return "dates";
    }

    @PostMapping("/flats/{flatId}/dates")
    String setDates(
            @PathVariable UUID flatId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requireDates();
        Flat flat = houses.flat(flatId);
        Form form = new Form(typed, speaker.words());
        Optional<LocalDate> keysBack = form.optionalDate("keysBackOn");
        Optional<LocalDate> viewing = form.optionalDate("viewingOn");
        Optional<LocalDate> moveIn = form.optionalDate("moveInOn");
        Scrutiny scrutiny = form.typed("scrutiny").isEmpty() ? Scrutiny.AS_USUAL : form.one("scrutiny", Scrutiny.class);
        int seen = form.whole("version", new Limits("version", EditableRow.UNSAVED, 1e9, ""));
        if (keysBack.isEmpty()) {
            form.refuse("keysBackOn", speaker.words().say("refused.keysBack"));
        }
        keysBack.ifPresent(keys -> {
            viewing.filter(day -> day.isBefore(keys))
                    .ifPresent(day -> form.refuse("viewingOn", speaker.words().say("refused.beforeKeys", day, keys)));
            moveIn.filter(day -> day.isBefore(keys))
                    .ifPresent(day -> form.refuse("moveInOn", speaker.words().say("refused.beforeKeys", day, keys)));
        });
        if (form.hasErrors()) {
            response.setStatus(422);
            model.addAttribute("flat", flat);
            model.addAttribute("form", form);
            model.addAttribute("scrutinies", Scrutiny.values());
            return "dates";
        }
        recording.setDates(flatId, keysBack.orElseThrow(), viewing, moveIn, scrutiny, seen);
        return "redirect:/flats/" + flatId;
    }
}
