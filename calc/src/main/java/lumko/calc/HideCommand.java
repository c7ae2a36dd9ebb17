package lumko.calc;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Spectrum;
import lumko.core.film.Colorant;
import lumko.core.film.Hiding;
import lumko.core.paint.DryFilm;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** Coats until what was there is no longer seen. */
@Command(
        name = "hide",
        description = {
            "How many coats hide what is there. Reads JSON: substrate {reflectance | lab}, paint {k: 31, s: 31 per µm} or",
            "{reflectance | lab, contrast_ratio at this spread rate}, spread_rate (m²/L), solids (% by volume).",
            "Writes left (ΔE00 after each coat), coats (to 0.5 or less; more_than where six do not do) and undercoat",
            "(reflectance factor of the best even grey under one coat)."
        },
        footer = {
            "",
            "Example:",
            "  echo '{\"substrate\":{\"lab\":[33,-16,4]},\"paint\":{\"lab\":[94,0,4],\"contrast_ratio\":0.93},\"spread_rate\":10,\"solids\":38}'"
                    + " | ./lumko calc hide"
        },
        mixinStandardHelpOptions = true)
final class HideCommand implements Callable<Integer> {
    @Mixin
    private final Document document = new Document();

    @Override
    public Integer call() throws Exception {
        Document.Node order = document.read();
        double film = DryFilm.micrometres(
                order.at("spread_rate").number(DryFilm.SPREAD.low(), DryFilm.SPREAD.high()),
                order.at("solids").number(DryFilm.SOLIDS.low(), DryFilm.SOLIDS.high()));
        Document.Node paint = order.at("paint");
        Hiding hiding = paint.has("k")
                ? Hiding.of(new Colorant(
                        "paint",
                        paint.at("k").numbers(Spectrum.BANDS, 0, 1e6),
                        paint.at("s").numbers(Spectrum.BANDS, 0, 1e6)))
                : paint.attempt(() -> Hiding.of(
                        paint.colour(Colorimetry.DAYLIGHT).spectrum(),
                        paint.at("contrast_ratio").number(1e-6, 1 - 1e-9),
                        film));
        Hiding.Coats coats =
                hiding.over(order.at("substrate").colour(Colorimetry.DAYLIGHT).spectrum(), film);
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("left", coats.left());
        boolean enough = coats.needed() <= coats.left().size();
        answer.put(
                enough ? "coats" : "more_than",
                enough ? coats.needed() : coats.left().size());
        answer.put("undercoat", hiding.bestUndercoat(film));
        document.write(answer);
        return 0;
    }
}
