package lumko.app.house;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Opening;
import lumko.core.geometry.UsualSize;
import org.jspecify.annotations.Nullable;

/** What can be in a wall, on it, or on a ceiling. */
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
    SMOKE_ALARM(null, Fitting.Kind.SMOKE_ALARM),
    CEILING_FAN(null, Fitting.Kind.CEILING_FAN),
    VENT_COVER(null, Fitting.Kind.VENT_COVER),
    RADIATOR_COVER(null, Fitting.Kind.RADIATOR_COVER),
    STRIPS(null, Fitting.Kind.STRIPS);

    private final Opening.@Nullable Kind opening;
    private final Fitting.@Nullable Kind fitting;

    WallFeature(Opening.@Nullable Kind opening, Fitting.@Nullable Kind fitting) {
        this.opening = opening;
        this.fitting = fitting;
    }

    /** What a ceiling can have; a wall can have any. */
    static List<WallFeature> ofCeilings() {
        return Stream.of(values())
                .filter(each ->
                        each.fitting().filter(Fitting.Kind::isOfCeilings).isPresent())
                .toList();
    }

    /** What a wall can have. */
    static List<WallFeature> ofWalls() {
        return Stream.of(values())
                .filter(each -> each != CEILING_FAN && each != CEILING_LIGHT)
                .toList();
    }

    /** As large, and as high above the floor, as it usually is. */
    public UsualSize usual(UsualSize.Market market) {
        return opening()
                .map(kind -> UsualSize.of(kind, market))
                .or(() -> fitting().map(kind -> UsualSize.of(kind, market)))
                .orElseThrow();
    }

    /** Whether it stands on the floor. */
    public boolean isOnFloor() {
        return this == DOOR || this == PASSAGE;
    }

    Optional<Opening.Kind> opening() {
        return Optional.ofNullable(opening);
    }

    Optional<Fitting.Kind> fitting() {
        return Optional.ofNullable(fitting);
    }
}
