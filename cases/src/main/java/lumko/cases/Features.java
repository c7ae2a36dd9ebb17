package lumko.cases;

import java.util.ArrayList;
import java.util.List;
import lumko.core.geometry.Box;
import lumko.core.geometry.EveryTime;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Opening;
import lumko.core.job.Face;
import lumko.core.job.FittingWay;
import tools.jackson.databind.JsonNode;

/** What is in a surface and on it, by the features of an order. */
record Features(List<Opening> openings, List<Fitting> fittings, List<EveryTime> panels, List<Face.FittingChoice> ways) {
    private static final double STRIP_MM = 200;
    private static final double DOOR_WIDE_MM = 800;
    private static final double DOOR_HIGH_MM = 2000;
    private static final double PLATE_MM = 85;

    static Features of(JsonNode surface) {
        double wide = surface.get("size_m").get(0).asDouble() * 1000;
        double high = surface.get("size_m").get(1).asDouble() * 1000;
        Features features = new Features(new ArrayList<>(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        for (JsonNode feature : surface.path("features")) {
            String kind = feature.get("kind").asString();
            JobReader.word(Opening.Kind.class, "opening", kind)
                    .ifPresent(opening -> features.openings.add(
                            new Opening(opening, box(feature, wide, high, DOOR_WIDE_MM, DOOR_HIGH_MM))));
            JobReader.word(Fitting.Kind.class, "fitting", kind)
                    .ifPresent(fitting ->
                            features.add(new Fitting(fitting, box(feature, wide, high, PLATE_MM, PLATE_MM)), feature));
            JobReader.word(EveryTime.Kind.class, "place", kind)
                    .ifPresent(place -> features.panels.add(panel(place, feature, wide, high)));
        }
        return features;
    }

    private void add(Fitting fitting, JsonNode feature) {
        fittings.add(fitting);
        boolean isLifted = feature.path("pipes_give").asBoolean(false);
        JobReader.word(FittingWay.Way.class, "fitting way", feature.path("way").asString(isLifted ? "remove" : ""))
                .ifPresent(way -> ways.add(new Face.FittingChoice(fitting, way)));
    }

    private static Box box(JsonNode feature, double wide, double high, double usualWidth, double usualHeight) {
        double width = Math.min(wide, sized(feature, 0, usualWidth));
        double height = Math.min(high, sized(feature, 1, usualHeight));
        double left = Math.clamp(feature.get("at_m").asDouble() * 1000 - width / 2, 0, wide - width);
        double up = feature.path("up_m").asDouble(high / 2000) * 1000;
        return Box.ofMillimetres(left, Math.clamp(up - height / 2, 0, high - height), width, height);
    }

    private static double sized(JsonNode feature, int side, double usual) {
        return feature.has("size_m") ? feature.get("size_m").get(side).asDouble() * 1000 : usual;
    }

    /** A corner people turn round is painted on both of its sides, a hand's width each; both count to this surface. */
    private static EveryTime panel(EveryTime.Kind kind, JsonNode feature, double wide, double high) {
        return switch (kind) {
            case OUTSIDE_CORNER ->
                new EveryTime(
                        kind,
                        0,
                        Box.ofMillimetres(
                                Math.clamp(
                                        feature.get("at_m").asDouble() * 1000 - STRIP_MM,
                                        0,
                                        Math.max(0, wide - STRIP_MM)),
                                0,
                                Math.min(STRIP_MM, wide),
                                high));
            case SPLASH_ZONE, ABOVE_BATH -> new EveryTime(kind, 0, box(feature, wide, high, wide, high));
        };
    }
}
