package lumko.core.work;

import static lumko.core.step.StepKind.*;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Fault;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.film.DataSheet;
import lumko.core.hold.Binder;
import lumko.core.hold.Need;
import lumko.core.practice.Practice;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import lumko.core.repair.Ground;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;
import lumko.core.repair.RepairTable;
import lumko.core.repair.Textures;
import lumko.core.step.Caution;
import lumko.core.step.Material;
import lumko.core.step.Site;
import lumko.core.step.Step;
import lumko.core.step.StepKind;
import lumko.core.step.Task;
import lumko.core.step.Tool;
import lumko.core.step.Use;
import lumko.core.step.Wait;
import lumko.core.step.Within;
import lumko.core.wall.EveryTime;
import lumko.core.wall.Fitting;
import lumko.core.wall.Opening;
import lumko.core.wall.RoomFinding;
import lumko.core.wall.Wall;

/**
 * Turns what is to be done with each surface into one ordered job, in the house practice. Steps of the same kind and paint
 * are merged over the surfaces, so that every tool comes out once; a merged step waits as long as its slowest part.
 */
public final class WorkPlanner {
    /** Floor strip along a wall that is being rolled, and below a spot. ASSUMPTION: a sheet one metre wide. */
    private static final Length FLOOR_STRIP = Length.ofMetres(1);

    private static final Area FLOOR_BELOW_SPOT = Area.ofSquareMetres(0.5);

    /** Wall wiped round one spot. ASSUMPTION: about half a metre square. */
    private static final Area WIPED_ROUND_SPOT = Area.ofSquareMetres(0.25);

    /** Wall primed round one spot. ASSUMPTION: a disc of about 180 mm. */
    private static final Area PRIMED_ROUND_SPOT = Area.ofSquareMetres(0.025);

    /** Paint on a spot: a wet film of 100 µm, twice over for what stays in the small roller. ASSUMPTION. */
    private static final Length SPOT_FILM = Length.ofMillimetres(0.2);

    /** What does not hide by then wants an undercoat, not another coat. ASSUMPTION. */
    public static final int MOST_COATS = 3;

    /** What loading a brush and a mini roller takes up before anything reaches the wall. ASSUMPTION. */
    private static final Volume SPOT_TOOL_LOAD = Volume.ofMillilitres(30);

    /** How far beyond an old patch the feathering runs. ASSUMPTION: a hand's width. */
    private static final double FEATHER_BEYOND_MM = 100;

    /** A skim coat where it is thickest, which is what it dries by. */
    private static final Length SKIM_FILM = Length.ofMillimetres(1);

    /** The first skim coat on average, and the thinner second. ASSUMPTION. */
    private static final Length SKIM_AVERAGE = Length.ofMillimetres(0.6);

    private static final Length SKIM_AGAIN_AVERAGE = Length.ofMillimetres(0.3);

    private final Catalogue figures;
    private final Practice practice;
    private final RepairTable repairs;

    public WorkPlanner(Catalogue figures) {
        this(figures, Practice.STARTING);
    }

    public WorkPlanner(Catalogue figures, Practice practice) {
        this.figures = figures;
        this.practice = practice;
        this.repairs = new RepairTable(figures, practice);
    }

    /** The job for the given surfaces; nothing where all of them are left. */
    public Work plan(List<WallTask> tasks, Site site) {
        return plan(tasks, List.of(), site);
    }

    /** The job for the given surfaces and trim; nothing where all of them are left. */
    public Work plan(List<WallTask> tasks, List<TrimTask> trims, Site site) {
        List<WallTask> active = tasks.stream().filter(WallTask::isActive).toList();
        if (active.isEmpty() && trims.isEmpty()) {
            return Work.NONE;
        }
        Merger merger = new Merger();
        Edges.Job job = new Edges.Job(active, !trims.isEmpty());
        Map<String, Double> rolled = rolledMinutes(active);
        for (WallTask task : active) {
            new OneSurface(task, site, job, rolled.getOrDefault(task.paint(), 0.0), merger).lay();
        }
        for (TrimTask trim : trims) {
            new OneTrim(trim, site, merger).lay();
        }
        return closed(merger);
    }

    /**
     * What faults found after the first coat add to a job that is under way: only their repair up to the primer; the coats
     * that are still to come go over them.
     */
    public Work addition(List<WallTask> tasks, Site site) {
        Merger merger = new Merger();
        for (WallTask task : tasks) {
            new OneSurface(task, site, new Edges.Job(tasks, false), 0, merger).layRepairsOnly();
        }
        return new Work(merger.merged(figures, practice));
    }

    private Work closed(Merger merger) {
        List<Step> steps = new ArrayList<>();
        List<String> all = merger.surfaces();
        steps.add(visit(Task.of(SET_UP).minutes(figures.value(Figure.SET_UP)).with(Tool.TORCH, Tool.DUST_SHEET), all));
        steps.addAll(merger.merged(figures, practice));
        steps.add(visit(Task.of(PACK_UP).minutes(figures.value(Figure.PACK_UP)).with(Tool.VACUUM), all));
        return new Work(steps);
    }

    private Step visit(Task task, List<String> surfaces) {
        Merger one = new Merger();
        surfaces.forEach(surface -> one.add(Task.of(task.kind()), surface, ""));
        one.add(task, surfaces.getFirst(), "");
        return one.merged(figures, practice).getFirst();
    }

    /** How a mark on a surface is made good, as this planner counts it. */
    public Repair repair(Mark mark, WallTask on, Site site) {
        return repairs.repair(mark, ground(on, site));
    }

    static Ground ground(WallTask on, Site site) {
        return new Ground(
                on.setting().substrate(),
                on.wall().texture(),
                on.setting().findings().contains(RoomFinding.DAMP),
                site);
    }

    /** Minutes that each paint is rolled with the usual roller, over all its surfaces and coats. */
    private Map<String, Double> rolledMinutes(List<WallTask> tasks) {
        Map<String, Double> minutes = new LinkedHashMap<>();
        for (WallTask task : tasks) {
            if (task.action().isWholeWall()) {
                minutes.merge(
                        task.paint(),
                        task.wall().paintedArea().inSquareMetres()
                                * figures.value(task.setting().isCeiling() ? Figure.ROLL_CEILING : Figure.ROLL_WALL)
                                * coats(task),
                        Double::sum);
            }
        }
        return minutes;
    }

    private int coats(WallTask task) {
        int usual = figures.count(Figure.ROLLED_COATS);
        int hiding = Math.min(MOST_COATS, task.setting().cover().coatsToHide().orElse(1));
        return switch (practice.of(Question.BUILD_UP)) {
            case SELF_PRIMING_THREE -> Math.max(usual + 1, hiding);
            case ONE_COAT_WHERE_IT_HIDES ->
                task.setting().samePaint() && task.action() == Action.ROLL ? 1 : Math.max(usual, hiding);
            default -> Math.max(usual, hiding);
        };
    }

    private boolean isLight() {
        return practice.is(School.LIGHT_PREPARATION);
    }

    private boolean isSelfPriming() {
        return practice.is(School.SELF_PRIMING_TWO) || practice.is(School.SELF_PRIMING_THREE);
    }

    private Volume litres(Area area, Figure spread) {
        return Volume.ofLitres(area.inSquareMetres() / figures.value(spread));
    }

    /** Lays the tasks of one wall or ceiling into the merger. */
    private final class OneSurface {
        private final WallTask task;
        private final Wall wall;
        private final List<Mark> marks;
        private final List<Repair> made;
        private final Edges.Job job;
        private final Merger into;
        private final Site site;
        private final boolean wet;
        private final boolean high;
        private final boolean skim;
        private final boolean wide;
        private final boolean ceiling;
        private final Area painted;

        OneSurface(WallTask task, Site site, Edges.Job job, double rolledMinutes, Merger into) {
            this.task = task;
            this.wall = task.wall();
            this.marks = task.marks();
            this.into = into;
            this.job = job;
            this.site = site;
            this.wet = practice.is(School.DAMP_SPONGE) || site.mayHoldLead(figures) || site.mayHoldAsbestos(figures);
            this.painted = wall.paintedArea();
            this.ceiling = task.setting().isCeiling();
            Length reach = figures.length(Figure.REACH);
            this.high = ceiling || marks.stream().anyMatch(mark -> mark.reachesInto(reach, reach.times(10)));
            this.made = marks.stream()
                    .map(mark -> repairs.repair(mark, ground(task, site)))
                    .toList();
            this.skim = task.action() == Action.SKIM_AND_ROLL
                    || (task.action() == Action.ROLL
                            && made.stream()
                                    .anyMatch(repair -> repair.paintAfter() == Repair.PaintAfter.SKIM_AND_SURFACE));
            // the wide roller pays where it saves more than it costs to get out and wash
            this.wide =
                    rolledMinutes * (1 - figures.value(Figure.ROLL_WIDE)) > figures.value(Figure.WIDE_ROLLER_SET_OUT);
        }

        void lay() {
            boolean whole = task.action().isWholeWall();
            protect(whole);
            fittings();
            if (task.action() != Action.LEAVE) {
                if (isLight() && whole) {
                    wash();
                }
                repairs();
                if (skim) {
                    skim();
                }
                prepare(whole);
                if (whole) {
                    roll();
                } else if (task.action().isSpots()) {
                    touchUp();
                }
            }
            if (!whole) {
                panels();
            }
            add(Task.of(INSPECT)
                    .area(painted)
                    .minutes(figures.value(Figure.INSPECT) * painted.inSquareMetres())
                    .with(Tool.TORCH));
        }

        void layRepairsOnly() {
            repairs();
            dustOff(false);
            spotPrime();
        }

        private void add(Task one) {
            into.add(ceiling ? overhead(one) : one, task.key(), task.paint());
        }

        private Task overhead(Task one) {
            return one.with(Caution.LADDER).with(Tool.PLATFORM);
        }

        private Task ladder(Task one) {
            return high ? overhead(one) : one;
        }

        private void protect(boolean whole) {
            if (task.setting().findings().contains(RoomFinding.FLOOR_COMES_LATER)) {
                return;
            }
            double strip = ceiling
                    ? wall.grossArea().inSquareMetres()
                    : wall.width().times(FLOOR_STRIP).inSquareMetres();
            double floor = whole
                    ? strip
                    : Math.min(
                            strip,
                            Math.max(marks.size(), task.setting().panels().size()) * FLOOR_BELOW_SPOT.inSquareMetres());
            Task protect = Task.of(PROTECT_FLOOR)
                    .area(Area.ofSquareMetres(floor))
                    .minutes(figures.value(Figure.PROTECT_FLOOR) * floor)
                    .with(Tool.DUST_SHEET);
            if (practice.is(School.FLOOR_AFTER_SANDING)) {
                protect = protect.minutes(figures.value(Figure.SWEEP) * floor);
            }
            if (whole && !isLight() && !ceiling) {
                protect = protect.minutes((figures.value(Figure.TAPE_ON) + figures.value(Figure.TAPE_OFF))
                                * wall.width().inMetres())
                        .edge(wall.width())
                        .with(Tool.MASKING_TAPE);
            }
            add(protect);
        }

        private void fittings() {
            Length near = figures.length(Figure.NEAR_ELECTRICITY);
            for (Fitting fitting : wall.fittings()) {
                boolean inTheWay = task.action().isWholeWall()
                        || marks.stream()
                                .anyMatch(mark ->
                                        fitting.box().distanceTo(mark.centre()).compareTo(near) <= 0);
                if (inTheWay) {
                    fitting(fitting.kind());
                }
            }
        }

        private void fitting(Fitting.Kind kind) {
            FittingWay way = FittingWay.of(kind, practice, figures).getFirst();
            boolean plate = kind.isElectric();
            switch (way.way()) {
                case REMOVE -> {
                    double back = plate ? figures.value(Figure.PLATE_BACK) : way.minutes() * 0.5;
                    add(electric(
                            kind,
                            Task.of(plate ? PLATES_OFF : FITTINGS_OFF)
                                    .places(1)
                                    .minutes(way.minutes() - back)
                                    .with(Tool.SCREWDRIVER)));
                    add(weight(
                            kind,
                            Task.of(plate ? PLATES_BACK : FITTINGS_BACK)
                                    .places(1)
                                    .minutes(back)
                                    .with(Tool.SCREWDRIVER)));
                }
                case LOOSEN ->
                    add(electric(
                            kind,
                            Task.of(LOOSEN_FITTINGS)
                                    .places(1)
                                    .minutes(way.minutes())
                                    .with(Tool.SCREWDRIVER)));
                case MASK ->
                    add(electric(
                            kind,
                            Task.of(MASK_FITTINGS)
                                    .places(1)
                                    .minutes(way.minutes())
                                    .with(Tool.MASKING_TAPE, Tool.MASKING_FILM)));
                case LEAVE_AND_SCRAPE -> {
                    if (kind == Fitting.Kind.RADIATOR) {
                        if (task.action().isWholeWall()) {
                            add(Task.of(ROLL).minutes(way.minutes()).with(Tool.SLIM_ROLLER));
                        }
                    } else {
                        add(electric(
                                kind,
                                Task.of(SCRAPE_OFF)
                                        .places(1)
                                        .minutes(way.minutes())
                                        .with(Tool.SCRAPER)));
                    }
                }
            }
        }

        private Task electric(Fitting.Kind kind, Task one) {
            return kind.isElectric() ? one.with(Caution.ELECTRICITY).with(Tool.VOLTAGE_TESTER) : weight(kind, one);
        }

        private Task weight(Fitting.Kind kind, Task one) {
            return kind == Fitting.Kind.RADIATOR ? one.with(Caution.WEIGHT) : one;
        }

        private void wash() {
            add(Task.of(WASH)
                    .area(painted)
                    .minutes(figures.value(Figure.WASH) * painted.inSquareMetres())
                    .uses(Material.CLEANER, Volume.ofLitres(painted.inSquareMetres() * 0.005))
                    .dries(Wait.of(DryingMaterial.DAMP_WALL))
                    .with(Caution.CHEMICALS)
                    .with(Tool.WASH_BUCKET, Tool.DAMP_SPONGE, Tool.GLOVES));
        }

        /** The chain of every mark. In light preparation only what has to be made good is, and nothing is primed on its own. */
        private void repairs() {
            made.stream()
                    .flatMap(repair -> repair.tasks().stream())
                    .filter(one -> !(isLight() && (one.kind() == SAND || one.kind() == SPONGE_LEVEL)))
                    .forEach(this::add);
        }

        private void skim() {
            double withShrinkage = 1 / (1 - figures.share(Figure.FILLER_SHRINKAGE));
            add(overhead(Task.of(SKIM)
                    .area(painted)
                    .minutes(figures.value(Figure.SKIM_FIRST) * painted.inSquareMetres())
                    .uses(Material.DRYING_COMPOUND, painted.times(SKIM_AVERAGE).times(withShrinkage))
                    .dries(new Wait(DryingMaterial.DRYING_COMPOUND, SKIM_FILM))
                    .with(Tool.WIDE_KNIVES)));
            add(overhead(Task.of(SKIM_AGAIN)
                    .area(painted)
                    .minutes(figures.value(Figure.SKIM_SECOND) * painted.inSquareMetres())
                    .uses(
                            Material.DRYING_COMPOUND,
                            painted.times(SKIM_AGAIN_AVERAGE).times(withShrinkage))
                    .dries(new Wait(DryingMaterial.DRYING_COMPOUND, SKIM_FILM))
                    .with(Tool.WIDE_KNIVES)));
        }

        /** Key, wipe, and whatever the surface needs so that the next coat holds. */
        private void prepare(boolean whole) {
            Set<Need> needs = whole ? task.setting().holding().needs() : EnumSet.noneOf(Need.class);
            if (needs.contains(Need.CLEAN) && !isLight()) {
                wash();
            }
            if (whole && !isLight()) {
                Task key = Task.of(wet ? SPONGE_LEVEL : SAND)
                        .area(painted)
                        .minutes(figures.value(Figure.SAND_WALL) * painted.inSquareMetres());
                key = wet
                        ? key.with(Tool.DAMP_SPONGE).dries(Wait.of(DryingMaterial.DAMP_WALL))
                        : key.with(Caution.DUST)
                                .with(Tool.HALF_MASK, Tool.VACUUM)
                                // a whole skimmed wall goes under the powered sander, a sound one under the pole
                                .with(
                                        task.action() == Action.SKIM_AND_ROLL
                                                ? new Tool[] {Tool.POWER_SANDER}
                                                : new Tool[] {Tool.BLOCK_AND_PAPER, Tool.POLE});
                add(overhead(disturbing(key)));
            }
            dustOff(whole);
            if (needs.contains(Need.TEST_PATCH)) {
                add(Task.of(TEST_PATCH)
                        .places(1)
                        .minutes(figures.value(Figure.TEST_PATCH))
                        .dries(Wait.of(DryingMaterial.EMULSION_TO_TAPE))
                        .with(Tool.SMALL_BRUSH, Tool.LOW_TACK_TAPE, Tool.CUTTING_KNIFE));
            }
            if (needs.contains(Need.SEALER)) {
                prime(
                        BLOCK_STAIN,
                        Material.STAIN_BLOCK,
                        Figure.SPREAD_STAIN_BLOCK,
                        DryingMaterial.PRIMER,
                        Caution.SOLVENT);
            }
            if (needs.contains(Need.MIST_COAT)) {
                prime(
                        MIST_COAT,
                        Material.MIST_COAT,
                        Figure.SPREAD_MIST_COAT,
                        DryingMaterial.EMULSION,
                        Caution.SPLASHES);
            }
            if (needs.contains(Need.METAL_PRIMER)) {
                prime(
                        PRIME_METAL,
                        Material.METAL_PRIMER,
                        Figure.SPREAD_STAIN_BLOCK,
                        DryingMaterial.PRIMER,
                        Caution.SOLVENT);
            }
            if (needs.contains(Need.ADHESION_PRIMER)) {
                prime(
                        ADHESION_PRIME,
                        Material.ADHESION_PRIMER,
                        Figure.SPREAD_STAIN_BLOCK,
                        DryingMaterial.ADHESION_PRIMER,
                        Caution.SPLASHES);
            }
            if (needs.contains(Need.NEW_SURFACE_PRIMER) && !isSelfPriming()) {
                primeNewSurface();
            }
        }

        private void prime(StepKind kind, Material material, Figure spread, DryingMaterial dries, Caution caution) {
            add(Task.of(kind)
                    .area(painted)
                    .minutes(figures.value(Figure.PRIME_WALL) * painted.inSquareMetres())
                    .uses(material, litres(painted, spread).times(textureFactor()))
                    .dries(Wait.of(dries))
                    .with(caution, Caution.SPLASHES)
                    .with(Tool.ROLLER, Tool.TRAY, Tool.GOGGLES));
        }

        /** A skimmed or new surface is primed all over, in as many coats as the build-up of the house has. */
        private void primeNewSurface() {
            boolean thinned = practice.is(School.THINNED_SEALER_AND_TWO);
            prime(
                    PRIME_WALL,
                    thinned ? Material.THINNED_PAINT : Material.PRIMER,
                    thinned ? Figure.SPREAD_MIST_COAT : Figure.SPREAD_PRIMER,
                    thinned ? DryingMaterial.EMULSION : DryingMaterial.PRIMER,
                    Caution.SPLASHES);
            if (practice.is(School.TWO_PRIMERS_AND_TWO)) {
                prime(PRIME_AGAIN, Material.PRIMER, Figure.SPREAD_PRIMER, DryingMaterial.PRIMER, Caution.SPLASHES);
            }
        }

        private Task disturbing(Task one) {
            Task more = site.mayHoldLead(figures) ? one.with(Caution.LEAD) : one;
            return site.mayHoldAsbestos(figures) ? more.with(Caution.ASBESTOS) : more;
        }

        /** A surface that is rolled is wiped damp and dried; round spots a dry brush will do. */
        private void dustOff(boolean whole) {
            if (!whole && marks.isEmpty()) {
                return;
            }
            Area area = whole ? painted : WIPED_ROUND_SPOT.times(marks.size());
            Task dust = Task.of(DUST_OFF)
                    .area(area)
                    .minutes(figures.value(Figure.DUST_AND_WIPE) * area.inSquareMetres())
                    .with(Caution.DUST)
                    .with(Tool.DUSTING_BRUSH, Tool.HALF_MASK);
            add(whole ? dust.dries(Wait.of(DryingMaterial.DAMP_WALL)).with(Tool.TWO_CLOTHS) : dust);
        }

        // ---- the paint: its own data sheet wins

        private Wait emulsionDry() {
            return Wait.of(
                    DryingMaterial.EMULSION, task.setting().cover().sheet().flatMap(DataSheet::recoat));
        }

        private Volume paint(Area area) {
            return task.setting()
                    .cover()
                    .sheet()
                    .map(sheet -> Volume.ofLitres(area.inSquareMetres() / sheet.spread()))
                    .orElseGet(() -> litres(area, Figure.SPREAD_EMULSION));
        }

        // ---- spots

        private void touchUp() {
            boolean feather = task.action() == Action.FEATHER;
            Tool tool = switch (practice.of(Question.TOUCH_UP_TOOL)) {
                case ROLLER_NEARLY_DRY -> Tool.ROLLER;
                case TOUCH_UP_BRUSH -> Tool.SMALL_BRUSH;
                case FOAM_PAD -> Tool.FOAM_PAD;
                default -> Tool.MINI_ROLLER;
            };
            List<Mark> toPaint = new ArrayList<>();
            for (int n = 0; n < marks.size(); n++) {
                if (made.get(n).paintAfter() != Repair.PaintAfter.NOTHING) {
                    toPaint.add(marks.get(n));
                }
            }
            if (toPaint.isEmpty()) {
                return;
            }
            add(Task.of(SET_OUT_TOUCH_UP).with(Tool.STIRRER, Tool.POT, tool, Tool.SMALL_BRUSH));
            into.once(SET_OUT_TOUCH_UP, task.paint(), figures.value(Figure.TOUCH_UP_SET_OUT));
            into.once(FIRST_DAB, task.paint(), new Use(Material.WALL_PAINT, task.paint(), SPOT_TOOL_LOAD));
            for (Mark mark : toPaint) {
                Area spot = spotArea(mark, feather);
                Use paint = new Use(Material.WALL_PAINT, task.paint(), spot.times(SPOT_FILM));
                add(Task.of(FIRST_DAB)
                        .places(1)
                        .minutes(figures.value(Figure.DAB))
                        .uses(paint)
                        .dries(emulsionDry())
                        .with(Tool.SMALL_BRUSH));
                double minutes = feather
                        ? figures.value(Figure.FEATHER) + figures.value(Figure.FEATHER_AREA) * spot.inSquareMetres()
                        : figures.value(Figure.DAB);
                add(ladder(Task.of(feather ? FEATHER : DAB)
                        .places(1)
                        .minutes(minutes)
                        .uses(paint)
                        .dries(emulsionDry())
                        .with(tool)));
            }
            add(Task.of(WASH_TOOLS).with(Caution.DRAINS));
            into.once(WASH_TOOLS, task.paint(), figures.value(Figure.WASH_BRUSH));
        }

        private Area spotArea(Mark mark, boolean feather) {
            double beyond = feather ? FEATHER_BEYOND_MM : 0;
            return switch (mark.fault()) {
                case Fault.Round ignored ->
                    Area.ofDisc(made.get(marks.indexOf(mark)).finishedAcross().plus(Length.ofMillimetres(2 * beyond)));
                case Fault.Line line -> grown(line.length(), Length.ofMillimetres(20), beyond / 2);
                case Fault.Patch patch -> grown(patch.width(), patch.height(), beyond);
            };
        }

        private Area grown(Length width, Length height, double beyond) {
            Length both = Length.ofMillimetres(2 * beyond);
            return width.plus(both).times(height.plus(both));
        }

        /** The every-time places: rolled twice to a natural edge, in minutes of their own. */
        private void panels() {
            for (EveryTime panel : task.setting().panels()) {
                double minutes = figures.value(
                        switch (panel.kind()) {
                            case OUTSIDE_CORNER -> Figure.EVERY_TIME_CORNER;
                            case SPLASH_ZONE -> Figure.SPLASH_ZONE;
                            case ABOVE_BATH -> Figure.ABOVE_BATH;
                        });
                Area area = panel.box().area();
                add(Task.of(ROLL_PANEL)
                        .places(1)
                        .area(area)
                        .minutes(minutes)
                        .uses(new Use(
                                Material.WALL_PAINT, task.paint(), paint(area).times(2 * textureFactor())))
                        .dries(emulsionDry())
                        .with(Tool.MINI_ROLLER, Tool.ANGLED_BRUSH, Tool.TRAY));
            }
            if (!task.setting().panels().isEmpty()) {
                add(Task.of(WASH_TOOLS).with(Caution.DRAINS));
                into.once(WASH_TOOLS, task.paint(), figures.value(Figure.WASH_BRUSH));
            }
        }

        // ---- edge to edge

        private void spotPrime() {
            int repaired = (int) made.stream().filter(Repair::isBare).count();
            if (repaired == 0 || isLight() || isSelfPriming()) {
                return;
            }
            Area spots = PRIMED_ROUND_SPOT.times(repaired);
            Task prime = Task.of(SPOT_PRIME)
                    .places(repaired)
                    .minutes(figures.value(Figure.SPOT_PRIME) * repaired)
                    .with(Tool.SMALL_BRUSH);
            add(
                    switch (practice.of(Question.SPOT_SEALING)) {
                        case SEAL_WITH_THINNED_PAINT ->
                            prime.uses(Material.THINNED_PAINT, litres(spots, Figure.SPREAD_MIST_COAT))
                                    .dries(emulsionDry());
                        case SEAL_WITH_BRUSHED_COAT ->
                            prime.uses(new Use(Material.WALL_PAINT, task.paint(), paint(spots)))
                                    .dries(emulsionDry());
                        default ->
                            prime.uses(Material.PRIMER, litres(spots, Figure.SPREAD_PRIMER))
                                    .dries(Wait.of(DryingMaterial.PRIMER));
                    });
            into.atLeast(SPOT_PRIME, figures.value(Figure.SPOT_PRIME_LEAST));
        }

        private void roll() {
            if (skim && !isLight() && !isSelfPriming()) {
                primeNewSurface();
            } else {
                spotPrime();
            }
            int coats = coats(task);
            Edges edges = Edges.of(task, job, practice);
            tape(edges);
            sleeve();
            cutIn(ceiling ? CUT_CEILING : CUT_IN, edges, true);
            rollOn(ceiling ? ROLL_CEILING : ROLL);
            into.once(
                    ceiling ? ROLL_CEILING : ROLL,
                    task.paint(),
                    new Use(material(), task.paint(), Volume.ofLitres(figures.value(Figure.LOSS_ROLLER))));
            if (wide) {
                into.once(ceiling ? ROLL_CEILING : ROLL, task.paint(), figures.value(Figure.WIDE_ROLLER_SET_OUT));
            }
            if (coats > 1) {
                add(Task.of(LOOK_FOR_MISSES)
                        .area(painted)
                        .minutes(figures.value(Figure.INSPECT) * painted.inSquareMetres())
                        .with(Tool.TORCH));
                if (!ceiling) {
                    cutIn(CUT_IN_AGAIN, edges, practice.is(School.CUT_IN_WHOLE_AGAIN));
                }
                rollOn(ceiling ? ROLL_CEILING_AGAIN : ROLL_AGAIN);
            }
            for (int further = 2; further < coats; further++) {
                rollOn(ROLL_FURTHER);
            }
            close(edges, coats);
        }

        private Material material() {
            return ceiling ? Material.CEILING_PAINT : Material.WALL_PAINT;
        }

        private void tape(Edges edges) {
            double metres = edges.taped().inMetres();
            if (metres <= 0 || isLight()) {
                return;
            }
            add(Task.of(TAPE_EDGES)
                    .edge(edges.taped())
                    .minutes(figures.value(Figure.TAPE_ON) * metres)
                    .dries(Wait.of(DryingMaterial.SEAL_BEAD))
                    .with(Tool.LOW_TACK_TAPE));
            Task off = Task.of(UNMASK).edge(edges.taped()).minutes(figures.value(Figure.TAPE_OFF) * metres);
            StepKind last = coats(task) > 2
                    ? ROLL_FURTHER
                    : coats(task) > 1 ? (ceiling ? ROLL_CEILING_AGAIN : ROLL_AGAIN) : (ceiling ? ROLL_CEILING : ROLL);
            add(
                    practice.is(School.TAPE_OFF_WET)
                            ? off.within(new Within(last, new OpenTime(figures).of(Climate.REFERENCE)))
                            : off.minutes(figures.value(Figure.SCORE_TAPE) * metres)
                                    .with(Tool.CUTTING_KNIFE));
        }

        private void sleeve() {
            Figure minutes = practice.is(School.SLEEVE_WASHED_AND_DRIED)
                    ? Figure.SLEEVE_WASHED
                    : practice.is(School.SLEEVE_DAMP) ? Figure.SLEEVE_DAMPED : Figure.SLEEVE_TAPED;
            Task sleeve = Task.of(PREPARE_SLEEVE).with(wide ? Tool.WIDE_ROLLER : Tool.ROLLER);
            add(practice.is(School.SLEEVE_LINT_TAPED) ? sleeve.with(Tool.MASKING_TAPE) : sleeve);
            into.once(PREPARE_SLEEVE, task.paint(), figures.value(minutes));
        }

        private void cutIn(StepKind kind, Edges edges, boolean all) {
            double minutes = all
                    ? figures.value(Figure.CUT_IN) * edges.exact().inMetres()
                            + figures.value(Figure.CUT_IN_LOOSE) * edges.loose().inMetres()
                    : figures.value(Figure.CUT_IN_AGAIN) * edges.cut().inMetres();
            Task cut = Task.of(kind)
                    .edge(edges.cut())
                    .minutes(minutes * (practice.is(School.ROLL_FIRST) ? figures.value(Figure.CUT_AFTER_ROLLING) : 1))
                    .with(Tool.ANGLED_BRUSH, Tool.POT);
            if (practice.is(School.ROLL_FIRST)) {
                cut = cut.dries(emulsionDry());
            }
            add(overhead(cut));
        }

        private void rollOn(StepKind kind) {
            Volume coat = paint(painted)
                    .times(textureFactor())
                    .times(1 + figures.share(Figure.LOSS_BRUSH) + figures.share(Figure.LOSS_TIN));
            double minutes = figures.value(ceiling ? Figure.ROLL_CEILING : Figure.ROLL_WALL)
                    * painted.inSquareMetres()
                    * (wide ? figures.value(Figure.ROLL_WIDE) : 1)
                    * (practice.is(School.ADVANCE_50) ? figures.value(Figure.ROLL_ADVANCE_50) : 1)
                    * (practice.is(School.LAY_OFF_SEVERAL) ? figures.value(Figure.LAY_OFF_SEVERAL) : 1);
            Task roll = Task.of(kind)
                    .area(painted)
                    .minutes(minutes)
                    .uses(new Use(material(), task.paint(), coat))
                    .with(Caution.SPLASHES)
                    .with(wide ? Tool.WIDE_ROLLER : Tool.ROLLER, Tool.TRAY, Tool.POLE, Tool.GOGGLES, Tool.STIRRER);
            if (practice.is(School.USE_LINERS)) {
                roll = roll.with(Tool.TRAY_LINER);
            }
            boolean first = kind == ROLL || kind == ROLL_CEILING;
            if (first && practice.is(School.CUT_A_PIECE) && practice.is(School.CUT_IN_FIRST)) {
                roll = roll.within(
                        new Within(ceiling ? CUT_CEILING : CUT_IN, new OpenTime(figures).of(Climate.REFERENCE)));
            }
            boolean bagged = practice.is(School.BAG_TOOLS) || practice.is(School.BAG_TOOLS_COLD);
            if (!first && bagged) {
                Figure keeps = practice.is(School.BAG_TOOLS_COLD) ? Figure.BAGGED_COLD_KEEP : Figure.BAGGED_TOOLS_KEEP;
                roll = roll.within(new Within(ceiling ? ROLL_CEILING : ROLL, Duration.ofDays(figures.count(keeps))));
            }
            add(overhead(roll.dries(emulsionDry())));
        }

        private void close(Edges edges, int coats) {
            double exact = edges.exact().inMetres() + edges.taped().inMetres();
            if (!practice.is(School.CEILING_AS_WALLS) || !ceiling) {
                Task correct = Task.of(CORRECT)
                        .edge(Length.ofMetres(exact))
                        .minutes(figures.value(Figure.CORRECT) * exact)
                        .with(Tool.SASH_BRUSH);
                add(
                        edges.taped().isLongerThan(Length.ZERO)
                                ? correct.within(
                                        new Within(UNMASK, Duration.ofDays(figures.count(Figure.BLEED_WIPES_OFF))))
                                : correct);
            }
            int windows = (int) wall.openings().stream()
                    .filter(opening -> opening.kind() == Opening.Kind.WINDOW)
                    .count();
            if (windows > 0) {
                add(Task.of(SCRAPE_OFF)
                        .places(windows)
                        .minutes(figures.value(Figure.SCRAPE_GLASS) * windows)
                        .with(Tool.WINDOW_SCRAPER));
            }
            double washing = figures.value(Figure.WASH_BRUSH) + figures.value(Figure.WASH_SLEEVE);
            add(Task.of(WASH_TOOLS).with(Caution.DRAINS));
            switch (practice.of(Question.WET_TOOLS)) {
                case WASH_EACH_TIME -> into.once(WASH_TOOLS, task.paint(), washing * coats);
                case USE_LINERS ->
                    into.once(WASH_TOOLS, task.paint(), washing + figures.value(Figure.CHANGE_LINER) * coats);
                default -> {
                    into.once(WASH_TOOLS, task.paint(), washing);
                    if (coats > 1) {
                        add(Task.of(BAG_TOOLS).with(Tool.TOOL_BAGS));
                        into.once(BAG_TOOLS, task.paint(), 2 * figures.value(Figure.BAG_TOOL) * (coats - 1));
                    }
                }
            }
        }

        private double textureFactor() {
            return Textures.factor(wall.texture(), figures);
        }
    }

    /** Lays the tasks of one room's trim into the merger. */
    private final class OneTrim {
        private final TrimTask trim;
        private final Site site;
        private final Merger into;

        OneTrim(TrimTask trim, Site site, Merger into) {
            this.trim = trim;
            this.site = site;
            this.into = into;
        }

        void lay() {
            double metres = trim.skirting().inMetres();
            if (!practice.is(School.TRIM_FIRST)) {
                add(Task.of(SWEEP).minutes(figures.value(Figure.SWEEP) * metres).with(Tool.DUSTING_BRUSH, Tool.VACUUM));
            }
            boolean lead = site.mayHoldLead(figures);
            Task key = Task.of(SAND_TRIM).edge(trim.skirting()).minutes(figures.value(Figure.SAND_TRIM) * metres);
            add(
                    lead
                            ? key.with(Caution.LEAD).with(Tool.DAMP_SPONGE).dries(Wait.of(DryingMaterial.DAMP_WALL))
                            : key.with(Caution.DUST).with(Tool.HALF_MASK, Tool.PAPER_220));
            if (trim.holding().needs().contains(Need.ADHESION_PRIMER)
                    || trim.holding().needs().contains(Need.NEW_SURFACE_PRIMER)) {
                add(Task.of(PRIME_TRIM)
                        .edge(trim.skirting())
                        .minutes(brushing())
                        .uses(Material.ADHESION_PRIMER, coat())
                        .dries(Wait.of(DryingMaterial.ADHESION_PRIMER))
                        .with(Tool.SASH_BRUSH));
            }
            coat(PAINT_TRIM, drying());
            coat(
                    PAINT_TRIM_AGAIN,
                    practice.is(School.TRIM_FIRST) && trim.binder() == Binder.WATERBORNE
                            ? Wait.of(DryingMaterial.EMULSION_TO_TAPE)
                            : drying());
            add(Task.of(WASH_TOOLS).with(Caution.DRAINS));
            into.once(WASH_TOOLS, trim.paint(), figures.value(Figure.WASH_BRUSH));
        }

        private Wait drying() {
            return Wait.of(
                    trim.binder() == Binder.WATERBORNE ? DryingMaterial.TRIM_WATER : DryingMaterial.TRIM_SOLVENT,
                    trim.sheet().flatMap(DataSheet::recoat));
        }

        private void add(Task task) {
            into.add(task, trim.key(), trim.paint());
        }

        private double brushing() {
            return figures.value(Figure.TRIM_BRUSH) * trim.skirting().inMetres()
                    + figures.value(Figure.DOOR_SIDE) * trim.doorSides()
                    + figures.value(Figure.WINDOW_CASING) * trim.windows();
        }

        private Volume coat() {
            Area strip = trim.skirting().times(figures.length(Figure.TRIM_STRIP));
            double spread = trim.sheet().map(DataSheet::spread).orElseGet(() -> figures.value(Figure.SPREAD_TRIM));
            return Volume.ofLitres(strip.inSquareMetres() / spread)
                    .plus(Volume.ofLitres(
                            figures.value(Figure.DOOR_SIDE_LITRES) * (trim.doorSides() + trim.windows() * 0.5)));
        }

        private void coat(StepKind kind, Wait dries) {
            Task paint = Task.of(kind)
                    .places(trim.doorSides() + trim.windows())
                    .edge(trim.skirting())
                    .minutes(brushing())
                    .uses(new Use(
                            Material.TRIM_PAINT,
                            trim.paint(),
                            coat().times(1 + figures.share(Figure.LOSS_BRUSH) + figures.share(Figure.LOSS_TIN))))
                    .dries(dries)
                    .with(Tool.SASH_BRUSH, Tool.POT, Tool.STIRRER);
            add(
                    trim.binder() == Binder.SOLVENTBORNE
                            ? paint.with(Caution.SOLVENT).with(Tool.GLOVES)
                            : paint);
        }
    }
}
