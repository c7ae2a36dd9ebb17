package lumko.app.sheet;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.figure.Figures;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.practice.Practices;
import lumko.core.figure.Catalogue;
import lumko.core.practice.Practice;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The house practice: each question with the reasons of its schools and what they come to on the last plan. */
@Controller
class PracticeController {
    private static final int HALF_BAR = 60;
    /** So many minutes fill half of the picture at the least, so that one of them does not look like much. */
    private static final double LEAST_SCALE_MINUTES = 10;

    private final Practices practices;
    private final LastPlans plans;
    private final Houses houses;
    private final History history;
    private final Figures figures;
    private final Access access;
    private final Speaker speaker;

    PracticeController(
            Practices practices,
            LastPlans plans,
            Houses houses,
            History history,
            Figures figures,
            Access access,
            Speaker speaker) {
        this.practices = practices;
        this.plans = plans;
        this.houses = houses;
        this.history = history;
        this.figures = figures;
        this.access = access;
        this.speaker = speaker;
    }

    /** A question with its schools. */
    record Asked(Question question, List<Answer> answers, boolean isOtherwise) {}

    /**
     * A school, whether it is followed, and what following it changes on the last plan.
     *
     * @param minutes more, or less, of the hand than now
     */
    record Answer(School school, boolean isFollowed, String effect, double minutes) {
        /** A bar from the middle of the picture, to the left where it is quicker. */
        public String bar(double most) {
            double reach = minutes / most * HALF_BAR;
            return String.format(Locale.ROOT, "M%.1f 3h%.1fv8h%.1fz", (double) HALF_BAR, reach, -reach);
        }
    }

    /** @param q words that a question, its schools or what speaks for them have; all where it is empty */
    @GetMapping("/practice")
    String practice(@RequestParam(defaultValue = "") String q, Model model) {
        show(practices.ofOrganisation(), Map.of(), q, model);
        model.addAttribute("maySet", access.member().isLead());
        model.addAttribute("action", "/practice");
        return "practice";
    }

    @PostMapping("/practice")
    String choose(@RequestParam String school) {
        School chosen = school(school);
        practices.choose(chosen);
        return "redirect:/practice#" + chosen.question();
    }

    @GetMapping("/flats/{flatId}/practice")
    String practiceOf(@PathVariable UUID flatId, @RequestParam(defaultValue = "") String q, Model model) {
        Flat flat = houses.flat(flatId);
        UUID turnoverId = turnover(flat);
        show(practices.of(Optional.of(turnoverId)), practices.otherwise(turnoverId), q, model);
        model.addAttribute("flat", flat);
        model.addAttribute("maySet", access.mayChangeRecordsOf(flat.house().id()));
        model.addAttribute("action", "/flats/" + flatId + "/practice");
        return "practice";
    }

    @PostMapping("/flats/{flatId}/practice")
    String chooseFor(@PathVariable UUID flatId, @RequestParam String school) {
        Flat flat = houses.flat(flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        School chosen = school(school);
        practices.chooseFor(turnover(flat), chosen);
        Words words = speaker.words();
        history.note(
                Subject.flat(flatId),
                EventKind.PRACTICE_FOR_JOB,
                words.name(chosen.question()) + ": " + words.name(chosen));
        return "redirect:/flats/" + flatId + "/practice#" + chosen.question();
    }

    private static UUID turnover(Flat flat) {
        return flat.turnover()
                .orElseThrow(() -> new NotNowException("denied.noTurnover", flat.number()))
                .id();
    }

    private static School school(String name) {
        for (School school : School.values()) {
            if (school.name().equals(name)) {
                return school;
            }
        }
        throw new NotFoundException();
    }

    private boolean isAbout(Question question, String typed) {
        Words words = speaker.words();
        return typed.isBlank()
                || Plain.holds(
                        typed,
                        Stream.concat(
                                        Stream.of(words.name(question)),
                                        question.schools().stream()
                                                .flatMap(school -> Stream.of(
                                                        words.name(school), words.say("why." + school.name()))))
                                .toArray(String[]::new));
    }

    private Answer answer(
            School school,
            Practice practice,
            Optional<LastPlan> last,
            Optional<LastPlan.Cost> now,
            Catalogue catalogue) {
        if (practice.is(school) || last.isEmpty() || now.isEmpty()) {
            return new Answer(school, practice.is(school), "", 0);
        }
        LastPlan.Cost then = last.get().cost(practice.with(school), catalogue);
        double minutes = then.labour().minus(now.get().labour()).toSeconds() / 60.0;
        return new Answer(school, false, effect(now.get(), then), minutes);
    }

    private void show(Practice practice, Map<Question, School> otherwise, String typed, Model model) {
        Optional<LastPlan> last = plans.last();
        Catalogue catalogue = figures.catalogue();
        Optional<LastPlan.Cost> now = last.map(plan -> plan.cost(practice, catalogue));
        List<Asked> asked = Arrays.stream(Question.values())
                .filter(question -> isAbout(question, typed))
                .map(question -> new Asked(
                        question,
                        question.schools().stream()
                                .map(school -> answer(school, practice, last, now, catalogue))
                                .toList(),
                        otherwise.containsKey(question)))
                .toList();
        model.addAttribute("asked", asked);
        model.addAttribute("q", typed);
        model.addAttribute(
                "most",
                asked.stream()
                        .flatMap(each -> each.answers().stream())
                        .mapToDouble(each -> Math.abs(each.minutes()))
                        .reduce(LEAST_SCALE_MINUTES, Math::max));
        model.addAttribute("last", last.orElse(null));
        model.addAttribute("cost", now.orElse(null));
    }

    /** What changes: minutes, litres, metres of tape; or that nothing does. */
    private String effect(LastPlan.Cost now, LastPlan.Cost then) {
        Words words = speaker.words();
        List<String> changes = new ArrayList<>();
        long minutes = Math.round((then.labour().toSeconds() - now.labour().toSeconds()) / 60.0);
        if (minutes != 0) {
            changes.add(sign(minutes) + words.work(Duration.ofMinutes(Math.abs(minutes))));
        }
        double litres = then.paint().inLitres() - now.paint().inLitres();
        if (Math.abs(litres) >= 0.01) {
            changes.add(
                    sign(litres) + words.volume(Volume.ofLitres(Math.abs(litres))) + " " + words.say("practice.paint"));
        }
        double tape = then.tape().inMetres() - now.tape().inMetres();
        if (Math.abs(tape) >= 0.1) {
            changes.add(sign(tape) + words.length(Length.ofMetres(Math.abs(tape))) + " " + words.say("practice.tape"));
        }
        return changes.isEmpty() ? words.say("practice.same") : String.join(" · ", changes);
    }

    private static String sign(double change) {
        return change > 0 ? "+" : "−";
    }
}
