package lumko.app.figure;

import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
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

    /**
     * One group of figures, or all that have the words typed.
     *
     * @param set the figure whose form is open, without scripts
     */
    @GetMapping("/figures")
    String all(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String group,
            @RequestParam(defaultValue = "") String set,
            Model model) {
        Optional<Figure> asked = set.isEmpty() ? Optional.empty() : Optional.of(figure(set));
        FigureGroup shown = Plain.oneOf(FigureGroup.values(), group)
                .or(() -> asked.map(Figure::group))
                .orElse(FigureGroup.values()[0]);
        return show(model, q, shown, Form.empty(speaker.words()), asked.orElse(null));
    }

    private String show(Model model, String typed, FigureGroup group, Form form, @Nullable Figure asked) {
        Words words = speaker.words();
        Map<FigureGroup, List<Figures.Entry>> groups = figures.all().stream()
                .filter(entry -> typed.isBlank()
                        ? entry.figure().group() == group
                        : Plain.holds(
                                typed,
                                words.say("figure." + entry.figure().name()),
                                words.name(entry.figure().unit()),
                                words.name(entry.figure().group())))
                .collect(Collectors.groupingBy(
                        entry -> entry.figure().group(), LinkedHashMap::new, Collectors.toList()));
        model.addAttribute("groups", groups);
        model.addAttribute("all", FigureGroup.values());
        model.addAttribute("shown", typed.isBlank() ? group : null);
        model.addAttribute("q", typed);
        model.addAttribute("form", form);
        model.addAttribute("asked", asked);
        model.addAttribute("maySet", access.member().isLead());
        return "figures";
    }

    /** The form of one figure, in its place on the page. */
    @GetMapping("/figures/{name}")
    String one(@PathVariable String name, Model model) {
        access.requireLead();
        Figure figure = figure(name);
        model.addAttribute("form", Form.empty(speaker.words()));
        model.addAttribute("e", figures.entry(figure));
        return "figures :: set";
    }

    @PostMapping("/figures/{name}")
    String set(
            @PathVariable String name,
            @RequestParam Map<String, String> fields,
            Model model,
            HttpServletResponse response) {
        access.requireLead();
        Figure figure = figure(name);
        Form form = new Form(fields, speaker.words());
        if (form.yes("reset")) {
            figures.reset(figure);
            return at(figure);
        }
        Words words = speaker.words();
        double typed = form.number(
                "amount",
                new Limits(
                        figure.name(),
                        words.shown(figure.low(), figure.unit()),
                        words.shown(figure.high(), figure.unit()),
                        words.name(figure.unit())));
        String why = form.text("why", 200);
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, "", figure.group(), form, figure);
        }
        // what is said as the limit is the limit, to the last digit
        double amount = Math.clamp(words.stored(typed, figure.unit()), figure.low(), figure.high());
        figures.set(figure, amount, why);
        return at(figure);
    }

    private static String at(Figure figure) {
        return "redirect:/figures?group=" + figure.group() + "#" + figure.name();
    }

    private static Figure figure(String name) {
        return Plain.oneOf(Figure.values(), name).orElseThrow(NotFoundException::new);
    }
}
