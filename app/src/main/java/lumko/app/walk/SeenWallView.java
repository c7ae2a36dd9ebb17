package lumko.app.walk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lumko.app.drawing.WallDrawing;
import lumko.app.platform.Words;
import lumko.core.judge.Deciding;

/** A wall from where people stand, with those of its spots that would be seen if they were touched up. */
public final class SeenWallView {
    private static final double BESIDE = 60;

    private final WallDrawing drawing;
    private final WalkedWall wall;
    private final Map<String, Deciding.Ranked> chances;
    private final Words words;

    SeenWallView(WalkedWall wall, Words words) {
        this.wall = wall;
        this.words = words;
        this.drawing = WallDrawing.of(
                wall.surface().asWall(),
                wall.surface().fill(),
                wall.marks().stream().map(PlacedMark::numbered).toList());
        this.chances = wall.verdict().deciding().get().likeliest().stream()
                .collect(Collectors.toMap(Deciding.Ranked::key, ranked -> ranked));
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
                    Optional<Deciding.Ranked> ranked =
                            Optional.ofNullable(chances.get(mark.id().toString()));
                    return new Spot(
                            mark.mark().centre().fromLeft().inMillimetres(),
                            drawing.height() - mark.mark().centre().aboveFloor().inMillimetres(),
                            Integer.toString(mark.number()),
                            words.chance(ranked.map(Deciding.Ranked::shows).orElse(0.0)),
                            ranked.filter(Deciding.Ranked::mayBeSeen).isPresent());
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
