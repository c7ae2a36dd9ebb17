package lumko.core.practice;

import java.util.Arrays;
import java.util.List;

/** A question on which practitioners disagree. Its schools are the {@link School}s that answer it, the starting one first. */
public enum Question {
    CUT_OR_ROLL_FIRST,
    CUT_AHEAD,
    TRIM_ORDER,
    TAPING,
    TAPE_REMOVAL,
    FLOOR_PROTECTION,
    FITTINGS,
    FILLER_LEVELLING,
    LEVELLING_METHOD,
    ANCHORS,
    CAULK_WHEN,
    JOINTS_BY_TRIM,
    CAULK_TOOLING,
    SPOT_SEALING,
    BUILD_UP,
    SECOND_CUT_IN,
    STROKE,
    ROLLER_ADVANCE,
    LAYING_OFF,
    WORKING_DIRECTION,
    NEW_SLEEVE,
    PREPARATION_DEPTH,
    PANEL_SEAMS,
    TOUCH_UP_TOOL,
    CEILING_COLOUR,
    WET_TOOLS,
    TOUCH_UP_CYCLE,
    LEFT_OVERS,
    GLUE_RESIDUE;

    /** The schools that answer it, the one a new organisation starts with first. */
    public List<School> schools() {
        return Arrays.stream(School.values())
                .filter(school -> school.question() == this)
                .toList();
    }
}
