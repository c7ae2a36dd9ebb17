package lumko.app.outcome;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Houses;
import lumko.app.learnt.Learnt;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.walk.WalkedWall;
import lumko.core.job.Action;
import lumko.core.judge.Chance;
import lumko.core.judge.Finding;
import lumko.core.judge.Option;
import lumko.core.outcome.Cause;
import lumko.core.outcome.Observation;
import lumko.core.outcome.Trial;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Predictions kept, and what was seen of the walls they were made for. */
@Service
@Transactional
public class Predictions {
    /** What a wall that nobody has asked about for so long will not tell any more. */
    private static final int GIVEN_UP_AFTER_DAYS = 60;

    private final PredictionRepository rows;
    private final LookRepository looks;
    private final Learnt learnt;
    private final JsonMapper json;
    private final People people;
    private final Houses houses;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Predictions(
            PredictionRepository rows,
            LookRepository looks,
            Learnt learnt,
            JsonMapper json,
            People people,
            Houses houses,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.rows = rows;
        this.looks = looks;
        this.learnt = learnt;
        this.json = json;
        this.people = people;
        this.houses = houses;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    /** A wall of which something was said, and what was seen of it. */
    record Seen(double computed, double said, String[] causes, Outcome outcome, Action action, Action verdict) {
        boolean isTouchedUp() {
            return action.isSpots();
        }

        boolean isOverruled() {
            return action != verdict;
        }

        Observation observation() {
            Set<Cause> known = EnumSet.noneOf(Cause.class);
            Arrays.stream(causes).map(Cause::valueOf).forEach(known::add);
            return new Observation(computed, said, known, observed(outcome));
        }
    }

    /**
     * A closed sheet whose walls should be looked at again.
     *
     * @param closedAt when its work was done
     * @param walls of which nobody has said anything
     */
    public record Due(UUID sheetId, UUID turnoverId, Instant closedAt, long walls) {}

    /**
     * Keeps what is predicted for walls at a moment of their sheet.
     *
     * @param modelVersion of the rules that predicted it
     */
    public void keep(UUID sheetId, UUID turnoverId, Collection<WalkedWall> walls, Moment moment, String modelVersion) {
        rows.saveAll(walls.stream()
                .map(wall -> row(sheetId, turnoverId, wall, moment, modelVersion))
                .toList());
    }

    private PredictionRow row(UUID sheetId, UUID turnoverId, WalkedWall wall, Moment moment, String modelVersion) {
        PredictionRow row =
                new PredictionRow(sheetId, turnoverId, wall.surface().id(), moment);
        Chance shows = wall.price().shows();
        row.madeBy = access.member().personId();
        row.madeAt = clock.instant();
        row.modelVersion = modelVersion;
        row.action = wall.action();
        row.verdict = wall.verdict().action();
        row.showsLow = shows.low();
        row.showsLikely = shows.likely();
        row.showsHigh = shows.high();
        row.computed = wall.price().computed();
        row.causes = wall.price().causes().stream().map(Enum::name).sorted().toArray(String[]::new);
        row.options = options(wall.verdict().options()).toString();
        row.reasons = reasons(wall.verdict().reasons()).toString();
        row.job = json.writeValueAsString(Map.of(
                "surface", wall.found(),
                "room", wall.around(),
                "site", wall.flat().house().site(),
                "light", wall.surface().light()));
        return row;
    }

    private ArrayNode options(List<Option> options) {
        ArrayNode all = json.createArrayNode();
        for (Option option : options) {
            ObjectNode one = all.addObject();
            one.put("action", option.action().name());
            one.put("hand_minutes", option.hand().toMinutes());
            one.put("paint_litres", option.paint().inLitres());
            one.put("shows_low", option.shows().low());
            one.put("shows_likely", option.shows().likely());
            one.put("shows_high", option.shows().high());
            one.put("coming_back_minutes", option.comingBack().toMinutes());
            one.put("expected_minutes", option.expected().toMinutes());
            one.set("against", reasons(option.against()));
        }
        return all;
    }

    private ArrayNode reasons(List<Finding> findings) {
        ArrayNode all = json.createArrayNode();
        for (Finding finding : findings) {
            ObjectNode one = all.addObject();
            one.put("rule", finding.getClass().getSimpleName());
            one.set("figures", json.valueToTree(finding));
        }
        return all;
    }

    /**
     * The last look of those who did the work, at the closing of their sheet. It is kept beside the walls that were touched up,
     * but nothing is learnt from it: the paint is fresh, and who put it on knows where to look.
     */
    public void inspected(UUID sheetId, Look look) {
        List<LookRow> kept = rows.findBySheetIdAndMoment(sheetId, Moment.CLOSED).stream()
                .filter(row -> row.action.isSpots())
                .map(row -> {
                    LookRow seen = new LookRow(UUID.randomUUID(), sheetId, row.surfaceId);
                    put(seen, look, 0);
                    return seen;
                })
                .toList();
        looks.saveAll(kept);
    }

    private void put(LookRow row, Look look, int daysAfter) {
        row.outcome = look.outcome();
        row.stood = look.stood();
        row.light = look.light();
        row.lookedOn = look.on();
        row.daysAfter = daysAfter;
        row.notedBy = access.member().personId();
        row.notedAt = clock.instant();
    }

    /** A sheet that is given up, or a closing that is taken back, predicted nothing. */
    public void forget(UUID sheetId, Moment moment) {
        if (moment == Moment.CLOSED) {
            looks.deleteAll(looks.findBySheetIdOrderByNotedAt(sheetId));
        }
        rows.deleteAll(rows.findBySheetIdAndMoment(sheetId, moment));
        rows.flush();
    }

    /** What was predicted when the work on a sheet was done. */
    @Transactional(readOnly = true)
    public List<Prediction> closed(UUID sheetId) {
        Map<UUID, String> names = people.names();
        Map<UUID, List<Prediction.Looked>> bySurface = looks.findBySheetIdOrderByNotedAt(sheetId).stream()
                .collect(Collectors.groupingBy(
                        row -> row.surfaceId,
                        Collectors.mapping(
                                row -> new Prediction.Looked(
                                        new Look(row.outcome, row.stood, row.light, row.lookedOn),
                                        row.daysAfter,
                                        names.getOrDefault(row.notedBy, "")),
                                Collectors.toList())));
        return rows.findBySheetIdAndMoment(sheetId, Moment.CLOSED).stream()
                .map(row -> new Prediction(
                        row.surfaceId,
                        row.moment,
                        row.action,
                        new Chance(row.showsLow, row.showsLikely, row.showsHigh),
                        Optional.ofNullable(row.outcome),
                        Optional.ofNullable(row.outcomeBy).map(names::get).orElse(""),
                        bySurface.getOrDefault(row.surfaceId, List.of())))
                .toList();
    }

    /**
     * Notes what was seen of the work on a wall, for all that was predicted for it, and learns from it. Said again on the same
     * day by the same person, it takes the place of what was said: a slip of the thumb is no second look.
     *
     * @throws NotFoundException if nothing was predicted
     */
    public void see(UUID sheetId, UUID surfaceId, Look look) {
        access.requirePainter();
        List<PredictionRow> meant = rows.findBySheetIdAndSurfaceId(sheetId, surfaceId);
        PredictionRow closed = meant.stream()
                .filter(row -> row.moment == Moment.CLOSED)
                .findFirst()
                .orElseThrow(NotFoundException::new);
        UUID by = access.member().personId();
        LocalDate closedOn = LocalDate.ofInstant(closed.madeAt, speaker.words().zone());
        LookRow row = looks.findFirstBySheetIdAndSurfaceIdOrderByNotedAtDesc(sheetId, surfaceId)
                .filter(last -> closed.outcome != null && last.lookedOn.equals(look.on()) && last.notedBy.equals(by))
                .orElseGet(() -> new LookRow(UUID.randomUUID(), sheetId, surfaceId));
        put(row, look, (int) Math.max(0, ChronoUnit.DAYS.between(closedOn, look.on())));
        looks.save(row);
        for (PredictionRow each : meant) {
            each.outcome = look.outcome();
            each.outcomeBy = by;
            each.outcomeAt = clock.instant();
        }
        rows.flush();
        history.note(
                Subject.surface(houses.flatOfSurface(surfaceId).id(), surfaceId),
                EventKind.LOOKED_AGAIN,
                speaker.words().name(look.outcome()));
        learnt.keep(Trial.of(observations()));
    }

    private List<Observation> observations() {
        return rows.seen().stream()
                .filter(Seen::isTouchedUp)
                .map(Seen::observation)
                .toList();
    }

    /** What spoke against what was done all the same, by rule, of walls that were looked at since. */
    @Transactional(readOnly = true)
    List<Against> against() {
        List<Against> all = new ArrayList<>();
        for (PredictionRow row : rows.findOverruledAndSeen()) {
            double seen = observed(row.outcome);
            for (JsonNode option : json.readTree(row.options)) {
                if (option.path("action").asString("").equals(row.action.name())) {
                    option.path("against")
                            .forEach(rule ->
                                    all.add(new Against(rule.path("rule").asString(""), seen)));
                }
            }
        }
        return all;
    }

    /** A rule that spoke against what was done, and what was seen: 1 seen, 0 not. */
    record Against(String rule, double seen) {}

    private static double observed(@Nullable Outcome outcome) {
        return switch (Objects.requireNonNull(outcome)) {
            case NOT_SEEN -> 0;
            case LOOKED_FOR -> 0.5;
            case SEEN -> 1;
        };
    }

    /** Every wall that was looked at since its work was done. */
    @Transactional(readOnly = true)
    List<Seen> seen() {
        return rows.seen();
    }

    /** Sheets whose touch-ups have toned down, so that it is time to look at them again. */
    @Transactional(readOnly = true)
    public List<Due> due(Duration tonesDown) {
        Instant now = clock.instant();
        return rows.due(now.minus(Duration.ofDays(GIVEN_UP_AFTER_DAYS)), now.minus(tonesDown));
    }
}
