package lumko.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import lumko.core.plan.Workload.Flat;
import lumko.core.plan.Workload.Link;
import lumko.core.plan.Workload.Lock;
import lumko.core.plan.Workload.Painter;
import lumko.core.plan.Workload.Room;
import lumko.core.plan.Workload.Step;
import lumko.core.plan.Workload.Weights;

/** Workloads to try the planner on: small ones written down, and random ones of the usual kinds of rooms. */
public final class Flats {
    public static final int DAY = 1440;
    public static final int HOUR = 60;

    private Flats() {}

    // ---- written down

    static Step step(String id, int minutes, int lagMin) {
        return Step.of(id, id, minutes, lagMin);
    }

    /** A flat of one room, due after so many days, in house 0. */
    static Flat flat(String id, int dueDay, Step... steps) {
        return new Flat(
                id,
                0,
                0,
                dueDay * DAY,
                1,
                0,
                List.of(),
                List.of(new Room(id + ".room", List.of(), List.of(steps))),
                List.of());
    }

    /** From 8 to 16 on every day of so many, without a break. */
    static Painter painter(String id, int days, String... skills) {
        List<Span> hours = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            hours.add(new Span(day * DAY + 8 * HOUR, day * DAY + 16 * HOUR));
        }
        return new Painter(id, Set.of(skills), hours, Optional.empty());
    }

    /** One house, no minutes from flat to flat or from the depot. */
    static Workload load(List<Painter> painters, Flat... flats) {
        return new Workload(painters, List.of(flats), List.of(List.of(0)), 0, Weights.USUAL, Map.of());
    }

    /** The same workload once a plan of it is in force and a moment has come. */
    static Workload under(Workload load, Plan plan, int now) {
        Map<String, Integer> numbers = new HashMap<>();
        load.steps().forEach(step -> numbers.put(step.id(), numbers.size()));
        return load.changing(step -> {
            int s = numbers.get(step.id());
            String who = load.painters().get(plan.painter(s)).id();
            Step known = step.standing(new Workload.Was(who, plan.start(s)));
            return plan.start(s) < now ? known.locked(new Lock.Fact(who, plan.start(s))) : known;
        });
    }

    // ---- by chance

    /** What a random workload has beyond the usual. */
    enum Extra {
        ACCESS,
        AIR,
        THINGS,
        LATE_PAINT
    }

    /**
     * So many flats of 2–6 rooms in the usual proportions; painters loaded to about two thirds, Monday to Friday, some off for a day.
     */
    public static Workload random(long seed, int flats, int painters) {
        return random(seed, flats, painters, Set.of());
    }

    static Workload random(long seed, int flats, int painters, Set<Extra> extras) {
        Random chance = new Random(seed);
        int houses = Math.max(2, flats / 6);
        List<List<Step>> all = new ArrayList<>();
        List<Flat> made = new ArrayList<>();
        int work = 0;
        List<List<Room>> rooms = new ArrayList<>();
        for (int f = 0; f < flats; f++) {
            List<Room> ofFlat = new ArrayList<>();
            int count = 2 + chance.nextInt(5);
            for (int r = 0; r < count; r++) {
                List<Step> steps = room(chance, "F" + f + "." + r, extras);
                all.add(steps);
                work += steps.stream().mapToInt(Step::minutes).sum();
                ofFlat.add(new Room("F" + f + "." + r, air(chance, extras), steps));
            }
            rooms.add(ofFlat);
        }
        int days = Math.max(5, (int) Math.ceil(work / (painters * 420.0) / 0.66 * 7 / 5));
        for (int f = 0; f < flats; f++) {
            int release = chance.nextInt(days) * DAY + 7 * HOUR + 5 * chance.nextInt(60);
            int shortest = rooms.get(f).stream().mapToInt(Flats::shortest).max().orElse(0);
            int due = release + (int) (shortest * (0.95 + 2.75 * chance.nextDouble()));
            made.add(new Flat(
                    "F" + f,
                    chance.nextInt(houses),
                    release,
                    due,
                    List.of(1, 1, 2, 3, 5).get(chance.nextInt(5)),
                    List.of(0, 240, 480, 960).get(chance.nextInt(4)),
                    access(chance, extras, days * 4),
                    rooms.get(f),
                    links(chance, rooms.get(f))));
        }
        List<Painter> hands = new ArrayList<>();
        for (int p = 0; p < painters; p++) {
            Set<String> skills = new HashSet<>();
            if (p == 0 || chance.nextInt(2) == 0) {
                skills.add("drywall");
            }
            if (p == 0 || chance.nextInt(2) == 0) {
                skills.add("lacquer");
            }
            hands.add(new Painter("P" + p, skills, hours(chance, days * 4 + 42), Optional.empty()));
        }
        List<List<Integer>> travel = new ArrayList<>();
        for (int from = 0; from < houses; from++) {
            List<Integer> row = new ArrayList<>();
            for (int to = 0; to < houses; to++) {
                row.add(from == to ? 20 : 25 + 5 * Math.abs(from - to) % 40);
            }
            travel.add(row);
        }
        return new Workload(hands, made, travel, 20, Weights.USUAL, Map.of("heater", 1));
    }

    private static int shortest(Room room) {
        return room.steps().stream()
                .mapToInt(step -> step.minutes() + step.lagMin())
                .sum();
    }

    private static List<Span> hours(Random chance, int days) {
        List<Span> hours = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            if (day % 7 < 5 && chance.nextInt(20) > 0) {
                hours.add(new Span(day * DAY + 480, day * DAY + 720));
                hours.add(new Span(day * DAY + 750, day * DAY + 990));
            }
        }
        return hours;
    }

    private static List<Span> access(Random chance, Set<Extra> extras, int days) {
        if (!extras.contains(Extra.ACCESS) || chance.nextInt(3) > 0) {
            return List.of();
        }
        List<Span> open = new ArrayList<>();
        for (int day = 0; day < days + 42; day++) {
            open.add(new Span(day * DAY + 9 * HOUR, day * DAY + 15 * HOUR));
        }
        return open;
    }

    private static List<Double> air(Random chance, Set<Extra> extras) {
        if (!extras.contains(Extra.AIR)) {
            return List.of();
        }
        List<Double> speeds = new ArrayList<>();
        double mean = 0.6 + 0.6 * chance.nextDouble();
        for (int hour = 0; hour < 24 * 14; hour++) {
            speeds.add(mean * (hour % 24 < 7 ? 0.6 : 1));
        }
        return speeds;
    }

    private static List<Link> links(Random chance, List<Room> rooms) {
        if (chance.nextInt(3) > 0) {
            return List.of();
        }
        // the hall is finished when the other rooms are: everybody walks through it
        List<Link> links = new ArrayList<>();
        String last = rooms.getFirst().steps().getLast().id();
        for (Room room : rooms.subList(1, rooms.size())) {
            links.add(new Link(room.steps().getLast().id(), last, 0, OptionalInt.empty()));
        }
        return links;
    }

    private static List<Step> room(Random chance, String id, Set<Extra> extras) {
        int kind = chance.nextInt(100);
        List<Step> steps = new ArrayList<>();
        Maker maker = new Maker(steps, id, chance);
        if (kind < 28) {
            maker.add("protect", 20, 0)
                    .add("fill", 30, 4 * HOUR)
                    .add("sand", 25, 0)
                    .atMost(DAY);
            maker.add("prime", 40, 2 * HOUR).add("ceiling 1", 60, 4 * HOUR).bagged();
            maker.add("ceiling 2", 50, 4 * HOUR).add("walls 1", 80, 4 * HOUR).bagged();
            maker.add("walls 2", 70, 4 * HOUR)
                    .add("trim", 60, 16 * HOUR)
                    .needs("lacquer")
                    .add("refit", 25, 0);
        } else if (kind < 45) {
            maker.add("protect", 20, 0).add("fill", 25, 12 * HOUR).add("sand", 20, 0);
            maker.add("walls 1", 45, 2 * HOUR)
                    .bagged()
                    .add("walls 2", 40, 4 * HOUR)
                    .add("refit", 25, 0);
        } else if (kind < 53) {
            maker.add("soak", 20, 15).atMost(90).add("strip", 90, 24 * HOUR).add("fill", 30, 12 * HOUR);
            maker.add("sand", 20, 0).atMost(DAY).add("prime", 30, 2 * HOUR).add("walls", 60, 4 * HOUR);
        } else if (kind < 60) {
            maker.add("board", 45, 0)
                    .needs("drywall")
                    .add("tape", 30, 12 * HOUR)
                    .needs("drywall");
            maker.add("skim", 30, 16 * HOUR)
                    .needs("drywall")
                    .add("prime", 20, 2 * HOUR)
                    .add("walls", 45, 4 * HOUR);
        } else {
            maker.add("fill", 15, 2 * HOUR).add("sand", 15, 0).add("dab", 15, HOUR);
        }
        if (extras.contains(Extra.THINGS) && chance.nextInt(4) == 0) {
            steps.set(0, steps.getFirst().taking("heater"));
        }
        if (extras.contains(Extra.LATE_PAINT) && chance.nextInt(4) == 0) {
            steps.set(steps.size() - 1, steps.getLast().notBefore(5 * DAY));
        }
        return steps;
    }

    private record Maker(List<Step> steps, String id, Random chance) {
        Maker add(String name, int minutes, int lagMin) {
            int varied = 5 * Math.max(2, Math.round(minutes * (0.7f + 0.6f * chance.nextFloat()) / 5));
            steps.add(step(id + "." + steps.size() + " " + name, Math.min(90, varied), lagMin));
            return this;
        }

        Maker atMost(int lagMax) {
            steps.set(steps.size() - 1, steps.getLast().waitingAtMost(lagMax));
            return this;
        }

        Maker needs(String skill) {
            steps.set(steps.size() - 1, steps.getLast().needing(skill));
            return this;
        }

        Maker bagged() {
            steps.set(steps.size() - 1, steps.getLast().baggedFor(7 * DAY));
            return this;
        }
    }
}
