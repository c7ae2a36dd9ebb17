package lumko.app.walk;

import java.util.Map;
import java.util.UUID;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.core.judge.TouchUp;
import lumko.core.quantity.Limits;
import lumko.core.visibility.TouchUpTool;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Will it show? A mark touched up on the bench, under one's own eye, light and days. */
@Controller
class TouchUpController {
    private static final Limits FEATHER = new Limits("feather", 0, 150, "mm");
    private static final Limits ELEVATION = new Limits("elevation", 3, 90, "°");
    private static final Limits DAYS = new Limits("days", 0, 60, "");
    private static final Limits EYE = new Limits("eye", 0.3, 6, "m");
    private static final double STANDS_AT = 1.5;
    private static final double USUAL_DAYS = 7;

    private final TouchUps touchUps;
    private final Speaker speaker;

    TouchUpController(TouchUps touchUps, Speaker speaker) {
        this.touchUps = touchUps;
        this.speaker = speaker;
    }

    @GetMapping("/marks/{markId}/touch-up")
    String show(
            @PathVariable UUID markId,
            @RequestParam Map<String, String> typed,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model) {
        put(markId, typed, htmx, model).drawn();
        return htmx ? "touch-up :: seen" : "touch-up";
    }

    /** What takes longer to work out: along the wall, if colours are off, other ways, what helps. */
    @GetMapping("/marks/{markId}/touch-up/more")
    String more(@PathVariable UUID markId, @RequestParam Map<String, String> typed, Model model) {
        put(markId, typed, true, model);
        return "touch-up :: more";
    }

    private TouchUpView put(UUID markId, Map<String, String> typed, boolean htmx, Model model) {
        TouchUps.OnBench bench = htmx ? touchUps.inHand(markId) : touchUps.of(markId);
        Form form = new Form(typed, speaker.words());
        TouchUp.Tried tried = tried(form, bench);
        double days = days(form, bench);
        double metres = metres(form);
        TouchUpView view = new TouchUpView(bench, tried, days, metres, speaker.words());
        model.addAttribute("view", view);
        model.addAttribute("stage", new BenchStage(bench, tried, days));
        model.addAttribute("form", form);
        model.addAttribute("htmx", htmx);
        model.addAttribute("tools", TouchUpTool.values());
        model.addAttribute("title", view.title());
        if (!htmx) {
            model.addAttribute("wall", new SeenWallView(bench.repaired().wall(), speaker.words()));
        }
        return view;
    }

    /** What the handles say; what they do not is as the house would do it. */
    private static TouchUp.Tried tried(Form form, TouchUps.OnBench bench) {
        TouchUp.Tried usual = bench.touchUp().usual();
        return new TouchUp.Tried(
                number(form, "feather", FEATHER, usual.feather()),
                form.typed("tool").isEmpty() ? usual.tool() : form.one("tool", TouchUpTool.class),
                number(form, "elevation", ELEVATION, usual.elevation()),
                form.yes("washed"),
                form.yes("torch"));
    }

    private static double days(Form form, TouchUps.OnBench bench) {
        double usual = Math.clamp(bench.daysToViewing().orElse((int) USUAL_DAYS), 0, (int) DAYS.high());
        return number(form, "days", DAYS, usual);
    }

    private static double metres(Form form) {
        return number(form, "eye", EYE, STANDS_AT);
    }

    private static double number(Form form, String field, Limits limits, double otherwise) {
        if (form.typed(field).isEmpty()) {
            return otherwise;
        }
        double value = form.number(field, limits);
        return form.hasError(field) ? otherwise : value;
    }
}
