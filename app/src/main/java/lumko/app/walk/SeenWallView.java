package lumko.app.walk;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lumko.app.drawing.WallDrawing;
import lumko.app.platform.Words;
import lumko.core.judge.Deciding;

/** A wall from where people stand, with those of its spots that would be seen if they were touched up. */
public final class SeenWallView {
    /** From this chance on a spot is drawn as one that would be seen. ASSUMPTION: one in five. */
    private static final double SEEN_FROM = 0.2;

    private static final double BESIDE = 60;

    private final WallDrawing drawing;
    private final WalkedWall wall;
    private final Map<String, Double> chances;
    private final Words words;

    SeenWallView(WalkedWall wall, Words words) {
        this.wall = wall;
        this.words = words;
        this.drawing = WallDrawing.of(
                wall.surface().asWall(),
                wall.surface().fill(),
                wall.marks().stream().map(PlacedMark::numbered).toList());
        this.chances = wall.verdict().deciding().get().likeliest().stream()
                .collect(Collectors.toMap(Deciding.Ranked::key, Deciding.Ranked::shows));
    }

    public WallDrawing drawing() {
        return drawing;
    }

    public String viewBox() {
        return -BESIDE + " " + -BESIDE + " " + (drawing.width() + 2 * BESIDE) + " " + (drawing.height() + 2 * BESIDE);
    }

    public String trimFill() {
        return wall.surface().isCeiling() ? "none" : "";
    }

    /** A spot on the wall; its radius says nothing but that it can be found. */
    public record Spot(double x, double y, String number, String chance, boolean isSeen) {}

    public List<Spot> spots() {
        return wall.marks().stream()
                .map(mark -> {
                    double shows = chances.getOrDefault(mark.id().toString(), 0.0);
                    return new Spot(
                            mark.mark().centre().fromLeft().inMillimetres(),
                            drawing.height() - mark.mark().centre().aboveFloor().inMillimetres(),
                            Integer.toString(mark.number()),
                            words.chance(shows),
                            shows >= SEEN_FROM);
                })
                .toList();
    }

    public String said() {
        long seen = spots().stream().filter(Spot::isSeen).count();
        return words.say(
                seen == 1 ? "touchUp.wallOne" : "touchUp.wall",
                seen,
                wall.marks().size());
    }
}
