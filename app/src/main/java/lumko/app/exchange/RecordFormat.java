package lumko.app.exchange;

import tools.jackson.databind.node.ObjectNode;

/**
 * The versions of the whole record as it is written out. A version is named by the migration that changed the tables last; what
 * an older Lumko wrote is turned, row by row, into what the tables are now, so that nothing taken along is ever locked in.
 */
final class RecordFormat {
    /** The oldest version that was ever written out. */
    static final int FIRST = 5;

    static final int NOW = 5;

    private RecordFormat() {}

    /**
     * Reads the version of a document.
     *
     * @throws BadFileException if it is none, or one that only a later Lumko writes
     */
    static int read(String written) {
        try {
            int version = Integer.parseInt(written);
            if (version >= FIRST && version <= NOW) {
                return version;
            }
        } catch (NumberFormatException none) {
            // said below
        }
        throw new BadFileException(
                0,
                "this record has schema “" + written + "”, this Lumko takes schema “" + FIRST + "”"
                        + (FIRST == NOW ? "" : " to “" + NOW + "”"));
    }

    /** A row of a table as it was written by a version, as it is now. */
    static ObjectNode now(int version, String table, ObjectNode row) {
        return row;
    }
}
