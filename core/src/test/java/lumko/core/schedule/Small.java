package lumko.core.schedule;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Limit;
import lumko.core.activity.Move;
import lumko.core.activity.Precedence;
import lumko.core.activity.Standing;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.activity.Why;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.Purpose;
import lumko.core.figure.Catalogue;
import lumko.core.quantity.Times;

/** Small graphs written by hand. */
final class Small {
    static final Air AIR = new Air(Climate.REFERENCE, Catalogue.starting());
    static final Wet COAT = Wet.of(DryingMaterial.EMULSION);
    static final Wet BEAD = Wet.of(DryingMaterial.CAULK);
    static final Duration COAT_DRIES = AIR.likely(new Wait(COAT, Purpose.RECOAT));

    private final List<Activity> activities = new ArrayList<>();
    private final List<Precedence> precedences = new ArrayList<>();
    private final List<Standing> standing = new ArrayList<>();

    static Duration minutes(double minutes) {
        return Times.ofMinutes(minutes);
    }

    Small activity(String id, double minutes) {
        return activity(id, "s", Move.of(ActivityKind.ROLL).hand(minutes(minutes)));
    }

    Small wet(String id, double minutes) {
        return activity(
                id, "s", Move.of(ActivityKind.ROLL).hand(minutes(minutes)).leaves(COAT));
    }

    Small activity(String id, String surface, Move move) {
        activities.add(Activity.of(id, move, "r", Optional.of(surface), Optional.empty(), "oat"));
        return this;
    }

    Small then(String from, String to) {
        return edge(from, to, Optional.empty(), Optional.empty());
    }

    Small dry(String from, String to) {
        return edge(from, to, Optional.of(new Wait(COAT, Purpose.RECOAT)), Optional.empty());
    }

    Small within(String from, String to, Limit limit) {
        return edge(from, to, Optional.empty(), Optional.of(limit));
    }

    Small edge(String from, String to, Optional<Wait> drying, Optional<Limit> limit) {
        precedences.add(new Precedence(from, to, Why.CRAFT, drying, limit));
        return this;
    }

    Small standing(Standing coat) {
        standing.add(coat);
        return this;
    }

    WorkGraph graph() {
        return new WorkGraph(activities, precedences, standing);
    }
}
