package lumko.core.visibility;

import java.util.EnumMap;
import java.util.Map;

/**
 * How high the relief is that each tool leaves, root mean square in µm: what a tool is trusted to do is a figure that can be
 * changed.
 */
public record Stipples(Map<TouchUpTool, Double> micrometres) {
    public static final Stipples STARTING = starting();

    public Stipples {
        micrometres = new EnumMap<>(micrometres);
    }

    private static Stipples starting() {
        Map<TouchUpTool, Double> reliefs = new EnumMap<>(TouchUpTool.class);
        for (TouchUpTool tool : TouchUpTool.values()) {
            reliefs.put(tool, tool.reliefMicrometres());
        }
        return new Stipples(reliefs);
    }

    /** How steep the relief of a tool is, root mean square: a sine of that height and period. */
    double slope(TouchUpTool tool) {
        return 2 * Math.PI * micrometres.getOrDefault(tool, tool.reliefMicrometres()) / 1000 / tool.periodMillimetres();
    }
}
