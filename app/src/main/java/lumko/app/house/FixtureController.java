package lumko.app.house;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.core.geometry.Fixture;
import lumko.core.geometry.UsualSize;
import lumko.core.quantity.Length;
import lumko.core.record.Substrate;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Doors, radiators and other fixtures of a room that have paint of their own. */
@Controller
class FixtureController {
    private static final int LONGEST_NAME = 40;

    private final Fixtures fixtures;
    private final Houses houses;
    private final Access access;
    private final Speaker speaker;

    FixtureController(Fixtures fixtures, Houses houses, Access access, Speaker speaker) {
        this.fixtures = fixtures;
        this.houses = houses;
        this.access = access;
        this.speaker = speaker;
    }

    @ModelAttribute
    void choices(Model model) {
        model.addAttribute("kinds", Fixture.Kind.values());
        model.addAttribute("substrates", Substrate.values());
    }

    @GetMapping("/rooms/{roomId}/fixtures")
    String fixtures(@PathVariable UUID roomId, Model model) {
        return show(roomId, Optional.empty(), Form.empty(speaker.words()), model);
    }

    /** @param asked the one that is being put right */
    private String show(UUID roomId, Optional<UUID> asked, Form form, Model model) {
        Flat flat = houses.flatOfRoom(roomId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        Room room = flat.room(roomId);
        model.addAttribute("flat", flat);
        model.addAttribute("room", room);
        model.addAttribute("fixtures", fixtures.of(room));
        model.addAttribute("asked", asked.orElse(null));
        model.addAttribute("form", form);
        return "fixtures";
    }

    @PostMapping("/rooms/{roomId}/fixtures")
    String add(
            @PathVariable UUID roomId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        Fixture.Kind kind = form.one("fixture", Fixture.Kind.class);
        Optional<Fixture> fixture = fixture(form, kind);
        String name = form.optionalText("fixtureName", LONGEST_NAME);
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(roomId, Optional.empty(), form, model);
        }
        fixtures.add(roomId, fixture.orElseThrow(), name);
        return pageOf(roomId);
    }

    @PostMapping("/fixtures/{surfaceId}")
    String change(
            @PathVariable UUID surfaceId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        Optional<Fixture> fixture = fixture(form, form.one("fixture", Fixture.Kind.class));
        String name = form.optionalText("fixtureName", LONGEST_NAME);
        Substrate substrate = form.one("substrate", Substrate.class);
        int seen = form.seenVersion();
        if (form.hasErrors()) {
            response.setStatus(422);
            UUID roomId = houses.flatOfSurface(surfaceId).roomOf(surfaceId).id();
            return show(roomId, Optional.of(surfaceId), form, model);
        }
        return pageOf(fixtures.change(surfaceId, fixture.orElseThrow(), name, substrate, seen));
    }

    @PostMapping("/fixtures/{surfaceId}/gone")
    String takeOff(@PathVariable UUID surfaceId) {
        return pageOf(fixtures.takeOff(surfaceId));
    }

    @PostMapping("/fixtures/{surfaceId}/back")
    String putBack(@PathVariable UUID surfaceId) {
        return pageOf(fixtures.putBack(surfaceId));
    }

    private static String pageOf(UUID roomId) {
        return "redirect:/rooms/" + roomId + "/fixtures";
    }

    /** What is not measured is as large as such things usually are. */
    private Optional<Fixture> fixture(Form form, Fixture.Kind kind) {
        UsualSize usual = UsualSize.of(kind, speaker.words().units().market());
        Length width = form.metresOr("fixtureWidth", Fixture.WIDTH, usual.width());
        Length height = form.metresOr("fixtureHeight", Fixture.HEIGHT, usual.height());
        int sides = form.typed("sides").isEmpty() ? 1 : form.whole("sides", Fixture.SIDES);
        return form.hasErrors() ? Optional.empty() : Optional.of(new Fixture(kind, width, height, sides));
    }
}
