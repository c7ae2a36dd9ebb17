package lumko.app.walk;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.platform.RefusedException;
import lumko.app.platform.Speaker;
import lumko.core.fault.Condition;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.geometry.Spot;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;
import lumko.core.repair.Mark;
import lumko.core.repair.Method;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The walk, one wall or ceiling at a time: its page and its marks. Each change answers with the surface as it then is. */
@Controller
class WalkController {
    private static final Limits ANYWHERE = new Limits("place", -100_000, 100_000, "mm");
    private static final Limits COUNT = new Limits("count", 1, 500, "");
    /** So many marks of one stroke are taken at once. */
    private static final int MOST_SWEPT = 200;

    private final Walks walks;
    private final Marking marking;
    private final WalkPage page;
    private final Speaker speaker;

    WalkController(Walks walks, Marking marking, WalkPage page, Speaker speaker) {
        this.walks = walks;
        this.marking = marking;
        this.page = page;
        this.speaker = speaker;
    }

    private Form form(Map<String, String> typed) {
        return new Form(typed, speaker.words());
    }

    @GetMapping("/walls/{wallId}/walk")
    String walk(@PathVariable UUID wallId, Model model) {
        page.show(wallId, model, Form.empty(speaker.words()));
        return "walk";
    }

    /** On which places the verdict hangs and what would change it. */
    @GetMapping("/walls/{wallId}/decides")
    String decides(@PathVariable UUID wallId, Model model) {
        model.addAttribute("decides", new DecidingView(walks.wall(wallId), speaker.words()));
        return "walk-verdict :: decides";
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
        return page.answer(wallId, form, model);
    }

    /** The id that what is sent has from the device, so that sending it again is harmless; a new one without scripts. */
    private static UUID madeOnTheDevice(Form form) {
        return form.typed("id").isEmpty()
                ? UUID.randomUUID()
                : Plain.id(form.typed("id")).orElseThrow(NotFoundException::new);
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
                    throw new RefusedException("refused.factor", each);
                }
                swept.put(
                        Plain.id(parts[0])
                                .orElseThrow(() -> new RefusedException("refused.factor", Plain.quoted(each))),
                        new Mark(Spot.ofMillimetres(millimetres(parts[1]), millimetres(parts[2])), kind.usualFault()));
            }
            if (!form.hasErrors()) {
                marking.sweep(wallId, swept);
            }
            return swept;
        });
        return page.answer(wallId, form, model);
    }

    private static double millimetres(String sent) {
        return ANYWHERE.check(
                Plain.number(sent).orElseThrow(() -> new RefusedException("refused.factor", Plain.quoted(sent))));
    }

    @PostMapping("/walls/{wallId}/marks/copied")
    String copy(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        Optional<UUID> to = form.id("to");
        UUID id = madeOnTheDevice(form);
        if (!form.hasErrors()) {
            int copied = marking.copy(id, wallId, to.orElseThrow());
            model.addAttribute("copied", copied);
            model.addAttribute("copiedTo", to.orElseThrow());
        }
        return page.answer(wallId, form, model);
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
        return page.answer(wallId, Form.empty(speaker.words()), model);
    }

    @PostMapping("/walls/{wallId}/put-back")
    String putBack(@PathVariable UUID wallId, @RequestParam UUID mark, Model model) {
        marking.putBack(mark);
        return page.answer(wallId, Form.empty(speaker.words()), model);
    }

    // ---- changing a mark

    /** A mark, how it is made good, and what was done to it. */
    @GetMapping("/marks/{markId}")
    String mark(@PathVariable UUID markId, Model model) {
        page.showMark(markId, model);
        return page.isUpdate() ? "mark :: more" : "mark";
    }

    @PostMapping("/marks/{markId}/measure")
    String measure(@PathVariable UUID markId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        int seen = form.seenVersion();
        Measures none = new Measures(Length.ZERO, Length.ZERO, Length.ZERO);
        Measures measures = measures(form, typed, none);
        if (!form.hasErrors()) {
            form.attempt("acrossMm", () -> {
                marking.measure(markId, measures, seen);
                return markId;
            });
        }
        return page.answer(walks.wallOf(markId), form, model);
    }

    @PostMapping("/marks/{markId}/condition")
    String condition(@PathVariable UUID markId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        int seen = form.seenVersion();
        List<UnaryOperator<Condition>> conditions = conditions(form);
        if (!form.hasErrors()) {
            marking.condition(
                    markId,
                    was -> conditions.stream().reduce(was, (now, change) -> change.apply(now), (one, other) -> other),
                    seen);
        }
        return page.answer(walks.wallOf(markId), form, model);
    }

    /** What was answered of it; what was not asked stays as it was. */
    private static List<UnaryOperator<Condition>> conditions(Form form) {
        List<UnaryOperator<Condition>> all = new ArrayList<>();
        ConditionQuestion.ALL.forEach(question -> question.answered(form).ifPresent(all::add));
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

    @PostMapping("/marks/{markId}/method")
    String method(@PathVariable UUID markId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        int seen = form.seenVersion();
        Optional<Method> method = form.optionalOne("method", Method.class);
        if (!form.hasErrors()) {
            form.attempt("method", () -> {
                marking.method(markId, method, seen);
                return markId;
            });
        }
        return page.answer(walks.wallOf(markId), form, model);
    }

    @PostMapping("/marks/{markId}/remove")
    String remove(@PathVariable UUID markId, Model model) {
        marking.remove(markId);
        return page.answer(walks.wallOf(markId), Form.empty(speaker.words()), model);
    }

    @PostMapping("/marks/{markId}/restore")
    String restore(@PathVariable UUID markId, Model model) {
        marking.restore(markId);
        return page.answer(walks.wallOf(markId), Form.empty(speaker.words()), model);
    }
}
