package lumko.app.walk;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lumko.app.house.Coat;
import lumko.app.house.Surface;
import lumko.app.paint.Colour;
import lumko.app.paint.Paint;
import lumko.app.platform.Words;
import lumko.app.reading.Candidate;
import lumko.core.activity.Caution;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.RoomLight;
import lumko.core.geometry.EveryTime;
import lumko.core.hold.Holding;
import lumko.core.job.Action;
import lumko.core.job.Cover;
import lumko.core.job.FittingWay;
import lumko.core.job.JobPlanner;
import lumko.core.judge.Finding;
import lumko.core.judge.Option;
import lumko.core.practice.Practice;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;

/** A walked wall put into words for its page. */
public final class WalkView {
    /** How much an area or a line grows at one press. */
    private static final double GROWTH = 1.25;

    /** Spots that the scale shows at the least. */
    private static final int SHORTEST_SCALE = 12;

    private final WalkedWall wall;
    private final Practice practice;
    private final Catalogue figures;
    private final Words words;
    private final MarkWords markWords;

    WalkView(WalkedWall wall, Practice practice, Catalogue figures, Words words) {
        this.wall = wall;
        this.practice = practice;
        this.figures = figures;
        this.words = words;
        this.markWords = new MarkWords(words);
    }

    /** What is done with the surface; where only what wears is painted, that. */
    public String headline() {
        List<EveryTime.Kind> worn = wall.places().stream()
                .filter(asked -> asked.answer().equals(Optional.of(PlaceAnswer.PAINT)))
                .map(asked -> asked.place().kind())
                .toList();
        if (wall.action() != Action.LEAVE || worn.isEmpty()) {
            return words.name(wall.action());
        }
        return worn.size() == 1
                ? words.say("walk.paints." + worn.getFirst().name())
                : words.say("walk.paintsPlaces", worn.size());
    }

    /** Whether somebody has said that the record is right for this surface. */
    public boolean isAgreed() {
        return wall.visit().answer().equals(Optional.of(PaintAnswer.RECORD_AGREES));
    }

    public String price() {
        Option option = wall.price();
        return words.say(
                "walk.price", option.hand(), option.paint(), option.elapsed().get());
    }

    public List<String> reasons() {
        return sentences(wall.verdict().reasons());
    }

    public List<String> against(Option option) {
        return sentences(option.against());
    }

    private List<String> sentences(List<Finding> findings) {
        return findings.stream().map(new FindingWords(words)::of).toList();
    }

    public String shows(Option option) {
        return words.chance(option.shows().likely());
    }

    /** The range of the chance, for whoever opens the number. */
    public String showsRange(Option option) {
        return words.say(
                "walk.range",
                words.chance(option.shows().low()),
                words.chance(option.shows().high()));
    }

    /** What can hurt someone in the work as decided. */
    public Set<Caution> cautions() {
        Set<Caution> cautions = EnumSet.noneOf(Caution.class);
        new JobPlanner(figures, practice)
                .plan(wall.job())
                .unordered()
                .activities()
                .forEach(activity -> cautions.addAll(activity.cautions()));
        return cautions;
    }

    /** The same in a few words. */
    public String cautionWords() {
        return cautions().stream()
                .map(caution -> words.say("cautionWord." + caution.name()))
                .collect(Collectors.joining(" · "));
    }

    /** The number of spots from which rolling wins, or nothing if that is out of sight or already so. */
    public int rollsFrom() {
        return wall.verdict().rollsFrom().orElse(0);
    }

    public int scaleLength() {
        return Math.max(SHORTEST_SCALE, Math.max(wall.verdict().spots(), rollsFrom()) + 2);
    }

    /** A mark's size in words. */
    public String size(PlacedMark placed) {
        return markWords.size(placed.mark().fault());
    }

    /** What is not as usual about a mark, in words. */
    public String condition(PlacedMark placed) {
        return String.join(", ", markWords.condition(placed.mark().fault()));
    }

    /** Height and distance from the nearer corner, as one finds it again. */
    public String place(PlacedMark placed) {
        var centre = placed.mark().centre();
        Length fromRight = wall.surface().asWall().width().minus(centre.fromLeft());
        boolean left = !centre.fromLeft().isLongerThan(fromRight);
        return words.say(
                left ? "place.left" : "place.right",
                words.place(centre.aboveFloor()),
                words.place(left ? centre.fromLeft() : fromRight));
    }

    public Measures bigger(PlacedMark placed) {
        return step(placed, 1);
    }

    public Measures smaller(PlacedMark placed) {
        return step(placed, -1);
    }

    /** The next size of the ladder, or a growth by a quarter. */
    private static Measures step(PlacedMark placed, int direction) {
        FaultKind kind = placed.mark().fault().kind();
        Measures now = placed.mark().fault().measures();
        if (kind.ladder().isEmpty()) {
            double factor = direction > 0 ? GROWTH : 1 / GROWTH;
            return new Measures(now.across().times(factor), now.up().times(factor), now.depth());
        }
        List<Length> ladder = kind.ladder();
        Length next = now.across();
        if (direction > 0) {
            next = ladder.stream()
                    .filter(size -> size.isLongerThan(now.across()))
                    .findFirst()
                    .orElse(now.across());
        } else {
            List<Length> smaller = ladder.stream()
                    .filter(size -> now.across().isLongerThan(size))
                    .toList();
            if (!smaller.isEmpty()) {
                next = smaller.getLast();
            }
        }
        return new Measures(next, next, now.depth());
    }

    /** Depths or gaps offered for a mark that has one: a quarter of the usual to five times as much. */
    public List<Length> depths(PlacedMark placed) {
        FaultKind kind = placed.mark().fault().kind();
        return kind.hasDepth() ? kind.depths() : List.of();
    }

    // ---- what stands around it

    /** Whether the next coat holds, in a word. */
    public String holds() {
        return words.name(wall.holding().answer());
    }

    /** Why, and what it needs first. */
    public String holdsBecause() {
        Holding holding = wall.holding();
        String reasons = holding.reasons().stream().map(words::name).collect(Collectors.joining("; "));
        return holding.needs().isEmpty()
                ? reasons
                : words.say(
                        "walk.holdsFirst",
                        reasons,
                        holding.needs().stream().map(words::name).collect(Collectors.joining(", ")));
    }

    /** Whether what is there grins through the first coat of something else, and what is done about it. */
    public String hides() {
        Cover cover = wall.found().goesOn().cover();
        if (!cover.isCovered() || cover.leftAfterOne() <= figures.limit(Figure.NOT_SEEN)) {
            return "";
        }
        String there =
                wall.surface().topCoat().flatMap(Coat::colour).map(Colour::name).orElse("");
        int undercoats = new JobPlanner(figures, practice).buildUp(wall.found()).undercoats();
        return words.say(undercoats > 0 ? "walk.hidesUnder" : "walk.hidesAfter", there, words.chance(cover.oneMore()));
    }

    /** How much light the surface gives back, and how much lighter or darker what stands beside it is. */
    public String light() {
        long own = lrv(wall.surface());
        return words.say(
                "walk.lrv",
                own,
                wall.room().surfaces().stream()
                        .filter(surface -> surface.kind() != wall.surface().kind())
                        .filter(surface ->
                                surface.topCoat().flatMap(Coat::colour).isPresent())
                        .map(surface -> beside(words.name(surface.kind()), own, lrv(surface)))
                        .collect(Collectors.joining()));
    }

    private String beside(String kind, long own, long other) {
        String key = other > own ? "walk.lrvLighter" : other < own ? "walk.lrvDarker" : "walk.lrvBeside";
        return words.say(key, kind, other, Math.abs(other - own));
    }

    /** How light the room is by its surfaces, and what it becomes by the next colour of this one. */
    public String roomLight() {
        RoomLight before = lightBefore();
        RoomLight after = lightAfter();
        long now = Math.round(100 * before.reflectance());
        long then = Math.round(100 * after.reflectance());
        return words.say(
                now == then ? "walk.roomLight" : "walk.roomLightChanges",
                now,
                words.fixed(before.gain(), 1),
                then,
                words.fixed(after.gain(), 1));
    }

    /** What the last reading says of the paint on record. */
    public String read(Candidate onRecord) {
        return words.say(
                onRecord.match().isSomethingElse() ? "walk.readElse" : "walk.readAgrees",
                onRecord.paint().colour().name(),
                words.fixed(onRecord.match().difference(), 1),
                words.fixed(onRecord.match().uncertainty(), 1));
    }

    private static long lrv(Surface surface) {
        return Math.round(
                surface.topCoat().flatMap(Coat::colour).map(Colour::lrv).orElse(0.0));
    }

    /** Whether the next colour drops a small room into the dark. */
    public String darkens() {
        RoomLight before = lightBefore();
        RoomLight after = lightAfter();
        return RoomLight.drops(before, after, wall.room().outline().floorArea())
                ? words.say(
                        "walk.darkens", Math.round(100 * before.reflectance()), Math.round(100 * after.reflectance()))
                : "";
    }

    private RoomLight lightBefore() {
        return wall.room().light(surface -> surface.topCoat().flatMap(Coat::colour));
    }

    private RoomLight lightAfter() {
        return wall.room()
                .light(surface -> surface.id().equals(wall.surface().id())
                        ? wall.paint()
                                .map(Paint::colour)
                                .or(() -> surface.topCoat().flatMap(Coat::colour))
                        : surface.topCoat().flatMap(Coat::colour));
    }

    /** What a surface needs before its next coat, as the rest of a sentence. */
    public String needs(Holding holding) {
        return holding.needs().isEmpty()
                ? ""
                : ": " + holding.needs().stream().map(words::name).collect(Collectors.joining(", "));
    }

    /** How each fitting of the surface is got out of the way, the others for comparison. */
    public List<FittingLine> fittings() {
        return wall.surface().asWall().fittings().stream()
                .map(fitting -> {
                    List<FittingWay> ways = FittingWay.of(fitting.kind(), practice, figures);
                    return new FittingLine(
                            words.name(fitting.kind()),
                            way(ways.getFirst()),
                            ways.stream().skip(1).map(this::way).toList());
                })
                .distinct()
                .toList();
    }

    /** A fitting, its way, and the ways it could also have. */
    public record FittingLine(String fitting, String way, List<String> others) {}

    private String way(FittingWay way) {
        return words.name(way.way()) + ": "
                + words.say(
                        "walk.way",
                        words.number(Times.inMinutes(way.hand()), 1),
                        words.chance(way.halo()),
                        words.chance(way.broken()));
    }

    /** The ladder of a kind in millimetres, for dragging. */
    public String ladder(FaultKind kind) {
        return String.join(
                " ",
                kind.ladder().stream()
                        .map(size -> String.valueOf(size.inMillimetres()))
                        .toList());
    }

    /** The same sizes in words. */
    public String ladderWords(FaultKind kind) {
        return String.join("|", kind.ladder().stream().map(words::length).toList());
    }
}
