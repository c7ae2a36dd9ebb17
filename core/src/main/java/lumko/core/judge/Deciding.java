package lumko.core.judge;

import java.util.List;

/**
 * The places on which a verdict hangs.
 *
 * @param forcing keys of those without any one of which the surface would not be painted whole
 * @param likeliest all that are painted, by how likely each shows if it is touched up, the most first
 */
public record Deciding(List<String> forcing, List<Ranked> likeliest) {
    /** A place and the chance that it shows, touched up for itself. */
    public record Ranked(String key, double shows) {
        /** One in five and more. ASSUMPTION. */
        private static final double MAY_BE_SEEN = 0.2;

        /** Whether it is worth pointing out on the wall. */
        public boolean mayBeSeen() {
            return shows >= MAY_BE_SEEN;
        }
    }

    public Deciding {
        forcing = List.copyOf(forcing);
        likeliest = List.copyOf(likeliest);
    }
}
