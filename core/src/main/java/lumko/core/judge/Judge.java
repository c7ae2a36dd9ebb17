package lumko.core.judge;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import lumko.core.activity.WorkGraph;
import lumko.core.fault.Fault;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.job.Action;
import lumko.core.job.GoesOn;
import lumko.core.job.JobPlanner;
import lumko.core.job.Place;
import lumko.core.job.Work;
import lumko.core.outcome.Learned;
import lumko.core.practice.Practice;
import lumko.core.record.PaintBasis;
import lumko.core.repair.Repair;
import lumko.core.repair.Repair.PaintAfter;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;

/**
 * Decides what to do with a surface. Hard rules rule choices out first, each with its figures; of what is left the least
 * expected cost wins: minutes and paint now, plus coming back as often as it shows: first a second round, rolled only if that
 * fails too. Of two choices that cost the same the one that paints less wins.
 */
public final class Judge {
    /** How many further spots are looked at before rolling is called out of sight. */
    private static final int FURTHEST = 60;

    /** Of two ways to touch up, one that costs up to so many times as much is taken if it is less work. ASSUMPTION. */
    private static final double HARDLY_CHEAPER = 1.1;

    /** So many unlike faults are tried one by one; on a wall with more, none forces anything alone. */
    private static final int MOST_JUDGED_AWAY = 12;

    /** What helps has to bring the chance down to this share of it. ASSUMPTION. */
    private static final double MUST_HELP = 0.75;

    private static final int THREE_DAYS = 3;

    /** A feather drawn out further, in mm. */
    private static final double DRAWN_OUT = 90;

    private final Catalogue figures;
    private final JobPlanner planner;
    private final HardRules rules;
    private final Counsel counsel;
    private final Learned learned;

    public Judge(Catalogue figures) {
        this(figures, Practice.STARTING);
    }

    public Judge(Catalogue figures, Practice practice) {
        this(figures, practice, Learned.NOTHING);
    }

    /** @param learned what kept outcomes have taught */
    public Judge(Catalogue figures, Practice practice, Learned learned) {
        this.learned = learned;
        this.figures = figures;
        this.planner = new JobPlanner(figures, practice);
        this.rules = new HardRules(figures, planner);
        this.counsel = new Counsel(figures);
    }

    public Verdict judge(SurfaceCase surface) {
        Crowding crowding = Crowding.of(surface, place -> repair(surface, place));
        ShowOdds odds = new ShowOdds(surface, figures, planner, learned);
        boolean skims = crowding.isTooMuch(figures) || asksForSkim(surface);
        List<Option> options = weigh(surface, odds, skims);
        Option best = best(surface, options);
        return new Verdict(
                best.action(),
                options,
                counsel.reasons(surface, best, options, crowding),
                counsel.says(surface, best),
                surface.places().size(),
                new Later<>(() -> rollsFrom(surface, odds, best)),
                new Later<>(() -> deciding(surface, odds, best)),
                new Later<>(() -> changes(surface, best)));
    }

    // ---- what decides, and what would change it

    private Deciding deciding(SurfaceCase surface, ShowOdds odds, Option best) {
        List<String> forcing = !best.action().isWhole()
                ? List.of()
                : unlikeAnyOther(surface).stream()
                        .filter(place -> !without(surface, place).isWhole())
                        .map(Place::key)
                        .toList();
        Action spots = best.action() == Action.DAB ? Action.DAB : Action.FEATHER;
        List<Deciding.Ranked> likeliest = surface.places().stream()
                .map(place -> new Deciding.Ranked(
                        place.key(), odds.of(List.of(place), spots).computed()))
                .filter(ranked -> ranked.shows() > 0)
                .sorted(Comparator.comparingDouble(Deciding.Ranked::shows).reversed())
                .toList();
        return new Deciding(forcing, likeliest);
    }

    /** Of two faults alike neither forces anything alone: the other is still there. Each of the rest is judged away once. */
    private static List<Place> unlikeAnyOther(SurfaceCase surface) {
        if (surface.places().size() == 1) {
            return List.of();
        }
        Map<Fault, List<Place>> alike = surface.places().stream()
                .collect(Collectors.groupingBy(place -> place.mark().fault()));
        return surface.places().stream()
                .filter(place ->
                        Objects.requireNonNull(alike.get(place.mark().fault())).size() == 1)
                .limit(MOST_JUDGED_AWAY)
                .toList();
    }

    private Action without(SurfaceCase surface, Place place) {
        List<Place> others =
                surface.places().stream().filter(other -> other != place).toList();
        return judge(surface.with(others)).action();
    }

    /** Each judged as a surface of its own; told only where it leads to less paint, or to a chance that is lower by a quarter. */
    private List<Change> changes(SurfaceCase surface, Option best) {
        if (surface.places().isEmpty() || best.action() == Action.LEAVE || best.action() == Action.WASH) {
            return List.of();
        }
        List<Change> changes = new ArrayList<>();
        otherwise(surface).forEach((kind, other) -> {
            Option then = judge(other).chosen();
            boolean isLess = best.action().isWhole() && !then.action().isWhole();
            boolean isSafer = !best.action().isWhole()
                    && !then.action().isWhole()
                    && then.shows().likely() <= MUST_HELP * best.shows().likely();
            if (isLess || isSafer) {
                changes.add(new Change(kind, then.action(), then.shows()));
            }
        });
        return List.copyOf(changes);
    }

    private Map<Change.Kind, SurfaceCase> otherwise(SurfaceCase surface) {
        Map<Change.Kind, SurfaceCase> others = new EnumMap<>(Change.Kind.class);
        if (!surface.manner().isWashed()) {
            others.put(Change.Kind.WASH_FIRST, surface.done(surface.manner().washed()));
        }
        surface.daysToViewing()
                .ifPresent(days -> others.put(Change.Kind.THREE_MORE_DAYS, surface.viewedIn(days + THREE_DAYS)));
        GoesOn paint = surface.face().goesOn();
        if (surface.basis() == PaintBasis.BOUGHT_AGAIN || surface.basis() == PaintBasis.NOT_CONFIRMED) {
            others.put(Change.Kind.ORIGINAL_TIN, surface.with(surface.face().with(paint.as(PaintBasis.SAME_TIN))));
        }
        others.put(Change.Kind.DRIER_EDGE, surface.done(surface.manner().feathered(DRAWN_OUT)));
        return others;
    }

    private Repair repair(SurfaceCase surface, Place place) {
        return planner.repair(place.mark(), surface.face(), surface.job(Action.LEAVE));
    }

    private boolean asksForSkim(SurfaceCase surface) {
        return surface.places().stream()
                .anyMatch(place -> repair(surface, place).paintAfter() == PaintAfter.SKIM_AND_SURFACE);
    }

    private List<Option> weigh(SurfaceCase surface, ShowOdds odds, boolean skims) {
        Action whole = skims ? Action.SKIM_AND_ROLL : surface.isSmoked() ? Action.FLAT : Action.ROLL;
        Priced roll = priced(surface, odds, whole);
        List<Option> options = new ArrayList<>();
        for (Action action : List.of(Action.WASH, Action.DAB, Action.FEATHER)) {
            if (mayDo(surface, action)) {
                Priced priced = priced(surface, odds, action);
                options.add(option(
                        surface, priced, comesBack(priced, surface.places().size(), roll)));
            }
        }
        options.add(option(surface, roll, comesBack(roll, 1, roll)));
        Duration cure = visit().plus(best(options, roll.now()));
        Priced nothing = priced(surface, odds, Action.LEAVE);
        options.addFirst(
                option(surface, nothing, share(cure, nothing.odds().first().likely())));
        return List.copyOf(options);
    }

    /** What leaving comes to once somebody has seen it: the best of what could have been done at once. */
    private static Duration best(List<Option> options, Duration otherwise) {
        return options.stream()
                .filter(Option::isAllowed)
                .map(Option::expected)
                .min(Comparator.naturalOrder())
                .orElse(otherwise);
    }

    /**
     * Lines and chips are put right the same way whether what else there is would be washed, dabbed or feathered. Where washing does,
     * there is nothing to dab.
     */
    private boolean mayDo(SurfaceCase surface, Action action) {
        boolean isPutRightAtItsEdges = surface.face().isPutRightAtItsEdges();
        boolean isWashed = washingMayDo(surface) && !isPutRightAtItsEdges;
        return switch (action) {
            case WASH -> isWashed;
            case DAB -> !isWashed;
            default -> !isWashed && !isPutRightAtItsEdges;
        };
    }

    /** Only where nothing is left to paint once every mark has been washed. */
    private boolean washingMayDo(SurfaceCase surface) {
        return !surface.places().isEmpty()
                && surface.places().stream()
                        .allMatch(place -> repair(surface, place).paintAfter() == PaintAfter.NOTHING);
    }

    /**
     * @param now hand and paint
     */
    private record Priced(Action action, Work work, WorkGraph sums, Duration now, Odds odds) {}

    private Priced priced(SurfaceCase surface, ShowOdds odds, Action action) {
        Work work = planner.plan(surface.job(action));
        WorkGraph sums = work.unordered().onSurfaces();
        Duration washing = action.isSpots() && surface.manner().isWashed()
                ? figures.over(Figure.WASH, surface.face().wall().paintedArea())
                : Duration.ZERO;
        Duration now = sums.hand().plus(washing).plus(figures.worth(Figure.LITRE_IN_MINUTES, sums.paint()));
        return new Priced(action, work, sums, now, odds.of(surface.places(), action));
    }

    private Option option(SurfaceCase surface, Priced priced, Duration comingBack) {
        return new Option(
                priced.action(),
                priced.sums().hand(),
                priced.sums().paint(),
                new Later<>(() -> dryAt(surface, priced.work())),
                priced.odds().first(),
                priced.odds().computed(),
                Causes.of(surface, priced.action(), figures),
                comingBack,
                priced.now().plus(comingBack),
                rules.against(surface, priced.action(), priced.odds().first().likely()));
    }

    private Duration dryAt(SurfaceCase surface, Work work) {
        return Schedule.of(work.by(Work.View.SURFACE).onSurfaces(), 1, new Air(surface.climate(), figures))
                .dryAt();
    }

    /** Getting there once more, and somebody who is disappointed. */
    private Duration visit() {
        return figures.once(Figure.SET_UP)
                .plus(figures.once(Figure.PACK_UP))
                .plus(figures.once(Figure.DELAY_OF_COMING_BACK));
    }

    /** First a second round over the places; if that fails too, the surface is rolled. */
    private Duration comesBack(Priced priced, int places, Priced roll) {
        Duration round = figures.once(Figure.TOUCH_UP_SET_OUT).plus(figures.each(Figure.SECOND_ROUND_SPOT, places));
        return share(visit().plus(round), priced.odds().first().likely())
                .plus(share(visit().plus(roll.now()), priced.odds().again()));
    }

    private static Duration share(Duration of, double chance) {
        return Duration.ofSeconds(Math.round(of.toSeconds() * chance));
    }

    /** Of round spots, feathering that is hardly cheaper than dabbing is not worth its while: the figures are not as sure as that. */
    private static Option best(SurfaceCase surface, List<Option> options) {
        Option best = options.stream()
                .filter(Option::isAllowed)
                .min(Comparator.comparing(Option::expected))
                .orElseThrow();
        boolean isOfSpots = surface.marks().stream().allMatch(mark -> mark.fault() instanceof Fault.Round);
        if (best.action() != Action.FEATHER || !isOfSpots) {
            return best;
        }
        return options.stream()
                .filter(option -> option.action() == Action.DAB && option.isAllowed())
                .filter(dab -> dab.expected().toSeconds()
                        <= HARDLY_CHEAPER * best.expected().toSeconds())
                .findFirst()
                .orElse(best);
    }

    /**
     * The number of spots like those that are there, from which rolling wins. It is looked for by doubling and halving: that the more
     * there are, the more it wins, is held by {@code JudgeTest.TheTippingPoint} on cases of every kind.
     */
    private OptionalInt rollsFrom(SurfaceCase surface, ShowOdds odds, Option best) {
        if (surface.places().isEmpty() || !best.action().isSpots()) {
            return OptionalInt.empty();
        }
        int low = 0;
        int high = 1;
        while (high < FURTHEST && !rollsWith(surface, odds, high)) {
            low = high;
            high = Math.min(FURTHEST, high * 2);
        }
        if (high == FURTHEST && !rollsWith(surface, odds, high)) {
            return OptionalInt.empty();
        }
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (rollsWith(surface, odds, middle)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return OptionalInt.of(surface.places().size() + high);
    }

    /** The same places again would read as a crowd: only cost and chance matter here. */
    boolean rollsWith(SurfaceCase surface, ShowOdds odds, int further) {
        List<Place> more = new ArrayList<>(surface.places());
        for (int n = 0; n < further; n++) {
            Place like = surface.places().get(n % surface.places().size());
            more.add(new Place(like.key() + "+" + n, like.mark()));
        }
        SurfaceCase with = surface.with(more);
        return best(with, weigh(with, odds, false)).action().isWhole();
    }
}
