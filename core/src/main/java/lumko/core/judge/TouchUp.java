package lumko.core.judge;

import java.util.Optional;
import java.util.OptionalDouble;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.figure.Catalogue;
import lumko.core.film.Ageing;
import lumko.core.film.Hiding;
import lumko.core.geometry.WindowLight;
import lumko.core.paint.Binder;
import lumko.core.paint.DataSheet;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.repair.Repair;
import lumko.core.visibility.Light;
import lumko.core.visibility.Paints;
import lumko.core.visibility.Patch;
import lumko.core.visibility.Scene;
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

    /** Filler that is felt to be flush still stands out so far, in mm. ASSUMPTION. */
    private static final double FLUSH_WITHIN = 0.03;

    /** Where the gloss of a film is not known. ASSUMPTION: matt. */
    private static final double USUAL_GLOSS = 4;

    private static final double DAYLIGHT_ELEVATION = 40;
    private static final double RAKING_ELEVATION = 20;

    private final SurfaceCase surface;
    private final Repair repair;
    private final Practice practice;
    private final OptionalDouble elevation;
    private final double spread;

    /** @param elevation of raking light above the wall at the mark, in degrees, where its window is known */
    public TouchUp(SurfaceCase surface, Repair repair, OptionalDouble elevation, Practice practice, Catalogue figures) {
        this.surface = surface;
        this.repair = repair;
        this.practice = practice;
        this.elevation = elevation;
        this.spread = new SharedSpread(figures).of(surface).colour();
    }

    /**
     * What can be tried.
     *
     * @param feather width of the ring, mm
     * @param elevation of the light above the wall, in degrees
     * @param isWashed whether the wall is washed first
     */
    public record Tried(double feather, TouchUpTool tool, double elevation, boolean isWashed) {
        public Tried withFeather(double other) {
            return new Tried(other, tool, elevation, isWashed);
        }
    }

    /** How this house would do it in this room. */
    public Tried usual() {
        double usually = surface.light().isRaking() ? RAKING_ELEVATION : DAYLIGHT_ELEVATION;
        return new Tried(50, tool(), Math.rint(elevation.orElse(usually)), false);
    }

    private TouchUpTool tool() {
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
        return spread;
    }

    /** The scene; empty where a colour is not known: without it nothing can be tried. */
    public Optional<Scene> scene(Tried tried) {
        return scene(tried, 0);
    }

    /** @param off how much lighter than on record the paint turns out, ΔE00 */
    public Optional<Scene> scene(Tried tried, double off) {
        return paints(tried.isWashed(), off)
                .map(paints -> new Scene(patch(tried), paints, TouchUpTool.ROLLER, light(tried.elevation())));
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
        Lab today = Ageing.of(
                        fresh.get(),
                        surface.age(),
                        surface.room().kind(),
                        surface.light(),
                        wallGloss,
                        surface.face()
                                .stack()
                                .seen()
                                .flatMap(coat -> coat.film().binder())
                                .orElse(Binder.WATERBORNE),
                        isWashed)
                .likely();
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

    private Patch patch(Tried tried) {
        double filler = Math.min(Patch.FILLER.high(), repair.finishedAcross().inMillimetres());
        double centre = Math.clamp(filler + 2 * BEYOND_FILLER, Patch.CENTRE.low(), Patch.CENTRE.high());
        boolean isFilled = repair.filler().inLitres() > 0;
        return new Patch(
                centre,
                tried.feather(),
                tried.tool(),
                isFilled ? filler : 0,
                isFilled ? FLUSH_WITHIN : 0,
                isFilled,
                true);
    }

    private Light light(double elevation) {
        WindowLight from = surface.light();
        return switch (from) {
            case FROM_LEFT -> Light.raking(180, elevation);
            case FROM_RIGHT -> Light.raking(0, elevation);
            case FACING -> Light.facing(90, elevation);
            case SAME_WALL -> Light.facing(0, elevation);
            case NONE -> Light.EVEN;
        };
    }
}
