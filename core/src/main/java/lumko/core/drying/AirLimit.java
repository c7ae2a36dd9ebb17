package lumko.core.drying;

import java.util.EnumSet;
import java.util.Set;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;

/** A limit of the air beyond which nothing is painted. Source: catalogue of figures, climate limits for painting. */
public enum AirLimit {
    TOO_COLD(Figure.COLDEST_TO_PAINT),
    TOO_HOT(Figure.WARMEST_TO_PAINT),
    TOO_DAMP(Figure.DAMPEST_TO_PAINT),
    /** The air is so near to dew that a wall a little colder is getting wet. */
    NEAR_DEW(Figure.ABOVE_DEW_POINT);

    private final Figure figure;

    AirLimit(Figure figure) {
        this.figure = figure;
    }

    /** The figure that sets the limit. */
    public Figure figure() {
        return figure;
    }

    /** The limits that the air of a room breaks; none where one can paint. */
    public static Set<AirLimit> brokenBy(Climate climate, Catalogue figures) {
        Set<AirLimit> broken = EnumSet.noneOf(AirLimit.class);
        double celsius = climate.temperature().inCelsius();
        if (celsius < figures.value(TOO_COLD.figure)) {
            broken.add(TOO_COLD);
        }
        if (celsius > figures.value(TOO_HOT.figure)) {
            broken.add(TOO_HOT);
        }
        if (climate.humidity().inPercent() > figures.value(TOO_DAMP.figure)) {
            broken.add(TOO_DAMP);
        }
        if (celsius - climate.dewPoint().inCelsius() < figures.value(NEAR_DEW.figure)) {
            broken.add(NEAR_DEW);
        }
        return broken;
    }
}
