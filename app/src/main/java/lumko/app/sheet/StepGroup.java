package lumko.app.sheet;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import lumko.core.activity.Caution;

/** The same step in several rooms, one after the other on the sheet: told once, ticked room by room. */
public record StepGroup(List<SheetStep> steps) {
    /** Groups the steps of a sheet, in their order. */
    static List<StepGroup> of(List<SheetStep> all) {
        List<StepGroup> groups = new ArrayList<>();
        List<SheetStep> open = new ArrayList<>();
        for (SheetStep step : all) {
            if (!open.isEmpty() && !isTheSame(open.getLast(), step)) {
                groups.add(new StepGroup(List.copyOf(open)));
                open.clear();
            }
            open.add(step);
        }
        if (!open.isEmpty()) {
            groups.add(new StepGroup(List.copyOf(open)));
        }
        return groups;
    }

    private static boolean isTheSame(SheetStep one, SheetStep other) {
        return one.activity().kind() == other.activity().kind()
                && one.activity().round() == other.activity().round()
                && one.activity().paint().equals(other.activity().paint())
                && !one.activity().rooms().equals(other.activity().rooms());
    }

    public SheetStep first() {
        return steps.getFirst();
    }

    public boolean isDone() {
        return steps.stream().allMatch(SheetStep::isTicked);
    }

    public boolean isSeveral() {
        return steps.size() > 1;
    }

    public boolean has(SheetStep step) {
        return steps.stream().anyMatch(each -> each.id().equals(step.id()));
    }

    /** What of it is still to be done; all of it once it is done. */
    public List<SheetStep> left() {
        List<SheetStep> left = steps.stream().filter(step -> !step.isTicked()).toList();
        return left.isEmpty() ? steps : left;
    }

    public Duration hand() {
        return left().stream().map(step -> step.activity().hand()).reduce(Duration.ZERO, Duration::plus);
    }

    public Set<Caution> unread() {
        Set<Caution> unread = EnumSet.noneOf(Caution.class);
        left().forEach(step -> unread.addAll(step.unread()));
        return unread;
    }
}
