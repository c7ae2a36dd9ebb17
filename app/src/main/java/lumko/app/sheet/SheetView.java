package lumko.app.sheet;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import lumko.app.house.Room;
import lumko.app.paint.Tin;
import lumko.app.platform.UnitSystem;
import lumko.app.platform.Words;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Material;
import lumko.core.activity.OpenTime;
import lumko.core.activity.Use;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.AirLimit;
import lumko.core.drying.Drying.DoesNotDry;
import lumko.core.drying.Drying.Dries;
import lumko.core.figure.Catalogue;
import lumko.core.job.Carried;
import lumko.core.job.HowItIsDone;
import lumko.core.job.Thinned;
import lumko.core.quantity.Temperature;
import lumko.core.quantity.Volume;
import lumko.core.schedule.Clock;

/** A sheet put into words for its page and its paper. */
public final class SheetView {
    private final Sheet sheet;
    private final Catalogue figures;
    private final Words words;

    SheetView(Sheet sheet, Catalogue figures, Words words) {
        this.sheet = sheet;
        this.figures = figures;
        this.words = words;
    }

    /** What is done: "Roll the walls, first coat". */
    public String title(SheetStep step) {
        return words.say("step." + step.activity().kind().name());
    }

    /** How it is done, in a sentence or two. */
    public String how(SheetStep step) {
        String how = words.say("step." + step.activity().kind().name() + ".how");
        String asHere = HowItIsDone.questions(step.activity().kind()).stream()
                .map(question -> words.name(sheet.practice().of(question)))
                .collect(Collectors.joining("; "));
        return asHere.isEmpty() ? how : how + " " + words.say("sheet.asHere", asHere);
    }

    /** In which paint, where there are several, and how much of it: places, surface, edge. */
    public String amount(SheetStep step) {
        List<String> parts = new ArrayList<>();
        if (!paint(step).isEmpty()) {
            parts.add(paint(step));
        }
        if (step.activity().count() > 0) {
            int places = step.activity().count();
            parts.add(words.say(places == 1 ? "sheet.place" : "sheet.places", places));
        }
        if (step.activity().area().inSquareMetres() > 0) {
            parts.add(words.area(step.activity().area()));
        }
        if (step.activity().edge().inMillimetres() > 0) {
            parts.add(words.length(step.activity().edge()));
        }
        return String.join(" · ", parts);
    }

    public String tools(SheetStep step) {
        return step.activity().tools().stream().map(words::name).collect(Collectors.joining(", "));
    }

    public String uses(SheetStep step) {
        return step.activity().uses().stream().map(this::use).collect(Collectors.joining(" · "));
    }

    /** What is used up besides the paints of the record; what is thinned by its paint and its water. */
    public List<String> materials() {
        return sheet.materials().entrySet().stream()
                .map(entry -> {
                    String amount = words.volume(entry.getValue()) + " " + words.name(entry.getKey());
                    if (!entry.getKey().isThinned()) {
                        return amount;
                    }
                    Thinned thinned = Thinned.of(entry.getValue(), figures);
                    return words.say(
                            "sheet.thinned", amount, words.volume(thinned.paint()), words.volume(thinned.water()));
                })
                .toList();
    }

    /** Sheets of abrasive to carry. */
    public int abrasiveSheets() {
        return Carried.of(
                        new WorkGraph(
                                sheet.steps().stream().map(SheetStep::activity).toList(), List.of(), List.of()),
                        figures)
                .sheets();
    }

    /** Advice that stands at a step. */
    public List<String> says(SheetStep step) {
        return step.activity().says().stream().map(words::name).toList();
    }

    private String use(Use use) {
        String what = use.material().isPaint() ? paintName(use) : words.name(use.material());
        return words.volume(use.volume()) + " " + what;
    }

    private String paintName(Use use) {
        return sheet.paints().stream()
                .map(PaintNeed::paint)
                .filter(paint -> paint.key().equals(use.paint()))
                .findFirst()
                .map(paint -> paint.colour().name())
                .orElseGet(() -> words.name(use.material()));
    }

    /** What the steps of a coat are done in, where the sheet has several paints. */
    private String paint(SheetStep step) {
        return sheet.paints().size() < 2
                ? ""
                : sheet.paints().stream()
                        .map(PaintNeed::paint)
                        .filter(paint -> paint.key().equals(step.activity().paint()))
                        .findFirst()
                        .map(paint -> paint.colour().name())
                        .orElse("");
    }

    /** Until when a step has to be begun, or how soon after what. */
    public String within(SheetStep step, Instant now) {
        return step.latest()
                .map(latest -> words.say("sheet.beginBy", words.moment(latest, now)))
                .orElseGet(() -> step.within()
                        .map(limit -> words.say(
                                "sheet.beginWithin",
                                limit.time(),
                                words.say("step." + limit.after().name())))
                        .orElse(""));
    }

    /** How long a cut strip stays open in this air, how far it may be cut ahead, or what has to be done in one go. */
    public String openTime(SheetStep step) {
        OpenTime open = new OpenTime(figures);
        ActivityKind kind = step.activity().kind();
        if (kind.isRolling()
                && step.activity().uses().stream().anyMatch(use -> use.material() == Material.CEILING_PAINT)) {
            return words.say(
                    "sheet.oneGo",
                    open.inOneGo(step.activity().area(), step.activity().edge()));
        }
        return kind == ActivityKind.CUT_IN || kind == ActivityKind.CUT_IN_AGAIN
                ? words.say(
                        "sheet.open",
                        open.of(sheet.climate()),
                        open.ahead(sheet.climate(), false),
                        open.ahead(sheet.climate(), true))
                : "";
    }

    public boolean isTooLate(SheetStep step, Instant now) {
        return step.latest().filter(latest -> latest.isBefore(now)).isPresent();
    }

    /** What a step took against what was planned. */
    public String taken(SheetStep step) {
        return step.taken()
                .map(taken -> words.say("sheet.taken", taken, step.activity().hand()))
                .orElse("");
    }

    /** What is likely left in a tin when the job is done, as a number for the field. */
    public String leftAfter(PaintNeed need, Tin tin) {
        return litres(need.leftIn(tin));
    }

    private String litres(Volume volume) {
        return words.number(words.units() == UnitSystem.US ? volume.inLitres() / 0.946353 : volume.inLitres(), 2);
    }

    /** How long it would dry in the air as noted: earliest, likely, safe. */
    public String expectedWait(SheetStep step) {
        return step.expectedWait()
                .map(drying -> switch (drying) {
                    case Dries dries -> words.say("sheet.dries", dries.earliest(), dries.likely(), dries.safe());
                    case DoesNotDry not ->
                        words.say("sheet.doesNotDry." + not.cause().name());
                })
                .orElse("");
    }

    /** How the hand tells that it is dry. */
    public String handTest(Clock clock) {
        return words.say("dryTest." + clock.waiting().wet().material().name());
    }

    /** When a clock is ready, or why it never is. */
    public String readyAt(Clock clock, Instant now) {
        return clock.likely()
                .map(likely -> words.say(
                        "sheet.readyAt",
                        words.moment(likely, now),
                        words.moment(clock.safe().orElse(likely), now)))
                .orElseGet(() -> clock.hindrance()
                        .map(cause -> words.say("sheet.doesNotDry." + cause.name()))
                        .orElse(""));
    }

    /** Seconds since 1970 at which a clock is ready, for the count-down; 0 if it never is. */
    public long readyEpoch(Clock clock) {
        return clock.likely().map(Instant::getEpochSecond).orElse(0L);
    }

    /** Sentences on the limits that the air as noted breaks. */
    public List<String> airWarnings() {
        return AirLimit.brokenBy(sheet.climate(), figures).stream()
                .map(this::airWarning)
                .toList();
    }

    private String airWarning(AirLimit limit) {
        double figure = figures.value(limit.figure());
        return switch (limit) {
            case TOO_COLD -> words.say("air.cold", sheet.climate().temperature(), Temperature.ofCelsius(figure));
            case TOO_HOT -> words.say("air.hot", sheet.climate().temperature(), Temperature.ofCelsius(figure));
            case NEAR_DEW -> words.say("air.dew", sheet.climate().dewPoint(), figure);
            case TOO_DAMP ->
                words.say(
                        "air.damp",
                        sheet.climate().humidity().inPercent(),
                        figure,
                        sheet.climate().dewPoint());
        };
    }

    /** The temperature as the organisation writes it, without its unit, for the field. */
    public String temperatureNumber() {
        Temperature t = sheet.climate().temperature();
        return words.number(words.units() == UnitSystem.US ? t.inFahrenheit() : t.inCelsius(), 1);
    }

    public String humidityNumber() {
        return words.number(sheet.climate().humidity().inPercent(), 0);
    }

    public String air() {
        return words.say(
                "sheet.air",
                sheet.climate().temperature(),
                words.number(sheet.climate().humidity().inPercent(), 0),
                sheet.climate().air());
    }

    /** What to buy of a paint: 2 × 2.5 L. */
    public String buy(PaintNeed paint) {
        return paint.buy().stream()
                .collect(Collectors.groupingBy(volume -> volume, LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(entry ->
                        entry.getValue() + " × " + words.number(entry.getKey().inLitres(), 3) + " L")
                .collect(Collectors.joining(" + "));
    }

    public boolean isMissing(PaintNeed paint) {
        return paint.missing().compareTo(Volume.ZERO) > 0;
    }

    /** When the work is done and the last coat dry, if one person goes on from now. */
    public String end(Instant now) {
        return sheet.rest()
                .filter(rest -> sheet.next().isPresent())
                .map(rest -> words.say("sheet.end", words.moment(rest.hands(), now), words.moment(rest.dry(), now)))
                .orElse("");
    }

    /** Its marked places, surface by surface. */
    public List<StepPlaces> places(SheetStep step) {
        return StepPlaces.of(step, sheet, words);
    }

    /** How many are done, and since when the last. */
    public String done(Instant now) {
        return sheet.steps().stream()
                .flatMap(step -> step.tick().stream())
                .map(SheetStep.Tick::at)
                .max(Comparator.naturalOrder())
                .map(last -> words.say("sheet.done", sheet.ticked(), words.moment(last, now)))
                .orElse("");
    }

    public boolean isNext(SheetStep step) {
        return sheet.isOpen()
                && sheet.next().filter(next -> next.id().equals(step.id())).isPresent();
    }

    /** Whether a step is shown in one line until somebody opens it. */
    public boolean isLater(SheetStep step) {
        return sheet.isOpen() && !step.isTicked() && !isNext(step);
    }

    /** Where it is done: on which surfaces, or in which room. */
    public String where(SheetStep step) {
        if (step.labels().isEmpty()) {
            return sheet.flat().rooms().stream()
                    .filter(room -> step.activity().rooms().contains(room.id().toString()))
                    .map(Room::name)
                    .collect(Collectors.joining(", "));
        }
        return step.labels().size() == sheet.walls().size() && sheet.walls().size() > 1
                ? words.say("sheet.allWalls")
                : String.join(", ", step.labels());
    }

    public String moment(Instant instant) {
        return words.moment(instant, Instant.EPOCH);
    }
}
