package lumko.app.sheet;

import java.util.List;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.Flat;
import lumko.app.house.House;
import lumko.app.house.Houses;
import lumko.app.house.Recording;
import lumko.app.outcome.Moment;
import lumko.app.outcome.Predictions;
import lumko.app.platform.NotNowException;
import lumko.app.walk.Marking;
import lumko.core.quantity.Volume;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes back that a sheet was closed. */
@Service
@Transactional
public class Reopening {
    private final SheetRows rows;
    private final UsedTins usedTins;
    private final Predictions predictions;
    private final Marking marking;
    private final Houses houses;
    private final Recording recording;
    private final History history;
    private final Access access;

    Reopening(
            SheetRows rows,
            UsedTins usedTins,
            Predictions predictions,
            Marking marking,
            Houses houses,
            Recording recording,
            History history,
            Access access) {
        this.rows = rows;
        this.usedTins = usedTins;
        this.predictions = predictions;
        this.marking = marking;
        this.houses = houses;
        this.recording = recording;
        this.history = history;
        this.access = access;
    }

    /** A tin that somebody changed after a sheet was closed: what was in it before the job, and what is now. */
    public record TouchedTin(String label, Volume before, Volume now, String place) {}

    /** What becomes of tins that somebody changed since. */
    public enum TouchedTins {
        AS_NOW,
        AS_BEFORE_THE_JOB
    }

    /** Tins that somebody changed since a sheet was closed: whoever takes the closing back has to say what becomes of them. */
    @Transactional(readOnly = true)
    public List<TouchedTin> touched(UUID sheetId) {
        SheetRow row = rows.sheet(sheetId);
        House house = houses.flat(row.flatId).house();
        access.requireRecordsOf(house.id(), house.name());
        return usedTins.touched(sheetId);
    }

    /**
     * Takes a closing back: coats off the record, marks open, tins as they were, what was bought out of the store again. A tin
     * that was bought and that somebody changed since stays.
     *
     * @param touched what becomes of tins that somebody changed since
     * @throws NotNowException if another sheet of the flat is open
     */
    public void reopen(UUID sheetId, TouchedTins touched) {
        SheetRow row = rows.sheet(sheetId);
        Flat flat = houses.flat(row.flatId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        if (row.closedAt == null) {
            return;
        }
        rows.requireNoneOpen(flat);
        recording.removeCoatsOf(flat.id(), sheetId);
        predictions.forget(sheetId, Moment.CLOSED);
        marking.openAgain(rows.markIds(sheetId));
        usedTins.takeBack(sheetId, touched);
        row.closedAt = null;
        row.closedBy = null;
        row.seen = null;
        row.seenWhere = null;
        row.lookedFrom = new String[0];
        history.note(Subject.flat(flat.id()), EventKind.SHEET_REOPENED, "");
    }
}
