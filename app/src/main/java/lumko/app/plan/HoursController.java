package lumko.app.plan;

import jakarta.servlet.http.HttpServletResponse;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
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

/** Who is away or works when others don't, and when houses are open. */
@Controller
class HoursController {
    private final WorkingDays working;
    private final Days days;
    private final Houses houses;
    private final Access access;
    private final Speaker speaker;

    HoursController(WorkingDays working, Days days, Houses houses, Access access, Speaker speaker) {
        this.working = working;
        this.days = days;
        this.houses = houses;
        this.access = access;
        this.speaker = speaker;
    }

    /** A painter with the days that are not as every week. */
    record Hand(UUID id, String name, List<WorkingDays.OtherDay> days, boolean mayChange) {}

    @GetMapping("/plan/hours")
    String hours(Model model) {
        return show(Form.empty(speaker.words()), model);
    }

    private String show(Form form, Model model) {
        boolean isLead = access.member().isLead();
        Map<UUID, List<WorkingDays.OtherDay>> otherDays = working.all();
        model.addAttribute(
                "hands",
                days.painters().stream()
                        .map((People.Colleague each) -> new Hand(
                                each.id(),
                                each.name(),
                                otherDays.getOrDefault(each.id(), List.of()),
                                isLead || each.id().equals(access.member().personId())))
                        .toList());
        model.addAttribute("houses", houses.all());
        Map<UUID, String> opens = new HashMap<>();
        Map<UUID, String> closes = new HashMap<>();
        for (WorkingDays.Opening opening : working.openings()) {
            opens.put(opening.houseId(), opening.from().toString());
            closes.put(opening.houseId(), opening.to().toString());
        }
        model.addAttribute("openFrom", opens);
        model.addAttribute("openTo", closes);
        model.addAttribute("isLead", isLead);
        model.addAttribute("mayEnter", access.member().role() != Role.OFFICE);
        model.addAttribute("form", form);
        return "plan-hours";
    }

    @PostMapping("/plan/hours")
    String add(@RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        Optional<LocalDate> day = form.optionalDate("day");
        Optional<UUID> person = form.id("person");
        if (day.isEmpty() && !form.hasError("day")) {
            form.refuse("day", speaker.words().say("hours.dayMissing"));
        }
        boolean works = form.yes("works");
        day.filter(date -> date.isBefore(speaker.today()))
                .ifPresent(date -> form.refuse(
                        "day",
                        speaker.words().say("hours.dayPast", speaker.words().date(date))));
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(form, model);
        }
        working.set(person.orElseThrow(NotFoundException::new), day.orElseThrow(), works);
        return "redirect:/plan/hours";
    }

    @PostMapping("/plan/hours/{id}/forget")
    String forget(@PathVariable UUID id) {
        working.forget(id);
        return "redirect:/plan/hours";
    }

    @PostMapping("/plan/hours/houses/{houseId}")
    String open(
            @PathVariable UUID houseId,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        Form form = new Form(typed, speaker.words());
        Optional<LocalTime> from = time(form, "opens");
        Optional<LocalTime> to = time(form, "closes");
        boolean isOdd = from.isPresent() != to.isPresent()
                || from.isPresent() && to.isPresent() && !from.get().isBefore(to.get());
        if (!form.hasErrors() && isOdd) {
            form.refuse("opens", speaker.words().say("hours.odd"));
        }
        if (form.hasErrors()) {
            response.setStatus(422);
            return show(form, model);
        }
        working.open(houseId, from.flatMap(opens -> to.map(closes -> new WorkingDays.Opening(houseId, opens, closes))));
        return "redirect:/plan/hours";
    }

    private Optional<LocalTime> time(Form form, String field) {
        String typed = form.typed(field).strip();
        try {
            return typed.isEmpty() ? Optional.empty() : Optional.of(LocalTime.parse(typed));
        } catch (DateTimeException no) {
            form.refuse(field, speaker.words().say("hours.noTime", typed));
            return Optional.empty();
        }
    }
}
