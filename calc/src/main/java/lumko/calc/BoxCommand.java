package lumko.calc;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import lumko.core.colour.Colorimetry;
import lumko.core.film.BoxMixer;
import lumko.core.film.Target;
import lumko.core.paint.Binder;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** Mixes of what is in the store. */
@Command(
        name = "box",
        description = {
            "How much of which tin comes nearest to a colour. Reads JSON: target {reflectance | lab}, tins [{tin, reflectance",
            "| lab, litres, kind: waterborne | solventborne, sheen: gloss at 60°}], litres wanted; if wanted, most paints in",
            "one mix (1–6, 6 without it) and step of the amounts in litres (any without it).",
            "Writes parts [{tin, litres}], litres, lab (D65, 10°), de00 and sheen. Kinds are never mixed."
        },
        footer = {
            "",
            "Example:",
            "  echo '{\"target\":{\"lab\":[85,0,4]},\"litres\":3,\"tins\":[{\"tin\":\"0401\",\"lab\":[88,1,8],\"litres\":4},"
                    + "{\"tin\":\"0409\",\"lab\":[76,-1,-4],\"litres\":4}]}' | ./lumko calc box"
        },
        mixinStandardHelpOptions = true)
final class BoxCommand implements Callable<Integer> {
    @Mixin
    private final Document document = new Document();

    @Override
    public Integer call() throws Exception {
        Document.Node order = document.read();
        List<BoxMixer.Available> tins =
                order.at("tins").items().stream().map(BoxCommand::tin).toList();
        Target target = order.at("target").colour(Colorimetry.DAYLIGHT);
        double litres = order.at("litres").number(1e-3, 1e6);
        BoxMixer.Mix mix = order.at("tins").attempt(() -> BoxMixer.nearest(target, tins, litres, way(order)));
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put(
                "parts",
                mix.parts().stream()
                        .map(part -> Map.of("tin", part.tin(), "litres", part.litres()))
                        .toList());
        answer.put("litres", mix.litres());
        answer.put("lab", Document.lab(mix.predicted()));
        answer.put("de00", mix.difference());
        answer.put("sheen", mix.gloss60());
        document.write(answer);
        return 0;
    }

    private static BoxMixer.Way way(Document.Node order) {
        BoxMixer.Way exact = BoxMixer.Way.EXACT;
        return new BoxMixer.Way(
                order.has("most") ? (int) order.at("most").number(1, 6) : exact.mostPaints(),
                exact.worthIt(),
                order.has("step") ? order.at("step").number(0, 100) : exact.step());
    }

    private static BoxMixer.Available tin(Document.Node node) {
        String kind = node.has("kind") ? node.at("kind").text() : "waterborne";
        if (!kind.equals("waterborne") && !kind.equals("solventborne")) {
            throw node.at("kind").refused("waterborne or solventborne");
        }
        return new BoxMixer.Available(
                node.at("tin").text(),
                node.colour(Colorimetry.DAYLIGHT).spectrum(),
                node.at("litres").number(0, 1e6),
                kind.equals("waterborne") ? Binder.WATERBORNE : Binder.SOLVENTBORNE,
                node.has("sheen") ? node.at("sheen").number(0, 100) : 0);
    }
}
