package lumko.app.people;

import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.history.Event;
import lumko.app.history.History;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.sheet.Sheets;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The history of a flat, or of one surface in it, latest first. */
@Controller
class HistoryController {
    private static final Instant END = Instant.parse("9999-01-01T00:00:00Z");

    private final Houses houses;
    private final History history;
    private final Sheets sheets;
    private final Access access;
    private final Speaker speaker;

    HistoryController(Houses houses, History history, Sheets sheets, Access access, Speaker speaker) {
        this.houses = houses;
        this.history = history;
        this.sheets = sheets;
        this.access = access;
        this.speaker = speaker;
    }

    /** What happened on one day. */
    record Day(LocalDate date, List<Line> lines) {}

    /** One event, with the surface it was done on where there is one. */
    record Line(Event event, String surface) {}

    @GetMapping("/flats/{flatId}/history")
    String history(
            @PathVariable UUID flatId,
            @RequestParam Optional<UUID> surface,
            @RequestParam Optional<Instant> before,
            Model model) {
        Flat flat = houses.flat(flatId);
        surface.ifPresent(id -> flat.surface(id).orElseThrow(NotFoundException::new));
        List<Event> events =
                surface.map(history::ofSurface).orElseGet(() -> history.ofFlat(flatId, before.orElse(END)));
        model.addAttribute("flat", flat);
        model.addAttribute("surface", surface.flatMap(flat::surface).orElse(null));
        model.addAttribute("days", days(events, id -> flat.labelOf(id, speaker.words())));
        model.addAttribute(
                "older",
                events.size() == History.PAGE && surface.isEmpty()
                        ? events.getLast().at()
                        : null);
        model.addAttribute("past", sheets.closedSheetsOf(flatId));
        return "history";
    }

    /** What happened to houses, people, products, colours and tins, and who could not sign in: for the lead. */
    @GetMapping("/history")
    String history(@RequestParam Optional<Instant> before, Model model) {
        access.requireLead();
        List<Event> events = history.ofOrganisation(before.orElse(END));
        model.addAttribute("days", days(events, id -> ""));
        model.addAttribute(
                "older", events.size() == History.PAGE ? events.getLast().at() : null);
        return "happened";
    }

    private List<Day> days(List<Event> events, Function<UUID, String> labels) {
        Map<LocalDate, List<Line>> days = events.stream()
                .map(event -> new Line(event, event.surface().map(labels).orElse("")))
                .collect(Collectors.groupingBy(
                        line -> LocalDate.ofInstant(
                                line.event().at(), speaker.words().zone()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        return days.entrySet().stream()
                .map(day -> new Day(day.getKey(), day.getValue()))
                .toList();
    }
}
