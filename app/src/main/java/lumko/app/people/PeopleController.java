package lumko.app.people;

import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.account.Passwords;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.House;
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
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Who works here and which houses each looks after. */
@Controller
class PeopleController {
    /** So many houses are shown with everybody who could look after them; of more it is told which somebody does. */
    private static final int FEW_HOUSES = 12;

    private static final int NAMED = 6;

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
        List<People.Colleague> active = byActive.getOrDefault(true, List.of());
        Map<UUID, String> names = houseNames();
        model.addAttribute("people", active);
        model.addAttribute("left", byActive.getOrDefault(false, List.of()));
        model.addAttribute("houses", names);
        model.addAttribute("looksAfter", names.size() > FEW_HOUSES ? lookedAfter(active, names) : Map.of());
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

    /** Which houses somebody looks after: read when it is opened, where there are many. */
    @GetMapping("/people/{personId}/houses")
    String houses(
            @PathVariable UUID personId,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean isUpdate,
            Model model) {
        access.requireLead();
        model.addAttribute("p", colleague(personId));
        model.addAttribute("chosen", personId);
        show(model, Form.empty(speaker.words()));
        return isUpdate ? "people :: houses" : "people";
    }

    /** Houses that were given up stay with whoever looked after them, for when they come back. */
    @PostMapping("/people/{personId}/houses")
    String lookAfter(
            @PathVariable UUID personId, @RequestParam(name = "house", defaultValue = "") List<UUID> houseIds) {
        access.requireLead();
        People.Colleague before = colleague(personId);
        Map<UUID, String> names = houseNames();
        // a blank among them is read as none, not as nothing
        Set<UUID> wanted = houseIds.stream()
                .map(id -> Optional.ofNullable(id).filter(names::containsKey).orElseThrow(NotFoundException::new))
                .collect(Collectors.toSet());
        Set<UUID> had = before.houses().stream().filter(names::containsKey).collect(Collectors.toSet());
        people.lookAfter(
                personId,
                Stream.concat(wanted.stream(), before.houses().stream().filter(id -> !names.containsKey(id)))
                        .collect(Collectors.toSet()));
        noteHouses(before, "people.nowLooksAfter", without(wanted, had), names);
        noteHouses(before, "people.noLongerLooksAfter", without(had, wanted), names);
        return "redirect:/people";
    }

    private static Set<UUID> without(Set<UUID> these, Set<UUID> those) {
        return these.stream().filter(id -> !those.contains(id)).collect(Collectors.toSet());
    }

    private void noteHouses(People.Colleague who, String sentence, Set<UUID> which, Map<UUID, String> names) {
        if (!which.isEmpty()) {
            history.note(
                    Subject.organisation(),
                    EventKind.PERSON_CHANGED,
                    speaker.words().say(sentence, who.name(), named(which, names)));
        }
    }

    /** In the order in which the houses stand. */
    private Map<UUID, String> houseNames() {
        return houses.all().stream()
                .collect(Collectors.toMap(House::id, House::name, (one, other) -> one, LinkedHashMap::new));
    }

    /** The first names of some houses, and how many more there are. */
    private String named(Set<UUID> which, Map<UUID, String> names) {
        List<String> all = names.entrySet().stream()
                .filter(house -> which.contains(house.getKey()))
                .map(Map.Entry::getValue)
                .toList();
        String first = all.stream().limit(NAMED).collect(Collectors.joining(", "));
        return all.size() > NAMED ? speaker.words().say("people.andMoreHouses", first, all.size() - NAMED) : first;
    }

    private Map<UUID, String> lookedAfter(List<People.Colleague> active, Map<UUID, String> names) {
        return active.stream().collect(Collectors.toMap(People.Colleague::id, colleague -> {
            String all = named(colleague.houses(), names);
            return all.isEmpty()
                    ? speaker.words().say("people.looksAfterNone")
                    : speaker.words().say("people.looksAfter", all);
        }));
    }
}
