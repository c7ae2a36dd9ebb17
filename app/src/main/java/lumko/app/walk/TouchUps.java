package lumko.app.walk;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import javax.imageio.ImageIO;
import lumko.app.figure.Figures;
import lumko.app.house.Surface;
import lumko.app.house.Turnover;
import lumko.app.platform.Speaker;
import lumko.app.practice.Practices;
import lumko.core.drying.Climate;
import lumko.core.geometry.Raking;
import lumko.core.geometry.Wall;
import lumko.core.geometry.WindowLight;
import lumko.core.judge.Scrutiny;
import lumko.core.judge.SurfaceCase;
import lumko.core.judge.TouchUp;
import lumko.core.quantity.Length;
import lumko.core.visibility.Scene;
import lumko.core.visibility.View;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Marks as they would be touched up, to be tried before a brush is wet. */
@Service
public class TouchUps {
    /** Enough to show a stipple, few enough to follow a hand. */
    private static final int PICTURE = 320;

    private final Walks walks;
    private final Practices practices;
    private final Figures figures;
    private final Speaker speaker;

    TouchUps(Walks walks, Practices practices, Figures figures, Speaker speaker) {
        this.walks = walks;
        this.practices = practices;
        this.figures = figures;
        this.speaker = speaker;
    }

    /**
     * A mark to be tried on.
     *
     * @param daysToViewing empty where nobody is expected
     */
    public record OnBench(RepairedMark repaired, TouchUp touchUp, OptionalInt daysToViewing) {}

    @Transactional(readOnly = true)
    public OnBench of(UUID markId) {
        RepairedMark repaired = walks.repaired(markId);
        WalkedWall wall = repaired.wall();
        Optional<Turnover> turnover = wall.flat().turnover();
        OptionalInt viewing = turnover.flatMap(Turnover::viewingOn)
                .map(day -> OptionalInt.of((int) ChronoUnit.DAYS.between(speaker.today(), day)))
                .orElse(OptionalInt.empty());
        SurfaceCase surface = new SurfaceCase(
                        wall.found(),
                        wall.around(),
                        wall.flat().house().site(),
                        wall.surface().light(),
                        Climate.REFERENCE,
                        viewing)
                .under(turnover.map(Turnover::scrutiny).orElse(Scrutiny.AS_USUAL));
        return new OnBench(
                repaired,
                new TouchUp(
                        surface,
                        repaired.repair(),
                        elevation(repaired),
                        practices.of(turnover.map(Turnover::id)),
                        figures.catalogue()),
                viewing);
    }

    /** By the window in the wall that the light comes from. */
    private static OptionalDouble elevation(RepairedMark repaired) {
        Surface surface = repaired.wall().surface();
        if (!surface.light().isRaking()) {
            return OptionalDouble.empty();
        }
        List<Surface> walls = repaired.wall().room().walls().toList();
        int at = walls.stream().map(Surface::id).toList().indexOf(surface.id());
        boolean isLeft = surface.light() == WindowLight.FROM_LEFT;
        Wall neighbour =
                walls.get((at + (isLeft ? walls.size() - 1 : 1)) % walls.size()).asWall();
        Length fromLeft = repaired.mark().mark().centre().fromLeft();
        Length fromCorner = isLeft
                ? fromLeft
                : Length.ofMillimetres(surface.asWall().width().inMillimetres() - fromLeft.inMillimetres());
        return Raking.elevation(neighbour, isLeft, fromCorner);
    }

    /** The piece of wall from the front, as a PNG. */
    static byte[] picture(Scene scene, double days) {
        BufferedImage image = new BufferedImage(PICTURE, PICTURE, BufferedImage.TYPE_INT_RGB);
        int[] rgb = scene.picture(View.FRONT, days, PICTURE, PICTURE).onScreen();
        image.setRGB(0, 0, PICTURE, PICTURE, rgb, 0, PICTURE);
        try {
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(image, "png", png);
            return png.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
