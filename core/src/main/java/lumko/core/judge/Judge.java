package lumko.core.judge;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import lumko.core.activity.WorkGraph;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.job.Action;
import lumko.core.job.JobPlanner;
import lumko.core.job.Place;
import lumko.core.job.Work;
import lumko.core.practice.Practice;
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

    private final Catalogue figures;
    private final JobPlanner planner;
    private final HardRules rules;
    private final Counsel counsel;

    public Judge(Catalogue figures) {
        this(figures, Practice.STARTING);
    }

    public Judge(Catalogue figures, Practice practice) {
        this.figures = figures;
        this.planner = new JobPlanner(figures, practice);
        this.rules = new HardRules(figures, planner);
        this.counsel = new Counsel(figures);
    }

    public Verdict judge(SurfaceCase surface) {
        Crowding crowding = Crowding.of(surface, place -> repair(surface, place));
        ShowOdds odds = new ShowOdds(surface, figures, planner);
        boolean skims = crowding.isTooMuch(figures) || asksForSkim(surface);
        List<Option> options = weigh(surface, odds, skims);
        Option best = best(options);
        return new Verdict(
                best.action(),
                options,
                counsel.reasons(surface, best, options, crowding),
                counsel.says(surface, best),
                surface.places().size(),
                new Later<>(() -> rollsFrom(surface, odds, best)));
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

    /** Lines and chips are put right the same way whether what else there is would be washed, dabbed or feathered. */
    private boolean mayDo(SurfaceCase surface, Action action) {
        return switch (action) {
            case WASH -> washingMayDo(surface) && !surface.face().isPutRightAtItsEdges();
            case FEATHER -> !surface.face().isPutRightAtItsEdges();
            default -> true;
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
        Duration now = sums.hand().plus(figures.worth(Figure.LITRE_IN_MINUTES, sums.paint()));
        return new Priced(action, work, sums, now, odds.of(surface.places(), action));
    }

    private Option option(SurfaceCase surface, Priced priced, Duration comingBack) {
        return new Option(
                priced.action(),
                priced.sums().hand(),
                priced.sums().paint(),
                new Later<>(() -> dryAt(surface, priced.work())),
                priced.odds().first(),
                comingBack,
                priced.now().plus(comingBack),
                rules.against(surface, priced.action()));
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

    private static Option best(List<Option> options) {
        return options.stream()
                .filter(Option::isAllowed)
                .min(Comparator.comparing(Option::expected))
                .orElseThrow();
    }

    /** The number of spots like those that are there, from which rolling wins; the more there are, the more it does. */
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
    private boolean rollsWith(SurfaceCase surface, ShowOdds odds, int further) {
        List<Place> more = new ArrayList<>(surface.places());
        for (int n = 0; n < further; n++) {
            Place like = surface.places().get(n % surface.places().size());
            more.add(new Place(like.key() + "+" + n, like.mark()));
        }
        return best(weigh(surface.with(more), odds, false)).action().isWhole();
    }
}
