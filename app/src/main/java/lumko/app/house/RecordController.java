package lumko.app.house;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.core.judge.Scrutiny;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Entering houses and flats, and the dates of a turnover. */
@Controller
class RecordController {
    private final Houses houses;
    private final Recording recording;
    private final OffRecord offRecord;
    private final RecordFields recordFields;
    private final Access access;
    private final Speaker speaker;

    RecordController(
            Houses houses,
            Recording recording,
            OffRecord offRecord,
            RecordFields recordFields,
            Access access,
            Speaker speaker) {
        this.houses = houses;
        this.recording = recording;
        this.offRecord = offRecord;
        this.recordFields = recordFields;
        this.access = access;
        this.speaker = speaker;
    }

    @ModelAttribute
    void choices(Model model) {
        model.addAttribute("roofs", Roof.values());
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
        return newFlat(houseId, Form.empty(speaker.words()), model);
    }

    private String newFlat(UUID houseId, Form form, Model model) {
        model.addAttribute("house", houses.house(houseId));
        model.addAttribute("freeBay", houses.placesOf(houseId).free(0) + 1);
        model.addAttribute("form", form);
        return "flat-new";
    }

    @PostMapping("/houses/{houseId}/flats")
    String addFlat(
            @PathVariable UUID houseId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requireLead();
        Words words = speaker.words();
        Form form = new Form(typed, words);
        String number = form.text("flatNumber", RecordFields.LONGEST_NUMBER);
        int floor = recordFields.floor(form, "floor");
        int bay = recordFields.bay(form);
        if (!form.hasErrors()) {
            FlatPlaces others = houses.placesOf(houseId);
            if (others.has(number)) {
                form.refuse("flatNumber", words.say("refused.flatThere", number));
            }
            others.behind(floor, bay)
                    .ifPresent(flat -> form.refuse(
                            "bay", words.say("refused.windowGiven", bay + 1, flat.number(), others.free(floor) + 1)));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return newFlat(houseId, form, model);
        }
        return "redirect:/flats/" + recording.addFlat(houseId, number, floor, bay);
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
        int seen = form.seenVersion();
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
