package lumko.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Limits;

/**
 * The floor plan of a room: its corners in the order in which one turns to the right standing inside (clockwise seen from
 * above). Side <i>i</i> runs from corner <i>i</i> to the next and is a wall. The sides do not cross.
 */
public record Outline(List<Corner> corners) {
    static final Limits WALLS = new Limits("number of walls", 3, 40, "");

    /** A corner of the plan, in metres east and north of any fixed point. */
    public record Corner(Length east, Length north) {
        public static Corner ofMillimetres(double east, double north) {
            return new Corner(Length.ofMillimetres(east), Length.ofMillimetres(north));
        }
    }

    public Outline {
        corners = List.copyOf(corners);
        WALLS.check(corners.size());
        for (int side = 0; side < corners.size(); side++) {
            Wall.WIDTH.check(lengthOf(corners, side).inMillimetres());
        }
        if (crosses(corners)) {
            throw new ShapeException(ShapeException.Why.WALLS_CROSS);
        }
        if (signedArea(corners) > 0) {
            throw new ShapeException(ShapeException.Why.RUNS_LEFT_ROUND);
        }
    }

    /** A rectangular room; its first wall runs along the length. */
    public static Outline rectangle(Length length, Length width) {
        double l = length.inMillimetres();
        double w = width.inMillimetres();
        Wall.WIDTH.check(l);
        Wall.WIDTH.check(w);
        return new Outline(List.of(
                Corner.ofMillimetres(0, w),
                Corner.ofMillimetres(l, w),
                Corner.ofMillimetres(l, 0),
                Corner.ofMillimetres(0, 0)));
    }

    /**
     * The same room as in the flat across the landing: east and west change places. Its side <i>i</i> is the side
     * {@link #mirroredSide} of this one.
     */
    public Outline mirrored() {
        List<Corner> mirrored = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Corner corner = corners.get((corners.size() - i) % corners.size());
            mirrored.add(Corner.ofMillimetres(
                    -corner.east().inMillimetres(), corner.north().inMillimetres()));
        }
        return new Outline(mirrored);
    }

    /** Which side of this room becomes a side of the mirrored one, and the other way round. */
    public int mirroredSide(int side) {
        return corners.size() - 1 - side;
    }

    /**
     * The ceiling over the room as it is painted, seen as a surface as wide as the room reaches east and as high as it reaches north:
     * under one roof unfolded flat and as long as its slopes; where no roof is known, or more than one, as large as the floor. What of
     * that rectangle lies outside the room counts as an opening; exact where the walls run east and north.
     *
     * @param walls the walls of the room in their order
     */
    public Wall ceiling(Texture texture, List<Fitting> fittings, List<Wall> walls) {
        CeilingPlan plan = CeilingPlan.of(this, walls);
        double[] easts = plan.eastSteps();
        double[] norths = plan.northSteps();
        double[] across = Arrays.stream(easts).map(plan::across).toArray();
        double[] up = Arrays.stream(norths).map(plan::up).toArray();
        List<Opening> outside = new ArrayList<>();
        for (int i = 0; i + 1 < easts.length; i++) {
            for (int j = 0; j + 1 < norths.length; j++) {
                if (!contains((easts[i] + easts[i + 1]) / 2, (norths[j] + norths[j + 1]) / 2)) {
                    outside.add(new Opening(
                            Opening.Kind.PASSAGE,
                            Box.ofMillimetres(across[i], up[j], across[i + 1] - across[i], up[j + 1] - up[j])));
                }
            }
        }
        return new Wall(
                Length.ofMillimetres(across[across.length - 1]),
                Length.ofMillimetres(up[up.length - 1]),
                texture,
                outside,
                fittings);
    }

    /** Whether the heights of the walls tell how the ceiling runs: all reach up to it, or all that a roof cuts off fit one roof. */
    public boolean isRoofClear(List<Wall> walls) {
        return walls.stream().allMatch(wall -> wall.ends().roof().isEmpty())
                || RoofFold.of(this, walls).isPresent();
    }

    /**
     * Where the one roof that the other walls tell of cuts off a wall that nobody has measured under it.
     *
     * @return nothing where it reaches up to the ceiling all along, is measured already, or bends more often than a wall's line can
     */
    public Optional<RoofLine> roofOver(int side, List<Wall> walls) {
        Wall wall = walls.get(side);
        return wall.ends().roof().isPresent()
                ? Optional.empty()
                : RoofFold.of(this, walls).flatMap(fold -> fold.over(this, side, wall));
    }

    /** What a side is called: A, B … Z, AA, AB … in their order. */
    public static String letter(int side) {
        return side < 26 ? String.valueOf((char) ('A' + side)) : "A" + (char) ('A' + side - 26);
    }

    /** Whether a point of the plan lies inside, by the crossings of a ray to the east. */
    private boolean contains(double east, double north) {
        boolean inside = false;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            double ei = corners.get(i).east().inMillimetres();
            double ni = corners.get(i).north().inMillimetres();
            double ej = corners.get(j).east().inMillimetres();
            double nj = corners.get(j).north().inMillimetres();
            if ((ni > north) != (nj > north) && east < (ej - ei) * (north - ni) / (nj - ni) + ei) {
                inside = !inside;
            }
        }
        return inside;
    }

    public int sides() {
        return corners.size();
    }

    public Length lengthOf(int side) {
        return lengthOf(corners, side);
    }

    public Area floorArea() {
        return Area.ofSquareMetres(-signedArea(corners) / 1e6);
    }

    /** Whether the corner at which a side begins stands out into the room, so that people brush past it. */
    public boolean isOutsideCorner(int side) {
        int n = corners.size();
        // corners run clockwise: a turn to the left stands out
        return turn(corners.get((side + n - 1) % n), corners.get(side), corners.get((side + 1) % n)) > 0;
    }

    /**
     * How daylight from a window in one wall meets another wall, by the angle between them and the side of the nearer end.
     */
    public WindowLight lightFrom(int windowSide, int onSide) {
        if (windowSide == onSide) {
            return WindowLight.SAME_WALL;
        }
        double[] on = direction(onSide);
        double[] from = middle(windowSide);
        double[] to = middle(onSide);
        double along = (from[0] - to[0]) * on[0] + (from[1] - to[1]) * on[1];
        double half = lengthOf(onSide).inMillimetres() / 2;
        double[] window = direction(windowSide);
        double parallel = Math.abs(window[0] * on[0] + window[1] * on[1]);
        // within 30° of parallel the light falls on the wall from the front, not along it
        if (parallel > Math.cos(Math.toRadians(30)) && Math.abs(along) < half * 2) {
            return WindowLight.FACING;
        }
        return along < 0 ? WindowLight.FROM_LEFT : WindowLight.FROM_RIGHT;
    }

    /**
     * How daylight meets each wall, by the windows in all of them. Light along the wall outweighs light from the front, because
     * it shows more.
     */
    public List<WindowLight> lightOn(List<Wall> walls) {
        List<Integer> windowSides = windowSides(walls);
        List<WindowLight> lights = new ArrayList<>();
        for (int side = 0; side < walls.size(); side++) {
            int on = side;
            lights.add(windowSides.stream()
                    .map(windowSide -> lightFrom(windowSide, on))
                    .min(Comparator.naturalOrder())
                    .orElse(WindowLight.NONE));
        }
        return lights;
    }

    /** Which sides have a window, in their order. */
    public List<Integer> windowSides(List<Wall> walls) {
        return IntStream.range(0, walls.size())
                .filter(side -> !walls.get(side).windows().isEmpty())
                .boxed()
                .toList();
    }

    /** How daylight meets the ceiling: a window beside it lights all of it from there, whichever way one looks. */
    public WindowLight lightOnCeiling(List<Wall> walls) {
        return windowSides(walls).isEmpty() ? WindowLight.NONE : WindowLight.SAME_WALL;
    }

    private double[] direction(int side) {
        Corner a = corners.get(side);
        Corner b = corners.get((side + 1) % corners.size());
        double length = lengthOf(side).inMillimetres();
        return new double[] {
            b.east().minus(a.east()).inMillimetres() / length,
            b.north().minus(a.north()).inMillimetres() / length
        };
    }

    private double[] middle(int side) {
        Corner a = corners.get(side);
        Corner b = corners.get((side + 1) % corners.size());
        return new double[] {
            a.east().plus(b.east()).inMillimetres() / 2,
            a.north().plus(b.north()).inMillimetres() / 2
        };
    }

    private static Length lengthOf(List<Corner> corners, int side) {
        Corner a = corners.get(side);
        Corner b = corners.get((side + 1) % corners.size());
        return Length.ofMillimetres(Math.hypot(
                b.east().minus(a.east()).inMillimetres(),
                b.north().minus(a.north()).inMillimetres()));
    }

    /** Shoelace formula, mm²; negative when the corners run clockwise. */
    private static double signedArea(List<Corner> corners) {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            Corner a = corners.get(i);
            Corner b = corners.get((i + 1) % corners.size());
            twice += a.east().inMillimetres() * b.north().inMillimetres()
                    - b.east().inMillimetres() * a.north().inMillimetres();
        }
        return twice / 2;
    }

    private static boolean crosses(List<Corner> corners) {
        int n = corners.size();
        List<Integer> sides = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            for (int j : sides) {
                boolean neighbours = i - j == 1 || (j == 0 && i == n - 1);
                if (!neighbours
                        && segmentsMeet(
                                corners.get(i), corners.get((i + 1) % n), corners.get(j), corners.get((j + 1) % n))) {
                    return true;
                }
            }
            sides.add(i);
        }
        return false;
    }

    private static boolean segmentsMeet(Corner a, Corner b, Corner c, Corner d) {
        return turn(a, b, c) * turn(a, b, d) <= 0 && turn(c, d, a) * turn(c, d, b) <= 0;
    }

    private static double turn(Corner a, Corner b, Corner c) {
        return Math.signum((b.east().inMillimetres() - a.east().inMillimetres())
                        * (c.north().inMillimetres() - a.north().inMillimetres())
                - (b.north().inMillimetres() - a.north().inMillimetres())
                        * (c.east().inMillimetres() - a.east().inMillimetres()));
    }
}
