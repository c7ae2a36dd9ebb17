package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;

import java.time.Duration;
import java.util.EnumSet;
import java.util.Set;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Move;
import lumko.core.activity.Site;
import lumko.core.activity.Tool;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.hold.Need;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.repair.Method;
import lumko.core.repair.Repair;

/** What makes a surface ready for paint: its marks made good, and whatever it needs so that the next coat holds. */
final class Preparation {
    private static final Set<ActivityKind> DUSTY =
            EnumSet.of(SAND, SPONGE_LEVEL, SAND_TO_BEAD, KEY_SAND, MAKE_SOUND, SAND_GLUE_OFF, CUT_OUT_CAULK);

    private final Practice practice;
    private final Catalogue figures;
    private final Laying laying;
    private final Site site;

    Preparation(Practice practice, Catalogue figures, Laying laying, Site site) {
        this.practice = practice;
        this.figures = figures;
        this.laying = laying;
        this.site = site;
    }

    private boolean isLight() {
        return practice.is(School.LIGHT_PREPARATION);
    }

    void lay(Task task) {
        boolean washesAll = washesAll(task);
        if (washesAll) {
            wash(task);
        }
        marks(task, washesAll);
        if (task.isSkimmed()) {
            skim(task);
        }
        if (task.isWhole()) {
            key(task);
            testPatch(task);
        }
        dustOff(task);
    }

    /** What faults found under way ask for before the next coat. */
    void layMarksOnly(Task task) {
        marks(task, false);
        dustOff(task);
    }

    // ---- clean, sound, filled

    /** Never raw plaster or board, and never what is stripped first. */
    private boolean washesAll(Task task) {
        boolean isAsked = task.needs(Need.CLEAN) || isLight() && task.isWhole();
        return isAsked && !task.isBare();
    }

    private void wash(Task task) {
        laying.on(
                task,
                task.overhead(Move.of(WASH))
                        .area(task.painted())
                        .hand(figures.over(Figure.WASH, task.painted()))
                        .uses(Material.CLEANER, figures.dose(Figure.CLEANER, task.painted()))
                        .leaves(Wet.of(DryingMaterial.DAMP_WALL))
                        .with(Caution.CHEMICALS)
                        .with(Tool.WASH_BUCKET, Tool.DAMP_SPONGE, Tool.GLOVES, Tool.GOGGLES)
                        .says(Advice.GLOVES_GOGGLES));
    }

    /**
     * The chain of every mark. In light preparation only what has to be made good is; what is washed as a whole is not washed
     * once more, nor blocked twice; plates of a room are not levelled one by one where all of it is skimmed.
     */
    private void marks(Task task, boolean isWashed) {
        for (Task.Made made : task.made()) {
            if (made.repair().moves().isEmpty()) {
                laying.on(task, Move.of(INSPECT).says(made.repair().says().toArray(Advice[]::new)));
            }
            for (Move move : made.repair().moves()) {
                boolean isLevelling = move.kind() == SAND || move.kind() == SPONGE_LEVEL;
                boolean isWashedAnyway = move.kind() == WASH && move.round() == 0 && isWashed;
                if (!(isLevelling && isLight()) && !isWashedAnyway) {
                    boolean isBlockedAnyway = move.kind() == BLOCK_STAIN && isSealed(task);
                    Move own = isBlockedAnyway ? move.withTheWhole() : move;
                    laying.at(task, made.place(), task.overhead(own.says(said(made.repair(), move))));
                }
            }
        }
    }

    private static boolean isSealed(Task task) {
        return task.isWhole() && task.needs(Need.SEALER);
    }

    /** What is to be known of a fault stands at its first move. */
    private static Advice[] said(Repair repair, Move move) {
        return repair.moves().getFirst() == move ? repair.says().toArray(Advice[]::new) : new Advice[0];
    }

    private void skim(Task task) {
        laying.on(task, skim(task, SKIM, Figure.SKIM_FIRST, Figure.SKIM_FILM).says(Advice.SKIM_ONCE));
        laying.on(
                task,
                skim(task, SKIM_AGAIN, Figure.SKIM_SECOND, Figure.SKIM_FILM_AGAIN)
                        .says(Advice.SCRAPE_RIDGES));
        Duration hand = figures.over(Figure.SAND_WALL, task.painted());
        Move level = Move.of(task.ground().isWorkedWet(practice, figures) ? SPONGE_LEVEL : SAND)
                .area(task.painted())
                .hand(hand);
        laying.on(
                task,
                task.ground().isWorkedWet(practice, figures)
                        ? disturbing(level.with(Tool.DAMP_SPONGE).leaves(Wet.of(DryingMaterial.DAMP_WALL)))
                        : level.dusty().with(Tool.POWER_SANDER));
    }

    private Move skim(Task task, ActivityKind kind, Figure minutes, Figure film) {
        double withShrinkage = 1 / (1 - figures.share(Figure.FILLER_SHRINKAGE));
        return Move.of(kind)
                .area(task.painted())
                .hand(figures.over(minutes, task.painted()))
                .uses(
                        Material.DRYING_COMPOUND,
                        task.painted().times(figures.length(film)).times(withShrinkage))
                .leaves(Wet.of(DryingMaterial.DRYING_COMPOUND, figures.length(Figure.SKIM_THICKEST)))
                .with(Caution.LADDER)
                .with(Tool.WIDE_KNIVES, Tool.PLATFORM);
    }

    // ---- keyed, tried, dusted

    /** All of the old paint is sanded before a whole surface is painted; on bare plaster there is nothing to key but glass. */
    private void key(Task task) {
        boolean isAsked = task.needs(Need.KEY_SAND) && !task.has(Method.DULL);
        boolean isFresh = task.face().stack().ageOfTop().isUnderDays(figures.limit(Figure.FULL_CURE));
        boolean isOldPaint =
                !task.isBare() && !task.isSkimmed() && !isFresh && !task.face().isTrim();
        if (isLight() || !(isAsked || isOldPaint)) {
            return;
        }
        Move key = Move.of(KEY_SAND).area(task.painted());
        if (task.face().isTrim()) {
            key = key.edge(task.face().edge()).hand(Brushed.keyed(task.face(), figures));
        } else {
            key = key.hand(figures.over(Figure.SAND_WALL, task.painted()));
        }
        if (task.needs(Need.KEY_SAND)) {
            key = key.says(Advice.KEY_SHEEN);
        }
        laying.on(
                task,
                task.ground().isWorkedWet(practice, figures)
                        ? disturbing(
                                key.with(Tool.WET_PAPER, Tool.DAMP_SPONGE).leaves(Wet.of(DryingMaterial.DAMP_WALL)))
                        : task.face().isTrim()
                                ? key.dusty().with(Tool.PAPER_220)
                                : key.dusty().with(Tool.BLOCK_AND_PAPER, Tool.POLE));
    }

    private Move disturbing(Move move) {
        return site.disturbing(move, figures);
    }

    /** One in a room for a paint, on the first day, beside other work. The light school tries a patch instead of keying. */
    private void testPatch(Task task) {
        boolean insteadOfKey = isLight() && task.needs(Need.KEY_SAND);
        if (!task.needs(Need.TEST_PATCH) && !insteadOfKey) {
            return;
        }
        laying.onceInRoom(
                task,
                Move.of(TEST_PATCH)
                        .count(1)
                        .hand(figures.each(Figure.TEST_PATCH, 1))
                        .leaves(Wet.of(DryingMaterial.EMULSION))
                        .with(Tool.SMALL_BRUSH, Tool.LOW_TACK_TAPE, Tool.CUTTING_KNIFE)
                        .says(Advice.CONFIRM_PAINT));
    }

    /** A painted surface is wiped damp and dried; bare plaster and board only dry; round spots a dry brush will do. */
    private void dustOff(Task task) {
        boolean isWhole = task.isWhole() && !task.face().isTrim();
        boolean isDusty = task.made().stream()
                .anyMatch(made -> made.repair().moves().stream().anyMatch(Preparation::makesDust));
        if (!isWhole && !isDusty) {
            return;
        }
        Area area = isWhole
                ? task.painted()
                : figures.area(Figure.WIPED_ROUND_SPOT).times(task.made().size());
        Move dust = task.overhead(Move.of(DUST_OFF))
                .round(Order.WALL)
                .area(area)
                .hand(figures.over(Figure.DUST_AND_WIPE, area))
                .with(Caution.DUST)
                .with(Tool.DUSTING_BRUSH, Tool.HALF_MASK)
                .says(Advice.TWO_STRAP_MASK);
        boolean isWiped = isWhole && !task.isBare();
        laying.on(
                task,
                isWiped
                        ? dust.leaves(Wet.of(DryingMaterial.DAMP_WALL)).with(Tool.TWO_CLOTHS)
                        : isWhole ? dust.with(Tool.VACUUM) : dust.says(Advice.NO_FINGERS));
    }

    private static boolean makesDust(Move move) {
        return DUSTY.contains(move.kind());
    }
}
