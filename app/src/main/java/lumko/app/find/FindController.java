package lumko.app.find;

import java.util.List;
import java.util.UUID;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.core.colour.Srgb;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The search from anywhere, and the page of a colour. */
@Controller
class FindController {
    private final Finder finder;
    private final Speaker speaker;

    FindController(Finder finder, Speaker speaker) {
        this.finder = finder;
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
                        ? form.attempt(
                                        "q",
                                        () -> finder.near(
                                                Srgb.ofHex(typed.strip()).lab()))
                                .orElse(List.of())
                        : List.of());
        model.addAttribute("form", form);
        model.addAttribute("unidentified", typed.isBlank() ? finder.unidentified() : List.of());
        return "find";
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
        return "colour";
    }
}
