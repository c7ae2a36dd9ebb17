package lumko.app.plan;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.Date;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.account.Accounts;
import lumko.app.account.CalendarLinks;
import lumko.app.account.Role;
import lumko.app.house.Houses;
import lumko.app.platform.BaseAddress;
import lumko.app.platform.Csv;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Day lists, calendars and the plan as a table. */
@Controller
class DaysController {
    private final Days days;
    private final CalendarLinks links;
    private final BaseAddress base;
    private final Houses houses;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    DaysController(
            Days days,
            CalendarLinks links,
            BaseAddress base,
            Houses houses,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.days = days;
        this.links = links;
        this.base = base;
        this.houses = houses;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    @GetMapping("/plan/days")
    String mine(@RequestParam Optional<UUID> person, Model model) {
        UUID shown = person.orElseGet(() -> access.member().role() == Role.OFFICE
                ? days.painters().getFirst().id()
                : access.member().personId());
        model.addAttribute("list", days.of(shown));
        model.addAttribute("painters", days.painters());
        model.addAttribute("houses", houses.all());
        model.addAttribute("links", links.all());
        model.addAttribute("isLead", access.member().isLead());
        model.addAttribute(
                "mayLink",
                access.member().isLead() || shown.equals(access.member().personId()));
        return "plan-days";
    }

    @PostMapping("/plan/calendars")
    String link(@RequestParam Optional<UUID> person, @RequestParam Optional<UUID> house, RedirectAttributes redirect) {
        if (person.isPresent() == house.isPresent()) {
            throw new NotFoundException();
        }
        house.ifPresent(houses::house);
        redirect.addFlashAttribute("calendar", base.of("/calendar/" + links.issue(person, house) + ".ics"));
        return "redirect:/plan/days" + person.map(id -> "?person=" + id).orElse("");
    }

    @PostMapping("/plan/calendars/{id}/revoke")
    String revoke(@PathVariable UUID id) {
        links.revoke(id);
        return "redirect:/plan/days";
    }

    /** A calendar for whoever has its secret. */
    @GetMapping(path = "/calendar/{secret}.ics", produces = "text/calendar;charset=UTF-8")
    @ResponseBody
    byte[] calendar(@PathVariable String secret, HttpServletResponse response) {
        CalendarLinks.Bearer bearer = links.find(secret).orElseThrow(NotFoundException::new);
        response.setHeader("Cache-Control", "private, max-age=300");
        return Accounts.as(
                bearer,
                () -> written(
                        days.stays(bearer.person(), bearer.house()),
                        bearer.house().isPresent()));
    }

    private byte[] written(List<Days.Stay> stays, boolean isOfHouse) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Lumko//Plan//EN");
        Words words = speaker.words();
        Instant now = clock.instant();
        for (Days.Stay stay : stays) {
            VEvent event = new VEvent();
            event.setUid(stay.uid() + "@lumko");
            event.setDateTimeStamp(Date.from(now));
            event.setDateStart(Date.from(stay.from()));
            event.setDateEnd(Date.from(stay.to()));
            event.setSummary(isOfHouse ? stay.flat() + ": " + stay.person() : stay.flat());
            event.setLocation(stay.flat());
            event.setDescription(String.join("\n", stay.what())
                    + (stay.dry().isAfter(stay.to())
                            ? "\n" + words.say("plan.dryUntil") + ": " + words.moment(stay.dry(), now)
                            : ""));
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go().getBytes(StandardCharsets.UTF_8);
    }

    @GetMapping(path = "/plan.csv", produces = "text/csv;charset=UTF-8")
    @ResponseBody
    String table(HttpServletResponse response) throws IOException {
        response.setContentType(MediaType.valueOf("text/csv;charset=UTF-8").toString());
        response.setHeader("Content-Disposition", "attachment; filename=plan.csv");
        StringWriter text = new StringWriter();
        Csv csv = new Csv(text);
        csv.row(List.of("begins", "ends", "painter", "flat", "work", "dry"));
        for (Days.Stay stay : days.stays(Optional.empty(), Optional.empty())) {
            csv.row(List.of(
                    stay.from(), stay.to(), stay.person(), stay.flat(), String.join("; ", stay.what()), stay.dry()));
        }
        return text.toString();
    }
}
