package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import lumko.core.activity.Activity;
import lumko.core.activity.Move;
import lumko.core.activity.Standing;
import lumko.core.activity.Standing.NextCoat;
import lumko.core.activity.Tool;
import lumko.core.activity.Wet;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.DryingMaterial;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.hold.Holding;
import lumko.core.hold.Need;
import lumko.core.hold.WillItHold;
import lumko.core.paint.Binder;
import lumko.core.practice.Practice;
import lumko.core.quantity.Times;
import lumko.core.record.Age;
import lumko.core.repair.Ground;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;
import lumko.core.repair.Repairs;
import org.jspecify.annotations.Nullable;

/** Turns what is to be done with each surface into work, in the practice of the house: protect, prepare, coat, trim, close. */
public final class JobPlanner {
    private static final int MOST_COATS = 4;

    private final Catalogue figures;
    private final Practice practice;
    private final Repairs repairs;
    private final WillItHold will;
    private @Nullable Order order;

    public JobPlanner(Catalogue figures) {
        this(figures, Practice.STARTING);
    }

    public JobPlanner(Catalogue figures, Practice practice) {
        this.figures = figures;
        this.practice = practice;
        this.repairs = new Repairs(figures, practice);
        this.will = new WillItHold(figures);
    }

    public Practice practice() {
        return practice;
    }

    /** The work of a job; none where all of its surfaces are left. */
    public Work plan(Job job) {
        List<Task> tasks = tasks(job);
        Laying laying = new Laying();
        if (!tasks.isEmpty()) {
            visit(laying);
            lay(job, tasks, laying);
        }
        return work(job, laying);
    }

    /**
     * What faults found after the first coat add to a job that is under way: only their repair up to the primer; the coats
     * that are still to come go over them.
     */
    public Work addition(Job job) {
        Laying laying = new Laying();
        Preparation preparation = new Preparation(practice, figures, laying, job.site());
        Priming priming = new Priming(practice, figures, laying);
        for (Task task : tasks(job)) {
            preparation.layMarksOnly(task);
            priming.places(task);
        }
        return work(job, laying);
    }

    /**
     * Whether one more coat helps a surface on which something still grins through: beyond {@value #MOST_COATS} something else
     * is wrong.
     *
     * @param rolled how many coats are planned or done on it
     */
    public static boolean mayHaveAnotherCoat(int rolled) {
        return rolled >= 1 && rolled < MOST_COATS;
    }

    /**
     * One more coat on the surfaces of a job under way.
     *
     * @param rolled how many coats are planned or done on each of them, 1–3
     * @throws IllegalArgumentException if one more does not help
     */
    public Work anotherCoat(Job job, int rolled) {
        if (!mayHaveAnotherCoat(rolled)) {
            throw new IllegalArgumentException("one more coat on " + rolled + " does not help");
        }
        Laying laying = new Laying();
        List<Task> tasks = tasks(job);
        Coats coats = new Coats(practice, figures, laying, job, new Kit(practice, figures, laying, job, tasks));
        tasks.forEach(task -> coats.another(task, rolled));
        return work(job, laying);
    }

    /**
     * A job under way with more work in it: what was planned stays, the new comes where the order of the work has it, and what
     * is done is not waited for again but for what it left wet.
     *
     * @param done ids of what is finished
     * @param more by room; its ids must not be in the job yet
     */
    public WorkGraph joined(WorkGraph underWay, Set<String> done, WorkGraph more) {
        return new Joining(order()).joined(underWay, done, more.activities());
    }

    private Work work(Job job, Laying laying) {
        List<Activity> activities = laying.activities().stream()
                .filter(activity -> !job.done().contains(activity.kind()))
                .toList();
        return new Work(this::order, activities, standing(job), job.accents());
    }

    /** Made when first asked for: whoever only adds work up needs none. */
    private synchronized Order order() {
        if (order == null) {
            order = new Order(practice);
        }
        return order;
    }

    private List<Task> tasks(Job job) {
        return job.active().stream().map(face -> task(face, job)).toList();
    }

    private Task task(Face face, Job job) {
        Room room = job.room(face.room());
        Ground ground = ground(face, job);
        List<Task.Made> made = face.places().stream()
                .map(place -> new Task.Made(place, repairs.repair(face.asStoodBefore(place.mark()), ground)))
                .toList();
        boolean isMended = face.action() != Action.LEAVE || face.isTrim();
        return new Task(
                face,
                room,
                ground,
                isMended ? made : List.of(),
                Task.holding(face, room, will),
                BuildUp.of(face, practice, figures),
                face.wall().paintedArea(figures.area(Figure.OPENING_STAYS_IN)));
    }

    private void visit(Laying laying) {
        laying.visit(Move.of(SET_UP).hand(figures.once(Figure.SET_UP)).with(Tool.TORCH, Tool.DUST_SHEET));
        laying.visit(Move.of(PACK_UP).hand(figures.once(Figure.PACK_UP)).with(Tool.VACUUM));
    }

    private void lay(Job job, List<Task> tasks, Laying laying) {
        Kit kit = new Kit(practice, figures, laying, job, tasks);
        Protection protection = new Protection(practice, figures, laying);
        for (Room room : job.rooms()) {
            protection.room(
                    room,
                    tasks.stream().filter(task -> task.room().equals(room)).toList());
        }
        Preparation preparation = new Preparation(practice, figures, laying, job.site());
        Priming priming = new Priming(practice, figures, laying);
        Coats coats = new Coats(practice, figures, laying, job, kit);
        Spots spots = new Spots(practice, figures, laying, kit);
        TrimWork trim = new TrimWork(practice, figures, laying, kit, job.site());
        Closing closing = new Closing(practice, figures, laying, job);
        for (Task task : tasks) {
            protection.fittings(task);
            preparation.lay(task);
            priming.lay(task);
            if (task.face().isTrim()) {
                if (task.isWhole()) {
                    trim.lay(task);
                }
            } else if (task.isWhole()) {
                coats.lay(task);
            } else {
                if (task.face().action().isSpots()) {
                    spots.touchUp(task);
                }
                spots.panels(task);
            }
            closing.lay(task);
        }
        leastOfPriming(tasks, laying);
    }

    /** Getting the primer out for a handful of spots takes its time too. */
    private void leastOfPriming(List<Task> tasks, Laying laying) {
        if (!laying.has(SPOT_PRIME)) {
            return;
        }
        List<Activity> primed = laying.activities().stream()
                .filter(activity -> activity.kind() == SPOT_PRIME)
                .toList();
        Duration all = primed.stream().map(Activity::hand).reduce(Duration.ZERO, Duration::plus);
        Duration missing = figures.once(Figure.SPOT_PRIME_LEAST).minus(all);
        if (all.isZero() || missing.isNegative() || missing.isZero()) {
            return;
        }
        Activity first = primed.getFirst();
        tasks.stream()
                .filter(task -> first.surfaces().contains(task.key()))
                .findFirst()
                .ifPresent(task -> laying.at(
                        task,
                        task.made().stream()
                                .map(Task.Made::place)
                                .filter(place -> first.places().contains(place.key()))
                                .findFirst()
                                .orElseThrow(),
                        Move.of(SPOT_PRIME).hand(missing)));
    }

    /** Coats so fresh that tape or solvent would have to wait for them. */
    private List<Standing> standing(Job job) {
        List<Standing> standing = new ArrayList<>();
        for (Face face : job.faces()) {
            Holding holding = Task.holding(face, job.room(face.room()), will);
            FreshPlaster.on(face.stack(), figures)
                    .ifPresent(fresh -> standing.add(
                            new Standing(face.room(), face.key(), fresh.wet(), fresh.ago(), NextCoat.ONCE_DRY)));
            if (!face.stack().isRaw()
                    && face.stack().ageOfTop() instanceof Age.Known age
                    && age.isUnderDays(figures.limit(Figure.FULL_CURE))) {
                boolean mustCure = face.isPaintedWhole() && holding.needs().contains(Need.WAIT_FOR_CURE);
                standing.add(new Standing(
                        face.room(),
                        face.key(),
                        Wet.of(on(face)),
                        Times.ofHours(age.years() * Age.DAYS_A_YEAR * 24),
                        mustCure ? NextCoat.ONCE_CURED : NextCoat.ANY_TIME));
            }
        }
        return standing;
    }

    private static DryingMaterial on(Face face) {
        boolean isSolvent = face.stack()
                .seen()
                .flatMap(coat -> coat.film().binder())
                .filter(Binder.SOLVENTBORNE::equals)
                .isPresent();
        if (face.isTrim()) {
            return isSolvent ? DryingMaterial.TRIM_SOLVENT : DryingMaterial.TRIM_WATER;
        }
        return DryingMaterial.EMULSION;
    }

    // ---- looking without planning

    /** How a mark on a surface is made good, as it is planned. */
    public Repair repair(Mark mark, Face on, Job job) {
        return repairs.repair(on.asStoodBefore(mark), ground(on, job));
    }

    /** Whether the next coat holds on a surface, and what it needs first. */
    public Holding holding(Face face, Room room) {
        return Task.holding(face, room, will);
    }

    /** How many coats a surface gets. */
    public BuildUp buildUp(Face face) {
        return BuildUp.of(face, practice, figures);
    }

    private static Ground ground(Face face, Job job) {
        return new Ground(
                face.stack().substrate(),
                face.wall().texture(),
                job.room(face.room()).findings(),
                job.site(),
                face.isPaintedWhole() ? Ground.Painted.FROM_EDGE_TO_EDGE : Ground.Painted.IN_SPOTS,
                freshest(face, job),
                face.isBare() && !face.isTrim());
    }

    /** What crept onto trim came from the wall beside it. */
    private static Age freshest(Face face, Job job) {
        Age own = face.stack().ageOfTop();
        if (!face.isTrim()) {
            return own;
        }
        return job.faces().stream()
                .filter(other -> other.room().equals(face.room()))
                .map(other -> other.stack().ageOfTop())
                .filter(Age::isKnown)
                .min(Comparator.comparingDouble(age -> age.yearsOr(0)))
                .orElse(own);
    }
}
