package lumko.app.reading;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import lumko.app.platform.Plain;
import lumko.app.platform.RefusedException;
import lumko.core.colour.GreyCard;

/** A photo, of which small parts are looked at. Its size is asked before a pixel is read. */
final class Photo {
    static final int MOST_MEGABYTES = 20;

    private static final long MOST_PIXELS = 40_000_000;

    /** A larger photo is read in every second, third … pixel: patches are means of many anyway. */
    private static final double ENOUGH_PIXELS = 2_000_000;

    /** A patch is so wide, as a share of the photo's smaller side. */
    private static final double PATCH = 0.05;

    private static final int MOST_PLACES = 9;

    private final BufferedImage image;

    private Photo(BufferedImage image) {
        this.image = image;
    }

    /** @throws RefusedException if it is no JPEG or PNG, broken, or too large */
    static Photo read(byte[] bytes) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new RefusedException("refused.photoKind");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > MOST_PIXELS) {
                    throw new RefusedException("refused.photoPixels", MOST_PIXELS / 1_000_000);
                }
                ImageReadParam every = reader.getDefaultReadParam();
                int step = (int) Math.max(1, Math.ceil(Math.sqrt(pixels / ENOUGH_PIXELS)));
                every.setSourceSubsampling(step, step, 0, 0);
                return new Photo(reader.read(0, every));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException broken) {
            throw broken instanceof RefusedException known ? known : new RefusedException("refused.photoBroken");
        }
    }

    /**
     * What places of a wall look like beside a card.
     *
     * @param cardAt "x y" as shares of width and height, 0–1
     * @param places of the wall likewise, separated by semicolons
     * @throws RefusedException if they are written otherwise
     */
    List<GreyCard.Estimate> estimates(String cardAt, String places, double cardPercent) {
        GreyCard.Patch card = patch(cardAt);
        List<GreyCard.Estimate> estimates = new ArrayList<>();
        for (String place : places.split(";", MOST_PLACES + 1)) {
            if (estimates.size() >= MOST_PLACES) {
                throw new RefusedException("refused.photoPlaces", MOST_PLACES);
            }
            estimates.add(GreyCard.estimate(card, patch(place), cardPercent));
        }
        return estimates;
    }

    private GreyCard.Patch patch(String at) {
        String[] parts = at.strip().split(" ");
        if (parts.length != 2) {
            throw new RefusedException("refused.photoTaps");
        }
        int side = (int) Math.max(3, PATCH * Math.min(image.getWidth(), image.getHeight()));
        int left = start(parts[0], image.getWidth(), side);
        int top = start(parts[1], image.getHeight(), side);
        int width = Math.min(side, image.getWidth());
        int height = Math.min(side, image.getHeight());
        return GreyCard.Patch.of(image.getRGB(left, top, width, height, null, 0, width));
    }

    private static int start(String share, int length, int side) {
        double value = Plain.number(share).orElse(Double.NaN);
        if (!(value >= 0 && value <= 1)) {
            throw new RefusedException("refused.photoTaps");
        }
        return (int) Math.max(0, Math.min(length - (double) side, value * length - side / 2.0));
    }
}
