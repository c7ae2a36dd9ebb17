package lumko.app.front;

import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.account.Role;
import lumko.app.figure.Figures;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Recording;
import lumko.app.house.Surface;
import lumko.app.plan.Prospects;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.sheet.Sheet;
import lumko.app.sheet.Sheets;
import lumko.app.walk.Comparing;
import lumko.app.walk.WalkedFlat;
import lumko.app.walk.WalkedWall;
import lumko.app.walk.Walks;
import lumko.core.turnover.FlatState;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** A flat unfolded, and the chosen surface cut through. */
@Controller
class FlatController {
    private final Houses houses;
    private final Walks walks;
    private final Comparing comparing;
    private final Sheets sheets;
    private final Recording recording;
    private final Prospects prospects;
    private final Figures figures;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    FlatController(
            Houses houses,
            Walks walks,
            Comparing comparing,
            Sheets sheets,
            Recording recording,
            Prospects prospects,
            Figures figures,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.houses = houses;
        this.walks = walks;
        this.comparing = comparing;
        this.sheets = sheets;
        this.recording = recording;
        this.prospects = prospects;
        this.figures = figures;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    @GetMapping("/flats/{flatId}")
    String flat(
            @PathVariable UUID flatId,
            @RequestParam Optional<UUID> surface,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model) {
        Flat flat = houses.flat(flatId);
        WalkedFlat whole = walks.flat(flat);
        List<WalkedWall> walked = whole.surfaces();
        Optional<Surface> chosen = surface.isPresent()
                ? Optional.of(flat.surface(surface.get()).orElseThrow(NotFoundException::new))
                : mostMarked(walked).or(() -> flat.walls().findFirst());
        model.addAttribute("flat", flat);
        model.addAttribute("chosen", chosen.orElse(null));
        chosen.ifPresent(on -> model.addAttribute("stack", new StackView(flat, on, speaker.words())));
        model.addAttribute("mayChange", access.mayChangeRecordsOf(flat.house().id()));
        model.addAttribute(
                "mayDate",
                !access.member().role().equals(Role.PAINTER) && flat.closedOn().isEmpty());
        model.addAttribute("openSheet", sheets.openSheetOf(flatId).orElse(null));
        if (htmx) {
            return "flat-stack :: stack";
        }
        Map<UUID, WalkedWall> walkOf =
                walked.stream().collect(Collectors.toMap(w -> w.surface().id(), w -> w));
        List<Strip> strips =
                flat.rooms().stream().map(room -> Strip.of(room, walkOf)).toList();
        model.addAttribute("strips", strips);
        model.addAttribute(
                "widest", strips.stream().mapToDouble(Strip::width).max().orElse(1));
        model.addAttribute("whole", whole);
        Sheets.Progress progress = progress(flat);
        model.addAttribute(
                "prospect", progress.isDone() ? null : prospects.of(flatId).orElse(null));
        model.addAttribute("past", sheets.closedSheetsOf(flatId));
        model.addAttribute("view", new FlatView(whole, state(flat, progress), speaker.today(), speaker.words()));
        return "flat";
    }

    private Sheets.Progress progress(Flat flat) {
        return flat.turnover()
                .map(turnover ->
                        sheets.progress(List.of(turnover.id())).getOrDefault(turnover.id(), Sheets.Progress.NONE))
                .orElse(Sheets.Progress.NONE);
    }

    private FlatState state(Flat flat, Sheets.Progress progress) {
        return Sheets.flatProgress(flat.turnover(), progress)
                .state(speaker.today(), clock.instant(), figures.catalogue());
    }

    private static Optional<Surface> mostMarked(List<WalkedWall> walked) {
        return walked.stream()
                .filter(wall -> !wall.marks().isEmpty())
                .max(Comparator.comparingInt(wall -> wall.marks().size()))
                .map(WalkedWall::surface);
    }

    /** Touching up against painting all of it, room by room and as a whole. */
    @GetMapping("/flats/{flatId}/compared")
    String compared(
            @PathVariable UUID flatId,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean htmx,
            Model model) {
        Flat flat = houses.flat(flatId);
        model.addAttribute("compared", comparing.of(walks.flat(flat)));
        model.addAttribute(
                "title", speaker.words().say("compare.titleOf", flat.house().name(), flat.number()));
        model.addAttribute("mayChange", access.mayChangeRecordsOf(flat.house().id()));
        return htmx ? "flat-compared :: compared" : "flat-compared";
    }

    /**
     * The next tenant is in. With a sheet still open that is asked about: its steps would stand open in a flat that nobody gets
     * into.
     */
    @PostMapping("/flats/{flatId}/let")
    String let(
            @PathVariable UUID flatId,
            @RequestParam int version,
            @RequestParam(defaultValue = "false") boolean anyway,
            Model model) {
        Optional<UUID> open = sheets.openSheetOf(flatId);
        if (open.isPresent() && !anyway) {
            Sheet sheet = sheets.sheet(open.get());
            model.addAttribute("flat", sheet.flat());
            model.addAttribute("version", version);
            model.addAttribute("sheetId", sheet.id());
            model.addAttribute("ticked", sheet.ticked());
            model.addAttribute("steps", sheet.steps().size());
            return "flat-let";
        }
        recording.endTurnover(flatId, speaker.today(), version);
        return "redirect:/flats/" + flatId;
    }
}
