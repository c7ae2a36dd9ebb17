package lumko.app.walk;

import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import lumko.app.platform.Words;
import lumko.core.drying.Climate;
import lumko.core.drying.Drying.DoesNotDry;
import lumko.core.drying.Drying.Dries;
import lumko.core.fault.Condition;
import lumko.core.fault.FaultKind;
import lumko.core.quantity.Times;
import lumko.core.repair.Choice;
import lumko.core.step.Task;

/** How a mark is made good, put into words. */
public final class MarkView {
    private final RepairedMark repaired;
    private final Words words;

    MarkView(RepairedMark repaired, Words words) {
        this.repaired = repaired;
        this.words = words;
    }

    public String title() {
        return new MarkWords(words).of(repaired.mark().mark());
    }

    public String method() {
        return words.name(repaired.repair().method());
    }

    public String because(Choice choice) {
        return words.say("because." + choice.because().name(), choice.figures());
    }

    public String how() {
        return words.say("how." + repaired.repair().method().name());
    }

    /** What goes wrong with it and how one sees that. */
    public String wrong() {
        return words.say("wrong." + repaired.repair().method().name());
    }

    /** Coats of filler, filler, minutes and the finished place in one line. */
    public String summary() {
        int fills = repaired.repair().fills().size();
        return words.say(
                fills == 0 ? "mark.summaryNoFill" : fills == 1 ? "mark.summaryOne" : "mark.summary",
                minutes(),
                repaired.repair().finishedAcross(),
                fills,
                repaired.repair().filler());
    }

    private Duration minutes() {
        return Times.ofMinutes(
                repaired.repair().tasks().stream().mapToDouble(Task::minutes).sum());
    }

    public String step(Task task) {
        return words.say("step." + task.kind().name());
    }

    /** Knife, tools, materials of a step. */
    public String with(Task task) {
        String knife = task.knife().map(width -> words.say("mark.knife", width)).orElse("");
        String tools = task.tools().stream()
                .filter(tool -> task.knife().isEmpty() || !tool.name().contains("KNI"))
                .map(words::name)
                .collect(Collectors.joining(", "));
        String uses = task.uses().stream()
                .map(use -> words.volume(use.volume()) + " " + words.name(use.material()))
                .collect(Collectors.joining(", "));
        return List.of(uses, knife, tools).stream()
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(" · "));
    }

    public String minutes(Task task) {
        return words.duration(Times.ofMinutes(task.minutes()));
    }

    /** How long it dries in usual air, and how the hand tells. */
    public String dries(Task task) {
        return task.toDry()
                .map(dry -> switch (dry.in(Climate.REFERENCE, repaired.drying())) {
                    case Dries dries ->
                        words.say("sheet.dries", dries.earliest(), dries.likely(), dries.safe()) + " · "
                                + words.say("dryTest." + dry.material().name());
                    case DoesNotDry not ->
                        words.say("sheet.doesNotDry." + not.cause().name());
                })
                .orElse("");
    }

    // ---- what is asked about it

    private boolean asks(FaultKind.Asked asked) {
        return repaired.mark().mark().fault().kind().asked().contains(asked);
    }

    public Condition.Edge[] edges() {
        return asks(FaultKind.Asked.EDGE) ? Condition.Edge.values() : new Condition.Edge[0];
    }

    public Condition.Backing[] backings() {
        return asks(FaultKind.Asked.BACKING) ? Condition.Backing.values() : new Condition.Backing[0];
    }

    public Condition.Movement[] movements() {
        return asks(FaultKind.Asked.MOVEMENT) ? Condition.Movement.values() : new Condition.Movement[0];
    }

    public boolean isCounted() {
        return asks(FaultKind.Asked.COUNT);
    }
}
