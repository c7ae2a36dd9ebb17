package lumko.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.platform.UnitSystem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.HttpSessionCsrfTokenRepository;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** Signing in, the first run, and the one-click entry of the demo. */
@Controller
class SignInController {
    private final Accounts accounts;
    private final Speaker speaker;
    private final boolean demo;

    SignInController(Accounts accounts, Speaker speaker, @Value("${lumko.demo:false}") boolean demo) {
        this.accounts = accounts;
        this.speaker = speaker;
        this.demo = demo;
    }

    @ModelAttribute("unitSystems")
    UnitSystem[] unitSystems() {
        return UnitSystem.values();
    }

    @GetMapping("/login")
    String login(Model model, HttpServletRequest request) {
        if (accounts.isFresh()) {
            return "redirect:/first-run";
        }
        model.addAttribute("demoPeople", demo ? demoPeople() : List.of());
        model.addAttribute("failed", request.getParameter("error") != null);
        model.addAttribute(
                "wait",
                Optional.ofNullable(request.getParameter("wait"))
                        .filter(seconds -> seconds.matches("\\d{1,3}"))
                        .orElse(""));
        return "login";
    }

    private List<Member> demoPeople() {
        return DemoPeople.LOGINS.stream()
                .flatMap(login -> accounts.find(login).stream())
                .toList();
    }

    @PostMapping("/demo/enter")
    String enter(@RequestParam String login, HttpServletRequest request, HttpServletResponse response) {
        if (!demo || !DemoPeople.LOGINS.contains(login)) {
            throw new NotFoundException();
        }
        enter(accounts.member(login), request, response);
        return "redirect:/";
    }

    /** A new token for a page that stood open for long, and whose it is. */
    @GetMapping(path = "/token", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    Map<String, String> token(CsrfToken token, @AuthenticationPrincipal Member member) {
        return Map.of("token", token.getToken(), "person", member.personId().toString());
    }

    @GetMapping("/first-run")
    String firstRun(Model model) {
        if (!accounts.isFresh()) {
            return "redirect:/login";
        }
        return firstRun(model, Form.empty(speaker.words()));
    }

    private static String firstRun(Model model, Form form) {
        model.addAttribute("form", form);
        model.addAttribute("zones", Settings.zones());
        return "first-run";
    }

    @PostMapping("/first-run")
    String found(
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (!accounts.isFresh()) {
            return "redirect:/login";
        }
        Form form = new Form(typed, speaker.words());
        Settings settings = Settings.read(form, speaker.words());
        String name = form.text("name", 120);
        String login = form.text("login", 80);
        String password =
                Passwords.read(form, "password", speaker.words(), List.of(name, login, settings.organisation()));
        if (form.hasErrors()) {
            response.setStatus(422);
            return firstRun(model, form);
        }
        enter(
                accounts.found(settings.organisation(), settings.units(), settings.zone(), name, login, password),
                request,
                response);
        return "redirect:/";
    }

    static void enter(Member member, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        // a token known before is not good for what follows, and pages opened side by side are given the same
        var tokens = new HttpSessionCsrfTokenRepository();
        tokens.saveToken(tokens.generateToken(request), request, response);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(Accounts.signedIn(member));
        SecurityContextHolder.setContext(context);
        new HttpSessionSecurityContextRepository().saveContext(context, request, response);
    }
}
