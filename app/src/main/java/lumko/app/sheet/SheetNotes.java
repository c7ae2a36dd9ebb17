package lumko.app.sheet;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.NotAllowedException;
import lumko.app.platform.Speaker;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is written down on a sheet on site. */
@Service
@Transactional
class SheetNotes {
    private final SheetRows rows;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final Clock clock;

    SheetNotes(SheetRows rows, History history, Access access, Speaker speaker, Clock clock) {
        this.rows = rows;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.clock = clock;
    }

    public void write(UUID sheetId, String words, Optional<Instant> at) {
        access.requirePainter();
        SheetRow sheet = rows.requireOpen(sheetId);
        rows.add(new SheetNoteRow(sheetId, words, access.member().personId(), sheet.when(at, clock.instant())));
        history.note(Subject.flat(sheet.flatId), EventKind.NOTE_WRITTEN, words);
    }

    /**
     * Says in other words what was noted.
     *
     * @return its sheet
     */
    public UUID putRight(UUID noteId, String words, int seenVersion) {
        SheetNoteRow note = requireOwnNote(noteId);
        SheetRow sheet = rows.requireOpen(note.sheetId);
        note.checkSeen(seenVersion);
        if (!note.words.equals(words)) {
            history.note(Subject.flat(sheet.flatId), EventKind.CORRECTED, note.words + " → " + words);
            note.words = words;
        }
        return sheet.id();
    }

    /**
     * Takes a note off the sheet; it can be put back as long as the sheet is open.
     *
     * @return its sheet
     */
    public UUID remove(UUID noteId) {
        SheetNoteRow note = requireOwnNote(noteId);
        SheetRow sheet = rows.requireOpen(note.sheetId);
        if (note.takenOffAt == null) {
            note.takenOffAt = clock.instant();
            history.note(Subject.flat(sheet.flatId), EventKind.TAKEN_OFF, note.words);
        }
        return sheet.id();
    }

    /**
     * Puts a note back that was taken off, as it was: whoever wrote it, when they did.
     *
     * @return its sheet
     */
    public UUID putBack(UUID noteId) {
        SheetNoteRow note = requireOwnNote(noteId);
        SheetRow sheet = rows.requireOpen(note.sheetId);
        if (note.takenOffAt != null) {
            note.takenOffAt = null;
            history.note(
                    Subject.flat(sheet.flatId),
                    EventKind.CORRECTED,
                    speaker.words().say("sheet.noteBack", note.words));
        }
        return sheet.id();
    }

    /** What somebody wrote only they and the lead put right. */
    private SheetNoteRow requireOwnNote(UUID noteId) {
        access.requirePainter();
        SheetNoteRow note = rows.note(noteId);
        if (!note.notedBy.equals(access.member().personId()) && !access.member().isLead()) {
            throw new NotAllowedException("denied.othersNote");
        }
        return note;
    }
}
