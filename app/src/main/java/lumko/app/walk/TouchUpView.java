package lumko.app.walk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import lumko.app.platform.UnitSystem;
import lumko.app.platform.UsUnits;
import lumko.app.platform.Words;
import lumko.core.colour.Seen;
import lumko.core.judge.TouchUp;
import lumko.core.quantity.Length;
import lumko.core.visibility.Help;
import lumko.core.visibility.Scene;
import lumko.core.visibility.TouchUpTool;
import lumko.core.visibility.View;
import lumko.core.visibility.Visibility;
import org.springframework.web.util.UriComponentsBuilder;

/** A touch-up on the bench, put into words. */
public final class TouchUpView {
    /** A dab is pulled out a little all the same. */
    private static final double DABBED = 10;

    private static final double FEATHERED = 60;

    /** Arm's length, in metres. */
    private static final double NEAR = 0.7;

    private final TouchUps.OnBench bench;
    private final TouchUp.Tried tried;
    private final double days;
    private final double metres;
    private final Words words;
    private final Optional<Scene> scene;
    private final Optional<Visibility> visibility;
    private Optional<CompletableFuture<String>> picture = Optional.empty();
    private final Map<Asked, Double> known = new HashMap<>();

    /** Each distance is searched for once. */
    private record Asked(Visibility of, View view) {}

    TouchUpView(TouchUps.OnBench bench, TouchUp.Tried tried, double days, double metres, Words words) {
        this.bench = bench;
        this.tried = tried;
        this.days = days;
        this.metres = metres;
        this.words = words;
        this.scene = bench.touchUp().scene(tried);
        this.visibility = scene.map(Visibility::new);
    }

    /** Begins to draw the picture while the rest is worked out; for answers that show it. */
    TouchUpView drawn() {
        double across = stage().across();
        picture = scene.map(each -> CompletableFuture.supplyAsync(() -> TouchUps.picture(each, days, across)));
        return this;
    }

    public UUID markId() {
        return bench.repaired().mark().id();
    }

    public String title() {
        WalkedWall wall = bench.repaired().wall();
        return words.say(
                "touchUp.title",
                wall.flat().house().name() + " " + wall.flat().number(),
                wall.flat().labelOf(wall.surface().id(), words),
                new MarkWords(words).of(bench.repaired().mark().mark()));
    }

    public UUID wallId() {
        return bench.repaired().wall().surface().id();
    }

    public boolean isKnown() {
        return visibility.isPresent();
    }

    // ---- handles

    public double feather() {
        return tried.feather();
    }

    public TouchUpTool tool() {
        return tried.tool();
    }

    public double elevation() {
        return tried.elevation();
    }

    public boolean isWashed() {
        return tried.isWashed();
    }

    public boolean isByTorch() {
        return tried.isByTorch();
    }

    public double days() {
        return days;
    }

    public double eye() {
        return metres;
    }

    // ---- what the handles say beside themselves

    public String featherSaid() {
        return words.say("touchUp.featherSaid", Length.ofMillimetres(tried.feather()));
    }

    public String lightSaid() {
        return words.number(tried.elevation(), 0) + "°";
    }

    public String eyeSaid() {
        return words.say("touchUp.eyeSaid", words.place(Length.ofMetres(metres)));
    }

    public String daysSaid() {
        return words.say(days == 1 ? "touchUp.daySaid" : "touchUp.daysSaid", words.number(days, 0));
    }

    /** What a tick of the ruler says: the number, and its unit at the end. */
    public String tick(int metres, boolean isLast) {
        double number = words.units() == UnitSystem.US ? metres / UsUnits.METRES_A_FOOT : metres;
        return words.number(number, words.units() == UnitSystem.US ? 1 : 0) + (isLast ? " " + words.longUnit() : "");
    }

    public boolean isLit() {
        return scene.filter(each -> each.light().share() > 0).isPresent();
    }

    /** What the handles say, each with its unit. */
    public String told() {
        return words.say(
                isLit() ? "touchUp.told" : "touchUp.toldEven",
                Length.ofMillimetres(tried.feather()),
                words.name(tried.tool()),
                words.number(days, 0),
                Length.ofMetres(metres),
                words.number(tried.elevation(), 0));
    }

    /** The piece of wall as it would be painted; drawn beside the search for where it is gone. */
    public String picture() {
        return picture.orElseThrow().join();
    }

    private BenchStage stage() {
        return new BenchStage(bench, tried, days);
    }

    /** What is on the wall and what goes on it: the record it was worked out from. */
    public String rests() {
        return bench.repaired()
                .wall()
                .paint()
                .map(paint -> words.say(
                        "touchUp.rests", paint.colour().name(), paint.product().name()))
                .orElse("");
    }

    /** The address of what takes longer to work out. */
    public String more() {
        return address("/touch-up/more");
    }

    private String address(String what) {
        return UriComponentsBuilder.fromPath("/marks/" + markId() + what)
                .queryParam("feather", tried.feather())
                .queryParam("tool", tried.tool())
                .queryParam("elevation", tried.elevation())
                .queryParam("days", days)
                .queryParam("washed", tried.isWashed() ? "yes" : "no")
                .queryParam("torch", tried.isByTorch() ? "yes" : "no")
                .toUriString();
    }

    // ---- what is seen

    /** In large letters: from where it is gone, for one who looks for it. */
    public String headline() {
        return gone(visibility.orElseThrow(), View.FRONT);
    }

    /** The same in metres, for the ruler: 0 where it is not seen, endless where it is always. */
    public double goneFrom() {
        return from(visibility.orElseThrow(), View.FRONT);
    }

    public String front() {
        return words.say("touchUp.front", words.number(days, 0));
    }

    /** The same for one who does not look for it. */
    public String passing() {
        double from = visibility
                .orElseThrow()
                .goneFrom(View.FRONT, days, bench.touchUp().notLookedFor());
        return words.say("touchUp.passing", gone(from));
    }

    public String along() {
        return words.say(isLit() ? "touchUp.along" : "touchUp.alongEven", gone(visibility.orElseThrow(), View.ALONG));
    }

    private double from(Visibility of, View view) {
        return known.computeIfAbsent(
                new Asked(of, view),
                asked -> of.goneFrom(view, days, bench.touchUp().lookedFor()));
    }

    /** Where it is gone even from near, a difference may be left that is hardly seen. */
    private String gone(Visibility of, View view) {
        double from = from(of, view);
        boolean isHardlySeen = from == 0 && Seen.of(of.score(view, NEAR, days)) != Seen.NOT_SEEN;
        return isHardlySeen ? words.say("touchUp.hardly") : gone(from);
    }

    /** Steps and feet, never millimetres: that is how far somebody stands. */
    private String distance(double metresAway) {
        boolean isUs = words.units() == UnitSystem.US;
        return words.number(isUs ? metresAway / UsUnits.METRES_A_FOOT : metresAway, 1) + " " + words.longUnit();
    }

    private String gone(double from) {
        if (from == 0) {
            return words.say("touchUp.never");
        }
        return Double.isInfinite(from)
                ? words.say("touchUp.always")
                : words.say("touchUp.gone", distance(Math.ceil(from * 10) / 10));
    }

    /** Whether somebody who stands where the handle says sees it. */
    public String standing() {
        String key = switch (Seen.of(visibility.orElseThrow().score(View.FRONT, metres, days))) {
            case NOT_SEEN -> "touchUp.notSeen";
            case HARDLY -> "touchUp.hardlySeen";
            case AT_THE_EDGE -> "touchUp.seenByWhoLooks";
            case SEEN -> "touchUp.seen";
        };
        return words.say(key, Length.ofMetres(metres));
    }

    /** How sure that is: the paint may turn out lighter than on record. */
    public String ifOff() {
        double off = bench.touchUp().spread();
        return bench.touchUp()
                .scene(tried, off)
                .map(scene -> words.say("touchUp.ifOff", gone(new Visibility(scene), View.FRONT)))
                .orElse("");
    }

    /** Another way of doing it, with its picture and from where that is gone. */
    public record Way(String name, String gone, String picture) {}

    /** The same wall left alone, dabbed, feathered and rolled. */
    public List<Way> ways() {
        double across = stage().across();
        List<Way> ways = new ArrayList<>();
        bench.touchUp()
                .leftAlone(bench.repaired().mark().mark().fault(), tried.elevation())
                .ifPresent(scene -> ways.add(way("touchUp.leave", scene, across)));
        ways.add(way("touchUp.dab", feathered(DABBED), across));
        ways.add(way("touchUp.feather", feathered(FEATHERED), across));
        Scene bare = bench.touchUp().bare(tried).orElseThrow();
        ways.add(new Way(words.say("touchUp.roll"), words.say("touchUp.never"), TouchUps.small(bare, days, across)));
        return ways;
    }

    private Scene feathered(double feather) {
        return bench.touchUp().scene(tried.withFeather(feather)).orElseThrow();
    }

    private Way way(String key, Scene scene, double across) {
        return new Way(words.say(key), gone(new Visibility(scene), View.FRONT), TouchUps.small(scene, days, across));
    }

    public List<String> helps() {
        return visibility
                .orElseThrow()
                .helps(
                        View.FRONT,
                        days,
                        bench.touchUp().lookedFor(),
                        tried.isWashed() ? Optional.empty() : bench.touchUp().paints(true, 0))
                .stream()
                .filter(help -> help.kind() != Help.Kind.ROLL_THE_WALL)
                .map(help -> words.say("touchUp.help." + help.kind().name(), gone(help.goneFrom())))
                .toList();
    }
}
