package lumko.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Surface;
import lumko.app.platform.EditableRow;
import lumko.app.platform.ShiftableClock;
import lumko.app.sheet.Closing;
import lumko.app.sheet.Inspection;
import lumko.app.sheet.Sheet;
import lumko.app.sheet.SheetMaking;
import lumko.app.sheet.SheetStep;
import lumko.app.sheet.Sheets;
import lumko.app.sheet.Ticking;
import lumko.app.walk.Confirming;
import lumko.app.walk.OnIt;
import lumko.app.walk.PaintAnswer;
import lumko.core.drying.Climate;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Jobs of the made-up society that are under way or done. */
@Component
@Lazy
class DemoJobs {
    private static final String REASON = "dry to the back of the hand";

    private final Houses houses;
    private final Confirming confirming;
    private final Sheets sheets;
    private final SheetMaking making;
    private final Ticking ticking;
    private final Closing closing;
    private final DemoFlats flats;
    private final DemoFaults faults;
    private final Dice dice;
    private final ShiftableClock clock;

    DemoJobs(
            Houses houses,
            Confirming confirming,
            Sheets sheets,
            SheetMaking making,
            Ticking ticking,
            Closing closing,
            DemoFlats flats,
            DemoFaults faults,
            Dice dice,
            ShiftableClock clock) {
        this.houses = houses;
        this.confirming = confirming;
        this.sheets = sheets;
        this.making = making;
        this.ticking = ticking;
        this.closing = closing;
        this.flats = flats;
        this.faults = faults;
        this.dice = dice;
        this.clock = clock;
    }

    /**
     * Marks a wall, confirms its paint, makes the sheet and ticks so many steps, the last of them so many hours ago. With all
     * steps ticked the sheet is closed.
     */
    void underWay(UUID flatId, int markCount, int lastTickHoursAgo, int ticks) {
        Flat flat = houses.flat(flatId);
        flats.letGo();
        Surface wall = flat.walls().skip(2).findFirst().orElseThrow();
        faults.several(wall, markCount);
        confirming.isOnIt(wall.id(), OnIt.of(PaintAnswer.RECORD_AGREES), EditableRow.UNSAVED);
        Instant last = clock.instant().minus(Duration.ofHours(lastTickHoursAgo));
        UUID sheetId = clock.at(last.minus(Duration.ofDays(5)), () -> making.make(flatId));
        clock.at(last.minus(Duration.ofDays(5)), () -> {
            ticking.noteClimate(sheetId, Climate.of(18.5, 58, Climate.Air.MOVING));
            return sheetId;
        });
        Sheet sheet = sheets.sheet(sheetId);
        int ticked = Math.min(ticks, sheet.steps().size());
        List<Moment> moments = moments(sheet).subList(0, ticked);
        for (Moment moment : moments) {
            Instant at = last.minus(moments.getLast().after()).plus(moment.after());
            clock.at(at, () -> {
                ticking.read(moment.step(), Optional.empty());
                return ticking.tick(moment.step(), REASON, Optional.empty());
            });
        }
        if (ticks > sheet.steps().size()) {
            clock.at(last, () -> {
                close(sheetId);
                return sheetId;
            });
        }
    }

    /** When a step was ticked, counted from the start. */
    private record Moment(UUID step, Duration after) {}

    /** As the sheet plans it, each a little more or less than planned, and what is wet waited for. */
    private List<Moment> moments(Sheet sheet) {
        Map<UUID, SheetStep> steps = sheet.steps().stream().collect(Collectors.toMap(SheetStep::id, step -> step));
        Map<UUID, Instant> starts = sheet.rest().orElseThrow().starts();
        Instant begin = starts.values().stream().min(Comparator.naturalOrder()).orElseThrow();
        List<Moment> moments = new ArrayList<>();
        Duration slower = Duration.ZERO;
        for (Map.Entry<UUID, Instant> start : starts.entrySet()) {
            Duration planned = Optional.ofNullable(steps.get(start.getKey()))
                    .orElseThrow()
                    .activity()
                    .hand();
            slower = slower.plus(Duration.ofSeconds(Math.round(planned.toSeconds() * 0.35 * dice.nextDouble()) + 30));
            moments.add(new Moment(
                    start.getKey(),
                    Duration.between(begin, start.getValue()).plus(planned).plus(slower)));
        }
        return moments;
    }

    /** Closes a sheet with nothing seen, every tin back on its shelf with what the plan leaves in it. */
    private void close(UUID sheetId) {
        Sheet sheet = sheets.sheet(sheetId);
        List<Closing.TinLeft> left = sheet.paints().stream()
                .flatMap(need -> need.open().stream()
                        .map(tin -> new Closing.TinLeft(tin.id(), need.leftIn(tin), tin.place(), tin.version())))
                .toList();
        closing.close(
                sheetId,
                new Inspection(Inspection.Seen.NOT_SEEN, List.of(Inspection.From.values()), ""),
                left,
                List.of());
    }
}
