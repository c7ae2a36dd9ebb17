package lumko.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One's own password. Whoever chooses another is out everywhere else. */
@Controller
class PasswordController {
    static final String PATH = "/password";

    private final Accounts accounts;
    private final People people;
    private final Access access;
    private final PasswordEncoder passwords;
    private final SignInBrake brake;
    private final ApplicationEventPublisher events;
    private final Speaker speaker;

    PasswordController(
            Accounts accounts,
            People people,
            Access access,
            PasswordEncoder passwords,
            SignInBrake brake,
            ApplicationEventPublisher events,
            Speaker speaker) {
        this.accounts = accounts;
        this.people = people;
        this.access = access;
        this.passwords = passwords;
        this.brake = brake;
        this.events = events;
        this.speaker = speaker;
    }

    @GetMapping(PATH)
    String password(Model model) {
        return show(model, Form.empty(speaker.words()));
    }

    private String show(Model model, Form form) {
        Accounts.Known known = accounts.known(access.member().login()).orElseThrow();
        model.addAttribute("form", form);
        model.addAttribute("isOnce", known.isOnce());
        model.addAttribute("hasNone", known.passwordHash().equals(Accounts.NO_PASSWORD));
        return "password";
    }

    @PostMapping(PATH)
    String choose(
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        Member member = access.member();
        Accounts.Known known = accounts.known(member.login()).orElseThrow();
        Form form = new Form(typed, speaker.words());
        String address = request.getRemoteAddr();
        if (brake.wait(member.login(), address).isPositive()) {
            form.refuse("old-password", speaker.words().say("refused.passwordSoon"));
        } else if (known.passwordHash().equals(Accounts.NO_PASSWORD)
                || !passwords.matches(form.raw("old-password"), known.passwordHash())) {
            brake.failed(member.login(), address);
            form.refuse("old-password", speaker.words().say("refused.passwordWrong"));
        }
        String chosen = Passwords.read(
                form, "password", speaker.words(), List.of(member.name(), member.login(), member.organisation()));
        if (!form.hasErrors() && form.raw("old-password").equals(chosen)) {
            form.refuse("password", speaker.words().say("refused.passwordSame"));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(model, form);
        }
        brake.succeeded(member.login());
        people.choosePassword(member.personId(), chosen);
        SignInController.enter(accounts.member(member.login()), request, response);
        events.publishEvent(new AccountEvent(member, AccountEvent.Kind.PASSWORD_CHANGED, ""));
        return "redirect:/";
    }
}
