package lumko.app.house;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.drawing.OutlineDrawing;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.core.geometry.Outline;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WallsInTurn;
import lumko.core.quantity.Length;
import lumko.core.record.Substrate;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Entering rooms, drawn as they are typed. */
@Controller
class RoomController {
    private final Houses houses;
    private final Recording recording;
    private final RecordFields recordFields;
    private final Access access;
    private final Speaker speaker;

    RoomController(Houses houses, Recording recording, RecordFields recordFields, Access access, Speaker speaker) {
        this.houses = houses;
        this.recording = recording;
        this.recordFields = recordFields;
        this.access = access;
        this.speaker = speaker;
    }

    @ModelAttribute
    void choices(Model model) {
        model.addAttribute("roomKinds", RoomKind.values());
        model.addAttribute("substrates", Substrate.values());
        model.addAttribute("textures", Texture.values());
    }

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
            // what is not finished is no mistake yet
            Optional<WallsInTurn> walls = recordFields.outline(new Form(typed, speaker.words()));
            model.addAttribute("outline", OutlineDrawing.of(path, walls.isPresent()));
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
}
