package lumko.app.store;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.PaintFields;
import lumko.app.catalogue.Paints;
import lumko.app.catalogue.Product;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.core.quantity.Limits;
import lumko.core.quantity.Volume;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The store: tins on their shelves. */
@Controller
class StoreController {
    private static final int MOST_SHOWN = 60;
    private static final int MOST_OFFERED = 12;
    private static final Limits LEFT = new Limits("left", 0, Paints.TIN_SIZE.high(), "L");

    private final Store store;
    private final Paints paints;
    private final PaintFields fields;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    StoreController(Store store, Paints paints, PaintFields fields, History history, Access access, Speaker speaker) {
        this.store = store;
        this.paints = paints;
        this.fields = fields;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    @GetMapping("/store")
    String store(@RequestParam Map<String, String> typed, Model model) {
        return show(new Form(typed, speaker.words()), model, Form.empty(speaker.words()));
    }

    /** @param looked what is looked for and whether among the empty tins too */
    private String show(Form looked, Model model, Form form) {
        PaintBook book = paints.book();
        Store.Shelf shelf = store.shelf(looked.typed("q"), looked.yes("empty"), MOST_SHOWN);
        model.addAttribute("q", looked.typed("q"));
        model.addAttribute("empty", looked.yes("empty"));
        model.addAttribute(
                "shelves",
                shelf.tins().stream()
                        .collect(Collectors.groupingBy(Tin::place, LinkedHashMap::new, Collectors.toList())));
        model.addAttribute("more", shelf.more());
        model.addAttribute(
                "canHold", !book.products().isEmpty() && !book.colours().isEmpty());
        model.addAttribute("form", form);
        model.addAttribute("mayAdd", !access.member().isOffice());
        return "store";
    }

    private String refused(Form form, Model model, HttpServletResponse response) {
        response.setStatus(422);
        return show(Form.empty(speaker.words()), model, form);
    }

    /** What a field that takes a tin offers for the letters in it. */
    @GetMapping("/store/tins/like")
    String tinsLike(@RequestParam String field, @RequestParam Map<String, String> typed, Model model) {
        List<Tin> tins = store.shelf(Plain.line(typed.getOrDefault(field, "")), false, MOST_OFFERED)
                .tins();
        model.addAttribute("tins", tins);
        return "lookup :: tins";
    }

    /** A tin as it is typed; what cannot be has its sentence in the form. */
    private record Typed(
            String label,
            Optional<Product> product,
            Optional<Colour> colour,
            String batch,
            Volume size,
            Volume left,
            String place,
            String tintedAt) {
        Paint paint() {
            return new Paint(product.orElseThrow(), colour.orElseThrow());
        }
    }

    private Typed typed(Form form, String labelBefore) {
        Typed typed = new Typed(
                form.text("label", 12),
                fields.product(form, "productId"),
                fields.colour(form, "colourId"),
                form.optionalText("batch", Store.MOST_OF_BATCH),
                form.litres("size", Paints.TIN_SIZE),
                form.litres("left-in-tin", LEFT),
                form.text("place", 80),
                form.optionalText("tintedAt", 80));
        requireFits(form, "left-in-tin", typed.left, typed.size);
        requireFree(form, typed.label, labelBefore);
        return typed;
    }

    private void requireFits(Form form, String field, Volume left, Volume size) {
        if (!form.hasErrors() && left.compareTo(size) > 0) {
            form.refuse(field, speaker.words().say("refused.moreThanTin", left, size));
        }
    }

    private void requireFree(Form form, String label, String labelBefore) {
        if (!form.hasErrors() && !label.equals(labelBefore) && store.hasTinLabelled(label)) {
            form.refuse("label", speaker.words().say("refused.taken", label));
        }
    }

    @PostMapping("/store/tins")
    String addTin(
            @RequestParam Map<String, String> fields,
            Model model,
            HttpServletResponse response,
            RedirectAttributes after) {
        access.requirePainter();
        Form form = new Form(fields, speaker.words());
        Typed tin = typed(form, "");
        if (form.hasErrors()) {
            return refused(form, model, response);
        }
        store.addTin(
                tin.label,
                tin.paint().product().id(),
                tin.paint().colour().id(),
                tin.batch,
                tin.size,
                tin.left,
                tin.place,
                tin.tintedAt);
        // where there are many, it is seen at once
        after.addAttribute("q", tin.label);
        return "redirect:/store";
    }

    @GetMapping("/store/tins/{tinId}")
    String tin(@PathVariable UUID tinId, Model model) {
        return tin(tinId, model, Form.empty(speaker.words()));
    }

    private String tin(UUID tinId, Model model, Form form) {
        Tin tin = store.tin(tinId).orElseThrow(NotFoundException::new);
        model.addAttribute("t", tin);
        model.addAttribute("form", form);
        model.addAttribute("mayAdd", !access.member().isOffice());
        model.addAttribute(
                "mayPour", !tin.left().equals(Volume.ZERO) && !others(tin).isEmpty());
        return "tin";
    }

    /** Puts right what was entered of a tin, and where it stands. */
    @PostMapping("/store/tins/{tinId}")
    String changeTin(
            @PathVariable UUID tinId,
            @RequestParam Map<String, String> fields,
            Model model,
            HttpServletResponse response) {
        access.requirePainter();
        Tin before = store.tin(tinId).orElseThrow(NotFoundException::new);
        Form form = new Form(fields, speaker.words());
        Typed tin = typed(form, before.label());
        int seen = form.seenVersion();
        if (form.hasErrors()) {
            response.setStatus(422);
            return tin(tinId, model, form);
        }
        store.change(tinId, tin.label, tin.paint(), tin.batch, tin.size, tin.left, tin.place, tin.tintedAt, seen);
        Tin after = store.tin(tinId).orElseThrow();
        history.note(Subject.organisation(), EventKind.CORRECTED, said(before) + " → " + said(after));
        return "redirect:/store/tins/" + tinId;
    }

    private String said(Tin tin) {
        return String.join(
                ", ",
                tin.label(),
                tin.paint().name(),
                speaker.words().volume(tin.left()) + "/" + speaker.words().volume(tin.size()),
                tin.place());
    }

    @GetMapping("/store/tins/{tinId}/pour")
    String pour(@PathVariable UUID tinId, Model model) {
        return pour(store.tin(tinId).orElseThrow(NotFoundException::new), model, Form.empty(speaker.words()));
    }

    private String pour(Tin tin, Model model, Form form) {
        access.requirePainter();
        List<Tin> others = others(tin);
        Volume together = others.stream().map(Tin::left).reduce(tin.left(), Volume::plus);
        model.addAttribute("t", tin);
        model.addAttribute("others", others);
        model.addAttribute("together", together);
        model.addAttribute("isInOneOfItsSize", together.compareTo(tin.size()) <= 0);
        model.addAttribute("form", form);
        return "tin-pour";
    }

    /** Those of the same paint in which something is left. */
    private List<Tin> others(Tin tin) {
        return store.tinsOf(List.of(tin.paint())).getOrDefault(tin.paint(), List.of()).stream()
                .filter(other -> !other.id().equals(tin.id()) && !other.left().equals(Volume.ZERO))
                .toList();
    }

    /** Pours a tin together with others of its paint. */
    @PostMapping("/store/tins/{tinId}/pour")
    String pour(
            @PathVariable UUID tinId,
            @RequestParam Map<String, String> fields,
            Model model,
            HttpServletResponse response) {
        access.requirePainter();
        Tin tin = store.tin(tinId).orElseThrow(NotFoundException::new);
        Form form = new Form(fields, speaker.words());
        List<Store.Seen> seen = new ArrayList<>(List.of(new Store.Seen(tinId, form.seenVersion())));
        Volume together = tin.left();
        List<String> labels = new ArrayList<>(List.of(tin.label()));
        for (Tin other : others(tin)) {
            String version = form.typed("with-" + other.id());
            if (!version.isEmpty()) {
                Form theirs = new Form(Map.of("version", version), speaker.words());
                seen.add(new Store.Seen(other.id(), theirs.seenVersion()));
                theirs.sentences().forEach(sentence -> form.refuse("with", sentence));
                together = together.plus(other.left());
                labels.add(other.label());
            }
        }
        long ticked = fields.keySet().stream()
                .filter(field -> field.startsWith("with-"))
                .count();
        if (ticked > seen.size() - 1) {
            // one of them was emptied, or became another paint
            throw new ChangedMeanwhileException();
        }
        String label = form.text("label", 12);
        Volume size = form.litres("size", Paints.TIN_SIZE);
        String place = form.text("place", 80);
        if (ticked == 0) {
            form.refuse("with", speaker.words().say("refused.pouredWithNone"));
        }
        requireFits(form, "size", together, size);
        requireFree(form, label, "");
        if (form.hasErrors()) {
            response.setStatus(422);
            return pour(tin, model, form);
        }
        UUID poured = store.pour(seen, label, size, place);
        history.note(
                Subject.organisation(),
                EventKind.CORRECTED,
                speaker.words()
                        .say(
                                "pour.noted",
                                String.join(" + ", labels),
                                said(store.tin(poured).orElseThrow())));
        return "redirect:/store/tins/" + poured;
    }

    @PostMapping("/store/tins/{tinId}/dip")
    String dip(
            @PathVariable UUID tinId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        Volume left = form.litres("left-in-tin", LEFT);
        int seen = form.seenVersion();
        if (!form.hasErrors()) {
            form.attempt("left-in-tin", () -> {
                store.dip(tinId, left, seen);
                return tinId;
            });
        }
        return form.hasErrors() ? refused(form, model, response) : "redirect:/store";
    }
}
