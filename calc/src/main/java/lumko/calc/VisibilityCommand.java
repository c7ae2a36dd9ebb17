package lumko.calc;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import javax.imageio.ImageIO;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Spectrum;
import lumko.core.film.Hiding;
import lumko.core.paint.DataSheet;
import lumko.core.visibility.Help;
import lumko.core.visibility.Light;
import lumko.core.visibility.Paints;
import lumko.core.visibility.Patch;
import lumko.core.visibility.Scene;
import lumko.core.visibility.TouchUpTool;
import lumko.core.visibility.View;
import lumko.core.visibility.Visibility;
import lumko.core.visibility.XyzField;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Whether a touch-up shows. */
@Command(
        name = "visibility",
        description = {
            "Whether a touch-up shows: reads a scene as JSON (--schema prints what it may hold) and writes its score (98th",
            "percentile of ΔE00 as the eye blurs it) from each distance, the distance from which it is gone, from the front",
            "and along the wall, after each number of days, and what would help."
        },
        footer = {
            "",
            "Example:",
            "  echo '{\"wall\":{\"lab\":[86,0,8],\"gloss60\":4},\"paint\":{\"lab\":[87,0,8],\"gloss60\":4},\"patch\":{\"centre_mm\":30}}'"
                    + " | ./lumko calc visibility"
        },
        mixinStandardHelpOptions = true)
final class VisibilityCommand implements Callable<Integer> {
    private static final int PICTURE = 512;

    private static final String SCHEMA = """
            {
              "type": "object",
              "required": ["wall", "paint", "patch"],
              "properties": {
                "wall": {"description": "as it is now: lab (daylight, 10°) or reflectance (31 factors, 400-700 nm)",
                  "properties": {"lab": {}, "reflectance": {}, "gloss60": {"minimum": 0, "maximum": 100, "default": 4},
                    "tool": {"enum": ["brush", "foam pad", "roller end", "roller", "long nap"], "default": "roller"}}},
                "washed": {"description": "the wall once it is washed: lab or reflectance, gloss60"},
                "paint": {"description": "what goes on, cured: lab or reflectance",
                  "properties": {"lab": {}, "reflectance": {}, "gloss60": {"minimum": 0, "maximum": 100, "default": 4},
                    "contrast_ratio": {"minimum": 0, "maximum": 1}, "dry_um": {"minimum": 1, "maximum": 500}}},
                "patch": {"properties": {"centre_mm": {"minimum": 1, "maximum": 2000},
                  "feather_mm": {"minimum": 0, "maximum": 500, "default": 0},
                  "tool": {"enum": ["brush", "foam pad", "roller end", "roller", "long nap"], "default": "roller end"},
                  "filler_mm": {"minimum": 0, "maximum": 2000, "default": 0},
                  "proud_mm": {"minimum": -2, "maximum": 2, "default": 0},
                  "smooth": {"type": "boolean", "default": false}, "sealed": {"type": "boolean", "default": true},
                  "passes": {"description": "over wet paint", "minimum": 0, "maximum": 10, "default": 0}}},
                "light": {"description": "the directed part; none without it",
                  "properties": {"share": {"minimum": 0, "maximum": 1}, "azimuth_deg": {"minimum": -360, "maximum": 360},
                    "elevation_deg": {"minimum": 1, "maximum": 90}}},
                "temperature_c": {"minimum": 0, "maximum": 50, "default": 21},
                "days": {"description": "since it was painted", "default": [0, 7, 30]},
                "distances_m": {"default": [1, 2]},
                "not_seen": {"description": "gone below this score: 1 looked for, 2 not", "default": 1}
              }
            }
            """;

    @Mixin
    private final Document document = new Document();

    @Option(names = "--schema", description = "print what a scene may hold, and end")
    private boolean isSchema;

    @Option(
            names = "--png",
            paramLabel = "FILE",
            description = "the piece of wall from the front on the first of the days")
    private Optional<Path> png = Optional.empty();

    @Override
    public Integer call() throws Exception {
        if (isSchema) {
            System.out.print(SCHEMA);
            System.out.flush();
            return 0;
        }
        Document.Node order = document.read();
        Scene scene = new Scene(
                patch(order.at("patch")),
                paints(order, "wall"),
                tool(order.at("wall"), TouchUpTool.ROLLER),
                light(order));
        Visibility visibility = new Visibility(scene);
        double[] days = numbers(order, "days", Visibility.DAYS.low(), Visibility.DAYS.high(), 0, 7, 30);
        double[] distances = numbers(order, "distances_m", Visibility.DISTANCE.low(), Visibility.DISTANCE.high(), 1, 2);
        double notSeen = number(order, "not_seen", 0.1, 20, Visibility.LOOKED_FOR);
        Optional<Paints> washed = order.has("washed") ? Optional.of(paints(order, "washed")) : Optional.empty();
        Map<String, Object> answer = new LinkedHashMap<>();
        for (View view : View.values()) {
            List<Map<String, Object>> rows = new ArrayList<>();
            for (double day : days) {
                rows.add(row(visibility, view, day, distances, notSeen, washed));
            }
            answer.put(view.name().toLowerCase(Locale.ROOT), rows);
        }
        document.write(answer);
        if (png.isPresent()) {
            draw(scene, days[0], png.get());
        }
        return 0;
    }

    private static Map<String, Object> row(
            Visibility visibility, View view, double day, double[] distances, double notSeen, Optional<Paints> washed) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("days", day);
        Map<String, Object> scores = new LinkedHashMap<>();
        for (double metres : distances) {
            scores.put(String.valueOf(metres), visibility.score(view, metres, day));
        }
        row.put("score", scores);
        row.put("gone_from_m", metres(visibility.goneFrom(view, day, notSeen)));
        Map<String, Object> helps = new LinkedHashMap<>();
        for (Help help : visibility.helps(view, day, notSeen, washed)) {
            helps.put(help.kind().name().toLowerCase(Locale.ROOT), metres(help.goneFrom()));
        }
        row.put("helps", helps);
        return row;
    }

    /** Seen from as far as anyone stands is no number. */
    private static Object metres(double goneFrom) {
        return Double.isInfinite(goneFrom) ? "never" : goneFrom;
    }

    private static void draw(Scene scene, double days, Path file) throws IOException {
        XyzField picture = scene.picture(View.FRONT, days, PICTURE, PICTURE);
        BufferedImage image = new BufferedImage(PICTURE, PICTURE, BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, PICTURE, PICTURE, picture.onScreen(), 0, PICTURE);
        ImageIO.write(image, "png", file.toFile());
    }

    private static double number(Document.Node node, String field, double low, double high, double otherwise) {
        return node.has(field) ? node.at(field).number(low, high) : otherwise;
    }

    private static double[] numbers(Document.Node node, String field, double low, double high, double... otherwise) {
        return node.has(field)
                ? node.at(field).items().stream()
                        .mapToDouble(item -> item.number(low, high))
                        .toArray()
                : otherwise;
    }

    private static boolean is(Document.Node node, String field, boolean otherwise) {
        if (node.has(field) && !node.at(field).json().isBoolean()) {
            throw node.at(field).refused("true or false");
        }
        return node.has(field) ? node.at(field).json().asBoolean() : otherwise;
    }

    private static TouchUpTool tool(Document.Node node, TouchUpTool otherwise) {
        if (!node.has("tool")) {
            return otherwise;
        }
        for (TouchUpTool tool : TouchUpTool.values()) {
            if (tool.name()
                    .toLowerCase(Locale.ROOT)
                    .replace('_', ' ')
                    .equals(node.at("tool").text())) {
                return tool;
            }
        }
        throw node.at("tool").refused("brush, foam pad, roller end, roller or long nap");
    }

    private static Patch patch(Document.Node node) {
        return new Patch(
                node.at("centre_mm").number(Patch.CENTRE.low(), Patch.CENTRE.high()),
                number(node, "feather_mm", Patch.FEATHER.low(), Patch.FEATHER.high(), 0),
                tool(node, TouchUpTool.ROLLER_END),
                number(node, "filler_mm", Patch.FILLER.low(), Patch.FILLER.high(), 0),
                number(node, "proud_mm", Patch.PROUD.low(), Patch.PROUD.high(), 0),
                is(node, "smooth", false),
                is(node, "sealed", true),
                (int) number(node, "passes", Patch.PASSES.low(), Patch.PASSES.high(), 0));
    }

    private static Paints paints(Document.Node order, String wall) {
        Spectrum there = order.at(wall).colour(Colorimetry.DAYLIGHT).spectrum();
        Document.Node paint = order.at("paint");
        double film = number(paint, "dry_um", 1, 500, DataSheet.USUAL.dryMicrometres());
        Hiding hiding = paint.attempt(() -> Hiding.of(
                paint.colour(Colorimetry.DAYLIGHT).spectrum(),
                number(paint, "contrast_ratio", 1e-6, 1 - 1e-9, DataSheet.USUAL.contrastRatio()),
                film));
        return Paints.of(
                there,
                hiding,
                film,
                number(order.at(wall), "gloss60", Paints.GLOSS.low(), Paints.GLOSS.high(), 4),
                number(paint, "gloss60", Paints.GLOSS.low(), Paints.GLOSS.high(), 4),
                number(order, "temperature_c", 0, 50, 21));
    }

    private static Light light(Document.Node order) {
        Document.Node light = order.at("light");
        return order.has("light")
                ? new Light(
                        light.at("share").number(Light.SHARE.low(), Light.SHARE.high()),
                        number(light, "azimuth_deg", Light.AZIMUTH.low(), Light.AZIMUTH.high(), 0),
                        light.at("elevation_deg").number(Light.ELEVATION.low(), Light.ELEVATION.high()))
                : Light.EVEN;
    }
}
