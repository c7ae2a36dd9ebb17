package lumko.app.people;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.account.Passwords;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Houses;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Who works here and which houses each looks after. */
@Controller
class PeopleController {
    private final People people;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    PeopleController(People people, Houses houses, History history, Access access, Speaker speaker) {
        this.people = people;
        this.houses = houses;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    @GetMapping("/people")
    String people(Model model) {
        return show(model, Form.empty(speaker.words()));
    }

    private String show(Model model, Form form) {
        Map<Boolean, List<People.Colleague>> byActive =
                people.all().stream().collect(Collectors.partitioningBy(People.Colleague::active));
        model.addAttribute("people", byActive.getOrDefault(true, List.of()));
        model.addAttribute("left", byActive.getOrDefault(false, List.of()));
        model.addAttribute("houses", houses.all());
        model.addAttribute("roles", Role.values());
        model.addAttribute("form", form);
        model.addAttribute("mayChange", access.member().isLead());
        return "people";
    }

    @PostMapping("/people")
    String add(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        access.requireLead();
        Form form = new Form(typed, speaker.words());
        String name = form.text("name", 120);
        String login = form.text("login", 80);
        String password = Passwords.read(
                form,
                "password",
                speaker.words(),
                List.of(name, login, access.member().organisation()));
        Role role = form.one("role", Role.class);
        if (!form.hasError("login") && people.isTaken(login)) {
            form.refuse("login", speaker.words().say("refused.taken", login));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form);
        }
        people.add(name, login, password, role);
        history.note(Subject.organisation(), EventKind.PERSON_ADDED, name);
        return "redirect:/people";
    }

    /** Who somebody is, as what they work here, and whether they still do. */
    @PostMapping("/people/{personId}")
    String change(
            @PathVariable UUID personId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        access.requireLead();
        People.Colleague before = colleague(personId);
        Form form = new Form(typed, speaker.words());
        String name = form.text("name", 120);
        Role role = form.one("role", Role.class);
        boolean active = form.yes("active");
        int seen = form.seenVersion();
        if (isOneself(personId) && (role != before.role() || !active)) {
            throw new NotNowException("denied.oneself");
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form);
        }
        people.change(personId, name, role, active, seen);
        note(before, name, role, active);
        return "redirect:/people";
    }

    private void note(People.Colleague before, String name, Role role, boolean active) {
        Words words = speaker.words();
        if (!before.name().equals(name) || before.role() != role) {
            history.note(
                    Subject.organisation(),
                    EventKind.PERSON_CHANGED,
                    "%s, %s → %s, %s".formatted(before.name(), words.name(before.role()), name, words.name(role)));
        }
        if (before.active() != active) {
            history.note(Subject.organisation(), active ? EventKind.PERSON_BACK : EventKind.PERSON_LEFT, name);
        }
    }

    private boolean isOneself(UUID personId) {
        return personId.equals(access.member().personId());
    }

    private People.Colleague colleague(UUID personId) {
        return people.all().stream()
                .filter(each -> each.id().equals(personId))
                .findFirst()
                .orElseThrow(NotFoundException::new);
    }

    /** A password to hand over. It is shown this once. */
    @PostMapping("/people/{personId}/password")
    String givePassword(@PathVariable UUID personId, Model model, HttpServletResponse response) {
        access.requireLead();
        if (isOneself(personId)) {
            throw new NotNowException("denied.ownPassword");
        }
        People.Colleague colleague = colleague(personId);
        model.addAttribute("given", people.givePassword(personId));
        model.addAttribute("givenTo", colleague);
        history.note(Subject.organisation(), EventKind.PASSWORD_GIVEN, colleague.name());
        response.setHeader("Cache-Control", "no-store");
        return show(model, Form.empty(speaker.words()));
    }

    @PostMapping("/people/{personId}/houses")
    String lookAfter(
            @PathVariable UUID personId, @RequestParam(name = "house", defaultValue = "") List<UUID> houseIds) {
        access.requireLead();
        // a blank among them is read as none, not as nothing
        houseIds.forEach(id -> houses.house(Optional.ofNullable(id).orElseThrow(NotFoundException::new)));
        people.lookAfter(personId, houseIds);
        return "redirect:/people";
    }
}
