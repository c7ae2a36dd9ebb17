package lumko.calc;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.colour.Spectrum;
import lumko.core.film.Target;
import picocli.CommandLine.Option;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A JSON document read and one written. */
public final class Document {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @Option(names = "--in", paramLabel = "FILE", description = "the document to read; standard input without it")
    private Optional<Path> in = Optional.empty();

    @Option(names = "--out", paramLabel = "FILE", description = "the document to write; standard output without it")
    private Optional<Path> out = Optional.empty();

    /** A value in the document and where it stands. */
    public record Node(JsonNode json, String path) {
        Node at(String field) {
            return new Node(json.path(field), path.isEmpty() ? field : path + "." + field);
        }

        boolean has(String field) {
            return json.has(field);
        }

        RefusedException refused(String allowed) {
            return new RefusedException(0, path, json.isMissingNode() ? "nothing" : json.toString(), allowed);
        }

        double number(double low, double high) {
            String allowed = "a number from " + low + " to " + high;
            if (!json.isNumber() || !(json.asDouble() >= low && json.asDouble() <= high)) {
                throw refused(allowed);
            }
            return json.asDouble();
        }

        String text() {
            if (!json.isString()) {
                throw refused("a text");
            }
            return json.asString();
        }

        int whole(int low, int high) {
            if (!json.isIntegralNumber() || !(json.asDouble() >= low && json.asDouble() <= high)) {
                throw refused("a whole number from " + low + " to " + high);
            }
            return json.asInt();
        }

        /** A whole number, or another where the field is missing. */
        int whole(String field, int low, int high, int otherwise) {
            return isGiven(field) ? at(field).whole(low, high) : otherwise;
        }

        /** Whether a field is there and not null. */
        boolean isGiven(String field) {
            return json.hasNonNull(field);
        }

        double[] numbers(int count, double low, double high) {
            if (!json.isArray() || json.size() != count) {
                throw refused(count + " numbers");
            }
            double[] numbers = new double[count];
            for (int i = 0; i < count; i++) {
                numbers[i] = new Node(json.get(i), path + "[" + i + "]").number(low, high);
            }
            return numbers;
        }

        /** What a list has, nothing where the field is missing. */
        List<Node> items(String field) {
            return isGiven(field) ? at(field).items() : List.of();
        }

        List<Node> items() {
            if (!json.isArray()) {
                throw refused("a list");
            }
            List<Node> items = new ArrayList<>();
            for (int i = 0; i < json.size(); i++) {
                items.add(new Node(json.get(i), path + "[" + i + "]"));
            }
            return items;
        }

        /** A colour: {@code reflectance} of 31 factors, or {@code lab} in daylight, 10°. */
        Target colour(Colorimetry seen) {
            if (has("reflectance")) {
                return Target.of(Spectrum.of(
                        Spectrum.START,
                        at("reflectance").numbers(Spectrum.BANDS, Spectrum.FACTOR.low(), Spectrum.FACTOR.high())));
            }
            double[] lab = at("lab").numbers(3, -500, 500);
            Lab given = new Lab(lab[0], lab[1], lab[2]);
            return seen == Colorimetry.DAYLIGHT ? Target.of(given) : Target.of(SmoothReflectance.of(given, seen));
        }

        /** Runs something in the core; what it refuses is said of this place. */
        <T> T attempt(Supplier<T> inCore) {
            try {
                return inCore.get();
            } catch (RefusedException refused) {
                throw refused;
            } catch (IllegalArgumentException refused) {
                throw refused(String.valueOf(refused.getMessage()));
            }
        }
    }

    public Node read() throws IOException {
        byte[] bytes = in.isPresent() ? Files.readAllBytes(in.get()) : System.in.readAllBytes();
        try {
            return new Node(JSON.readTree(bytes), "");
        } catch (JacksonException broken) {
            throw new RefusedException(
                    broken.getLocation() == null ? 0 : broken.getLocation().getLineNr(),
                    "",
                    String.valueOf(broken.getOriginalMessage()),
                    "JSON",
                    broken);
        }
    }

    public void write(Map<String, Object> answer) throws IOException {
        byte[] bytes = JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(answer);
        if (out.isPresent()) {
            Files.write(out.get(), bytes);
        } else {
            System.out.write(bytes);
            System.out.println();
            System.out.flush();
        }
    }

    /** A colour as it is written. */
    static List<Double> lab(Lab lab) {
        return List.of(lab.lightness(), lab.a(), lab.b());
    }
}
