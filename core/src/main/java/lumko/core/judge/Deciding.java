package lumko.core.judge;

import java.util.List;

/**
 * The places on which a verdict hangs.
 *
 * @param forcing keys of those without any one of which the surface would not be painted whole
 * @param likeliest keys of those that would show most if they were touched up, the most first
 */
public record Deciding(List<String> forcing, List<Ranked> likeliest) {
    /** A place and the chance that it shows, touched up for itself. */
    public record Ranked(String key, double shows) {}

    public Deciding {
        forcing = List.copyOf(forcing);
        likeliest = List.copyOf(likeliest);
    }
}
