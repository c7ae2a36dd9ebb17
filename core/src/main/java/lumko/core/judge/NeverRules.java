package lumko.core.judge;

import static lumko.core.activity.ActivityKind.*;

import java.time.Duration;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Limit;
import lumko.core.activity.Material;
import lumko.core.activity.Phase;
import lumko.core.activity.Tool;
import lumko.core.activity.Use;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.Purpose;
import lumko.core.fault.Condition;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.job.Action;
import lumko.core.job.Edges;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.job.Place;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.record.PaintBasis;
import lumko.core.repair.Mark;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;

/**
 * Tests a plan, as it is laid out in time, against what is never done. It looks at the finished plan alone, not at how it came
 * about: what the planner forgets, this finds.
 */
public final class NeverRules {
    private static final Set<DryingMaterial> FILLERS = EnumSet.of(
            DryingMaterial.SPACKLE,
            DryingMaterial.DRYING_COMPOUND,
            DryingMaterial.SETTING_COMPOUND,
            DryingMaterial.TWO_PART,
            DryingMaterial.PLASTER,
            DryingMaterial.FINE_FILLER,
            DryingMaterial.CAULK);
    private static final Set<ActivityKind> FILLS =
            EnumSet.of(FILL, FILL_AGAIN, FILL_THIRD, REFILL_HOLLOW, SKIM, SKIM_AGAIN);
    private static final Set<ActivityKind> ROLLS = EnumSet.of(ROLL, ROLL_AGAIN, ROLL_FURTHER);
    private static final Set<ActivityKind> CEILING_ROLLS = EnumSet.of(ROLL_CEILING, ROLL_CEILING_AGAIN, ROLL_FURTHER);
    private static final Set<ActivityKind> DABS = EnumSet.of(FIRST_DAB, DAB, FEATHER);

    private final Job job;
    private final Practice practice;
    private final Catalogue figures;
    private final Air air;
    private final Set<Advice> said = EnumSet.noneOf(Advice.class);
    private final Laid laid;

    /** @param said what the verdicts say besides the steps */
    public NeverRules(Job job, Practice practice, Catalogue figures, Air air, Schedule schedule, Set<Advice> said) {
        this.job = job;
        this.practice = practice;
        this.figures = figures;
        this.air = air;
        this.laid = new Laid(job, air, schedule);
        this.said.addAll(said);
        for (Schedule.Entry entry : schedule.entries()) {
            this.said.addAll(entry.activity().says());
        }
    }

    /** What the plan does although it is never done. */
    public Set<Never> broken() {
        Set<Never> broken = EnumSet.noneOf(Never.class);
        for (Never rule : Never.values()) {
            if (isBroken(rule)) {
                broken.add(rule);
            }
        }
        return broken;
    }

    private boolean isBroken(Never rule) {
        return switch (rule) {
            case PAINT_WET_FILLER -> laid.isWet(FILLERS, Laid::isCoatOrPrimer, Purpose.PAINT);
            case SAND_BETWEEN_COATS ->
                laid.any(
                        Laid.kind(SAND, SPONGE_LEVEL),
                        (sand, next) -> Laid.isAtPlaces(sand, next) && laid.isBefore(sand, next),
                        Laid.kind(FILL_AGAIN, FILL_THIRD));
            case FILL_UNWASHED -> isFilledBefore(FaultKind.GREASE, WASH);
            case BEAD_OVER_OLD -> isMissing(FaultKind.FAILED_CAULK, Laid.kind(CUT_OUT_CAULK), Laid.kind(CAULK, FILL));
            case SPOT_PRIME_BARE_WALL -> laid.faces().anyMatch(this::isOnlySpotPrimed);
            case GLUE_SEALER -> laid.faces().anyMatch(this::isSealedWithGlue);
            case SCRAPER_ON_BEAD ->
                laid.at(FaultKind.PLASTER_ON_BEAD).anyMatch(each -> each.tools().contains(Tool.SCRAPER));
            case ORDINARY_TAPE -> laid.activities(Laid.kind(TAPE_EDGES)).anyMatch(NeverRules::isOrdinaryTape);
            case MIST_ON_PAINT -> laid.faces().anyMatch(this::isMistOnPaint);
            case FILL_OVER_MOULD -> isFilledBefore(FaultKind.MOULD, KILL_MOULD);
            case ROLL_SETTING_PAINT -> isRolledWhileSetting();
            case CEILING_AFTER_ACCENT -> isCeilingAfterAccent();
            case PAINT_WET_PRIMER -> laid.isWet(Laid.PRIMERS, Activity::isCoat, Purpose.PAINT);
            case START_WITHOUT_ENOUGH -> isShortOfMix() && !said.contains(Advice.MIX_RUNS_OUT);
            case MIX_BINDERS -> job.active().stream().anyMatch(this::isOfTwoBinders);
            case CUT_ROOM_AHEAD -> practice.is(School.CUT_A_PIECE) && isCutTooEarly();
            case DAB_UNCONFIRMED ->
                laid.faces().anyMatch(this::isDabbedUnconfirmed) && !said.contains(Advice.CONFIRM_PAINT);
            case FILL_RAW_PAPER -> isMissing(FaultKind.TAPE_TEAR, Laid.kind(SEAL_PAPER), Laid.kind(FILL));
            case ROLL_BEFORE_TEXTURE ->
                laid.any(
                        Activity::isCoat,
                        (coat, texture) -> coat.meets(texture) && laid.isBefore(coat, texture),
                        Laid.kind(RESTORE_TEXTURE));
            case WIPE_OLD_BLEED -> laid.activities(Laid.kind(WIPE_BLEED)).anyMatch(wiped -> !isFresh(wiped));
            case EXACT_COVERED_EDGE -> laid.faces().anyMatch(this::isCutExactlyWhereCovered);
            case PAINT_DAMP -> laid.faces().anyMatch(this::isPaintedDamp);
            case RADIATOR_ALONE ->
                laid.activities(each -> each.cautions().contains(Caution.WEIGHT))
                        .anyMatch(each -> !each.says().contains(Advice.RADIATOR_BY_TWO));
            case TAPE_FRESH_TRIM -> isTapedFresh();
            case STOP_AFTER_ONE -> laid.faces().anyMatch(this::isStoppedAfterOne);
            case SHEET_BEFORE_MASKING ->
                laid.any(Laid.kind(PACK_UP), (pack, tape) -> laid.isBefore(pack, tape), Laid.kind(UNMASK));
            case FILL_OVER_RIM -> isMissing(FaultKind.PROUD_RIM, Laid.kind(MAKE_SOUND), Laid.kind(FILL));
            case ROLL_OVER_UNTREATED -> laid.faces().anyMatch(this::isRolledUntreated);
            case PAINT_ROUND_PLATE -> laid.faces().anyMatch(this::isPaintedRoundAPlate);
            case ROLL_LINE_ONLY ->
                laid.faces().anyMatch(face -> face.action().isSpots() && Laid.has(face, FaultKind.LAP_MARK));
            case WIPE_RUN -> laid.at(FaultKind.RUN).anyMatch(Laid.kind(WASH, WIPE_BLEED));
            case WASH_RAW ->
                laid.faces()
                        .anyMatch(face -> isRaw(face)
                                && laid.on(face).anyMatch(each -> each.kind() == WASH && each.round() == 0));
        };
    }

    // ---- what is still wet

    private boolean isRolledWhileSetting() {
        Predicate<Activity> rolled = each -> ROLLS.contains(each.kind()) || CEILING_ROLLS.contains(each.kind());
        Set<DryingMaterial> paints = EnumSet.of(DryingMaterial.EMULSION);
        return laid.any(
                rolled,
                (one, next) ->
                        one.shares(next) && laid.isBefore(one, next) && !laid.isDry(one, next, paints, Purpose.RECOAT),
                rolled);
    }

    private boolean isTapedFresh() {
        Set<DryingMaterial> trim = EnumSet.of(DryingMaterial.TRIM_WATER, DryingMaterial.TRIM_SOLVENT);
        return laid.any(
                each -> each.kind().phase() == Phase.TRIM,
                (one, tape) -> one.rooms().stream().anyMatch(tape.rooms()::contains)
                        && laid.isBefore(one, tape)
                        && !laid.isDry(one, tape, trim, Purpose.TAPE),
                Laid.kind(TAPE_EDGES));
    }

    private boolean isCutTooEarly() {
        Duration open = air.time(Limit.STRIP_OPEN);
        return laid.any(
                Laid.kind(CUT_IN, CUT_CEILING),
                (cut, roll) -> cut.shares(roll)
                        && laid.isBefore(cut, roll)
                        && laid.start(roll).compareTo(laid.end(cut).plus(open)) > 0,
                Laid.kind(ROLL, ROLL_CEILING));
    }

    // ---- what has to come first

    /** Whether something is filled on a surface with a fault before that was treated. */
    private boolean isFilledBefore(FaultKind fault, ActivityKind treatment) {
        return laid.faces()
                .filter(face -> Laid.has(face, fault) && !isRaw(face))
                .anyMatch(face -> {
                    List<Activity> treated =
                            laid.on(face).filter(Laid.kind(treatment)).toList();
                    return laid.on(face)
                            .filter(each -> FILLS.contains(each.kind()))
                            .anyMatch(fill ->
                                    treated.isEmpty() || treated.stream().anyMatch(each -> laid.isBefore(fill, each)));
                });
    }

    /** Whether at a place of that kind something is done without what comes before it. */
    private boolean isMissing(FaultKind fault, Predicate<Activity> first, Predicate<Activity> then) {
        return laid.places(fault).stream().anyMatch(place -> {
            List<Activity> at =
                    laid.activities(each -> each.places().contains(place)).toList();
            return at.stream()
                    .filter(then)
                    .anyMatch(late -> at.stream().filter(first).noneMatch(early -> laid.isBefore(early, late)));
        });
    }

    private boolean isRolledUntreated(Face face) {
        if (!face.isPaintedWhole()) {
            return false;
        }
        boolean isSmoked = job.room(face.room()).isSmoked() && !face.isTrim();
        return isSmoked && !isTreated(face, "", BLOCK_STAIN)
                || face.places().stream()
                        .anyMatch(place -> treatments(place.mark().fault().kind(), isRaw(face)).stream()
                                .anyMatch(treatment -> !isTreated(face, place.key(), treatment)));
    }

    static Set<ActivityKind> treatments(FaultKind kind, boolean isRaw) {
        return switch (kind) {
            case GREASE -> EnumSet.of(isRaw ? BLOCK_STAIN : WASH);
            case SCUFF -> isRaw ? EnumSet.noneOf(ActivityKind.class) : EnumSet.of(WASH);
            case MOULD -> EnumSet.of(KILL_MOULD, BLOCK_STAIN);
            case STAIN, SMOKE -> EnumSet.of(BLOCK_STAIN);
            case RUST -> EnumSet.of(PRIME_METAL);
            case FLAKING -> EnumSet.of(MAKE_SOUND);
            case WALLPAPER_REMAINS -> EnumSet.of(STRIP_PAPER);
            case NAIL_HOLE,
                    SCREW_HOLE,
                    PROUD_RIM,
                    ANCHOR,
                    TOGGLE,
                    POPPED_FASTENER,
                    DING,
                    GOUGE,
                    HOLE,
                    BOX_GAP,
                    HOLLOW_REPAIR,
                    CRACK,
                    JOINT_CRACK,
                    FAILED_CAULK,
                    TAPE_TEAR,
                    PLASTER_ON_BEAD,
                    NIBS,
                    GLASSY_PLASTER,
                    LUMPY_PLASTER,
                    BARE_SURFACE,
                    PANEL_OR_PAPER,
                    RUN,
                    LAP_MARK,
                    PROUD_FILLER,
                    SMOOTH_ISLAND,
                    OLD_TOUCH_UP,
                    OLD_SHEEN,
                    HALO,
                    BLEED,
                    WAVY_LINE,
                    TRIM_CHIP,
                    SHOWS_THROUGH,
                    PALE_SHAPES -> EnumSet.noneOf(ActivityKind.class);
        };
    }

    /** Whether that was done, at the place or all over, before the first coat. */
    private boolean isTreated(Face face, String place, ActivityKind treatment) {
        return laid.on(face)
                .filter(Laid.kind(treatment))
                .filter(each -> each.places().isEmpty()
                        || each.places().contains(place)
                        || each.area().inSquareMetres() > 0 && isAlsoWhole(each))
                .anyMatch(done -> laid.on(face).filter(Activity::isCoat).allMatch(coat -> laid.isBefore(done, coat)));
    }

    /** Merged from places and a whole surface it keeps the places, but its area is that of the surface. */
    private static boolean isAlsoWhole(Activity each) {
        return each.tools().contains(Tool.ROLLER);
    }

    private boolean isPaintedRoundAPlate(Face face) {
        boolean isOff = laid.on(face).anyMatch(Laid.kind(PLATES_OFF, LOOSEN_FITTINGS, FITTINGS_OFF));
        return !isOff
                && laid.on(face).anyMatch(Activity::isCoat)
                && face.places().stream().map(Place::mark).anyMatch(mark -> isRoundAPlate(mark, face));
    }

    private static boolean isRoundAPlate(Mark mark, Face face) {
        Length reach = mark.fault().extent().times(0.5);
        return mark.fault().kind() == FaultKind.HALO
                && face.wall().fittings().stream()
                        .anyMatch(fitting ->
                                !fitting.box().distanceTo(mark.place()).isLongerThan(reach));
    }

    private boolean isCeilingAfterAccent() {
        Set<String> accents = job.accents();
        return laid.any(
                each -> each.surfaces().stream().anyMatch(accents::contains) && each.isCoat(),
                (accent, ceiling) ->
                        accent.rooms().stream().anyMatch(ceiling.rooms()::contains) && laid.isBefore(accent, ceiling),
                Laid.kind(CUT_CEILING, ROLL_CEILING, ROLL_CEILING_AGAIN));
    }

    // ---- what is bare

    private static boolean isRaw(Face face) {
        return face.isBare() && !face.isTrim();
    }

    private boolean isOnlySpotPrimed(Face face) {
        boolean isBare = isRaw(face) || face.action() == Action.SKIM_AND_ROLL;
        boolean isPrimed = laid.on(face)
                .anyMatch(Laid.kind(PRIME_WALL, MIST_COAT, SEAL_THINNED, ADHESION_PRIME, PRIME_AGAIN, BLOCK_STAIN));
        return isBare && face.isPaintedWhole() && !isPrimed && laid.on(face).anyMatch(Laid.kind(SPOT_PRIME));
    }

    private boolean isSealedWithGlue(Face face) {
        return isRaw(face)
                && laid.on(face)
                        .anyMatch(each ->
                                each.uses().stream().map(Use::material).anyMatch(Material.ADHESION_PRIMER::equals));
    }

    private boolean isMistOnPaint(Face face) {
        boolean isBared = isRaw(face)
                || face.action() == Action.SKIM_AND_ROLL
                || Laid.has(face, FaultKind.BARE_SURFACE)
                || Laid.has(face, FaultKind.WALLPAPER_REMAINS);
        return !isBared
                && laid.on(face)
                        .anyMatch(each ->
                                each.kind() == MIST_COAT && each.places().isEmpty());
    }

    private static boolean isOrdinaryTape(Activity tape) {
        return tape.tools().contains(Tool.MASKING_TAPE) || !tape.tools().contains(Tool.LOW_TACK_TAPE);
    }

    // ---- the paint

    private boolean isShortOfMix() {
        return job.mix()
                .filter(mix -> laid.activities(each -> true)
                                .flatMap(each -> each.uses().stream())
                                .filter(use -> use.paint().equals(mix.paint()))
                                .mapToDouble(use -> use.volume().inLitres())
                                .sum()
                        > mix.litres())
                .isPresent();
    }

    private boolean isOfTwoBinders(Face face) {
        return job.active().stream()
                .filter(other -> other.goesOn().paint().equals(face.goesOn().paint()))
                .anyMatch(other -> other.goesOn().binder() != face.goesOn().binder());
    }

    private boolean isDabbedUnconfirmed(Face face) {
        return face.goesOn().basis() == PaintBasis.NOT_CONFIRMED
                && laid.on(face).anyMatch(each -> DABS.contains(each.kind()));
    }

    private boolean isStoppedAfterOne(Face face) {
        if (!face.isPaintedWhole() || face.isTrim() || practice.is(School.ONE_COAT_WHERE_IT_HIDES)) {
            return false;
        }
        Set<ActivityKind> rolls = face.isCeiling() ? CEILING_ROLLS : ROLLS;
        long coats = laid.on(face).filter(each -> rolls.contains(each.kind())).count();
        return coats > 0 && coats + face.coatsOn().coats() < 2;
    }

    private boolean isPaintedDamp(Face face) {
        return job.room(face.room()).findings().contains(RoomFinding.DAMP)
                && laid.on(face).anyMatch(Activity::isCoat)
                && laid.on(face).noneMatch(each -> each.cautions().contains(Caution.CAUSE_FIRST));
    }

    /** By what was seen of it, or by the last coats on record in its room: what crept onto trim came from the wall beside it. */
    private boolean isFresh(Activity wiped) {
        double days = Times.inHours(figures.time(Figure.BLEED_WIPES_OFF)) / 24;
        boolean isFreshByRecord = job.faces().stream()
                .filter(face -> wiped.rooms().contains(face.room()))
                .anyMatch(face -> face.stack().ageOfTop().isUnderDays(days));
        List<Condition.Freshness> seen = job.faces().stream()
                .flatMap(face -> face.places().stream())
                .filter(place -> wiped.places().contains(place.key()))
                .map(place -> place.mark().fault().condition().freshness())
                .toList();
        return seen.contains(Condition.Freshness.HAS_SET)
                ? false
                : isFreshByRecord || !seen.isEmpty() && !seen.contains(Condition.Freshness.AS_RECORDED);
    }

    /** Where the trim follows, only the lines at the ceiling and in the corners are cut exactly. */
    private boolean isCutExactlyWhereCovered(Face face) {
        boolean trimFollows = job.paintsTrimOf(face.room()) && practice.is(School.TRIM_LAST);
        if (!trimFollows || !face.isPaintedWhole() || face.isTrim() || face.isCeiling()) {
            return false;
        }
        double most = face.wall().top().length().inMetres()
                + 2 * face.wall().top().highest().inMetres();
        return Edges.of(face, job, practice).exact().inMetres() > most + 1e-6;
    }
}
