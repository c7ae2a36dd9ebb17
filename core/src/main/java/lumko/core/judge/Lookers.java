package lumko.core.judge;

import java.util.ArrayList;
import java.util.List;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.RoomKind;
import lumko.core.quantity.Length;
import lumko.core.visibility.View;
import org.apache.commons.statistics.distribution.NormalDistribution;

/** Who comes to look at a wall, from where, and from what difference on they see something. All of it figures. */
final class Lookers {
    /** So many equally likely eyes, from sharp to dull. */
    private static final int EYES = 3;

    /** How the eyes of those who come are spread, on the logarithm. */
    private static final NormalDistribution SPREAD = NormalDistribution.of(0, 1);

    private final Catalogue figures;

    Lookers(Catalogue figures) {
        this.figures = figures;
    }

    /**
     * A pair of eyes that may be the sharpest there.
     *
     * @param needs so many times the usual difference
     * @param weight how likely it is, 0–1
     */
    record Eyes(View view, double needs, double weight) {}

    /** From how far the walls of a room are looked at. */
    Length distance(RoomKind room) {
        return figures.length(room.isNarrow() ? Figure.STANDS_CLOSE : Figure.STANDS_OFF);
    }

    /** The score from which half of those who come see something, at the height of their eyes. */
    double tolerated(RoomKind room, Scrutiny scrutiny) {
        return switch (scrutiny) {
            case CLOSELY -> figures.limit(Figure.HARDLY_SEEN);
            case IN_PASSING -> figures.limit(Figure.CLEARLY_SEEN);
            case AS_USUAL -> figures.limit(usual(room));
        };
    }

    private static Figure usual(RoomKind room) {
        return switch (room) {
            case LIVING -> Figure.SEEN_IN_LIVING;
            case BEDROOM -> Figure.SEEN_IN_BEDROOM;
            case HALL -> Figure.SEEN_IN_HALL;
            case KITCHEN -> Figure.SEEN_IN_KITCHEN;
            case BATH -> Figure.SEEN_IN_BATH;
            case STAIRS -> Figure.SEEN_ON_STAIRS;
        };
    }

    /** The sharpest of those who come, from the front and, if one of them does, along the wall. */
    List<Eyes> sharpest(RoomKind room) {
        int count = figures.count(Figure.LOOKERS);
        double one = figures.share(
                switch (room) {
                    case HALL, STAIRS -> Figure.LOOKS_ALONG_HALL;
                    case LIVING, BEDROOM, KITCHEN, BATH -> Figure.LOOKS_ALONG;
                });
        double along = 1 - Math.pow(1 - one, count);
        double differ = Math.log(figures.factor(Figure.LOOKERS_DIFFER));
        List<Eyes> eyes = new ArrayList<>();
        for (int n = 0; n < EYES; n++) {
            double place = 1 - Math.pow(1 - (n + 0.5) / EYES, 1.0 / count);
            double needs = Math.exp(differ * SPREAD.inverseCumulativeProbability(place));
            eyes.add(new Eyes(View.FRONT, needs, (1 - along) / EYES));
            eyes.add(new Eyes(View.ALONG, needs, along / EYES));
        }
        return eyes;
    }
}
