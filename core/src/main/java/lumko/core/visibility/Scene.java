package lumko.core.visibility;

import lumko.core.colour.Xyz;

/** A patch on a wall in a light: what it changes of the picture of the wall. */
public record Scene(Patch patch, Paints paints, TouchUpTool wall, Light light, Stipples stipples) {
    /** With the reliefs that tools are taken to leave at first. */
    public Scene(Patch patch, Paints paints, TouchUpTool wall, Light light) {
        this(patch, paints, wall, light, Stipples.STARTING);
    }

    /** How much of the film is left at the edge of the feather: about half covered. */
    private static final double AT_THE_FEATHERS_EDGE = 0.5;

    /** There the paint stops softly, over so many millimetres. */
    private static final double SOFT_STOP = 5;

    /** The lip of an edge that is not feathered rises over so many millimetres. ASSUMPTION. */
    private static final double LIP = 1.5;

    /** What drinks the paint looks so much duller. ASSUMPTION. */
    private static final double DULL = 0.6;

    /** So far round a patch it is looked at, in mm. */
    private static final double ROUND_IT = 20;

    /** Round smaller ones less, in the same proportion: beside 20 mm of sound wall a nail hole would drown. */
    private static final double SMALL_RADIUS = 6;

    /**
     * The tristimulus values that the patch adds to those of the wall, sample by sample, and where it is looked at.
     *
     * @param isLookedAt the patch to its feather's edge and {@value #ROUND_IT} mm round it, less round a small one
     */
    record Change(XyzField added, boolean[] isLookedAt, Xyz wall) {}

    /** Half the side of the piece of wall that matters, in mm. */
    double reach() {
        return looked() + 2;
    }

    /** Samples closer than this tell nothing more, in mm: four to the finest relief, three to a lip. */
    double finest() {
        double relief = Math.min(wall.periodMillimetres(), patch.tool().periodMillimetres()) / 4;
        boolean hasLip = patch.feather() == 0;
        return hasLip ? Math.min(relief, LIP / 3) : relief;
    }

    /** How far from its middle the patch is looked at, in mm. */
    private double looked() {
        double radius = patch.outerRadius();
        return radius + ROUND_IT * Math.min(1, radius / SMALL_RADIUS);
    }

    /** @param days since the touch-up was put on */
    Change change(View view, double days, int width, int height) {
        return change(view, days, width, height, relief(width, height));
    }

    /** So many samples of a piece of wall round the patch, and how large it is in mm. */
    private record Frame(int width, int height, double across, double down) {
        double pitchAcross() {
            return across / width;
        }

        double pitchDown() {
            return down / height;
        }
    }

    private Frame frame(int width, int height) {
        return new Frame(width, height, 2 * reach(), 2 * reach());
    }

    /** The wall's stipple on a grid; none where no light comes from a direction to show it. */
    Relief relief(int width, int height) {
        return relief(frame(width, height));
    }

    private Relief relief(Frame frame) {
        return light.share() == 0
                ? Relief.NONE
                : new Relief(
                        wall.periodMillimetres(),
                        frame.width(),
                        frame.height(),
                        frame.pitchAcross(),
                        frame.pitchDown());
    }

    /** @param relief of this scene on that grid */
    Change change(View view, double days, int width, int height, Relief relief) {
        return change(view, days, frame(width, height), relief);
    }

    private Change change(View view, double days, Frame frame, Relief relief) {
        int width = frame.width();
        int height = frame.height();
        XyzField added = new XyzField(width, height);
        boolean[] isLookedAt = new boolean[width * height];
        Lighting lighting = new Lighting(view);
        Sheen wallSheen = lighting.sheen(paints.wallGloss());
        Painted painted = new Painted(lighting, wallSheen, days);
        double looked = looked();
        for (int row = 0; row < height; row++) {
            double y = frame.down() / 2 - (row + 0.5) * frame.pitchDown();
            for (int column = 0; column < width; column++) {
                double x = (column + 0.5) * frame.pitchAcross() - frame.across() / 2;
                double r2 = x * x + y * y;
                if (r2 <= looked * looked) {
                    int at = row * width + column;
                    isLookedAt[at] = true;
                    painted.put(added, at, x, y, Math.sqrt(r2), relief);
                }
            }
        }
        return new Change(added, isLookedAt, wallSeen(wallSheen, lighting));
    }

    /**
     * The piece of wall with the patch on it, as it would be painted: the same field that is scored, before any eye has blurred
     * it.
     */
    public XyzField picture(View view, double days, int width, int height) {
        return picture(view, days, frame(width, height));
    }

    /** @param across how much of the wall is drawn, in mm; as much to a sample up and down */
    public XyzField picture(View view, double days, int width, int height, double across) {
        return picture(view, days, new Frame(width, height, across, across * height / width));
    }

    private XyzField picture(View view, double days, Frame frame) {
        Relief relief = relief(frame);
        Lighting lighting = new Lighting(view);
        Sheen sheen = lighting.sheen(paints.wallGloss());
        XyzField picture = change(view, days, frame, relief).added();
        Xyz bare = paints.wall();
        double slope = stipples.slope(wall);
        for (int at = 0; at < frame.width() * frame.height(); at++) {
            double hx = slope * relief.across(at);
            double hy = slope * relief.down(at);
            double there = lighting.scattered(hx, hy);
            double thrown = light.share() * sheen.at(lighting.off(hx, hy));
            picture.x()[at] += bare.x() * there + thrown * Scielab.WHITE.x();
            picture.y()[at] += bare.y() * there + thrown * Scielab.WHITE.y();
            picture.z()[at] += bare.z() * there + thrown * Scielab.WHITE.z();
        }
        return picture;
    }

    public Scene with(Patch other) {
        return new Scene(other, paints, wall, light, stipples);
    }

    Scene with(Paints other) {
        return new Scene(patch, other, wall, light, stipples);
    }

    /** What the patch makes of one sample; everything that depends on the distance from its middle alone is looked up. */
    private final class Painted {
        private static final int PLACES = 2048;

        private final float[] coverage = new float[PLACES + 1];
        private final float[] steep = new float[PLACES + 1];
        private final double perMillimetre;
        private final Lighting lighting;
        private final Sheen wallSheen;
        private final Sheen freshSheen;
        private final Sheen dullSheen;
        private final double wallSlope = stipples.slope(wall);
        private final double toolSlope = stipples.slope(patch.tool()) * patch.reliefLeft();
        private final double filled = patch.filler() / 2;
        private final double share = light.share();

        Painted(Lighting lighting, Sheen wallSheen, double days) {
            this.lighting = lighting;
            this.wallSheen = wallSheen;
            double fresh = paints.gloss(days);
            freshSheen = lighting.sheen(fresh);
            dullSheen = lighting.sheen(fresh * DULL);
            double furthest = looked() + 1;
            perMillimetre = PLACES / furthest;
            for (int place = 0; place <= PLACES; place++) {
                coverage[place] = (float) coverage(place / perMillimetre);
                steep[place] = (float) slope(place / perMillimetre);
            }
        }

        void put(XyzField added, int at, double x, double y, double r, Relief relief) {
            int place = (int) (r * perMillimetre + 0.5);
            double covered = coverage[place];
            double dome = steep[place];
            boolean isFilled = r < filled;
            if (covered == 0 && dome == 0 && !isFilled) {
                return;
            }
            double reliefAcross = relief.across(at);
            double reliefDown = relief.down(at);
            double own = isFilled && patch.isSmooth() ? 0 : wallSlope;
            double stipple = own + covered * (toolSlope - own);
            double outwards = r == 0 ? 0 : dome / r;
            double hx = stipple * reliefAcross + outwards * x;
            double hy = stipple * reliefDown + outwards * y;
            double wallX = wallSlope * reliefAcross;
            double wallY = wallSlope * reliefDown;
            double there = lighting.scattered(hx, hy);
            double before = lighting.scattered(wallX, wallY);
            double off = lighting.off(hx, hy);
            Sheen paintSheen = isFilled && !patch.isSealed() ? dullSheen : freshSheen;
            double sheen = covered * paintSheen.at(off) + (1 - covered) * wallSheen.at(off);
            double thrown = share * (sheen - wallSheen.at(lighting.off(wallX, wallY)));
            paints.add(added, at, covered, there, before, thrown);
        }
    }

    private Xyz wallSeen(Sheen sheen, Lighting lighting) {
        double thrown = light.share() * sheen.at(lighting.off(0, 0));
        Xyz bare = paints.wall();
        return new Xyz(
                bare.x() + thrown * Scielab.WHITE.x(),
                bare.y() + thrown * Scielab.WHITE.y(),
                bare.z() + thrown * Scielab.WHITE.z());
    }

    /** How much is covered: all of the centre, a raised cosine down to half at the feather's edge, there a soft stop. */
    double coverage(double r) {
        double centre = patch.centre() / 2;
        double outer = patch.outerRadius();
        if (r <= centre) {
            return patch.feather() == 0 ? edge(r - outer, LIP) : 1;
        }
        if (patch.feather() == 0) {
            return edge(r - outer, LIP);
        }
        double share = Math.min(1, (r - centre) / patch.feather());
        double feathered = AT_THE_FEATHERS_EDGE + (1 - AT_THE_FEATHERS_EDGE) * (1 + Math.cos(Math.PI * share)) / 2;
        return feathered * edge(r - outer, SOFT_STOP);
    }

    /** From 1 to 0 over a width, half of it on either side of the edge. */
    private static double edge(double beyond, double width) {
        double at = Math.clamp(beyond / width + 0.5, 0, 1);
        return 1 - at * at * (3 - 2 * at);
    }

    /** How steep filler and lip are, outwards: filler is a cap of its height, a lip a ridge on the edge. */
    private double slope(double r) {
        double steep = 0;
        double filled = patch.filler() / 2;
        if (patch.proud() != 0 && r < filled) {
            double share = r / filled;
            // a cap (1 − ρ²)²
            steep += patch.proud() * -4 * share * (1 - share * share) / filled;
        }
        if (patch.feather() == 0 && patch.tool().lipMicrometres() > 0) {
            double across = (r - patch.outerRadius()) / LIP;
            steep += patch.tool().lipMicrometres() / 1000 / LIP * -2 * across * Math.exp(-across * across);
        }
        return steep;
    }

    /** What slopes make of the light, from one view. */
    private final class Lighting {
        private final double toLightX;
        private final double toLightY;
        private final double cotangent;
        private final double mirrorOff;
        private final double aside;
        private final double share;
        private final View view;

        Lighting(View view) {
            double azimuth = Math.toRadians(light.azimuth());
            double elevation = Math.toRadians(light.elevation());
            toLightX = Math.cos(azimuth);
            toLightY = Math.sin(azimuth);
            cotangent = 1 / Math.tan(elevation);
            share = light.share();
            // seen along the wall one looks towards the light, so that the mirror direction leaves on its side
            double side = toLightX < 0 ? -1 : 1;
            double mirrorX = side * view.sine();
            double inPlane = Math.atan2(mirrorX * toLightX, view.cosine());
            mirrorOff = Math.PI / 2 - elevation - inPlane;
            aside = Math.asin(mirrorX * toLightY);
            this.view = view;
        }

        Sheen sheen(double gloss) {
            return new Sheen(gloss, view.fromNormalRadians(), aside);
        }

        /** Light on a slope beside that on the level wall; the even part comes from the room, of which a slope sees less. */
        double scattered(double hx, double hy) {
            double steep = hx * toLightX + hy * toLightY;
            double cosine = cosine(hx * hx + hy * hy);
            double directed = Math.max(0, 1 - steep * cotangent) * cosine;
            return (1 - share) * (1 + cosine) / 2 + share * directed;
        }

        /** 1/√(1 + h²); of gentle slopes, which nearly all are, by its series: within 10⁻⁸. */
        private static double cosine(double square) {
            return square < 0.01 ? 1 - square * (0.5 - square * (0.375 - square * 0.3125)) : 1 / Math.sqrt(1 + square);
        }

        /** How far the mirror direction of a slope is from the light, in the light's own plane, in radians. */
        double off(double hx, double hy) {
            return mirrorOff + 2 * (hx * toLightX + hy * toLightY);
        }
    }
}
