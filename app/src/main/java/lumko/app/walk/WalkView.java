package lumko.app.walk;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.catalogue.Colour;
import lumko.app.catalogue.Paint;
import lumko.app.house.Coat;
import lumko.app.house.Surface;
import lumko.app.platform.Words;
import lumko.app.reading.Candidate;
import lumko.core.activity.Wait;
import lumko.core.colour.Seen;
import lumko.core.drying.Climate;
import lumko.core.drying.Drying;
import lumko.core.drying.DryingModel;
import lumko.core.drying.Purpose;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.RoomLight;
import lumko.core.geometry.Fitting;
import lumko.core.hold.Holding;
import lumko.core.job.BuildUp;
import lumko.core.job.Cover;
import lumko.core.job.FittingWay;
import lumko.core.job.FreshPlaster;
import lumko.core.job.JobPlanner;
import lumko.core.practice.Practice;
import lumko.core.quantity.Times;
import lumko.core.record.Raw;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/** A walked wall put into words for its page. */
public final class WalkView {
    private final WalkedWall wall;
    private final Practice practice;
    private final Catalogue figures;
    private final LocalDate today;
    private final Words words;

    WalkView(WalkedWall wall, Practice practice, Catalogue figures, LocalDate today, Words words) {
        this.wall = wall;
        this.practice = practice;
        this.figures = figures;
        this.today = today;
        this.words = words;
    }

    public String flatName() {
        return wall.flat().house().name() + " " + wall.flat().number();
    }

    public String label() {
        return wall.flat().labelOf(wall.surface().id(), words);
    }

    public String pageTitle() {
        return flatName() + ", " + label();
    }

    /** What kind of surface it is. */
    public String kind() {
        return words.say(wall.surface().isCeiling() ? "walk.thisCeiling" : "walk.thisWall");
    }

    /** Where the way on leads: to a surface, or back to the flat. */
    public String nextLabel(@Nullable UUID next) {
        return next == null
                ? words.say("walk.toFlat")
                : words.say("walk.next", wall.flat().labelOf(next, words));
    }

    public String nextLink(@Nullable UUID next) {
        return next == null
                ? "/flats/" + wall.flat().id() + "?surface=" + wall.surface().id()
                : "/walls/" + next + "/walk";
    }

    // ---- its room

    public boolean isFound(RoomFinding finding) {
        return wall.around().findings().contains(finding);
    }

    /** What was noticed of the room, behind its name. */
    public String foundInRoom() {
        return wall.around().findings().stream().map(words::name).collect(Collectors.joining(", "));
    }

    public String where(AskedPlace asked) {
        return words.say(
                "walk.where",
                words.place(asked.place().box().left()),
                words.place(asked.place().box().width()));
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

    /** When new plaster is dry enough to be painted, and how one sees it. */
    public String stands() {
        boolean isWet =
                wall.visit().onIt().flatMap(OnIt::raw).filter(Raw::isPutOnWet).isPresent();
        return FreshPlaster.on(wall.found().stack(), figures)
                .map(this::stands)
                .orElseGet(() -> isWet ? words.say("walk.standsUnknown") : "");
    }

    private String stands(FreshPlaster fresh) {
        Wait wait = new Wait(fresh.wet(), Purpose.PAINT);
        return switch (wait.in(Climate.REFERENCE, new DryingModel(figures))) {
            case Drying.Dries dries ->
                words.say(
                        dries.likely().compareTo(fresh.ago()) > 0 ? "walk.stands" : "walk.hasStood",
                        words.fromToday(today.minusDays(fresh.ago().toDays()), today),
                        words.date(on(dries.likely(), fresh)),
                        words.date(on(dries.safe(), fresh)));
            case Drying.DoesNotDry none -> words.say("walk.standsUnknown");
        };
    }

    private LocalDate on(Duration dry, FreshPlaster fresh) {
        return today.plusDays(Math.ceilDiv(dry.minus(fresh.ago()).toHours(), 24));
    }

    /** Whether what is there grins through the first coat of something else, and what is done about it. */
    public String hides() {
        Cover cover = wall.found().goesOn().cover();
        if (!cover.isCovered() || cover.leftAfterOne() <= figures.limit(Figure.NOT_SEEN)) {
            return "";
        }
        String there =
                wall.surface().topCoat().flatMap(Coat::colour).map(Colour::name).orElse("");
        BuildUp build = new JobPlanner(figures, practice).buildUp(wall.face());
        return words.say(
                build.undercoats() > 0 ? "walk.hidesUnder" : "walk.hidesAfter",
                there,
                words.chance(cover.oneMore(build)));
    }

    public boolean hasColour() {
        return wall.surface().topCoat().flatMap(Coat::colour).isPresent();
    }

    /** To the bench, with what is on it and what goes on. */
    public String benchLink() {
        String one = wall.surface()
                .topCoat()
                .flatMap(Coat::colour)
                .map(colour -> colour.id().toString())
                .orElse("");
        return UriComponentsBuilder.fromPath("/bench")
                .queryParam("one", one)
                .queryParam(
                        "other",
                        wall.paint()
                                .map(paint -> paint.colour().id().toString())
                                .orElse(""))
                .queryParam(
                        "product",
                        wall.paint()
                                .map(paint -> paint.product().id().toString())
                                .orElse(""))
                .queryParam("surface", wall.surface().id())
                .toUriString();
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

    /** How light the room is by its surfaces, and what it becomes by the next colour of this one; nothing where one is unknown. */
    public String roomLight() {
        if (!wall.room().isLightKnown()) {
            return "";
        }
        RoomLight before = wall.room().light();
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
                Seen.of(onRecord.match().difference()));
    }

    private static long lrv(Surface surface) {
        return Math.round(
                surface.topCoat().flatMap(Coat::colour).map(Colour::lrv).orElse(0.0));
    }

    /** Whether the next colour drops a small room into the dark. */
    public String darkens() {
        RoomLight before = wall.room().light();
        RoomLight after = lightAfter();
        return RoomLight.drops(before, after, wall.room().outline().floorArea())
                ? words.say(
                        "walk.darkens", Math.round(100 * before.reflectance()), Math.round(100 * after.reflectance()))
                : "";
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

    /** How each fitting of the surface is got out of the way, the others for comparison. */
    public List<FittingLine> fittings() {
        return wall.surface().fitted().stream()
                .map(fitted -> {
                    List<FittingWay> ways = FittingWay.of(fitted.fitting().kind(), fitted.way(), practice, figures);
                    return new FittingLine(
                            fitted.id(),
                            fitted.fitting().kind(),
                            words.place(fitted.fitting().box().left()),
                            fitted.way().isPresent(),
                            ways.stream().map(FittingWay::way).findFirst(),
                            ways.stream()
                                    .sorted(Comparator.comparing(FittingWay::way))
                                    .toList());
                })
                .toList();
    }

    /**
     * A fitting and its ways, always in the same order, so that none moves under a finger.
     *
     * @param isOwn whether its way was decided for this one
     * @param taken empty where it comes onto the finished wall
     */
    public record FittingLine(
            UUID id,
            Fitting.Kind kind,
            String fromLeft,
            boolean isOwn,
            Optional<FittingWay.Way> taken,
            List<FittingWay> ways) {}

    public String called(FittingLine fitting, FittingWay.Way way) {
        return Surface.Fitted.called(way, fitting.kind(), words);
    }

    /** What a way of getting a fitting out of the way costs and risks. */
    public String costs(FittingWay way) {
        return words.say(
                "walk.way",
                words.number(Times.inMinutes(way.hand()), 1),
                words.chance(way.halo()),
                words.chance(way.broken()));
    }
}
