package lumko.app.walk;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.drawing.WallDrawing;
import lumko.app.house.Surface;
import lumko.app.paint.Store;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Mark;
import lumko.core.fault.Measures;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import lumko.core.wall.Spot;
import lumko.core.work.Action;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** The walk, one wall at a time. Each change answers with the wall as it then is. */
@Controller
class WalkController {
    private static final Limits ANYWHERE = new Limits("place", -100_000, 100_000, "mm");
    private static final int LONGEST_REASON = 200;

    private final Walks walks;
    private final Store store;
    private final Access access;
    private final Speaker speaker;

    WalkController(Walks walks, Store store, Access access, Speaker speaker) {
        this.walks = walks;
        this.store = store;
        this.access = access;
        this.speaker = speaker;
    }

    @ModelAttribute("kinds")
    FaultKind[] kinds() {
        return FaultKind.values();
    }

    @GetMapping("/walls/{wallId}/walk")
    String walk(@PathVariable UUID wallId, Model model) {
        show(wallId, model, Form.empty(speaker.words()));
        return "walk";
    }

    @PostMapping("/walls/{wallId}/marks")
    String set(
            @PathVariable UUID wallId,
            @RequestParam Map<String, String> typed,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        FaultKind kind = form.one("kind", FaultKind.class);
        Spot place = place(form, typed);
        Measures measures = measures(form, typed, kind.usual());
        UUID id = form.attempt(
                        "kind",
                        () -> UUID.fromString(
                                form.typed("id").isEmpty() ? UUID.randomUUID().toString() : form.typed("id")))
                .orElseGet(UUID::randomUUID);
        if (!form.hasErrors()) {
            form.attempt("left", () -> {
                walks.set(id, wallId, new Mark(place, kind.of(measures)));
                return id;
            });
        }
        return answer(wallId, form, htmx, model, response);
    }

    /** A tap comes in millimetres, a typed place in the organisation's metres or feet. */
    private static Spot place(Form form, Map<String, String> typed) {
        if (typed.containsKey("leftMm")) {
            return Spot.ofMillimetres(form.number("leftMm", ANYWHERE), form.number("upMm", ANYWHERE));
        }
        return new Spot(form.metres("left", ANYWHERE), form.metres("aboveFloor", ANYWHERE));
    }

    private static Measures measures(Form form, Map<String, String> typed, Measures usual) {
        return new Measures(
                measure(form, typed, "acrossMm", usual.across()),
                measure(form, typed, "upwardMm", usual.up()),
                measure(form, typed, "depthMm", usual.depth()));
    }

    private static Length measure(Form form, Map<String, String> typed, String field, Length otherwise) {
        return typed.containsKey(field) ? Length.ofMillimetres(form.number(field, ANYWHERE)) : otherwise;
    }

    @PostMapping("/marks/{markId}/measure")
    String measure(
            @PathVariable UUID markId,
            @RequestParam Map<String, String> typed,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model,
            HttpServletResponse response) {
        UUID wallId = walks.wallOf(markId);
        Form form = new Form(typed, speaker.words());
        int seen = form.whole("version", new Limits("version", -1, 1e9, ""));
        Measures none = new Measures(Length.ZERO, Length.ZERO, Length.ZERO);
        Measures measures = measures(form, typed, none);
        if (!form.hasErrors()) {
            form.attempt("acrossMm", () -> {
                walks.measure(markId, measures, seen);
                return markId;
            });
        }
        return answer(wallId, form, htmx, model, response);
    }

    @PostMapping("/marks/{markId}/remove")
    String remove(
            @PathVariable UUID markId,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model,
            HttpServletResponse response) {
        return answer(walks.remove(markId), Form.empty(speaker.words()), htmx, model, response);
    }

    @PostMapping("/marks/{markId}/restore")
    String restore(
            @PathVariable UUID markId,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model,
            HttpServletResponse response) {
        return answer(walks.restore(markId), Form.empty(speaker.words()), htmx, model, response);
    }

    @PostMapping("/walls/{wallId}/paint")
    String answerPaint(
            @PathVariable UUID wallId,
            @RequestParam Map<String, String> typed,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        PaintAnswer answer = form.one("answer", PaintAnswer.class);
        int seen = form.whole("version", new Limits("version", -1, 1e9, ""));
        Optional<UUID> tin = Optional.empty();
        if (answer == PaintAnswer.TIN_IN_STORE && !form.hasErrors()) {
            tin = form.attempt("tin", () -> UUID.fromString(form.typed("tin")));
        }
        if (!form.hasErrors()) {
            walks.answer(wallId, answer, tin, seen);
        }
        return answer(wallId, form, htmx, model, response);
    }

    @PostMapping("/walls/{wallId}/decide")
    String decide(
            @PathVariable UUID wallId,
            @RequestParam Map<String, String> typed,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        int seen = form.whole("version", new Limits("version", -1, 1e9, ""));
        if (form.typed("action").isEmpty()) {
            walks.follow(wallId, seen);
            return answer(wallId, form, htmx, model, response);
        }
        Action action = form.one("action", Action.class);
        String why = form.text("why", LONGEST_REASON);
        if (!form.hasErrors()) {
            walks.overrule(wallId, action, why, seen);
        }
        return answer(wallId, form, htmx, model, response);
    }

    private String answer(UUID wallId, Form form, boolean htmx, Model model, HttpServletResponse response) {
        if (form.hasErrors()) {
            response.setStatus(422);
        } else if (!htmx) {
            return "redirect:/walls/" + wallId + "/walk";
        }
        show(wallId, model, form);
        return htmx ? "walk :: live" : "walk";
    }

    /** Somebody else was there first: what they did is shown, what was sent is named and can be sent again. */
    @ExceptionHandler({ChangedMeanwhileException.class, OptimisticLockingFailureException.class})
    String changed(HttpServletRequest request, Model model, HttpServletResponse response) {
        String[] path = request.getRequestURI().split("/");
        UUID id = UUID.fromString(path[2]);
        UUID wallId = path[1].equals("walls") ? id : walks.wallOf(id);
        Form form = Form.empty(speaker.words());
        form.refuse("version", speaker.words().say("walk.changed"));
        response.setStatus(409);
        model.addAttribute("say", speaker.words());
        model.addAttribute("today", speaker.today());
        model.addAttribute("kinds", kinds());
        show(wallId, model, form);
        return "true".equals(request.getHeader("HX-Request")) ? "walk :: live" : "walk";
    }

    private void show(UUID wallId, Model model, Form form) {
        WalkedWall walked = walks.wall(wallId);
        List<Surface> walls = walked.flat().walls().toList();
        int at = walls.stream().map(Surface::id).toList().indexOf(wallId);
        model.addAttribute("wall", walked);
        model.addAttribute("form", form);
        model.addAttribute("drawing", drawing(walked));
        model.addAttribute("position", at + 1);
        model.addAttribute("of", walls.size());
        model.addAttribute("before", at > 0 ? walls.get(at - 1).id() : null);
        model.addAttribute("after", at + 1 < walls.size() ? walls.get(at + 1).id() : null);
        model.addAttribute(
                "mayChange", access.mayChangeRecordsOf(walked.flat().house().id()));
        model.addAttribute("removed", walks.lastRemoved(wallId).orElse(null));
        model.addAttribute("view", new WalkView(walked, speaker.words()));
        model.addAttribute("tins", store.stock().onShelf());
    }

    private static WallDrawing drawing(WalkedWall walked) {
        return WallDrawing.of(
                walked.surface().asWall(),
                walked.surface()
                        .topCoat()
                        .flatMap(coat -> coat.colour())
                        .map(colour -> colour.screen().hex())
                        .orElse(""),
                walked.marks().stream()
                        .map(mark -> new WallDrawing.Numbered(mark.id(), mark.number(), mark.mark()))
                        .toList());
    }
}
