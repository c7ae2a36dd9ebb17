package lumko.core.job;

import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;

/** A kind of activity, and which of several rounds of it. */
public record Slot(ActivityKind kind, int round) {
    static Slot of(Activity activity) {
        return new Slot(activity.kind(), activity.round());
    }

    @Override
    public String toString() {
        return kind + (round == 0 ? "" : " " + round);
    }
}
