package lumko.app.sheet;

import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** Sheets made, looked at and given up. */
@Controller
class SheetController {
    private final Sheets sheets;
    private final SheetMaking making;
    private final SheetPage page;

    SheetController(Sheets sheets, SheetMaking making, SheetPage page) {
        this.sheets = sheets;
        this.making = making;
        this.page = page;
    }

    @PostMapping("/flats/{flatId}/sheet")
    String make(@PathVariable UUID flatId) {
        return "redirect:/sheets/" + making.make(flatId);
    }

    @GetMapping("/sheets/{id}")
    String sheet(@PathVariable UUID id, Model model) {
        page.show(id, model);
        return "sheet";
    }

    /** The steps as they are now: a colleague's ticks arrive with it. */
    @GetMapping("/sheets/{id}/steps")
    String steps(@PathVariable UUID id, Model model) {
        page.show(id, model);
        return "sheet :: live";
    }

    /** A number that changes when anything of the sheet does: a page asks for it to know whether to ask for the steps. */
    @GetMapping(path = "/sheets/{id}/pulse", produces = MediaType.TEXT_PLAIN_VALUE)
    @ResponseBody
    String pulse(@PathVariable UUID id) {
        return String.valueOf(sheets.pulse(id));
    }

    @PostMapping("/sheets/{id}/discard")
    String discard(@PathVariable UUID id) {
        return "redirect:/flats/" + making.discard(id);
    }
}
