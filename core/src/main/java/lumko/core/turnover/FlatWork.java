package lumko.core.turnover;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import lumko.core.activity.Activity;
import lumko.core.activity.Limit;
import lumko.core.activity.Precedence;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Drying;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.Purpose;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.plan.Futures.Spread;
import lumko.core.plan.Span;
import lumko.core.plan.Workload;
import lumko.core.plan.Workload.Link;
import lumko.core.plan.Workload.Room;
import lumko.core.plan.Workload.Step;
import lumko.core.schedule.Air;

/**
 * What is still to be done in a flat, as one of several that are planned together: the activities of its sheet in pieces that fit
 * into a shift, or, where nobody has walked it yet, the walk and a guess.
 *
 * @param pieces for each step of the flat, in its order
 * @param bySetting what waits for what if filler were of the kind that sets
 */
public record FlatWork(Workload.Flat flat, List<Piece> pieces, List<Link> bySetting) {
    /** Filler that dries, for which one that sets could be taken. */
    private static final Set<DryingMaterial> DRYING_FILLERS =
            EnumSet.of(DryingMaterial.SPACKLE, DryingMaterial.DRYING_COMPOUND);

    /** Minutes come out so much otherwise than reckoned in one job of three (ASSUMPTION). */
    private static final double MINUTES_SPREAD = 0.25;

    /** How far off in standard deviations the safe drying time is. */
    private static final double SAFE_IS = 1.645;

    private static final double MOST_SPREAD = 1.5;
    private static final int GRID = 5;
    /** What is guessed is done in three goes, with filler and a coat drying between them (ASSUMPTION). */
    private static final double[] GUESSED_SHARES = {0.4, 0.4, 0.2};

    /** Tools in a bag are washed and taken out again: nothing is spoilt. */
    private static final Set<Limit> PRESSING = EnumSet.complementOf(EnumSet.of(Limit.BAGGED, Limit.BAGGED_COLD));

    /**
     * A piece of an activity.
     *
     * @param activity its id; empty for the walk and what is guessed
     * @param part which of its pieces, from 0
     * @param awaitsPaint whether it is paint that it cannot begin before, rather than something that dries
     */
    public record Piece(Kind kind, String activity, int part, int parts, boolean awaitsPaint, Spread spread) {}

    /** What a piece is of. */
    public enum Kind {
        SHEET,
        WALK,
        GUESS
    }

    /**
     * When a flat may be worked in and has to be ready.
     *
     * @param skill what its painter must have: to look after the house; empty if nobody does
     * @param speeds how fast it dries in it by the hour, 1 as in the air that waits are reckoned in
     * @param airSpread how far off that may be: the standard deviation of its logarithm
     */
    public record Terms(
            String id,
            int building,
            int release,
            int due,
            int weight,
            int cure,
            List<Span> access,
            Optional<String> skill,
            List<Double> speeds,
            double airSpread) {
        public Terms {
            access = List.copyOf(access);
            speeds = List.copyOf(speeds);
        }
    }

    /** Collects steps, each in a room of its own: what waits for what is said by links alone. */
    private static final class Making {
        private final Terms terms;
        private final List<Room> rooms = new ArrayList<>();
        private final List<Link> links = new ArrayList<>();
        private final List<Link> bySetting = new ArrayList<>();
        private final List<Piece> pieces = new ArrayList<>();

        Making(Terms terms) {
            this.terms = terms;
        }

        void add(String id, String name, int minutes, int lag, int earliest, Piece piece) {
            Step step = Step.of(id, name, minutes, lag).notBefore(Math.max(0, earliest));
            Step skilled = terms.skill().map(step::needing).orElse(step);
            rooms.add(new Room(id, terms.speeds(), List.of(skilled)));
            pieces.add(piece);
        }

        void then(String from, String to, int lag) {
            then(from, to, lag, lag, OptionalInt.empty());
        }

        void then(String from, String to, int lag, int lagBySetting, OptionalInt most) {
            links.add(new Link(from, to, lag, most));
            bySetting.add(new Link(from, to, lagBySetting, most));
        }

        FlatWork made() {
            return new FlatWork(
                    new Workload.Flat(
                            terms.id(),
                            terms.building(),
                            terms.release(),
                            terms.due(),
                            terms.weight(),
                            terms.cure(),
                            terms.access(),
                            rooms,
                            links),
                    pieces,
                    bySetting);
        }
    }

    /** What a flat has while something dries in it, of which there are only few. */
    public static final String HEATER = "heater";

    /** Things of which there are only few, and how many of each; none of what there is not. */
    public static Map<String, Integer> things(Catalogue figures) {
        int heaters = (int) figures.value(Figure.HEATERS);
        return heaters > 0 ? Map.of(HEATER, heaters) : Map.of();
    }

    /**
     * A flat with a heater put where something dries.
     *
     * @param factor how many times as fast it dries with it
     * @param isScarce whether heaters are counted
     */
    public static Workload.Flat heated(Workload.Flat flat, double factor, boolean isScarce) {
        List<Room> rooms = flat.rooms().stream()
                .map(room -> new Room(
                        room.id(),
                        room.air().stream().map(speed -> speed * factor).toList(),
                        room.steps().stream()
                                .map(step -> isScarce && step.lagMin() > 0 ? step.taking(HEATER) : step)
                                .toList()))
                .toList();
        return flat.with(rooms, flat.links());
    }

    /** The id of a piece in a plan. */
    public static String id(String activity, int part) {
        return activity + "#" + part;
    }

    /**
     * The rest of a sheet.
     *
     * @param done by activity the minute at which it was done, before zero for what was done before the plan begins
     * @param paintFrom by the key of a paint that is still to come the minute from which it is there
     * @param air what waits are reckoned in
     */
    public static FlatWork of(
            Terms terms,
            WorkGraph graph,
            Map<String, Integer> done,
            Map<String, Integer> paintFrom,
            Air air,
            Catalogue figures) {
        Making making = new Making(terms);
        int most = rounded(figures.value(Figure.AT_ONE_GO));
        Map<String, Integer> parts = new HashMap<>();
        for (Activity activity : graph.activities()) {
            if (done.containsKey(activity.id())) {
                continue;
            }
            int minutes = Math.max(GRID, rounded(activity.hand().toSeconds() / 60.0));
            int count = (minutes + most - 1) / most;
            parts.put(activity.id(), count);
            int dryFrom = graph.precedences().stream()
                    .filter(before -> before.to().equals(activity.id()) && done.containsKey(before.from()))
                    .mapToInt(before -> done.getOrDefault(before.from(), 0) + wait(before, graph, air))
                    .max()
                    .orElse(0);
            int earliest = Math.max(dryFrom, paintFrom.getOrDefault(activity.paint(), 0));
            Spread spread = new Spread(MINUTES_SPREAD, Math.hypot(drying(activity, air), terms.airSpread()));
            for (int part = 0; part < count; part++) {
                int piece = rounded((double) minutes * (part + 1) / count) - rounded((double) minutes * part / count);
                making.add(
                        id(activity.id(), part),
                        activity.kind().name(),
                        Math.max(GRID, piece),
                        part == count - 1 ? lasts(activity) + finish(activity, air) : 0,
                        part == 0 ? earliest : 0,
                        new Piece(
                                Kind.SHEET,
                                activity.id(),
                                part,
                                count,
                                part == 0 && earliest > Math.max(0, dryFrom),
                                spread));
                if (part > 0) {
                    making.then(id(activity.id(), part - 1), id(activity.id(), part), 0);
                }
            }
        }
        for (Precedence before : graph.precedences()) {
            Integer from = parts.get(before.from());
            if (from != null && parts.containsKey(before.to())) {
                int lag = wait(before, graph, air);
                OptionalInt atMost = before.limit()
                        .filter(PRESSING::contains)
                        .map(limit -> OptionalInt.of(Math.max(lag, minutes(air.time(limit)))))
                        .orElse(OptionalInt.empty());
                making.then(
                        id(before.from(), from - 1),
                        id(before.to(), 0),
                        lag,
                        Math.min(lag, setting(before, lag, air)),
                        atMost);
            }
        }
        return making.made();
    }

    /** The walk through a flat and what may come of it. */
    public static FlatWork guessed(Terms terms, int rooms, Duration walk, Guess guess, Catalogue figures) {
        Making making = new Making(terms);
        Spread unsure = new Spread(guess.spread(), Math.hypot(MINUTES_SPREAD, terms.airSpread()));
        String last = terms.id() + "/walk";
        making.add(
                last,
                Kind.WALK.name(),
                rounded(walk.toSeconds() / 60.0),
                0,
                0,
                new Piece(Kind.WALK, "", 0, 1, false, unsure));
        int most = rounded(figures.value(Figure.AT_ONE_GO));
        int dries = minutes(figures.time(Figure.DRY_EMULSION));
        double work = rooms * guess.perRoom();
        for (int go = 0; go < GUESSED_SHARES.length && work > 0; go++) {
            int minutes = rounded(work * GUESSED_SHARES[go]);
            int count = (minutes + most - 1) / most;
            for (int part = 0; part < count; part++) {
                String id = terms.id() + "/guess" + go + "." + part;
                making.add(
                        id,
                        Kind.GUESS.name(),
                        Math.max(GRID, minutes / count),
                        part == count - 1 ? dries : 0,
                        0,
                        new Piece(Kind.GUESS, "", go, GUESSED_SHARES.length, false, unsure));
                making.then(last, id, part == 0 && go > 0 ? dries : 0);
                last = id;
            }
        }
        return making.made();
    }

    /** Waits until the next thing may follow, and the time the places are taken up beyond the hand. */
    private static int wait(Precedence before, WorkGraph graph, Air air) {
        int taken = graph.activities().stream()
                .filter(activity -> activity.id().equals(before.from()))
                .mapToInt(FlatWork::lasts)
                .findFirst()
                .orElse(0);
        return taken + before.drying().map(air::likely).map(FlatWork::minutes).orElse(0);
    }

    private static int setting(Precedence before, int lag, Air air) {
        return before.drying()
                .filter(wait -> DRYING_FILLERS.contains(wait.wet().material()))
                .map(wait -> {
                    Wet sets =
                            new Wet(DryingMaterial.SETTING_COMPOUND, wait.wet().thickness(), Optional.empty());
                    return lag - minutes(air.likely(wait)) + minutes(air.likely(new Wait(sets, wait.purpose())));
                })
                .orElse(lag);
    }

    private static int lasts(Activity activity) {
        Duration more = activity.lasts().minus(activity.hand());
        return more.isNegative() ? 0 : minutes(more);
    }

    private static int finish(Activity activity, Air air) {
        return Wait.slowest(activity.wet(), Purpose.RECOAT)
                .map(air::likely)
                .map(FlatWork::minutes)
                .orElse(0);
    }

    private static double drying(Activity activity, Air air) {
        return Wait.slowest(activity.wet(), Purpose.RECOAT)
                .map(air::drying)
                .filter(Drying.Dries.class::isInstance)
                .map(Drying.Dries.class::cast)
                .map(dries -> Math.log((double) dries.safe().toSeconds()
                                / dries.likely().toSeconds())
                        / SAFE_IS)
                .map(spread -> Math.clamp(spread, 0, MOST_SPREAD))
                .orElse(0.0);
    }

    private static int minutes(Duration time) {
        return (int) Math.ceil(time.toSeconds() / 60.0);
    }

    /** On a grid of five minutes, and never nothing. */
    private static int rounded(double minutes) {
        return minutes <= 0 ? 0 : (int) Math.max(GRID, Math.round(minutes / GRID) * GRID);
    }
}
