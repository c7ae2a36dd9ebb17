package lumko.app.house;

import java.util.Optional;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Opening;
import org.jspecify.annotations.Nullable;

/** What can be in a wall or on it. */
public enum WallFeature {
    DOOR(Opening.Kind.DOOR, null),
    WINDOW(Opening.Kind.WINDOW, null),
    PASSAGE(Opening.Kind.PASSAGE, null),
    SOCKET(null, Fitting.Kind.SOCKET),
    SWITCH(null, Fitting.Kind.SWITCH),
    WALL_LIGHT(null, Fitting.Kind.WALL_LIGHT),
    RADIATOR(null, Fitting.Kind.RADIATOR),
    RAIL(null, Fitting.Kind.RAIL),
    BLIND(null, Fitting.Kind.BLIND),
    CEILING_LIGHT(null, Fitting.Kind.CEILING_LIGHT),
    VENT_COVER(null, Fitting.Kind.VENT_COVER),
    RADIATOR_COVER(null, Fitting.Kind.RADIATOR_COVER),
    STRIPS(null, Fitting.Kind.STRIPS);

    private final Opening.@Nullable Kind opening;
    private final Fitting.@Nullable Kind fitting;

    WallFeature(Opening.@Nullable Kind opening, Fitting.@Nullable Kind fitting) {
        this.opening = opening;
        this.fitting = fitting;
    }

    Optional<Opening.Kind> opening() {
        return Optional.ofNullable(opening);
    }

    Optional<Fitting.Kind> fitting() {
        return Optional.ofNullable(fitting);
    }
}
