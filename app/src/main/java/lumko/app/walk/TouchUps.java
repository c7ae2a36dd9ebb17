package lumko.app.walk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import lumko.app.account.Access;
import lumko.app.figure.Figures;
import lumko.app.house.Flat;
import lumko.app.house.Surface;
import lumko.app.house.Turnover;
import lumko.app.platform.Speaker;
import lumko.app.practice.Practices;
import lumko.core.geometry.Raking;
import lumko.core.geometry.Wall;
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
    private static final int PICTURE_WIDE = 300;

    private static final int PICTURE_HIGH = 200;

    /** A stipple hardly packs: time is worth more than a tenth of the size. 1 is not packed at all. */
    private static final float QUICKLY = 0.9f;

    /** While a hand moves a handle the mark, its wall and its flat stay as they were when the page was opened. */
    private static final Duration IN_HAND = Duration.ofMinutes(2);

    private static final int MOST_IN_HAND = 200;

    private record InHand(UUID organisation, UUID person, UUID mark) {}

    private final Cache<InHand, OnBench> inHand = Caffeine.newBuilder()
            .expireAfterWrite(IN_HAND)
            .maximumSize(MOST_IN_HAND)
            .build();

    private final Walks walks;
    private final Practices practices;
    private final Figures figures;
    private final Access access;
    private final Speaker speaker;

    TouchUps(Walks walks, Practices practices, Figures figures, Access access, Speaker speaker) {
        this.access = access;
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

    /** The mark as it was when its page was opened, or as it is now. */
    @Transactional(readOnly = true)
    public OnBench inHand(UUID markId) {
        OnBench known = inHand.getIfPresent(key(markId));
        return known == null ? of(markId) : known;
    }

    private InHand key(UUID markId) {
        return new InHand(access.member().organisationId(), access.member().personId(), markId);
    }

    @Transactional(readOnly = true)
    public OnBench of(UUID markId) {
        OnBench bench = read(markId);
        inHand.put(key(markId), bench);
        return bench;
    }

    private OnBench read(UUID markId) {
        RepairedMark repaired = walks.repaired(markId);
        WalkedWall wall = repaired.wall();
        Flat flat = wall.flat();
        OptionalInt viewing = Walks.daysToViewing(flat, speaker.today());
        SurfaceCase surface = Walks.asCase(flat, wall.surface(), wall.found(), wall.around(), viewing);
        return new OnBench(
                repaired,
                new TouchUp(
                        surface,
                        repaired.repair(),
                        elevation(repaired),
                        practices.of(flat.turnover().map(Turnover::id)),
                        figures.catalogue()),
                viewing);
    }

    /** By the window in the wall that the light comes from. */
    private static OptionalDouble elevation(RepairedMark repaired) {
        Surface surface = repaired.wall().surface();
        List<Surface> walls = repaired.wall().room().walls().toList();
        int at = walls.stream().map(Surface::id).toList().indexOf(surface.id());
        if (at < 0) {
            return OptionalDouble.empty();
        }
        Wall right = walls.get((at + 1) % walls.size()).asWall();
        Length fromLeft = repaired.mark().mark().centre().fromLeft();
        return switch (surface.light()) {
            case FROM_LEFT ->
                Raking.elevation(
                        walls.get((at + walls.size() - 1) % walls.size()).asWall(), true, fromLeft);
            case FROM_RIGHT ->
                Raking.elevation(right, false, surface.asWall().width().minus(fromLeft));
            // only of a room with four walls it is known which is across
            case FACING ->
                walls.size() == 4
                        ? Raking.facing(walls.get((at + 2) % 4).asWall(), right.width(), fromLeft)
                        : OptionalDouble.empty();
            case SAME_WALL, NONE -> OptionalDouble.empty();
        };
    }

    /**
     * A piece of wall from the front, as a PNG that stands in the page itself: figure and picture arrive together.
     *
     * @param across how much of the wall is drawn, mm
     */
    static String picture(Scene scene, double days, double across) {
        return picture(scene, days, across, PICTURE_WIDE, PICTURE_HIGH);
    }

    /** The same as small as a thumb. */
    static String small(Scene scene, double days, double across) {
        return picture(scene, days, across, PICTURE_WIDE / 2, PICTURE_HIGH / 2);
    }

    private static String picture(Scene scene, double days, double across, int wide, int high) {
        BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        int[] rgb = scene.picture(View.FRONT, days, wide, high, across).onScreen();
        image.setRGB(0, 0, wide, high, rgb, 0, wide);
        try {
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
            ImageWriteParam quickly = writer.getDefaultWriteParam();
            quickly.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            quickly.setCompressionQuality(QUICKLY);
            try (ImageOutputStream out = ImageIO.createImageOutputStream(png)) {
                writer.setOutput(out);
                writer.write(null, new IIOImage(image, null, null), quickly);
            } finally {
                writer.dispose();
            }
            return "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray());
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
