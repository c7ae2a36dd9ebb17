package lumko.app.store;

import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.PaintFields;
import lumko.app.catalogue.Paints;
import lumko.app.catalogue.Product;
import lumko.app.platform.Form;
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

/** The store: tins on their shelves. */
@Controller
class StoreController {
    private static final int MOST_SHOWN = 60;
    private static final int MOST_OFFERED = 12;
    private static final Limits LEFT = new Limits("left", 0, Paints.TIN_SIZE.high(), "L");

    private final Store store;
    private final Paints paints;
    private final PaintFields fields;
    private final Access access;
    private final Speaker speaker;

    StoreController(Store store, Paints paints, PaintFields fields, Access access, Speaker speaker) {
        this.store = store;
        this.paints = paints;
        this.fields = fields;
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

    @PostMapping("/store/tins")
    String addTin(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        String label = form.text("label", 12);
        Optional<Product> product = fields.product(form, "productId");
        Optional<Colour> colour = fields.colour(form, "colourId");
        String batch = form.optionalText("batch", 30);
        Volume size = form.litres("size", Paints.TIN_SIZE);
        Volume left = form.litres("left-in-tin", LEFT);
        String place = form.text("place", 80);
        String tintedAt = form.optionalText("tintedAt", 80);
        if (!form.hasErrors() && left.compareTo(size) > 0) {
            form.refuse("left-in-tin", speaker.words().say("refused.moreThanTin", left, size));
        }
        if (!form.hasErrors() && store.hasTinLabelled(label)) {
            form.refuse("label", speaker.words().say("refused.taken", label));
        }
        if (form.hasErrors()) {
            return refused(form, model, response);
        }
        store.addTin(label, product.orElseThrow().id(), colour.orElseThrow().id(), batch, size, left, place, tintedAt);
        return "redirect:/store";
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
        int seen = form.whole("version", new Limits("version", 0, 1e9, ""));
        if (!form.hasErrors()) {
            form.attempt("left-in-tin", () -> {
                store.dip(tinId, left, seen);
                return tinId;
            });
        }
        return form.hasErrors() ? refused(form, model, response) : "redirect:/store";
    }
}
