package lumko.core.judge;

import static lumko.core.job.Given.FIGURES;
import static lumko.core.job.Given.nail;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Action;
import lumko.core.job.JobPlanner;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;
import lumko.core.repair.Mark;
import lumko.core.visibility.TouchUpTool;
import lumko.core.visibility.View;
import lumko.core.visibility.Visibility;
import org.junit.jupiter.api.Test;

class TouchUpTest {
    private static final Mark NAIL = nail(1500, 1500);

    private static TouchUp of(SurfaceCase surface, Practice practice) {
        JobPlanner planner = new JobPlanner(FIGURES, practice);
        return new TouchUp(
                surface,
                planner.repair(NAIL, surface.face().with(Action.DAB), surface.job(Action.DAB)),
                OptionalDouble.empty(),
                practice,
                FIGURES);
    }

    private static double gone(TouchUp touchUp, TouchUp.Tried tried, double off) {
        return new Visibility(touchUp.scene(tried, off).orElseThrow()).goneFrom(View.FRONT, 30, Visibility.LOOKED_FOR);
    }

    private static double score(TouchUp touchUp, TouchUp.Tried tried) {
        return new Visibility(touchUp.scene(tried).orElseThrow()).score(View.FRONT, 2, 30);
    }

    @Test
    void aWashedWallIsNearerToItsPaintThanASoiledOne() {
        TouchUp old = of(Cases.wall(Cases.MATT, 9, PaintBasis.SAME_TIN, List.of(NAIL)), Practice.STARTING);
        TouchUp.Tried washed = new TouchUp.Tried(50, TouchUpTool.ROLLER_END, 40, true);
        TouchUp.Tried unwashed = new TouchUp.Tried(50, TouchUpTool.ROLLER_END, 40, false);
        assertThat(score(old, washed)).isLessThan(score(old, unwashed));
    }

    @Test
    void aBatchThatIsOffShowsFromFurtherAway() {
        TouchUp young = of(Cases.wall(Cases.MATT, 1, PaintBasis.BOUGHT_AGAIN, List.of(NAIL)), Practice.STARTING);
        assertThat(young.spread()).isPositive();
        assertThat(gone(young, young.usual(), 3)).isGreaterThan(gone(young, young.usual(), 0));
    }

    @Test
    void theToolIsThatOfTheHouse() {
        SurfaceCase wall = Cases.wall(PaintBasis.SAME_TIN, List.of(NAIL));
        assertThat(of(wall, Practice.STARTING.with(School.TOUCH_UP_BRUSH))
                        .usual()
                        .tool())
                .isEqualTo(TouchUpTool.BRUSH);
        assertThat(of(wall, Practice.STARTING.with(School.FOAM_PAD)).usual().tool())
                .isEqualTo(TouchUpTool.FOAM_PAD);
        assertThat(of(wall, Practice.STARTING.with(School.ROLLER_NEARLY_DRY))
                        .usual()
                        .tool())
                .isEqualTo(TouchUpTool.ROLLER);
    }

    @Test
    void rakingLightIsFlatterThanLightFromTheFront() {
        SurfaceCase wall = Cases.wall(PaintBasis.SAME_TIN, List.of(NAIL));
        double facing = of(wall, Practice.STARTING).usual().elevation();
        double raking = of(Cases.lit(wall, WindowLight.FROM_LEFT), Practice.STARTING)
                .usual()
                .elevation();
        assertThat(raking).isLessThan(facing);
    }

    @Test
    void aWallWhoseColourNobodyKnowsCannotBeTried() {
        SurfaceCase unknown = Cases.wall(Film.UNKNOWN, 1, PaintBasis.UNKNOWN, List.of(NAIL));
        TouchUp touchUp = of(unknown, Practice.STARTING);
        assertThat(touchUp.scene(touchUp.usual())).isEqualTo(Optional.empty());
    }

    @Test
    void aTorchAlongTheWallShowsWhatTheRoomDoesNot() {
        SurfaceCase wall = Cases.lit(Cases.wall(PaintBasis.SAME_TIN, List.of(NAIL)), WindowLight.NONE);
        TouchUp touchUp = of(wall, Practice.STARTING);
        TouchUp.Tried inTheRoom = new TouchUp.Tried(0, TouchUpTool.BRUSH, 12, false);
        TouchUp.Tried byTorch = new TouchUp.Tried(0, TouchUpTool.BRUSH, 12, false, true);
        assertThat(score(touchUp, byTorch)).isGreaterThan(score(touchUp, inTheRoom));
    }
}
