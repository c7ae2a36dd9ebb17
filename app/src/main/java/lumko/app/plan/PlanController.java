package lumko.app.plan;

import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** The plan: what stands, what is offered, why a flat is late. */
@Controller
class PlanController {
    private final PlanDesk desk;
    private final Searches searches;
    private final Planning planning;
    private final Prospects prospects;

    PlanController(PlanDesk desk, Searches searches, Planning planning, Prospects prospects) {
        this.desk = desk;
        this.searches = searches;
        this.planning = planning;
        this.prospects = prospects;
    }

    /** Looking at a plan that has been overtaken asks for a search: what happened is in it when one looks again. */
    @GetMapping("/plan")
    String plan(
            @RequestParam(defaultValue = "WEEK") PlanDesk.Zoom zoom,
            @RequestParam Optional<UUID> flat,
            @RequestParam Optional<UUID> offer,
            @RequestParam Optional<Integer> from,
            Model model) {
        if (searches.isOvertaken()) {
            ask();
        }
        return show(zoom, flat, offer, from, model);
    }

    private String show(
            PlanDesk.Zoom zoom, Optional<UUID> flat, Optional<UUID> offer, Optional<Integer> from, Model model) {
        model.addAttribute("plan", desk.view(zoom, flat, offer, from));
        model.addAttribute("zoom", zoom);
        model.addAttribute("zooms", PlanDesk.Zoom.values());
        return "plan";
    }

    /** When a flat is ready, for its sheet: nothing where it is not planned. */
    @GetMapping("/plan/flats/{flat}")
    String prospect(@PathVariable UUID flat, Model model) {
        model.addAttribute("prospect", prospects.readiness(flat).orElse(null));
        return "plan-prospect :: line";
    }

    /** The drawing as a table: read when somebody opens it, because it is as long as the drawing is large. */
    @GetMapping("/plan/table")
    String table(
            @RequestParam(defaultValue = "WEEK") PlanDesk.Zoom zoom,
            @RequestParam Optional<UUID> offer,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean isUpdate,
            Model model) {
        model.addAttribute("lines", desk.lines(zoom, offer));
        return isUpdate ? "plan :: lines" : show(zoom, Optional.empty(), offer, Optional.empty(), model);
    }

    /** How far the search is: asked for again and again while it runs, and the last time once it is over. */
    @GetMapping("/plan/search")
    String searching(Model model) {
        model.addAttribute("search", desk.search(true).orElse(null));
        model.addAttribute("mayStop", desk.mayTake());
        return "plan-search :: state";
    }

    @PostMapping("/plan/search")
    String ask() {
        try {
            searches.ask();
        } catch (DataIntegrityViolationException askedMeanwhile) {
            // somebody else has asked at the same moment: one search is enough
        }
        return "redirect:/plan";
    }

    @PostMapping("/plan/search/stop")
    String stop() {
        searches.stop();
        return "redirect:/plan";
    }

    @PostMapping("/plan/{id}/take")
    String take(@PathVariable UUID id) {
        planning.take(id);
        return "redirect:/plan";
    }

    @PostMapping("/plan/back")
    String takeBack() {
        planning.takeBack();
        return "redirect:/plan";
    }
}
