package lumko.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lumko.core.activity.Activity;
import lumko.core.activity.Precedence;
import lumko.core.activity.Wait;
import lumko.core.activity.Why;
import lumko.core.activity.WorkGraph;

/** More work joined to a job that is under way. What was planned stays as it was; what is done is not waited for again. */
final class Joining {
    private final Order order;

    Joining(Order order) {
        this.order = order;
    }

    /**
     * @param more its activities have ids of their own
     * @param done ids of what is finished
     */
    WorkGraph joined(WorkGraph underWay, Set<String> done, List<Activity> more) {
        Set<String> added = Set.copyOf(more.stream().map(Activity::id).toList());
        List<Activity> all =
                Stream.concat(underWay.activities().stream(), more.stream()).toList();
        List<Precedence> precedences = new ArrayList<>(underWay.precedences());
        new Links(order, List.of(), Set.of())
                .graph(all).precedences().stream()
                        .filter(each -> added.contains(each.from()) || added.contains(each.to()))
                        .filter(each -> !done.contains(each.to()) && !done.contains(each.from()))
                        .forEach(precedences::add);
        for (Activity before : underWay.activities()) {
            for (Activity after : more) {
                if (done.contains(before.id()) && before.shares(after)) {
                    stillWet(before, after).ifPresent(precedences::add);
                }
            }
        }
        return new WorkGraph(all, precedences, underWay.standing());
    }

    /** What was put on and is under what comes now, whatever the order of the work usually is. */
    private static Optional<Precedence> stillWet(Activity before, Activity after) {
        return after.kind()
                .needsDryFor()
                .flatMap(purpose -> Wait.slowest(before.wet(), purpose))
                .map(wait ->
                        new Precedence(before.id(), after.id(), Why.SHOWS_IT, Optional.of(wait), Optional.empty()));
    }
}
