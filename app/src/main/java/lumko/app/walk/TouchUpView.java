package lumko.app.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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

    TouchUpView(TouchUps.OnBench bench, TouchUp.Tried tried, double days, double metres, Words words) {
        this.bench = bench;
        this.tried = tried;
        this.days = days;
        this.metres = metres;
        this.words = words;
        this.scene = bench.touchUp().scene(tried);
        this.visibility = scene.map(Visibility::new);
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

    public double days() {
        return days;
    }

    public double eye() {
        return metres;
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

    /** The address of the picture with these handles. */
    public String picture() {
        return address("/touch-up.png");
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
                .toUriString();
    }

    // ---- what is seen

    /** In large letters: from where it is gone, for one who looks for it. */
    public String headline() {
        return gone(visibility.orElseThrow(), View.FRONT);
    }

    public String front() {
        return words.say("touchUp.front", words.number(days, 0));
    }

    public String along() {
        return words.say(isLit() ? "touchUp.along" : "touchUp.alongEven", gone(visibility.orElseThrow(), View.ALONG));
    }

    /** Where it is gone even from near, a difference may be left that is hardly seen. */
    private String gone(Visibility of, View view) {
        double from = of.goneFrom(view, days, Visibility.LOOKED_FOR);
        boolean isHardlySeen = from == 0 && Seen.of(of.score(view, NEAR, days)) != Seen.NOT_SEEN;
        return isHardlySeen ? words.say("touchUp.hardly") : gone(from);
    }

    private String gone(double from) {
        if (from == 0) {
            return words.say("touchUp.never");
        }
        return Double.isInfinite(from)
                ? words.say("touchUp.always")
                : words.say("touchUp.gone", Length.ofMetres(Math.ceil(from * 10) / 10));
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

    /** Another way of doing it, with from where that is gone. */
    public record Way(String name, String gone) {}

    public List<Way> ways() {
        List<Way> ways = new ArrayList<>();
        ways.add(way("touchUp.dab", DABBED));
        ways.add(way("touchUp.feather", FEATHERED));
        ways.add(new Way(words.say("touchUp.roll"), words.say("touchUp.never")));
        return ways;
    }

    private Way way(String key, double feather) {
        Scene scene = bench.touchUp().scene(tried.withFeather(feather)).orElseThrow();
        return new Way(words.say(key), gone(new Visibility(scene), View.FRONT));
    }

    public List<String> helps() {
        return visibility
                .orElseThrow()
                .helps(
                        View.FRONT,
                        days,
                        Visibility.LOOKED_FOR,
                        tried.isWashed() ? Optional.empty() : bench.touchUp().paints(true, 0))
                .stream()
                .filter(help -> help.kind() != Help.Kind.ROLL_THE_WALL)
                .map(help -> words.say("touchUp.help." + help.kind().name(), gone(help.goneFrom())))
                .toList();
    }
}
