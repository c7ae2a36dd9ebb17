package lumko.core.repair;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Move;
import lumko.core.activity.Spread;
import lumko.core.activity.Tool;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Fault;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;
import lumko.core.repair.Ground.Painted;
import lumko.core.repair.Repair.PaintAfter;
import lumko.core.repair.Repair.Sealing;

/**
 * The moves of one repair as they are laid down, and what they are made of: filling, levelling, sealing, washing, in the
 * surroundings of the place. Each family of methods lays its own.
 */
final class Chain {
    private static final ActivityKind[] ROUNDS = {ActivityKind.FILL, ActivityKind.FILL_AGAIN, ActivityKind.FILL_THIRD};

    final Fault fault;
    final Ground ground;
    final Catalogue figures;
    final Practice practice;
    private final Mark mark;
    private final List<Move> moves = new ArrayList<>();
    private final Set<Advice> says = EnumSet.noneOf(Advice.class);
    private Length across;
    private Area area;
    private PaintAfter after = PaintAfter.THE_PLACE;
    private Sealing sealing = Sealing.NONE;

    Chain(Mark mark, Ground ground, Catalogue figures, Practice practice) {
        this.mark = mark;
        this.fault = mark.fault();
        this.ground = ground;
        this.figures = figures;
        this.practice = practice;
        this.across = fault.extent();
        this.area = fault.area();
    }

    Repair repair(Choice chosen, List<Choice> others) {
        return new Repair(chosen, others, moves, across, area, after, sealing, says);
    }

    // ---- the place

    Length extent() {
        return fault.extent();
    }

    Length depth() {
        return fault.measures().depth();
    }

    double depthMm() {
        return fault.measures().depth().inMillimetres();
    }

    boolean isWet() {
        return ground.isWorkedWet(practice, figures);
    }

    boolean isDabbed() {
        return ground.painted() == Painted.IN_SPOTS;
    }

    void say(Advice... more) {
        says.addAll(List.of(more));
    }

    // ---- laying moves

    Move move(ActivityKind kind) {
        Move move = Move.of(kind).count(1);
        Length reach = figures.length(Figure.REACH);
        if (mark.reachesInto(reach, reach.times(10))) {
            move = move.with(Caution.LADDER).with(Tool.PLATFORM).says(Advice.FOOTED_LADDER);
        }
        return ground.isDamp() ? move.with(Caution.CAUSE_FIRST) : move;
    }

    void add(Move move) {
        moves.add(move);
    }

    /** Changes the move laid last. */
    void amend(UnaryOperator<Move> change) {
        moves.set(moves.size() - 1, change.apply(moves.getLast()));
    }

    boolean has(ActivityKind kind) {
        return moves.stream().anyMatch(move -> move.kind() == kind);
    }

    Move disturbing(Move move) {
        return ground.site().disturbing(move, figures);
    }

    /** Pulls, scrapes or cuts until what is left is sound. */
    void makeSound(Figure minutesEach, Tool... tools) {
        add(disturbing(
                move(ActivityKind.MAKE_SOUND).hand(figures.each(minutesEach, 1)).with(tools)));
    }

    /** Scrapes an area, with so many single places in it, flat. */
    void scrapeFlat() {
        add(disturbing(move(ActivityKind.MAKE_SOUND)
                .area(fault.area())
                .hand(figures.each(Figure.MAKE_SOUND, fault.condition().count()))
                .hand(figures.over(Figure.SCRAPE_FLAT, fault.area()))
                .with(Tool.SCRAPER)));
    }

    void fill(int round, DryingMaterial filler, Length thickness, Volume volume, Length knife, Duration hand) {
        boolean over = practice.is(School.OVERFILL_AND_SAND);
        add(move(ROUNDS[round])
                .hand(hand)
                .uses(Material.of(filler), over ? volume.times(figures.factor(Figure.OVERFILL)) : volume)
                .leaves(Wet.of(filler, thickness))
                .spread(new Spread(fault.across(), false))
                .knife(knife));
        sealing = Sealing.THE_PLACE;
    }

    /** The filler laid last fills a hollow so wide, where that is not the fault itself. */
    void in(Length across) {
        amend(move -> move.spread(new Spread(across, false)));
    }

    /** The filler laid last lies over the surface, so wide. */
    void over(Length across) {
        amend(move -> move.spread(new Spread(across, true)));
    }

    /** New plaster against old is sucked dry unless it is wetted again and again. */
    void packPlaster(Length deep, Length knife, Volume volume, Duration hand) {
        fill(0, DryingMaterial.PLASTER, deep, volume, knife, hand);
        amend(move -> move.says(Advice.PAINT_WHEN_PALE));
        add(move(ActivityKind.KEEP_DAMP)
                .hand(figures.each(Figure.KEEP_DAMP, 1))
                .lasts(figures.time(Figure.KEEP_DAMP_FOR))
                .leaves(Wet.of(DryingMaterial.PLASTER, deep))
                .with(Tool.SMALL_BRUSH)
                .says(Advice.STAY_NINETY_MINUTES));
    }

    /** Levels the filler of one place. On a wall that is only dabbed it is the filler alone, with a folded edge. */
    void level(Area filled) {
        Figure each = isDabbed() ? Figure.SAND_SPOT_TO_DAB : Figure.SAND_SPOT;
        Duration hand = scaled(
                Times.longer(figures.each(each, 1), figures.over(Figure.SAND_WALL, filled)),
                practice.is(School.OVERFILL_AND_SAND) ? figures.factor(Figure.OVERFILL_SANDING) : 1);
        if (isWet()) {
            add(disturbing(move(ActivityKind.SPONGE_LEVEL)
                    .hand(scaled(hand, figures.factor(Figure.SPONGE_LEVELLING)))
                    .leaves(Wet.of(DryingMaterial.DAMP_WALL))
                    .with(Tool.DAMP_SPONGE)));
        } else {
            Tool paper = isDabbed() ? Tool.FOLDED_FINE_PAPER : Tool.BLOCK_AND_PAPER;
            add(move(ActivityKind.SAND).dusty().hand(hand).with(paper));
        }
    }

    private static Duration scaled(Duration duration, double factor) {
        return Duration.ofSeconds(Math.round(duration.toSeconds() * factor));
    }

    /** Takes material off over the whole area of the fault, dry, or wet where nothing may be sanded dry. */
    void abrade(ActivityKind dry, Figure over, Tool... papers) {
        ActivityKind kind = dry == ActivityKind.SAND && isWet() ? ActivityKind.SPONGE_LEVEL : dry;
        Move move = move(kind).area(fault.area()).hand(figures.over(over, fault.area()));
        add(disturbing(isWet() ? wet(move) : move.dusty().with(papers)));
    }

    /** Takes the hard edge of one place down by hand, dry, or wet where nothing may be sanded dry. */
    void takeEdgeDown() {
        Duration hand = figures.each(Figure.SAND_SPOT_TO_DAB, 1);
        add(disturbing(
                isWet()
                        ? wet(move(ActivityKind.SPONGE_LEVEL).hand(hand))
                        : move(ActivityKind.SAND).dusty().hand(hand).with(Tool.FOLDED_FINE_PAPER)));
    }

    Move wet(Move move) {
        return move.with(Tool.WET_PAPER, Tool.DAMP_SPONGE).leaves(Wet.of(DryingMaterial.DAMP_WALL));
    }

    void texture() {
        add(move(ActivityKind.RESTORE_TEXTURE)
                .hand(figures.each(Figure.RESTORE_TEXTURE, 1))
                .uses(Material.TEXTURE, area.times(figures.length(Figure.TEXTURE_FILM)))
                .leaves(Wet.of(DryingMaterial.TEXTURE))
                .with(Caution.SPLASHES)
                .with(Tool.TEXTURE_SPRAY, Tool.GOGGLES)
                .says(Advice.TEXTURE_BEFORE_PRIMER));
    }

    private void textureIfLost(Length width) {
        if (ground.isTextured() && width.isLongerThan(figures.length(Figure.SMOOTH_ISLAND_ABOVE))) {
            texture();
        }
    }

    void wash(Figure over, int round) {
        add(move(ActivityKind.WASH)
                .round(round)
                .area(fault.area())
                .hand(figures.over(over, fault.area()))
                .uses(Material.CLEANER, figures.dose(Figure.CLEANER, fault.area()))
                .leaves(Wet.of(DryingMaterial.DAMP_WALL))
                .with(Caution.CHEMICALS)
                .with(Tool.WASH_BUCKET, Tool.DAMP_SPONGE, Tool.GLOVES));
    }

    /** Primes the area of the fault, by brush. */
    void prime(ActivityKind kind, Material material, Figure spread) {
        Move move = move(kind)
                .area(fault.area())
                .hand(figures.each(Figure.SPOT_PRIME, 1))
                .hand(figures.over(Figure.PRIME_WALL, fault.area()))
                .uses(material, textured(figures.coat(spread, fault.area())))
                .leaves(Wet.of(DryingMaterial.PRIMER))
                .with(Tool.SMALL_BRUSH, Tool.GLOVES);
        add(material == Material.PRIMER ? move.with(Caution.SPLASHES).with(Tool.GOGGLES) : move.with(Caution.SOLVENT));
        sealing = Sealing.DONE;
    }

    Volume textured(Volume smooth) {
        return smooth.times(Textures.factor(ground.texture(), figures));
    }

    // ---- ends

    void paint(PaintAfter what) {
        after = what;
    }

    void seal(Sealing what) {
        sealing = what;
    }

    /** Levels a round repair, restores its texture where it was lost, and notes how far the paint then has to go. */
    void finish(Length fillerWidth) {
        level(Area.ofDisc(fillerWidth));
        area = Area.ofDisc(sandedPast(fillerWidth));
        textureIfLost(fillerWidth);
        across = sandedPast(fillerWidth);
        area = Area.ofDisc(across);
    }

    /** The same for a repair along a line: so wide along all of it. */
    void finishStrip(Length fillerWidth, boolean isLevelled) {
        if (isLevelled) {
            level(extent().times(fillerWidth));
        }
        across = isLevelled ? sandedPast(fillerWidth) : fillerWidth;
        area = extent().times(across);
        textureIfLost(fillerWidth);
    }

    /** An area that has been levelled, so far beyond its edge. */
    void finishArea(Length beyond, boolean isLevelled) {
        Length both = beyond.times(2);
        across = extent().plus(both);
        area = fault.measures().across().plus(both).times(fault.measures().up().plus(both));
        if (isLevelled) {
            level(area);
        }
    }

    private Length sandedPast(Length fillerWidth) {
        return fillerWidth.plus(figures.length(Figure.SANDED_BEYOND_FILLER).times(2));
    }

    // ---- volumes, with what the filler shrinks

    Volume withShrinkage(Volume hardened) {
        return hardened.times(1 / (1 - figures.share(Figure.FILLER_SHRINKAGE)));
    }

    Volume cylinder(Length diameter, Length depth) {
        return withShrinkage(Area.ofDisc(diameter).times(depth));
    }

    /** A layer that thins to nothing at its rim is a flat cone. */
    Volume feathered(Length diameter, Length thickness) {
        return cylinder(diameter, thickness).times(1.0 / 3);
    }

    /** Feathered to nothing all round: half of the full thickness on average. */
    Volume slab(Length width, Length height, Length depth) {
        return withShrinkage(width.times(height).times(depth).times(0.5));
    }

    /** The narrowest knife that covers a place and a little beside it, from those of the trade. */
    Length knifeOver(Length width) {
        double needed =
                width.inMillimetres() + figures.length(Figure.KNIFE_BEYOND).inMillimetres();
        for (double knife : KNIVES_MM) {
            if (knife >= needed) {
                return Length.ofMillimetres(knife);
            }
        }
        return Length.ofMillimetres(KNIVES_MM[KNIVES_MM.length - 1]);
    }

    /** Widths in which knives are sold. Source: trade, 25–300 mm. */
    private static final double[] KNIVES_MM = {25, 40, 50, 75, 100, 150, 200, 250, 300};

    /** The knife of a coat over a patch: each wider than the last. */
    Length patchKnife(int coat) {
        return figures.length(
                switch (coat) {
                    case 0 -> Figure.KNIFE_FIRST;
                    case 1 -> Figure.KNIFE_SECOND;
                    default -> Figure.KNIFE_THIRD;
                });
    }
}
