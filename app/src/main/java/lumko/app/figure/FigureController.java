package lumko.app.figure;

import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.core.figure.Figure;
import lumko.core.figure.FigureGroup;
import lumko.core.quantity.Limits;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Every figure that a plan rests on, with its unit, where it came from, and a way to set one's own. */
@Controller
class FigureController {
    private final Figures figures;
    private final Access access;
    private final Speaker speaker;

    FigureController(Figures figures, Access access, Speaker speaker) {
        this.figures = figures;
        this.access = access;
        this.speaker = speaker;
    }

    @GetMapping("/figures")
    String all(Model model) {
        return show(model, Form.empty(speaker.words()), null);
    }

    private String show(Model model, Form form, @Nullable Figure asked) {
        Map<FigureGroup, List<Figures.Entry>> groups = figures.all().stream()
                .collect(Collectors.groupingBy(
                        entry -> entry.figure().group(), LinkedHashMap::new, Collectors.toList()));
        model.addAttribute("groups", groups);
        model.addAttribute("form", form);
        model.addAttribute("asked", asked);
        model.addAttribute("maySet", access.member().isLead());
        return "figures";
    }

    @PostMapping("/figures/{name}")
    String set(
            @PathVariable String name,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requireLead();
        Figure figure = figure(name);
        Form form = new Form(typed, speaker.words());
        if (form.yes("reset")) {
            figures.reset(figure);
            return "redirect:/figures#" + figure.name();
        }
        double amount = form.number(
                "amount",
                new Limits(
                        figure.name(),
                        figure.low(),
                        figure.high(),
                        speaker.words().name(figure.unit())));
        String why = form.text("why", 200);
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form, figure);
        }
        figures.set(figure, amount, why);
        return "redirect:/figures#" + figure.name();
    }

    private static Figure figure(String name) {
        for (Figure figure : Figure.values()) {
            if (figure.name().equals(name)) {
                return figure;
            }
        }
        throw new NotFoundException();
    }
}
