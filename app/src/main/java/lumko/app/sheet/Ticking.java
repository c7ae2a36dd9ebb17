package lumko.app.sheet;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.figure.Figures;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.NotAllowedException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.core.activity.Caution;
import lumko.core.drying.Climate;
import lumko.core.quantity.Times;
import lumko.core.schedule.Air;
import lumko.core.schedule.Progress;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is ticked, read and noted on a sheet on site. */
@Service
@Transactional
public class Ticking {
    /** What arrives so much after it was done was sent without signal. */
    private static final Duration LATE = Duration.ofMinutes(2);

    private final StepRepository steps;
    private final PrecedenceRepository precedences;
    private final SheetCautionRepository cautions;
    private final SheetNoteRepository notes;
    private final SheetWallRepository walls;
    private final SheetReader reader;
    private final Figures figures;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    Ticking(
            StepRepository steps,
            PrecedenceRepository precedences,
            SheetCautionRepository cautions,
            SheetNoteRepository notes,
            SheetWallRepository walls,
            SheetReader reader,
            Figures figures,
            History history,
            Access access,
            Speaker speaker,
            Clock clock) {
        this.steps = steps;
        this.precedences = precedences;
        this.cautions = cautions;
        this.notes = notes;
        this.walls = walls;
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
        StepRow row = steps.findById(stepId).orElseThrow(NotFoundException::new);
        SheetRow sheet = reader.requireOpen(row.sheetId);
        if (row.tickedAt != null) {
            return new Ticked.Done(sheet.id());
        }
        Set<String> read = cautions.findBySheetId(sheet.id()).stream()
                .map(caution -> caution.caution.name())
                .collect(Collectors.toSet());
        if (!read.containsAll(Arrays.asList(row.cautions))) {
            return new Ticked.CautionFirst(sheet.id(), stepId);
        }
        Instant now = when(sheet, at);
        boolean isLate = Duration.between(now, clock.instant()).compareTo(LATE) > 0;
        SheetWork work = work(sheet);
        boolean wet = work.progress().waitsFor(stepId.toString(), now).isPresent();
        if (wet && why.isEmpty() && !isLate) {
            return new Ticked.StillWet(sheet.id(), stepId);
        }
        row.tickedAt = now;
        row.tickedBy = access.member().personId();
        String said = why.isEmpty() ? speaker.words().say("sheet.withoutSignal") : why;
        row.earlyWhy = wet ? said : null;
        work.time();
        noteStep(sheet, row, wet ? EventKind.TICKED_EARLY : EventKind.TICKED, wet ? ": " + said : "");
        return new Ticked.Done(sheet.id());
    }

    /** The rows of a sheet with their order and the air they dry in. */
    private record SheetWork(List<StepRow> rows, List<PrecedenceRow> order, Air air) {
        Progress progress() {
            return new SheetGraph(rows, order, Map.of()).progress(air);
        }

        /** Notes of each step how long it took, as the ticks tell it now. */
        void time() {
            Map<String, Duration> taken = progress().taken();
            for (StepRow row : rows) {
                row.tookMinutes = Optional.ofNullable(taken.get(row.id().toString()))
                        .map(Times::inMinutes)
                        .orElse(null);
            }
        }
    }

    private SheetWork work(SheetRow sheet) {
        return new SheetWork(
                steps.findBySheetIdInOrderByPosition(List.of(sheet.id())),
                precedences.findBySheetIdIn(List.of(sheet.id())),
                new Air(sheet.climate(), figures.catalogue()));
    }

    /** A device may have been without signal for days, but was not on the sheet before it was made, nor will it be tomorrow. */
    private Instant when(SheetRow sheet, Optional<Instant> at) {
        Instant now = clock.instant();
        return at.filter(then -> then.isAfter(sheet.madeAt) && then.isBefore(now))
                .orElse(now);
    }

    public UUID untick(UUID stepId) {
        access.requirePainter();
        StepRow row = steps.findById(stepId).orElseThrow(NotFoundException::new);
        SheetRow sheet = reader.requireOpen(row.sheetId);
        if (row.tickedAt != null) {
            row.tickedAt = null;
            row.tickedBy = null;
            row.earlyWhy = null;
            work(sheet).time();
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
        StepRow row = steps.findById(stepId).orElseThrow(NotFoundException::new);
        SheetRow sheet = reader.requireOpen(row.sheetId);
        Set<String> known = cautions.findBySheetId(sheet.id()).stream()
                .map(caution -> caution.caution.name())
                .collect(Collectors.toSet());
        for (String caution : row.cautions) {
            if (known.add(caution)) {
                cautions.save(new SheetCautionRow(
                        sheet.id(), Caution.valueOf(caution), access.member().personId(), when(sheet, at)));
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
        SheetRow sheet = reader.requireOpen(sheetId);
        sheet.put(climate);
        sheet.climateNotedAt = clock.instant();
        work(sheet).time();
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
        SheetRow sheet = reader.requireOpen(sheetId);
        PaintNeed need = reader.read(sheet).paints().stream()
                .filter(each -> each.isBought() && each.paint().key().equals(paint))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        walls.findBySheetIdOrderByPosition(sheetId).stream()
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

    public void note(UUID sheetId, String words, Optional<Instant> at) {
        access.requirePainter();
        SheetRow sheet = reader.requireOpen(sheetId);
        notes.save(new SheetNoteRow(sheetId, words, access.member().personId(), when(sheet, at)));
        history.note(Subject.flat(sheet.flatId), EventKind.NOTE_WRITTEN, words);
    }

    /**
     * Says in other words what was noted.
     *
     * @return its sheet
     */
    public UUID putNoteRight(UUID noteId, String words, int seenVersion) {
        SheetNoteRow note = requireOwnNote(noteId);
        SheetRow sheet = reader.requireOpen(note.sheetId);
        note.checkSeen(seenVersion);
        if (!note.words.equals(words)) {
            history.note(Subject.flat(sheet.flatId), EventKind.CORRECTED, note.words + " → " + words);
            note.words = words;
        }
        return sheet.id();
    }

    /**
     * Takes a note off the sheet; it stays in the history.
     *
     * @return its sheet
     */
    public UUID removeNote(UUID noteId) {
        SheetNoteRow note = requireOwnNote(noteId);
        SheetRow sheet = reader.requireOpen(note.sheetId);
        notes.delete(note);
        history.note(Subject.flat(sheet.flatId), EventKind.TAKEN_OFF, note.words);
        return sheet.id();
    }

    /** What somebody wrote only they and the lead put right. */
    private SheetNoteRow requireOwnNote(UUID noteId) {
        access.requirePainter();
        SheetNoteRow note = notes.findById(noteId).orElseThrow(NotFoundException::new);
        if (!note.notedBy.equals(access.member().personId()) && !access.member().isLead()) {
            throw new NotAllowedException("denied.othersNote");
        }
        return note;
    }
}
