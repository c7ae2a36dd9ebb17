package lumko.app.sheet;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.figure.Figures;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.core.activity.Caution;
import lumko.core.drying.Climate;
import lumko.core.schedule.Air;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is ticked, read and measured on a sheet on site. */
@Service
@Transactional
public class Ticking {
    /** What arrives so much after it was done was sent without signal. */
    private static final Duration LATE = Duration.ofMinutes(2);

    private final SheetRows rows;
    private final StepRows stepRows;
    private final SheetReader reader;
    private final Figures figures;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Ticking(
            SheetRows rows,
            StepRows stepRows,
            SheetReader reader,
            Figures figures,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.rows = rows;
        this.stepRows = stepRows;
        this.reader = reader;
        this.figures = figures;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    /** What came of a tick. */
    public sealed interface Ticked {
        /** It is done. */
        record Done(UUID sheetId) implements Ticked {}

        /** What was done before is still wet: a tick now needs the reason. */
        record StillWet(UUID sheetId, UUID stepId) implements Ticked {}

        /** What can hurt someone at this step has not been read yet. */
        record CautionFirst(UUID sheetId, UUID stepId) implements Ticked {}
    }

    /**
     * Ticks a step. Ticking a ticked step again changes nothing.
     *
     * @param why the reason for going on while something is still wet; empty if there is none
     * @param at when it was ticked on the device, where that was known; what arrives late was done then, and is taken as it is
     */
    public Ticked tick(UUID stepId, String why, Optional<Instant> at) {
        access.requirePainter();
        SheetRow sheet = rows.requireOpenOf(stepId);
        StepRow row = stepRows.step(stepId);
        if (row.tickedAt != null) {
            return new Ticked.Done(sheet.id());
        }
        Set<String> read = cautionsRead(sheet);
        if (!read.containsAll(Arrays.asList(row.cautions))) {
            return new Ticked.CautionFirst(sheet.id(), stepId);
        }
        Instant now = sheet.when(at, clock.instant());
        boolean isLate = Duration.between(now, clock.instant()).compareTo(LATE) > 0;
        SheetWork work = stepRows.of(sheet.id());
        boolean wet = work.graph().progress(air(sheet)).isHeldUp(stepId.toString(), now);
        if (wet && why.isEmpty() && !isLate) {
            return new Ticked.StillWet(sheet.id(), stepId);
        }
        row.tickedAt = now;
        row.tickedBy = access.member().personId();
        String said = why.isEmpty() ? speaker.words().say("sheet.withoutSignal") : why;
        row.earlyWhy = wet ? said : null;
        work.time(air(sheet));
        noteStep(sheet, row, wet ? EventKind.TICKED_EARLY : EventKind.TICKED, wet ? ": " + said : "");
        return new Ticked.Done(sheet.id());
    }

    private Set<String> cautionsRead(SheetRow sheet) {
        return rows.cautionsRead(sheet.id()).stream()
                .map(read -> read.caution.name())
                .collect(Collectors.toSet());
    }

    private Air air(SheetRow sheet) {
        return new Air(sheet.climate(), figures.catalogue());
    }

    public UUID untick(UUID stepId) {
        access.requirePainter();
        SheetRow sheet = rows.requireOpenOf(stepId);
        StepRow row = stepRows.step(stepId);
        if (row.tickedAt != null) {
            row.tickedAt = null;
            row.tickedBy = null;
            row.earlyWhy = null;
            stepRows.of(sheet.id()).time(air(sheet));
            noteStep(sheet, row, EventKind.UNTICKED, "");
        }
        return sheet.id();
    }

    private void noteStep(SheetRow sheet, StepRow row, EventKind kind, String more) {
        history.note(
                row.surfaces.length == 1 ? Subject.surface(sheet.flatId, row.surfaces[0]) : Subject.flat(sheet.flatId),
                kind,
                speaker.words().say("step." + row.kind.name()) + more);
    }

    /** Notes that the cautions of a step have been read, for the whole sheet. */
    public UUID read(UUID stepId, Optional<Instant> at) {
        access.requirePainter();
        SheetRow sheet = rows.requireOpenOf(stepId);
        StepRow row = stepRows.step(stepId);
        Set<String> known = cautionsRead(sheet);
        for (String caution : row.cautions) {
            if (known.add(caution)) {
                rows.add(new SheetCautionRow(
                        sheet.id(),
                        Caution.valueOf(caution),
                        access.member().personId(),
                        sheet.when(at, clock.instant())));
                history.note(
                        Subject.flat(sheet.flatId),
                        EventKind.CAUTION_READ,
                        speaker.words().say("cautionWord." + caution));
            }
        }
        return sheet.id();
    }

    /** Notes the air; every wait of the sheet follows it. */
    public void noteClimate(UUID sheetId, Climate climate) {
        access.requirePainter();
        SheetRow sheet = rows.requireOpen(sheetId);
        sheet.put(climate);
        sheet.climateNotedAt = clock.instant();
        stepRows.of(sheet.id()).time(air(sheet));
        history.note(
                Subject.flat(sheet.flatId),
                EventKind.AIR_NOTED,
                speaker.words()
                        .say(
                                "sheet.air",
                                climate.temperature(),
                                speaker.words().number(climate.humidity().inPercent(), 0),
                                climate.air()));
    }

    /**
     * Says from when a paint that has to be bought is there; a plan puts nothing in it on a wall before.
     *
     * @param paint its key
     * @param day empty if it is not waited for
     */
    public void awaitPaint(UUID sheetId, String paint, Optional<LocalDate> day) {
        SheetRow sheet = rows.requireOpen(sheetId);
        PaintNeed need = reader.read(sheet).paints().stream()
                .filter(each -> each.isBought() && each.paint().key().equals(paint))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        rows.walls(sheetId).stream()
                .filter(wall -> wall.paintKey().equals(paint))
                .forEach(wall -> wall.hereOn = day.orElse(null));
        Words words = speaker.words();
        String name = need.paint().colour().name();
        history.note(
                Subject.flat(sheet.flatId),
                EventKind.PAINT_AWAITED,
                day.map(on -> words.say("carry.waits", name, words.day(on)))
                        .orElseGet(() -> words.say("carry.waitsNot", name)));
    }
}
