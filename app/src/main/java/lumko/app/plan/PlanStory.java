package lumko.app.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.house.Houses;
import lumko.app.house.Turnover;
import lumko.app.plan.PlanView.FlatStory;
import lumko.app.platform.Words;
import lumko.core.turnover.FlatWork;

/** The story of one flat in the plan: when it is ready and why, what would help, and the turnover from the keys to the tenant. */
final class PlanStory {
    private static final int LONGEST_CHAIN = 8;

    private final PlanRows rows;
    private final Houses houses;
    private final Map<UUID, String> names;
    private final Words words;
    private final Instant now;
    private final PlanSpeech speech;
    private final List<PieceRow> pieces;
    private final Optional<PlanRow> inForce;

    /**
     * @param names of the people, by their ids
     * @param pieces of the plan that is drawn
     */
    PlanStory(
            PlanRows rows,
            Houses houses,
            Map<UUID, String> names,
            Words words,
            Instant now,
            PlanSpeech speech,
            List<PieceRow> pieces,
            Optional<PlanRow> inForce) {
        this.rows = rows;
        this.houses = houses;
        this.names = names;
        this.words = words;
        this.now = now;
        this.speech = speech;
        this.pieces = pieces;
        this.inForce = inForce;
    }

    FlatStory of(PlannedFlatRow row) {
        return new FlatStory(
                row.flatId,
                speech.flat(row.flatId),
                speech.heading(row),
                Optional.ofNullable(row.chance)
                        .filter(chance -> row.isDueAfter(now))
                        .map(chance -> words.say("plan.chance", words.chance(chance)))
                        .orElse(""),
                words.say("plan.between", words.moment(row.earlyAt, now), words.moment(row.lateAt, row.earlyAt)),
                new ChainWords(words, now).sentences(Kept.chain(row.chain), LONGEST_CHAIN),
                Kept.helps(row.helps).stream().map(this::helping).toList(),
                rows.isHeated(row.turnoverId),
                Kept.helps(row.helps).stream().anyMatch(help -> help.kind() == Help.Kind.HEATER),
                legs(row));
    }

    /** The turnover from the keys to the tenant: what the office answers for, and what painters do. */
    private List<PlanView.Leg> legs(PlannedFlatRow row) {
        List<PieceRow> mine =
                pieces.stream().filter(piece -> piece.flatId.equals(row.flatId)).toList();
        Optional<Turnover> turnover = houses.openTurnovers().stream()
                .filter(each -> each.id().equals(row.turnoverId))
                .findFirst();
        List<PlanView.Leg> legs = new ArrayList<>();
        String office = words.say("leg.office");
        turnover.ifPresent(
                each -> legs.add(new PlanView.Leg(words.say("leg.KEYS"), words.day(each.keysBackOn()), office)));
        leg(mine.stream().filter(PlanStory::isWalk).toList(), "leg.WALK").ifPresent(legs::add);
        inForce.ifPresent(plan -> legs.add(new PlanView.Leg(
                words.say("leg.PLAN"),
                words.moment(Optional.ofNullable(plan.takenAt).orElse(plan.madeAt), now),
                names.getOrDefault(plan.takenBy, ""))));
        leg(mine.stream().filter(piece -> !isWalk(piece)).toList(), "leg.WORK").ifPresent(legs::add);
        legs.add(new PlanView.Leg(words.say("leg.DRY"), words.moment(row.readyAt, now), ""));
        legs.add(new PlanView.Leg(
                words.say("leg.INSPECTION"), words.day(speech.day(row.readyAt)), words.say("leg.lead")));
        if (row.curedAt.isAfter(row.readyAt)) {
            legs.add(new PlanView.Leg(words.say("leg.CURED"), words.day(speech.day(row.curedAt)), ""));
        }
        turnover.flatMap(Turnover::viewingOn)
                .ifPresent(on -> legs.add(new PlanView.Leg(words.say("leg.VIEWING"), words.day(on), office)));
        turnover.flatMap(Turnover::moveInOn)
                .ifPresent(on -> legs.add(new PlanView.Leg(words.say("leg.MOVE_IN"), words.day(on), office)));
        return legs;
    }

    private Optional<PlanView.Leg> leg(List<PieceRow> some, String name) {
        if (some.isEmpty()) {
            return Optional.empty();
        }
        Instant last = some.stream()
                .map(PieceRow::endsAt)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        String who = some.stream()
                .map(piece -> speech.name(piece.personId))
                .distinct()
                .collect(Collectors.joining(", "));
        String from = words.moment(some.getFirst().beginsAt, now);
        return Optional.of(new PlanView.Leg(words.say(name), from + "–" + words.moment(last, now), who));
    }

    private PlanView.Helping helping(Help help) {
        return new PlanView.Helping(
                words.say("help." + help.kind(), help.who()),
                words.say(
                        help.isOnTime() ? "help.onTime" : "help.sooner",
                        words.duration(Duration.ofMinutes(help.minutes()))));
    }

    private static boolean isWalk(PieceRow piece) {
        return piece.kind.equals(FlatWork.Kind.WALK.name());
    }
}
