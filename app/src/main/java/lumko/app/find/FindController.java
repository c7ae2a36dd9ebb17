package lumko.app.find;

import java.util.List;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.bench.KeptResults;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The search from anywhere, and the page of a colour. */
@Controller
class FindController {
    private final Finder finder;
    private final Store store;
    private final KeptResults results;
    private final Access access;
    private final Speaker speaker;

    FindController(Finder finder, Store store, KeptResults results, Access access, Speaker speaker) {
        this.finder = finder;
        this.store = store;
        this.results = results;
        this.access = access;
        this.speaker = speaker;
    }

    @GetMapping("/find")
    String find(@RequestParam(name = "q", defaultValue = "") String typed, Model model) {
        model.addAttribute("q", typed);
        model.addAttribute("hits", finder.find(typed));
        Form form = Form.empty(speaker.words());
        model.addAttribute(
                "near",
                typed.startsWith("#")
                        ? form.attempt("q", () -> finder.near(Form.hexOf(typed).lab()))
                                .orElse(List.of())
                        : List.of());
        model.addAttribute("form", form);
        model.addAttribute("unidentified", typed.isBlank() ? finder.unidentified() : List.of());
        return "find";
    }

    @PostMapping("/colours/{id}/merge")
    String merge(@PathVariable UUID id, @RequestParam UUID into) {
        access.requireLead();
        store.merge(id, into);
        return "redirect:/colours/" + into;
    }

    @PostMapping("/colours/{id}/separate")
    String separate(@PathVariable UUID id) {
        access.requireLead();
        store.separate(id);
        return "redirect:/colours/" + id;
    }

    @GetMapping("/colours/{id}")
    String colour(@PathVariable UUID id, Model model) {
        Finder.Whereabouts whereabouts = finder.whereabouts(id);
        model.addAttribute("is", whereabouts);
        model.addAttribute(
                "near",
                finder.near(whereabouts.colour().lab()).stream()
                        .filter(near -> !near.colour().id().equals(id))
                        .toList());
        model.addAttribute(
                "kept", results.ofTins(whereabouts.tins().stream().map(Tin::id).toList()));
        model.addAttribute("merged", store.mergedInto(whereabouts.colour().id()));
        model.addAttribute("others", store.stock().coloursByName());
        model.addAttribute("maySet", access.member().isLead());
        model.addAttribute("mayAdd", !access.member().isOffice());
        return "colour";
    }
}
