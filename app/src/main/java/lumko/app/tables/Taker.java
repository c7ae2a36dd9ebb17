package lumko.app.tables;

import java.util.List;
import java.util.UUID;
import lumko.app.platform.Form;

/** Takes rows of one kind of table onto the record, and off it again. */
interface Taker {
    TableKind kind();

    /** Begins with a table. What is made is noted in a list, so that it can be taken back. */
    Run begin(List<Done> done);

    /**
     * Takes something back that a table has put on record.
     *
     * @throws lumko.app.platform.NotNowException if something rests on it since
     */
    void undo(Done done);

    /** One table being taken. */
    interface Run {
        /** Puts on record what a row says. Whatever cannot be has its sentence in the row, and then nothing of it is. */
        Outcome take(Form row);

        /** Writes what was gathered. */
        default void end() {}
    }

    /** What becomes of a row. */
    enum Result {
        MADE,
        CHANGED,
        /** It is on record already. */
        THERE,
        REFUSED
    }

    /** @param what it is, in a few words */
    record Outcome(Result result, String what) {
        static Outcome refused() {
            return new Outcome(Result.REFUSED, "");
        }
    }

    /** What a table has put on record. */
    enum What {
        HOUSE,
        FLAT,
        ROOM,
        COAT,
        COLOUR,
        PRODUCT,
        TIN,
        TIN_CHANGED,
        PERSON
    }

    /**
     * One thing that a table has put on record.
     *
     * @param id its own; of a coat, of its surface
     * @param number of a coat its place among the others; of a tin that was changed the version it had then
     * @param litres what was in that tin before
     * @param place where it stood before
     */
    record Done(What what, UUID id, int number, double litres, String place) {
        static Done made(What what, UUID id) {
            return new Done(what, id, 0, 0, "");
        }
    }
}
