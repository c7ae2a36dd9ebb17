package lumko.app.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import lumko.core.plan.Cost;
import lumko.core.plan.Plan;
import lumko.core.plan.Planner;
import lumko.core.plan.Span;
import lumko.core.plan.Workload;
import lumko.core.plan.Workload.Flat;
import lumko.core.plan.Workload.Painter;
import lumko.core.turnover.FlatWork;

/** Tries what would help a flat that is late, each by planning again with it. */
final class Helps {
    /** Few: it is asked what a thing would do to one flat, not what the best plan is. */
    private static final int TRIALS = 100;
    /** Less than this is nothing. */
    private static final int WORTH_SAYING_MIN = 15;

    private static final int DAY = 1440;
    private static final int WEEK = 7 * DAY;

    private final Workload load;
    private final List<WorkAhead.FlatAhead> flats;
    private final LocalDate today;
    private final Map<String, String> names;
    private final Function<WorkAhead.FlatAhead, Optional<TouchedUp.Instead>> touchedUp;
    private final BooleanSupplier isTimeLeft;

    /**
     * @param plan what stands: every trial goes on from it
     * @param names of the painters by their key
     * @param touchedUp the work of a flat if walls of it were touched up instead of rolled
     * @param isTimeLeft what takes too long is not tried, but the first of all is
     */
    Helps(
            WorkAhead ahead,
            Plan plan,
            Map<String, String> names,
            Function<WorkAhead.FlatAhead, Optional<TouchedUp.Instead>> touchedUp,
            BooleanSupplier isTimeLeft) {
        Map<String, Integer> numbers = new HashMap<>();
        ahead.load().steps().forEach(step -> numbers.put(step.id(), numbers.size()));
        load = ahead.load()
                .changing(step -> {
                    int s = Objects.requireNonNull(numbers.get(step.id()));
                    String who = ahead.load().painters().get(plan.painter(s)).id();
                    return step.standing(new Workload.Was(who, plan.start(s)));
                })
                .priced(Manner.BALANCED.change());
        today = ahead.zero().toLocalDate();
        flats = ahead.flats();
        this.names = names;
        this.touchedUp = touchedUp;
        this.isTimeLeft = isTimeLeft;
    }

    /** What would help a flat, most first. */
    List<Help> of(int flat, int readyAt) {
        WorkAhead.FlatAhead of = flats.get(flat);
        List<Help> helps = new ArrayList<>();
        if (!of.isHeated()) {
            boolean isScarce = load.things().containsKey(FlatWork.HEATER);
            attempt(
                            Help.Kind.HEATER,
                            "",
                            flat,
                            readyAt,
                            with(flat, one -> FlatWork.heated(one, of.byHeater(), isScarce)))
                    .ifPresent(helps::add);
        }
        if (isTimeLeft.getAsBoolean()) {
            attempt(
                            Help.Kind.SETTING_FILLER,
                            "",
                            flat,
                            readyAt,
                            with(flat, one -> one.with(one.rooms(), of.work().bySetting())))
                    .ifPresent(helps::add);
        }
        if (isTimeLeft.getAsBoolean()) {
            touchedUp
                    .apply(of)
                    .flatMap(instead -> attempt(
                            Help.Kind.TOUCHED_UP, instead.walls(), flat, readyAt, with(flat, one -> instead.flat())))
                    .ifPresent(helps::add);
        }
        if (isTimeLeft.getAsBoolean()) {
            attempt(Help.Kind.SHEEN_A_WEEK_LESS, "", flat, readyAt, lessCured()).ifPresent(helps::add);
        }
        saturday(flat, readyAt).ifPresent(helps::add);
        if (isTimeLeft.getAsBoolean()) {
            attempt(Help.Kind.FROM_OTHER_HOUSES, "", flat, readyAt, with(flat, Helps::byAnybody))
                    .ifPresent(helps::add);
        }
        helps.sort(Comparator.comparing(Help::minutes).reversed());
        return helps;
    }

    private Optional<Help> attempt(Help.Kind kind, String who, int flat, int readyAt, Workload changed) {
        if (changed.equals(load)) {
            return Optional.empty();
        }
        Optional<Plan> plan = new Planner(changed).iterations(TRIALS, 1);
        return plan.map(found -> Cost.of(changed, found).readyAt().get(flat))
                .filter(ready -> readyAt - ready >= WORTH_SAYING_MIN)
                .map(ready -> new Help(
                        kind, readyAt - ready, ready <= load.flats().get(flat).due(), who));
    }

    /** The painter whose next Saturday would help most. */
    private Optional<Help> saturday(int flat, int readyAt) {
        LocalDate day = today.with(TemporalAdjusters.nextOrSame(DayOfWeek.SATURDAY));
        int midnight = (int) (day.toEpochDay() - today.toEpochDay()) * DAY;
        Optional<Help> best = Optional.empty();
        for (Painter painter : load.painters()) {
            boolean worksThen = painter.hours().stream().anyMatch(span -> span.from() / DAY == midnight / DAY);
            List<Span> usual = painter.hours().stream()
                    .filter(span ->
                            span.from() / DAY == painter.hours().getFirst().from() / DAY)
                    .toList();
            if (worksThen || usual.isEmpty() || !mayWorkIn(painter, flat) || !isTimeLeft.getAsBoolean()) {
                continue;
            }
            List<Span> hours = new ArrayList<>(painter.hours());
            usual.forEach(span ->
                    hours.add(new Span(midnight + span.from() % DAY, midnight + (span.to() - 1) % DAY + 1)));
            hours.sort(Comparator.comparing(Span::from));
            Optional<Help> tried = attempt(
                    Help.Kind.SATURDAY,
                    names.getOrDefault(painter.id(), ""),
                    flat,
                    readyAt,
                    withHours(painter.id(), hours));
            if (tried.isPresent()
                    && (best.isEmpty() || tried.get().minutes() > best.get().minutes())) {
                best = tried;
            }
        }
        return best;
    }

    private boolean mayWorkIn(Painter painter, int flat) {
        return load.flats().get(flat).steps().stream()
                .anyMatch(step -> step.skill().map(painter.skills()::contains).orElse(true));
    }

    private Workload withHours(String painter, List<Span> hours) {
        return load.by(load.painters().stream()
                .map(each -> each.id().equals(painter) ? new Painter(each.id(), each.skills(), hours, each.at()) : each)
                .toList());
    }

    private Workload with(int flat, UnaryOperator<Flat> change) {
        List<Flat> flats = new ArrayList<>(load.flats());
        flats.set(flat, change.apply(flats.get(flat)));
        return load.with(flats);
    }

    /** Flats that are looked at are looked at a week sooner after they were painted: none of them keeps hands from this one. */
    private Workload lessCured() {
        return load.with(load.flats().stream()
                .map(flat -> flat.cure() > WEEK ? flat.curing(flat.cure() - WEEK) : flat)
                .toList());
    }

    private static Flat byAnybody(Flat flat) {
        return flat.changing(Workload.Step::byAnybody);
    }
}
