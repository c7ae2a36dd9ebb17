package lumko.app.reading;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import lumko.app.account.Access;
import lumko.app.catalogue.Paints;
import lumko.app.formats.BadFileException;
import lumko.app.formats.ColourFile;
import lumko.app.formats.Sample;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Surface;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.platform.RefusedException;
import lumko.app.platform.Speaker;
import lumko.app.platform.UploadRefusedException;
import lumko.app.platform.Uploads;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.GreyCard;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Reading a wall, step by step, and which paint it may be. */
@Controller
class ReadingController {
    private static final int LONGEST_NAME = 60;

    private final Readings readings;
    private final TakingReadings taking;
    private final Identifying identifying;
    private final Candidates candidates;
    private final Houses houses;
    private final Access access;
    private final Speaker speaker;
    private final Uploads uploads;
    private final HttpServletResponse response;

    ReadingController(
            Readings readings,
            TakingReadings taking,
            Identifying identifying,
            Candidates candidates,
            Houses houses,
            Access access,
            Speaker speaker,
            Uploads uploads,
            HttpServletResponse response) {
        this.readings = readings;
        this.taking = taking;
        this.identifying = identifying;
        this.candidates = candidates;
        this.houses = houses;
        this.access = access;
        this.speaker = speaker;
        this.uploads = uploads;
        this.response = response;
    }

    @GetMapping("/walls/{wallId}/reading")
    String reading(@PathVariable UUID wallId, Model model) {
        return show(wallId, "", model);
    }

    @PostMapping("/walls/{wallId}/reading/calibrate")
    String calibrate(@PathVariable UUID wallId, @RequestParam(defaultValue = "false") boolean washed, Model model) {
        return after(wallId, model, () -> taking.calibrate(wallId, washed));
    }

    @PostMapping("/walls/{wallId}/reading/shoot")
    String shoot(@PathVariable UUID wallId, Model model) {
        return after(wallId, model, () -> taking.shoot(wallId));
    }

    /** A place measured elsewhere: L*, a*, b* in daylight, 10°, or 31 factors from 400 to 700 nm. */
    @PostMapping("/walls/{wallId}/reading/note")
    String note(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = new Form(typed, speaker.words());
        Optional<Spectrum> spectrum = form.typed("factors").isEmpty()
                ? typedLab(form)
                : form.attempt(
                        "factors",
                        () -> Spectrum.of(
                                Spectrum.START,
                                Arrays.stream(form.typed("factors").split("[\\s;]+"))
                                        .mapToDouble(ReadingController::number)
                                        .toArray()));
        if (!form.hasErrors() && spectrum.isPresent()) {
            String instrument =
                    speaker.words().say(form.typed("factors").isEmpty() ? "reading.typedLab" : "reading.typedSpectrum");
            return after(wallId, model, () -> taking.note(wallId, List.of(spectrum.get()), Source.TYPED, instrument));
        }
        response.setStatus(422);
        return show(wallId, String.join(" ", form.sentences()), model);
    }

    private static Optional<Spectrum> typedLab(Form form) {
        double lightness = form.number("lightness", Paints.LIGHTNESS);
        double a = form.number("a", Paints.AXIS);
        double b = form.number("b", Paints.AXIS);
        return form.hasErrors()
                ? Optional.empty()
                : Optional.of(SmoothReflectance.of(new Lab(lightness, a, b), Colorimetry.DAYLIGHT));
    }

    private static double number(String text) {
        return Plain.number(text).orElseThrow(() -> new RefusedException("refused.factor", Plain.quoted(text)));
    }

    /** Places measured with an instrument that writes files: CGATS.17, CxF3 or CSV. */
    @PostMapping("/walls/{wallId}/reading/file")
    String file(@PathVariable UUID wallId, @RequestParam MultipartFile file, Model model) throws IOException {
        taking.requireMayRead(wallId);
        try {
            ColourFile measured =
                    uploads.read(file, ColourFile.MOST_MEGABYTES, sent -> ColourFile.read(sent.getBytes()));
            List<Spectrum> places = measured.samples().stream()
                    .filter(Sample::hasColour)
                    .map(Sample::reflectance)
                    .toList();
            String instrument = speaker.words().say("reading.fromFile", shortened(file.getOriginalFilename()));
            return after(wallId, model, () -> taking.note(wallId, places, Source.FILE, instrument));
        } catch (BadFileException | UploadRefusedException refused) {
            response.setStatus(422);
            return show(wallId, String.valueOf(refused.getMessage()), model);
        }
    }

    private static String shortened(@Nullable String name) {
        return name == null ? "" : name.substring(0, Math.min(name.length(), LONGEST_NAME));
    }

    /** A photo with a grey card in the same light: an estimate, and marked as one. */
    @PostMapping("/walls/{wallId}/reading/photo")
    String photo(
            @PathVariable UUID wallId,
            @RequestParam MultipartFile photo,
            @RequestParam Map<String, String> typed,
            Model model)
            throws IOException {
        taking.requireMayRead(wallId);
        Form form = new Form(typed, speaker.words());
        double card = form.number("card", GreyCard.REFLECTANCE);
        Optional<Photo> picture;
        try {
            picture = uploads.read(photo, Photo.MOST_MEGABYTES, sent -> {
                byte[] bytes = sent.getBytes();
                return form.attempt("photo", () -> Photo.read(bytes));
            });
        } catch (UploadRefusedException refused) {
            response.setStatus(422);
            return show(wallId, refused.sentence(), model);
        }
        Optional<List<GreyCard.Estimate>> estimates = picture.filter(read -> !form.hasErrors())
                .flatMap(read ->
                        form.attempt("places", () -> read.estimates(form.typed("cardAt"), form.typed("places"), card)));
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(wallId, String.join(" ", form.sentences()), model);
        }
        List<Spectrum> places = new ArrayList<>();
        for (GreyCard.Estimate estimate : estimates.orElseThrow()) {
            switch (estimate) {
                case GreyCard.Estimate.Colour colour -> places.add(colour.spectrum());
                case GreyCard.Estimate.Unusable unusable -> {
                    response.setStatus(422);
                    return show(wallId, speaker.words().name(unusable.trouble()), model);
                }
            }
        }
        String instrument = speaker.words().say("reading.fromPhoto");
        return after(wallId, model, () -> taking.note(wallId, places, Source.PHOTO, instrument));
    }

    @PostMapping("/walls/{wallId}/reading/undo")
    String undo(@PathVariable UUID wallId) {
        taking.undo(wallId);
        return "redirect:/walls/" + wallId + "/reading";
    }

    @PostMapping("/walls/{wallId}/reading/finish")
    String finish(@PathVariable UUID wallId) {
        taking.finish(wallId);
        return "redirect:/walls/" + wallId + "/reading";
    }

    @PostMapping("/walls/{wallId}/reading/confirm")
    String confirm(@PathVariable UUID wallId, @RequestParam UUID product, @RequestParam UUID colour) {
        identifying.confirm(wallId, product, colour);
        return "redirect:/walls/" + wallId + "/walk";
    }

    @PostMapping("/walls/{wallId}/reading/refuse")
    String refuse(@PathVariable UUID wallId) {
        identifying.refuse(wallId);
        return "redirect:/walls/" + wallId + "/walk";
    }

    private String after(UUID wallId, Model model, Supplier<TakingReadings.Pressed> press) {
        try {
            return switch (press.get()) {
                case TakingReadings.Pressed.Done ignored -> "redirect:/walls/" + wallId + "/reading";
                case TakingReadings.Pressed.Failed failed -> {
                    response.setStatus(409);
                    yield show(wallId, speaker.words().name(failed.trouble()), model);
                }
            };
        } catch (PlacesRefusedException refused) {
            response.setStatus(409);
            return show(wallId, speaker.words().say(refused.key(), refused.most()), model);
        }
    }

    private String show(UUID wallId, String trouble, Model model) {
        Flat flat = houses.flatOfSurface(wallId);
        Surface surface = flat.surface(wallId).orElseThrow(NotFoundException::new);
        Optional<WallReading> reading = readings.of(wallId);
        model.addAttribute("flat", flat);
        model.addAttribute("surface", surface);
        model.addAttribute("reading", reading.orElse(null));
        model.addAttribute(
                "candidates",
                reading.filter(WallReading::isEnough)
                        .map(known -> candidates.of(flat, wallId, known))
                        .orElse(List.of()));
        model.addAttribute("view", new ReadingView(speaker.words()));
        model.addAttribute("trouble", trouble);
        model.addAttribute("mayChange", access.mayChangeRecordsOf(flat.house().id()));
        return "reading";
    }
}
