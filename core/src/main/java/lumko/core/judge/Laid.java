package lumko.core.judge;

import java.time.Duration;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.Purpose;
import lumko.core.fault.FaultKind;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;

/** A plan as it is laid out in time, to be looked at: what is done where, in which order, and what is dry by then. */
final class Laid {
    static final Set<DryingMaterial> PRIMERS = EnumSet.of(DryingMaterial.PRIMER, DryingMaterial.ADHESION_PRIMER);

    private final Job job;
    private final Air air;
    private final Schedule schedule;
    private final Map<String, Integer> order = new HashMap<>();

    Laid(Job job, Air air, Schedule schedule) {
        this.job = job;
        this.air = air;
        this.schedule = schedule;
        for (Schedule.Entry entry : schedule.entries()) {
            order.put(entry.activity().id(), order.size());
        }
    }

    Stream<Face> faces() {
        return job.active().stream();
    }

    Stream<Activity> activities(Predicate<Activity> which) {
        return schedule.entries().stream().map(Schedule.Entry::activity).filter(which);
    }

    Stream<Activity> on(Face face) {
        return activities(each -> each.surfaces().contains(face.key()));
    }

    /** Everything that is done at the places where a kind of fault is marked, and only there. */
    Stream<Activity> at(FaultKind kind) {
        Set<String> places = places(kind);
        return activities(each -> each.places().stream().anyMatch(places::contains));
    }

    Set<String> places(FaultKind kind) {
        Set<String> places = new HashSet<>();
        faces().forEach(face -> face.places().stream()
                .filter(place -> place.mark().fault().kind() == kind)
                .forEach(place -> places.add(place.key())));
        return places;
    }

    static boolean has(Face face, FaultKind kind) {
        return face.places().stream().anyMatch(place -> place.mark().fault().kind() == kind);
    }

    static Predicate<Activity> kind(ActivityKind... kinds) {
        Set<ActivityKind> wanted = EnumSet.of(kinds[0], kinds);
        return each -> wanted.contains(each.kind());
    }

    boolean isBefore(Activity one, Activity other) {
        return order.getOrDefault(one.id(), 0) < order.getOrDefault(other.id(), 0);
    }

    static boolean isAtPlaces(Activity one, Activity other) {
        return one.places().stream().anyMatch(other.places()::contains);
    }

    interface Pair {
        boolean is(Activity one, Activity other);
    }

    boolean any(Predicate<Activity> ones, Pair pair, Predicate<Activity> others) {
        List<Activity> second = activities(others).toList();
        return activities(ones).anyMatch(one -> second.stream().anyMatch(other -> pair.is(one, other)));
    }

    Duration start(Activity activity) {
        return schedule.entry(activity.id()).orElseThrow().start();
    }

    Duration end(Activity activity) {
        return schedule.entry(activity.id()).orElseThrow().end();
    }

    boolean isWet(Set<DryingMaterial> materials, Predicate<Activity> next, Purpose purpose) {
        return any(
                each -> each.wet().stream().map(Wet::material).anyMatch(materials::contains),
                (wet, coat) -> wet.meets(coat) && isBefore(wet, coat) && !isDry(wet, coat, materials, purpose),
                next);
    }

    boolean isDry(Activity wet, Activity next, Set<DryingMaterial> materials, Purpose purpose) {
        return wet.wet().stream()
                .filter(each -> materials.contains(each.material()))
                .map(each -> end(wet).plus(air.likely(new Wait(each, purpose))))
                .noneMatch(dry -> start(next).compareTo(dry) < 0);
    }

    static boolean isCoatOrPrimer(Activity each) {
        return each.isCoat()
                || each.wet().stream().map(Wet::material).anyMatch(PRIMERS::contains)
                        && each.kind() != ActivityKind.SEAL_PAPER;
    }
}
