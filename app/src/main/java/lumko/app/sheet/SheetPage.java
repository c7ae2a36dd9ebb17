package lumko.app.sheet;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
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
import lumko.core.drying.Climate;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The page of a sheet, whole or the part of it that changes on site. */
@Component
class SheetPage {
    private final Sheets sheets;
    private final Predictions predictions;
    private final RoomSensor sensor;
    private final KeptResults results;
    private final Figures figures;
    private final GuestLinks guests;
    private final Access access;
    private final Speaker speaker;
    private final HttpServletRequest request;
    private final HttpServletResponse response;

    SheetPage(
            Sheets sheets,
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

    Form form(Map<String, String> typed) {
        return new Form(typed, speaker.words());
    }

    Form empty() {
        return Form.empty(speaker.words());
    }

    /** The sheet as nobody has typed anything on it. */
    void show(UUID id, Model model) {
        show(id, Optional.empty(), empty(), model);
    }

    private boolean isHtmx() {
        return "true".equals(request.getHeader("HX-Request"));
    }

    /** After a change that nothing stands against. */
    String after(UUID sheetId, Model model) {
        return after(sheetId, Optional.empty(), empty(), model);
    }

    /**
     * After a change, or what stands against it: the part that changes where the page asked for it, else the page.
     *
     * @param asking the step that asks for something before it is ticked
     */
    String after(UUID sheetId, Optional<UUID> asking, Form form, Model model) {
        if (form.hasErrors()) {
            response.setStatus(422);
        } else if (!isHtmx()) {
            return "redirect:/sheets/" + sheetId;
        }
        show(sheetId, asking, form, model);
        return isHtmx() ? "sheet :: live" : "sheet";
    }

    void show(UUID id, Optional<UUID> asking, Form form, Model model) {
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
