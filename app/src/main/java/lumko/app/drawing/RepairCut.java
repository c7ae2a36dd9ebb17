package lumko.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import lumko.core.repair.Section;
import lumko.core.repair.Section.Coat;
import lumko.core.repair.Section.End;
import lumko.core.repair.Section.Hollow;
import lumko.core.repair.Section.Piece;

/**
 * A repair as a cut through the wall, the room above: widths to scale, depths to a scale of their own, since a coat of a
 * millimetre could not be seen beside a knife of thirty centimetres. Coordinates are those of the picture.
 *
 * @param back where the face of the wall ends below
 * @param paint the film on the face, beside what is hollow
 * @param exaggerated how many times as deep it is drawn as wide
 */
public record RepairCut(
        double height,
        double back,
        String wall,
        String paint,
        List<Layer> layers,
        List<Solid> pieces,
        List<Span> spans,
        double exaggerated) {
    public static final double WIDTH = 400;

    private static final double MIDDLE = WIDTH / 2;
    private static final double WIDEST = 360;
    /** So many units stand for a millimetre of depth, and at most for one of width. */
    private static final double DEEP = 6;

    private static final double ABOVE = 26;
    private static final double BELOW = 26;
    private static final double SPAN_HEIGHT = 40;
    /** As long as a plug of the trade. ASSUMPTION. */
    private static final double PLUG_MM = 30;
    /** As far as a backing piece reaches past a hole, either way. ASSUMPTION. */
    private static final double BACKING_PAST_MM = 25;

    private static final double BACKING_MM = 3;
    /** What a plug is cut smaller than its hole. ASSUMPTION. */
    private static final double JOINT_MM = 2;
    /** As wide as tape is sold. */
    private static final double TAPE_MM = 50;

    /** A coat of filler: its outline, and the so-many-th it is. */
    public record Layer(int number, String path) {}

    /** Something solid: its outline and what it is, for the style. */
    public record Solid(String kind, String path) {}

    /**
     * A width that is told below the cut.
     *
     * @param number of the coat it is of, or 0
     */
    public record Span(double from, double to, double y, int number, double millimetres) {
        public String path() {
            return String.format(
                    Locale.ROOT, "M%.1f %.1fv8M%.1f %.1fv8M%.1f %.1fH%.1f", from, y, to, y, from, y + 4, to);
        }
    }

    public static RepairCut of(Section section) {
        return new Scale(section).drawn();
    }

    /** A section with the scale it is drawn to. */
    private static final class Scale {
        private final Section section;
        private final double wide;
        private final double face;
        private final double back;

        Scale(Section section) {
            this.section = section;
            this.wide = Math.min(DEEP, WIDEST / section.finishedAcross().inMillimetres());
            double over = section.coats().stream()
                    .filter(Coat::isOver)
                    .mapToDouble(coat -> coat.thick().inMillimetres())
                    .sum();
            this.face = ABOVE + DEEP * (over + 1);
            this.back = face
                    + DEEP
                            * Math.max(
                                    section.shell().inMillimetres(),
                                    isOpen() ? 0 : section.hollow().deep().inMillimetres() + 2);
        }

        private boolean isOpen() {
            return section.hollow().end() == End.THROUGH || section.hollow().end() == End.BORE;
        }

        private double left(double across) {
            return MIDDLE - across * wide / 2;
        }

        private double right(double across) {
            return MIDDLE + across * wide / 2;
        }

        RepairCut drawn() {
            List<Layer> layers = layers();
            List<Span> spans = spans();
            double height = back + BELOW + SPAN_HEIGHT * spans.size();
            return new RepairCut(height, back, wall(), paint(), layers, pieces(), spans, Math.max(1, DEEP / wide));
        }

        private String paint() {
            double across = section.hollow().across().inMillimetres();
            return path("M0 %.1fH%.1fM%.1f %.1fH%.1f", face, left(across), right(across), face, WIDTH);
        }

        /** The wall with its hollow out of it. */
        private String wall() {
            Hollow hollow = section.hollow();
            double deep = face + DEEP * hollow.deep().inMillimetres();
            double from = left(hollow.across().inMillimetres());
            double to = right(hollow.across().inMillimetres());
            String start = path("M0 %.1fH%.1f", face, from);
            String end = path("H%.1fV%.1fH0Z", WIDTH, back);
            return switch (hollow.end()) {
                case ROUND -> start + path("Q%.1f %.1f %.1f %.1f", MIDDLE, 2 * deep - face, to, face) + end;
                case FLAT -> start + path("V%.1fH%.1fV%.1f", deep, to, face) + end;
                case POINTED -> start + path("L%.1f %.1fL%.1f %.1f", MIDDLE, deep, to, face) + end;
                case BORE, THROUGH -> {
                    double below = hollow.below().inMillimetres();
                    yield start
                            + path("L%.1f %.1fV%.1fH0Z", left(below), deep, back)
                            + path("M%.1f %.1fH%.1fV%.1fH%.1fV%.1fZ", to, face, WIDTH, back, right(below), deep);
                }
            };
        }

        private List<Layer> layers() {
            List<Layer> layers = new ArrayList<>();
            List<Coat> in =
                    section.coats().stream().filter(coat -> !coat.isOver()).toList();
            Hollow hollow = section.hollow();
            double bottom = hollow.deep().inMillimetres();
            double up = 0;
            for (int n = 0; n < section.coats().size(); n++) {
                Coat coat = section.coats().get(n);
                if (coat.isOver()) {
                    boolean fillsHollow = n == 0 && section.piece() == Piece.TAPE;
                    layers.add(new Layer(n + 1, over(coat, up) + (fillsHollow ? filled(hollow, 0, bottom) : "")));
                    up += coat.thick().inMillimetres();
                } else {
                    // the last takes what is on top, the first all that is below
                    boolean isLast = coat == in.getLast();
                    double to = isLast ? 0 : in.getLast().thick().inMillimetres();
                    double from = n == 0 ? bottom : in.getLast().thick().inMillimetres();
                    layers.add(new Layer(
                            n + 1,
                            filled(hollow, Math.min(to, bottom / 2), n == 0 ? from : Math.min(from, bottom / 2))));
                }
            }
            return layers;
        }

        /** A coat that runs out to nothing on either side. */
        private String over(Coat coat, double up) {
            double across = coat.across().inMillimetres();
            double base = face - DEEP * up;
            double top = base - DEEP * coat.thick().inMillimetres();
            return path(
                    "M%.1f %.1fC%.1f %.1f %.1f %.1f %.1f %.1fC%.1f %.1f %.1f %.1f %.1f %.1fZ",
                    left(across),
                    face,
                    left(across * 0.7),
                    top,
                    left(across * 0.4),
                    top,
                    MIDDLE,
                    top,
                    right(across * 0.4),
                    top,
                    right(across * 0.7),
                    top,
                    right(across),
                    face);
        }

        /** A part of a hollow, from one depth down to another. */
        private String filled(Hollow hollow, double from, double to) {
            double top = face + DEEP * from;
            double low = face + DEEP * to;
            double wideAbove = widthAt(hollow, from);
            double wideBelow = widthAt(hollow, to);
            if (hollow.end() == End.ROUND && to >= hollow.deep().inMillimetres()) {
                return path(
                        "M%.1f %.1fQ%.1f %.1f %.1f %.1fZ",
                        left(wideAbove), top, MIDDLE, 2 * low - top, right(wideAbove), top);
            }
            return path(
                    "M%.1f %.1fL%.1f %.1fH%.1fL%.1f %.1fZ",
                    left(wideAbove), top, left(wideBelow), low, right(wideBelow), right(wideAbove), top);
        }

        private double widthAt(Hollow hollow, double deep) {
            double across = hollow.across().inMillimetres();
            double share = hollow.deep().inMillimetres() == 0
                    ? 1
                    : 1 - deep / hollow.deep().inMillimetres();
            return switch (hollow.end()) {
                case ROUND -> across * Math.sqrt(Math.max(0, share));
                case POINTED -> across * share;
                case BORE -> across * share + section.hollow().below().inMillimetres() * (1 - share);
                case FLAT, THROUGH -> across;
            };
        }

        private List<Solid> pieces() {
            Hollow hollow = section.hollow();
            double under = hollow.deep().inMillimetres();
            return switch (section.piece()) {
                case NONE -> List.of();
                case TAPE -> List.of(tape(TAPE_MM));
                case PATCH -> List.of(patch());
                case PLUG ->
                    List.of(new Solid(
                            "plug",
                            box(hollow.below().inMillimetres(), under, Math.min(under + PLUG_MM, depthOfPicture()))));
                case FASTENERS -> fasteners();
                case FLANGED_PLUG -> List.of(board(), patch());
                case BACKED_PLUG, BOARD -> List.of(backing(), board(), patch());
            };
        }

        /** The old one and the new: the first coat lies over both. */
        private List<Solid> fasteners() {
            double apart = section.coats().getFirst().across().inMillimetres()
                    - section.hollow().across().inMillimetres();
            return List.of(new Solid("plug", fastener(left(apart))), new Solid("plug", fastener(right(apart))));
        }

        /** Over the hole and half a tape's width on to either side. */
        private Solid patch() {
            return tape(section.hollow().across().inMillimetres() + TAPE_MM);
        }

        private Solid tape(double across) {
            return new Solid("tape", path("M%.1f %.1fH%.1f", left(across), face - 1, right(across)));
        }

        private Solid board() {
            double across = section.hollow().across().inMillimetres();
            return new Solid("board", box(across - JOINT_MM, 0, section.shell().inMillimetres()));
        }

        private Solid backing() {
            double across = section.hollow().across().inMillimetres() + 2 * BACKING_PAST_MM;
            double from = section.shell().inMillimetres();
            return new Solid("plug", box(across, from, from + BACKING_MM));
        }

        private double depthOfPicture() {
            return (back - face) / DEEP + 3;
        }

        private String box(double across, double from, double to) {
            return path(
                    "M%.1f %.1fH%.1fV%.1fH%.1fZ",
                    left(across), face + DEEP * from, right(across), face + DEEP * to, left(across));
        }

        private String fastener(double x) {
            return path("M%.1f %.1fh12l-4 6v40h-4v-40z", x - 6, face + 2);
        }

        private List<Span> spans() {
            List<Span> spans = new ArrayList<>();
            double y = back + BELOW;
            double hollow = section.hollow().across().inMillimetres();
            if (section.coats().getFirst().across().inMillimetres() != hollow) {
                spans.add(span(hollow, y, 0));
            }
            for (int n = 0; n < section.coats().size(); n++) {
                double across = section.coats().get(n).across().inMillimetres();
                spans.add(span(across, y + SPAN_HEIGHT * spans.size(), n + 1));
            }
            spans.add(span(section.finishedAcross().inMillimetres(), y + SPAN_HEIGHT * spans.size(), 0));
            return spans;
        }

        private Span span(double across, double y, int number) {
            return new Span(left(across), right(across), y, number, across);
        }

        private static String path(String format, Object... numbers) {
            return String.format(Locale.ROOT, format, numbers);
        }
    }
}
