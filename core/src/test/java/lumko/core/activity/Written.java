package lumko.core.activity;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;

/**
 * Work written out in full, a line each, to be held against what was read and found right. What differs is written beside the
 * compiled tests, so that it can be read before it takes the place of what was right so far.
 */
public final class Written {
    private Written() {}

    public static String move(Move move) {
        List<String> parts = new ArrayList<>();
        parts.add(move.kind() + (move.round() == 0 ? "" : " " + move.round()));
        amounts(parts, move.hand(), move.lasts(), move.count(), move.area(), move.edge(), move.tape());
        move.knife().ifPresent(knife -> parts.add("knife " + millimetres(knife)));
        stuff(parts, move.uses(), move.wet().stream().toList(), move.tools(), move.cautions(), move.says());
        return String.join(", ", parts);
    }

    public static String activity(Activity activity) {
        List<String> parts = new ArrayList<>();
        parts.add(activity.id());
        if (!activity.paint().isEmpty()) {
            parts.add("in " + activity.paint());
        }
        amounts(
                parts,
                activity.hand(),
                activity.lasts(),
                activity.count(),
                activity.area(),
                activity.edge(),
                activity.tape());
        activity.knives().forEach(knife -> parts.add("knife " + millimetres(knife)));
        stuff(parts, activity.uses(), activity.wet(), activity.tools(), activity.cautions(), activity.says());
        return String.join(", ", parts);
    }

    public static String precedence(Precedence each) {
        return each.from() + " -> " + each.to() + ": " + each.why()
                + each.drying()
                        .map(wait -> ", " + wet(wait.wet()) + " to " + wait.purpose())
                        .orElse("")
                + each.limit().map(limit -> ", " + limit).orElse("");
    }

    private static void amounts(
            List<String> parts, Duration hand, Duration lasts, int count, Area area, Length edge, Length tape) {
        parts.add(number(Times.inMinutes(hand)) + " min");
        if (!lasts.equals(hand)) {
            parts.add("lasts " + number(Times.inMinutes(lasts)) + " min");
        }
        if (count != 0) {
            parts.add(count + " times");
        }
        if (area.inSquareMetres() > 0) {
            parts.add("%.4f m²".formatted(area.inSquareMetres()));
        }
        if (edge.inMillimetres() > 0) {
            parts.add(millimetres(edge) + " of edge");
        }
        if (tape.inMillimetres() > 0) {
            parts.add(millimetres(tape) + " of tape");
        }
    }

    private static void stuff(
            List<String> parts,
            List<Use> uses,
            List<Wet> wet,
            Set<Tool> tools,
            Set<Caution> cautions,
            Set<Advice> says) {
        uses.forEach(use -> parts.add(millilitres(use.volume()) + " " + use.material()));
        wet.forEach(each -> parts.add("leaves " + wet(each)));
        names(parts, "with", tools);
        names(parts, "mind", cautions);
        names(parts, "says", says);
    }

    private static String wet(Wet wet) {
        return wet.material() + " " + millimetres(wet.thickness())
                + wet.bySheet()
                        .map(time -> " by its sheet " + number(Times.inMinutes(time)) + " min")
                        .orElse("");
    }

    private static void names(List<String> parts, String word, Collection<? extends Enum<?>> names) {
        if (!names.isEmpty()) {
            parts.add(word + " " + names.stream().map(Enum::name).sorted().collect(Collectors.joining(" ")));
        }
    }

    private static String millimetres(Length length) {
        return number(length.inMillimetres()) + " mm";
    }

    private static String millilitres(Volume volume) {
        return "%.2f ml".formatted(volume.inLitres() * 1000);
    }

    private static String number(double number) {
        String written = String.format(Locale.ROOT, "%.2f", number);
        return written.replaceAll("\\.?0+$", "");
    }

    /** Holds lines against those of a resource that were read and found right. */
    public static void assertAsRead(Class<?> test, String resource, List<String> lines) {
        String written = String.join("\n", lines) + "\n";
        try (InputStream in = test.getResourceAsStream(resource)) {
            String read = in == null ? "" : new String(in.readAllBytes(), StandardCharsets.UTF_8);
            if (!read.equals(written)) {
                Files.writeString(Path.of("target", test.getSimpleName() + "-" + resource), written);
            }
            assertThat(written.lines()).containsExactlyElementsOf(read.lines().toList());
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }
}
