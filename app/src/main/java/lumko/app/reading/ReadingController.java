package lumko.app.reading;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Surface;
import lumko.app.paint.Store;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Reading a wall, step by step, and which paint it may be. */
@Controller
class ReadingController {

    private final Readings readings;
    private final Houses houses;
    private final Access access;
    private final Speaker speaker;
    private final HttpServletResponse response;

    ReadingController(Readings readings, Houses houses, Access access, Speaker speaker, HttpServletResponse response) {
        this.readings = readings;
        this.houses = houses;
        this.access = access;
        this.speaker = speaker;
        this.response = response;
    }

    @GetMapping("/walls/{wallId}/reading")
    String reading(@PathVariable UUID wallId, Model model) {
        return show(wallId, "", model);
    }

    @PostMapping("/walls/{wallId}/reading/calibrate")
    String calibrate(@PathVariable UUID wallId, @RequestParam(defaultValue = "false") boolean washed, Model model) {
        return after(wallId, readings.calibrate(wallId, washed), model);
    }

    @PostMapping("/walls/{wallId}/reading/shoot")
    String shoot(@PathVariable UUID wallId, Model model) {
        return after(wallId, readings.shoot(wallId), model);
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
            readings.note(
                    wallId,
                    spectrum.get(),
                    speaker.words()
                            .say(form.typed("factors").isEmpty() ? "reading.typedLab" : "reading.typedSpectrum"));
            return "redirect:/walls/" + wallId + "/reading";
        }
        response.setStatus(422);
        return show(wallId, String.join(" ", form.sentences()), model);
    }

    private static Optional<Spectrum> typedLab(Form form) {
        double lightness = form.number("lightness", Store.LIGHTNESS);
        double a = form.number("a", Store.AXIS);
        double b = form.number("b", Store.AXIS);
        return form.hasErrors()
                ? Optional.empty()
                : Optional.of(SmoothReflectance.of(new Lab(lightness, a, b), Colorimetry.DAYLIGHT));
    }

    private static double number(String text) {
        try {
            return Double.parseDouble(text.replace(',', '.'));
        } catch (NumberFormatException notANumber) {
            throw new IllegalArgumentException("“" + text + "” is no number", notANumber);
        }
    }

    @PostMapping("/walls/{wallId}/reading/undo")
    String undo(@PathVariable UUID wallId) {
        readings.undo(wallId);
        return "redirect:/walls/" + wallId + "/reading";
    }

    @PostMapping("/walls/{wallId}/reading/finish")
    String finish(@PathVariable UUID wallId) {
        readings.finish(wallId);
        return "redirect:/walls/" + wallId + "/reading";
    }

    @PostMapping("/walls/{wallId}/reading/confirm")
    String confirm(@PathVariable UUID wallId, @RequestParam UUID product, @RequestParam UUID colour) {
        readings.confirm(wallId, product, colour);
        return "redirect:/walls/" + wallId + "/walk";
    }

    private String after(UUID wallId, Readings.Pressed pressed, Model model) {
        return switch (pressed) {
            case Readings.Pressed.Done ignored -> "redirect:/walls/" + wallId + "/reading";
            case Readings.Pressed.Failed failed -> {
                response.setStatus(409);
                yield show(wallId, speaker.words().name(failed.trouble()), model);
            }
        };
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
                        .map(known -> readings.candidates(flat, wallId, known))
                        .orElse(List.of()));
        model.addAttribute("view", new ReadingView(speaker.words()));
        model.addAttribute("trouble", trouble);
        model.addAttribute("mayChange", access.mayChangeRecordsOf(flat.house().id()));
        return "reading";
    }
}
