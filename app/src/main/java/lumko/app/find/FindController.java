package lumko.app.find;

import java.util.List;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The search from anywhere. */
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
        Finder.Found found = finder.find(typed);
        model.addAttribute("hits", found.hits());
        model.addAttribute("hasMore", found.hasMore());
        model.addAttribute("meant", found.meant());
        Form form = Form.empty(speaker.words());
        model.addAttribute(
                "near",
                typed.startsWith("#")
                        ? form.attempt("q", () -> finder.near(Form.hexOf(typed).lab()))
                                .orElse(List.of())
                        : List.of());
        model.addAttribute("form", form);
        if (typed.isBlank()) {
            model.addAttribute("unidentified", finder.unidentified());
        }
        return "find";
    }
}
