package lumko.core.job;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Tool;
import lumko.core.activity.Use;
import lumko.core.activity.Wet;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;

/** Activities of one kind, round and paint, being made into one. */
final class Gathering {
    private record Stuff(Material material, String paint) {}

    private final String id;
    private final ActivityKind kind;
    private final int round;
    private final String paint;
    private final Set<String> rooms = new LinkedHashSet<>();
    private final Set<String> surfaces = new LinkedHashSet<>();
    private final Set<String> places = new LinkedHashSet<>();
    private final List<Length> knives = new ArrayList<>();
    private final Map<Stuff, Volume> uses = new LinkedHashMap<>();
    private final Set<Wet> wet = new LinkedHashSet<>();
    private final Set<Tool> tools = EnumSet.noneOf(Tool.class);
    private final Set<Caution> cautions = EnumSet.noneOf(Caution.class);
    private final Set<Advice> says = EnumSet.noneOf(Advice.class);
    private Duration hand = Duration.ZERO;
    private Duration longest = Duration.ZERO;
    private Optional<Activity> only = Optional.empty();
    private boolean isEmpty = true;
    private int count;
    private double area;
    private double edge;
    private double tape;

    Gathering(String id, Activity first) {
        this.id = id;
        this.kind = first.kind();
        this.round = first.round();
        this.paint = first.paint();
    }

    ActivityKind kind() {
        return kind;
    }

    /** The same thing, done for another surface too: it is done once, as long as the longest. */
    void join(Activity one) {
        isEmpty = false;
        only.ifPresent(this::merge);
        only = Optional.empty();
        where(one);
        tools.addAll(one.tools());
        cautions.addAll(one.cautions());
        says.addAll(one.says());
        wet.addAll(one.wet());
        count = Math.max(count, one.count());
        if (one.hand().compareTo(hand) > 0 || uses.isEmpty()) {
            hand = one.hand().compareTo(hand) > 0 ? one.hand() : hand;
            uses.clear();
            one.uses().forEach(use -> uses.merge(new Stuff(use.material(), use.paint()), use.volume(), Volume::plus));
        }
    }

    private void where(Activity one) {
        rooms.addAll(one.rooms());
        surfaces.addAll(one.surfaces());
        places.addAll(one.places());
    }

    void add(Activity one) {
        // most stay alone, and are what they are
        if (isEmpty) {
            isEmpty = false;
            only = Optional.of(one);
            return;
        }
        only.ifPresent(this::merge);
        only = Optional.empty();
        merge(one);
    }

    private void merge(Activity one) {
        where(one);
        one.knives().stream().filter(knife -> !knives.contains(knife)).forEach(knives::add);
        one.uses().forEach(use -> uses.merge(new Stuff(use.material(), use.paint()), use.volume(), Volume::plus));
        wet.addAll(one.wet());
        tools.addAll(one.tools());
        cautions.addAll(one.cautions());
        says.addAll(one.says());
        hand = hand.plus(one.hand());
        longest = one.lasts().compareTo(longest) > 0 ? one.lasts() : longest;
        count += one.count();
        area += one.area().inSquareMetres();
        edge += one.edge().inMillimetres();
        tape += one.tape().inMillimetres();
    }

    Activity activity() {
        return only.map(one -> one.as(id)).orElseGet(this::merged);
    }

    private Activity merged() {
        return new Activity(
                id,
                kind,
                round,
                List.copyOf(rooms),
                List.copyOf(surfaces),
                List.copyOf(places),
                paint,
                hand,
                // what takes its time without the hand runs at all places at once
                longest.compareTo(hand) > 0 ? longest : hand,
                count,
                Area.ofSquareMetres(area),
                Length.ofMillimetres(edge),
                Length.ofMillimetres(tape),
                knives,
                uses.entrySet().stream()
                        .map(entry -> new Use(
                                entry.getKey().material(), entry.getKey().paint(), entry.getValue()))
                        .toList(),
                List.copyOf(wet),
                tools,
                cautions,
                says);
    }
}
