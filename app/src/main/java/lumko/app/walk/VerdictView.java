package lumko.app.walk;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.platform.Words;
import lumko.core.activity.Caution;
import lumko.core.figure.Catalogue;
import lumko.core.geometry.EveryTime;
import lumko.core.job.Action;
import lumko.core.job.JobPlanner;
import lumko.core.judge.Option;
import lumko.core.practice.Practice;

/** What is done with a walked surface, what else could be, and why. */
public final class VerdictView {
    private final WalkedWall wall;
    private final Words words;
    private final Set<Caution> cautions = EnumSet.noneOf(Caution.class);

    VerdictView(WalkedWall wall, Practice practice, Catalogue figures, Words words) {
        this.wall = wall;
        this.words = words;
        new JobPlanner(figures, practice)
                .plan(wall.job())
                .unordered()
                .activities()
                .forEach(activity -> cautions.addAll(activity.cautions()));
    }

    /** What is done with the surface; where only what wears is painted, that. */
    public String headline() {
        List<EveryTime.Kind> worn = wall.places().stream()
                .filter(asked -> asked.answer().equals(Optional.of(PlaceAnswer.PAINT)))
                .map(asked -> asked.place().kind())
                .toList();
        if (wall.action() != Action.LEAVE || worn.isEmpty()) {
            return name(wall, wall.action(), words);
        }
        return worn.size() == 1
                ? words.say("walk.paints." + worn.getFirst().name())
                : words.say("walk.paintsPlaces", worn.size());
    }

    /** What is done with a wall; where lines and chips are all there is, that they are put right. */
    static String name(WalkedWall wall, Action action, Words words) {
        return isPutRight(wall, action) ? words.say("walk.putsRight") : words.name(action);
    }

    private static boolean isPutRight(WalkedWall wall, Action action) {
        return action.isSpots() && wall.found().isPutRightAtItsEdges();
    }

    /** The same in a word or two, where there is little room. */
    public String shortHeadline() {
        return wall.action() == Action.LEAVE || isPutRight(wall, wall.action())
                ? headline()
                : words.say("actionShort." + wall.action().name());
    }

    /** Headline and price, for a screen reader. */
    public String spoken() {
        return wall.hasWork() ? headline() + ", " + price() : headline();
    }

    public String price() {
        Option option = wall.price();
        return ofThis(words.say(
                "walk.price", option.hand(), option.paint(), option.elapsed().get()));
    }

    /** What a room or a flat is named for is not the price of all of it. */
    private String ofThis(String price) {
        return wall.action().takesInOthers() ? words.say("verdict.here", price) : price;
    }

    public List<String> reasons() {
        return wall.verdict().reasons().stream()
                .map(new FindingWords(words)::of)
                .toList();
    }

    public List<String> against(Option option) {
        return option.against().stream().map(new FindingWords(words)::inFull).toList();
    }

    /** Hand and paint alone. */
    public String shortPrice() {
        return ofThis(
                words.say("verdict.short", wall.price().hand(), wall.price().paint()));
    }

    public String showsShort() {
        return words.say("verdict.shows", words.chance(wall.price().shows().likely()));
    }

    /** What somebody decided, and why, where it is not the verdict. */
    public String decided() {
        String why = wall.visit().overruledWhy().orElse("");
        return wall.visit()
                .overruled()
                .filter(action -> action != wall.verdict().action())
                .map(action -> words.say(
                        why.isEmpty() ? "verdict.decided" : "verdict.decidedBecause",
                        wall.verdict().action(),
                        why))
                .orElse("");
    }

    /** All of the surface, the room or the flat: decided without a reason. */
    public List<Action> wholes() {
        return Stream.of(Action.ROLL, Action.ROOM, Action.FLAT)
                .filter(action -> action != wall.verdict().action())
                .toList();
    }

    public String wholeName(Action action) {
        return words.say((wall.surface().isCeiling() ? "verdict.wholeCeiling." : "verdict.whole.") + action.name());
    }

    public boolean isDecided(Action action) {
        return wall.visit().overruled().equals(Optional.of(action));
    }

    /** What would be less than the verdict, or other than painting: that wants a reason. */
    public List<Action> less() {
        return wall.verdict().options().stream()
                .map(Option::action)
                .filter(action -> !action.isWhole() && action != wall.verdict().action())
                .toList();
    }

    /** What an option costs and how likely it shows, with its range. */
    public String workedOut(Option option) {
        return words.say(
                "verdict.workedOut",
                option.action(),
                option.expected(),
                words.chance(option.shows().low()),
                words.chance(option.shows().high()));
    }

    /** What can hurt someone in the work as decided. */
    public Set<Caution> cautions() {
        return cautions;
    }

    /** The same in a few words. */
    public String cautionWords() {
        return cautions.stream()
                .map(caution -> words.say("cautionWord." + caution.name()))
                .collect(Collectors.joining(" · "));
    }
}
