package lumko.app.house;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.PaintFields;
import lumko.app.catalogue.Product;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.quantity.Limits;
import lumko.core.record.Layer;
import lumko.core.record.Substrate;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Entering what is in a surface and on it: openings, fittings, layers. */
@Controller
class SurfaceController {
    private static final Limits PLACES = new Limits("places", 1, 10_000, "");

    private final Houses houses;
    private final Recording recording;
    private final Correcting correcting;
    private final RecordFields recordFields;
    private final FeatureFields featureFields;
    private final EndsFields endsFields;
    private final PaintFields fields;
    private final Store store;
    private final People people;
    private final Access access;
    private final Speaker speaker;

    SurfaceController(
            Houses houses,
            Recording recording,
            Correcting correcting,
            RecordFields recordFields,
            FeatureFields featureFields,
            EndsFields endsFields,
            PaintFields fields,
            Store store,
            People people,
            Access access,
            Speaker speaker) {
        this.houses = houses;
        this.recording = recording;
        this.correcting = correcting;
        this.recordFields = recordFields;
        this.featureFields = featureFields;
        this.endsFields = endsFields;
        this.fields = fields;
        this.store = store;
        this.people = people;
        this.access = access;
        this.speaker = speaker;
    }

    @ModelAttribute
    void choices(Model model) {
        model.addAttribute("substrates", Substrate.values());
        model.addAttribute(
                "layers",
                Arrays.stream(Layer.values())
                        .filter(layer -> layer != Layer.SUBSTRATE)
                        .toList());
    }

    @GetMapping("/surfaces/{surfaceId}/edit")
    String edit(@PathVariable UUID surfaceId, Model model) {
        return edit(surfaceId, Form.empty(speaker.words()), model);
    }

    private String edit(UUID surfaceId, Form form, Model model) {
        Flat flat = houses.flatOfSurface(surfaceId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        model.addAttribute("flat", flat);
        model.addAttribute("room", flat.roomOf(surfaceId));
        model.addAttribute("surface", flat.surface(surfaceId).orElseThrow(NotFoundException::new));
        model.addAttribute("features", correcting.featuresOf(surfaceId));
        featureFields.show(flat, surfaceId, model);
        endsFields.show(flat, flat.surface(surfaceId).orElseThrow(NotFoundException::new), model);
        model.addAttribute(
                "people",
                people.names().entrySet().stream()
                        .sorted(Map.Entry.comparingByValue())
                        .toList());
        model.addAttribute("form", form);
        return "surface-edit";
    }

    @PostMapping("/surfaces/{surfaceId}/features")
    String addFeature(
            @PathVariable UUID surfaceId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        Optional<List<NewRoom.Feature>> added =
                featureFields.read(form, houses.standing(surfaceId).surface());
        added.ifPresent(features -> form.attempt("feature", () -> {
            recording.addFeatures(surfaceId, features);
            return surfaceId;
        }));
        if (form.hasErrors()) {
            response.setStatus(422);
            return edit(surfaceId, form, model);
        }
        return "redirect:/surfaces/" + surfaceId + "/edit#feature-form";
    }

    @PostMapping("/surfaces/{surfaceId}/coats")
    String addCoat(
            @PathVariable UUID surfaceId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        NewCoat coat = coat(form);
        OptionalInt place = place(form, "position");
        OptionalInt under = place(form, "under");
        if (!form.hasErrors() && place.isPresent()) {
            recording.addCoat(surfaceId, coat, place);
        } else if (!form.hasErrors()) {
            form.attempt("under", () -> {
                recording.enter(surfaceId, coat, under);
                return surfaceId;
            });
        }
        return after(surfaceId, form, model, response);
    }

    private static OptionalInt place(Form form, String field) {
        return form.typed(field).isEmpty() ? OptionalInt.empty() : OptionalInt.of(form.whole(field, PLACES));
    }

    /** Another paint, another day for a layer that was entered by hand. */
    @PostMapping("/surfaces/{surfaceId}/coats/{position}")
    String changeCoat(
            @PathVariable UUID surfaceId,
            @PathVariable int position,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        NewCoat coat = coat(form);
        if (!form.hasErrors()) {
            correcting.changeCoat(surfaceId, position, coat);
        }
        return after(surfaceId, form, model, response);
    }

    /** A layer as it is typed; what cannot be has its sentence in the form. */
    private NewCoat coat(Form form) {
        Layer layer = form.one("layer", Layer.class);
        Optional<UUID> product = form.typed("productId").isEmpty()
                ? Optional.empty()
                : fields.product(form, "productId").map(Product::id);
        Optional<UUID> colour = form.typed("colourId").isEmpty()
                ? Optional.empty()
                : fields.colour(form, "colourId").map(Colour::id);
        RecordFields.About about = recordFields.about(form, "appliedOn");
        OptionalInt places =
                form.typed("places").isEmpty() ? OptionalInt.empty() : OptionalInt.of(form.whole("places", PLACES));
        String note = form.optionalText("note", 200);
        Optional<UUID> tin = tin(form);
        String batch = form.optionalText("batch", 30);
        if ((layer == Layer.FINISH || layer == Layer.SPOTS) && product.isEmpty() && colour.isEmpty()) {
            form.refuse("layer", speaker.words().say("refused.finishNeedsPaint"));
        }
        return new NewCoat(
                layer,
                product,
                colour,
                tin.stream().toList(),
                batch,
                places,
                about.day(),
                by(form),
                Optional.empty(),
                Optional.empty(),
                note.isEmpty() ? about.note() : note);
    }

    @PostMapping("/surfaces/{surfaceId}/substrate")
    String setSubstrate(
            @PathVariable UUID surfaceId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        Substrate substrate = form.one("substrate", Substrate.class);
        if (!form.hasErrors()) {
            recording.isMadeOf(surfaceId, substrate);
        }
        return after(surfaceId, form, model, response);
    }

    /** Who put it on; empty where nobody knows. */
    private Optional<UUID> by(Form form) {
        return form.typed("by").isEmpty()
                ? Optional.empty()
                : form.id("by").map(id -> {
                    if (!people.names().containsKey(id)) {
                        throw new NotFoundException();
                    }
                    return id;
                });
    }

    /** The tin whose label was typed; empty where none was, or, with a sentence at the field, where none has it. */
    private Optional<UUID> tin(Form form) {
        String typed = form.typed("tinId");
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        Optional<Tin> found = Plain.id(typed).map(store::tin).orElseGet(() -> store.labelled(typed));
        if (found.isEmpty()) {
            form.refuse("tinId", speaker.words().say("refused.noTin", Plain.quoted(typed)));
        }
        return found.map(Tin::id);
    }

    private String after(UUID surfaceId, Form form, Model model, HttpServletResponse response) {
        if (form.hasErrors()) {
            response.setStatus(422);
            return edit(surfaceId, form, model);
        }
        return "redirect:/flats/" + houses.flatOfSurface(surfaceId).id() + "?surface=" + surfaceId;
    }
}
