package lumko.app.front;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.account.Passwords;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.house.Houses;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
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
    private final Access access;
    private final Speaker speaker;

    PeopleController(People people, Houses houses, Access access, Speaker speaker) {
        this.people = people;
        this.houses = houses;
        this.access = access;
        this.speaker = speaker;
    }

    @GetMapping("/people")
    String people(Model model) {
        return show(model, Form.empty(speaker.words()));
    }

    private String show(Model model, Form form) {
        model.addAttribute("people", people.all());
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
        String password = Passwords.read(form, "password", speaker.words());
        Role role = form.one("role", Role.class);
        if (!form.hasError("login") && people.isTaken(login)) {
            form.refuse("login", speaker.words().say("refused.taken", login));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form);
        }
        people.add(name, login, password, role);
        return "redirect:/people";
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
