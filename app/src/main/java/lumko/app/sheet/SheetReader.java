package lumko.app.sheet;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.account.People;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.Paints;
import lumko.app.figure.Figures;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.platform.Speaker;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.app.walk.PlacedMark;
import lumko.app.walk.Walks;
import lumko.core.activity.Activity;
import lumko.core.activity.Caution;
import lumko.core.activity.Precedence;
import lumko.core.activity.Wait;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Purpose;
import lumko.core.figure.Catalogue;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;
import lumko.core.schedule.Air;
import lumko.core.schedule.Progress;
import lumko.core.schedule.Schedule;
import lumko.core.schedule.WorkingHours;
import org.springframework.stereotype.Component;

/** Puts a sheet together from its rows. */
@Component
class SheetReader {
    private final SheetRows rows;
    private final StepRows stepRows;
    private final Walks walks;
    private final Houses houses;
    private final Paints paints;
    private final Store store;
    private final Figures figures;
    private final People people;
    private final Speaker speaker;
    private final Clock clock;

    SheetReader(
            SheetRows rows,
            StepRows stepRows,
            Walks walks,
            Houses houses,
            Paints paints,
            Store store,
            Figures figures,
            People people,
            Speaker speaker,
            Clock clock) {
        this.rows = rows;
        this.stepRows = stepRows;
        this.walks = walks;
        this.houses = houses;
        this.paints = paints;
        this.store = store;
        this.figures = figures;
        this.people = people;
        this.speaker = speaker;
        this.clock = clock;
    }

    Sheet read(SheetRow row) {
        Flat flat = houses.flat(row.flatId);
        Map<UUID, String> names = people.names();
        List<SheetWall> walls = walls(rows.walls(row.id()), flat);
        SheetWork work = stepRows.of(row.id());
        List<SheetCautionRow> read = rows.cautionsRead(row.id());
        List<SheetNoteRow> noteRows = rows.notes(row.id());
        Map<UUID, List<PlacedMark>> marks = row.closedAt == null ? open(walls) : Map.of();
        SheetGraph graph = work.graph(stepRows.uses(work));
        List<SheetStep> sheetSteps = steps(row, work.steps(), graph, read, flat, names);
        return new Sheet(
                row.id(),
                flat,
                walls,
                sheetSteps,
                PaintNeeds.of(walls, sheetSteps, tinsFor(walls), row.practice()),
                row.climate(),
                row.practice(),
                Optional.ofNullable(row.climateNotedAt),
                names.getOrDefault(row.madeBy, ""),
                row.madeAt,
                notes(noteRows, note -> note.takenOffAt == null, names),
                notes(noteRows, note -> note.takenOffAt != null, names),
                marks,
                unknown(row.id(), marks).size(),
                row.closedAt == null ? Optional.of(rest(row, graph)) : Optional.empty(),
                closed(row, names),
                pulse(row, work.steps(), read.size(), noteRows),
                row.version());
    }

    private static List<Sheet.Note> notes(
            List<SheetNoteRow> rows, Predicate<SheetNoteRow> which, Map<UUID, String> names) {
        return rows.stream()
                .filter(which)
                .map(note -> new Sheet.Note(
                        note.id(),
                        note.words,
                        note.notedBy,
                        names.getOrDefault(note.notedBy, ""),
                        note.notedAt,
                        note.version()))
                .toList();
    }

    /** A number that changes with every tick, note, caution and reading of the air. */
    long pulse(SheetRow row) {
        return pulse(
                row, stepRows.of(row.id()).steps(), rows.cautionsRead(row.id()).size(), rows.notes(row.id()));
    }

    private static long pulse(SheetRow row, List<StepRow> steps, int read, List<SheetNoteRow> notes) {
        int written = notes.stream().mapToInt(note -> note.version() + 1).sum();
        long changes = steps.stream().mapToLong(step -> step.version() + 1L).sum();
        return ((changes * 1000 + read) * 1000 + written) * 1000 + row.version();
    }

    private static Optional<Sheet.Closed> closed(SheetRow row, Map<UUID, String> names) {
        Optional<Instant> at = Optional.ofNullable(row.closedAt);
        return at.flatMap(moment -> row.inspection()
                .map(inspection -> new Sheet.Closed(
                        Optional.ofNullable(row.closedBy).map(names::get).orElse(""), moment, inspection)));
    }

    private List<SheetWall> walls(List<SheetWallRow> rows, Flat flat) {
        PaintBook book = paints.book();
        Map<UUID, Tin> tins = store.tins(
                rows.stream().flatMap(row -> Stream.ofNullable(row.tinId)).toList());
        return rows.stream().map(row -> wall(row, flat, book, tins)).toList();
    }

    private Map<Paint, List<Tin>> tinsFor(List<SheetWall> walls) {
        return store.tinsOf(
                walls.stream().flatMap(wall -> wall.paint().stream()).collect(Collectors.toSet()));
    }

    private SheetWall wall(SheetWallRow row, Flat flat, PaintBook book, Map<UUID, Tin> tins) {
        Optional<Paint> paint = book.paint(Optional.ofNullable(row.productId), Optional.ofNullable(row.colourId));
        return new SheetWall(
                row.surfaceId,
                flat.labelOf(row.surfaceId, speaker.words()),
                row.action,
                paint,
                Optional.ofNullable(row.tinId).map(tins::get),
                row.bought,
                Optional.ofNullable(row.hereOn),
                Volume.ofLitres(row.litres),
                new SheetWall.More(row.moreChance, Volume.ofLitres(row.moreLitres), Times.ofMinutes(row.moreMinutes)));
    }

    /** Marks on the surfaces of a sheet that it does not make good yet. */
    List<PlacedMark> newMarks(UUID sheetId, List<SheetWall> walls) {
        return unknown(sheetId, open(walls));
    }

    private Map<UUID, List<PlacedMark>> open(List<SheetWall> walls) {
        return walks.openMarks(walls.stream().map(SheetWall::surfaceId).toList());
    }

    private List<PlacedMark> unknown(UUID sheetId, Map<UUID, List<PlacedMark>> marks) {
        if (marks.isEmpty()) {
            return List.of();
        }
        Set<UUID> known = rows.markIds(sheetId);
        return marks.values().stream()
                .flatMap(List::stream)
                .filter(mark -> !known.contains(mark.id()))
                .toList();
    }

    private Sheet.Rest rest(SheetRow row, SheetGraph graph) {
        Instant now = clock.instant();
        Catalogue catalogue = figures.catalogue();
        WorkingHours hours =
                WorkingHours.of(catalogue, now.atZone(speaker.words().zone()));
        Schedule rest = graph.rest(new Air(row.climate(), catalogue), now, hours);
        Map<UUID, Instant> starts = new LinkedHashMap<>();
        rest.entries()
                .forEach(entry -> starts.put(UUID.fromString(entry.activity().id()), now.plus(entry.start())));
        return new Sheet.Rest(
                starts,
                now.plus(rest.handsEnd()),
                now.plus(rest.dryAt()),
                rest.longestWait().map(SheetReader::heldUp));
    }

    private static Sheet.HeldUp heldUp(Schedule.Entry entry) {
        Wait wait = entry.heldBy().flatMap(Precedence::drying).orElseThrow();
        return new Sheet.HeldUp(
                wait.wet().material(), UUID.fromString(entry.activity().id()), entry.waited());
    }

    private List<SheetStep> steps(
            SheetRow sheet,
            List<StepRow> rows,
            SheetGraph sheetGraph,
            List<SheetCautionRow> read,
            Flat flat,
            Map<UUID, String> names) {
        Air air = new Air(sheet.climate(), figures.catalogue());
        Instant now = clock.instant();
        Progress progress = sheetGraph.progress(air);
        Map<String, Duration> taken = progress.taken();
        Map<String, Activity> activities =
                sheetGraph.graph().activities().stream().collect(Collectors.toMap(Activity::id, activity -> activity));
        List<SheetStep> all = new ArrayList<>();
        for (StepRow row : rows) {
            String id = row.id().toString();
            Activity activity = Optional.ofNullable(activities.get(id)).orElseThrow();
            Set<Caution> unread = EnumSet.noneOf(Caution.class);
            unread.addAll(activity.cautions());
            read.forEach(caution -> unread.remove(caution.caution));
            all.add(new SheetStep(
                    row.id(),
                    activity,
                    Arrays.stream(row.surfaces)
                            .map(surface -> flat.labelOf(surface, speaker.words()))
                            .toList(),
                    row.wet().map(wet -> air.drying(new Wait(wet, Purpose.RECOAT))),
                    tick(row, names),
                    progress.startedBy(id),
                    row.tickedAt == null ? progress.waitsFor(id, now) : Optional.empty(),
                    progress.canBegin(id, now),
                    progress.latest(id),
                    within(id, sheetGraph.graph(), activities, air),
                    unread,
                    Optional.ofNullable(taken.get(id)),
                    row.version()));
        }
        return all;
    }

    /** How soon a step has to be begun after what it follows, where something runs out. */
    private static Optional<SheetStep.Within> within(
            String id, WorkGraph graph, Map<String, Activity> activities, Air air) {
        return graph.precedences().stream()
                .filter(before ->
                        before.to().equals(id) && before.limit().isPresent() && activities.containsKey(before.from()))
                .map(before -> new SheetStep.Within(
                        air.time(before.limit().orElseThrow()),
                        Optional.ofNullable(activities.get(before.from()))
                                .orElseThrow()
                                .kind()))
                .min(Comparator.comparing(SheetStep.Within::time));
    }

    private static Optional<SheetStep.Tick> tick(StepRow row, Map<UUID, String> names) {
        return Optional.ofNullable(row.tickedAt)
                .map(at -> new SheetStep.Tick(
                        Optional.ofNullable(row.tickedBy).orElseThrow(),
                        Optional.ofNullable(row.tickedBy).map(names::get).orElse(""),
                        at,
                        Optional.ofNullable(row.earlyWhy)));
    }
}
