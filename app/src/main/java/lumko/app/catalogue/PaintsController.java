package lumko.app.catalogue;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.core.colour.Lab;
import lumko.core.colour.Srgb;
import lumko.core.figure.FigureUnit;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.paint.DryFilm;
import lumko.core.paint.Sheen;
import lumko.core.quantity.Limits;
import lumko.core.quantity.Times;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Products and colours: found, added, a product with what its maker says. */
@Controller
class PaintsController {
    private static final FigureUnit SPREAD = FigureUnit.SQUARE_METRES_PER_LITRE;
    private static final int MOST_LISTED = 30;
    private static final int MOST_OFFERED = 12;

    private final Paints paints;
    private final PaintFields fields;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    PaintsController(Paints paints, PaintFields fields, History history, Access access, Speaker speaker) {
        this.paints = paints;
        this.fields = fields;
        this.history = history;
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

    @GetMapping("/paints")
    String paints(@RequestParam(name = "q", defaultValue = "") String typed, Model model) {
        return list(typed, model, Form.empty(speaker.words()));
    }

    private String list(String typed, Model model, Form form) {
        PaintBook book = paints.book();
        List<Product> products = book.productsLike(typed, Integer.MAX_VALUE);
        model.addAttribute("q", typed);
        model.addAttribute("products", products.stream().limit(MOST_LISTED).toList());
        model.addAttribute("moreProducts", Math.max(0, products.size() - MOST_LISTED));
        model.addAttribute("colours", book.coloursLike(typed, MOST_LISTED));
        model.addAttribute("moreColours", Math.max(0, book.countColoursLike(typed) - MOST_LISTED));
        model.addAttribute("form", form);
        model.addAttribute("mayAdd", !access.member().isOffice());
        return "paints";
    }

    /** What a field that takes a colour offers for the letters in it. */
    @GetMapping("/paints/colours/like")
    String coloursLike(@RequestParam String field, @RequestParam Map<String, String> typed, Model model) {
        model.addAttribute(
                "colours", paints.book().coloursLike(Plain.line(typed.getOrDefault(field, "")), MOST_OFFERED));
        return "lookup :: colours";
    }

    /** What a field that takes a product offers for the letters in it. */
    @GetMapping("/paints/products/like")
    String productsLike(@RequestParam String field, @RequestParam Map<String, String> typed, Model model) {
        model.addAttribute(
                "products", paints.book().productsLike(Plain.line(typed.getOrDefault(field, "")), MOST_OFFERED));
        return "lookup :: products";
    }

    @PostMapping("/paints/colours")
    String addColour(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        String name = form.text("colourName", 80);
        ColourCard card = ColourCard.read(form);
        Optional<Srgb> screen = form.hex("screen");
        if (paints.hasColour(name)) {
            form.refuse("colourName", speaker.words().say("refused.taken", name));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return list("", model, form);
        }
        UUID id = paints.addColour(name, card.code(), card.maker(), card.formula(), screen.orElseThrow());
        Optional<Lab> lab = card.lab();
        lab.ifPresent(known -> paints.give(id, known));
        return "redirect:/colours/" + id;
    }

    @PostMapping("/paints/products")
    String addProduct(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        NewProduct product = NewProduct.read(form);
        if (paints.hasProduct(product.maker(), product.name())) {
            form.refuse("product", speaker.words().say("refused.taken", product.name()));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return list("", model, form);
        }
        return "redirect:/products/" + paints.addProduct(product);
    }

    // ---- one product

    @GetMapping("/products/{productId}")
    String product(@PathVariable UUID productId, Model model) {
        return product(productId, model, Form.empty(speaker.words()));
    }

    private String product(UUID productId, Model model, Form form) {
        PaintBook book = paints.book();
        Product product = Optional.ofNullable(book.products().get(productId)).orElseThrow(NotFoundException::new);
        model.addAttribute("p", product);
        model.addAttribute("spreadUnit", SPREAD);
        model.addAttribute(
                "sizes",
                product.sizes().stream()
                        .map(size -> speaker.words().number(size.inLitres(), 3))
                        .collect(Collectors.joining(" ")));
        model.addAttribute("substitute", product.substitute().map(book.products()::get));
        model.addAttribute(
                "merged",
                book.mergedProducts().stream()
                        .filter(merged -> merged.into().equals(product.id()))
                        .toList());
        model.addAttribute("form", form);
        model.addAttribute("mayAdd", !access.member().isOffice());
        model.addAttribute("mayMerge", access.member().isLead());
        return "product";
    }

    private String refused(UUID productId, Form form, Model model, HttpServletResponse response) {
        response.setStatus(422);
        return product(productId, model, form);
    }

    /** Puts right what was entered of a product. */
    @PostMapping("/products/{productId}")
    String change(
            @PathVariable UUID productId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requirePainter();
        Product before =
                Optional.ofNullable(paints.book().products().get(productId)).orElseThrow(NotFoundException::new);
        Form form = new Form(typed, speaker.words());
        NewProduct to = NewProduct.read(form);
        boolean isRenamed =
                !before.maker().equalsIgnoreCase(to.maker()) || !before.name().equalsIgnoreCase(to.name());
        if (isRenamed && paints.hasProduct(to.maker(), to.name())) {
            form.refuse("product", speaker.words().say("refused.taken", to.name()));
        }
        if (form.hasErrors()) {
            return refused(productId, form, model, response);
        }
        paints.change(before.id(), to);
        history.note(
                Subject.organisation(),
                EventKind.CORRECTED,
                "%s, %s → %s %s, %s"
                        .formatted(
                                before.fullName(),
                                speaker.words().name(before.sheen()),
                                to.maker(),
                                to.name(),
                                speaker.words().name(to.sheen())));
        return "redirect:/products/" + before.id();
    }

    /** What the maker says of a coat. */
    @PostMapping("/products/{productId}/sheet")
    String describe(
            @PathVariable UUID productId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        Words words = speaker.words();
        double spread = words.stored(
                form.number(
                        "spread",
                        new Limits(
                                "spread",
                                words.shown(DryFilm.SPREAD.low(), SPREAD),
                                words.shown(DryFilm.SPREAD.high(), SPREAD),
                                words.name(SPREAD))),
                SPREAD);
        double solids = form.number("solids", DryFilm.SOLIDS);
        double contrast = form.number("contrast", DataSheet.CONTRAST);
        Optional<Duration> recoat = form.typed("recoat").isEmpty()
                ? Optional.empty()
                : Optional.of(Times.ofHours(form.number("recoat", DataSheet.RECOAT)));
        if (form.hasErrors()) {
            return refused(productId, form, model, response);
        }
        paints.describe(productId, new DataSheet(spread, solids, contrast, recoat));
        return "redirect:/products/" + productId;
    }

    @PostMapping("/products/{productId}/made")
    String made(
            @PathVariable UUID productId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requirePainter();
        Form form = new Form(typed, speaker.words());
        boolean still = form.yes("still");
        Optional<UUID> substitute = form.typed("substitute").isEmpty()
                ? Optional.empty()
                : fields.product(form, "substitute").map(Product::id);
        if (substitute.filter(productId::equals).isPresent()) {
            form.refuse("substitute", speaker.words().say("refused.substituteItself"));
        }
        if (form.hasErrors()) {
            return refused(productId, form, model, response);
        }
        if (still) {
            paints.continueAgain(productId);
        } else {
            paints.discontinue(productId, substitute);
        }
        return "redirect:/products/" + productId;
    }

    @PostMapping("/products/{productId}/merge")
    String merge(
            @PathVariable UUID productId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requireLead();
        Form form = new Form(typed, speaker.words());
        Optional<Product> into = fields.product(form, "into");
        if (form.hasErrors()) {
            return refused(productId, form, model, response);
        }
        paints.mergeProduct(productId, into.orElseThrow().id());
        return "redirect:/products/" + into.orElseThrow().id();
    }

    @PostMapping("/products/{productId}/separate")
    String separate(@PathVariable UUID productId) {
        access.requireLead();
        paints.separateProduct(productId);
        return "redirect:/products/" + productId;
    }
}
