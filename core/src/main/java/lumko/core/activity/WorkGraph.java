package lumko.core.activity;

import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/**
 * The activities of a job and what comes before what.
 *
 * @param activities in the order of the work
 * @param standing coats that were put on before and still count
 */
public record WorkGraph(List<Activity> activities, List<Precedence> precedences, List<Standing> standing) {
    public static final WorkGraph NONE = new WorkGraph(List.of(), List.of(), List.of());

    public WorkGraph {
        activities = List.copyOf(activities);
        precedences = List.copyOf(precedences);
        standing = List.copyOf(standing);
    }

    public boolean isEmpty() {
        return activities.isEmpty();
    }

    /** The work without the visit to the flat that is there anyway. */
    public WorkGraph onSurfaces() {
        List<Activity> kept = activities.stream()
                .filter(activity -> !activity.kind().isOfTheVisit())
                .toList();
        Set<String> ids = new HashSet<>();
        kept.forEach(activity -> ids.add(activity.id()));
        standing.forEach(coat -> ids.add(coat.id()));
        return new WorkGraph(
                kept,
                precedences.stream()
                        .filter(each -> ids.contains(each.from()) && ids.contains(each.to()))
                        .toList(),
                standing);
    }

    /** Work of the hand. */
    public Duration hand() {
        Duration sum = Duration.ZERO;
        for (Activity activity : activities) {
            sum = sum.plus(activity.hand());
        }
        return sum;
    }

    /** Everything that is put on from a tin of the record. */
    public Volume paint() {
        return sum(Activity::paintUsed);
    }

    public Volume volume(Material material) {
        return sum(activity -> activity.volume(material));
    }

    private Volume sum(Function<Activity, Volume> of) {
        Volume sum = Volume.ZERO;
        for (Activity activity : activities) {
            sum = sum.plus(of.apply(activity));
        }
        return sum;
    }

    /** Metres of tape to be put on. */
    public Length tape() {
        Length sum = Length.ZERO;
        for (Activity activity : activities) {
            sum = sum.plus(activity.tape());
        }
        return sum;
    }
}
