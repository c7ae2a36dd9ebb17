package lumko.app.sheet;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.outcome.Look;
import lumko.app.outcome.Outcome;
import lumko.app.outcome.Predictions;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.app.sheet.Ticking.Ticked;
import lumko.core.drying.Climate;
import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What is ticked, read, measured, noted and added on a sheet on site, and what was seen of the work. */
@Controller
class OnSiteController {
    private static final int LONGEST_REASON = 200;
    private static final int LONGEST_NOTE = 500;

    private final Sheets sheets;
    private final Ticking ticking;
    private final SheetNotes notes;
    private final Additions additions;
    private final Predictions predictions;
    private final RoomSensor sensor;
    private final SheetPage page;
    private final Speaker speaker;

    OnSiteController(
            Sheets sheets,
            Ticking ticking,
            SheetNotes notes,
            Additions additions,
            Predictions predictions,
            RoomSensor sensor,
            SheetPage page,
            Speaker speaker) {
        this.sheets = sheets;
        this.ticking = ticking;
        this.notes = notes;
        this.additions = additions;
        this.predictions = predictions;
        this.sensor = sensor;
        this.page = page;
        this.speaker = speaker;
    }

    @PostMapping("/steps/{stepId}/tick")
    String tick(@PathVariable UUID stepId, @RequestParam Map<String, String> typed, Model model) {
        Form form = page.form(typed);
        String why = form.optionalText("why", LONGEST_REASON);
        if (form.hasErrors()) {
            why = "";
        }
        return switch (ticking.tick(stepId, why, at(typed))) {
            case Ticked.Done done -> page.after(done.sheetId(), Optional.empty(), form, model);
            case Ticked.StillWet wet -> {
                form.refuse("why", speaker.words().say("sheet.stillWet"));
                yield page.after(wet.sheetId(), Optional.of(stepId), form, model);
            }
            case Ticked.CautionFirst first -> {
                form.refuse("caution", speaker.words().say("sheet.cautionFirst"));
                yield page.after(first.sheetId(), Optional.of(stepId), form, model);
            }
        };
    }

    @PostMapping("/steps/{stepId}/untick")
    String untick(@PathVariable UUID stepId, Model model) {
        return page.after(ticking.untick(stepId), model);
    }

    /** The cautions of a step have been read. */
    @PostMapping("/steps/{stepId}/read")
    String read(@PathVariable UUID stepId, @RequestParam Map<String, String> typed, Model model) {
        return page.after(ticking.read(stepId, at(typed)), model);
    }

    @PostMapping("/sheets/{id}/climate")
    String climate(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = page.form(typed);
        double celsius = form.celsius("temperature");
        double percent = form.number("humidity", RelativeHumidity.RANGE);
        Climate.Air air = form.one("air", Climate.Air.class);
        if (!form.hasErrors()) {
            ticking.noteClimate(
                    id, new Climate(Temperature.ofCelsius(celsius), RelativeHumidity.ofPercent(percent), air));
        }
        return page.after(id, Optional.empty(), form, model);
    }

    @PostMapping("/sheets/{id}/sensor")
    String sensor(@PathVariable UUID id, Model model) {
        Form form = page.empty();
        sensor.read(sheets.sheet(id).flat().id())
                .ifPresentOrElse(
                        climate -> ticking.noteClimate(id, climate),
                        () -> form.refuse("air", speaker.words().say("sheet.noSensor")));
        return page.after(id, Optional.empty(), form, model);
    }

    /** From when a paint that has to be bought is there. */
    @PostMapping("/sheets/{id}/paints")
    String paints(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = page.form(typed);
        Optional<LocalDate> day = form.optionalDate("hereOn");
        if (!form.hasErrors()) {
            ticking.awaitPaint(id, form.typed("paint"), day);
        }
        return page.after(id, Optional.empty(), form, model);
    }

    @PostMapping("/sheets/{id}/notes")
    String note(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = page.form(typed);
        String words = form.text("note", LONGEST_NOTE);
        if (!form.hasErrors()) {
            notes.write(id, words, at(typed));
        }
        return page.after(id, Optional.empty(), form, model);
    }

    @PostMapping("/notes/{noteId}")
    String putNoteRight(@PathVariable UUID noteId, @RequestParam Map<String, String> typed, Model model) {
        Form form = page.form(typed);
        String words = form.text("note", LONGEST_NOTE);
        int version = form.seenVersion();
        form.check();
        return page.after(notes.putRight(noteId, words, version), Optional.empty(), form, model);
    }

    @PostMapping("/notes/{noteId}/remove")
    String removeNote(@PathVariable UUID noteId, Model model) {
        return page.after(notes.remove(noteId), model);
    }

    @PostMapping("/notes/{noteId}/back")
    String putNoteBack(@PathVariable UUID noteId, Model model) {
        return page.after(notes.putBack(noteId), model);
    }

    /** Takes up what was marked since the sheet was made. */
    @PostMapping("/sheets/{id}/faults")
    String takeUpFaults(@PathVariable UUID id, Model model) {
        additions.takeUpFaults(id);
        return page.after(id, model);
    }

    /** What is under it grins through: one more coat on a surface. */
    @PostMapping("/sheets/{id}/coat")
    String anotherCoat(@PathVariable UUID id, @RequestParam UUID surface, Model model) {
        additions.anotherCoat(id, surface);
        return page.after(id, model);
    }

    /** Sanding has dug a place out: it is filled once more. */
    @PostMapping("/sheets/{id}/hollow")
    String fillAgain(@PathVariable UUID id, @RequestParam UUID mark, Model model) {
        additions.fillAgain(id, mark);
        return page.after(id, model);
    }

    /** What was seen of the work on a surface since it was done. */
    @PostMapping("/sheets/{id}/outcome")
    String outcome(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = page.form(typed);
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
        return page.after(id, Optional.empty(), form, model);
    }

    /** When something was done on the device that sends it; nothing where it does not say. */
    private static Optional<Instant> at(Map<String, String> typed) {
        try {
            return Optional.ofNullable(typed.get("at")).map(Instant::parse);
        } catch (DateTimeParseException none) {
            return Optional.empty();
        }
    }
}
