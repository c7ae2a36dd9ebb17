package lumko.app.house;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Product;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.app.platform.UnitSystem;
import lumko.app.platform.UsUnits;
import lumko.app.store.Tin;
import lumko.core.geometry.Box;
import lumko.core.geometry.RoofLine;
import lumko.core.geometry.Spot;
import lumko.core.geometry.StairLine;
import lumko.core.quantity.Length;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Puts right, and takes off the record, what is in a wall and the layers on it. */
@Controller
class SurfaceCorrectingController {
    private final Correcting correcting;
    private final WallEnds wallEnds;
    private final Speaker speaker;

    SurfaceCorrectingController(Correcting correcting, WallEnds wallEnds, Speaker speaker) {
        this.correcting = correcting;
        this.wallEnds = wallEnds;
        this.speaker = speaker;
    }

    @PostMapping("/features/{featureId}")
    String changeFeature(
            @PathVariable UUID featureId,
            @RequestParam UUID surface,
            @RequestParam Map<String, String> typed,
            RedirectAttributes after) {
        Form form = new Form(typed, speaker.words());
        Length left = form.metres("left", RecordFields.PLACE);
        Length bottom = form.metres("bottom", RecordFields.PLACE);
        Length width = form.metres("featureWidth", RecordFields.SIZE);
        Length height = form.metres("featureHeight", RecordFields.SIZE);
        if (!form.hasErrors()) {
            form.attempt(
                    "feature",
                    () -> correcting.changeFeature(featureId, new Box(new Spot(left, bottom), width, height)));
        }
        if (form.hasErrors()) {
            after.addFlashAttribute("refused", form.sentences());
        }
        return "redirect:/surfaces/" + surface + "/edit";
    }

    /** @param from the wall beside it, where it was said that this one is as high */
    @PostMapping("/surfaces/{surfaceId}/roof")
    String roof(
            @PathVariable UUID surfaceId,
            @RequestParam Optional<UUID> from,
            @RequestParam Map<String, String> typed,
            RedirectAttributes after) {
        Form form = new Form(typed, speaker.words());
        Optional<RoofLine> roof = EndsFields.roof(form);
        attempt(form, "roof", () -> wallEnds.put(surfaceId, roof), from.isPresent() ? Map.of() : typed, after);
        return "redirect:/surfaces/" + from.orElse(surfaceId) + "/edit" + (form.hasErrors() ? "" : "#roof");
    }

    @PostMapping("/surfaces/{surfaceId}/stairs")
    String stairs(@PathVariable UUID surfaceId, @RequestParam Map<String, String> typed, RedirectAttributes after) {
        Form form = new Form(typed, speaker.words());
        Optional<StairLine> stairs = EndsFields.stairs(form);
        attempt(form, "stairs", () -> wallEnds.putStairs(surfaceId, stairs), typed, after);
        return "redirect:/surfaces/" + surfaceId + "/edit" + (form.hasErrors() ? "" : "#stairs");
    }

    private static void attempt(
            Form form, String field, Runnable change, Map<String, String> typed, RedirectAttributes after) {
        if (!form.hasErrors()) {
            form.attempt(field, () -> {
                change.run();
                return field;
            });
        }
        if (form.hasErrors()) {
            after.addFlashAttribute("refused", form.sentences());
            after.addFlashAttribute(EndsFields.TYPED, EndsFields.typed(typed));
        }
    }

    @PostMapping("/features/{featureId}/remove")
    String removeFeature(@PathVariable UUID featureId, RedirectAttributes after) {
        Correcting.Removed removed = correcting.removeFeature(featureId);
        Correcting.Entered feature = removed.what();
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("feature", feature.kind().name());
        fields.put("left", typed(feature.box().left()));
        fields.put("bottom", typed(feature.box().bottom()));
        fields.put("featureWidth", typed(feature.box().width()));
        fields.put("featureHeight", typed(feature.box().height()));
        feature.way().ifPresent(way -> fields.put("way", way.name()));
        return removed(removed.surfaceId(), "features", speaker.words().name(feature.kind()), fields, after);
    }

    /** As somebody would type it: in metres or feet. */
    private String typed(Length length) {
        double metres = length.inMetres();
        return String.valueOf(speaker.words().units() == UnitSystem.US ? metres / UsUnits.METRES_A_FOOT : metres);
    }

    @PostMapping("/surfaces/{surfaceId}/coats/{position}/remove")
    String removeCoat(@PathVariable UUID surfaceId, @PathVariable int position, RedirectAttributes after) {
        Coat coat = correcting.removeCoat(surfaceId, position);
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("position", String.valueOf(position));
        fields.put("layer", coat.layer().name());
        fields.put(
                "productId", coat.product().map(Product::id).map(UUID::toString).orElse(""));
        fields.put("colourId", coat.colour().map(Colour::id).map(UUID::toString).orElse(""));
        fields.put("tinId", coat.tin().map(Tin::id).map(UUID::toString).orElse(""));
        fields.put("appliedOn", coat.appliedOn().map(LocalDate::toString).orElse(""));
        fields.put(
                "places",
                coat.places().isPresent() ? String.valueOf(coat.places().getAsInt()) : "");
        fields.put("batch", coat.batch());
        fields.put("note", coat.note());
        return removed(surfaceId, "coats", speaker.words().name(coat.layer()), fields, after);
    }

    /** Back at the surface, with a form that enters again what was taken off. */
    private static String removed(
            UUID surfaceId, String entry, String what, Map<String, String> fields, RedirectAttributes after) {
        after.addFlashAttribute("removed", what);
        after.addFlashAttribute("enteredBy", "/surfaces/" + surfaceId + "/" + entry);
        after.addFlashAttribute("enteredAs", fields);
        return "redirect:/surfaces/" + surfaceId + "/edit";
    }
}
