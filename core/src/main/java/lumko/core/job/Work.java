package lumko.core.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Phase;
import lumko.core.activity.Standing;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.DryingMaterial;

/**
 * Everything that is done on a job, mark by mark, surface by surface. Merging is a view of it: what has to be done at one go
 * stays apart in every view.
 */
public final class Work {
    /** How far activities of one kind are merged. */
    public enum View {
        /** Each place on its own. */
        PLACE,
        SURFACE,
        ROOM,
        FLAT
    }

    private final Supplier<Order> order;
    private final List<Activity> activities;
    private final List<Standing> standing;
    private final Set<String> accents;
    private final Set<String> taped = new HashSet<>();

    /** @param order asked for only where activities are put in one */
    Work(Supplier<Order> order, List<Activity> activities, List<Standing> standing, Set<String> accents) {
        this.order = order;
        this.activities = List.copyOf(activities);
        this.standing = List.copyOf(standing);
        this.accents = Set.copyOf(accents);
        activities.stream()
                .filter(activity -> activity.kind() == ActivityKind.TAPE_EDGES)
                .forEach(activity -> taped.addAll(activity.surfaces()));
    }

    public boolean isEmpty() {
        return activities.isEmpty();
    }

    /** The activities place by place, for whoever only adds them up: nothing is said of what comes before what. */
    public WorkGraph unordered() {
        return new WorkGraph(activities, List.of(), standing);
    }

    /** The activities, each kind merged as far as the view goes, with what comes before what. */
    public WorkGraph by(View view) {
        Map<String, Gathering> gathered = new LinkedHashMap<>();
        for (Activity activity : activities) {
            String id = view == View.PLACE ? activity.id() : id(activity, view);
            gathered.computeIfAbsent(id, key -> new Gathering(key, activity)).add(activity);
        }
        List<Activity> merged = new ArrayList<>();
        gathered.values().forEach(each -> merged.add(each.activity()));
        return new Links(order.get(), standing, accents).graph(merged);
    }

    private String id(Activity activity, View view) {
        StringBuilder id = new StringBuilder();
        if (!activity.kind().isOncePerPaint() && !activity.kind().isOfTheVisit()) {
            id.append(where(activity, view));
        }
        id.append('/').append(activity.kind());
        if (activity.round() > 0) {
            id.append('/').append(activity.round());
        }
        if (!activity.paint().isEmpty()) {
            id.append('/').append(activity.paint());
        }
        return id.toString();
    }

    private String where(Activity activity, View view) {
        String surfaces = String.join("+", activity.surfaces());
        String rooms = String.join("+", activity.rooms());
        boolean isTaped = activity.surfaces().stream().anyMatch(taped::contains);
        boolean isBySurface = view == View.SURFACE || order.get().isAtOneGo(activity.kind(), isTaped);
        String where = isBySurface && !surfaces.isEmpty() ? surfaces : view == View.FLAT ? "" : rooms;
        boolean isKeptDamp = activity.wet().stream().anyMatch(wet -> wet.material() == DryingMaterial.PLASTER);
        if (isKeptDamp) {
            return where + "+" + activity.places();
        }
        // a wall that comes after its neighbours is looked at and put right on its own
        boolean isBetweenCoats = activity.kind().phase() == Phase.COAT || activity.kind() == ActivityKind.CORRECT;
        boolean isLater = isBetweenCoats && activity.surfaces().stream().anyMatch(accents::contains);
        return isLater ? where + "+ACCENT" : where;
    }
}
