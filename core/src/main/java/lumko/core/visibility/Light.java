package lumko.core.visibility;

import lumko.core.quantity.Limits;

/**
 * The light on a wall: an even one from the whole room, and one that comes from a direction, a window with the sky in it or a
 * torch. No path of the sun.
 *
 * @param share of the light on the wall that comes from the direction, 0–1
 * @param azimuth from where along the wall, in degrees: 0 from the right, 90 from above, 180 from the left
 * @param elevation above the plane of the wall, 1–90°: small where it rakes
 */
public record Light(double share, double azimuth, double elevation) {
    public static final Limits SHARE = new Limits("share of directed light", 0, 1, "");
    public static final Limits AZIMUTH = new Limits("direction of the light", -360, 360, "°");
    public static final Limits ELEVATION = new Limits("elevation of the light", 1, 90, "°");

    /** No window rakes: the room alone. */
    public static final Light EVEN = new Light(0, 0, 90);

    /** A window in a neighbouring wall. Shares are ASSUMPTIONS. */
    public static Light raking(double azimuth, double elevation) {
        return new Light(0.4, azimuth, elevation);
    }

    /** A window in the facing or the same wall. */
    public static Light facing(double azimuth, double elevation) {
        return new Light(0.2, azimuth, elevation);
    }

    /** A torch held along the wall. */
    public static Light torch(double azimuth, double elevation) {
        return new Light(0.9, azimuth, elevation);
    }

    public Light {
        SHARE.check(share);
        AZIMUTH.check(azimuth);
        ELEVATION.check(elevation);
    }

    public Light withElevation(double other) {
        return new Light(share, azimuth, other);
    }
}
