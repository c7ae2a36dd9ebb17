package lumko.app.walk;

import java.util.ArrayList;
import java.util.List;
import lumko.app.platform.Words;
import lumko.core.fault.Condition;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.quantity.Length;
import lumko.core.repair.Mark;

/** A mark in a few words: what it is, how large, in which state. */
final class MarkWords {
    private final Words words;

    MarkWords(Words words) {
        this.words = words;
    }

    String of(Mark mark) {
        List<String> parts = new ArrayList<>(List.of(words.name(mark.fault().kind()) + " " + size(mark.fault())));
        parts.addAll(condition(mark.fault()));
        mark.wanted().ifPresent(method -> parts.add(words.name(method)));
        return String.join(", ", parts);
    }

    String size(Fault fault) {
        Measures m = fault.measures();
        boolean deep = fault.kind().hasDepth();
        return switch (fault) {
            case Fault.Round ignored -> deep ? words.say("size.deep", m.across(), m.depth()) : words.length(m.across());
            case Fault.Line line ->
                words.say(
                        line.kind().group() == FaultKind.Group.CRACKS ? "size.crack" : "size.line",
                        line.extent(),
                        m.depth());
            case Fault.Patch ignored ->
                deep
                        ? words.say("size.deepArea", m.across(), m.up(), m.depth())
                        : words.say("size.area", m.across(), m.up());
        };
    }

    /** What is not as usual about it. */
    List<String> condition(Fault fault) {
        List<String> parts = new ArrayList<>();
        Condition condition = fault.condition();
        ConditionQuestion.ALL.forEach(
                question -> question.unusual(condition).map(words::name).forEach(parts::add));
        if (condition.offset().isLongerThan(Length.ZERO)) {
            parts.add(words.say("size.offset", condition.offset()));
        }
        if (condition.count() > 1) {
            parts.add(words.say("size.count", condition.count()));
        }
        return parts;
    }
}
