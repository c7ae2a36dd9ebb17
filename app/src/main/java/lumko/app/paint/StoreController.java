package lumko.app.paint;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.platform.Form;
import lumko.app.platform.Plain;
import lumko.app.platform.RefusedException;
import lumko.app.platform.Speaker;
import lumko.core.colour.Lab;
import lumko.core.colour.Srgb;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.paint.DryFilm;
import lumko.core.paint.Sheen;
import lumko.core.quantity.Limits;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The store: tins on their shelves, and the products and colours they hold. */
@Controller
class StoreController {
    private static final int LONGEST_FORMULA = 500;

    private final Store store;
    private final Access access;
    private final Speaker speaker;

    StoreController(Store store, Access access, Speaker speaker) {
        this.store = store;
        this.access = access;
        this.speaker = speaker;
    }

    @ModelAttribute("binders")
    Binder[] binders() {
        return Binder.values();
    }

    @ModelAttribute("kinds")
    PaintKind[] kinds() {
        return PaintKind.values();
    }

    @ModelAttribute("paintBases")
    Base[] paintBases() {
        return Base.values();
    }

    @ModelAttribute("sheens")
    Sheen[] sheens() {
        return Sheen.values();
    }

    @GetMapping("/store")
    String store(Model model) {
        return show(model, Form.empty(speaker.words()));
    }

    private String show(Model model, Form form) {
        Store.Stock stock = store.stock();
        model.addAttribute("stock", stock);
        model.addAttribute("shelves", shelves(stock));
        model.addAttribute("form", form);
        model.addAttribute("merged", store.mergedProducts());
        model.addAttribute("mayAdd", !access.member().isOffice());
        model.addAttribute("mayMerge", access.member().isLead());
        return "store";
    }

    /** Tins by place, in the order of the places. */
    private static Map<String, List<Tin>> shelves(Store.Stock stock) {
        Map<String, List<Tin>> shelves = new LinkedHashMap<>();
        stock.onShelf()
                .forEach(tin -> shelves.computeIfAbsent(tin.place(), place -> new ArrayList<>())
                        .add(tin));
        return shelves;
    }

    @PostMapping("/store/colours")
    String addColour(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        String name = form.text("colourName", 80);
        String code = form.optionalText("code", 30);
        String maker = form.optionalText("colourMaker", 80);
        String formula = form.optionalText("formula", LONGEST_FORMULA);
        Optional<Lab> lab = lab(form);
        Optional<Srgb> screen = form.hex("screen");
        if (store.hasColour(name)) {
            form.refuse("colourName", speaker.words().say("refused.taken", name));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form);
        }
        UUID id = store.addColour(name, code, maker, formula, screen.orElseThrow());
        lab.ifPresent(known -> store.give(id, known));
        return "redirect:/store";
    }

    /** L*, a*, b* of a card, where somebody has typed any of them. */
    private static Optional<Lab> lab(Form form) {
        if (Stream.of("lightness", "a", "b").allMatch(field -> form.typed(field).isEmpty())) {
            return Optional.empty();
        }
        double lightness = form.number("lightness", Store.LIGHTNESS);
        double a = form.number("a", Store.AXIS);
        double b = form.number("b", Store.AXIS);
        return form.hasErrors() ? Optional.empty() : Optional.of(new Lab(lightness, a, b));
    }

    /** What is written on a colour's card or tin. */
    @PostMapping("/colours/{colourId}/card")
    String describeColour(
            @PathVariable UUID colourId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        String code = form.optionalText("code", 30);
        String maker = form.optionalText("colourMaker", 80);
        String formula = form.optionalText("formula", LONGEST_FORMULA);
        Optional<Lab> lab = lab(form);
        int seen = form.whole("version", new Limits("version", 0, 1e9, ""));
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form);
        }
        store.describe(colourId, code, maker, formula, seen);
        lab.ifPresent(known -> store.give(colourId, known));
        return "redirect:/colours/" + colourId;
    }

    @PostMapping("/store/products")
    String addProduct(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        String maker = form.text("maker", 80);
        String line = form.optionalText("line", 80);
        String name = form.text("product", 80);
        PaintKind kind = form.one("kind", PaintKind.class);
        Base base = form.one("base", Base.class);
        Sheen sheen = form.one("sheen", Sheen.class);
        double gloss = form.number("gloss", Store.GLOSS);
        Binder binder = form.one("binder", Binder.class);
        List<Volume> sizes = sizes(form);
        if (store.hasProduct(maker, name)) {
            form.refuse("product", speaker.words().say("refused.taken", name));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form);
        }
        store.addProduct(new NewProduct(maker, line, name, kind, base, sheen, gloss, binder, sizes));
        return "redirect:/store";
    }

    /** Tin sizes on sale, in litres, separated by spaces. */
    private static List<Volume> sizes(Form form) {
        List<Volume> sizes = new ArrayList<>();
        for (String part : form.typed("sizes").replace(',', '.').split("\\s+")) {
            if (!part.isEmpty()) {
                form.attempt(
                                "sizes",
                                () -> Volume.ofLitres(Store.TIN_SIZE.check(Plain.number(part)
                                        .orElseThrow(() -> new RefusedException("refused.sizes", Plain.quoted(part))))))
                        .ifPresent(sizes::add);
            }
        }
        return sizes.stream().distinct().toList();
    }

    /** What the maker says of a coat. */
    @PostMapping("/store/products/{productId}/sheet")
    String describe(
            @PathVariable UUID productId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        double spread = form.number("spread", DryFilm.SPREAD);
        double solids = form.number("solids", DryFilm.SOLIDS);
        double contrast = form.number("contrast", DataSheet.CONTRAST);
        Optional<Duration> recoat = form.typed("recoat").isEmpty()
                ? Optional.empty()
                : Optional.of(Times.ofHours(form.number("recoat", DataSheet.RECOAT)));
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form);
        }
        store.describe(productId, new DataSheet(spread, solids, contrast, recoat));
        return "redirect:/store#products";
    }

    @PostMapping("/store/products/{productId}/made")
    String made(@PathVariable UUID productId, @RequestParam boolean still, @RequestParam Optional<UUID> substitute) {
        access.requirePainter();
        if (still) {
            store.continueAgain(productId);
        } else {
            store.discontinue(productId, substitute);
        }
        return "redirect:/store#products";
    }

    @PostMapping("/store/products/{productId}/merge")
    String merge(@PathVariable UUID productId, @RequestParam UUID into) {
        access.requireLead();
        store.mergeProduct(productId, into);
        return "redirect:/store#products";
    }

    @PostMapping("/store/products/{productId}/separate")
    String separate(@PathVariable UUID productId) {
        access.requireLead();
        store.separateProduct(productId);
        return "redirect:/store#products";
    }

    @PostMapping("/store/tins")
    String addTin(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        String label = form.text("label", 12);
        Optional<UUID> product = form.id("productId");
        Optional<UUID> colour = form.id("colourId");
        String batch = form.optionalText("batch", 30);
        Volume size = form.litres("size", Store.TIN_SIZE);
        Volume left = form.litres("left-in-tin", new Limits("left", 0, Store.TIN_SIZE.high(), "L"));
        String place = form.text("place", 80);
        String tintedAt = form.optionalText("tintedAt", 80);
        if (!form.hasErrors() && left.compareTo(size) > 0) {
            form.refuse("left-in-tin", speaker.words().say("refused.moreThanTin", left, size));
        }
        if (!form.hasErrors() && store.hasTinLabelled(label)) {
            form.refuse("label", speaker.words().say("refused.taken", label));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form);
        }
        store.addTin(label, product.orElseThrow(), colour.orElseThrow(), batch, size, left, place, tintedAt);
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
        Volume left = form.litres("left-in-tin", new Limits("left", 0, Store.TIN_SIZE.high(), "L"));
        int seen = form.whole("version", new Limits("version", 0, 1e9, ""));
        if (!form.hasErrors()) {
            form.attempt("left-in-tin", () -> {
                store.dip(tinId, left, seen);
                return tinId;
            });
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form);
        }
        return "redirect:/store";
    }
}
