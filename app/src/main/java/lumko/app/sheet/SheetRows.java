package lumko.app.sheet;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.house.Flat;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import org.springframework.stereotype.Component;

/** Sheets in the database: what they are of, the marks they make good, what was read and noted on them. */
@Component
class SheetRows {
    private final SheetRepository sheets;
    private final SheetWallRepository walls;
    private final SheetMarkRepository marks;
    private final SheetCautionRepository cautions;
    private final SheetNoteRepository notes;

    SheetRows(
            SheetRepository sheets,
            SheetWallRepository walls,
            SheetMarkRepository marks,
            SheetCautionRepository cautions,
            SheetNoteRepository notes) {
        this.sheets = sheets;
        this.walls = walls;
        this.marks = marks;
        this.cautions = cautions;
        this.notes = notes;
    }

    SheetRow sheet(UUID id) {
        return sheets.findById(id).orElseThrow(NotFoundException::new);
    }

    /**
     * A sheet that is about to be changed: whoever else changes it waits until this is done, and then sees it.
     *
     * @throws NotNowException if it is closed
     */
    SheetRow requireOpen(UUID id) {
        return requireOpen(sheets.lock(id));
    }

    /**
     * The sheet of a step that is about to be changed, as {@link #requireOpen}.
     *
     * @throws NotNowException if it is closed
     */
    SheetRow requireOpenOf(UUID stepId) {
        return requireOpen(sheets.lockOf(stepId));
    }

    private static SheetRow requireOpen(Optional<SheetRow> found) {
        SheetRow sheet = found.orElseThrow(NotFoundException::new);
        if (sheet.closedAt != null) {
            throw new NotNowException("denied.sheetClosed");
        }
        return sheet;
    }

    /** @throws NotNowException if a sheet of the flat is open */
    void requireNoneOpen(Flat flat) {
        if (sheets.findByFlatIdAndClosedAtIsNull(flat.id()).isPresent()) {
            throw new NotNowException("denied.sheetOpen", flat.number());
        }
    }

    Optional<SheetRow> lastMade() {
        return sheets.findFirstByOrderByMadeAtDescIdDesc();
    }

    List<SheetWallRow> walls(UUID sheetId) {
        return walls.findBySheetIdOrderByPosition(sheetId);
    }

    Set<UUID> markIds(UUID sheetId) {
        return marks.findBySheetId(sheetId).stream().map(row -> row.markId).collect(Collectors.toSet());
    }

    List<SheetCautionRow> cautionsRead(UUID sheetId) {
        return cautions.findBySheetId(sheetId);
    }

    /** Those taken off too. */
    List<SheetNoteRow> notes(UUID sheetId) {
        return notes.findBySheetIdOrderByNotedAt(sheetId);
    }

    SheetNoteRow note(UUID noteId) {
        return notes.findById(noteId).orElseThrow(NotFoundException::new);
    }

    void add(SheetRow sheet) {
        sheets.saveAndFlush(sheet);
    }

    void add(SheetWallRow wall) {
        walls.save(wall);
    }

    void addMarks(UUID sheetId, Collection<UUID> markIds) {
        marks.saveAll(markIds.stream()
                .map(markId -> new SheetMarkRow(sheetId, markId))
                .toList());
    }

    void add(SheetCautionRow read) {
        cautions.save(read);
    }

    void add(SheetNoteRow note) {
        notes.save(note);
    }

    /** Takes a sheet away whose steps are gone. */
    void remove(SheetRow sheet) {
        marks.deleteAll(marks.findBySheetId(sheet.id()));
        walls.deleteAll(walls(sheet.id()));
        cautions.deleteAll(cautionsRead(sheet.id()));
        notes.deleteAll(notes(sheet.id()));
        walls.flush();
        sheets.delete(sheet);
    }
}
