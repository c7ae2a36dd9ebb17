package lumko.core.judge;

import java.util.Map;
import java.util.Optional;
import lumko.core.colour.Lab;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Action;
import lumko.core.job.JobPlanner;
import lumko.core.paint.DataSheet;
import lumko.core.quantity.Length;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;
import lumko.core.visibility.Look;
import lumko.core.visibility.Patch;
import lumko.core.visibility.Scores;
import lumko.core.visibility.Stipples;
import lumko.core.visibility.TouchUpTool;
import lumko.core.visibility.View;

/**
 * The spots of a surface as they would be painted, each by the scores that its simulation gives. Sizes are taken in steps, so
 * that spots that look the same are simulated once.
 */
final class Spots {
    /** From one size to the next. */
    private static final double STEP = 1.3;

    /** From one gloss to the next: its lobe is half as wide for four times the gloss. */
    private static final double GLOSS_STEP = 1.5;

    /** How much of a thin film comes through hardly depends on the paint. */
    private static final double HIDES_IN_STEPS = 0.01;

    /** Where nothing is known of a wall it is taken for a light one. */
    private static final Lab USUAL = new Lab(85, 0, 5);

    private final SurfaceCase surface;
    private final Catalogue figures;
    private final JobPlanner planner;
    private final Lookers lookers;
    private final Stipples stipples;
    private final Lab wall;
    private final Lab paint;
    private final double gloss;

    Spots(SurfaceCase surface, Catalogue figures, JobPlanner planner) {
        this.surface = surface;
        this.figures = figures;
        this.planner = planner;
        this.lookers = new Lookers(figures);
        this.stipples = TouchUp.stipples(figures);
        Lab fresh = surface.colour().orElse(USUAL);
        this.wall = rounded(TouchUp.today(surface, fresh, surface.manner().isWashed()));
        this.paint = rounded(surface.face()
                .goesOn()
                .film()
                .colour()
                .filter(colour -> surface.colour().isPresent())
                .orElse(fresh));
        this.gloss = surface.gloss().orElse(TouchUp.USUAL_GLOSS);
    }

    /** As fine as a wall is known, so that walls of one paint share their tables. */
    private static Lab rounded(Lab colour) {
        return new Lab(tenth(colour.lightness()), tenth(colour.a()), tenth(colour.b()));
    }

    private static double tenth(double value) {
        return Math.rint(value * 10) / 10;
    }

    /** How much shinier than the wall the paint is meant to be once it has cured, in gloss units. */
    double shinier() {
        return surface.face().goesOn().film().gloss60().orElse(gloss)
                - surface.gloss().orElse(gloss);
    }

    /** What makes spots look the same. */
    record Like(double across, boolean isFilled, boolean isFeathered, boolean isAtEyeLevel) {}

    /**
     * How such a spot scores.
     *
     * @param well from the front and along the wall, done as usual
     * @param poor the same with filler that stands out
     * @param seenFrom the score from which half of the lookers see one
     */
    record Scored(Map<View, Scores> well, Map<View, Scores> poor, double seenFrom) {}

    /** What a mark will look like; empty where nothing is painted. */
    Optional<Like> like(Mark mark, Action action) {
        Repair repair = planner.repair(mark, surface.face().with(action), surface.job(action));
        if (repair.paintAfter() == Repair.PaintAfter.NOTHING) {
            return Optional.empty();
        }
        return Optional.of(new Like(
                step(Math.max(1, repair.finishedAcross().inMillimetres()), STEP),
                repair.filler().inLitres() > 0,
                action == Action.FEATHER,
                isAtEyeLevel(mark, surface, figures)));
    }

    private static double step(double value, double step) {
        return Math.pow(step, Math.rint(Math.log(value) / Math.log(step)));
    }

    Scored scored(Like like) {
        TouchUpTool tool = TouchUp.tool(planner.practice());
        Patch patch = TouchUp.patch(
                like.across(),
                like.isFilled(),
                like.isFeathered()
                        ? TouchUp.ring(like.across(), surface.manner().feather())
                        : 0,
                tool);
        double flush = figures.length(Figure.FILLER_FLUSH).inMillimetres();
        double proud = figures.length(Figure.FILLER_PROUD).inMillimetres();
        double tolerated = lookers.tolerated(surface.room().kind(), surface.scrutiny())
                * (like.isAtEyeLevel() ? 1 : figures.factor(Figure.LESS_LOOKED_AT));
        return new Scored(scores(patch, flush), scores(patch, like.isFilled() ? proud : flush), tolerated);
    }

    private Map<View, Scores> scores(Patch patch, double proud) {
        return Map.of(View.FRONT, scores(patch, proud, View.FRONT), View.ALONG, scores(patch, proud, View.ALONG));
    }

    private Scores scores(Patch patch, double proud, View view) {
        WindowLight light = surface.light();
        DataSheet sheet = surface.face().goesOn().sheet().orElse(DataSheet.USUAL);
        Look look = new Look(
                patch,
                TouchUpTool.ROLLER,
                stipples,
                TouchUp.light(light, TouchUp.usualElevation(light), figures),
                light == WindowLight.NONE ? TouchUp.USUAL_GLOSS : step(Math.clamp(gloss, 1, 90), GLOSS_STEP),
                Math.clamp(Math.rint(sheet.contrastRatio() / HIDES_IN_STEPS) * HIDES_IN_STEPS, 0.5, 0.98),
                DataSheet.USUAL.dryMicrometres(),
                view,
                lookers.distance(surface.room().kind()).inMetres());
        return Scores.of(look, wall, paint, proud);
    }

    /** Whether one looks at it without raising or bending the head. */
    static boolean isAtEyeLevel(Mark mark, SurfaceCase surface, Catalogue figures) {
        Length from = figures.length(Figure.EYE_BAND_FROM);
        Length to = figures.length(Figure.EYE_BAND_TO);
        return !surface.face().isCeiling() && surface.face().asStoodBefore(mark).reachesInto(from, to);
    }
}
