package lumko.app.front;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Paints;
import lumko.app.figure.Figures;
import lumko.app.front.FrontView.FacadeDrawing;
import lumko.app.front.FrontView.Hand;
import lumko.app.front.FrontView.WindowDrawing;
import lumko.app.house.House;
import lumko.app.house.Houses;
import lumko.app.house.Roof;
import lumko.app.house.Turnover;
import lumko.app.outcome.Predictions;
import lumko.app.plan.Prospects;
import lumko.app.plan.Prospects.Prospect;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.sheet.Sheets;
import lumko.app.sheet.Sheets.Progress;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.turnover.FlatProgress;
import lumko.core.turnover.FlatState;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays out the front of the houses and finds what needs a hand. */
@Service
class FrontDesk {
    private static final double WINDOW = 58;
    private static final double SMALL_WINDOW = 50;
    private static final double GAP = 14;
    private static final double ROOM_FOR_ROOF = 58;
    private static final double BETWEEN_HOUSES = 60;
    private static final double MARGIN = 30;
    private static final double LEAST_WIDTH = 600;

    /** More flats than this are no picture any more: one house is drawn, and the others are chosen. */
    private static final int MOST_AT_ONCE = 120;

    /** As many flats as one reads; the others press less. */
    private static final int MOST_LISTED = 30;

    private static final int MOST_LOOKS = 10;

    private static final String UNKNOWN_FILL = "url(#unknown-hatch)";

    /** Houses with more bays than this get smaller windows. */
    private static final int MANY_BAYS = 5;

    private final Houses houses;
    private final Paints paints;
    private final Sheets sheets;
    private final Predictions predictions;
    private final Prospects prospects;
    private final Figures figures;
    private final Speaker speaker;
    private final Clock clock;

    FrontDesk(
            Houses houses,
            Paints paints,
            Sheets sheets,
            Predictions predictions,
            Prospects prospects,
            Figures figures,
            Speaker speaker,
            Clock clock) {
        this.houses = houses;
        this.paints = paints;
        this.sheets = sheets;
        this.predictions = predictions;
        this.prospects = prospects;
        this.figures = figures;
        this.speaker = speaker;
        this.clock = clock;
    }

    /** What is known of a flat's turnover. */
    private record Standing(Turnover turnover, Progress progress, FlatProgress flat, Optional<Prospect> prospect) {}

    /**
     * @param wanted the house that somebody has chosen; without one, and where they are too many, the one whose flat presses most
     */
    @Transactional(readOnly = true)
    FrontView front(Optional<UUID> wanted) {
        List<House> all = houses.all();
        Map<UUID, Long> flats = houses.flatCounts();
        Map<UUID, Standing> standingOf = standing();
        Map<UUID, Houses.Door> doors = houses.doors(standingOf.keySet());
        Catalogue catalogue = figures.catalogue();
        List<Hand> needing = needing(standingOf, doors, catalogue);
        Map<UUID, Long> needingIn = needing.stream()
                .collect(Collectors.groupingBy(hand -> houseOf(doors, hand).id(), Collectors.counting()));
        boolean areMany = flats.values().stream().mapToLong(each -> each).sum() > MOST_AT_ONCE;
        List<House> shown =
                areMany ? chosen(all, wanted, needing, doors).stream().toList() : all;
        List<Hand> looks = looksDue(catalogue);
        List<FacadeDrawing> drawn = drawn(shown, standingOf, catalogue);
        return new FrontView(
                areMany
                        ? all.stream()
                                .map(house -> new FrontView.HouseTab(
                                        house.id(),
                                        house.name(),
                                        needingIn.getOrDefault(house.id(), 0L),
                                        shown.contains(house)))
                                .toList()
                        : List.of(),
                drawn,
                drawn.stream()
                        .mapToDouble(house -> house.x() + house.width() + MARGIN)
                        .max()
                        .orElse(LEAST_WIDTH),
                drawn.stream()
                        .mapToDouble(house -> house.y() + house.height())
                        .max()
                        .orElse(ROOM_FOR_ROOF),
                Stream.concat(
                                needing.stream()
                                        .filter(hand ->
                                                !areMany || wanted.isEmpty() || shown.contains(houseOf(doors, hand)))
                                        .limit(areMany ? MOST_LISTED : MOST_AT_ONCE),
                                looks.stream().limit(MOST_LOOKS))
                        .toList(),
                needing.size() + looks.size());
    }

    /** The house that was chosen, else that of the most pressing flat, else the first. */
    private static Optional<House> chosen(
            List<House> all, Optional<UUID> wanted, List<Hand> needing, Map<UUID, Houses.Door> doors) {
        return wanted.flatMap(id ->
                        all.stream().filter(house -> house.id().equals(id)).findFirst())
                .or(() -> needing.stream().findFirst().map(hand -> houseOf(doors, hand)))
                .or(() -> all.stream().findFirst());
    }

    private static House houseOf(Map<UUID, Houses.Door> doors, Hand hand) {
        return Objects.requireNonNull(doors.get(hand.flatId())).house();
    }

    /** By flat, of those that are not let. */
    private Map<UUID, Standing> standing() {
        List<Turnover> open = houses.openTurnovers();
        Map<UUID, Progress> progressOf =
                sheets.progress(open.stream().map(Turnover::id).toList());
        Map<UUID, Prospect> prospectOf = prospects.all();
        return open.stream().collect(Collectors.toMap(Turnover::flatId, turnover -> {
            Progress progress = progressOf.getOrDefault(turnover.id(), Progress.NONE);
            return new Standing(
                    turnover,
                    progress,
                    Sheets.flatProgress(Optional.of(turnover), progress),
                    Optional.ofNullable(prospectOf.get(turnover.flatId())).filter(planned -> !progress.isDone()));
        }));
    }

    private List<Hand> needing(Map<UUID, Standing> standingOf, Map<UUID, Houses.Door> doors, Catalogue catalogue) {
        return standingOf.entrySet().stream()
                .flatMap(entry ->
                        hand(Objects.requireNonNull(doors.get(entry.getKey())), entry.getValue(), catalogue).stream())
                .sorted(Comparator.comparing((Hand hand) -> !hand.late())
                        .thenComparing(hand -> prospect(standingOf, hand), Prospect.MOST_PRESSING)
                        .thenComparing(hand -> due(standingOf, hand))
                        .thenComparing(Hand::flat))
                .toList();
    }

    private List<FacadeDrawing> drawn(List<House> shown, Map<UUID, Standing> standingOf, Catalogue catalogue) {
        List<Houses.Facade> facades = houses.facades(shown);
        Map<UUID, Colour> colours = paints.book().colours();
        double ground = ROOM_FOR_ROOF
                + facades.stream().mapToDouble(FrontDesk::heightOf).max().orElse(0);
        List<FacadeDrawing> drawn = new ArrayList<>();
        double x = MARGIN;
        for (Houses.Facade facade : facades) {
            drawn.add(draw(facade, x, ground, colours, standingOf, catalogue));
            x += widthOf(facade) + BETWEEN_HOUSES;
        }
        return drawn;
    }

    /** Sheets that were closed long enough ago for their touch-ups to have toned down. */
    private List<Hand> looksDue(Catalogue catalogue) {
        List<Predictions.Due> due = predictions.due(catalogue.time(Figure.SHEEN_TONES_DOWN));
        if (due.isEmpty()) {
            return List.of();
        }
        Words words = speaker.words();
        Map<UUID, UUID> flatOf = houses.flatsOfTurnovers(
                due.stream().map(Predictions.Due::turnoverId).distinct().toList());
        Map<UUID, Houses.Door> doors = houses.doors(flatOf.values());
        return due.stream()
                .map(each -> {
                    UUID flat = Objects.requireNonNull(flatOf.get(each.turnoverId()));
                    LocalDate on = LocalDate.ofInstant(each.closedAt(), words.zone());
                    return new Hand(
                            flat,
                            Objects.requireNonNull(doors.get(flat)).name(),
                            false,
                            words.say(
                                    each.walls() == 1 ? "hand.lookAgainOne" : "hand.lookAgain",
                                    each.walls(),
                                    words.fromToday(on, speaker.today())),
                            "",
                            "",
                            "",
                            words.say("hand.toLook"),
                            "/sheets/" + each.sheetId() + "#seen");
                })
                .toList();
    }

    /** What is not planned waits for nobody and is taken to be ready. */
    private static Prospect prospect(Map<UUID, Standing> standingOf, Hand hand) {
        return Optional.ofNullable(standingOf.get(hand.flatId()))
                .flatMap(Standing::prospect)
                .orElseGet(() -> new Prospect(hand.flatId(), Duration.ZERO, Optional.empty(), "", Optional.empty()));
    }

    private static LocalDate due(Map<UUID, Standing> standingOf, Hand hand) {
        return Optional.ofNullable(standingOf.get(hand.flatId()))
                .flatMap(standing -> standing.turnover().dueOn())
                .orElse(LocalDate.MAX);
    }

    // ---- drawing

    private static int floors(Houses.Facade facade) {
        return facade.windows().stream().mapToInt(Houses.Window::floor).max().orElse(0) + 1;
    }

    private static int bays(Houses.Facade facade) {
        return facade.windows().stream().mapToInt(Houses.Window::bay).max().orElse(2) + 1;
    }

    private static double windowOf(Houses.Facade facade) {
        return bays(facade) > MANY_BAYS ? SMALL_WINDOW : WINDOW;
    }

    private static double widthOf(Houses.Facade facade) {
        return bays(facade) * (windowOf(facade) + GAP) + GAP;
    }

    private static double heightOf(Houses.Facade facade) {
        return floors(facade) * (windowOf(facade) + GAP) + GAP;
    }

    private FacadeDrawing draw(
            Houses.Facade facade,
            double x,
            double ground,
            Map<UUID, Colour> colours,
            Map<UUID, Standing> standingOf,
            Catalogue catalogue) {
        double width = widthOf(facade);
        double height = heightOf(facade);
        double top = ground - height;
        double size = windowOf(facade);
        int floors = floors(facade);
        List<WindowDrawing> windows = facade.windows().stream()
                .map(window -> {
                    FlatProgress progress = Optional.ofNullable(standingOf.get(window.flatId()))
                            .map(Standing::flat)
                            .orElse(FlatProgress.LET);
                    FlatState state = progress.state(speaker.today(), clock.instant(), catalogue);
                    boolean late = progress.isLate(speaker.today());
                    String fill = window.wallColour()
                            .map(colours::get)
                            .map(colour -> colour.screen().hex())
                            .orElse(UNKNOWN_FILL);
                    return new WindowDrawing(
                            window.flatId(),
                            window.number(),
                            GAP + window.bay() * (size + GAP),
                            GAP + (floors - 1 - window.floor()) * (size + GAP),
                            size,
                            fill,
                            state,
                            late,
                            title(facade.house(), window, state, late));
                })
                .toList();
        return new FacadeDrawing(
                facade.house().id(),
                facade.house().name(),
                roof(facade.house().roof(), width),
                x,
                top,
                width,
                height,
                windows);
    }

    private String title(House house, Houses.Window window, FlatState state, boolean late) {
        Words words = speaker.words();
        return words.say("front.window", house.name(), window.number(), words.name(state))
                + (late ? ", " + words.say("front.late") : "");
    }

    private static String roof(Roof roof, double width) {
        return switch (roof) {
            case FLAT -> "M-6 0V-12H%s V0Z".formatted(width + 6);
            case GABLE -> "M-8 0L%s -54L%s 0Z".formatted(width / 2, width + 8);
            case SAW -> {
                StringBuilder path = new StringBuilder();
                for (int tooth = 0; tooth < 3; tooth++) {
                    path.append("M%s 0V-34L%s 0Z".formatted(tooth * width / 3, (tooth + 1) * width / 3));
                }
                yield path.toString();
            }
        };
    }

    // ---- what needs a hand

    private Optional<Hand> hand(Houses.Door door, Standing standing, Catalogue catalogue) {
        LocalDate today = speaker.today();
        Instant now = clock.instant();
        FlatState state = standing.flat().state(today, now, catalogue);
        boolean late = standing.flat().isLate(today);
        if (!state.needsHand() && !late) {
            return Optional.empty();
        }
        Words words = speaker.words();
        Progress progress = standing.progress();
        String next =
                progress.next().map(kind -> words.say("step." + kind.name())).orElseGet(() -> words.say("hand.close"));
        String what = switch (state) {
            case DRYING ->
                words.say("hand.drying", words.moment(progress.dryUntil().orElse(now), now), next);
            case IN_WORK -> words.say("hand.inWork", progress.ticked(), progress.steps(), next);
            case LET, NOTICE, EMPTY, CURING, READY ->
                words.say("hand.empty", words.fromToday(standing.turnover().keysBackOn(), today));
        };
        boolean hasSheet = progress.openSheet().isPresent();
        return Optional.of(new Hand(
                door.flatId(),
                door.name(),
                late,
                what,
                matters(standing.turnover(), today, words),
                standing.prospect().map(Prospect::says).orElse(""),
                standing.prospect().flatMap(Prospect::next).orElse(""),
                words.say(hasSheet ? "hand.openSheet" : "hand.walk"),
                hasSheet ? "/sheets/" + progress.openSheet().orElseThrow() : "/flats/" + door.flatId()));
    }

    private static String matters(Turnover turnover, LocalDate today, Words words) {
        List<String> parts = new ArrayList<>();
        turnover.viewingOn().ifPresent(day -> parts.add(words.say("hand.viewing", words.fromToday(day, today))));
        turnover.moveInOn().ifPresent(day -> parts.add(words.say("hand.moveIn", words.fromToday(day, today))));
        return String.join(" · ", parts);
    }
}
