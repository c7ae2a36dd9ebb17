package lumko.core.repair;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Fault;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import lumko.core.repair.Repair.PaintAfter;
import lumko.core.step.Caution;
import lumko.core.step.Material;
import lumko.core.step.StepKind;
import lumko.core.step.Task;
import lumko.core.step.Tool;
import lumko.core.step.Wait;
import lumko.core.step.Within;

/**
 * How each fault is made good: the method, and its chain of tasks with filler after shrinkage, knives, minutes, waits, tools
 * and cautions. A wider or deeper fault of a kind never needs less filler.
 */
public final class RepairTable {
    /** Thickness of gypsum board or of plaster that a hole goes through. ASSUMPTION: the usual 12.5 mm. */
    private static final double SHELL_MM = 12.5;

    /** Light spackle dries through in one fill up to here, in two up to twice as much. Source: catalogue of figures. */
    private static final double SPACKLE_FILL_MM = 3;

    private static final double HAIRLINE_MM = 0.5;
    private static final double WIDE_CRACK_MM = 2;

    /** Knives of the first, second and third coat over a patch. Source: catalogue of figures, Sizes. */
    private static final double[] KNIVES_MM = {150, 250, 300};

    private static final double SMALL_KNIFE_MM = 50;

    /** Seams of sheet panelling. ASSUMPTION: one every 1.2 m across, and one along the top. */
    private static final double SEAM_EVERY_M = 1.2;

    private static final StepKind[] ROUNDS = {StepKind.FILL, StepKind.FILL_AGAIN, StepKind.FILL_THIRD};

    private final Catalogue figures;
    private final Practice practice;
    private final MethodTable methods;
    private final Map<Asked, Repair> known = new ConcurrentHashMap<>();

    private record Asked(Mark mark, Ground ground) {}

    public RepairTable(Catalogue figures, Practice practice) {
        this.figures = figures;
        this.practice = practice;
        this.methods = new MethodTable(practice);
    }

    /** The methods that fit a fault, the one to take first. */
    public List<Choice> choices(Fault fault, Ground ground) {
        return methods.choices(fault, ground);
    }

    /** How a mark is made good: as somebody wanted if that fits the fault, otherwise the usual way. */
    public Repair repair(Mark mark, Ground ground) {
        return known.computeIfAbsent(new Asked(mark, ground), asked -> reckon(asked.mark, asked.ground));
    }

    private Repair reckon(Mark mark, Ground ground) {
        List<Choice> fit = choices(mark.fault(), ground);
        Choice chosen = fit.stream()
                .filter(choice -> mark.wanted().filter(choice.method()::equals).isPresent())
                .findFirst()
                .orElse(fit.getFirst());
        Chain chain = new Chain(mark, ground);
        chain.lay(chosen.method());
        return new Repair(
                chosen,
                fit.stream().filter(choice -> choice != chosen).toList(),
                chain.tasks,
                Length.ofMillimetres(chain.acrossMm),
                chain.area,
                chain.after);
    }

    /** The tasks of one repair as they are laid down. */
    private final class Chain {
        private final Mark mark;
        private final Fault fault;
        private final Ground ground;
        private final List<Task> tasks = new ArrayList<>();
        private double acrossMm;
        private Area area;
        private PaintAfter after = PaintAfter.THE_PLACE;

        Chain(Mark mark, Ground ground) {
            this.mark = mark;
            this.fault = mark.fault();
            this.ground = ground;
            this.acrossMm = fault.extent().inMillimetres();
            this.area = fault.area();
        }

        private double extent() {
            return fault.extent().inMillimetres();
        }

        private double depth() {
            return fault.measures().depth().inMillimetres();
        }

        private double metres() {
            return fault.extent().inMetres();
        }

        private double squareMetres() {
            return fault.area().inSquareMetres();
        }

        void lay(Method method) {
            switch (method) {
                case PULL_AND_FILL -> pinhole(Figure.NAIL_HOLE_FILL, Tool.PLIERS);
                case UNSCREW_AND_FILL -> pinhole(Figure.SCREW_HOLE_FILL, Tool.SCREWDRIVER);
                case RIM_DOWN_AND_FILL -> {
                    sound(Figure.MAKE_SOUND, Tool.SCRAPER, Tool.HAMMER);
                    fill(0, DryingMaterial.SPACKLE, 2, cylinder(extent() + 4, 1), SMALL_KNIFE_MM, Figure.DING_FILL);
                    finish(extent() + 4);
                }
                case UNSCREW_PLUG -> anchor(1.5, SHELL_MM, Figure.MAKE_SOUND, Tool.PLIERS, Tool.SCREWDRIVER);
                case PUNCH_PLUG_IN -> anchor(1.6, 4, Figure.ANCHOR_IN, Tool.PUNCH);
                case HAMMER_PLUG_IN -> anchor(2.4, 4, Figure.ANCHOR_IN, Tool.HAMMER);
                case CUT_PLUG_FLUSH -> anchor(1.2, 1.5, Figure.ANCHOR_IN, Tool.CUTTING_KNIFE);
                case TOGGLE_OUT_AND_PATCH -> {
                    sound(Figure.TOGGLE_OUT, Tool.SCREWDRIVER, Tool.PLIERS, Tool.HAMMER);
                    patch(extent(), Figure.SMALL_HOLE_FIRST, Figure.SMALL_HOLE_NEXT);
                }
                case RESET_FASTENER -> resetFastener();
                case FILL_FLUSH -> fillFlush();
                case TWO_PART_FILL -> twoPart();
                case SEAL_AND_SKIM_OVER -> sealAndSkimOver();
                case COVER_PATCH -> {
                    sound(Figure.MAKE_SOUND, Tool.SCRAPER);
                    patch(extent(), Figure.SMALL_HOLE_FIRST, Figure.SMALL_HOLE_NEXT);
                }
                case PLUG_WITH_PAPER_FLANGE -> {
                    sound(Figure.MAKE_SOUND, Tool.CUTTING_KNIFE, Tool.SCRAPER);
                    patch(extent(), Figure.MEDIUM_HOLE_FIRST, Figure.MEDIUM_HOLE_NEXT);
                }
                case BACKING_AND_PLUG -> {
                    sound(Figure.MAKE_SOUND, Tool.MULTI_TOOL, Tool.CUTTING_KNIFE, Tool.BOARD_AND_SCREWS);
                    patch(extent(), Figure.MEDIUM_HOLE_FIRST, Figure.MEDIUM_HOLE_NEXT);
                }
                case BOARD_TO_FRAMING -> {
                    sound(
                            Figure.MAKE_SOUND,
                            Tool.MULTI_TOOL,
                            Tool.CUTTING_KNIFE,
                            Tool.BOARD_AND_SCREWS,
                            Tool.CRACK_TAPE);
                    patch(extent(), Figure.LARGE_HOLE_FIRST, Figure.LARGE_HOLE_NEXT);
                }
                case PLASTER_KEPT_DAMP -> plasterKeptDamp();
                case BOX_PATCH -> boxPatch();
                case RAKE_AND_FILL -> rakeAndFill();
                case RAKE_TAPE_AND_FILL -> rakeTapeAndFill();
                case FLEXIBLE_CAULK -> {
                    sound(Figure.MAKE_SOUND, Tool.SCRAPER);
                    caulk(depth());
                    strip(Math.max(20, depth() + 10));
                }
                case FILL_THEN_CAULK -> fillThenCaulk();
                case NEW_CAULK -> {
                    add(task(StepKind.CUT_OUT_CAULK)
                            .places(1)
                            .edge(fault.extent())
                            .minutes(figures.value(Figure.CAULK_OUT) * metres())
                            .with(Tool.CUTTING_KNIFE, Tool.SCRAPER));
                    caulk(depth());
                    strip(Math.max(20, depth() + 10));
                }
                case SCRAPE_AND_FEATHER -> {
                    scrape(Tool.SCRAPER);
                    fill(0, DryingMaterial.FINE_FILLER, 1, rim(), 100, Figure.DING_FILL);
                    finishArea(50);
                }
                case SHAVE_FLAT -> {
                    scrape(Tool.SCRAPER);
                    finishArea(10);
                }
                case DULL -> {
                    keySand(Tool.BLOCK_AND_PAPER);
                    after = PaintAfter.THE_WHOLE_SURFACE;
                }
                case SAND_LUMPS -> sandLumps();
                case SKIM_THE_WALL -> {
                    scrape(Tool.SCRAPER);
                    after = PaintAfter.SKIM_AND_SURFACE;
                }
                case MIST_COAT -> prime(StepKind.MIST_COAT, Material.MIST_COAT, Figure.SPREAD_MIST_COAT, false);
                case BOARD_PRIMER -> boardPrimer();
                case STRIP_WASH_AND_SEAL -> stripWashAndSeal();
                case DULL_AND_PAINT_OVER -> {
                    wash(Figure.WASH);
                    keySand(Tool.BLOCK_AND_PAPER);
                    after = PaintAfter.THE_WHOLE_SURFACE;
                }
                case FILL_SEAMS -> fillSeams();
                case WIRE_OFF_AND_PRIME -> wireOffAndPrime();
                case HARDEN_AND_SAND -> {
                    sound(Figure.MAKE_SOUND, Tool.SCRAPER);
                    level(1);
                    strip(Math.max(30, depth() + 20));
                }
                case SAND_OUT -> {
                    keySand(Tool.BLOCK_AND_PAPER);
                    after = PaintAfter.THE_WHOLE_SURFACE;
                }
                case RESTORE_TEXTURE -> {
                    sound(Figure.MAKE_SOUND, Tool.SCRAPER);
                    finishArea(50);
                    texture();
                }
                case SCRAPE_EDGE -> {
                    sound(Figure.MAKE_SOUND, Tool.SCRAPER);
                    level(1);
                    finishArea(0);
                }
                case WASH -> {
                    wash(Figure.WASH);
                    after = PaintAfter.NOTHING;
                }
                case DEGREASE -> {
                    wash(Figure.WASH);
                    prime(StepKind.BLOCK_STAIN, Material.STAIN_BLOCK, Figure.SPREAD_STAIN_BLOCK, true);
                }
                case KILL_AND_BLOCK -> killAndBlock();
                case BLOCK_STAIN -> prime(StepKind.BLOCK_STAIN, Material.STAIN_BLOCK, Figure.SPREAD_STAIN_BLOCK, true);
                case WASH_AND_SEAL -> {
                    wash(Figure.WASH);
                    prime(StepKind.BLOCK_STAIN, Material.STAIN_BLOCK, Figure.SPREAD_STAIN_BLOCK, true);
                }
            }
        }

        // ---- methods with more than one move

        /** A hole no wider than a screw: filled flush once; the filler reaches about 2 mm past it. */
        private void pinhole(Figure minutes, Tool puller) {
            sound(Figure.MAKE_SOUND, puller, Tool.HAMMER);
            fill(0, DryingMaterial.SPACKLE, SPACKLE_FILL_MM, cylinder(extent(), SHELL_MM), SMALL_KNIFE_MM, minutes);
            finish(extent() + 4);
        }

        /**
         * Each way leaves its own dent, so many times as wide as the plug. The first fill sinks and is topped with fine
         * filler; the minutes of the catalogue are for both, four fifths of them for the first.
         */
        private void anchor(double dent, double deep, Figure getting, Tool... tools) {
            sound(getting, tools);
            double across = extent() * dent;
            Volume volume = cylinder(across, deep);
            double minutes = figures.value(Figure.ANCHOR_FILL);
            double first = Math.min(2 * SPACKLE_FILL_MM, deep);
            fill(0, DryingMaterial.SPACKLE, first, volume.times(0.85), SMALL_KNIFE_MM, minutes * 0.8);
            fill(1, DryingMaterial.FINE_FILLER, 1, volume.times(0.15), SMALL_KNIFE_MM, minutes * 0.2);
            finish(across + 4);
        }

        private void resetFastener() {
            sound(Figure.FASTENER_RESET, Tool.SCREWDRIVER, Tool.HAMMER, Tool.BOARD_AND_SCREWS);
            // the new screw stands about 40 mm beside the old one: one oval over both
            double across = extent() + 40;
            double minutes = figures.value(Figure.DING_FILL);
            fill(0, DryingMaterial.SETTING_COMPOUND, 2, cylinder(across, 1), KNIVES_MM[0], minutes);
            fill(1, DryingMaterial.DRYING_COMPOUND, 1, cylinder(across + 60, 0.5), KNIVES_MM[0], minutes);
            finish(across + 60);
        }

        /** Shallow: one fill of spackle; up to 6 mm: two; deeper: setting compound, then spackle. */
        private void fillFlush() {
            sound(Figure.MAKE_SOUND, Tool.SCRAPER);
            double deep = depth() > 0 ? depth() : SHELL_MM;
            double radius = extent() / 2;
            // a dent is a spherical cap, a hole a cylinder
            Volume volume = depth() > 0
                    ? withShrinkage(Volume.ofCubicMillimetres(Math.PI * deep * (3 * radius * radius + deep * deep) / 6))
                    : cylinder(extent(), deep);
            double knife = Math.max(SMALL_KNIFE_MM, extent() + 20);
            double minutes = figures.value(Figure.DING_FILL);
            if (deep <= SPACKLE_FILL_MM) {
                fill(0, DryingMaterial.SPACKLE, Math.max(0.5, deep), volume, knife, minutes);
            } else if (deep <= 2 * SPACKLE_FILL_MM) {
                fill(0, DryingMaterial.SPACKLE, deep / 2, volume.times(0.6), knife, minutes);
                fill(1, DryingMaterial.SPACKLE, deep / 2, volume.times(0.4), knife, minutes);
            } else {
                fill(0, DryingMaterial.SETTING_COMPOUND, deep - 1, volume.times(0.85), knife, minutes);
                fill(1, DryingMaterial.SPACKLE, 1, volume.times(0.15), knife, minutes);
            }
            finish(extent());
        }

        private void twoPart() {
            sound(Figure.MAKE_SOUND, Tool.SCRAPER);
            double deep = depth() > 0 ? depth() : SHELL_MM;
            fill(0, DryingMaterial.TWO_PART, deep, cylinder(extent(), deep), SMALL_KNIFE_MM, Figure.ANCHOR_FILL);
            amend(task -> task.with(Caution.SOLVENT).with(Tool.GLOVES));
            finish(extent() + 4);
        }

        private void sealAndSkimOver() {
            boolean line = fault instanceof Fault.Line;
            double height = line ? depth() : fault.measures().up().inMillimetres();
            double width = line ? extent() : fault.measures().across().inMillimetres();
            double deep = line ? 0.5 : depth();
            sound(Figure.MAKE_SOUND, Tool.CUTTING_KNIFE, Tool.SCRAPER);
            add(task(StepKind.SEAL_PAPER)
                    .places(1)
                    .minutes(figures.value(Figure.SEAL_RAW_PAPER))
                    .uses(Material.PRIMER, spread((width + 40) * (height + 40) / 1e6, Figure.SPREAD_PRIMER))
                    .dries(Wait.of(DryingMaterial.PRIMER))
                    .with(Tool.SMALL_BRUSH));
            double minutes = Math.max(figures.value(Figure.DING_FILL), figures.value(Figure.CRACK_NEXT) * width / 1000);
            fill(
                    0,
                    deep > SPACKLE_FILL_MM ? DryingMaterial.SETTING_COMPOUND : DryingMaterial.DRYING_COMPOUND,
                    Math.max(0.5, deep),
                    slab(width + 60, height + 60, Math.max(0.5, deep)),
                    Math.max(KNIVES_MM[0], height + 50),
                    minutes);
            fill(1, DryingMaterial.DRYING_COMPOUND, 0.5, slab(width + 120, height + 120, 0.3), KNIVES_MM[1], minutes);
            acrossMm = sandedPast(Math.max(width, height) + 120);
            area = Area.ofSquareMetres((width + 120) * (height + 120) / 1e6);
            level(1);
            textureIfLost(Math.min(width, height) + 120);
        }

        /** Three coats, each wider than the last; the first, tight one sets, the others dry thin and are feathered to nothing. */
        private void patch(double diameter, Figure first, Figure next) {
            for (int coat = 0; coat < KNIVES_MM.length; coat++) {
                double thickness = coat == 0 ? 2 : 1;
                // a layer that thins to nothing at its rim is a flat cone
                Volume volume = cylinder(diameter + KNIVES_MM[coat], thickness).times(1.0 / 3);
                fill(
                        coat,
                        coat == 0 ? DryingMaterial.SETTING_COMPOUND : DryingMaterial.DRYING_COMPOUND,
                        thickness,
                        volume,
                        KNIVES_MM[coat],
                        figures.value(coat == 0 ? first : next));
                if (coat == 0) {
                    amend(task -> task.with(Tool.PATCH));
                }
            }
            finish(diameter + KNIVES_MM[KNIVES_MM.length - 1]);
        }

        /** New plaster against old is sucked dry unless it is wetted again and again. */
        private void plasterKeptDamp() {
            sound(Figure.MAKE_SOUND, Tool.SCRAPER, Tool.SMALL_BRUSH);
            boolean small = extent() <= 50;
            fill(
                    0,
                    DryingMaterial.PLASTER,
                    SHELL_MM,
                    cylinder(extent() + 20, SHELL_MM),
                    Math.max(100, Math.min(300, extent() + 40)),
                    figures.value(small ? Figure.SMALL_HOLE_FIRST : Figure.MEDIUM_HOLE_FIRST));
            Duration damp = figures.minutes(Figure.KEEP_DAMP_FOR, 1);
            add(task(StepKind.KEEP_DAMP)
                    .places(1)
                    .minutes(figures.value(Figure.KEEP_DAMP))
                    .within(new Within(StepKind.FILL, damp))
                    .with(Tool.SMALL_BRUSH));
            fill(1, DryingMaterial.FINE_FILLER, 1, cylinder(extent() + 40, 0.5), 150, Figure.DING_FILL);
            finish(extent() + 40);
        }

        private void boxPatch() {
            sound(Figure.MAKE_SOUND, Tool.SCREWDRIVER, Tool.VOLTAGE_TESTER);
            amend(task -> task.with(Caution.ELECTRICITY));
            double ring = extent();
            fill(
                    0,
                    DryingMaterial.SETTING_COMPOUND,
                    3,
                    cylinder(ring, 3),
                    KNIVES_MM[0],
                    figures.value(Figure.BOX_GAP_FIRST));
            amend(task -> task.with(Tool.PATCH).with(Caution.ELECTRICITY));
            for (int coat = 1; coat < KNIVES_MM.length; coat++) {
                fill(
                        coat,
                        DryingMaterial.DRYING_COMPOUND,
                        1,
                        cylinder(ring + KNIVES_MM[coat] / 2, 0.5),
                        KNIVES_MM[coat],
                        figures.value(Figure.BOX_GAP_NEXT));
                amend(task -> task.with(Caution.ELECTRICITY));
            }
            finish(ring + KNIVES_MM[2] / 2);
        }

        /** A hairline is raked to a groove 3 mm wide and deep, and filled once. */
        private void rakeAndFill() {
            sound(Figure.MAKE_SOUND, Tool.SCRAPER);
            fill(
                    0,
                    DryingMaterial.SPACKLE,
                    SPACKLE_FILL_MM,
                    withShrinkage(Volume.ofCubicMillimetres(groove() * extent())),
                    SMALL_KNIFE_MM,
                    figures.value(Figure.CRACK_FIRST) * metres());
            warnOfStructure();
            strip(SMALL_KNIFE_MM);
            level(1);
        }

        private void rakeTapeAndFill() {
            sound(Figure.MAKE_SOUND, Tool.SCRAPER);
            int coats = depth() <= WIDE_CRACK_MM ? 2 : 3;
            for (int coat = 0; coat < coats; coat++) {
                double strip = KNIVES_MM[coat] * 0.5;
                fill(
                        coat,
                        coat == 0 ? DryingMaterial.SETTING_COMPOUND : DryingMaterial.DRYING_COMPOUND,
                        coat == 0 ? 2 : 1,
                        withShrinkage(Volume.ofCubicMillimetres((strip + (coat == 0 ? groove() : 0)) * extent())),
                        KNIVES_MM[coat],
                        figures.value(coat == 0 ? Figure.CRACK_FIRST : Figure.CRACK_NEXT) * metres());
                amend(task -> task.with(Tool.CRACK_TAPE));
            }
            warnOfStructure();
            strip(KNIVES_MM[coats - 1]);
            level(1);
        }

        /** A gap wider than 5 mm is no longer a matter of filler alone. ASSUMPTION of the limit. */
        private void warnOfStructure() {
            if (depth() > 5) {
                amend(task -> task.with(Caution.CAUSE_FIRST));
            }
        }

        private double groove() {
            return Math.max(3, depth()) * 3 / 2;
        }

        private void fillThenCaulk() {
            sound(Figure.MAKE_SOUND, Tool.SCRAPER);
            Volume packed = withShrinkage(Volume.ofCubicMillimetres(depth() * 10 * extent()));
            fill(
                    0,
                    DryingMaterial.SETTING_COMPOUND,
                    Math.max(2, depth()),
                    packed,
                    SMALL_KNIFE_MM,
                    figures.value(Figure.CRACK_FIRST) * metres());
            level(1);
            caulk(0);
            strip(depth() + 20);
        }

        private void caulk(double gapMm) {
            double bead = Math.max(5, gapMm);
            Volume volume = withShrinkage(Volume.ofCubicMillimetres(Math.PI / 4 * bead * bead * extent()));
            double tooling = practice.is(School.CLOTH) ? 1.1 : practice.is(School.CAULK_TOOL) ? 0.9 : 1;
            add(task(StepKind.CAULK)
                    .places(1)
                    .edge(fault.extent())
                    .minutes(figures.value(Figure.CAULK_BEAD) * metres() * tooling)
                    .uses(Material.CAULK, volume)
                    .dries(new Wait(DryingMaterial.CAULK, Length.ofMillimetres(bead)))
                    .with(Tool.CAULK_GUN));
        }

        private void scrape(Tool tool) {
            scraping(add(task(StepKind.MAKE_SOUND)
                    .places(1)
                    .area(fault.area())
                    .minutes(
                            figures.value(Figure.MAKE_SOUND) * fault.condition().count()
                                    + figures.value(Figure.SCRAPE_FLAT) * squareMetres())
                    .with(tool)));
        }

        /** The rim of a scraped place, feathered by a strip 50 mm wide and half a millimetre thick. */
        private Volume rim() {
            double around = 2
                    * (fault.measures().across().inMillimetres()
                            + fault.measures().up().inMillimetres());
            return withShrinkage(Volume.ofCubicMillimetres(around * 50 * 0.25));
        }

        private void sandLumps() {
            abrade(Figure.SAND_LUMPS, Tool.PAPER_80, Tool.BLOCK_AND_PAPER);
            after = PaintAfter.THE_WHOLE_SURFACE;
        }

        /** Takes material off over the whole area, dry or, where nothing may be sanded dry, with a wet scraper and sponge. */
        private void abrade(Figure minutes, Tool... papers) {
            Task task = task(wet() ? StepKind.SPONGE_LEVEL : StepKind.SAND)
                    .places(1)
                    .area(fault.area())
                    .minutes(figures.value(minutes) * squareMetres());
            scraping(add(
                    wet()
                            ? task.with(Tool.SCRAPER, Tool.DAMP_SPONGE).dries(Wait.of(DryingMaterial.DAMP_WALL))
                            : dusty(task).with(papers)));
        }

        private void keySand(Tool paper) {
            Task task = task(StepKind.KEY_SAND)
                    .places(1)
                    .area(fault.area())
                    .minutes(figures.value(Figure.SAND_WALL) * squareMetres())
                    .with(paper);
            scraping(add(wet() ? task.with(Tool.DAMP_SPONGE).dries(Wait.of(DryingMaterial.DAMP_WALL)) : dusty(task)));
        }

        private void prime(StepKind kind, Material material, Figure spread, boolean solvent) {
            Task task = task(kind)
                    .places(1)
                    .area(fault.area())
                    .minutes(figures.value(Figure.SPOT_PRIME) + figures.value(Figure.PRIME_WALL) * squareMetres())
                    .uses(material, spread(squareMetres(), spread).times(textureFactor()))
                    .dries(Wait.of(DryingMaterial.PRIMER))
                    .with(Tool.SMALL_BRUSH, Tool.GLOVES);
            add(
                    solvent
                            ? task.with(Caution.SOLVENT)
                            : task.with(Caution.SPLASHES).with(Tool.GOGGLES));
            after = PaintAfter.THE_WHOLE_SURFACE;
        }

        private void boardPrimer() {
            prime(StepKind.PRIME_WALL, Material.PRIMER, Figure.SPREAD_PRIMER, false);
            if (practice.is(School.SELF_PRIMING_TWO) || practice.is(School.SELF_PRIMING_THREE)) {
                tasks.removeLast();
                return;
            }
            if (practice.is(School.TWO_PRIMERS_AND_TWO)) {
                add(task(StepKind.PRIME_AGAIN)
                        .places(1)
                        .area(fault.area())
                        .minutes(figures.value(Figure.PRIME_WALL) * squareMetres())
                        .uses(Material.PRIMER, spread(squareMetres(), Figure.SPREAD_PRIMER))
                        .dries(Wait.of(DryingMaterial.PRIMER))
                        .with(Tool.ROLLER, Tool.TRAY));
            }
            add(dusty(task(StepKind.SAND_PRIMER))
                    .places(1)
                    .area(fault.area())
                    .minutes(figures.value(Figure.SAND_PRIMER) * squareMetres())
                    .with(Tool.FOLDED_FINE_PAPER));
        }

        private void stripWashAndSeal() {
            add(task(StepKind.STRIP_PAPER)
                    .places(1)
                    .area(fault.area())
                    .minutes(figures.value(Figure.STRIP_PAPER) * squareMetres())
                    .dries(Wait.of(DryingMaterial.DAMP_WALL))
                    .with(Tool.SCRAPER, Tool.WASH_BUCKET, Tool.DAMP_SPONGE));
            abrade(Figure.SAND_GLUE, Tool.PAPER_80);
            prime(StepKind.MIST_COAT, Material.MIST_COAT, Figure.SPREAD_MIST_COAT, false);
        }

        private void fillSeams() {
            double seams = fault.measures().across().inMetres()
                    + Math.floor(fault.measures().across().inMetres() / SEAM_EVERY_M)
                            * fault.measures().up().inMetres();
            wash(Figure.WASH);
            sound(Figure.MAKE_SOUND, Tool.SCRAPER);
            for (int coat = 0; coat < 2; coat++) {
                fill(
                        coat,
                        coat == 0 ? DryingMaterial.SETTING_COMPOUND : DryingMaterial.DRYING_COMPOUND,
                        coat == 0 ? 2 : 1,
                        withShrinkage(Volume.ofCubicMillimetres(seams * 1000 * (coat == 0 ? 100 : 125))),
                        KNIVES_MM[coat],
                        figures.value(coat == 0 ? Figure.CRACK_FIRST : Figure.CRACK_NEXT) * seams);
                amend(task -> task.with(Tool.CRACK_TAPE));
            }
            keySand(Tool.BLOCK_AND_PAPER);
            after = PaintAfter.THE_WHOLE_SURFACE;
        }

        private void wireOffAndPrime() {
            scraping(add(task(StepKind.MAKE_SOUND)
                    .places(1)
                    .area(fault.area())
                    .minutes(figures.value(Figure.WIRE_OFF_RUST))
                    .with(Tool.WIRE_BRUSH, Tool.GLOVES, Tool.GOGGLES)
                    .with(Caution.SPLASHES)));
            finishArea(20);
            add(task(StepKind.PRIME_METAL)
                    .places(1)
                    .area(fault.area())
                    .minutes(figures.value(Figure.SPOT_PRIME) + figures.value(Figure.PRIME_WALL) * squareMetres())
                    .uses(Material.METAL_PRIMER, spread(squareMetres(), Figure.SPREAD_STAIN_BLOCK))
                    .dries(Wait.of(DryingMaterial.PRIMER))
                    .with(Caution.SOLVENT)
                    .with(Tool.SMALL_BRUSH, Tool.GLOVES));
        }

        private void killAndBlock() {
            add(task(StepKind.KILL_MOULD)
                    .places(1)
                    .area(fault.area())
                    .minutes(figures.value(Figure.KILL_MOULD) * squareMetres())
                    .uses(Material.MOULD_KILLER, spread(squareMetres(), Figure.SPREAD_PRIMER))
                    .dries(Wait.of(DryingMaterial.DAMP_WALL))
                    .with(Caution.CHEMICALS, Caution.CAUSE_FIRST)
                    .with(Tool.GOGGLES, Tool.GLOVES, Tool.DAMP_SPONGE));
            prime(StepKind.BLOCK_STAIN, Material.STAIN_BLOCK, Figure.SPREAD_STAIN_BLOCK, true);
        }

        private void wash(Figure minutes) {
            add(task(StepKind.WASH)
                    .places(1)
                    .area(fault.area())
                    .minutes(figures.value(minutes) * squareMetres())
                    // ASSUMPTION: a bucket of 5 L for 20 m², of which 1 in 50 is cleaner
                    .uses(Material.CLEANER, Volume.ofLitres(squareMetres() * 0.005))
                    .dries(Wait.of(DryingMaterial.DAMP_WALL))
                    .with(Caution.CHEMICALS)
                    .with(Tool.WASH_BUCKET, Tool.DAMP_SPONGE, Tool.GLOVES));
        }

        // ---- what they are made of

        private void sound(Figure minutes, Tool... tools) {
            scraping(add(task(StepKind.MAKE_SOUND)
                    .places(1)
                    .minutes(figures.value(minutes))
                    .with(tools)));
        }

        private void fill(
                int round, DryingMaterial filler, double thickness, Volume volume, double knife, Figure minutes) {
            fill(round, filler, thickness, volume, knife, figures.value(minutes));
        }

        private void fill(
                int round, DryingMaterial filler, double thickness, Volume volume, double knife, double minutes) {
            boolean over = practice.is(School.OVERFILL_AND_SAND);
            add(task(ROUNDS[round])
                    .places(1)
                    .minutes(minutes)
                    .uses(Material.of(filler), volume.times(over ? figures.value(Figure.OVERFILL) : 1))
                    .dries(new Wait(filler, Length.ofMillimetres(thickness)))
                    .knife(Length.ofMillimetres(knife)));
        }

        /** Levels a round repair, restores its texture where it was lost, and notes how far the paint then has to go. */
        private void finish(double fillerWidth) {
            level(1);
            textureIfLost(fillerWidth);
            acrossMm = sandedPast(fillerWidth);
            area = Area.ofDisc(Length.ofMillimetres(acrossMm));
        }

        private void finishArea(double beyond) {
            if (tasks.stream()
                    .noneMatch(task -> task.kind() == StepKind.SAND || task.kind() == StepKind.SPONGE_LEVEL)) {
                level(1);
            }
            acrossMm = extent() + 2 * beyond;
            area = Area.ofSquareMetres((fault.measures().across().inMillimetres() + 2 * beyond)
                    * (fault.measures().up().inMillimetres() + 2 * beyond)
                    / 1e6);
        }

        private void strip(double width) {
            acrossMm = extent() + (width > SMALL_KNIFE_MM ? width : 10);
            area = fault.extent().times(Length.ofMillimetres(width));
        }

        /** Where old coats may hold lead or asbestos nothing is sanded dry: the filler is levelled with a damp sponge. */
        private void level(int places) {
            double minutes = figures.value(Figure.SAND_SPOT)
                    * (practice.is(School.OVERFILL_AND_SAND) ? figures.value(Figure.OVERFILL_SANDING) : 1);
            if (wet()) {
                scraping(add(task(StepKind.SPONGE_LEVEL)
                        .places(places)
                        .minutes(minutes * figures.value(Figure.SPONGE_LEVELLING))
                        .dries(Wait.of(DryingMaterial.DAMP_WALL))
                        .with(Tool.DAMP_SPONGE)));
            } else {
                add(dusty(task(StepKind.SAND)).places(places).minutes(minutes).with(Tool.FOLDED_FINE_PAPER));
            }
        }

        private boolean wet() {
            return practice.is(School.DAMP_SPONGE)
                    || ground.site().mayHoldLead(figures)
                    || ground.site().mayHoldAsbestos(figures);
        }

        private void textureIfLost(double width) {
            if (ground.isTextured() && width > figures.value(Figure.SMOOTH_ISLAND_ABOVE)) {
                texture();
            }
        }

        private void texture() {
            add(task(StepKind.RESTORE_TEXTURE)
                    .places(1)
                    .minutes(figures.value(Figure.RESTORE_TEXTURE))
                    // ASSUMPTION: a can of half a litre covers about a square metre
                    .uses(Material.TEXTURE, Volume.ofLitres(Math.max(0.02, squareMetres() * 0.5)))
                    .dries(Wait.of(DryingMaterial.TEXTURE))
                    .with(Caution.SPLASHES)
                    .with(Tool.TEXTURE_SPRAY, Tool.GOGGLES));
        }

        private Task dusty(Task task) {
            return task.with(Caution.DUST).with(Tool.HALF_MASK, Tool.VACUUM);
        }

        private Task task(StepKind kind) {
            Task task = Task.of(kind);
            Length reach = figures.length(Figure.REACH);
            if (mark.reachesInto(reach, reach.times(10))) {
                task = task.with(Caution.LADDER).with(Tool.PLATFORM);
            }
            return ground.damp() ? task.with(Caution.CAUSE_FIRST) : task;
        }

        private Task add(Task task) {
            tasks.add(task);
            return task;
        }

        /** Old coats are disturbed by the task just added. */
        private void scraping(Task added) {
            Task task = added;
            if (ground.site().mayHoldLead(figures)) {
                task = task.with(Caution.LEAD);
            }
            if (ground.site().mayHoldAsbestos(figures)) {
                task = task.with(Caution.ASBESTOS);
            }
            tasks.set(tasks.size() - 1, task);
        }

        private void amend(java.util.function.UnaryOperator<Task> change) {
            tasks.set(tasks.size() - 1, change.apply(tasks.getLast()));
        }

        private double textureFactor() {
            return Textures.factor(ground.texture(), figures);
        }
    }

    private double sandedPast(double fillerWidth) {
        return fillerWidth + 2 * figures.value(Figure.SANDED_BEYOND_FILLER);
    }

    private Volume spread(double squareMetres, Figure perLitre) {
        return Volume.ofLitres(squareMetres / figures.value(perLitre));
    }

    private Volume withShrinkage(Volume hardened) {
        return hardened.times(1 / (1 - figures.share(Figure.FILLER_SHRINKAGE)));
    }

    private Volume cylinder(double diameterMm, double depthMm) {
        return withShrinkage(Volume.ofCubicMillimetres(Math.PI * diameterMm * diameterMm / 4 * depthMm));
    }

    private Volume slab(double widthMm, double heightMm, double depthMm) {
        // feathered to nothing all round: half of the full thickness on average
        return withShrinkage(Volume.ofCubicMillimetres(widthMm * heightMm * depthMm / 2));
    }
}
