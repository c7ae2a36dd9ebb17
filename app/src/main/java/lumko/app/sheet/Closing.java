package lumko.app.sheet;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.catalogue.Paint;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Flat;
import lumko.app.house.House;
import lumko.app.house.NewCoat;
import lumko.app.house.Recording;
import lumko.app.outcome.Look;
import lumko.app.outcome.Moment;
import lumko.app.outcome.Outcome;
import lumko.app.outcome.Predictions;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Speaker;
import lumko.app.walk.Marking;
import lumko.app.walk.WalkedWall;
import lumko.app.walk.Walks;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.quantity.Volume;
import lumko.core.record.Layer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Closes sheets into the record. */
@Service
@Transactional
public class Closing {
    private final SheetRows rows;
    private final UsedTins usedTins;
    private final Predictions predictions;
    private final SheetReader reader;
    private final Walks walks;
    private final Marking marking;
    private final Recording recording;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Closing(
            SheetRows rows,
            UsedTins usedTins,
            Predictions predictions,
            SheetReader reader,
            Walks walks,
            Marking marking,
            Recording recording,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.rows = rows;
        this.usedTins = usedTins;
        this.predictions = predictions;
        this.reader = reader;
        this.walks = walks;
        this.marking = marking;
        this.recording = recording;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    /**
     * What is left in a tin and where it goes.
     *
     * @param version of the tin as it was looked at
     */
    public record TinLeft(UUID tinId, Volume left, String place, int version) {}

    /** A tin bought for the job that goes into the store with what is left in it. */
    public record TinBought(UUID productId, UUID colourId, String label, Volume size, Volume left, String place) {}

    /**
     * Closes a sheet: coats and repairs go on the record with day, weather and hand, marks are made good, tins stand in the
     * store with what is left in them.
     *
     * @throws NotNowException if a step is not ticked
     */
    public void close(UUID sheetId, Inspection inspection, List<TinLeft> tins, List<TinBought> bought) {
        SheetRow row = rows.requireOpen(sheetId);
        Sheet sheet = reader.read(row);
        Flat flat = sheet.flat();
        requireFinished(sheet);
        Set<UUID> markIds = rows.markIds(sheetId);
        Map<Paint, List<UUID>> tinsOf = usedTins.of(sheet, bought);
        Map<UUID, NewCoat> under = walks.unrecorded(flat, row.turnoverId);
        Map<UUID, List<NewCoat>> coatsByWall = new LinkedHashMap<>();
        for (SheetWall wall : sheet.walls()) {
            List<NewCoat> coats = new ArrayList<>();
            Optional.ofNullable(under.get(wall.surfaceId())).ifPresent(found -> coats.add(found.by(sheetId)));
            coats.addAll(coats(sheet, wall, markIds, tinsOf));
            coatsByWall.put(wall.surfaceId(), coats);
        }
        predictions.keep(
                sheetId, row.turnoverId, asDone(sheet, row, markIds), Moment.CLOSED, SheetMaking.MODEL_VERSION);
        lastLook(inspection).ifPresent(look -> predictions.inspected(sheetId, look));
        recording.addCoats(flat.id(), coatsByWall);
        marking.makeGood(markIds, speaker.today());
        tins.forEach(tin -> usedTins.putDown(sheet, tin));
        row.closedAt = clock.instant();
        row.closedBy = access.member().personId();
        row.seen = inspection.seen();
        row.lookedFrom = inspection.from().stream().map(Enum::name).toArray(String[]::new);
        row.seenWhere = inspection.where().isEmpty() ? null : inspection.where();
        history.note(
                Subject.flat(flat.id()),
                EventKind.SHEET_CLOSED,
                speaker.words().name(inspection.seen())
                        + (inspection.where().isEmpty() ? "" : ": " + inspection.where()));
    }

    /** Where something was seen it is not said on which wall. */
    private Optional<Look> lastLook(Inspection inspection) {
        if (inspection.seen() == Inspection.Seen.SEEN) {
            return Optional.empty();
        }
        boolean isAlong = inspection.from().contains(Inspection.From.BOTH_DIRECTIONS);
        boolean isRaking = inspection.from().contains(Inspection.From.RAKING_LIGHT);
        return Optional.of(new Look(
                Outcome.NOT_SEEN,
                isAlong ? Look.Stood.ALONG : Look.Stood.FRONT,
                isRaking ? Look.Light.TORCH : Look.Light.DAYLIGHT,
                speaker.today()));
    }

    /** The surfaces of a sheet as they were before its work is on the record, each with what was done with it. */
    private List<WalkedWall> asDone(Sheet sheet, SheetRow row, Set<UUID> markIds) {
        Set<UUID> on = sheet.walls().stream().map(SheetWall::surfaceId).collect(Collectors.toSet());
        return walks.as(sheet.flat(), row.turnoverId, on, markIds, sheet.practice())
                .surfaces();
    }

    /** @throws NotNowException if a step is not ticked, or the records of the house are not this person's to change */
    public void requireFinished(Sheet sheet) {
        House house = sheet.flat().house();
        access.requireRecordsOf(house.id(), house.name());
        if (!sheet.isAllTicked()) {
            throw new NotNowException("denied.notTicked", sheet.steps().size() - sheet.ticked());
        }
    }

    private List<NewCoat> coats(Sheet sheet, SheetWall wall, Set<UUID> markIds, Map<Paint, List<UUID>> tinsOf) {
        List<NewCoat> coats = new ArrayList<>();
        for (SheetStep step : sheet.steps()) {
            if (!step.activity().surfaces().contains(wall.surfaceId().toString())) {
                continue;
            }
            layer(step.activity().kind(), wall).ifPresent(layer -> {
                boolean isPaint = layer == Layer.FINISH || layer == Layer.SPOTS;
                Optional<Paint> paint = isPaint ? wall.paint() : Optional.empty();
                coats.add(new NewCoat(
                        layer,
                        paint.map(each -> each.product().id()),
                        paint.map(each -> each.colour().id()),
                        paint.map(each -> tinsOf.getOrDefault(each, List.of())).orElse(List.of()),
                        "",
                        layer.isWhole()
                                ? OptionalInt.empty()
                                : OptionalInt.of(Math.max(1, placesOn(step.activity(), wall, markIds))),
                        step.tick()
                                .map(tick -> LocalDate.ofInstant(
                                        tick.at(), speaker.words().zone())),
                        step.tick().map(SheetStep.Tick::personId),
                        Optional.of(sheet.climate()),
                        Optional.of(sheet.id()),
                        ""));
            });
        }
        return coats;
    }

    /** A halo is painted over and not filled: each layer is at the places of its own step. */
    private int placesOn(Activity activity, SheetWall wall, Set<UUID> markIds) {
        if (activity.kind() == ActivityKind.ROLL_PANEL) {
            return activity.count();
        }
        return (int) walks.openMarks(List.of(wall.surfaceId())).getOrDefault(wall.surfaceId(), List.of()).stream()
                .filter(mark -> markIds.contains(mark.id()))
                .filter(mark -> activity.places().isEmpty()
                        || activity.places().contains(mark.id().toString()))
                .count();
    }

    /** On a wall painted edge to edge the dab on the filler is under the coat and no layer of its own. */
    private static Optional<Layer> layer(ActivityKind kind, SheetWall wall) {
        boolean isUnderCoat = (kind == ActivityKind.DAB || kind == ActivityKind.FEATHER)
                && !wall.action().isSpots();
        return isUnderCoat ? Optional.empty() : kind.leaves();
    }
}
