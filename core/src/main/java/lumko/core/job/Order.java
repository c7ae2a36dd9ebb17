package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Limit;
import lumko.core.activity.Why;
import lumko.core.job.Rule.Drying;
import lumko.core.job.Rule.Scope;
import lumko.core.practice.Practice;
import lumko.core.practice.School;

/**
 * Which activity comes after which, and why: the one place where the order of the work stands. Rules speak of kinds of
 * activity; the graph of a job has them between its own. Where practitioners differ, the rules follow the practice of the house.
 */
public final class Order {
    /** What a joint is brushed out by before its bead; the wall is dusted off later. */
    static final int JOINT = 0;

    static final int WALL = 1;

    /** Ceilings are looked at before walls are begun. */
    static final int CEILING = 0;

    /** Metal is degreased after the rust is off, everything else washed before anything is scraped. */
    static final int AFTER_WIRING = 1;

    private static final Set<Slot> FITTINGS = of(PLATES_OFF, FITTINGS_OFF, LOOSEN_FITTINGS, MASK_FITTINGS);
    private static final Set<Slot> FITTINGS_BACK_ON = of(PLATES_BACK, FITTINGS_BACK, TIGHTEN_PLATES);
    private static final Set<Slot> FIRST_WET = of(KILL_MOULD, STRIP_PAPER, WASH);
    private static final Set<Slot> GLUE = of(SAND_GLUE_OFF, WASH_GLUE_OFF);
    private static final Set<Slot> SOUND = of(MAKE_SOUND, CUT_OUT_CAULK);
    private static final Set<Slot> FILLS = of(FILL, KEEP_DAMP, FILL_AGAIN, FILL_THIRD, REFILL_HOLLOW);
    private static final Set<Slot> SKIMS = of(SKIM, SKIM_AGAIN);
    private static final Set<Slot> LEVELS = of(SAND, SPONGE_LEVEL, SAND_TO_BEAD);
    private static final Set<Slot> WALL_DUST = Set.of(new Slot(DUST_OFF, WALL));
    private static final Set<Slot> JOINT_DUST = Set.of(new Slot(DUST_OFF, JOINT));
    private static final Set<Slot> BLOCKS = of(BLOCK_STAIN, PRIME_METAL);
    private static final Set<Slot> SPOT_SEALS = of(SPOT_PRIME, SEAL_THINNED);
    private static final Set<Slot> PRIMERS = of(MIST_COAT, PRIME_WALL, ADHESION_PRIME, PRIME_TRIM);
    private static final Set<Slot> FIRST_COATS =
            of(CUT_CEILING, ROLL_CEILING, CUT_IN, ROLL, FIRST_DAB, ROLL_PANEL, DAB, FEATHER);
    private static final Set<Slot> CEILING_COATS = of(CUT_CEILING, ROLL_CEILING, ROLL_CEILING_AGAIN);
    private static final Set<Slot> WALL_COATS =
            of(CUT_IN, ROLL, CUT_IN_AGAIN, ROLL_AGAIN, ROLL_FURTHER, ROLL_PANEL, FIRST_DAB, DAB, FEATHER);
    private static final Set<Slot> LAST_COATS =
            of(ROLL_CEILING, ROLL_CEILING_AGAIN, ROLL, ROLL_AGAIN, ROLL_FURTHER, ROLL_PANEL, DAB, FEATHER);
    private static final Set<Slot> TRIM_COATS = of(PAINT_TRIM, PAINT_TRIM_AGAIN);
    private static final Set<Slot> PANEL_AGAIN = Set.of(new Slot(ROLL_PANEL, 1));
    private static final Set<Slot> EVEN_FURTHER = Set.of(new Slot(ROLL_FURTHER, 1));
    private static final Set<Slot> PRIMER_SANDED_AGAIN = Set.of(new Slot(SAND_PRIMER, 1));
    private static final Set<Slot> LATER_ROUNDS = union(
            WALL_DUST,
            PANEL_AGAIN,
            EVEN_FURTHER,
            PRIMER_SANDED_AGAIN,
            Set.of(new Slot(WASH, AFTER_WIRING), new Slot(LOOK_FOR_MISSES, WALL), new Slot(FILL_WHAT_SHOWS, WALL)));
    private static final Set<Slot> TAPING = of(TAPE_EDGES, SEAL_TAPE_EDGE);

    private final Practice practice;
    private final List<Rule> rules = new ArrayList<>();
    private final Ranks ranks;
    private final Stages stages;
    private final List<Masked> masked;
    private final Set<ActivityKind> besideWetStrip;
    private final Set<ActivityKind> besideWetTape;

    public Order(Practice practice) {
        this.practice = practice;
        opening();
        cleaning();
        mending();
        dusting();
        priming();
        coating();
        trimming();
        closing();
        ranks = Ranks.of(rules);
        stages = new Stages(ranks);
        masked = rules.stream().map(rule -> Masked.of(rule, ranks)).toList();
        besideWetStrip = within(Limit.STRIP_OPEN);
        besideWetTape = within(Limit.TAPE_WET);
    }

    private Set<ActivityKind> within(Limit limit) {
        Set<ActivityKind> kinds = EnumSet.noneOf(ActivityKind.class);
        for (Rule rule : rules) {
            if (rule.limit().equals(Optional.of(limit))) {
                rule.before().forEach(slot -> kinds.add(slot.kind()));
                rule.after().forEach(slot -> kinds.add(slot.kind()));
            }
        }
        return kinds;
    }

    public List<Rule> rules() {
        return List.copyOf(rules);
    }

    /** Where the kinds stand in the order of the work that follows from the rules. */
    Ranks ranks() {
        return ranks;
    }

    /** Coats of one round are cut and rolled paint by paint, while that brush is loaded. */
    int stage(Activity activity) {
        return stages.of(Slot.of(activity));
    }

    /** The rules with the ranks of what they speak of, for whoever looks through many activities. */
    List<Masked> masked() {
        return masked;
    }

    /** Whether it is done surface by surface, because the next has to be done before it has dried. */
    boolean isAtOneGo(ActivityKind kind, boolean isTaped) {
        return besideWetStrip.contains(kind) || isTaped && besideWetTape.contains(kind);
    }

    // ---- the rules

    private void opening() {
        rule(of(SET_UP), allBut(SET_UP), Scope.FLAT, Why.ACCESS, Drying.NOT_WAITED_FOR);
        rule(of(WRAP_FURNITURE), of(PROTECT_FLOOR), Scope.ROOM, Why.ACCESS);
        rule(of(WRAP_FURNITURE), union(FITTINGS, FIRST_WET, SOUND), Scope.ROOM, Why.ACCESS);
        if (practice.is(School.FLOOR_AFTER_SANDING)) {
            rule(union(LEVELS, of(KEY_SAND, RESTORE_TEXTURE)), of(PROTECT_FLOOR), Scope.ROOM, Why.PRACTICE);
            rule(of(PROTECT_FLOOR), union(BLOCKS, SPOT_SEALS, PRIMERS, TAPING, FIRST_COATS), Scope.ROOM, Why.PROTECTS);
        } else {
            rule(of(PROTECT_FLOOR), union(FITTINGS, FIRST_WET, SOUND), Scope.ROOM, Why.PROTECTS);
            rule(of(PROTECT_FLOOR), union(FILLS, LEVELS, FIRST_COATS), Scope.ROOM, Why.PROTECTS);
        }
        rule(FITTINGS, union(FIRST_WET, SOUND), Scope.SURFACE, Why.ACCESS);
        rule(FITTINGS, union(FILLS, LEVELS, of(KEY_SAND), FIRST_COATS), Scope.SURFACE, Why.ACCESS);
        rule(of(STIR), of(BOX_TINS), Scope.PAINT, Why.BEFORE_USE);
        rule(of(STIR, BOX_TINS, PREPARE_SLEEVE), union(FIRST_COATS, of(PAINT_TRIM)), Scope.PAINT, Why.BEFORE_USE);
        // what is thinned, or brushed on first, comes from the same tin
        rule(of(STIR, BOX_TINS, PREPARE_SLEEVE), of(MIST_COAT, SEAL_THINNED), Scope.SURFACE, Why.BEFORE_USE);
        if (practice.is(School.SEAL_WITH_THINNED_PAINT) || practice.is(School.SEAL_WITH_BRUSHED_COAT)) {
            rule(of(STIR, BOX_TINS), of(SPOT_PRIME), Scope.SURFACE, Why.BEFORE_USE);
        }
        if (practice.is(School.THINNED_SEALER_AND_TWO)) {
            rule(of(STIR, BOX_TINS, PREPARE_SLEEVE), of(PRIME_WALL, PRIME_TRIM), Scope.SURFACE, Why.BEFORE_USE);
        }
    }

    private void cleaning() {
        rule(of(KILL_MOULD), of(WASH), Scope.SURFACE, Why.CLEAN_FIRST);
        rule(of(STRIP_PAPER), GLUE, Scope.SURFACE, Why.CLEAN_FIRST);
        rule(union(of(KILL_MOULD, WASH, STRIP_PAPER), GLUE), SOUND, Scope.SURFACE, Why.CLEAN_FIRST);
        rule(
                union(of(KILL_MOULD, WASH, STRIP_PAPER), GLUE),
                of(SEAL_PAPER, FILL, REFILL_HOLLOW, KEY_SAND),
                Scope.SURFACE,
                Why.CLEAN_FIRST);
        rule(of(WASH), of(TEST_PATCH, SAND, SPONGE_LEVEL, FIRST_DAB), Scope.SURFACE, Why.CLEAN_FIRST);
        rule(of(MAKE_SOUND), Set.of(new Slot(WASH, AFTER_WIRING)), Scope.PLACE, Why.CRAFT);
        rule(Set.of(new Slot(WASH, AFTER_WIRING)), union(BLOCKS, WALL_DUST), Scope.PLACE, Why.CLEAN_FIRST);
    }

    private void mending() {
        rule(of(MAKE_SOUND), of(SEAL_PAPER, FILL, REFILL_HOLLOW), Scope.PLACE, Why.CRAFT);
        rule(of(MAKE_SOUND), LEVELS, Scope.PLACE, Why.CRAFT);
        rule(of(MAKE_SOUND), of(SKIM, KEY_SAND), Scope.SURFACE, Why.CRAFT);
        rule(of(SEAL_PAPER), of(FILL), Scope.PLACE, Why.CRAFT);
        rule(of(FILL), of(KEEP_DAMP), Scope.PLACE, Why.CRAFT, Drying.NOT_WAITED_FOR, Limit.STAYS_DAMP);
        rule(of(FILL, KEEP_DAMP), of(FILL_AGAIN), Scope.PLACE, Why.CRAFT);
        rule(of(FILL_AGAIN), of(FILL_THIRD), Scope.PLACE, Why.CRAFT);
        rule(FILLS, LEVELS, Scope.PLACE, Why.CRAFT);
        rule(FILLS, of(SKIM), Scope.SURFACE, Why.CRAFT);
        rule(of(SKIM), of(SKIM_AGAIN), Scope.SURFACE, Why.CRAFT);
        rule(SKIMS, LEVELS, Scope.SURFACE, Why.CRAFT);
        rule(LEVELS, of(KEY_SAND), Scope.SURFACE, Why.CRAFT);
        rule(LEVELS, of(RESTORE_TEXTURE), Scope.PLACE, Why.CRAFT);
        rule(of(CUT_OUT_CAULK, MAKE_SOUND), JOINT_DUST, Scope.PLACE, Why.CRAFT);
        rule(JOINT_DUST, of(CAULK), Scope.PLACE, Why.CLEAN_FIRST);
        caulking();
    }

    private void caulking() {
        if (!practice.is(School.CAULK_WITH_FILLING)) {
            rule(LEVELS, union(JOINT_DUST, of(CAULK)), Scope.PLACE, Why.CRAFT);
        }
        if (practice.is(School.CAULK_WITH_FILLING)) {
            rule(FILLS, union(JOINT_DUST, of(CAULK)), Scope.SURFACE, Why.PRACTICE);
            rule(of(CAULK), union(LEVELS, of(KEY_SAND)), Scope.SURFACE, Why.PRACTICE);
        } else if (practice.is(School.CAULK_AFTER_DUST_OFF)) {
            rule(WALL_DUST, of(CAULK), Scope.SURFACE, Why.PRACTICE);
            rule(of(CAULK), union(SPOT_SEALS, PRIMERS, BLOCKS), Scope.SURFACE, Why.PRACTICE);
        } else if (practice.is(School.CAULK_AFTER_PRIMER)) {
            rule(
                    union(SPOT_SEALS, PRIMERS, BLOCKS, of(SAND_PRIMER, LIGHT_SAND, PRIME_AGAIN)),
                    of(CAULK),
                    Scope.SURFACE,
                    Why.PRACTICE);
        } else {
            rule(union(LEVELS, of(KEY_SAND)), of(CAULK), Scope.SURFACE, Why.PRACTICE);
            rule(of(CAULK), union(SPOT_SEALS, PRIMERS, BLOCKS), Scope.SURFACE, Why.CRAFT);
            rule(of(CAULK), WALL_DUST, Scope.SURFACE, Why.PRACTICE);
        }
        rule(of(CAULK), union(FIRST_COATS, TAPING), Scope.SURFACE, Why.CRAFT);
        rule(of(CAULK), TRIM_COATS, Scope.SURFACE, Why.CRAFT);
        // a bead between trim and wall is painted from both sides
        rule(of(CAULK), of(CUT_IN), Scope.ROOM, Why.CRAFT, Drying.BESIDE_IT_TOO);
        rule(of(CAULK), of(CUT_CEILING, ROLL_CEILING), Scope.ROOM, Why.CRAFT);
    }

    private void dusting() {
        Set<Slot> dust = union(SOUND, GLUE, LEVELS, of(KEY_SAND, RESTORE_TEXTURE));
        rule(dust, WALL_DUST, Scope.ROOM, Why.DUST_FALLS_ON_IT);
        Set<Slot> wetAfterwards = union(BLOCKS, SPOT_SEALS, PRIMERS, TAPING, FIRST_COATS);
        rule(WALL_DUST, wetAfterwards, Scope.ROOM, Why.DUST_FALLS_ON_IT);
        rule(of(SAND, KEY_SAND, SAND_TO_BEAD), wetAfterwards, Scope.ROOM, Why.DUST_FALLS_ON_IT);
        rule(WALL_DUST, of(SET_OUT_TOUCH_UP), Scope.ROOM, Why.DUST_FALLS_ON_IT);
    }

    private void priming() {
        rule(of(TEST_PATCH), union(PRIMERS, FIRST_COATS), Scope.SURFACE, Why.SHOWS_IT, Drying.WHERE_THEY_MEET);
        rule(union(FILLS, LEVELS), union(BLOCKS, SPOT_SEALS, PRIMERS), Scope.PLACE, Why.SEALS);
        rule(of(RESTORE_TEXTURE), union(SPOT_SEALS, PRIMERS, FIRST_COATS), Scope.PLACE, Why.CRAFT);
        rule(union(SKIMS, of(KEY_SAND)), union(BLOCKS, SPOT_SEALS, PRIMERS), Scope.SURFACE, Why.SEALS);
        rule(BLOCKS, SPOT_SEALS, Scope.SURFACE, Why.CRAFT);
        rule(union(BLOCKS, SPOT_SEALS), PRIMERS, Scope.SURFACE, Why.SEALS);
        rule(union(SPOT_SEALS, PRIMERS), of(LIGHT_SAND, SAND_PRIMER), Scope.SURFACE, Why.CRAFT);
        rule(union(PRIMERS, of(SAND_PRIMER)), of(PRIME_AGAIN), Scope.SURFACE, Why.NEXT_COAT);
        rule(of(PRIME_AGAIN), PRIMER_SANDED_AGAIN, Scope.SURFACE, Why.CRAFT);
        Set<Slot> primed =
                union(BLOCKS, SPOT_SEALS, PRIMERS, of(LIGHT_SAND, SAND_PRIMER, PRIME_AGAIN), PRIMER_SANDED_AGAIN);
        rule(primed, union(FIRST_COATS, CEILING_COATS, WALL_COATS, TAPING), Scope.SURFACE, Why.SEALS);
        rule(
                of(LIGHT_SAND, SAND_PRIMER),
                union(FIRST_COATS, TAPING),
                Scope.ROOM,
                Why.DUST_FALLS_ON_IT,
                Drying.NOT_WAITED_FOR);
    }

    private void coating() {
        rule(of(TAPE_EDGES), of(SEAL_TAPE_EDGE), Scope.SURFACE, Why.CRAFT);
        rule(TAPING, WALL_COATS, Scope.SURFACE, Why.PROTECTS);
        rule(CEILING_COATS, TAPING, Scope.ROOM, Why.SPATTER, Drying.BESIDE_IT_TOO);
        rule(WALL_COATS, union(TAPING, FIRST_COATS), Scope.ACCENT, Why.OWNS_THE_LINE, Drying.BESIDE_IT_TOO);
        boolean isRolledFirst = practice.is(School.ROLL_FIRST);
        // the open time of a strip decides where it is rolled piece by piece
        Optional<Limit> open =
                practice.is(School.CUT_A_PIECE) && !isRolledFirst ? Optional.of(Limit.STRIP_OPEN) : Optional.empty();
        pair(CUT_CEILING, ROLL_CEILING, isRolledFirst, open);
        pair(CUT_IN, ROLL, isRolledFirst, open);
        pair(CUT_IN_AGAIN, ROLL_AGAIN, isRolledFirst, Optional.empty());
        Optional<Limit> bagged = bagged();
        rules.add(new Rule(
                of(CUT_CEILING, ROLL_CEILING),
                of(ROLL_CEILING_AGAIN),
                Scope.SURFACE,
                Why.NEXT_COAT,
                Drying.WHERE_THEY_MEET,
                bagged));
        rules.add(new Rule(of(ROLL), of(ROLL_AGAIN), Scope.SURFACE, Why.NEXT_COAT, Drying.WHERE_THEY_MEET, bagged));
        rule(of(CUT_IN, ROLL), of(CUT_IN_AGAIN), Scope.SURFACE, Why.NEXT_COAT);
        rules.add(new Rule(
                of(CUT_IN_AGAIN, ROLL_AGAIN, ROLL_CEILING_AGAIN),
                of(ROLL_FURTHER),
                Scope.SURFACE,
                Why.NEXT_COAT,
                Drying.WHERE_THEY_MEET,
                bagged));
        rule(of(ROLL_FURTHER), EVEN_FURTHER, Scope.SURFACE, Why.NEXT_COAT);
        rule(of(ROLL_PANEL), PANEL_AGAIN, Scope.SURFACE, Why.NEXT_COAT);
        looking(of(CUT_CEILING, ROLL_CEILING), CEILING, of(ROLL_CEILING_AGAIN));
        looking(of(CUT_IN, ROLL), WALL, of(CUT_IN_AGAIN, ROLL_AGAIN));
        rule(CEILING_COATS, WALL_COATS, Scope.ROOM, Why.SPATTER, Drying.BESIDE_IT_TOO);
        touchingUp();
    }

    private void touchingUp() {
        rule(of(SET_OUT_TOUCH_UP), of(FIRST_DAB, DAB, FEATHER), Scope.PAINT, Why.BEFORE_USE);
        rule(union(FILLS, LEVELS, of(SEAL_PAPER)), FIRST_COATS, Scope.PLACE, Why.SEALS);
        rule(of(FIRST_DAB), of(DAB, FEATHER), Scope.PLACE, Why.NEXT_COAT);
        rule(of(WASH), union(of(DAB, FEATHER), of(CUT_IN, ROLL, ROLL_PANEL)), Scope.SURFACE, Why.CLEAN_FIRST);
        rule(of(ROLL, ROLL_CEILING), of(BAG_TOOLS), Scope.PAINT, Why.AFTER_USE, Drying.NOT_WAITED_FOR);
    }

    /** After the first coat one looks, and fills what it shows, before the second. */
    private void looking(Set<Slot> first, int round, Set<Slot> second) {
        Set<Slot> look = Set.of(new Slot(LOOK_FOR_MISSES, round));
        Set<Slot> fill = Set.of(new Slot(FILL_WHAT_SHOWS, round));
        rule(first, union(look, fill), Scope.SURFACE, Why.SHOWS_IT);
        rule(look, fill, Scope.SURFACE, Why.SHOWS_IT);
        rule(union(look, fill), second, Scope.SURFACE, Why.SHOWS_IT);
    }

    private void pair(ActivityKind cut, ActivityKind roll, boolean isRolledFirst, Optional<Limit> open) {
        rules.add(new Rule(
                of(isRolledFirst ? roll : cut),
                of(isRolledFirst ? cut : roll),
                Scope.SURFACE,
                open.isPresent() ? Why.WET_INTO_WET : Why.PRACTICE,
                Drying.NOT_WAITED_FOR,
                open));
    }

    private Optional<Limit> bagged() {
        if (practice.is(School.BAG_TOOLS)) {
            return Optional.of(Limit.BAGGED);
        }
        return practice.is(School.BAG_TOOLS_COLD) ? Optional.of(Limit.BAGGED_COLD) : Optional.empty();
    }

    private void trimming() {
        rule(of(WASH), of(KEY_SAND, PRIME_TRIM, ADHESION_PRIME), Scope.SURFACE, Why.CLEAN_FIRST);
        rule(union(PRIMERS, BLOCKS), union(of(SAND_TRIM), TRIM_COATS), Scope.SURFACE, Why.SEALS);
        rule(of(SWEEP), union(of(SAND_TRIM), TRIM_COATS), Scope.ROOM, Why.DUST_FALLS_ON_IT);
        rule(of(SAND_TRIM), TRIM_COATS, Scope.ROOM, Why.DUST_FALLS_ON_IT);
        rule(union(LEVELS, SPOT_SEALS), TRIM_COATS, Scope.PLACE, Why.SEALS);
        rule(of(PAINT_TRIM), of(PAINT_TRIM_AGAIN), Scope.SURFACE, Why.NEXT_COAT);
        Set<Slot> onWalls = onWalls();
        if (practice.is(School.TRIM_FIRST)) {
            rule(TRIM_COATS, TAPING, Scope.ROOM, Why.PRACTICE, Drying.BESIDE_IT_TOO);
            rule(TRIM_COATS, onWalls, Scope.ROOM, Why.PRACTICE, Drying.BESIDE_IT_TOO);
            rule(WALL_DUST, union(of(SAND_TRIM), TRIM_COATS), Scope.ROOM, Why.DUST_FALLS_ON_IT);
        } else {
            rule(onWalls, union(of(SWEEP, SAND_TRIM), TRIM_COATS), Scope.ROOM, Why.OWNS_THE_LINE, Drying.BESIDE_IT_TOO);
        }
    }

    private static Set<Slot> onWalls() {
        return union(CEILING_COATS, WALL_COATS);
    }

    private void closing() {
        boolean isOffWet = practice.is(School.TAPE_OFF_WET);
        rules.add(new Rule(
                LAST_COATS,
                of(UNMASK),
                Scope.SURFACE,
                Why.PRACTICE,
                isOffWet ? Drying.NOT_WAITED_FOR : Drying.WHERE_THEY_MEET,
                isOffWet ? Optional.of(Limit.TAPE_WET) : Optional.empty()));
        Set<Slot> coats = union(LAST_COATS, of(CUT_CEILING, CUT_IN, CUT_IN_AGAIN), TRIM_COATS);
        rules.add(new Rule(
                of(UNMASK),
                of(CORRECT),
                Scope.SURFACE,
                Why.SHOWS_IT,
                Drying.WHERE_THEY_MEET,
                Optional.of(Limit.BLEED_WIPES)));
        // bleed is wiped while it still comes off, whatever else of the room is painted
        rule(coats, of(CORRECT), Scope.SURFACE, Why.SHOWS_IT);
        Set<Slot> last = union(FITTINGS_BACK_ON, of(FIT_STRIPS, SCRAPE_OFF));
        rule(union(coats, of(UNMASK, CORRECT)), last, Scope.SURFACE, Why.PROTECTS);
        rule(of(WIPE_BLEED), of(CORRECT), Scope.ROOM, Why.CRAFT);
        Set<Slot> painted = union(coats, of(FIRST_DAB, SET_OUT_TOUCH_UP, BAG_TOOLS));
        rule(painted, of(WASH_TOOLS), Scope.PAINT, Why.AFTER_USE, Drying.NOT_WAITED_FOR);
        rule(union(last, coats, of(CORRECT, WASH, WIPE_BLEED)), of(INSPECT), Scope.SURFACE, Why.SHOWS_IT);
        rule(union(last, of(CORRECT)), of(INSPECT), Scope.ROOM, Why.SHOWS_IT, Drying.NOT_WAITED_FOR);
        rule(allBut(PACK_UP), of(PACK_UP), Scope.FLAT, Why.AFTER_USE, Drying.NOT_WAITED_FOR);
    }

    // ---- writing them

    private void rule(Set<Slot> before, Set<Slot> after, Scope scope, Why why) {
        rule(before, after, scope, why, Drying.WHERE_THEY_MEET);
    }

    private void rule(Set<Slot> before, Set<Slot> after, Scope scope, Why why, Drying drying) {
        rules.add(new Rule(before, after, scope, why, drying, Optional.empty()));
    }

    private void rule(Set<Slot> before, Set<Slot> after, Scope scope, Why why, Drying drying, Limit limit) {
        rules.add(new Rule(before, after, scope, why, drying, Optional.of(limit)));
    }

    static Set<Slot> of(ActivityKind... kinds) {
        Set<Slot> slots = new LinkedHashSet<>();
        Arrays.stream(kinds).forEach(kind -> slots.add(new Slot(kind, 0)));
        return slots;
    }

    private static Set<Slot> allBut(ActivityKind one) {
        Set<Slot> all = union(of(ActivityKind.values()), LATER_ROUNDS);
        all.remove(new Slot(one, 0));
        return all;
    }

    @SafeVarargs
    private static Set<Slot> union(Set<Slot>... sets) {
        Set<Slot> all = new LinkedHashSet<>();
        Arrays.stream(sets).forEach(all::addAll);
        return all;
    }
}
