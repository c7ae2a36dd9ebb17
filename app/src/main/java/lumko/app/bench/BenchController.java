package lumko.app.bench;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.paint.Colour;
import lumko.app.paint.Product;
import lumko.app.paint.Store;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Illuminant;
import lumko.core.colour.Metamerism;
import lumko.core.film.BoxMixer;
import lumko.core.quantity.Area;
import lumko.core.quantity.Limits;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The bench, colour side. Everything stands in the link, so that it can be sent. */
@Controller
class BenchController {
    private static final Limits MILLILITRES = new Limits("tin", 50, 200_000, "ml");
    private static final Limits STEP = new Limits("step", 0, 100, "ml");
    private static final Limits AREA = new Limits("area", 0.5, 5000, "m²");
    private static final Limits LITRES = new Limits("litres", 0.05, 1000, "L");

    private final Bench bench;
    private final Store store;
    private final Speaker speaker;
    private final HttpServletResponse response;

    BenchController(Bench bench, Store store, Speaker speaker, HttpServletResponse response) {
        this.bench = bench;
        this.store = store;
        this.speaker = speaker;
        this.response = response;
    }

    @GetMapping("/bench")
    String bench(@RequestParam Map<String, String> typed, Model model) {
        Form form = new Form(typed, speaker.words());
        List<Colour> colours = store.stock().coloursByName();
        model.addAttribute("colours", colours);
        model.addAttribute("products", store.stock().productsByName());
        model.addAttribute("bases", Bench.From.values());
        model.addAttribute("form", form);
        model.addAttribute("view", new BenchView(speaker.words()));
        model.addAttribute("lights", Illuminant.values());
        if (colours.isEmpty()) {
            return "bench";
        }
        String first = colours.getFirst().id().toString();
        String last = colours.getLast().id().toString();
        Optional<BenchColour> one = form.attempt("one", () -> bench.colour(form.typed("one", first)));
        Optional<BenchColour> other = form.attempt("other", () -> bench.colour(form.typed("other", last)));
        if (one.isPresent() && other.isPresent()) {
            compare(one.get(), other.get(), model);
            compute(form, typed, one.get(), other.get(), model);
        }
        if (form.hasErrors()) {
            response.setStatus(422);
        }
        return "bench";
    }

    private static void compare(BenchColour one, BenchColour other, Model model) {
        model.addAttribute("one", one);
        model.addAttribute("other", other);
        model.addAttribute("difference", ColourDifference.between(one.lab(), other.lab()));
        model.addAttribute("metamerism", Metamerism.of(one.spectrum(), other.spectrum()));
    }

    private void compute(Form form, Map<String, String> typed, BenchColour one, BenchColour other, Model model) {
        Optional<Product> product = Optional.empty();
        if (!form.typed("product").isEmpty()) {
            product = form.attempt(
                    "product",
                    () -> Optional.ofNullable(store.stock().products().get(UUID.fromString(form.typed("product"))))
                            .orElseThrow(NotFoundException::new));
        }
        model.addAttribute("hidden", bench.hiding(one, other, product));
        if (typed.containsKey("from")) {
            Bench.From from = form.one("from", Bench.From.class);
            double millilitres = form.number("millilitres", MILLILITRES);
            double step = form.number("step", STEP);
            if (!form.hasErrors()) {
                model.addAttribute("recipe", bench.recipe(from, one, other, millilitres, step));
            }
        }
        if (typed.containsKey("litres")) {
            double litres = form.number("litres", LITRES);
            if (!form.hasErrors()) {
                Optional<BoxMixer.Mix> mix = bench.box(other, litres);
                model.addAttribute("mix", mix.orElse(null));
                if (!form.typed("area").isEmpty()) {
                    double area = form.number("area", AREA);
                    mix.filter(found -> !form.hasErrors())
                            .ifPresent(found ->
                                    model.addAttribute("lasts", bench.lasts(found, Area.ofSquareMetres(area))));
                }
            }
        }
    }
}
