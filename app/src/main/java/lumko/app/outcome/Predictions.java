package lumko.app.outcome;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.platform.NotFoundException;
import lumko.app.walk.WalkedWall;
import lumko.core.judge.Chance;
import lumko.core.judge.Finding;
import lumko.core.judge.Option;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Predictions kept, and what was seen of the walls they were made for. */
@Service
@Transactional
public class Predictions {
    private final PredictionRepository rows;
    private final JsonMapper json;
    private final People people;
    private final Access access;
    private final Clock clock;

    Predictions(PredictionRepository rows, JsonMapper json, People people, Access access, Clock clock) {
        this.rows = rows;
        this.json = json;
        this.people = people;
        this.access = access;
        this.clock = clock;
    }

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

    /** A sheet that is given up, or a closing that is taken back, predicted nothing. */
    public void forget(UUID sheetId, Moment moment) {
        rows.deleteAll(rows.findBySheetIdAndMoment(sheetId, moment));
        rows.flush();
    }

    /** What was predicted when the work on a sheet was done. */
    @Transactional(readOnly = true)
    public List<Prediction> closed(UUID sheetId) {
        Map<UUID, String> names = people.names();
        return rows.findBySheetIdAndMoment(sheetId, Moment.CLOSED).stream()
                .map(row -> new Prediction(
                        row.surfaceId,
                        row.moment,
                        row.action,
                        new Chance(row.showsLow, row.showsLikely, row.showsHigh),
                        Optional.ofNullable(row.outcome),
                        Optional.ofNullable(row.outcomeBy).map(names::get).orElse("")))
                .toList();
    }

    /**
     * Notes what was seen of the work on a wall, for all that was predicted for it.
     *
     * @throws NotFoundException if nothing was
     */
    public void see(UUID sheetId, UUID surfaceId, Outcome outcome) {
        access.requirePainter();
        List<PredictionRow> meant = rows.findBySheetIdAndSurfaceId(sheetId, surfaceId);
        if (meant.isEmpty()) {
            throw new NotFoundException();
        }
        for (PredictionRow row : meant) {
            row.outcome = outcome;
            row.outcomeBy = access.member().personId();
            row.outcomeAt = clock.instant();
        }
    }
}
