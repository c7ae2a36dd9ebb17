package lumko.app.exchange;

import java.util.Optional;
import lumko.app.formats.BadFileException;
import tools.jackson.databind.node.ObjectNode;

/**
 * The versions of the whole record as it is written out. A version is named by the migration that changed the tables last; what
 * an older Lumko wrote is turned, row by row, into what the tables are now, so that nothing taken along is ever locked in.
 */
final class RecordFormat {
    /** The oldest version that was ever written out. */
    static final int FIRST = 5;

    static final int NOW = 18;

    /** The first in which work is a graph. */
    private static final int GRAPH = 7;

    /** The first in which what is on a surface and what goes on it are two questions. */
    private static final int TWO_QUESTIONS = 8;

    /** The first that knows what lies on a floor. */
    private static final int FLOORS = 10;

    /** The first in which a sheet says what is bought and what one more coat would take, and a mark whose line it is. */
    private static final int COATS_CHOSEN = 11;

    /** The first that keeps who looked and what was learnt from it. */
    private static final int LEARNT = 12;

    /** The first in which flats are planned together. */
    private static final int PLANNED = 13;

    /** The first in which a roof may run level between two slopes. */
    private static final int LEVEL = 17;

    /** The first that keeps predictions. */
    private static final int PREDICTIONS = 9;

    private static final double USUAL_BOX_GAP_MM = 5;

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

    /** Whether a version wrote a table at all. */
    static boolean has(int version, String table) {
        return switch (table) {
            case "sheet_precedence" -> version >= GRAPH;
            case "house_hours", "person_day", "plan", "plan_piece", "plan_flat", "plan_lock", "plan_heater" ->
                version >= PLANNED;
            case "look", "learnt" -> version >= LEARNT;
            case "prediction" -> version >= PREDICTIONS;
            default -> true;
        };
    }

    /** A row of a table as it was written by a version, as it is now; empty where there is no such thing any more. */
    static Optional<ObjectNode> now(int version, String table, ObjectNode row) {
        return (version >= GRAPH ? Optional.of(row) : asGraph(table, row))
                .map(known -> version >= TWO_QUESTIONS ? known : asTwoQuestions(table, known))
                .map(known -> version >= FLOORS || !table.equals("room") ? known : known.put("floor", "HARD"))
                .map(known -> version >= COATS_CHOSEN ? known : asCoatsChosen(table, known))
                .filter(known -> version >= LEARNT || !isLimitOfSheen(table, known))
                .map(known -> version >= LEARNT ? known : asLearnt(table, known))
                .map(known -> version >= PLANNED || !table.equals("sheet_tin") ? known : known.put("bought", false))
                .map(known -> version >= LEVEL || !isRidgeAlone(known) ? known : known.put("peak_level_mm", 0));
    }

    /** A surface under a roof of which nobody could say yet how far it runs level; no other table has such a column. */
    private static boolean isRidgeAlone(ObjectNode row) {
        return row.hasNonNull("peak_from_left_mm") && !row.hasNonNull("peak_level_mm");
    }

    /** Sheen is simulated now. */
    private static boolean isLimitOfSheen(String table, ObjectNode row) {
        return table.equals("own_figure") && row.path("figure").asString("").startsWith("SHEEN_GAP_ON_");
    }

    private static ObjectNode asLearnt(String table, ObjectNode row) {
        switch (table) {
            case "turnover" -> row.put("scrutiny", "AS_USUAL");
            case "prediction" -> {
                row.set("computed", row.path("shows_likely"));
                row.putArray("causes");
            }
            default -> {
                // as it was
            }
        }
        return row;
    }

    private static ObjectNode asCoatsChosen(String table, ObjectNode row) {
        return switch (table) {
            case "sheet_wall" ->
                row.put("bought", false)
                        .put("more_chance", 0)
                        .put("more_litres", 0)
                        .put("more_minutes", 0);
            case "mark" -> row.put("owner", "THIS_SURFACE").put("freshness", "AS_RECORDED");
            default -> row;
        };
    }

    private static ObjectNode asTwoQuestions(String table, ObjectNode row) {
        switch (table) {
            case "wall_visit" -> {
                if (row.path("paint_answer").asString("").equals("TIN_IN_STORE")) {
                    row.put("paint_answer", "RECORD_AGREES");
                }
            }
            case "coat" -> {
                row.putArray("more_tins");
                row.put("batch", "");
            }
            default -> {
                // as it was
            }
        }
        return row;
    }

    private static Optional<ObjectNode> asGraph(String table, ObjectNode row) {
        return switch (table) {
            case "mark" -> Optional.of(mark(row));
            case "sheet_step" -> Optional.of(step(row));
            case "own_figure" ->
                Optional.of(row)
                        .filter(figure -> !figure.path("figure").asString("").equals("SPOTS_TO_DAB"));
            default -> Optional.of(row);
        };
    }

    private static ObjectNode mark(ObjectNode row) {
        row.put("turns", "FREELY");
        row.put("driven", "FLUSH");
        row.put("recurring", "FIRST_SEEN");
        row.put("offset_mm", 0);
        row.put("hold", "FIRM");
        row.put("cause", "NOT_LOOKED_FOR");
        if (row.path("kind").asString("").equals("BOX_GAP")) {
            row.put("depth_mm", USUAL_BOX_GAP_MM);
        }
        return row;
    }

    /** Its precedences are drawn once all of them are in: {@link #conclusion}. */
    private static ObjectNode step(ObjectNode row) {
        row.put("activity", "");
        row.put("round", 0);
        row.putArray("rooms");
        row.putArray("marks");
        row.put("lasts_minutes", 0);
        row.put("tape_m", 0);
        row.putArray("knives_mm");
        row.putArray("says");
        if (row.path("dry_material").asString("").equals("EMULSION_TO_TAPE")) {
            row.put("dry_material", row.path("kind").asString("").equals("TEST_PATCH") ? "EMULSION" : "TRIM_WATER");
        }
        return row;
    }

    /** What is done in the database once a record of an older version is in. */
    static Optional<String> conclusion(int version) {
        return version >= GRAPH ? Optional.empty() : Optional.of("select steps_into_activities(:organisation)");
    }
}
