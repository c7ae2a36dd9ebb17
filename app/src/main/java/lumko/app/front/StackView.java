package lumko.app.front;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.house.Coat;
import lumko.app.house.Flat;
import lumko.app.house.Surface;
import lumko.app.platform.Words;
import lumko.core.record.Layer;

/** A surface cut through, drawn and put into words, the room side on top. */
public final class StackView {
    private static final int LAYER = 26;
    private static final int SUBSTRATE = 50;
    private static final String NO_COLOUR = "#e9e7e3";

    private final Flat flat;
    private final Surface surface;
    private final Words words;

    StackView(Flat flat, Surface surface, Words words) {
        this.flat = flat;
        this.surface = surface;
        this.words = words;
    }

    public String heading() {
        String room = flat.roomOf(surface.id()).name();
        return surface.isWall()
                ? words.say("flat.cutWall", room, surface.label())
                : words.say("flat.cut", room, surface.called(words));
    }

    private int layersHigh() {
        return surface.coats().size() * LAYER;
    }

    public int high() {
        return layersHigh() + SUBSTRATE + 6;
    }

    public String viewBox() {
        return "0 0 260 " + high();
    }

    public String substrateAt() {
        return "translate(0 " + layersHigh() + ")";
    }

    public String substrate() {
        return words.name(surface.substrate());
    }

    public String side() {
        return "M1 0V" + (layersHigh() + SUBSTRATE);
    }

    /**
     * One layer.
     *
     * @param hatch what tells it from a coat of paint, as a fill; empty for one
     * @param what product and colour
     * @param how when, from what, by whom, in what air, and a note
     */
    public record Line(String at, String fill, String hatch, String name, String month, String what, String how) {}

    /** From the substrate up, as they were put on. */
    public List<Line> layers() {
        List<Line> lines = new ArrayList<>();
        int left = surface.coats().size();
        for (Coat coat : surface.coats()) {
            lines.add(line(coat, --left * LAYER));
        }
        return lines;
    }

    /** The last that was put on first. */
    public List<Line> layersDown() {
        return layers().reversed();
    }

    private Line line(Coat coat, int y) {
        return new Line(
                "translate(0 " + y + ")",
                coat.colour().map(colour -> colour.screen().hex()).orElse(NO_COLOUR),
                hatch(coat.layer()),
                words.name(coat.layer()),
                coat.month(words).orElse(""),
                what(coat),
                how(coat));
    }

    private static String hatch(Layer layer) {
        return switch (layer) {
            case SPOTS, SPOT_PRIMER, FILLER, STAIN_BLOCK -> "url(#l-SPOT)";
            case SKIM -> "url(#l-SKIM)";
            case UNKNOWN -> "url(#unknown-hatch)";
            case SUBSTRATE, PRIMER, FINISH, MIST_COAT, WALLPAPER, PANEL_FINISH, VARNISH -> "";
        };
    }

    private String what(Coat coat) {
        return joined(
                coat.colour().map(colour -> colour.name()),
                coat.product()
                        .map(product -> product.maker() + " " + product.name() + ", " + words.name(product.sheen())),
                places(coat));
    }

    private String how(Coat coat) {
        return joined(
                coat.day(words).map(words::date),
                Optional.of(coat.tinLabels())
                        .filter(labels -> !labels.isEmpty())
                        .map(of -> words.say("paint.tins", of)),
                Optional.of(coat.batch()).filter(batch -> !batch.isEmpty()).map(of -> words.say("paint.batch", of)),
                coat.appliedBy(),
                air(coat),
                Optional.of(coat.note()).filter(note -> !note.isEmpty()));
    }

    private Optional<String> places(Coat coat) {
        return coat.places().isEmpty()
                ? Optional.empty()
                : Optional.of(words.say(
                        coat.places().getAsInt() == 1 ? "coat.place" : "coat.places",
                        coat.places().getAsInt()));
    }

    private Optional<String> air(Coat coat) {
        String air = Stream.of(
                        coat.temperature().map(words::temperature),
                        coat.humidity().map(humidity -> words.number(humidity.inPercent(), 0) + " %"))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
        return Optional.of(air).filter(said -> !said.isEmpty());
    }

    @SafeVarargs
    private static String joined(Optional<String>... parts) {
        return Stream.of(parts).flatMap(Optional::stream).collect(Collectors.joining(" · "));
    }
}
