package lumko.app.walk;

import java.util.List;
import java.util.stream.IntStream;
import lumko.app.catalogue.Paint;
import lumko.app.platform.Words;
import lumko.core.job.BuildUp;
import lumko.core.judge.BuiltUp;

/** In how many coats a surface could be painted, each with what it comes to, put into words. */
public final class CoatsView {
    private static final double LOWEST = 28;
    private static final double STEP = 8;

    private final WalkedWall wall;
    private final List<BuiltUp> ways;
    private final Words words;
    private final CoatsWords coats;

    /** @param ways as the house would do it first */
    CoatsView(WalkedWall wall, List<BuiltUp> ways, Words words) {
        this.wall = wall;
        this.ways = ways;
        this.words = words;
        this.coats = new CoatsWords(words);
    }

    public int version() {
        return wall.visit().version();
    }

    /** Whether all of the surface is painted at all. */
    public boolean isWhole() {
        return wall.action().isWhole();
    }

    /** On whose figures it rests where the maker's sheet is not on record; empty where it is, or nothing has to be covered. */
    public String assumed() {
        return wall.paint()
                .map(Paint::product)
                .filter(product -> product.sheet().isEmpty()
                        && wall.face().goesOn().cover().isCovered())
                .map(product -> words.say("coats.usualSheet", product.fullName()))
                .orElse("");
    }

    public String reach(Reach reach) {
        return reach.word(wall.surface(), words);
    }

    public List<Line> lines() {
        return ways.stream().map(this::line).toList();
    }

    private Line line(BuiltUp way) {
        boolean isTheHouse = way.equals(ways.getFirst());
        boolean isChosen = wall.visit().coats().map(way.build()::equals).orElse(isTheHouse);
        BuildUp build = way.build();
        return new Line(
                layers(build),
                isTheHouse ? "" : build.undercoats() + "+" + build.finish(),
                isTheHouse ? words.say("coats.house", coats.of(build)) : coats.of(build),
                words.say("coats.price", way.hand(), way.paint(), way.elapsed()),
                more(way.oneMore()),
                isChosen);
    }

    private String more(BuiltUp.OneMore more) {
        return words.say("coats.more", words.chance(more.chance()), more.hand(), more.paint(), more.elapsed());
    }

    /** A layer of the little picture, from the wall outwards. */
    public record Layer(double y, boolean isUndercoat) {}

    private static List<Layer> layers(BuildUp build) {
        int all = build.undercoats() + build.finish();
        return IntStream.range(0, all)
                .mapToObj(layer -> new Layer(LOWEST - layer * STEP, layer < build.undercoats()))
                .toList();
    }

    /**
     * One way.
     *
     * @param layers drawn, the lowest first
     * @param sent undercoats and coats, as they are sent back; empty for the way of the house
     */
    public record Line(List<Layer> layers, String sent, String name, String price, String more, boolean isChosen) {}
}
