package lumko.app.sheet;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.account.GuestLinks;
import lumko.app.figure.Figures;
import lumko.app.kept.KeptResults;
import lumko.app.outcome.Look;
import lumko.app.outcome.Outcome;
import lumko.app.outcome.Predictions;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.sheet.Ticking.Ticked;
import lumko.app.store.Tin;
import lumko.core.drying.Climate;
import lumko.core.quantity.Limits;
import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;
import lumko.core.quantity.Volume;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** The sheet on the phone, on the desk and on paper. */
@Controller
class SheetController {
    private static final int LONGEST_REASON = 200;
    private static final int LONGEST_NOTE = 500;
    private static final int LONGEST_PLACE = 80;

    private final Sheets sheets;
    private final SheetMaking making;
    private final Ticking ticking;
    private final Closing closing;
    private final Predictions predictions;
    private final RoomSensor sensor;
    private final KeptResults results;
    private final Figures figures;
    private final GuestLinks guests;
    private final Access access;
    private final Speaker speaker;
    private final HttpServletRequest request;
    private final HttpServletResponse response;

    SheetController(
            Sheets sheets,
            SheetMaking making,
            Ticking ticking,
            Closing closing,
            Predictions predictions,
            RoomSensor sensor,
            KeptResults results,
            Figures figures,
            GuestLinks guests,
            Access access,
            Speaker speaker,
            HttpServletRequest request,
            HttpServletResponse response) {
        this.sheets = sheets;
        this.making = making;
        this.ticking = ticking;
        this.closing = closing;
        this.predictions = predictions;
        this.sensor = sensor;
        this.results = results;
        this.figures = figures;
        this.guests = guests;
        this.access = access;
        this.speaker = speaker;
        this.request = request;
        this.response = response;
    }

    private Form form(Map<String, String> typed) {
        return new Form(typed, speaker.words());
    }

    private Form empty() {
        return Form.empty(speaker.words());
    }

    @PostMapping("/flats/{flatId}/sheet")
    String make(@PathVariable UUID flatId) {
        return "redirect:/sheets/" + making.make(flatId);
    }

    @GetMapping("/sheets/{id}")
    String sheet(@PathVariable UUID id, Model model) {
        show(id, Optional.empty(), empty(), model);
        return "sheet";
    }

    /** The steps as they are now: a colleague's ticks arrive with it. */
    @GetMapping("/sheets/{id}/steps")
    String steps(@PathVariable UUID id, Model model) {
        show(id, Optional.empty(), empty(), model);
        return "sheet :: live";
    }

    /** A number that changes when anything of the sheet does: a page asks for it to know whether to ask for the steps. */
    @GetMapping(path = "/sheets/{id}/pulse", produces = MediaType.TEXT_PLAIN_VALUE)
    @ResponseBody
    String pulse(@PathVariable UUID id) {
        return String.valueOf(sheets.pulse(id));
    }

    @PostMapping("/steps/{stepId}/tick")
    String tick(@PathVariable UUID stepId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        String why = form.optionalText("why", LONGEST_REASON);
        if (form.hasErrors()) {
            why = "";
        }
        return switch (ticking.tick(stepId, why, at(typed))) {
            case Ticked.Done done -> after(done.sheetId(), Optional.empty(), form, model);
            case Ticked.StillWet wet -> {
                form.refuse("why", speaker.words().say("sheet.stillWet"));
                yield after(wet.sheetId(), Optional.of(stepId), form, model);
            }
            case Ticked.CautionFirst first -> {
                form.refuse("caution", speaker.words().say("sheet.cautionFirst"));
                yield after(first.sheetId(), Optional.of(stepId), form, model);
            }
        };
    }

    @PostMapping("/steps/{stepId}/untick")
    String untick(@PathVariable UUID stepId, Model model) {
        return after(ticking.untick(stepId), Optional.empty(), empty(), model);
    }

    /** The cautions of a step have been read. */
    @PostMapping("/steps/{stepId}/read")
    String read(@PathVariable UUID stepId, @RequestParam Map<String, String> typed, Model model) {
        return after(ticking.read(stepId, at(typed)), Optional.empty(), empty(), model);
    }

    @PostMapping("/sheets/{id}/climate")
    String climate(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        double celsius = form.celsius("temperature");
        double percent = form.number("humidity", RelativeHumidity.RANGE);
        Climate.Air air = form.one("air", Climate.Air.class);
        if (!form.hasErrors()) {
            ticking.noteClimate(
                    id, new Climate(Temperature.ofCelsius(celsius), RelativeHumidity.ofPercent(percent), air));
        }
        return after(id, Optional.empty(), form, model);
    }

    @PostMapping("/sheets/{id}/sensor")
    String sensor(@PathVariable UUID id, Model model) {
        Form form = empty();
        sensor.read(sheets.sheet(id).flat().id())
                .ifPresentOrElse(
                        climate -> ticking.noteClimate(id, climate),
                        () -> form.refuse("air", speaker.words().say("sheet.noSensor")));
        return after(id, Optional.empty(), form, model);
    }

    /** From when a paint that has to be bought is there. */
    @PostMapping("/sheets/{id}/paints")
    String paints(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        Optional<LocalDate> day = form.optionalDate("hereOn");
        if (!form.hasErrors()) {
            ticking.awaitPaint(id, form.typed("paint"), day);
        }
        return after(id, Optional.empty(), form, model);
    }

    @PostMapping("/sheets/{id}/notes")
    String note(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        String words = form.text("note", LONGEST_NOTE);
        if (!form.hasErrors()) {
            ticking.note(id, words, at(typed));
        }
        return after(id, Optional.empty(), form, model);
    }

    @PostMapping("/notes/{noteId}")
    String putNoteRight(@PathVariable UUID noteId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        String words = form.text("note", LONGEST_NOTE);
        int version = form.seenVersion();
        form.check();
        return after(ticking.putNoteRight(noteId, words, version), Optional.empty(), form, model);
    }

    @PostMapping("/notes/{noteId}/remove")
    String removeNote(@PathVariable UUID noteId, Model model) {
        return after(ticking.removeNote(noteId), Optional.empty(), empty(), model);
    }

    /** Takes up what was marked since the sheet was made. */
    @PostMapping("/sheets/{id}/faults")
    String takeUpFaults(@PathVariable UUID id, Model model) {
        making.takeUpFaults(id);
        return after(id, Optional.empty(), empty(), model);
    }

    @PostMapping("/sheets/{id}/close")
    String close(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        Sheet sheet = sheets.sheet(id);
        closing.requireFinished(sheet);
        Inspection.Seen seen = form.one("seen", Inspection.Seen.class);
        List<Inspection.From> from = Arrays.stream(Inspection.From.values())
                .filter(each -> form.yes("from-" + each.name()))
                .toList();
        if (from.isEmpty()) {
            form.refuse("from", speaker.words().say("refused.notLooked"));
        }
        String where = form.optionalText("where", LONGEST_REASON);
        if (seen == Inspection.Seen.SEEN && where.isEmpty()) {
            form.refuse(
                    "where",
                    speaker.words().say("refused.empty", speaker.words().say("field.where")));
        }
        List<Closing.TinLeft> left = sheet.paints().stream()
                .flatMap(paint -> paint.open().stream())
                .distinct()
                .map(tin -> new Closing.TinLeft(
                        tin.id(),
                        form.litres(
                                "left-in-tin--" + tin.id(),
                                new Limits("left", 0, tin.size().inLitres(), "L")),
                        form.text("place--" + tin.id(), LONGEST_PLACE),
                        seenAs(tin, form)))
                .toList();
        List<Closing.TinBought> bought = bought(sheet, form);
        if (!form.hasErrors()) {
            closing.close(id, new Inspection(seen, from, where), left, bought);
            return "redirect:/sheets/" + id;
        }
        response.setStatus(422);
        show(id, Optional.empty(), form, model);
        return "sheet";
    }

    /** Whether a tin is still as it was when the form was made; what somebody else noted meanwhile is not written over. */
    private int seenAs(Tin tin, Form form) {
        String version = "version--" + tin.id();
        if (!form.typed(version).equals(String.valueOf(tin.version()))) {
            Words words = speaker.words();
            form.refuse(
                    "left-in-tin--" + tin.id(),
                    words.say("refused.tinChanged", tin.label(), words.volume(tin.left()), tin.place()));
        }
        return tin.version();
    }

    /** Tins bought for the job; one without a label is empty and gone. */
    private static List<Closing.TinBought> bought(Sheet sheet, Form form) {
        List<Closing.TinBought> bought = new ArrayList<>();
        for (int p = 0; p < sheet.paints().size(); p++) {
            PaintNeed need = sheet.paints().get(p);
            for (int n = 0; n < need.buy().size(); n++) {
                String one = "--" + p + "-" + n;
                if (!form.typed("label" + one).isEmpty()) {
                    Volume size = need.buy().get(n);
                    bought.add(new Closing.TinBought(
                            need.paint().product().id(),
                            need.paint().colour().id(),
                            form.text("label" + one, 12),
                            size,
                            form.litres("left-in-tin" + one, new Limits("left", 0, size.inLitres(), "L")),
                            form.text("place" + one, LONGEST_PLACE)));
                }
            }
        }
        return bought;
    }

    /** What is under it grins through: one more coat on a surface. */
    @PostMapping("/sheets/{id}/coat")
    String anotherCoat(@PathVariable UUID id, @RequestParam UUID surface, Model model) {
        making.anotherCoat(id, surface);
        return after(id, Optional.empty(), empty(), model);
    }

    /** Sanding has dug a place out: it is filled once more. */
    @PostMapping("/sheets/{id}/hollow")
    String fillAgain(@PathVariable UUID id, @RequestParam UUID mark, Model model) {
        making.fillAgain(id, mark);
        return after(id, Optional.empty(), empty(), model);
    }

    /** What was seen of the work on a surface since it was done. */
    @PostMapping("/sheets/{id}/outcome")
    String outcome(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        Outcome outcome = form.one("outcome", Outcome.class);
        Look.Stood stood = form.typed("stood").isEmpty() ? Look.Stood.FRONT : form.one("stood", Look.Stood.class);
        Look.Light light = form.typed("light").isEmpty() ? Look.Light.DAYLIGHT : form.one("light", Look.Light.class);
        LocalDate on = form.optionalDate("on").orElseGet(speaker::today);
        if (on.isAfter(speaker.today())) {
            form.refuse("on", speaker.words().say("refused.notYet", on, speaker.today()));
        }
        Optional<UUID> surface = form.id("surface");
        if (!form.hasErrors()) {
            predictions.see(id, surface.orElseThrow(), new Look(outcome, stood, light, on));
        }
        return after(id, Optional.empty(), form, model);
    }

    @PostMapping("/sheets/{id}/reopen")
    String reopen(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        List<Closing.TouchedTin> touched = closing.touched(id);
        if (!touched.isEmpty() && form.typed("touched").isEmpty()) {
            model.addAttribute("touchedTins", touched);
            show(id, Optional.empty(), form, model);
            return "sheet";
        }
        Closing.TouchedTins tins =
                touched.isEmpty() ? Closing.TouchedTins.AS_NOW : form.one("touched", Closing.TouchedTins.class);
        form.check();
        closing.reopen(id, tins);
        return "redirect:/sheets/" + id;
    }

    @PostMapping("/sheets/{id}/discard")
    String discard(@PathVariable UUID id) {
        return "redirect:/flats/" + making.discard(id);
    }

    /** When something was done on the device that sends it; nothing where it does not say. */
    private static Optional<Instant> at(Map<String, String> typed) {
        try {
            return Optional.ofNullable(typed.get("at")).map(Instant::parse);
        } catch (DateTimeParseException none) {
            return Optional.empty();
        }
    }

    private boolean isHtmx() {
        return "true".equals(request.getHeader("HX-Request"));
    }

    private String after(UUID sheetId, Optional<UUID> asking, Form form, Model model) {
        if (form.hasErrors()) {
            response.setStatus(422);
        } else if (!isHtmx()) {
            return "redirect:/sheets/" + sheetId;
        }
        show(sheetId, asking, form, model);
        return isHtmx() ? "sheet :: live" : "sheet";
    }

    private void show(UUID id, Optional<UUID> asking, Form form, Model model) {
        Sheet sheet = sheets.sheet(id);
        model.addAttribute("sheet", sheet);
        model.addAttribute("me", access.member().personId());
        model.addAttribute("lead", access.member().isLead());
        model.addAttribute("view", new SheetView(sheet, figures.catalogue(), speaker.words()));
        model.addAttribute("carry", new CarryView(sheet, figures.catalogue(), speaker.words()));
        model.addAttribute("airs", Climate.Air.values());
        model.addAttribute("seens", Inspection.Seen.values());
        model.addAttribute("froms", Inspection.From.values());
        model.addAttribute("hasSensor", !(sensor instanceof NoRoomSensor));
        model.addAttribute("kept", results.ofSheet(id));
        model.addAttribute("guests", guests.ofSheet(id));
        model.addAttribute("guestDays", PaperController.DAYS);
        model.addAttribute("outcomes", Outcome.values());
        model.addAttribute("stoods", Look.Stood.values());
        model.addAttribute("lights", Look.Light.values());
        model.addAttribute("today", speaker.today());
        model.addAttribute("predictions", sheet.isOpen() ? List.of() : predictions.closed(id));
        model.addAttribute("form", form);
        model.addAttribute("asking", asking.orElse(null));
        model.addAttribute("mayTick", !access.member().isOffice());
        model.addAttribute(
                "mayClose", access.mayChangeRecordsOf(sheet.flat().house().id()));
    }
}
