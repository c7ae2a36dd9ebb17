package lumko.app.sheet;

import java.time.Instant;
import java.util.stream.Collectors;
import lumko.app.platform.Words;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Material;
import lumko.core.activity.OpenTime;
import lumko.core.drying.Drying.DoesNotDry;
import lumko.core.drying.Drying.Dries;
import lumko.core.figure.Catalogue;
import lumko.core.schedule.Clock;

/** What the steps of a sheet wait for, how long what they leave stays open or wet, and by when they have to be begun, put into words. */
public final class WaitView {
    private final Sheet sheet;
    private final Catalogue figures;
    private final Words words;

    WaitView(Sheet sheet, Catalogue figures, Words words) {
        this.sheet = sheet;
        this.figures = figures;
        this.words = words;
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
                        words.run(open.ahead(sheet.climate(), false)),
                        words.run(open.ahead(sheet.climate(), true)))
                : "";
    }

    public boolean isTooLate(SheetStep step, Instant now) {
        return step.latest().filter(latest -> latest.isBefore(now)).isPresent();
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

    /** How the hand tells that what it leaves wet is dry. */
    public String dryWhen(SheetStep step) {
        return step.activity().wet().stream()
                .map(wet -> words.say("dryTest." + wet.material().name()))
                .distinct()
                .map(test -> words.say("sheet.dryWhen", test))
                .collect(Collectors.joining(" "));
    }

    /** What is wet since then, and when it is ready; nothing once the next thing lies on it. */
    public String wetSince(SheetStep step, Instant now) {
        return step.clock()
                .filter(clock -> clock.isWetAt(now) && !sheet.isPaintedOver(step))
                .map(clock -> words.say("sheet.wet", clock.waiting().wet().material(), readyAt(clock, now)))
                .orElse("");
    }
}
