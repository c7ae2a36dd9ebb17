package lumko.calc;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Illuminant;
import lumko.core.colour.Observer;
import lumko.core.film.Colorant;
import lumko.core.film.RecipeFinder;
import lumko.core.film.Target;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Recipes for a base. */
@Command(
        name = "recipe",
        description = {
            "What to add to a base to get a colour. Reads JSON: target {reflectance of 31 factors | lab}, base (a name, or",
            "{name: share}), amount of the base, step of the dispenser in the same unit, most colorants (1–5).",
            "Writes amounts after rounding, volume, lab (D65, 10°), de00 and metamerism under A and F11."
        },
        footer = {
            "",
            "Example:",
            "  echo '{\"target\":{\"lab\":[86,1,9]},\"base\":\"white base\",\"amount\":2500,\"step\":0.1,\"most\":4}' | ./lumko calc recipe"
        },
        mixinStandardHelpOptions = true)
final class RecipeCommand implements Callable<Integer> {
    @Mixin
    private final Document document = new Document();

    @Mixin
    private final ColorantFile colorants = new ColorantFile();

    @Option(
            names = "--illuminant",
            paramLabel = "D65|D50|A|F11",
            description = "the light that a Lab target is given for; D65 without it")
    private Illuminant illuminant = Illuminant.D65;

    @Override
    public Integer call() throws Exception {
        Document.Node order = document.read();
        Map<String, Colorant> known = colorants.read();
        Map<Colorant, Double> base = base(order.at("base"), known);
        Target target = order.at("target").colour(Colorimetry.of(illuminant, Observer.DEGREES_10));
        double amount = order.has("amount") ? order.at("amount").number(1e-6, 1e9) : 1000;
        double step = order.has("step") ? order.at("step").number(0, 1e6) : 0;
        int most = order.has("most") ? (int) order.at("most").number(1, 5) : 5;
        List<Colorant> usable =
                known.values().stream().filter(each -> !base.containsKey(each)).toList();
        RecipeFinder.Recipe recipe =
                new RecipeFinder(usable).find(target, new RecipeFinder.Order(base, amount, step, most));
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("amounts", recipe.amounts());
        answer.put("volume", recipe.volume());
        answer.put("lab", Document.lab(recipe.predicted()));
        answer.put("de00", recipe.difference());
        answer.put(
                "metamerism",
                Map.of(
                        "A", recipe.metamerism().under(Illuminant.A),
                        "F11", recipe.metamerism().under(Illuminant.F11)));
        answer.put("approximate", target.measured().isEmpty());
        document.write(answer);
        return 0;
    }

    private static Map<Colorant, Double> base(Document.Node node, Map<String, Colorant> known) {
        if (node.json().isString()) {
            return Map.of(node.attempt(() -> ColorantFile.named(known, node.text())), 1.0);
        }
        if (!node.json().isObject() || node.json().isEmpty()) {
            throw node.refused("a name, or {name: share}");
        }
        Map<Colorant, Double> base = new LinkedHashMap<>();
        for (String name : node.json().propertyNames()) {
            base.put(
                    node.attempt(() -> ColorantFile.named(known, name)),
                    node.at(name).number(1e-9, 1e9));
        }
        return base;
    }
}
