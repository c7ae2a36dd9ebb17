package lumko.app.sheet;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import lumko.app.outcome.Outcome;
import lumko.app.outcome.Prediction;
import lumko.app.platform.UnitSystem;
import lumko.app.platform.UsUnits;
import lumko.app.platform.Words;
import lumko.app.store.Tin;
import lumko.core.drying.AirLimit;
import lumko.core.figure.Catalogue;
import lumko.core.quantity.Temperature;
import lumko.core.quantity.Volume;

/** A sheet as a whole put into words for its page and its paper: its head, its air, its paints, its close. */
public final class SheetView {
    private final Sheet sheet;
    private final Catalogue figures;
    private final Words words;
    private final StepView steps;
    private final WaitView waits;

    SheetView(Sheet sheet, Catalogue figures, Words words) {
        this.sheet = sheet;
        this.figures = figures;
        this.words = words;
        this.steps = new StepView(sheet, figures, words);
        this.waits = new WaitView(sheet, figures, words);
    }

    public WaitView waits() {
        return waits;
    }

    public StepView steps() {
        return steps;
    }

    /** What is likely left in a tin when the job is done, as a number for the field. */
    public String leftAfter(PaintNeed need, Tin tin) {
        return litres(need.leftIn(tin));
    }

    private String litres(Volume volume) {
        return words.number(
                words.units() == UnitSystem.US ? volume.inLitres() / UsUnits.LITRES_A_QUART : volume.inLitres(), 2);
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

    /** When the work is done and the last coat dry, if one person goes on from now. */
    public String end(Instant now) {
        return sheet.rest()
                .filter(rest -> sheet.next().isPresent())
                .map(rest -> words.say("sheet.end", words.moment(rest.hands(), now), words.moment(rest.dry(), now)))
                .orElse("");
    }

    /** What holds the job up most, and where. */
    public String heldUp() {
        return sheet.rest()
                .flatMap(Sheet.Rest::heldUp)
                .flatMap(held -> sheet.steps().stream()
                        .filter(step -> step.id().equals(held.step()))
                        .findFirst()
                        .map(step -> words.say("sheet.heldUp", held.by(), steps.where(step), held.standstill())))
                .orElse("");
    }

    /** What was predicted for a surface, and who has said since what was seen. */
    public String predicted(Prediction prediction) {
        String predicted = words.say(
                "seen.predicted",
                prediction.action(),
                words.chance(prediction.shows().likely()));
        return prediction.seenBy().isEmpty() ? predicted : words.say("seen.by", predicted, prediction.seenBy());
    }

    /** A time somebody came to look, in a sentence. */
    public String looked(Prediction.Looked looked) {
        String key = switch (looked.daysAfter()) {
            case 0 -> "seen.lookedSameDay";
            case 1 -> "seen.lookedNextDay";
            default -> "seen.looked";
        };
        return words.say(
                key,
                looked.daysAfter(),
                words.name(looked.look().outcome()),
                words.name(looked.look().stood()),
                words.name(looked.look().light()),
                looked.by());
    }

    public boolean isOutcome(Prediction prediction, Outcome outcome) {
        return prediction.outcome().equals(Optional.of(outcome));
    }

    public String flatName() {
        return sheet.flat().house().name() + " " + sheet.flat().number();
    }

    public String pageTitle() {
        return words.say("sheet.title", flatName());
    }

    public String temperatureUnit() {
        return words.units() == UnitSystem.US ? "°F" : "°C";
    }

    public String leftInTin() {
        return words.say("field.left-in-tin") + (words.units() == UnitSystem.US ? " (qt)" : " (L)");
    }

    /** All that can hurt someone on this job, in a few words. */
    public String cautionWords() {
        return sheet.cautions().stream()
                .map(caution -> words.say("cautionWord." + caution.name()))
                .collect(Collectors.joining(" · "));
    }

    public String headline() {
        if (!sheet.isOpen()) {
            return words.say("sheet.isClosed");
        }
        return sheet.next().isPresent()
                ? words.say("sheet.left", words.work(sheet.labourLeft()))
                : words.say("sheet.allTicked");
    }

    public String progress() {
        return words.say("sheet.progress", sheet.ticked(), sheet.steps().size());
    }

    public String closed(Instant now) {
        return sheet.closed()
                .map(closed -> words.say(
                        "sheet.closedBy",
                        closed.by(),
                        words.moment(closed.at(), now),
                        words.name(closed.inspection().seen())
                                + (closed.inspection().where().isEmpty()
                                        ? ""
                                        : ": " + closed.inspection().where())))
                .orElse("");
    }

    /** The air, short, as it stands at the top. */
    public String airShort() {
        return words.say(
                sheet.climateNotedAt().isPresent() ? "sheet.airShort" : "sheet.airTaken",
                sheet.climate().temperature(),
                words.number(sheet.climate().humidity().inPercent(), 0));
    }

    public String airNoted(Instant now) {
        return sheet.climateNotedAt()
                .map(at -> words.say("sheet.airNoted", words.moment(at, now)))
                .orElseGet(() -> words.say("sheet.airUsual"));
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
}
