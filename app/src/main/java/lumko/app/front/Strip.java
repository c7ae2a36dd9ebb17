package lumko.app.front;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.drawing.WallDrawing;
import lumko.app.house.Room;
import lumko.app.house.Surface;
import lumko.app.house.SurfaceKind;
import lumko.app.walk.PlacedMark;
import lumko.app.walk.WalkedWall;
import lumko.core.job.Action;

/** A room's walls side by side, in millimetres, with its ceiling over them and its trim under them. */
public record Strip(Room room, List<Piece> pieces, double width, double height) {
    private static final double ABOVE = 210;
    private static final double SIDE = 20;
    private static final double LABELS = 0.08;
    private static final String UNKNOWN = "url(#unknown-wall)";

    /** One wall in a strip; the labels of narrow walls stand one lower by turns. */
    public record Piece(Surface surface, WallDrawing drawing, double x, Optional<Action> todo, boolean isLow) {
        private static final double CEILING_HIGH = 160;
        private static final double NARROW = 2300;
        private static final double VERY_NARROW = 1200;

        public String at() {
            return "translate(" + x + " 0)";
        }

        /** The piece of ceiling that leans over it. */
        public String ceiling() {
            double in = drawing.width() > 800 ? 280 : 120;
            return "M" + x + " 0l" + in + " " + -CEILING_HIGH + "H" + (x + drawing.width() - in) + "L"
                    + (x + drawing.width()) + " 0Z";
        }

        public String edge(double height) {
            return "M" + drawing.width() + " " + -CEILING_HIGH + "V" + height;
        }

        public String labelAt(double height, double widest) {
            return "translate(" + (x + 60) + " " + (height + widest * 0.004) + ")";
        }

        /** Whether there is no room for its width beside its letter. */
        public boolean isNarrow() {
            return drawing.width() < VERY_NARROW;
        }
    }

    static Strip of(Room room, Map<UUID, WalkedWall> walkOf) {
        double x = 0;
        boolean isLow = false;
        List<Piece> pieces = new ArrayList<>();
        for (Surface wall : room.walls().toList()) {
            WalkedWall walked = Optional.ofNullable(walkOf.get(wall.id())).orElseThrow();
            double width = wall.asWall().width().inMillimetres();
            isLow = width < Piece.NARROW && !isLow;
            pieces.add(new Piece(
                    wall,
                    WallDrawing.of(
                            wall.asWall(),
                            wall.fill(),
                            walked.marks().stream().map(PlacedMark::numbered).toList()),
                    x,
                    walked.hasWork() ? Optional.of(walked.action()) : Optional.empty(),
                    isLow));
            x += width;
        }
        return new Strip(room, pieces, x, room.height().inMillimetres());
    }

    /** Every room has a door: where none of its walls has an opening nobody has entered them yet. */
    public boolean hasNoOpening() {
        return pieces.stream()
                .allMatch(piece -> piece.surface().asWall().openings().isEmpty());
    }

    /** All strips of a flat are drawn to one scale: that of the widest. */
    public String viewBox(double widest) {
        return -SIDE + " " + -ABOVE + " " + (widest + 2 * SIDE) + " " + (height + ABOVE + widest * LABELS);
    }

    public Surface ceiling() {
        return room.only(SurfaceKind.CEILING);
    }

    public Surface trim() {
        return room.only(SurfaceKind.TRIM);
    }

    public String ceilingFill() {
        return ceiling().fill().isEmpty() ? UNKNOWN : ceiling().fill();
    }

    public String trimFill() {
        return trim().fill();
    }
}
