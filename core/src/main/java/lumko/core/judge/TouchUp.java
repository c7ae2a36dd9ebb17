package lumko.core.judge;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.fault.Fault;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.Ageing;
import lumko.core.film.Hiding;
import lumko.core.geometry.WindowLight;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.repair.Repair;
import lumko.core.visibility.Light;
import lumko.core.visibility.Paints;
import lumko.core.visibility.Patch;
import lumko.core.visibility.Scene;
import lumko.core.visibility.Stipples;
import lumko.core.visibility.TouchUpTool;

/**
 * A mark as it would be touched up, for trying before a brush is wet: the wall's colour as it is likely today, the paint that
 * goes on, the filler under it, and the light of its room.
 *
 * <p><i>Limits</i>: colours are those on record, aged by the usual rates until somebody reads them; how far batch and age may
 * be off is tried beside it, not hidden in it.
 */
public final class TouchUp {
    /** Paint goes so far beyond the filler that its edge lies on sound paint, in mm on each side. ASSUMPTION. */
    private static final double BEYOND_FILLER = 4;

    /** Where no window is, a lamp under the ceiling shows what is dented. ASSUMPTION. */
    private static final Light LAMP = new Light(0.4, 90, 30);

    /** A film that lets nothing through. */
    private static final double OPAQUE = 0.99;

    /** Where the gloss of a film is not known. ASSUMPTION: matt. */
    static final double USUAL_GLOSS = 4;

    /** Nobody draws a small spot out further than so many times its width. ASSUMPTION. */
    private static final double RING_TO_SPOT = 2;

    /** A ring that a hand makes without thinking, in mm. ASSUMPTION. */
    static final double FEATHER = 50;

    /** A window across the room lights a wall nearly straight on; one beside the place lets light glance along it. ASSUMPTION. */
    private static final double FACING_ELEVATION = 70;

    private static final double GLARE_ELEVATION = 25;
    private static final double RAKING_ELEVATION = 20;

    private final SurfaceCase surface;
    private final Repair repair;
    private final Practice practice;
    private final OptionalDouble elevation;
    private final Catalogue figures;

    /** @param elevation of raking light above the wall at the mark, in degrees, where its window is known */
    public TouchUp(SurfaceCase surface, Repair repair, OptionalDouble elevation, Practice practice, Catalogue figures) {
        this.surface = surface;
        this.repair = repair;
        this.practice = practice;
        this.elevation = elevation;
        this.figures = figures;
    }

    /**
     * What can be tried.
     *
     * @param feather width of the ring, mm
     * @param elevation of the light above the wall, in degrees
     * @param isWashed whether the wall is washed first
     * @param isByTorch whether a torch is held along the wall, from where its window is or from the left
     */
    public record Tried(double feather, TouchUpTool tool, double elevation, boolean isWashed, boolean isByTorch) {
        /** In the light of the room. */
        public Tried(double feather, TouchUpTool tool, double elevation, boolean isWashed) {
            this(feather, tool, elevation, isWashed, false);
        }

        public Tried withFeather(double other) {
            return new Tried(other, tool, elevation, isWashed, isByTorch);
        }
    }

    /** How this house would do it in this room. */
    public Tried usual() {
        return new Tried(
                usualRing(), tool(practice), Math.rint(elevation.orElse(usualElevation(surface.light()))), false);
    }

    private double usualRing() {
        return Math.max(10, 5 * Math.rint(ring(repair.finishedAcross().inMillimetres(), FEATHER) / 5));
    }

    /** How wide the ring round a spot is drawn out, in mm. */
    static double ring(double across, double widest) {
        return Math.min(widest, RING_TO_SPOT * across);
    }

    /** How flat light falls on a wall whose window's place is not known, in degrees. */
    static double usualElevation(WindowLight light) {
        return switch (light) {
            case FROM_LEFT, FROM_RIGHT -> RAKING_ELEVATION;
            case FACING -> FACING_ELEVATION;
            case SAME_WALL, NONE -> GLARE_ELEVATION;
        };
    }

    /** What spots are put on with in a house's practice. */
    static TouchUpTool tool(Practice practice) {
        if (practice.is(School.ROLLER_NEARLY_DRY)) {
            return TouchUpTool.ROLLER;
        }
        if (practice.is(School.TOUCH_UP_BRUSH)) {
            return TouchUpTool.BRUSH;
        }
        return practice.is(School.FOAM_PAD) ? TouchUpTool.FOAM_PAD : TouchUpTool.ROLLER_END;
    }

    /** How far colour may be off for all spots of this wall, ΔE00, one standard deviation. */
    public double spread() {
        return new SharedSpread(figures).of(surface).colour();
    }

    /** Diameter of what is covered wholly, in mm. */
    public double centre() {
        return patch(usual()).centre();
    }

    /** Days until fresh paint no longer gives itself away by its sheen. */
    public double tonesDownDays() {
        return figures.limit(Figure.SHEEN_TONES_DOWN);
    }

    /** The score below which it is gone for one who looks for it: the painter, an inspection. */
    public double lookedFor() {
        return figures.limit(Figure.HARDLY_SEEN);
    }

    /** The score below which it is gone for one who does not: a viewing. */
    public double notLookedFor() {
        return figures.limit(Figure.CLEARLY_SEEN);
    }

    /** The scene; empty where a colour is not known: without it nothing can be tried. */
    public Optional<Scene> scene(Tried tried) {
        return scene(tried, 0);
    }

    /** @param off how much lighter than on record the paint turns out, ΔE00 */
    public Optional<Scene> scene(Tried tried, double off) {
        return paints(tried.isWashed(), off)
                .map(paints -> new Scene(patch(tried), paints, TouchUpTool.ROLLER, light(tried), stipples(figures)));
    }

    /** The colours and sheens, with the wall washed or as it is. */
    public Optional<Paints> paints(boolean isWashed, double off) {
        Optional<Lab> fresh = surface.colour();
        Optional<Lab> paint = surface.face().goesOn().film().colour();
        if (fresh.isEmpty() || paint.isEmpty()) {
            return Optional.empty();
        }
        double wallGloss = surface.gloss().orElse(USUAL_GLOSS);
        double gloss = surface.face().goesOn().film().gloss60().orElse(wallGloss);
        Lab today = today(surface, fresh.get(), isWashed);
        DataSheet sheet = surface.face().goesOn().sheet().orElse(DataSheet.USUAL);
        Lab turnedOut = new Lab(
                Math.min(100, paint.get().lightness() + off),
                paint.get().a(),
                paint.get().b());
        Hiding hiding = Hiding.of(
                SmoothReflectance.of(turnedOut, Colorimetry.DAYLIGHT), sheet.contrastRatio(), sheet.dryMicrometres());
        return Optional.of(Paints.of(
                SmoothReflectance.of(today, Colorimetry.DAYLIGHT),
                hiding,
                sheet.dryMicrometres(),
                wallGloss,
                gloss,
                surface.climate().temperature().inCelsius()));
    }

    /** A wall's colour as it is likely today. */
    static Lab today(SurfaceCase surface, Lab fresh, boolean isWashed) {
        return Ageing.of(
                        fresh,
                        surface.age(),
                        surface.room().kind(),
                        surface.light(),
                        surface.gloss().orElse(USUAL_GLOSS),
                        surface.face()
                                .stack()
                                .seen()
                                .flatMap(coat -> coat.film().binder())
                                .orElse(Binder.WATERBORNE),
                        isWashed)
                .likely();
    }

    /**
     * The fault as it is, if nobody touches it: a dark hole, a dent in the wall's own colour, or a mark a little darker than it.
     * ASSUMPTION: how dark.
     */
    public Optional<Scene> leftAlone(Fault fault, double elevation) {
        return paints(false, 0).map(paints -> {
            Lab today = today(surface, surface.colour().orElseThrow(), false);
            double wallGloss = surface.gloss().orElse(USUAL_GLOSS);
            double darker = darker(fault);
            double across = Math.clamp(extent(fault).inMillimetres(), Patch.CENTRE.low(), Patch.CENTRE.high());
            Lab there = new Lab(Math.max(0, today.lightness() - darker), today.a(), today.b());
            double deep = Math.min(Patch.PROUD.high(), fault.measures().depth().inMillimetres());
            boolean isDent = darker == 0;
            return new Scene(
                    new Patch(across, 0, TouchUpTool.ROLLER_END, isDent ? across : 0, isDent ? -deep : 0, false, true),
                    films(today, there, wallGloss),
                    TouchUpTool.ROLLER,
                    surface.light() == WindowLight.NONE ? LAMP : light(surface.light(), elevation, figures),
                    stipples(figures));
        });
    }

    /** The wall without any spot on it, as it is once it has been rolled. */
    public Optional<Scene> bare(Tried tried) {
        double wallGloss = surface.gloss().orElse(USUAL_GLOSS);
        return surface.face()
                .goesOn()
                .film()
                .colour()
                .filter(colour -> surface.colour().isPresent())
                .map(paint -> new Scene(
                        Patch.of(Patch.CENTRE.low(), 0, TouchUpTool.ROLLER),
                        films(paint, paint, wallGloss),
                        TouchUpTool.ROLLER,
                        light(tried),
                        stipples(figures)));
    }

    private Paints films(Lab wall, Lab there, double gloss) {
        return Paints.of(
                SmoothReflectance.of(wall, Colorimetry.DAYLIGHT),
                Hiding.of(SmoothReflectance.of(there, Colorimetry.DAYLIGHT), OPAQUE, DataSheet.USUAL.dryMicrometres()),
                DataSheet.USUAL.dryMicrometres(),
                gloss,
                gloss,
                surface.climate().temperature().inCelsius());
    }

    /** Of a line, how wide it is. */
    private static Length extent(Fault fault) {
        return fault instanceof Fault.Line ? fault.measures().depth() : fault.extent();
    }

    private static double darker(Fault fault) {
        return switch (fault.kind()) {
            case NAIL_HOLE, SCREW_HOLE, ANCHOR, TOGGLE, HOLE, GOUGE, BOX_GAP, CRACK, JOINT_CRACK, FAILED_CAULK -> 50;
            case STAIN, SMOKE, MOULD, RUST, GREASE, SCUFF, BARE_SURFACE, FLAKING, TAPE_TEAR, TRIM_CHIP -> 8;
            case OLD_TOUCH_UP,
                    SHOWS_THROUGH,
                    HALO,
                    PALE_SHAPES,
                    OLD_SHEEN,
                    LAP_MARK,
                    BLEED,
                    WAVY_LINE,
                    WALLPAPER_REMAINS -> 2;
            case DING,
                    HOLLOW_REPAIR,
                    POPPED_FASTENER,
                    PROUD_RIM,
                    SMOOTH_ISLAND,
                    GLASSY_PLASTER,
                    PANEL_OR_PAPER,
                    RUN,
                    PLASTER_ON_BEAD,
                    LUMPY_PLASTER,
                    PROUD_FILLER,
                    NIBS -> 0;
        };
    }

    private Patch patch(Tried tried) {
        boolean isFilled = repair.filler().inLitres() > 0;
        Patch level = patch(repair.finishedAcross().inMillimetres(), isFilled, tried.feather(), tried.tool());
        return isFilled ? level.with(figures.length(Figure.FILLER_FLUSH).inMillimetres()) : level;
    }

    /**
     * The spot that a repair leaves, level with the wall.
     *
     * @param across how wide the repair is, mm
     * @param feather width of the ring, mm
     */
    static Patch patch(double across, boolean isFilled, double feather, TouchUpTool tool) {
        double filler = Math.min(Patch.FILLER.high(), across);
        double centre = Math.clamp(filler + 2 * BEYOND_FILLER, Patch.CENTRE.low(), Patch.CENTRE.high());
        return new Patch(centre, feather, tool, isFilled ? filler : 0, 0, isFilled, true);
    }

    private Light light(Tried tried) {
        return tried.isByTorch()
                ? Light.torch(surface.light() == WindowLight.FROM_RIGHT ? 0 : 180, tried.elevation())
                : light(surface.light(), tried.elevation(), figures);
    }

    /** The light of a room on one of its walls. */
    static Light light(WindowLight from, double elevation, Catalogue figures) {
        double raking = figures.share(Figure.LIGHT_RAKING);
        double window = figures.share(Figure.LIGHT_WINDOW);
        return switch (from) {
            case FROM_LEFT -> new Light(raking, 180, elevation);
            case FROM_RIGHT -> new Light(raking, 0, elevation);
            case FACING -> new Light(window, 90, elevation);
            case SAME_WALL -> new Light(window, 0, elevation);
            case NONE -> Light.EVEN;
        };
    }

    /** The reliefs that tools leave, as the figures have them. */
    static Stipples stipples(Catalogue figures) {
        Map<TouchUpTool, Double> reliefs = new EnumMap<>(TouchUpTool.class);
        for (TouchUpTool tool : TouchUpTool.values()) {
            Figure figure = switch (tool) {
                case BRUSH -> Figure.RELIEF_BRUSH;
                case FOAM_PAD -> Figure.RELIEF_FOAM_PAD;
                case ROLLER_END -> Figure.RELIEF_ROLLER_END;
                case ROLLER -> Figure.RELIEF_ROLLER;
                case LONG_NAP -> Figure.RELIEF_LONG_NAP;
            };
            reliefs.put(tool, figures.length(figure).inMillimetres() * 1000);
        }
        return new Stipples(reliefs);
    }
}
