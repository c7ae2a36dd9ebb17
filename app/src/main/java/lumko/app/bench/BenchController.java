package lumko.app.bench;

import jakarta.servlet.http.HttpServletResponse;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.catalogue.Base;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.PaintFields;
import lumko.app.catalogue.Paints;
import lumko.app.catalogue.Product;
import lumko.app.house.Houses;
import lumko.app.kept.KeptFor;
import lumko.app.kept.KeptResults;
import lumko.app.platform.Form;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Illuminant;
import lumko.core.colour.Metamerism;
import lumko.core.film.BoxMixer;
import lumko.core.quantity.Area;
import lumko.core.quantity.Limits;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

/** The bench, colour side. Everything stands in the link, so that it can be sent. */
@Controller
class BenchController {
    private static final Limits TIN = new Limits("tin", 50, 300_000, "");
    private static final Limits STEP = new Limits("step", 0, 100, "");
    private static final Limits AREA = new Limits("area", 0.5, 5000, "m²");
    private static final Limits LITRES = new Limits("litres", 0.05, 1000, "L");

    private static final int LONGEST_WORDS = 250;
    private static final int LONGEST_LINK = 500;
    private static final List<String> OF_THE_LINK = List.of(
            "one", "other", "light", "product", "from", "tinful", "unit", "step", "litres", "area", "surface", "sheet");

    private final Bench bench;
    private final KeptResults results;
    private final Paints paints;
    private final PaintFields fields;
    private final Store store;
    private final Houses houses;
    private final Access access;
    private final Speaker speaker;
    private final HttpServletResponse response;

    BenchController(
            Bench bench,
            KeptResults results,
            Paints paints,
            PaintFields fields,
            Store store,
            Houses houses,
            Access access,
            Speaker speaker,
            HttpServletResponse response) {
        this.bench = bench;
        this.results = results;
        this.paints = paints;
        this.fields = fields;
        this.store = store;
        this.houses = houses;
        this.access = access;
        this.speaker = speaker;
        this.response = response;
    }

    @GetMapping("/bench")
    String bench(@RequestParam Map<String, String> typed, Model model) {
        return bench(typed, model, new Form(typed, speaker.words()));
    }

    private String bench(Map<String, String> typed, Model model, Form form) {
        model.addAttribute("kept", results.latest());
        model.addAttribute("mayKeep", !access.member().isOffice());
        model.addAttribute("link", link(typed));
        model.addAttribute("whereabouts", whereabouts(form).orElse(""));
        List<Colour> colours = paints.book().coloursByName();
        model.addAttribute("isEmpty", colours.isEmpty());
        model.addAttribute("bases", Bench.From.values());
        model.addAttribute("doses", Dose.values());
        model.addAttribute("form", form);
        model.addAttribute("view", new BenchView(speaker.words()));
        model.addAttribute("lights", linksByLight(typed));
        model.addAttribute(
                "light", form.typed("light").isEmpty() ? Illuminant.D65 : form.one("light", Illuminant.class));
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

    /** The surface the bench was asked from. */
    private Optional<String> whereabouts(Form form) {
        return form.typed("surface").isEmpty()
                ? Optional.empty()
                : form.id("surface").map(id -> houses.flatOfSurface(id).nameOf(id, speaker.words()));
    }

    /** The link that computes the same again. */
    private static String link(Map<String, String> typed) {
        UriComponentsBuilder link = UriComponentsBuilder.fromPath("/bench");
        OF_THE_LINK.stream().filter(typed::containsKey).forEach(name -> link.queryParam(name, "{" + name + "}"));
        return link.encode().buildAndExpand(typed).toUriString();
    }

    /** The same bench under each light. */
    private static Map<Illuminant, String> linksByLight(Map<String, String> typed) {
        Map<Illuminant, String> links = new EnumMap<>(Illuminant.class);
        for (Illuminant light : Illuminant.values()) {
            Map<String, String> lit = new HashMap<>(typed);
            lit.put("light", light.name());
            links.put(light, link(lit));
        }
        return links;
    }

    /** Keeps what the link computes, with a few words and the tin it is for. */
    @PostMapping("/bench")
    String keep(@RequestParam Map<String, String> typed, Model model) {
        Form form = new Form(typed, speaker.words());
        String words = form.text("words", LONGEST_WORDS);
        String link = form.typed("link");
        if (!link.startsWith("/bench?") || link.length() > LONGEST_LINK) {
            form.refuse("link", speaker.words().say("refused.choice", "link", Plain.quoted(link)));
        }
        Optional<KeptFor> keptFor = keptFor(form);
        if (form.hasErrors()) {
            response.setStatus(422);
            return bench(typed, model, form);
        }
        results.keep(link, words, keptFor);
        return "redirect:" + link;
    }

    /** The tin that was named, or else what was chosen. */
    private Optional<KeptFor> keptFor(Form form) {
        String label = form.typed("keep-tin");
        if (label.isEmpty()) {
            return form.typed("keep-for").isEmpty()
                    ? Optional.empty()
                    : form.attempt("keep-for", () -> KeptFor.of(form.typed("keep-for")));
        }
        Optional<Tin> tin = store.labelled(label);
        if (tin.isEmpty()) {
            form.refuse("keep-tin", speaker.words().say("refused.noTin", Plain.quoted(label)));
        }
        return tin.map(found -> new KeptFor(KeptFor.What.TIN, found.id()));
    }

    @PostMapping("/bench/kept/{id}/forget")
    String forget(@PathVariable UUID id) {
        results.forget(id);
        return "redirect:/bench";
    }

    private static void compare(BenchColour one, BenchColour other, Model model) {
        model.addAttribute("one", one);
        model.addAttribute("other", other);
        model.addAttribute("difference", ColourDifference.between(one.lab(), other.lab()));
        model.addAttribute("metamerism", Metamerism.of(one.spectrum(), other.spectrum()));
    }

    private void compute(Form form, Map<String, String> typed, BenchColour one, BenchColour other, Model model) {
        Optional<Product> product =
                form.typed("product").isEmpty() ? Optional.empty() : fields.product(form, "product");
        model.addAttribute("chosenProduct", product.map(Product::fullName).orElse(""));
        Bench.Hidden hidden = bench.hiding(one, other, product);
        model.addAttribute("hidden", hidden);
        model.addAttribute(
                "usualBase",
                product.filter(known -> known.base() == Base.DEEP || known.base() == Base.CLEAR)
                        .map(known -> Bench.From.DEEP_BASE)
                        .orElse(Bench.From.WHITE_BASE)
                        .name());
        if (typed.containsKey("from")) {
            Bench.From from = form.one("from", Bench.From.class);
            Dose unit = form.typed("unit").isEmpty() ? Dose.MILLILITRES : form.one("unit", Dose.class);
            model.addAttribute("unit", unit);
            double amount = form.number("tinful", unit.of(TIN));
            double step = form.number("step", unit.of(STEP));
            if (!form.hasErrors()) {
                model.addAttribute("recipe", bench.recipe(from, one, other, amount, step));
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
                                    model.addAttribute("lasts", bench.lasts(found, Area.ofSquareMetres(area), hidden)));
                }
            }
        }
    }
}
