package lumko.core.film;

/**
 * What happens at the surface of a film: light is turned back going in and coming out.
 *
 * @param outside k1, turned back outside, 0–1
 * @param inside k2, turned back inside, 0–1
 */
public record Surface(double outside, double inside) {
    /** Of a paint in air. Source: Saunderson (1942). */
    public static final Surface OF_PAINT = new Surface(0.04, 0.6);

    /** None: internal reflectance is what is seen. */
    public static final Surface NONE = new Surface(0, 0);

    public Surface {
        if (!(outside >= 0 && outside < 1 && inside >= 0 && inside < 1)) {
            throw new IllegalArgumentException(
                    "surface reflections must be from 0 to below 1, were " + outside + " and " + inside);
        }
    }

    /** What is measured of an internal reflectance. */
    public double measured(double internal) {
        return outside + (1 - outside) * (1 - inside) * internal / (1 - inside * internal);
    }

    /** How what is measured changes with the internal reflectance. */
    public double slope(double internal) {
        double back = 1 - inside * internal;
        return (1 - outside) * (1 - inside) / (back * back);
    }

    /** The internal reflectance behind a measured one; 0 where the surface alone reflects as much. */
    public double internal(double measured) {
        double through = measured - outside;
        return Math.max(0, through / ((1 - outside) * (1 - inside) + inside * through));
    }
}
