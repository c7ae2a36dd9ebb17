package lumko.app.plan;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A piece of work of the plan: who, when, and what it would do to settle that otherwise. */
@Controller
class SettleController {
    private final Trying trying;
    private final Settling settling;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    SettleController(Trying trying, Settling settling, Access access, Speaker speaker, Clock clock) {
        this.trying = trying;
        this.settling = settling;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    /** The piece; with who or when what that would do. */
    @GetMapping("/plan/piece")
    String piece(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        return show(new Form(typed, speaker.words()), model, response);
    }

    private String show(Form form, Model model, HttpServletResponse response) {
        String key = form.typed("key");
        Optional<UUID> person = person(form);
        Optional<Instant> begins = moment(form);
        Trying.Look look = form.hasErrors()
                ? trying.look(key, Optional.empty(), Optional.empty())
                : trying.look(key, person, begins);
        if (form.hasErrors()) {
            response.setStatus(422);
        }
        Trying.Piece piece = look.piece();
        model.addAttribute("tried", look.tried().orElse(null));
        model.addAttribute("piece", piece);
        model.addAttribute("stands", speaker.words().moment(piece.begins(), clock.instant()));
        model.addAttribute("form", form);
        model.addAttribute("begins", form.typed("begins", local(piece.begins())));
        model.addAttribute("chosen", person.orElse(null));
        model.addAttribute("isTimed", begins.isPresent());
        model.addAttribute("maySettle", access.member().isLead());
        return "plan-piece";
    }

    /** Whoever is best, where nobody is named. */
    private static Optional<UUID> person(Form form) {
        return form.typed("person").isBlank() ? Optional.empty() : form.id("person");
    }

    private String local(Instant moment) {
        return LocalDateTime.ofInstant(moment, speaker.words().zone())
                .truncatedTo(ChronoUnit.MINUTES)
                .toString();
    }

    private Optional<Instant> moment(Form form) {
        String typed = form.typed("begins").strip();
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    LocalDateTime.parse(typed).atZone(speaker.words().zone()).toInstant());
        } catch (DateTimeException no) {
            form.refuse("begins", speaker.words().say("refused.moment", typed));
            return Optional.empty();
        }
    }

    @PostMapping("/plan/piece")
    String settle(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        Optional<UUID> person = person(form);
        Optional<Instant> begins = moment(form);
        if (form.hasErrors()) {
            return show(new Form(typed, speaker.words()), model, response);
        }
        Trying.Tried tried = trying.attempt(form.typed("key"), person, begins);
        if (!tried.isPossible()) {
            response.setStatus(422);
            return show(new Form(typed, speaker.words()), model, response);
        }
        settling.settle(form.typed("key"), person, begins);
        return "redirect:/plan";
    }

    @PostMapping("/plan/heaters/{flatId}")
    String heat(@PathVariable UUID flatId, @RequestParam boolean on) {
        settling.heat(flatId, on);
        return "redirect:/plan?flat=" + flatId;
    }

    @PostMapping("/plan/piece/free")
    String letFree(@RequestParam String key) {
        settling.letFree(key);
        return "redirect:/plan";
    }
}
