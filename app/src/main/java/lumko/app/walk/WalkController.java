package lumko.app.walk;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.core.fault.Condition;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.EveryTime;
import lumko.core.geometry.Spot;
import lumko.core.job.Action;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import lumko.core.repair.Mark;
import lumko.core.repair.Method;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The walk, one wall or ceiling at a time. Each change answers with the surface as it then is. */
@Controller
class WalkController {
    private static final Limits ANYWHERE = new Limits("place", -100_000, 100_000, "mm");
    private static final Limits VERSION = new Limits("version", -1, 1e9, "");
    private static final Limits COUNT = new Limits("count", 1, 500, "");
    private static final int LONGEST_REASON = 200;

    /** So many marks of one stroke are taken at once. */
    private static final int MOST_SWEPT = 200;

    private final Walks walks;
    private final Deciding deciding;
    private final Marking marking;
    private final WalkPage page;
    private final Speaker speaker;
    private final HttpServletRequest request;
    private final HttpServletResponse response;

    WalkController(
            Walks walks,
            Deciding deciding,
            Marking marking,
            WalkPage page,
            Speaker speaker,
            HttpServletRequest request,
            HttpServletResponse response) {
        this.walks = walks;
        this.deciding = deciding;
        this.marking = marking;
        this.page = page;
        this.speaker = speaker;
        this.request = request;
        this.response = response;
    }

    private boolean isHtmx() {
        return "true".equals(request.getHeader("HX-Request"));
    }

    private Form form(Map<String, String> typed) {
        return new Form(typed, speaker.words());
    }

    @GetMapping("/walls/{wallId}/walk")
    String walk(@PathVariable UUID wallId, Model model) {
        page.show(wallId, model, Form.empty(speaker.words()));
        return "walk";
    }

    // ---- setting marks

    @PostMapping("/walls/{wallId}/marks")
    String set(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        FaultKind kind = form.one("kind", FaultKind.class);
        Spot place = place(form, typed);
        Measures measures = measures(form, typed, kind.usual());
        UUID id = madeOnTheDevice(form);
        if (!form.hasErrors()) {
            form.attempt("left", () -> {
                marking.set(id, wallId, new Mark(place, kind.of(measures)));
                return id;
            });
        }
        return answer(wallId, form, model);
    }

    /** The id that what is sent has from the device, so that sending it again is harmless; a new one without scripts. */
    private static UUID madeOnTheDevice(Form form) {
        return form.attempt(
                        "kind",
                        () -> form.typed("id").isEmpty() ? UUID.randomUUID() : UUID.fromString(form.typed("id")))
                .orElseGet(UUID::randomUUID);
    }

    /** Several marks of one kind along a stroke: {@code at} holds "id left up" in millimetres, separated by semicolons. */
    @PostMapping("/walls/{wallId}/marks/swept")
    String sweep(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        FaultKind kind = form.one("kind", FaultKind.class);
        form.attempt("at", () -> {
            Map<UUID, Mark> swept = new LinkedHashMap<>();
            for (String each : form.typed("at").split(";", MOST_SWEPT + 1)) {
                String[] parts = each.strip().split(" ");
                if (parts.length != 3) {
                    throw new IllegalArgumentException(
                            "a swept mark needs its id, left and height, was “" + each + "”");
                }
                swept.put(
                        UUID.fromString(parts[0]),
                        new Mark(
                                Spot.ofMillimetres(
                                        ANYWHERE.check(Double.parseDouble(parts[1])),
                                        ANYWHERE.check(Double.parseDouble(parts[2]))),
                                kind.usualFault()));
            }
            if (!form.hasErrors()) {
                marking.sweep(wallId, swept);
            }
            return swept;
        });
        return answer(wallId, form, model);
    }

    @PostMapping("/walls/{wallId}/marks/copied")
    String copy(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        Optional<UUID> to = form.attempt("to", () -> UUID.fromString(form.typed("to")));
        UUID id = madeOnTheDevice(form);
        if (!form.hasErrors()) {
            int copied = marking.copy(id, wallId, to.orElseThrow());
            model.addAttribute("copied", copied);
            model.addAttribute("copiedTo", to.orElseThrow());
        }
        return answer(wallId, form, model);
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

    @PostMapping("/walls/{wallId}/undo")
    String undo(@PathVariable UUID wallId, @RequestParam UUID mark, Model model) {
        marking.undo(mark);
        return answer(wallId, Form.empty(speaker.words()), model);
    }

    @PostMapping("/walls/{wallId}/put-back")
    String putBack(@PathVariable UUID wallId, @RequestParam UUID mark, Model model) {
        marking.putBack(mark);
        return answer(wallId, Form.empty(speaker.words()), model);
    }

    // ---- changing a mark

    /** A mark, how it is made good, and what was done to it. */
    @GetMapping("/marks/{markId}")
    String mark(@PathVariable UUID markId, Model model) {
        page.showMark(markId, model);
        return isHtmx() ? "mark :: more" : "mark";
    }

    @PostMapping("/marks/{markId}/measure")
    String measure(@PathVariable UUID markId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        int seen = form.whole("version", VERSION);
        Measures none = new Measures(Length.ZERO, Length.ZERO, Length.ZERO);
        Measures measures = measures(form, typed, none);
        if (!form.hasErrors()) {
            form.attempt("acrossMm", () -> {
                marking.measure(markId, measures, seen);
                return markId;
            });
        }
        return answer(walks.wallOf(markId), form, model);
    }

    @PostMapping("/marks/{markId}/condition")
    String condition(@PathVariable UUID markId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        int seen = form.whole("version", VERSION);
        List<UnaryOperator<Condition>> conditions = conditions(form);
        if (!form.hasErrors()) {
            marking.condition(
                    markId,
                    was -> conditions.stream().reduce(was, (now, change) -> change.apply(now), (one, other) -> other),
                    seen);
        }
        return answer(walks.wallOf(markId), form, model);
    }

    /** What was answered of it; what was not asked stays as it was. */
    private static List<UnaryOperator<Condition>> conditions(Form form) {
        List<UnaryOperator<Condition>> all = new ArrayList<>();
        optional(form, "edge", Condition.Edge.class).ifPresent(answer -> all.add(was -> was.with(answer)));
        optional(form, "backing", Condition.Backing.class).ifPresent(answer -> all.add(was -> was.with(answer)));
        optional(form, "movement", Condition.Movement.class).ifPresent(answer -> all.add(was -> was.with(answer)));
        optional(form, "turns", Condition.Turns.class).ifPresent(answer -> all.add(was -> was.with(answer)));
        optional(form, "driven", Condition.Driven.class).ifPresent(answer -> all.add(was -> was.with(answer)));
        optional(form, "recurring", Condition.Recurring.class).ifPresent(answer -> all.add(was -> was.with(answer)));
        optional(form, "hold", Condition.Hold.class).ifPresent(answer -> all.add(was -> was.with(answer)));
        optional(form, "cause", Condition.Cause.class).ifPresent(answer -> all.add(was -> was.with(answer)));
        if (!form.typed("count").isEmpty()) {
            int count = form.whole("count", COUNT);
            all.add(was -> was.withCount(count));
        }
        if (!form.typed("offset").isEmpty()) {
            Length offset = form.millimetres("offset", Condition.OFFSET);
            all.add(was -> was.withOffset(offset));
        }
        return all;
    }

    private static <E extends Enum<E>> Optional<E> optional(Form form, String field, Class<E> of) {
        return form.typed(field).isEmpty() ? Optional.empty() : Optional.of(form.one(field, of));
    }

    @PostMapping("/marks/{markId}/method")
    String method(@PathVariable UUID markId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        int seen = form.whole("version", VERSION);
        Optional<Method> method = optional(form, "method", Method.class);
        if (!form.hasErrors()) {
            form.attempt("method", () -> {
                marking.method(markId, method, seen);
                return markId;
            });
        }
        return answer(walks.wallOf(markId), form, model);
    }

    @PostMapping("/marks/{markId}/remove")
    String remove(@PathVariable UUID markId, Model model) {
        marking.remove(markId);
        return answer(walks.wallOf(markId), Form.empty(speaker.words()), model);
    }

    @PostMapping("/marks/{markId}/restore")
    String restore(@PathVariable UUID markId, Model model) {
        marking.restore(markId);
        return answer(walks.wallOf(markId), Form.empty(speaker.words()), model);
    }

    // ---- finding out and deciding

    @PostMapping("/walls/{wallId}/findings")
    String find(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        RoomFinding finding = form.one("finding", RoomFinding.class);
        if (!form.hasErrors()) {
            deciding.find(wallId, finding, form.typed("there").equals("true"));
        }
        return answer(wallId, form, model);
    }

    @PostMapping("/walls/{wallId}/places")
    String place(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        EveryTime.Kind kind = form.one("kind", EveryTime.Kind.class);
        int left = form.whole("leftMm", new Limits("place", 0, 100_000, "mm"));
        PlaceAnswer answer = form.one("answer", PlaceAnswer.class);
        if (!form.hasErrors()) {
            deciding.answerPlace(wallId, kind, left, answer);
        }
        return answer(wallId, form, model);
    }

    /** Which paint is on a surface of this room: the wall itself, or the trim of its room. */
    @PostMapping("/walls/{wallId}/paint")
    String answerPaint(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        PaintAnswer answer = form.one("answer", PaintAnswer.class);
        int seen = form.whole("version", VERSION);
        Optional<UUID> tin = Optional.empty();
        if (answer == PaintAnswer.TIN_IN_STORE && !form.hasErrors()) {
            tin = form.attempt("tin", () -> UUID.fromString(form.typed("tin")));
        }
        UUID surface = surface(wallId, form);
        if (!form.hasErrors()) {
            deciding.answer(surface, answer, tin, seen);
        }
        return answer(wallId, form, model);
    }

    @PostMapping("/walls/{wallId}/paint-agrees")
    String agree(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        Deciding.Reach reach = form.one("reach", Deciding.Reach.class);
        if (!form.hasErrors()) {
            model.addAttribute("agreed", deciding.agree(wallId, reach));
        }
        return answer(wallId, form, model);
    }

    private static UUID surface(UUID wallId, Form form) {
        return form.typed("surface").isEmpty()
                ? wallId
                : form.attempt("surface", () -> UUID.fromString(form.typed("surface")))
                        .orElse(wallId);
    }

    @PostMapping("/walls/{wallId}/decide")
    String decide(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        int seen = form.whole("version", VERSION);
        UUID surface = surface(wallId, form);
        if (form.typed("action").isEmpty()) {
            deciding.follow(surface, seen);
            return answer(wallId, form, model);
        }
        Action action = form.one("action", Action.class);
        String why = form.text("why", LONGEST_REASON);
        if (!form.hasErrors()) {
            deciding.overrule(surface, action, why, seen);
        }
        return answer(wallId, form, model);
    }

    private String answer(UUID wallId, Form form, Model model) {
        if (form.hasErrors()) {
            response.setStatus(422);
        } else if (!isHtmx()) {
            return "redirect:/walls/" + wallId + "/walk";
        }
        page.show(wallId, model, form);
        return isHtmx() ? "walk :: live" : "walk";
    }

    /** Somebody else was there first: what they did is shown, what was sent is named and can be sent again. */
    @ExceptionHandler({ChangedMeanwhileException.class, OptimisticLockingFailureException.class})
    String changed(Model model) {
        String[] path = request.getRequestURI().split("/");
        UUID id = UUID.fromString(path[2]);
        UUID wallId = path[1].equals("walls") ? id : walks.wallOf(id);
        Form form = Form.empty(speaker.words());
        form.refuse("version", speaker.words().say("walk.changed"));
        response.setStatus(409);
        model.addAttribute("say", speaker.words());
        model.addAttribute("today", speaker.today());
        page.show(wallId, model, form);
        return isHtmx() ? "walk :: live" : "walk";
    }
}
