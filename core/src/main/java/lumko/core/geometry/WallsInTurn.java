package lumko.core.geometry;

import java.util.ArrayList;
import java.util.List;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;

/**
 * A room as one measures it, wall by wall to the right with a tape: how long each wall is and which way one turns at its end. Corners
 * are square. What the tape is off is put onto the longest wall of each direction, which notices it least.
 *
 * @param outline the room, closed
 * @param eastGap how far the walls ended from where they began, along the first wall
 * @param northGap and across it
 */
public record WallsInTurn(Outline outline, Length eastGap, Length northGap) {
    /** More than this is no slip of the tape but a wall left out or turned wrongly. ASSUMPTION: 50 mm. */
    private static final Limits GAP = new Limits("how far the walls are from closing", 0, 50, "mm");

    /** Which way one turns at the end of a wall, standing inside. */
    public enum Turn {
        RIGHT,
        LEFT
    }

    /** A wall and what comes after it. */
    public record Leg(Length length, Turn turn) {}

    /**
     * @throws ShapeException if they turn round wrongly or cross
     * @throws lumko.core.quantity.OutOfRangeException if they do not close, or one is no wall
     */
    public static WallsInTurn of(List<Leg> legs) {
        int rights = 0;
        for (Leg leg : legs) {
            rights += leg.turn() == Turn.RIGHT ? 1 : -1;
        }
        if (legs.size() < 4 || legs.size() % 2 != 0 || rights != 4) {
            throw new ShapeException(ShapeException.Why.TURNS_WRONG);
        }
        double[] lengths =
                legs.stream().mapToDouble(leg -> leg.length().inMillimetres()).toArray();
        int[] heading = headings(legs);
        double east = gap(lengths, heading, 0, 2);
        // the second heading goes south
        double south = gap(lengths, heading, 1, 3);
        GAP.check(Math.max(Math.abs(east), Math.abs(south)));
        close(lengths, heading, 0, east);
        close(lengths, heading, 1, south);
        List<Outline.Corner> corners = path(lengths, heading);
        return new WallsInTurn(
                new Outline(corners.subList(0, lengths.length)),
                Length.ofMillimetres(Math.abs(east)),
                Length.ofMillimetres(Math.abs(south)));
    }

    /** Whether the tape was off by a millimetre or more. */
    public boolean isOff() {
        return Math.max(eastGap.inMillimetres(), northGap.inMillimetres()) >= 1;
    }

    /** Where one has come so far, from where one began: a corner more than walls, whether they close or not. */
    public static List<Outline.Corner> path(List<Leg> legs) {
        return path(
                legs.stream().mapToDouble(leg -> leg.length().inMillimetres()).toArray(), headings(legs));
    }

    private static int[] headings(List<Leg> legs) {
        int[] heading = new int[legs.size()];
        for (int i = 1; i < heading.length; i++) {
            heading[i] = Math.floorMod(heading[i - 1] + (legs.get(i - 1).turn() == Turn.RIGHT ? 1 : -1), 4);
        }
        return heading;
    }

    private static List<Outline.Corner> path(double[] lengths, int[] heading) {
        List<Outline.Corner> corners = new ArrayList<>();
        double atEast = 0;
        double atNorth = 0;
        corners.add(Outline.Corner.ofMillimetres(atEast, atNorth));
        for (int i = 0; i < lengths.length; i++) {
            switch (heading[i]) {
                case 0 -> atEast += lengths[i];
                case 1 -> atNorth -= lengths[i];
                case 2 -> atEast -= lengths[i];
                default -> atNorth += lengths[i];
            }
            corners.add(Outline.Corner.ofMillimetres(atEast, atNorth));
        }
        return corners;
    }

    /** The walls of a room as one would measure them. */
    public static List<Leg> legsOf(Outline outline) {
        List<Leg> legs = new ArrayList<>();
        for (int side = 0; side < outline.sides(); side++) {
            boolean turnsLeft = outline.isOutsideCorner((side + 1) % outline.sides());
            legs.add(new Leg(outline.lengthOf(side), turnsLeft ? Turn.LEFT : Turn.RIGHT));
        }
        return legs;
    }

    private static double gap(double[] lengths, int[] heading, int there, int back) {
        double gap = 0;
        for (int i = 0; i < lengths.length; i++) {
            gap += heading[i] == there ? lengths[i] : heading[i] == back ? -lengths[i] : 0;
        }
        return gap;
    }

    /** Takes a gap off the longest wall along a direction, or adds it where that goes the other way. */
    private static void close(double[] lengths, int[] heading, int there, double gap) {
        int longest = -1;
        for (int i = 0; i < lengths.length; i++) {
            if (heading[i] % 2 == there % 2 && (longest < 0 || lengths[i] > lengths[longest])) {
                longest = i;
            }
        }
        lengths[longest] -= heading[longest] == there ? gap : -gap;
    }
}
