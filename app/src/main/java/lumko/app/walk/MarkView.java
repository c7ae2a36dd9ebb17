package lumko.app.walk;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import lumko.app.drawing.RepairCut;
import lumko.app.platform.UnitSystem;
import lumko.app.platform.UsUnits;
import lumko.app.platform.Words;
import lumko.core.activity.Move;
import lumko.core.activity.Wait;
import lumko.core.drying.Climate;
import lumko.core.drying.Drying.DoesNotDry;
import lumko.core.drying.Drying.Dries;
import lumko.core.drying.Purpose;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.quantity.Length;
import lumko.core.repair.Choice;
import lumko.core.repair.Section;

/** How a mark is made good, put into words. */
public final class MarkView {

    private final RepairedMark repaired;
    private final boolean isWet;
    private final Words words;

    MarkView(RepairedMark repaired, Catalogue figures, Words words) {
        this.repaired = repaired;
        this.isWet = repaired.wall().flat().house().site().isWorkedWet(figures);
        this.words = words;
    }

    public String title() {
        return new MarkWords(words).of(repaired.mark().mark());
    }

    public String method() {
        return words.name(repaired.repair().method());
    }

    public String because(Choice choice) {
        return words.say("because." + choice.because().name(), choice.lengths().toArray());
    }

    public String how() {
        return words.how("how." + repaired.repair().method().name(), isWet);
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

    /** The cut through the wall where it is filled. */
    public Optional<RepairCut> cut() {
        return repaired.section().map(RepairCut::of);
    }

    /** What a width below the cut is: the hole, a coat with its knife, the place that is done. */
    public String span(RepairCut cut, RepairCut.Span span) {
        Length across = Length.ofMillimetres(span.millimetres());
        if (span.number() > 0) {
            Section.Coat coat = repaired.section().orElseThrow().coats().get(span.number() - 1);
            return words.say("cut.coat", span.number(), words.name(coat.material()), across, coat.knife());
        }
        return words.say(span.equals(cut.spans().getLast()) ? "cut.done" : "cut.hollow", across);
    }

    /** The cut in a sentence. */
    public String spoken(RepairCut cut) {
        return cut.spans().stream().map(span -> span(cut, span)).collect(Collectors.joining("; "));
    }

    /** How the scales differ; empty where they do not. */
    public String scale(RepairCut cut) {
        return cut.exaggerated() < 1.1
                ? words.say("cut.toScale")
                : words.say("cut.exaggerated", words.number(cut.exaggerated(), cut.exaggerated() < 3 ? 1 : 0));
    }

    private Duration minutes() {
        return repaired.repair().moves().stream().map(Move::hand).reduce(Duration.ZERO, Duration::plus);
    }

    public String step(Move move) {
        return words.say("step." + move.kind().name());
    }

    /** Knife, tools, materials of a step. */
    public String with(Move move) {
        String knife = move.knife().map(width -> words.say("mark.knife", width)).orElse("");
        String tools = move.tools().stream()
                .filter(tool -> move.knife().isEmpty() || !tool.isKnife())
                .map(words::name)
                .collect(Collectors.joining(", "));
        String uses = move.uses().stream()
                .map(use -> words.volume(use.volume()) + " " + words.name(use.material()))
                .collect(Collectors.joining(", "));
        return List.of(uses, knife, tools).stream()
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(" · "));
    }

    public String minutes(Move move) {
        return words.work(move.hand());
    }

    /** How long it dries in usual air, and how the hand tells. */
    public String dries(Move move) {
        return move.wet()
                .map(wet -> new Wait(wet, Purpose.RECOAT))
                .map(wait -> switch (wait.in(Climate.REFERENCE, repaired.drying())) {
                    case Dries dries ->
                        words.say("sheet.dries", dries.earliest(), dries.likely(), dries.safe()) + " · "
                                + words.say("dryTest." + wait.wet().material().name());
                    case DoesNotDry not ->
                        words.say("sheet.doesNotDry." + not.cause().name());
                })
                .orElse("");
    }

    // ---- what is asked about it

    private boolean asks(FaultKind.Asked asked) {
        return repaired.mark().mark().fault().kind().asked().contains(asked);
    }

    /** One answer to what is asked. */
    public record Answer(String field, String sent, String word, boolean isGiven) {}

    /** All that can be answered by a word, question after question. */
    public List<Answer> answers() {
        Fault fault = repaired.mark().mark().fault();
        return ConditionQuestion.ALL.stream()
                .filter(question -> question.isAskedOf(fault))
                .flatMap(question -> question.all().stream()
                        .map(answer -> new Answer(
                                question.field(),
                                answer.name(),
                                words.name(answer),
                                answer == question.of(fault.condition()))))
                .toList();
    }

    /** How far one side stands out, as a number for the field, in millimetres or inches. */
    public String offset() {
        double mm = repaired.mark().mark().fault().condition().offset().inMillimetres();
        return words.units() == UnitSystem.US ? words.number(mm / UsUnits.MILLIMETRES_AN_INCH, 2) : words.number(mm, 1);
    }

    public String offsetUnit() {
        return words.units() == UnitSystem.US ? "in" : "mm";
    }

    public boolean isOffset() {
        return asks(FaultKind.Asked.OFFSET);
    }

    public boolean isCounted() {
        return asks(FaultKind.Asked.COUNT);
    }
}
