package lumko.app.walk;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lumko.app.house.Houses;
import lumko.app.house.Recording;
import lumko.app.house.Surface;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.EveryTime;
import lumko.core.job.Action;
import lumko.core.job.BuildUp;
import lumko.core.job.FittingWay;
import lumko.core.job.Room;
import lumko.core.quantity.Limits;
import lumko.core.record.Raw;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * What is found out about a walked surface and decided on it: the room, its paint, what is done. What is sent for another
 * surface of the room, its trim, names it.
 */
@Controller
class DecidingController {
    private static final Limits PLACE = new Limits("place", 0, 100_000, "mm");
    private static final Pattern COATS = Pattern.compile("([0-2])\\+([1-4])");
    private static final int LONGEST_REASON = 200;

    private final Deciding deciding;
    private final Confirming confirming;
    private final Walks walks;
    private final Houses houses;
    private final Recording recording;
    private final PaintOffers offers;
    private final Store store;
    private final WalkPage page;
    private final Speaker speaker;

    DecidingController(
            Deciding deciding,
            Confirming confirming,
            Walks walks,
            Houses houses,
            Recording recording,
            PaintOffers offers,
            Store store,
            WalkPage page,
            Speaker speaker) {
        this.deciding = deciding;
        this.confirming = confirming;
        this.walks = walks;
        this.houses = houses;
        this.recording = recording;
        this.offers = offers;
        this.store = store;
        this.page = page;
        this.speaker = speaker;
    }

    private Form form(Map<String, String> typed) {
        return new Form(typed, speaker.words());
    }

    private static UUID surface(UUID wallId, Form form) {
        return form.typed("surface").isEmpty() ? wallId : form.id("surface").orElse(wallId);
    }

    private static Optional<UUID> id(Form form, String field) {
        return form.typed(field).isEmpty() ? Optional.empty() : form.id(field);
    }

    // ---- the room and its places

    @PostMapping("/walls/{wallId}/findings")
    String find(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        RoomFinding finding = form.one("finding", RoomFinding.class);
        boolean isThere = form.yes("there");
        if (!form.hasErrors()) {
            deciding.find(wallId, finding, isThere);
        }
        return page.answer(wallId, form, model);
    }

    @PostMapping("/walls/{wallId}/floor")
    String floor(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        Room.Floor floor = form.one("floor", Room.Floor.class);
        if (!form.hasErrors()) {
            recording.isLaid(wallId, floor);
        }
        return page.answer(wallId, form, model);
    }

    @PostMapping("/walls/{wallId}/fittings")
    String gotOutOfTheWay(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        Optional<UUID> fitting = form.id("fitting");
        Optional<FittingWay.Way> way = form.optionalOne("way", FittingWay.Way.class);
        if (!form.hasErrors()) {
            form.attempt("way", () -> {
                recording.isGotOutOfTheWay(wallId, fitting.orElseThrow(), way);
                return way;
            });
        }
        return page.answer(wallId, form, model);
    }

    @PostMapping("/walls/{wallId}/places")
    String place(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        EveryTime.Kind kind = form.one("kind", EveryTime.Kind.class);
        int left = form.whole("leftMm", PLACE);
        PlaceAnswer answer = form.one("answer", PlaceAnswer.class);
        if (!form.hasErrors()) {
            deciding.answerPlace(wallId, kind, left, answer);
        }
        return page.answer(wallId, form, model);
    }

    // ---- what is on it

    @PostMapping("/walls/{wallId}/paint")
    String isOnIt(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        int seen = form.seenVersion();
        UUID surface = surface(wallId, form);
        Optional<OnIt> onIt = onIt(form);
        if (!form.hasErrors()) {
            confirming.isOnIt(surface, onIt.orElseThrow(), seen);
        }
        return page.answer(wallId, form, model);
    }

    private Optional<OnIt> onIt(Form form) {
        PaintAnswer answer = form.one("answer", PaintAnswer.class);
        return switch (answer) {
            case RECORD_AGREES, NOT_SURE -> Optional.of(OnIt.of(answer));
            case LIKE_ANOTHER -> form.id("like").map(OnIt::like);
            case BARE -> {
                Raw raw = form.one("raw", Raw.class);
                var since = form.optionalDate("since");
                since.filter(day -> day.isAfter(speaker.today()))
                        .ifPresent(day -> form.refuse("since", speaker.words().say("refused.future", day)));
                yield Optional.of(OnIt.bare(raw, since));
            }
        };
    }

    @PostMapping("/walls/{wallId}/paint-agrees")
    String agree(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        Reach reach = form.one("reach", Reach.class);
        if (!form.hasErrors()) {
            model.addAttribute("agreed", confirming.agree(wallId, reach));
        }
        return page.answer(wallId, form, model);
    }

    /** The tin that what is on it was left over from; without one it is none of the store's. */
    @PostMapping("/walls/{wallId}/left-over")
    String leftOver(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        Optional<Tin> tin = id(form, "tin").map(this::tin);
        if (!form.hasErrors()) {
            recording.recogniseTin(wallId, tin);
        }
        return page.answer(wallId, form, model);
    }

    private Tin tin(UUID id) {
        return store.tin(id).orElseThrow(NotFoundException::new);
    }

    // ---- what goes on

    /** What could go on, nearest first, found by what was typed. */
    @GetMapping("/walls/{wallId}/paints")
    String paints(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        page.show(wallId, model, form);
        page.offer(wallId, surface(wallId, form), form.typed("q"), model);
        return page.isUpdate() ? "walk-paint :: offers" : "walk";
    }

    @PostMapping("/walls/{wallId}/goes-on")
    String goesOn(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        int seen = form.seenVersion();
        UUID surface = surface(wallId, form);
        Reach reach = form.typed("reach").isEmpty() ? Reach.SURFACE : form.one("reach", Reach.class);
        Optional<Optional<Next>> next = form.attempt("paint", () -> offers.next(form.typed("paint")));
        if (!form.hasErrors()) {
            confirming.goesOn(surface, next.orElseThrow(), reach, seen);
        }
        return page.answer(wallId, form, model);
    }

    /** In how many coats it could go on, and what each comes to. */
    @GetMapping("/walls/{wallId}/coats")
    String coats(@PathVariable UUID wallId, Model model) {
        if (!page.isUpdate()) {
            page.show(wallId, model, form(Map.of()));
        }
        page.coats(wallId, model);
        return page.isUpdate() ? "walk-coats :: ways" : "walk";
    }

    @PostMapping("/walls/{wallId}/coats")
    String coats(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        int seen = form.seenVersion();
        Reach reach = form.typed("reach").isEmpty() ? Reach.SURFACE : form.one("reach", Reach.class);
        Optional<BuildUp> coats = coats(form);
        if (!form.hasErrors()) {
            confirming.coats(wallId, coats, reach, seen);
        }
        return page.answer(wallId, form, model);
    }

    /** Undercoats and coats, as 1+2; empty for as many as the house puts on. */
    private Optional<BuildUp> coats(Form form) {
        Matcher sent = COATS.matcher(form.typed("coats"));
        if (sent.matches()) {
            return Optional.of(new BuildUp(Integer.parseInt(sent.group(1)), Integer.parseInt(sent.group(2))));
        }
        if (!form.typed("coats").isEmpty()) {
            form.refuse(
                    "coats",
                    speaker.words().say("refused.choice", speaker.words().say("field.coats"), form.typed("coats")));
        }
        return Optional.empty();
    }

    // ---- going on

    /** Somebody has looked a surface over and goes on to the next that nobody has walked. */
    @PostMapping("/walls/{wallId}/walked")
    String walked(@PathVariable UUID wallId, @RequestParam Map<String, String> typed) {
        Form form = form(typed);
        deciding.walked(wallId, form.typed("reach").equals(Reach.ROOM.name()) ? Reach.ROOM : Reach.SURFACE);
        WalkedFlat around = walks.around(wallId);
        return around.after(wallId)
                .map(next -> "redirect:/walls/" + next + "/walk")
                .orElse("redirect:/flats/" + around.flat().id());
    }

    /** The first surface of a flat that nobody has walked; the first of all once all are. */
    @GetMapping("/flats/{flatId}/walk")
    String walk(@PathVariable UUID flatId) {
        WalkedFlat walked = walks.flat(houses.flat(flatId));
        UUID first = walked.flat().faces().findFirst().map(Surface::id).orElseThrow(NotFoundException::new);
        UUID next = walked.walked().contains(first) ? walked.after(first).orElse(first) : first;
        return "redirect:/walls/" + next + "/walk";
    }

    // ---- what is done

    /** All of a surface, a room or a flat is painted without a reason given; less than the verdict needs one. */
    @PostMapping("/walls/{wallId}/decide")
    String decide(@PathVariable UUID wallId, @RequestParam Map<String, String> typed, Model model) {
        Form form = form(typed);
        int seen = form.seenVersion();
        UUID surface = surface(wallId, form);
        if (form.typed("action").isEmpty()) {
            deciding.follow(surface, seen);
            return page.answer(wallId, form, model);
        }
        Action action = form.one("action", Action.class);
        boolean isAsked = surface.equals(wallId) && !action.isWhole();
        String why = isAsked ? form.text("why", LONGEST_REASON) : form.optionalText("why", LONGEST_REASON);
        if (!form.hasErrors()) {
            deciding.decide(surface, action, why, seen);
        }
        return page.answer(wallId, form, model);
    }
}
