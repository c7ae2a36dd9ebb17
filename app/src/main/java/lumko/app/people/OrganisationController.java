package lumko.app.people;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import lumko.app.account.Access;
import lumko.app.account.Accounts;
import lumko.app.account.Member;
import lumko.app.account.Settings;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.app.platform.UnitSystem;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What the organisation is called, and in which units and words it reads. */
@Controller
class OrganisationController {
    private final Accounts accounts;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    OrganisationController(Accounts accounts, History history, Access access, Speaker speaker) {
        this.accounts = accounts;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    @GetMapping("/organisation")
    String show(Model model) {
        return show(model, Form.empty(speaker.words()));
    }

    private String show(Model model, Form form) {
        access.requireLead();
        model.addAttribute("now", settings());
        model.addAttribute("unitSystems", UnitSystem.values());
        model.addAttribute("zones", Settings.zones());
        model.addAttribute("form", form);
        return "organisation";
    }

    private Settings settings() {
        Member lead = access.member();
        return new Settings(lead.organisation(), lead.units(), lead.zone());
    }

    @PostMapping("/organisation")
    String change(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        access.requireLead();
        Form form = new Form(typed, speaker.words());
        Settings to = Settings.read(form, speaker.words());
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form);
        }
        Settings before = settings();
        if (!before.equals(to)) {
            accounts.change(access.member(), to);
            history.note(Subject.organisation(), EventKind.CORRECTED, said(before) + " → " + said(to));
        }
        return "redirect:/people";
    }

    private String said(Settings settings) {
        return settings.organisation() + ", " + speaker.words().name(settings.units()) + ", " + settings.zone();
    }
}
