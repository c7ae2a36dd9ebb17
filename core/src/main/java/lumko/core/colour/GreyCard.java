package lumko.core.colour;

import lumko.core.quantity.Limits;

/**
 * The colour of a surface from a photo that shows a grey card in the same light. What the card should look like sets brightness
 * and cast of the light right; a camera's own curve and colours cannot be set right, so that the result is an estimate only.
 */
public final class GreyCard {
    /** What is printed on usual cards: 18 % of the light. */
    public static final double USUAL = 0.18;

    /** What a card can give back of the light. */
    public static final Limits REFLECTANCE = new Limits("grey card", 5, 95, "%");

    /** How far the estimate may be off, ΔE00. ASSUMPTION: phones render colours to please, not to measure. */
    public static final double UNCERTAINTY = 4;

    private static final double MOST_AT_THE_LIMIT = 0.02;
    private static final double DARKEST = 0.02;
    private static final double STRONGEST_CAST = 4;

    private GreyCard() {}

    /**
     * A part of a photo.
     *
     * @param red mean, linear in light, 0–1
     * @param green likewise
     * @param blue likewise
     * @param atTheLimit share of its pixels that have a channel at its upper end
     */
    public record Patch(double red, double green, double blue, double atTheLimit) {
        /**
         * The mean of pixels as a photo has them, eight bits a channel by the standard curve of screens.
         *
         * @param pixels 0xrrggbb, at least one
         */
        public static Patch of(int... pixels) {
            if (pixels.length == 0) {
                throw new IllegalArgumentException("a patch has pixels");
            }
            double red = 0;
            double green = 0;
            double blue = 0;
            int limit = 0;
            for (int pixel : pixels) {
                int r = pixel >> 16 & 255;
                int g = pixel >> 8 & 255;
                int b = pixel & 255;
                red += Srgb.linear(r);
                green += Srgb.linear(g);
                blue += Srgb.linear(b);
                limit += Math.max(r, Math.max(g, b)) == 255 ? 1 : 0;
            }
            double n = pixels.length;
            return new Patch(red / n, green / n, blue / n, limit / n);
        }

        private double darkest() {
            return Math.min(red, Math.min(green, blue));
        }

        private double brightest() {
            return Math.max(red, Math.max(green, blue));
        }
    }

    /** Why a photo cannot be used. */
    public enum Trouble {
        CARD_TOO_BRIGHT,
        CARD_TOO_DARK,
        CARD_NOT_GREY,
        WALL_TOO_BRIGHT,
        BRIGHTER_THAN_WHITE
    }

    /** What a photo gives. */
    public sealed interface Estimate {
        /** A colour, relative to the white of screens. */
        record Colour(Lab lab) implements Estimate {
            /** The smoothest reflectance that has it. */
            public Spectrum spectrum() {
                return SmoothReflectance.of(lab, Colorimetry.SCREEN);
            }
        }

        /** Nothing, and why. */
        record Unusable(Trouble trouble) implements Estimate {}
    }

    /**
     * The colour of a wall.
     *
     * @param cardPercent what the card gives back of the light
     */
    public static Estimate estimate(Patch card, Patch wall, double cardPercent) {
        double factor = REFLECTANCE.check(cardPercent) / 100;
        if (card.atTheLimit > MOST_AT_THE_LIMIT) {
            return new Estimate.Unusable(Trouble.CARD_TOO_BRIGHT);
        }
        if (card.darkest() < DARKEST) {
            return new Estimate.Unusable(Trouble.CARD_TOO_DARK);
        }
        if (card.brightest() / card.darkest() > STRONGEST_CAST) {
            return new Estimate.Unusable(Trouble.CARD_NOT_GREY);
        }
        if (wall.atTheLimit > MOST_AT_THE_LIMIT) {
            return new Estimate.Unusable(Trouble.WALL_TOO_BRIGHT);
        }
        Xyz xyz = Srgb.xyz(
                factor * wall.red / card.red, factor * wall.green / card.green, factor * wall.blue / card.blue);
        return xyz.y() > 100
                ? new Estimate.Unusable(Trouble.BRIGHTER_THAN_WHITE)
                : new Estimate.Colour(Lab.of(xyz, Srgb.WHITE));
    }
}
