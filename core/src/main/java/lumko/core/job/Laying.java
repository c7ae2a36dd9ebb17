package lumko.core.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Move;

/** What has been laid down of a job so far: moves, each where it belongs. What is laid twice at one place is one activity. */
final class Laying {
    private static final String OF_THE_VISIT = "";

    private final Map<String, Gathering> gathered = new LinkedHashMap<>();

    /** At a mark. */
    void at(Task task, Place place, Move move) {
        add(Activity.of(
                task.key() + "|" + place.key() + id(move),
                task.overStairs(move),
                task.room().key(),
                Optional.of(task.key()),
                Optional.of(place.key()),
                task.paint()));
    }

    /** On a surface. */
    void on(Task task, Move move) {
        add(Activity.of(
                task.key() + id(move),
                task.overStairs(move),
                task.room().key(),
                Optional.of(task.key()),
                Optional.empty(),
                task.paint()));
    }

    /** In a room. */
    void in(Room room, Move move) {
        add(Activity.of(room.key() + id(move), move, room.key(), Optional.empty(), Optional.empty(), ""));
    }

    /** Once for a paint, however many surfaces are painted with it; the longest says how long. */
    void once(Task task, Move move) {
        join(move.kind() + "|" + task.paint(), task, move);
    }

    /** Once in a room for a paint. */
    void onceInRoom(Task task, Move move) {
        join(task.room().key() + id(move) + "|" + task.paint(), task, move);
    }

    private void join(String id, Task task, Move move) {
        Activity one =
                Activity.of(id, move, task.room().key(), Optional.of(task.key()), Optional.empty(), task.paint());
        gathered.computeIfAbsent(id, key -> new Gathering(key, one)).join(one);
    }

    /** On the visit to the flat. */
    void visit(Move move) {
        add(Activity.of(OF_THE_VISIT + id(move), move, "", Optional.empty(), Optional.empty(), ""));
    }

    private void add(Activity one) {
        gathered.computeIfAbsent(one.id(), key -> new Gathering(key, one)).add(one);
    }

    private static String id(Move move) {
        return "/" + move.kind() + (move.round() > 0 ? "/" + move.round() : "");
    }

    boolean has(ActivityKind kind) {
        return gathered.values().stream().anyMatch(each -> each.kind() == kind);
    }

    List<Activity> activities() {
        List<Activity> all = new ArrayList<>();
        gathered.values().forEach(each -> all.add(each.activity()));
        return all;
    }
}
