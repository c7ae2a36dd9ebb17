package lumko.core.work;

import static lumko.core.work.StepKind.*;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.DryingModel;
import lumko.core.fault.Fault;
import lumko.core.fault.Mark;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.quantity.Volume;
import lumko.core.repair.Fill;
import lumko.core.repair.Repair;
import lumko.core.repair.RepairTable;
import lumko.core.wall.Fitting;
import lumko.core.wall.Wall;

/**
 * Turns what is to be done with each wall into one ordered job. Steps of the same kind and paint are merged over the walls,
 * so that every tool comes out once; a merged step waits as long as its slowest part.
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
    private final RepairTable repairs;

    public WorkPlanner(Catalogue figures) {
        this.figures = figures;
        this.repairs = new RepairTable(figures);
    }

    /** The job for the given walls; nothing where every wall is left. */
    public Work plan(List<WallTask> tasks, Site site) {
        List<WallTask> active =
                tasks.stream().filter(task -> task.action() != Action.LEAVE).toList();
        if (active.isEmpty()) {
            return Work.NONE;
        }
        Merger merger = new Merger();
        for (WallTask task : active) {
            new OneWall(task, site, merger).lay();
        }
        List<Step> steps = new ArrayList<>();
        steps.add(merger.visit(SET_UP, figures.minutes(Figure.SET_UP, 1), Tool.TORCH, Tool.DUST_SHEET));
        steps.addAll(merger.merged(figures));
        steps.add(merger.visit(PACK_UP, figures.minutes(Figure.PACK_UP, 1)));
        return new Work(steps);
    }

    /** How a fault is made good, as this planner counts it. */
    public Repair repair(Fault fault) {
        return repairs.repair(fault);
    }

    private List<Fitting> platesInTheWay(Wall wall, List<Mark> marks, Action action) {
        Length near = figures.length(Figure.NEAR_ELECTRICITY);
        return wall.fittings().stream()
                .filter(fitting -> action.isWholeWall()
                        || marks.stream()
                                .anyMatch(mark ->
                                        fitting.box().distanceTo(mark.centre()).compareTo(near) <= 0))
                .toList();
    }

    private double textureFactor(Wall wall) {
        return switch (wall.texture()) {
            case SMOOTH -> 1;
            case ORANGE_PEEL -> figures.value(Figure.TEXTURE_ORANGE_PEEL);
            case LIGHT_KNOCK_DOWN -> figures.value(Figure.TEXTURE_LIGHT_KNOCK_DOWN);
            case HEAVY -> figures.value(Figure.TEXTURE_HEAVY);
            case BARE_MASONRY -> figures.value(Figure.TEXTURE_BARE_MASONRY);
        };
    }

    /** Lays the parts of one wall's job into the merger. */
    private final class OneWall {
        private final WallTask task;
        private final Wall wall;
        private final List<Mark> marks;
        private final Merger into;
        private final boolean lead;
        private final boolean asbestos;
        private final boolean high;
        private final Area painted;

        OneWall(WallTask task, Site site, Merger into) {
            this.task = task;
            this.wall = task.wall();
            this.marks = task.marks();
            this.into = into;
            this.lead = site.mayHoldLead(figures);
            this.asbestos = site.mayHoldAsbestos(figures);
            this.painted = wall.paintedArea();
            Length reach = figures.length(Figure.REACH);
            this.high = marks.stream()
                    .anyMatch(mark -> mark.reachesInto(reach, wall.height().plus(reach)));
        }

        void lay() {
            boolean whole = task.action().isWholeWall();
            protect(whole);
            plates();
            makeSound();
            fill();
            if (task.action() == Action.SKIM_AND_ROLL) {
                skim();
            }
            level(whole);
            dustOff(whole);
            blockStains();
            if (whole) {
                roll();
            } else {
                touchUp();
            }
            part(INSPECT)
                    .area(painted)
                    .minutes(Figure.INSPECT, painted.inSquareMetres())
                    .tools(Tool.TORCH);
        }

        private void protect(boolean whole) {
            double strip = wall.width().times(FLOOR_STRIP).inSquareMetres();
            double floor = whole ? strip : Math.min(strip, marks.size() * FLOOR_BELOW_SPOT.inSquareMetres());
            Merger.Part part = part(PROTECT_FLOOR)
                    .area(Area.ofSquareMetres(floor))
                    .minutes(Figure.PROTECT_FLOOR, floor)
                    .tools(Tool.DUST_SHEET);
            if (whole) {
                part.minutes(Figure.TAPE_ON, wall.width().inMetres())
                        .minutes(Figure.TAPE_OFF, wall.width().inMetres())
                        .tools(Tool.MASKING_TAPE);
            }
        }

        private void plates() {
            List<Fitting> plates = platesInTheWay(wall, marks, task.action());
            if (plates.isEmpty()) {
                return;
            }
            Merger.Part off = part(PLATES_OFF)
                    .places(plates.size())
                    .minutes(Figure.PLATE_OFF, plates.size())
                    .tools(Tool.SCREWDRIVER);
            if (plates.stream().anyMatch(plate -> plate.kind().isElectric())) {
                off.cautions(Caution.ELECTRICITY).tools(Tool.VOLTAGE_TESTER);
            }
            part(PLATES_BACK)
                    .places(plates.size())
                    .minutes(Figure.PLATE_BACK, plates.size())
                    .tools(Tool.SCREWDRIVER);
        }

        private void makeSound() {
            int fixings = 0;
            for (Mark mark : marks) {
                Merger.Part part = switch (mark.fault()) {
                    case Fault.NailHole n -> part(MAKE_SOUND).tools(Tool.PLIERS, Tool.HAMMER);
                    case Fault.ScrewHole s -> part(MAKE_SOUND).tools(Tool.SCREWDRIVER, Tool.HAMMER);
                    case Fault.Anchor a -> part(MAKE_SOUND).tools(Tool.PLIERS, Tool.SCREWDRIVER, Tool.HAMMER);
                    case Fault.Ding d -> part(MAKE_SOUND).tools(Tool.SCRAPER);
                    case Fault.Hole h -> part(MAKE_SOUND).tools(Tool.SCRAPER);
                    case Fault.Crack c -> part(MAKE_SOUND).tools(Tool.SCRAPER);
                    case Fault.OldTouchUp o -> part(MAKE_SOUND).tools(Tool.SCRAPER);
                    case Fault.Stain s -> null;
                };
                if (part != null) {
                    scraping(part.places(1).minutes(Figure.MAKE_SOUND, 1));
                    fixings++;
                }
            }
            if (fixings > 0 && high) {
                part(MAKE_SOUND).cautions(Caution.LADDER).tools(Tool.PLATFORM);
            }
        }

        private void fill() {
            StepKind[] rounds = {FILL, FILL_AGAIN, FILL_THIRD};
            for (Mark mark : marks) {
                List<Fill> fills = repairs.repair(mark.fault()).fills();
                for (int round = 0; round < fills.size(); round++) {
                    Fill fill = fills.get(round);
                    Merger.Part part = part(rounds[round])
                            .places(1)
                            .labour(fill.labour())
                            .uses(Material.of(fill.filler()), "", fill.volume())
                            .wait(new Wait(fill.filler(), fill.thickness()))
                            .tools(fill.knife().inMillimetres() >= 150 ? Tool.WIDE_KNIVES : Tool.FILLING_KNIFE);
                    if (mark.fault() instanceof Fault.Hole) {
                        part.tools(Tool.PATCH);
                    }
                    if (mark.fault() instanceof Fault.Crack && fills.size() > 1) {
                        part.tools(Tool.CRACK_TAPE);
                    }
                    if (high) {
                        part.cautions(Caution.LADDER).tools(Tool.PLATFORM);
                    }
                }
            }
        }

        private void skim() {
            double withShrinkage = 1 / (1 - figures.share(Figure.FILLER_SHRINKAGE));
            part(SKIM)
                    .area(painted)
                    .minutes(Figure.SKIM_FIRST, painted.inSquareMetres())
                    .uses(
                            Material.DRYING_COMPOUND,
                            "",
                            painted.times(SKIM_AVERAGE).times(withShrinkage))
                    .wait(new Wait(DryingMaterial.DRYING_COMPOUND, SKIM_FILM))
                    .tools(Tool.WIDE_KNIVES, Tool.PLATFORM)
                    .cautions(Caution.LADDER);
            part(SKIM_AGAIN)
                    .area(painted)
                    .minutes(Figure.SKIM_SECOND, painted.inSquareMetres())
                    .uses(
                            Material.DRYING_COMPOUND,
                            "",
                            painted.times(SKIM_AGAIN_AVERAGE).times(withShrinkage))
                    .wait(new Wait(DryingMaterial.DRYING_COMPOUND, SKIM_FILM))
                    .tools(Tool.WIDE_KNIVES, Tool.PLATFORM)
                    .cautions(Caution.LADDER);
        }

        /** Where old coats may hold lead or asbestos nothing is sanded dry: the filler is levelled with a damp sponge. */
        private void level(boolean whole) {
            int places = (int) marks.stream()
                    .filter(mark -> !(mark.fault() instanceof Fault.Stain))
                    .count();
            if (places == 0 && !whole) {
                return;
            }
            Merger.Part part = lead || asbestos
                    ? scraping(part(SPONGE_LEVEL)
                            .wait(Wait.of(DryingMaterial.DAMP_WALL))
                            .tools(Tool.DAMP_SPONGE))
                    : part(SAND).cautions(Caution.DUST).tools(Tool.HALF_MASK, Tool.VACUUM);
            part.places(places).minutes(Figure.SAND_SPOT, places);
            if (whole) {
                part.area(painted)
                        .minutes(Figure.SAND_WALL, painted.inSquareMetres())
                        .cautions(Caution.LADDER)
                        .tools(Tool.PLATFORM);
            } else if (high) {
                part.cautions(Caution.LADDER).tools(Tool.PLATFORM);
            }
            if (!(lead || asbestos)) {
                part.tools(whole ? Tool.BLOCK_AND_PAPER : Tool.FOLDED_FINE_PAPER);
            }
        }

        private Merger.Part scraping(Merger.Part part) {
            if (lead) {
                part.cautions(Caution.LEAD);
            }
            if (asbestos) {
                part.cautions(Caution.ASBESTOS);
            }
            return part;
        }

        /** A wall that is rolled is wiped damp and dried; round spots a dry brush will do. */
        private void dustOff(boolean whole) {
            Area area = whole ? painted : WIPED_ROUND_SPOT.times(marks.size());
            Merger.Part part = part(DUST_OFF)
                    .area(area)
                    .minutes(Figure.DUST_AND_WIPE, area.inSquareMetres())
                    .cautions(Caution.DUST)
                    .tools(Tool.DUSTING_BRUSH, Tool.HALF_MASK);
            if (whole) {
                part.wait(Wait.of(DryingMaterial.DAMP_WALL)).tools(Tool.TWO_CLOTHS);
            }
        }

        private void blockStains() {
            for (Mark mark : marks) {
                if (mark.fault() instanceof Fault.Stain stain) {
                    part(BLOCK_STAIN)
                            .places(1)
                            .area(stain.area())
                            .minutes(Figure.SPOT_PRIME, 1)
                            .minutes(Figure.PRIME_WALL, stain.area().inSquareMetres())
                            .uses(
                                    Material.STAIN_BLOCK,
                                    "",
                                    litres(stain.area(), Figure.SPREAD_STAIN_BLOCK)
                                            .times(textureFactor(wall)))
                            .wait(Wait.of(DryingMaterial.PRIMER))
                            .cautions(Caution.SOLVENT)
                            .tools(Tool.SMALL_BRUSH, Tool.GLOVES);
                }
            }
        }

        private void touchUp() {
            boolean feather = task.action() == Action.FEATHER;
            part(SET_OUT_TOUCH_UP)
                    .minutesOnce(figures.minutes(Figure.TOUCH_UP_SET_OUT, 1))
                    .tools(Tool.STIRRER, Tool.POT, Tool.MINI_ROLLER, Tool.SMALL_BRUSH);
            Merger.Part first =
                    part(FIRST_DAB).wait(Wait.of(DryingMaterial.EMULSION)).tools(Tool.SMALL_BRUSH);
            Merger.Part second = part(feather ? FEATHER : DAB)
                    .wait(Wait.of(DryingMaterial.EMULSION))
                    .tools(Tool.MINI_ROLLER);
            first.usesOnce(new Use(Material.WALL_PAINT, task.paint(), SPOT_TOOL_LOAD));
            for (Mark mark : marks) {
                Area spot = spotArea(mark, feather);
                first.places(1).minutes(Figure.DAB, 1).uses(Material.WALL_PAINT, task.paint(), spot.times(SPOT_FILM));
                second.places(1)
                        .minutes(feather ? Figure.FEATHER : Figure.DAB, 1)
                        .uses(Material.WALL_PAINT, task.paint(), spot.times(SPOT_FILM));
                if (feather) {
                    second.minutes(Figure.FEATHER_AREA, spot.inSquareMetres());
                }
            }
            if (high) {
                second.cautions(Caution.LADDER).tools(Tool.PLATFORM);
            }
            part(WASH_TOOLS).minutesOnce(figures.minutes(Figure.WASH_BRUSH, 1));
        }

        private Area spotArea(Mark mark, boolean feather) {
            double beyond = feather ? FEATHER_BEYOND_MM : 0;
            return switch (mark.fault()) {
                case Fault.Round round ->
                    Area.ofDisc(repairs.repair(round).finishedAcross().plus(Length.ofMillimetres(2 * beyond)));
                case Fault.Crack crack -> grown(crack.length(), Length.ofMillimetres(20), beyond / 2);
                case Fault.Patch patch -> grown(patch.width(), patch.height(), beyond);
            };
        }

        private Area grown(Length width, Length height, double beyond) {
            Length both = Length.ofMillimetres(2 * beyond);
            return width.plus(both).times(height.plus(both));
        }

        private void roll() {
            Length edges = wall.cutInLength();
            int repaired = (int) marks.stream()
                    .filter(mark -> !repairs.repair(mark.fault()).fills().isEmpty())
                    .count();
            if (task.action() == Action.SKIM_AND_ROLL) {
                part(PRIME_WALL)
                        .area(painted)
                        .minutes(Figure.PRIME_WALL, painted.inSquareMetres())
                        .uses(
                                Material.PRIMER,
                                "",
                                litres(painted, Figure.SPREAD_PRIMER).times(textureFactor(wall)))
                        .wait(Wait.of(DryingMaterial.PRIMER))
                        .tools(Tool.ROLLER, Tool.TRAY, Tool.GOGGLES)
                        .cautions(Caution.SPLASHES);
            } else if (repaired > 0) {
                part(SPOT_PRIME)
                        .places(repaired)
                        .minutes(Figure.SPOT_PRIME, repaired)
                        .atLeast(figures.minutes(Figure.SPOT_PRIME_LEAST, 1))
                        .uses(Material.PRIMER, "", litres(PRIMED_ROUND_SPOT.times(repaired), Figure.SPREAD_PRIMER))
                        .wait(Wait.of(DryingMaterial.PRIMER))
                        .tools(Tool.SMALL_BRUSH);
            }
            Volume coat = litres(painted, Figure.SPREAD_EMULSION)
                    .times(textureFactor(wall))
                    .times(1 + figures.share(Figure.LOSS_BRUSH) + figures.share(Figure.LOSS_TIN));
            int coats = figures.count(Figure.ROLLED_COATS);
            cutIn(CUT_IN, Figure.CUT_IN, edges);
            Merger.Part first = rollOn(ROLL, coat);
            first.usesOnce(
                    new Use(Material.WALL_PAINT, task.paint(), Volume.ofLitres(figures.value(Figure.LOSS_ROLLER))));
            if (coats > 1) {
                part(LOOK_FOR_MISSES)
                        .area(painted)
                        .minutes(Figure.INSPECT, painted.inSquareMetres())
                        .tools(Tool.TORCH);
                cutIn(CUT_IN_AGAIN, Figure.CUT_IN_AGAIN, edges);
                rollOn(ROLL_AGAIN, coat);
            }
            for (int further = 2; further < coats; further++) {
                rollOn(ROLL_FURTHER, coat);
            }
            part(WASH_TOOLS)
                    .minutesOnce(figures.minutes(Figure.WASH_BRUSH, 1).plus(figures.minutes(Figure.WASH_SLEEVE, 1)));
        }

        private void cutIn(StepKind kind, Figure minutes, Length edges) {
            part(kind)
                    .edge(edges)
                    .minutes(minutes, edges.inMetres())
                    .cautions(Caution.LADDER)
                    .tools(Tool.ANGLED_BRUSH, Tool.POT, Tool.STIRRER, Tool.PLATFORM);
        }

        private Merger.Part rollOn(StepKind kind, Volume coat) {
            return part(kind)
                    .area(painted)
                    .minutes(Figure.ROLL_WALL, painted.inSquareMetres())
                    .uses(Material.WALL_PAINT, task.paint(), coat)
                    .wait(Wait.of(DryingMaterial.EMULSION))
                    .cautions(Caution.SPLASHES)
                    .tools(Tool.ROLLER, Tool.TRAY, Tool.GOGGLES);
        }

        private Volume litres(Area area, Figure spread) {
            return Volume.ofLitres(area.inSquareMetres() / figures.value(spread));
        }

        private Merger.Part part(StepKind kind) {
            boolean paints = kind.stage().compareTo(StepKind.Stage.FIRST_COAT) >= 0
                    && kind.stage().compareTo(StepKind.Stage.FURTHER_COAT) <= 0;
            return into.part(kind, paints || kind == WASH_TOOLS ? task.paint() : "", task.key());
        }
    }

    /** Collects the parts of all walls and turns those of one kind and paint into one step. */
    private static final class Merger {
        private record Place(StepKind kind, String paint) {}

        private final Map<Place, Part> parts = new LinkedHashMap<>();

        Part part(StepKind kind, String paint, String wall) {
            Part part = parts.computeIfAbsent(new Place(kind, paint), Part::new);
            part.walls.add(wall);
            return part;
        }

        List<Step> merged(Catalogue figures) {
            List<String> paints =
                    parts.keySet().stream().map(Place::paint).distinct().toList();
            return parts.values().stream()
                    .sorted(Comparator.comparing(
                                    (Part part) -> part.place.kind().stage())
                            .thenComparing(part -> part.place.kind().stage() == StepKind.Stage.CLOSE
                                    ? 0
                                    : paints.indexOf(part.place.paint()))
                            .thenComparing(part -> part.place.kind()))
                    .map(part -> part.step(figures))
                    .toList();
        }

        Step visit(StepKind kind, Duration labour, Tool... tools) {
            Set<String> walls = new LinkedHashSet<>();
            parts.values().forEach(part -> walls.addAll(part.walls));
            return new Step(
                    kind,
                    List.copyOf(walls),
                    "",
                    0,
                    Area.ZERO,
                    Length.ZERO,
                    labour,
                    EnumSet.copyOf(tools.length == 0 ? Set.of(Tool.VACUUM) : Set.of(tools)),
                    List.of(),
                    Optional.empty(),
                    EnumSet.noneOf(Caution.class));
        }

        private static final class Part {
            private final Place place;
            private final Set<String> walls = new LinkedHashSet<>();
            private final Map<Figure, Double> minutes = new EnumMap<>(Figure.class);
            private final Map<Use, Volume> uses = new LinkedHashMap<>();
            private final Set<Tool> tools = EnumSet.noneOf(Tool.class);
            private final Set<Caution> cautions = EnumSet.noneOf(Caution.class);
            private final List<Wait> waits = new ArrayList<>();
            private Duration labour = Duration.ZERO;
            private Duration once = Duration.ZERO;
            private Duration least = Duration.ZERO;
            private Optional<Use> useOnce = Optional.empty();
            private int places;
            private Area area = Area.ZERO;
            private Length edge = Length.ZERO;

            Part(Place place) {
                this.place = place;
            }

            Part places(int more) {
                places += more;
                return this;
            }

            Part area(Area more) {
                area = area.plus(more);
                return this;
            }

            Part edge(Length more) {
                edge = edge.plus(more);
                return this;
            }

            Part minutes(Figure figure, double times) {
                minutes.merge(figure, times, Double::sum);
                return this;
            }

            Part labour(Duration more) {
                labour = labour.plus(more);
                return this;
            }

            /** Counted once however many walls the step is done on. */
            Part minutesOnce(Duration minutes) {
                once = once.compareTo(minutes) > 0 ? once : minutes;
                return this;
            }

            Part atLeast(Duration minutes) {
                least = minutes;
                return this;
            }

            Part uses(Material material, String paint, Volume volume) {
                uses.merge(new Use(material, paint, Volume.ZERO), volume, Volume::plus);
                return this;
            }

            Part usesOnce(Use use) {
                useOnce = Optional.of(use);
                return this;
            }

            Part wait(Wait wait) {
                waits.add(wait);
                return this;
            }

            Part tools(Tool... more) {
                tools.addAll(List.of(more));
                return this;
            }

            Part cautions(Caution... more) {
                cautions.addAll(List.of(more));
                return this;
            }

            Step step(Catalogue figures) {
                double sum = 0;
                for (Map.Entry<Figure, Double> entry : minutes.entrySet()) {
                    sum += figures.value(entry.getKey()) * entry.getValue();
                }
                Duration all = Times.ofMinutes(sum).plus(labour).plus(once);
                useOnce.ifPresent(use -> uses(use.material(), use.paint(), use.volume()));
                return new Step(
                        place.kind(),
                        List.copyOf(walls),
                        place.paint(),
                        places,
                        area,
                        edge,
                        all.compareTo(least) < 0 ? least : all,
                        tools,
                        uses.entrySet().stream()
                                .map(entry -> new Use(
                                        entry.getKey().material(),
                                        entry.getKey().paint(),
                                        entry.getValue()))
                                .toList(),
                        slowest(figures),
                        cautions);
            }

            private Optional<Wait> slowest(Catalogue figures) {
                DryingModel model = new DryingModel(figures);
                return waits.stream()
                        .max(Comparator.comparing(
                                wait -> model.likelyForPlanning(wait.material(), wait.thickness(), Climate.REFERENCE)));
            }
        }
    }
}
