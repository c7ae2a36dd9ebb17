package lumko.calc;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import javax.imageio.ImageIO;
import lumko.core.colour.Lab;
import lumko.core.colour.Srgb;
import lumko.core.colour.Xyz;
import lumko.core.quantity.Limits;
import lumko.core.visibility.Differences;
import lumko.core.visibility.Scielab;
import lumko.core.visibility.XyzField;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** How different two pictures look from a distance. */
@Command(
        name = "scielab",
        description = {
            "How different two pictures look to an eye so far away that N of their samples make a degree: S-CIELAB with",
            "ΔE00. Reads two PNG files (sRGB), or two tables x,y,l,a,b (whole columns and rows from 0, every sample once).",
            "Writes mean,p95,p99 of the differences."
        },
        footer = {"", "Example:", "  ./lumko calc scielab --per-degree 40 before.png after.png"},
        mixinStandardHelpOptions = true)
final class ScielabCommand implements Callable<Integer> {
    private static final int MOST_SAMPLES = 16_000_000;

    @Option(names = "--per-degree", paramLabel = "N", required = true, description = "samples to a degree, 1–2000")
    private double perDegree;

    @Option(names = "--out", paramLabel = "FILE", description = "the table to write; standard output without it")
    private Optional<Path> out = Optional.empty();

    @Parameters(arity = "2", paramLabel = "FILE", description = "the two pictures")
    private List<Path> pictures = new ArrayList<>();

    @Override
    public Integer call() throws Exception {
        if (!(perDegree >= 1 && perDegree <= 2000)) {
            throw new RefusedException(0, "", "--per-degree " + perDegree, "1–2000");
        }
        XyzField one = read(pictures.getFirst());
        XyzField other = read(pictures.getLast());
        if (one.width() != other.width() || one.height() != other.height()) {
            throw new RefusedException(
                    0,
                    "",
                    "%d × %d and %d × %d samples".formatted(one.width(), one.height(), other.width(), other.height()),
                    "two pictures of one size");
        }
        Scielab eye = new Scielab(one.width(), one.height(), perDegree, perDegree);
        Differences differences = eye.seen(one).differences(eye.seen(other));
        String table = "mean,p95,p99\n" + differences.mean() + "," + differences.percentile(95) + ","
                + differences.percentile(99) + "\n";
        if (out.isPresent()) {
            Files.writeString(out.get(), table);
        } else {
            System.out.print(table);
            System.out.flush();
        }
        return 0;
    }

    private static XyzField read(Path file) throws IOException {
        return file.toString().toLowerCase(java.util.Locale.ROOT).endsWith(".png") ? png(file) : table(file);
    }

    private static XyzField png(Path file) throws IOException {
        BufferedImage image = ImageIO.read(file.toFile());
        if (image == null) {
            throw new RefusedException(0, "", file.toString(), "a PNG file");
        }
        XyzField field = sized(image.getWidth(), image.getHeight());
        for (int row = 0; row < image.getHeight(); row++) {
            for (int column = 0; column < image.getWidth(); column++) {
                int rgb = image.getRGB(column, row);
                Xyz xyz = new Srgb(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255).xyz();
                int at = row * image.getWidth() + column;
                field.x()[at] = xyz.x();
                field.y()[at] = xyz.y();
                field.z()[at] = xyz.z();
            }
        }
        return field;
    }

    private static XyzField sized(int width, int height) {
        if ((long) width * height > MOST_SAMPLES) {
            throw new RefusedException(
                    0, "", width + " × " + height + " samples", MOST_SAMPLES + " samples at the most");
        }
        return new XyzField(width, height);
    }

    private record Sample(int x, int y, Lab lab) {}

    private static XyzField table(Path file) throws IOException {
        List<Sample> samples = new ArrayList<>();
        int width = 0;
        int height = 0;
        try (CSVParser parser = CSVParser.parse(
                Files.newBufferedReader(file),
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            for (String column : List.of("x", "y", "l", "a", "b")) {
                if (!parser.getHeaderNames().contains(column)) {
                    throw new RefusedException(1, column, String.join(",", parser.getHeaderNames()), "x,y,l,a,b");
                }
            }
            for (CSVRecord cells : parser) {
                Sample sample = sample(new Table.Row(cells, parser.getCurrentLineNumber()));
                samples.add(sample);
                width = Math.max(width, sample.x() + 1);
                height = Math.max(height, sample.y() + 1);
            }
        }
        if (samples.size() != (long) width * height || samples.isEmpty()) {
            throw new RefusedException(
                    0, "", samples.size() + " samples", "every sample of %d × %d once".formatted(width, height));
        }
        XyzField field = sized(width, height);
        for (Sample sample : samples) {
            field.put(sample.y() * width + sample.x(), sample.lab());
        }
        return field;
    }

    private static Sample sample(Table.Row row) {
        return new Sample(
                whole(row, "x"),
                whole(row, "y"),
                new Lab(
                        row.number("l", new Limits("l", 0, 150, "")),
                        row.number("a", new Limits("a", -200, 200, "")),
                        row.number("b", new Limits("b", -200, 200, ""))));
    }

    private static int whole(Table.Row row, String column) {
        double value = row.number(column, new Limits(column, 0, 100_000, ""));
        if (value != Math.rint(value)) {
            throw new RefusedException(row.line(), column, row.text(column), "a whole number");
        }
        return (int) value;
    }
}
