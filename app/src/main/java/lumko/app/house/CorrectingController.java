package lumko.app.house;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.PaintFields;
import lumko.app.catalogue.Product;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WallsInTurn;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import lumko.core.record.Layer;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Pages where a house and a flat are set up, many things at once, and put right. */
@Controller
class CorrectingController {
    private static final Limits FLOORS = new Limits("floors", 1, 60, "");
    private static final Limits FIRST = new Limits("number", 1, 9999, "");
    private static final Limits ON_EACH = new Limits("flats on each", 1, 60, "");

    private final Houses houses;
    private final SetUp setUp;
    private final Correcting correcting;
    private final OffRecord offRecord;
    private final RecordFields fields;
    private final PaintFields paintFields;
    private final Access access;
    private final Speaker speaker;

    CorrectingController(
            Houses houses,
            SetUp setUp,
            Correcting correcting,
            OffRecord offRecord,
            RecordFields fields,
            PaintFields paintFields,
            Access access,
            Speaker speaker) {
        this.houses = houses;
        this.setUp = setUp;
        this.correcting = correcting;
        this.offRecord = offRecord;
        this.fields = fields;
        this.paintFields = paintFields;
        this.access = access;
        this.speaker = speaker;
    }

    @ModelAttribute
    void choices(Model model) {
        model.addAttribute("roofs", Roof.values());
        model.addAttribute("roomKinds", RoomKind.values());
        model.addAttribute("numberings", SetUp.Numbering.values());
        model.addAttribute("reaches", SetUp.Reach.values());
        model.addAttribute("surfaceKinds", SurfaceKind.values());
    }

    private Form form(Map<String, String> typed) {
        return new Form(typed, speaker.words());
    }

    // ---- a house

    @GetMapping("/houses/{houseId}")
    String house(@PathVariable UUID houseId, Model model) {
        return house(houseId, model, Form.empty(speaker.words()));
    }

    private String house(UUID houseId, Model model, Form form) {
        access.requireLead();
        House house = houses.house(houseId);
        FlatPlaces places = houses.placesOf(houseId);
        List<Houses.Door> doors = places.doors(house);
        model.addAttribute("house", house);
        model.addAttribute("doors", doors);
        model.addAttribute(
                "rooms",
                houses.roomCounts(doors.stream().map(Houses.Door::flatId).toList()));
        model.addAttribute("nextFloor", Math.min(places.nextFloor(), RecordFields.HIGHEST_FLOOR));
        model.addAttribute("nextNumber", places.nextNumber());
        model.addAttribute("closedOn", offRecord.houseClosedOn(houseId).orElse(null));
        model.addAttribute("closedFlats", offRecord.closedFlats(houseId));
        model.addAttribute("form", form);
        return "house";
    }

    private String refusedHouse(UUID houseId, Model model, Form form, HttpServletResponse response) {
        response.setStatus(422);
        return house(houseId, model, form);
    }

    @PostMapping("/houses/{houseId}")
    String changeHouse(
            @PathVariable UUID houseId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requireLead();
        House before = houses.house(houseId);
        Form form = form(typed);
        House to = fields.house(form, houseId);
        if (!form.hasErrors() && !before.name().equalsIgnoreCase(to.name()) && houses.hasHouseNamed(to.name())) {
            form.refuse("houseName", speaker.words().say("refused.taken", to.name()));
        }
        if (form.hasErrors()) {
            return refusedHouse(houseId, model, form, response);
        }
        correcting.change(to);
        return "redirect:/houses/" + houseId;
    }

    /** Flats floor by floor. */
    @PostMapping("/houses/{houseId}/floors")
    String addFloors(
            @PathVariable UUID houseId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requireLead();
        Form form = form(typed);
        int lowest = fields.floor(form, "lowest");
        int floors = form.whole("floors", FLOORS);
        int onEach = form.whole("onEach", ON_EACH);
        SetUp.Numbering numbering = form.one("numbering", SetUp.Numbering.class);
        int first = form.whole("first", FIRST);
        if (!form.hasErrors() && lowest + floors > RecordFields.HIGHEST_FLOOR + 1) {
            form.refuse("floors", speaker.words().say("refused.tooHigh", RecordFields.HIGHEST_FLOOR));
        }
        if (form.hasErrors()) {
            return refusedHouse(houseId, model, form, response);
        }
        setUp.addFlats(houseId, lowest, floors, onEach, numbering, first);
        return "redirect:/houses/" + houseId;
    }

    // ---- a flat

    @GetMapping("/flats/{flatId}/set-up")
    String flat(@PathVariable UUID flatId, Model model) {
        return flat(flatId, model, Form.empty(speaker.words()));
    }

    private String flat(UUID flatId, Model model, Form form) {
        Flat flat = houses.flat(flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        model.addAttribute("flat", flat);
        model.addAttribute("place", correcting.placeOf(flatId));
        model.addAttribute(
                "empty",
                setUp.empty(flat.house().id()).stream()
                        .filter(door -> !door.flatId().equals(flatId))
                        .toList());
        model.addAttribute("form", form);
        model.addAttribute("isLead", access.member().isLead());
        model.addAttribute(
                "inTurn",
                flat.rooms().stream().collect(Collectors.toMap(Room::id, room -> fields.inTurn(room.outline()))));
        model.addAttribute("removedRooms", offRecord.removedRooms(flatId));
        return "flat-set-up";
    }

    private String refusedFlat(UUID flatId, Model model, Form form, HttpServletResponse response) {
        response.setStatus(422);
        return flat(flatId, model, form);
    }

    @PostMapping("/flats/{flatId}")
    String changeFlat(
            @PathVariable UUID flatId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requireLead();
        Form form = form(typed);
        String number = form.text("flatNumber", RecordFields.LONGEST_NUMBER);
        int floor = fields.floor(form, "floor");
        int bay = fields.bay(form);
        if (form.hasErrors()) {
            return refusedFlat(flatId, model, form, response);
        }
        correcting.changeFlat(flatId, number, floor, bay);
        return setUpOf(flatId);
    }

    /** Enters the rooms of this flat in others. */
    @PostMapping("/flats/{flatId}/copies")
    String copy(
            @PathVariable UUID flatId,
            @RequestParam(name = "to", defaultValue = "") List<UUID> to,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        Form form = form(typed);
        boolean mirrored = form.yes("mirrored");
        boolean withCoats = form.yes("withCoats");
        List<UUID> chosen = to.stream()
                .map(id -> Optional.ofNullable(id).orElseThrow(NotFoundException::new))
                .toList();
        if (chosen.isEmpty()) {
            form.refuse("to", speaker.words().say("refused.noFlatChosen"));
        }
        if (form.hasErrors()) {
            return refusedFlat(flatId, model, form, response);
        }
        setUp.copy(flatId, chosen, mirrored, withCoats);
        after.addFlashAttribute("done", speaker.words().say("setup.copied", chosen.size()));
        return setUpOf(flatId);
    }

    /** Enters the rooms of another flat of the house in this one. */
    @PostMapping("/flats/{flatId}/like")
    String like(
            @PathVariable UUID flatId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = form(typed);
        String number = form.text("likeNumber", RecordFields.LONGEST_NUMBER);
        boolean mirrored = form.yes("mirrored");
        boolean withCoats = form.yes("withCoats");
        House house = houses.flat(flatId).house();
        Optional<Houses.Door> like = houses.doorsNumbered(number, List.of(house), 2).stream()
                .filter(door -> !door.flatId().equals(flatId))
                .findFirst();
        if (!form.hasErrors() && like.isEmpty()) {
            form.refuse("likeNumber", speaker.words().say("refused.noFlat", number, house.name()));
        }
        if (form.hasErrors()) {
            return refusedFlat(flatId, model, form, response);
        }
        setUp.copy(like.orElseThrow().flatId(), List.of(flatId), mirrored, withCoats);
        return "redirect:/flats/" + flatId;
    }

    /** One paint on every surface of a kind. */
    @PostMapping("/flats/{flatId}/coats")
    String coatAll(
            @PathVariable UUID flatId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        Form form = form(typed);
        Optional<UUID> room = Plain.id(form.typed("reach"));
        SetUp.Reach reach = room.isPresent() ? SetUp.Reach.FLAT : form.one("reach", SetUp.Reach.class);
        SurfaceKind kind = form.one("surfaceKind", SurfaceKind.class);
        Optional<Product> product =
                form.typed("productId").isEmpty() ? Optional.empty() : paintFields.product(form, "productId");
        Optional<Colour> colour = paintFields.colour(form, "colourId");
        RecordFields.About about = fields.about(form, "about");
        if (form.hasErrors()) {
            return refusedFlat(flatId, model, form, response);
        }
        NewCoat coat = new NewCoat(
                Layer.FINISH,
                product.map(Product::id),
                colour.map(Colour::id),
                List.of(),
                "",
                OptionalInt.empty(),
                about.day(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                about.note());
        SetUp.Coated coated = room.map(id -> setUp.coatRoom(id, kind, coat))
                .orElseGet(() -> setUp.coatAll(flatId, reach, kind, coat));
        after.addFlashAttribute(
                "done",
                speaker.words()
                        .say(
                                coated.leftAlone() == 0 ? "setup.coatedAll" : "setup.coatedSome",
                                coated.surfaces(),
                                coated.leftAlone()));
        return setUpOf(flatId);
    }

    // ---- a room

    @PostMapping("/rooms/{roomId}")
    String changeRoom(
            @PathVariable UUID roomId,
            @RequestParam UUID flat,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = form(typed);
        String name = form.text("roomName", 60);
        RoomKind kind = form.one("roomKind", RoomKind.class);
        Length height = form.metres("height", Wall.ROOM_HEIGHT);
        if (!form.hasErrors()) {
            form.attempt("height", () -> {
                correcting.changeRoom(roomId, name, kind, height);
                return roomId;
            });
        }
        return form.hasErrors() ? refusedFlat(flat, model, form, response) : setUpOf(flat);
    }

    /** Another room that is like this one. */
    @PostMapping("/rooms/{roomId}/copy")
    String copyRoom(
            @PathVariable UUID roomId,
            @RequestParam UUID flat,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = form(typed);
        String name = form.text("roomName", 60);
        boolean mirrored = form.yes("mirrored");
        boolean withCoats = form.yes("withCoats");
        if (form.hasErrors()) {
            return refusedFlat(flat, model, form, response);
        }
        setUp.copyRoom(roomId, name, mirrored, withCoats);
        return setUpOf(flat);
    }

    @PostMapping("/rooms/{roomId}/walls")
    String changeWalls(
            @PathVariable UUID roomId,
            @RequestParam UUID flat,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = form(typed);
        Optional<WallsInTurn> walls = fields.inTurn(form);
        if (!form.hasErrors()) {
            form.attempt("walls", () -> {
                correcting.changeWalls(roomId, walls.orElseThrow().outline());
                return roomId;
            });
        }
        return form.hasErrors() ? refusedFlat(flat, model, form, response) : setUpOf(flat);
    }

    static String setUpOf(UUID flatId) {
        return "redirect:/flats/" + flatId + "/set-up";
    }
}
