package lumko.app.sheet;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.store.Tin;
import lumko.core.quantity.Limits;
import lumko.core.quantity.Volume;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Sheets closed into the record, and opened again. */
@Controller
class ClosingController {
    private static final int LONGEST_WHERE = 200;
    private static final int LONGEST_PLACE = 80;

    private final Sheets sheets;
    private final Closing closing;
    private final Reopening reopening;
    private final SheetPage page;
    private final Speaker speaker;
    private final HttpServletResponse response;

    ClosingController(
            Sheets sheets,
            Closing closing,
            Reopening reopening,
            SheetPage page,
            Speaker speaker,
            HttpServletResponse response) {
        this.sheets = sheets;
        this.closing = closing;
        this.reopening = reopening;
        this.page = page;
        this.speaker = speaker;
        this.response = response;
    }

    @PostMapping("/sheets/{id}/close")
    String close(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = page.form(typed);
        Sheet sheet = sheets.sheet(id);
        closing.requireFinished(sheet);
        Inspection.Seen seen = form.one("seen", Inspection.Seen.class);
        List<Inspection.From> from = Arrays.stream(Inspection.From.values())
                .filter(each -> form.yes("from-" + each.name()))
                .toList();
        if (from.isEmpty()) {
            form.refuse("from", speaker.words().say("refused.notLooked"));
        }
        String where = form.optionalText("where", LONGEST_WHERE);
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
        page.show(id, Optional.empty(), form, model);
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

    @PostMapping("/sheets/{id}/reopen")
    String reopen(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        Form form = page.form(typed);
        List<Reopening.TouchedTin> touched = reopening.touched(id);
        if (!touched.isEmpty() && form.typed("touched").isEmpty()) {
            model.addAttribute("touchedTins", touched);
            page.show(id, Optional.empty(), form, model);
            return "sheet";
        }
        Reopening.TouchedTins tins =
                touched.isEmpty() ? Reopening.TouchedTins.AS_NOW : form.one("touched", Reopening.TouchedTins.class);
        form.check();
        reopening.reopen(id, tins);
        return "redirect:/sheets/" + id;
    }
}
