package lumko.app.find;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.ColourCard;
import lumko.app.catalogue.PaintFields;
import lumko.app.catalogue.Paints;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.kept.KeptResults;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.store.Tin;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The page of a colour: what is known of it, where it is, what lies near it. */
@Controller
class ColourController {
    private final Finder finder;
    private final Paints paints;
    private final PaintFields fields;
    private final KeptResults results;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    ColourController(
            Finder finder,
            Paints paints,
            PaintFields fields,
            KeptResults results,
            History history,
            Access access,
            Speaker speaker) {
        this.finder = finder;
        this.paints = paints;
        this.fields = fields;
        this.results = results;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    @GetMapping("/colours/{id}")
    String colour(@PathVariable UUID id, Model model) {
        return colour(id, model, Form.empty(speaker.words()));
    }

    private String colour(UUID id, Model model, Form form) {
        Finder.Whereabouts whereabouts = finder.whereabouts(id);
        Colour colour = whereabouts.colour();
        model.addAttribute("is", whereabouts);
        model.addAttribute(
                "near",
                finder.near(colour.lab()).stream()
                        .filter(near -> !near.colour().equals(colour))
                        .toList());
        model.addAttribute(
                "kept",
                results.ofTins(whereabouts.shelf().tins().stream().map(Tin::id).toList()));
        model.addAttribute("form", form);
        model.addAttribute("maySet", access.member().isLead());
        model.addAttribute("mayAdd", !access.member().isOffice());
        return "colour";
    }

    private String refused(UUID id, Form form, Model model, HttpServletResponse response) {
        response.setStatus(422);
        return colour(id, model, form);
    }

    /** What is written on a colour's card or tin. */
    @PostMapping("/colours/{id}/card")
    String describe(
            @PathVariable UUID id, @RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        Colour before = Optional.ofNullable(paints.book().colours().get(id)).orElseThrow(NotFoundException::new);
        String name = form.typed("colourName").isEmpty() ? before.name() : form.text("colourName", 80);
        ColourCard card = ColourCard.read(form);
        if (!before.name().equalsIgnoreCase(name) && paints.hasColour(name)) {
            form.refuse("colourName", speaker.words().say("refused.taken", name));
        }
        int seen = form.seenVersion();
        if (form.hasErrors()) {
            return refused(id, form, model, response);
        }
        paints.describe(before.id(), name, card, seen);
        history.note(
                Subject.organisation(),
                EventKind.CORRECTED,
                "%s %s → %s %s".formatted(before.name(), before.code(), name, card.code()));
        return "redirect:/colours/" + id;
    }

    @PostMapping("/colours/{id}/merge")
    String merge(
            @PathVariable UUID id, @RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        access.requireLead();
        Form form = new Form(typed, speaker.words());
        Optional<Colour> into = fields.colour(form, "into");
        if (form.hasErrors()) {
            return refused(id, form, model, response);
        }
        paints.mergeColour(id, into.orElseThrow().id());
        return "redirect:/colours/" + into.orElseThrow().id();
    }

    @PostMapping("/colours/{id}/separate")
    String separate(@PathVariable UUID id) {
        access.requireLead();
        paints.separateColour(id);
        return "redirect:/colours/" + id;
    }
}
