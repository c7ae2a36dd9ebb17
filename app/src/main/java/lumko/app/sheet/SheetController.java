package lumko.app.sheet;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.figure.Figures;
import lumko.app.platform.Form;
import lumko.app.platform.Pdf;
import lumko.app.platform.Speaker;
import lumko.app.sheet.Sheets.Ticked;
import lumko.core.drying.Climate;
import lumko.core.quantity.RelativeHumidity;
import lumko.core.quantity.Temperature;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** The sheet on the phone, on the desk and on paper. */
@Controller
class SheetController {
    private static final int LONGEST_REASON = 200;

    private final Sheets sheets;
    private final Figures figures;
    private final Access access;
    private final Speaker speaker;
    private final Pdf pdf;

    SheetController(Sheets sheets, Figures figures, Access access, Speaker speaker, Pdf pdf) {
        this.sheets = sheets;
        this.figures = figures;
        this.access = access;
        this.speaker = speaker;
        this.pdf = pdf;
    }

    @PostMapping("/flats/{flatId}/sheet")
    String make(@PathVariable UUID flatId) {
        return "redirect:/sheets/" + sheets.make(flatId);
    }

    @GetMapping("/sheets/{id}")
    String sheet(@PathVariable UUID id, Model model) {
        show(id, Optional.empty(), Form.empty(speaker.words()), model);
        return "sheet";
    }

    /** The steps as they are now: a colleague's ticks arrive with it. */
    @GetMapping("/sheets/{id}/steps")
    String steps(@PathVariable UUID id, Model model) {
        show(id, Optional.empty(), Form.empty(speaker.words()), model);
        return "sheet :: live";
    }

    @GetMapping("/sheets/{id}/lumko-sheet.pdf")
    ResponseEntity<byte[]> paper(@PathVariable UUID id) {
        Sheet sheet = sheets.sheet(id);
        byte[] bytes = pdf.render(
                "sheet-paper",
                Map.of(
                        "sheet",
                        sheet,
                        "view",
                        new SheetView(sheet, figures.catalogue(), speaker.words()),
                        "say",
                        speaker.words(),
                        "today",
                        speaker.today()));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=lumko-sheet.pdf")
                .body(bytes);
    }

    @PostMapping("/steps/{stepId}/tick")
    String tick(
            @PathVariable UUID stepId,
            @RequestParam Map<String, String> typed,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        String why = form.optionalText("why", LONGEST_REASON);
        if (form.hasErrors()) {
            why = "";
        }
        return switch (sheets.tick(stepId, why)) {
            case Ticked.Done done -> after(done.sheetId(), Optional.empty(), form, htmx, model, response);
            case Ticked.StillWet wet -> {
                form.refuse("why", speaker.words().say("sheet.stillWet"));
                yield after(wet.sheetId(), Optional.of(stepId), form, htmx, model, response);
            }
        };
    }

    @PostMapping("/steps/{stepId}/untick")
    String untick(
            @PathVariable UUID stepId,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model,
            HttpServletResponse response) {
        return after(sheets.untick(stepId), Optional.empty(), Form.empty(speaker.words()), htmx, model, response);
    }

    @PostMapping("/sheets/{id}/climate")
    String climate(
            @PathVariable UUID id,
            @RequestParam Map<String, String> typed,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        double celsius = form.celsius("temperature");
        double percent = form.number("humidity", RelativeHumidity.RANGE);
        Climate.Air air = form.one("air", Climate.Air.class);
        if (!form.hasErrors()) {
            sheets.noteClimate(
                    id, new Climate(Temperature.ofCelsius(celsius), RelativeHumidity.ofPercent(percent), air));
        }
        return after(id, Optional.empty(), form, htmx, model, response);
    }

    @PostMapping("/sheets/{id}/close")
    String close(@PathVariable UUID id) {
        sheets.close(id);
        return "redirect:/sheets/" + id;
    }

    @PostMapping("/sheets/{id}/discard")
    String discard(@PathVariable UUID id) {
        return "redirect:/flats/" + sheets.discard(id);
    }

    private String after(
            UUID sheetId, Optional<UUID> asking, Form form, boolean htmx, Model model, HttpServletResponse response) {
        if (form.hasErrors()) {
            response.setStatus(422);
        } else if (!htmx) {
            return "redirect:/sheets/" + sheetId;
        }
        show(sheetId, asking, form, model);
        return htmx ? "sheet :: live" : "sheet";
    }

    private void show(UUID id, Optional<UUID> asking, Form form, Model model) {
        Sheet sheet = sheets.sheet(id);
        model.addAttribute("sheet", sheet);
        model.addAttribute("view", new SheetView(sheet, figures.catalogue(), speaker.words()));
        model.addAttribute("airs", Climate.Air.values());
        model.addAttribute("form", form);
        model.addAttribute("asking", asking.orElse(null));
        model.addAttribute("mayTick", !access.member().isOffice());
        model.addAttribute(
                "mayClose", access.mayChangeRecordsOf(sheet.flat().house().id()));
    }
}
