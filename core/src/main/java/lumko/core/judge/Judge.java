package lumko.core.judge;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import lumko.core.drying.DryingModel;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.practice.Practice;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;
import lumko.core.repair.Repair.PaintAfter;
import lumko.core.wall.RoomFinding;
import lumko.core.wall.WindowLight;
import lumko.core.work.Action;
import lumko.core.work.Work;
import lumko.core.work.WorkPlanner;

/**
 * Decides what to do with a wall. Hard rules rule choices out first, each with its figures; of what is left the least expected
 * cost wins: minutes and paint now, plus the chance that it shows times what coming back costs. Of two choices that cost
 * the same the one that paints less wins.
 */
public final class Judge {
    /** How many further spots are tried before rolling is called out of sight. */
    private static final int FURTHEST = 60;

    /** An old patch up to this can be feathered out by hand. ASSUMPTION: about half a metre square. */
    private static final Area WIDEST_FEATHERED = Area.ofSquareMetres(0.25);

    /** A repair up to this can be feathered out by hand; wider ones have lost the wall's texture. ASSUMPTION. */
    private static final Length WIDEST_FEATHERED_SPOT = Length.ofMillimetres(400);

    /** A moisture-tough finish has at least this gloss at 60°. ASSUMPTION: an eggshell. */
    private static final double TOUGH_GLOSS = 8;

    /** Crowding of repairs is counted within a square of this side. */
    private static final double CROWD_SIDE_MM = 1000;

    private final Catalogue figures;
    private final WorkPlanner planner;
    private final DryingModel drying;
    private final ShowOdds odds;

    public Judge(Catalogue figures) {
        this(figures, Practice.STARTING);
    }

    public Judge(Catalogue figures, Practice practice) {
        this.figures = figures;
        this.planner = new WorkPlanner(figures, practice);
        this.drying = new DryingModel(figures);
        this.odds = new ShowOdds(figures, planner);
    }

    public Verdict judge(WallCase wall) {
        List<Option> options = weigh(wall);
        Option best = best(options);
        return new Verdict(
                best.action(),
                options,
                reasons(wall, best, options),
                wall.marks().size(),
                rollsFrom(wall, best));
    }

    private List<Option> weigh(WallCase wall) {
        boolean skim = needsSkim(wall);
        Option roll = option(wall, skim ? Action.SKIM_AND_ROLL : Action.ROLL, Duration.ZERO);
        Duration comeBack = figures.minutes(Figure.SET_UP, 1)
                .plus(figures.minutes(Figure.PACK_UP, 1))
                .plus(figures.minutes(Figure.DELAY_OF_COMING_BACK, 1));
        // whatever shows in the end is cured by rolling the wall
        Duration cure = comeBack.plus(price(roll.work()));
        List<Option> options = new ArrayList<>(List.of(option(wall, Action.LEAVE, cure)));
        if (washingMayDo(wall)) {
            options.add(option(wall, Action.WASH, cure));
        }
        options.addAll(List.of(
                option(wall, Action.DAB, cure), option(wall, Action.FEATHER, cure), option(wall, roll.action(), cure)));
        return List.copyOf(options);
    }

    /** Only where nothing is left to paint once every mark has been washed. */
    private boolean washingMayDo(WallCase wall) {
        return !wall.marks().isEmpty()
                && wall.marks().stream().allMatch(mark -> repair(wall, mark).paintAfter() == PaintAfter.NOTHING);
    }

    private Repair repair(WallCase wall, Mark mark) {
        return planner.repair(mark, wall.task(Action.LEAVE), wall.site());
    }

    private Option option(WallCase wall, Action action, Duration comingBack) {
        Work work = planner.plan(List.of(wall.task(action)), wall.site());
        Chance shows = odds.onWall(wall, action);
        Duration expected = price(work).plus(Duration.ofSeconds(Math.round(shows.likely() * comingBack.toSeconds())));
        return new Option(
                action,
                work,
                work.labourOnWalls(),
                work.paint(),
                work.elapsed(drying, wall.climate()),
                shows,
                expected,
                against(wall, action));
    }

    private Duration price(Work work) {
        return work.labourOnWalls()
                .plus(figures.minutes(Figure.LITRE_IN_MINUTES, work.paint().inLitres()));
    }

    private static Option best(List<Option> options) {
        return options.stream()
                .filter(Option::isAllowed)
                .min(Comparator.comparing(Option::expected))
                .orElseThrow();
    }

    /** The hard rules that speak against an action. Nothing speaks against rolling the wall but that nothing is marked. */
    private List<Finding> against(WallCase wall, Action action) {
        List<Finding> findings = new ArrayList<>();
        boolean smoked = wall.has(RoomFinding.SMELL_OF_SMOKE);
        if (smoked && !action.isWholeWall()) {
            findings.add(Finding.of(Rule.ROOM_WAS_SMOKED_IN));
        }
        if (wall.marks().isEmpty()) {
            if (action != Action.LEAVE && !smoked) {
                findings.add(Finding.of(Rule.NOTHING_MARKED));
            }
            return findings;
        }
        if (action.isSpots()) {
            paintRules(wall, findings);
            sheenRules(wall, findings);
            sizeRules(wall, action, findings);
        }
        if (action == Action.LEAVE) {
            leavingRules(wall, findings);
        }
        return findings;
    }

    /** What bleeds, spreads or comes off has to be dealt with, however far away one stands. */
    private static void leavingRules(WallCase wall, List<Finding> findings) {
        if (hasStain(wall)) {
            findings.add(Finding.of(Rule.STAIN_BLEEDS));
        }
        wall.marks().stream()
                .map(mark -> mark.fault().kind())
                .filter(Judge::cannotBeLeft)
                .findFirst()
                .ifPresent(kind -> findings.add(Finding.of(Rule.CANNOT_BE_LEFT, kind)));
    }

    private static boolean cannotBeLeft(FaultKind kind) {
        return switch (kind) {
            case MOULD, SMOKE, FLAKING, BOX_GAP, POPPED_FASTENER, BARE_SURFACE, WALLPAPER_REMAINS, RUST -> true;
            case NAIL_HOLE,
                    SCREW_HOLE,
                    PROUD_RIM,
                    ANCHOR,
                    TOGGLE,
                    DING,
                    GOUGE,
                    HOLE,
                    CRACK,
                    JOINT_CRACK,
                    FAILED_CAULK,
                    TAPE_TEAR,
                    NIBS,
                    GLASSY_PLASTER,
                    LUMPY_PLASTER,
                    PANEL_OR_PAPER,
                    RUN,
                    LAP_MARK,
                    PROUD_FILLER,
                    SMOOTH_ISLAND,
                    OLD_TOUCH_UP,
                    OLD_SHEEN,
                    HALO,
                    SCUFF,
                    GREASE,
                    STAIN -> false;
        };
    }

    private static void paintRules(WallCase wall, List<Finding> findings) {
        if (wall.basis() == PaintBasis.UNKNOWN || wall.film().isEmpty()) {
            findings.add(Finding.of(Rule.PAINT_UNKNOWN));
        } else if (wall.basis() == PaintBasis.OTHER_PAINT) {
            findings.add(Finding.of(Rule.PAINT_IS_OTHER));
        }
        if (hasStain(wall)) {
            findings.add(Finding.of(Rule.STAIN_BLEEDS));
        }
    }

    /** Dark, strong and glossy walls: only with the original paint, and only where nobody looks. */
    private void sheenRules(WallCase wall, List<Finding> findings) {
        boolean outOfSight = wall.marks().stream().noneMatch(mark -> odds.inEyeBand(mark, wall));
        if (wall.film().isEmpty() || (wall.basis() == PaintBasis.SAME_BATCH && outOfSight)) {
            return;
        }
        Film film = wall.film().get();
        if (film.gloss60() > figures.value(Figure.GLOSS_ABOVE)) {
            findings.add(Finding.of(Rule.TOO_GLOSSY, film.gloss60(), figures.value(Figure.GLOSS_ABOVE)));
        }
        if (film.colour().lightness() < figures.value(Figure.DARK_BELOW)) {
            findings.add(Finding.of(Rule.DARK_WALL, film.colour().lightness(), figures.value(Figure.DARK_BELOW)));
        }
        if (film.colour().chroma() > figures.value(Figure.STRONG_ABOVE)) {
            findings.add(Finding.of(Rule.STRONG_COLOUR, film.colour().chroma(), figures.value(Figure.STRONG_ABOVE)));
        }
    }

    private void sizeRules(WallCase wall, Action action, List<Finding> findings) {
        Length widest = figures.length(Figure.SPOT_DIAMETER);
        Area together = Area.ZERO;
        for (Mark mark : wall.marks()) {
            Repair repair = repair(wall, mark);
            if (repair.paintAfter() == PaintAfter.NOTHING) {
                continue;
            }
            Length across = repair.finishedAcross();
            together = together.plus(repair.finishedArea());
            if (repair.paintAfter() != PaintAfter.THE_PLACE) {
                if (mark.fault().kind() != FaultKind.STAIN) {
                    findings.add(Finding.of(Rule.NEEDS_WHOLE_WALL, mark.fault().kind()));
                }
                continue;
            }
            if (mark.fault() instanceof Fault.Patch patch) {
                if (action == Action.DAB) {
                    findings.add(Finding.of(Rule.OLD_TOUCH_UP_NEEDS_FEATHERING, patch.extent()));
                } else if (patch.area().compareTo(WIDEST_FEATHERED) > 0) {
                    findings.add(Finding.of(Rule.PATCH_TOO_WIDE_TO_FEATHER, patch.area(), WIDEST_FEATHERED));
                }
                continue;
            }
            if (action == Action.DAB && across.isLongerThan(widest)) {
                findings.add(Finding.of(Rule.SPOT_TOO_WIDE_TO_DAB, across, widest));
            } else if (action == Action.FEATHER && across.isLongerThan(WIDEST_FEATHERED_SPOT)) {
                findings.add(Finding.of(Rule.SPOT_TOO_WIDE_TO_DAB, across, WIDEST_FEATHERED_SPOT));
            }
        }
        int most = figures.count(Figure.SPOTS_TO_DAB);
        if (action == Action.DAB && wall.marks().size() > most) {
            findings.add(Finding.of(Rule.TOO_MANY_SPOTS, wall.marks().size(), most));
        }
        double share = together.inSquareMetres() / wall.wall().paintedArea().inSquareMetres() * 100;
        if (action == Action.DAB && share > figures.value(Figure.SPOTS_SHARE)) {
            findings.add(Finding.of(Rule.SPOTS_TAKE_TOO_MUCH, share, figures.value(Figure.SPOTS_SHARE)));
        }
        // the widest of each kind is enough to say
        List<Finding> once = findings.stream()
                .collect(Collectors.toMap(Finding::rule, finding -> finding, Judge::wider, LinkedHashMap::new))
                .values()
                .stream()
                .toList();
        findings.clear();
        findings.addAll(once);
    }

    private static Finding wider(Finding one, Finding other) {
        return one.figures().getFirst() instanceof Length a
                        && other.figures().getFirst() instanceof Length b
                        && b.isLongerThan(a)
                ? other
                : one;
    }

    private boolean needsSkim(WallCase wall) {
        return crowded(wall) > figures.value(Figure.SKIM_PER_SQUARE_METRE)
                || filledShare(wall) > figures.value(Figure.SKIM_SHARE)
                || wall.marks().stream()
                        .anyMatch(mark -> repair(wall, mark).paintAfter() == PaintAfter.SKIM_AND_SURFACE);
    }

    /** The most repairs whose centres lie within a square metre, centred on one of them. */
    private int crowded(WallCase wall) {
        List<Mark> filled = filled(wall);
        int most = 0;
        for (Mark centre : filled) {
            int near = (int) filled.stream()
                    .filter(mark -> Math.abs(mark.centre()
                                            .fromLeft()
                                            .minus(centre.centre().fromLeft())
                                            .inMillimetres())
                                    <= CROWD_SIDE_MM / 2
                            && Math.abs(mark.centre()
                                            .aboveFloor()
                                            .minus(centre.centre().aboveFloor())
                                            .inMillimetres())
                                    <= CROWD_SIDE_MM / 2)
                    .count();
            most = Math.max(most, near);
        }
        return most;
    }

    private double filledShare(WallCase wall) {
        double filled = filled(wall).stream()
                .mapToDouble(mark -> repair(wall, mark).finishedArea().inSquareMetres())
                .sum();
        return filled / wall.wall().paintedArea().inSquareMetres() * 100;
    }

    private List<Mark> filled(WallCase wall) {
        return wall.marks().stream()
                .filter(mark -> !repair(wall, mark).fills().isEmpty())
                .toList();
    }

    private static boolean hasStain(WallCase wall) {
        return wall.marks().stream().anyMatch(mark -> mark.fault().kind() == FaultKind.STAIN);
    }

    /** Adds spots like those that are there, spread over the wall, until rolling wins. */
    private OptionalInt rollsFrom(WallCase wall, Option best) {
        if (wall.marks().isEmpty() || best.action().isWholeWall()) {
            return OptionalInt.empty();
        }
        List<Mark> more = new ArrayList<>(wall.marks());
        for (int further = 1; further <= FURTHEST; further++) {
            more.add(wall.marks().get(further % wall.marks().size()));
            // the same places again would read as a crowd: only cost and chance matter here
            List<Option> options = weigh(wall.withMarks(more)).stream()
                    .map(option -> option.action() == Action.SKIM_AND_ROLL
                            ? option(wall.withMarks(more), Action.ROLL, Duration.ZERO)
                            : option)
                    .toList();
            if (best(options).action().isWholeWall()) {
                return OptionalInt.of(more.size());
            }
        }
        return OptionalInt.empty();
    }

    private List<Finding> reasons(WallCase wall, Option best, List<Option> options) {
        List<Finding> reasons = new ArrayList<>();
        if (wall.marks().isEmpty() && best.action() == Action.LEAVE) {
            reasons.add(Finding.of(Rule.NOTHING_MARKED));
            return reasons;
        }
        if (best.action() == Action.SKIM_AND_ROLL) {
            reasons.add(Finding.of(
                    Rule.SKIM_RATHER_THAN_CHASE,
                    crowded(wall),
                    figures.count(Figure.SKIM_PER_SQUARE_METRE),
                    filledShare(wall),
                    figures.value(Figure.SKIM_SHARE)));
        }
        // what ruled out the choices that would have painted less
        for (Option option : options) {
            if (option.action().compareTo(best.action()) < 0) {
                option.against().stream()
                        .filter(finding -> reasons.stream().noneMatch(known -> known.rule() == finding.rule()))
                        .forEach(reasons::add);
            }
        }
        options.stream()
                .filter(option -> option.isAllowed() && option.action() != best.action())
                .min(Comparator.comparing(Option::expected))
                .ifPresent(next ->
                        reasons.add(Finding.of(Rule.CHEAPEST, best.expected(), next.action(), next.expected())));
        if (best.action() != Action.LEAVE) {
            reasons.addAll(circumstances(wall));
        }
        return reasons;
    }

    private List<Finding> circumstances(WallCase wall) {
        List<Finding> findings = new ArrayList<>();
        if (wall.has(RoomFinding.DAMP)) {
            findings.add(Finding.of(Rule.DAMP_FIRST));
        }
        if (wall.has(RoomFinding.TENANT_COLOUR)) {
            findings.add(Finding.of(Rule.TENANTS_COLOUR));
        }
        wall.film()
                .filter(film -> wall.has(RoomFinding.STEAM) && film.gloss60() < TOUGH_GLOSS)
                .ifPresent(film -> findings.add(Finding.of(Rule.STEAM_WANTS_SHEEN, film.gloss60(), TOUGH_GLOSS)));
        int seen = (int)
                wall.marks().stream().filter(mark -> odds.inEyeBand(mark, wall)).count();
        if (seen > 0) {
            findings.add(Finding.of(
                    Rule.IN_THE_EYE_BAND,
                    seen,
                    wall.marks().size(),
                    figures.length(Figure.EYE_BAND_FROM),
                    figures.length(Figure.EYE_BAND_TO)));
        }
        if (wall.light().isRaking()) {
            findings.add(Finding.of(Rule.RAKING_LIGHT, wall.light()));
        } else if (wall.light() == WindowLight.SAME_WALL) {
            findings.add(Finding.of(Rule.GLARE_BESIDE_WINDOW));
        }
        switch (wall.basis()) {
            case SAME_BATCH -> findings.add(Finding.of(Rule.PAINT_SAME_BATCH));
            case BOUGHT_AGAIN -> findings.add(Finding.of(Rule.PAINT_BOUGHT_AGAIN));
            case NOT_CONFIRMED -> findings.add(Finding.of(Rule.PAINT_NOT_CONFIRMED));
            case OTHER_PAINT, UNKNOWN -> {}
        }
        wall.film().ifPresent(film -> {
            if (film.ageYears() > figures.value(Figure.FILM_OLD_AFTER)) {
                findings.add(Finding.of(Rule.FILM_IS_OLD, film.ageYears(), figures.value(Figure.FILM_OLD_AFTER)));
            }
        });
        double tonesDown = figures.value(Figure.SHEEN_TONES_DOWN);
        if (wall.daysToViewing().isPresent() && wall.daysToViewing().getAsInt() < tonesDown) {
            findings.add(Finding.of(
                    Rule.SHEEN_NOT_TONED_DOWN, wall.daysToViewing().getAsInt(), (int) Math.round(tonesDown)));
        }
        return findings;
    }
}
