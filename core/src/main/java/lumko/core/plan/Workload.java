package lumko.core.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * What is to be planned: flats with their steps, painters with their hours, the ways between the houses.
 *
 * @param painters in the order in which a plan numbers them
 * @param travel minutes of working time from a house to another, or from a flat to another in the same house (set-up)
 * @param depot minutes of working time before the first step a painter has in the plan
 * @param things how many there are of what only few have: heaters, fans, a long ladder
 */
public record Workload(
        List<Painter> painters,
        List<Flat> flats,
        List<List<Integer>> travel,
        int depot,
        Weights weights,
        Map<String, Integer> things) {

    /** Where a painter comes from who has not been in a flat yet. */
    static final int DEPOT = -1;

    /**
     * A pair of hands.
     *
     * @param hours spans of work, in order, apart from each other; a step lies wholly in one
     * @param at the flat in which the painter stands when the plan begins; the way from the depot is not needed then
     */
    public record Painter(String id, Set<String> skills, List<Span> hours, Optional<String> at) {
        public Painter {
            skills = Set.copyOf(skills);
            hours = List.copyOf(hours);
            for (int i = 1; i < hours.size(); i++) {
                if (hours.get(i).from() < hours.get(i - 1).to()) {
                    throw new IllegalArgumentException("the hours of " + id + " must be in order and apart, were "
                            + hours.get(i - 1) + ", " + hours.get(i));
                }
            }
        }

        boolean mayDo(Step step) {
            return switch (step.lock()) {
                case Lock.Fact fact -> fact.painter().equals(id);
                case Lock.Wish wish ->
                    can(step) && wish.painter().filter(who -> !who.equals(id)).isEmpty();
            };
        }

        boolean can(Step step) {
            return step.skill().isEmpty() || skills.contains(step.skill().get());
        }
    }

    /**
     * A flat between two tenants.
     *
     * @param building index of its house in {@link Workload#travel}
     * @param release when the keys are back: neither work nor the way to it begins before
     * @param due when it has to be ready
     * @param weight how much an hour late matters beside other flats
     * @param cure wanted minutes between ready and due
     * @param access when the house allows work; always, if empty
     * @param links what waits for what across its rooms
     */
    public record Flat(
            String id,
            int building,
            int release,
            int due,
            int weight,
            int cure,
            List<Span> access,
            List<Room> rooms,
            List<Link> links) {
        public Flat {
            access = List.copyOf(access);
            rooms = List.copyOf(rooms);
            links = List.copyOf(links);
        }

        /** The same with other rooms, and other waits between their steps. */
        public Flat with(List<Room> otherRooms, List<Link> otherLinks) {
            return new Flat(id, building, release, due, weight, cure, access, otherRooms, otherLinks);
        }

        /** The same with another time between ready and due. */
        public Flat curing(int other) {
            return new Flat(id, building, release, due, weight, other, access, rooms, links);
        }

        /** The same with each step changed. */
        public Flat changing(UnaryOperator<Step> change) {
            return with(rooms.stream().map(room -> room.changing(change)).toList(), links);
        }

        /** The number of a step among those of the flat. */
        int number(String step) {
            int number = 0;
            for (Room room : rooms) {
                for (Step each : room.steps()) {
                    if (each.id().equals(step)) {
                        return number;
                    }
                    number++;
                }
            }
            throw new IllegalArgumentException("what waits must be a step of " + id + ", was " + step);
        }

        /** The steps of its rooms, room by room. */
        public List<Step> steps() {
            List<Step> all = new ArrayList<>();
            rooms.forEach(room -> all.addAll(room.steps()));
            return all;
        }
    }

    /**
     * Steps done one after the other.
     *
     * @param air how fast it dries there in each hour from time zero on, 1 as the waits are given; the last day goes on. Empty: 1
     */
    public record Room(String id, List<Double> air, List<Step> steps) {
        public Room {
            air = List.copyOf(air);
            steps = List.copyOf(steps);
        }

        Room changing(UnaryOperator<Step> change) {
            return new Room(id, air, steps.stream().map(change).toList());
        }
    }

    /**
     * One thing done at one go by one painter.
     *
     * @param minutes of work
     * @param lagMin minutes to dry after its end: before the room's next step, or before the flat is ready
     * @param lagMax most minutes from its end to the start of the room's next step
     * @param lagSoftMax minutes after which waiting for the next step costs: tools in a bag
     * @param earliest not before: its paint arrives then, or something before it has been drying since
     * @param thing what it needs from its start until it is dry, of which there are only few
     */
    public record Step(
            String id,
            String name,
            int minutes,
            Optional<String> skill,
            int lagMin,
            OptionalInt lagMax,
            OptionalInt lagSoftMax,
            int earliest,
            Optional<String> thing,
            Lock lock,
            Optional<Was> was) {
        /** One that anybody may do at any time. */
        public static Step of(String id, String name, int minutes, int lagMin) {
            return new Step(
                    id,
                    name,
                    minutes,
                    Optional.empty(),
                    lagMin,
                    OptionalInt.empty(),
                    OptionalInt.empty(),
                    0,
                    Optional.empty(),
                    Lock.NONE,
                    Optional.empty());
        }

        boolean isFact() {
            return lock instanceof Lock.Fact;
        }

        public Step lasting(int other) {
            return new Step(id, name, other, skill, lagMin, lagMax, lagSoftMax, earliest, thing, lock, was);
        }

        public Step needing(String wanted) {
            return new Step(
                    id, name, minutes, Optional.of(wanted), lagMin, lagMax, lagSoftMax, earliest, thing, lock, was);
        }

        public Step byAnybody() {
            return new Step(
                    id, name, minutes, Optional.empty(), lagMin, lagMax, lagSoftMax, earliest, thing, lock, was);
        }

        public Step waitingAtMost(int most) {
            return new Step(
                    id, name, minutes, skill, lagMin, OptionalInt.of(most), lagSoftMax, earliest, thing, lock, was);
        }

        public Step baggedFor(int most) {
            return new Step(id, name, minutes, skill, lagMin, lagMax, OptionalInt.of(most), earliest, thing, lock, was);
        }

        public Step notBefore(int moment) {
            return new Step(id, name, minutes, skill, lagMin, lagMax, lagSoftMax, moment, thing, lock, was);
        }

        public Step taking(String wanted) {
            return new Step(
                    id, name, minutes, skill, lagMin, lagMax, lagSoftMax, earliest, Optional.of(wanted), lock, was);
        }

        public Step locked(Lock by) {
            return new Step(id, name, minutes, skill, lagMin, lagMax, lagSoftMax, earliest, thing, by, was);
        }

        public Step standing(Was inForce) {
            return new Step(
                    id, name, minutes, skill, lagMin, lagMax, lagSoftMax, earliest, thing, lock, Optional.of(inForce));
        }

        public Step {
            if (!(minutes > 0)) {
                throw new IllegalArgumentException("a step must take more than 0 min, " + id + " takes " + minutes);
            }
            if (!(lagMin >= 0)) {
                throw new IllegalArgumentException("a step must dry for 0 min or more, " + id + " has " + lagMin);
            }
            if (lagMax.isPresent() && lagMax.getAsInt() < lagMin) {
                throw new IllegalArgumentException("the longest wait after " + id + " must be at least the shortest, "
                        + lagMin + " min, was " + lagMax.getAsInt());
            }
        }
    }

    /** What has been settled for a step. */
    public sealed interface Lock {
        Lock NONE = new Wish(Optional.empty(), OptionalInt.empty());

        /** Who, or when, or both, is wanted: a plan keeps it and all other rules, or there is none. */
        record Wish(Optional<String> painter, OptionalInt start) implements Lock {}

        /** It has begun. Whatever rule that broke, it is so, and the rest goes on from there. */
        record Fact(String painter, int start) implements Lock {}
    }

    /** Where a step stood in the plan that is in force: leaving that painter or that day has a price. */
    public record Was(String painter, int start) {}

    /**
     * A step of a flat that another of the same flat waits for.
     *
     * @param lagMin minutes to dry between them
     * @param lagMax most minutes between them
     */
    public record Link(String from, String to, int lagMin, OptionalInt lagMax) {
        public Link {
            if (!(lagMin >= 0 && lagMax.orElse(lagMin) >= lagMin)) {
                throw new IllegalArgumentException("between " + from + " and " + to
                        + " there must be 0 min or more and at most what is allowed, were " + lagMin + " and "
                        + lagMax);
            }
        }
    }

    /**
     * What counts how much.
     *
     * @param late a minute late of a flat of weight 1
     * @param cure a minute of missing cure of a flat of weight 1
     * @param painterDay a day on which a painter is needed
     * @param travel a minute on the way or setting up
     * @param bag a minute in the bag too long
     * @param span a minute until everything is ready
     * @param change a step that changes painter or day against the plan in force
     */
    public record Weights(
            double late, double cure, double painterDay, double travel, double bag, double span, double change) {
        public static final Weights USUAL = new Weights(100, 10, 3000, 10, 1, 0.2, 0);

        public Weights withChange(double price) {
            return new Weights(late, cure, painterDay, travel, bag, span, price);
        }
    }

    public Workload {
        painters = List.copyOf(painters);
        flats = List.copyOf(flats);
        travel = travel.stream().map(List::copyOf).toList();
        things = Map.copyOf(things);
        if (painters.isEmpty()) {
            throw new IllegalArgumentException("a plan needs at least one painter");
        }
        unique("painter", painters.stream().map(Painter::id).toList());
        unique("flat", flats.stream().map(Flat::id).toList());
        List<String> steps = new ArrayList<>();
        flats.forEach(flat -> flat.steps().forEach(step -> steps.add(step.id())));
        unique("step", steps);
        for (Flat flat : flats) {
            checkFlat(flat, travel.size(), painters, things);
        }
        for (List<Integer> row : travel) {
            if (row.size() != travel.size()) {
                throw new IllegalArgumentException("the ways must be given from every house to every house");
            }
        }
    }

    private static void unique(String what, Collection<String> ids) {
        Set<String> seen = new HashSet<>();
        for (String id : ids) {
            if (!seen.add(id)) {
                throw new IllegalArgumentException(
                        "every " + what + " must have an id of its own, " + id + " is there twice");
            }
        }
    }

    private static void checkFlat(Flat flat, int houses, List<Painter> painters, Map<String, Integer> things) {
        if (!(flat.building() >= 0 && flat.building() < houses)) {
            throw new IllegalArgumentException(
                    "the house of " + flat.id() + " must be 0–" + (houses - 1) + ", was " + flat.building());
        }
        for (Step step : flat.steps()) {
            if (painters.stream().noneMatch(painter -> painter.mayDo(step))) {
                throw new IllegalArgumentException("somebody must be able to do " + step.id() + ": nobody has “"
                        + step.skill().orElse("") + "” or is who was settled");
            }
            step.thing().filter(thing -> things.getOrDefault(thing, 0) < 1).ifPresent(thing -> {
                throw new IllegalArgumentException(
                        "there must be at least one “" + thing + "”, which " + step.id() + " needs");
            });
        }
        for (Link link : flat.links()) {
            flat.number(link.from());
            flat.number(link.to());
        }
    }

    /** Whether there is such a painter who has what a step asks for. */
    public boolean mayDo(String painter, Step step) {
        return painters.stream().anyMatch(each -> each.id().equals(painter) && each.can(step));
    }

    /** The same with each step changed. */
    public Workload changing(UnaryOperator<Step> change) {
        return with(flats.stream().map(flat -> flat.changing(change)).toList());
    }

    /** The same with other flats. */
    public Workload with(List<Flat> others) {
        return new Workload(painters, others, travel, depot, weights, things);
    }

    /** The same with other painters, or the same at other hours. */
    public Workload by(List<Painter> others) {
        return new Workload(others, flats, travel, depot, weights, things);
    }

    /** The same where a step that changes painter or day has another price. */
    public Workload priced(double change) {
        return new Workload(painters, flats, travel, depot, weights.withChange(change), things);
    }

    /** All steps, flat by flat and room by room: the order in which a plan numbers them. */
    public List<Step> steps() {
        List<Step> all = new ArrayList<>();
        flats.forEach(flat -> all.addAll(flat.steps()));
        return all;
    }

    /** By its id the number of each flat. */
    Map<String, Integer> flatNumbers() {
        Map<String, Integer> numbers = new HashMap<>();
        flats.forEach(flat -> numbers.put(flat.id(), numbers.size()));
        return numbers;
    }

    /** The number of its flat for each step. */
    public List<Integer> flatOfSteps() {
        List<Integer> all = new ArrayList<>();
        for (int f = 0; f < flats.size(); f++) {
            all.addAll(Collections.nCopies(flats.get(f).steps().size(), f));
        }
        return all;
    }

    /** The air of its room for each step. */
    List<AirCurve> airOfSteps() {
        List<AirCurve> all = new ArrayList<>();
        Airs airs = new Airs();
        for (Flat flat : flats) {
            flat.rooms()
                    .forEach(room -> all.addAll(Collections.nCopies(room.steps().size(), airs.of(room))));
        }
        return all;
    }

    /**
     * Minutes of working time directly before a step in a flat, coming from another.
     *
     * @param from number of a flat, or {@link #DEPOT}
     */
    int way(int from, int to) {
        if (from == DEPOT) {
            return depot;
        }
        return from == to
                ? 0
                : travel.get(flats.get(from).building()).get(flats.get(to).building());
    }
}
