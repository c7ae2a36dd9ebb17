package lumko.calc.job;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import lumko.core.colour.Colorimetry;
import lumko.core.colour.Lab;
import lumko.core.colour.SmoothReflectance;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingModel;
import lumko.core.fault.Condition;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.figure.Catalogue;
import lumko.core.film.Cover;
import lumko.core.film.DataSheet;
import lumko.core.film.Hiding;
import lumko.core.hold.Binder;
import lumko.core.hold.Holding;
import lumko.core.hold.TopLayer;
import lumko.core.hold.WillItHold;
import lumko.core.judge.Film;
import lumko.core.judge.Judge;
import lumko.core.judge.Option;
import lumko.core.judge.PaintBasis;
import lumko.core.judge.Verdict;
import lumko.core.judge.WallCase;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;
import lumko.core.step.Material;
import lumko.core.step.Site;
import lumko.core.step.Step;
import lumko.core.step.StepKind;
import lumko.core.step.Task;
import lumko.core.step.Use;
import lumko.core.step.Wait;
import lumko.core.wall.Box;
import lumko.core.wall.EveryTime;
import lumko.core.wall.Fitting;
import lumko.core.wall.Opening;
import lumko.core.wall.RoomFinding;
import lumko.core.wall.RoomKind;
import lumko.core.wall.Spot;
import lumko.core.wall.Substrate;
import lumko.core.wall.Texture;
import lumko.core.wall.Wall;
import lumko.core.wall.WindowLight;
import lumko.core.work.Action;
import lumko.core.work.Setting;
import lumko.core.work.Timeline;
import lumko.core.work.TrimTask;
import lumko.core.work.WallTask;
import lumko.core.work.Work;
import lumko.core.work.WorkPlanner;
import tools.jackson.databind.JsonNode;

/** Asks the core as it stands for the verdicts and the plan of a job. What it cannot take in is left out. */
final class TodaysCore {
    private static final Vocabulary WORDS = Vocabulary.read();
    private static final double DAYS_A_YEAR = 365.25;
    private static final double EDGE_MM = 300;

    private final JsonNode job;
    private final Catalogue figures = Catalogue.starting();
    private final Practice practice;
    private final Site site;
    private final Climate climate;
    private final OptionalInt viewing;
    private final DryingModel drying = new DryingModel(figures);
    private final WorkPlanner planner;
    private final Judge judge;

    private TodaysCore(JsonNode job) {
        this.job = job;
        Practice chosen = Practice.STARTING;
        for (String question : job.path("practice").propertyNames()) {
            String answer = job.get("practice").get(question).asString();
            chosen = WORDS.constant(School.class, "answer/" + question, answer)
                    .map(chosen::with)
                    .orElse(chosen);
        }
        practice = chosen;
        site = new Site(
                job.get("house_year").asInt(), job.path("textured_coating").asBoolean(false));
        JsonNode air = job.get("air");
        climate = Climate.of(
                air.get("temperature_c").asDouble(),
                air.get("humidity_pct").asDouble(),
                WORDS.constant(Climate.Air.class, "air", air.get("air").asString())
                        .orElse(Climate.Air.MOVING));
        viewing = job.get("days_to_viewing").isNull()
                ? OptionalInt.empty()
                : OptionalInt.of((int) job.get("days_to_viewing").asDouble());
        planner = new WorkPlanner(figures, practice);
        judge = new Judge(figures, practice);
    }

    /** The plan of a job that has the shape of one. */
    static JobPlan plan(JsonNode job) {
        return new TodaysCore(job).plan();
    }

    /** A marked place: the entry it comes from, and what the core makes of it. */
    private record Placed(String kind, int entry, Mark mark) {}

    /** A surface as the core is asked about it. */
    private record Asked(
            String name,
            String group,
            JsonNode json,
            Wall wall,
            List<Placed> placed,
            Setting setting,
            String paint,
            Optional<Verdict> verdict,
            Action action) {
        WallTask task() {
            return new WallTask(name, wall, placed.stream().map(Placed::mark).toList(), action, paint, setting);
        }
    }

    private JobPlan plan() {
        List<Asked> walls = new ArrayList<>();
        List<TrimTask> trims = new ArrayList<>();
        Map<String, String> trimGroups = new LinkedHashMap<>();
        for (JsonNode room : job.get("rooms")) {
            for (JsonNode surface : room.get("surfaces")) {
                if (!surface.get("job").asString().equals("to do")) {
                    continue;
                }
                String group = surface.get("name").asString();
                for (int n = 1; n <= surface.path("count").asInt(1); n++) {
                    String name = n == 1 ? group : group + " " + n;
                    if (surface.get("surface").asString().equals("trim")) {
                        trims.add(trim(name, surface, room));
                        trimGroups.put(name, group);
                    } else {
                        walls.add(asked(name, group, surface, room));
                    }
                }
            }
        }
        Work work = planner.plan(walls.stream().map(Asked::task).toList(), trims, site);
        return answer(walls, trims, trimGroups, work);
    }

    // ---- what is asked

    private Asked asked(String name, String group, JsonNode surface, JsonNode room) {
        boolean isCeiling = surface.get("surface").asString().equals("ceiling");
        Texture texture = word(Texture.class, "texture", surface.path("texture").asString("smooth"))
                .orElse(Texture.SMOOTH);
        double wide = surface.get("size_m").get(0).asDouble() * 1000;
        double high = surface.get("size_m").get(1).asDouble() * 1000;
        List<Opening> openings = new ArrayList<>();
        List<Fitting> fittings = new ArrayList<>();
        List<EveryTime> panels = new ArrayList<>();
        for (JsonNode feature : surface.path("features")) {
            String kind = feature.get("kind").asString();
            word(Opening.Kind.class, "opening", kind)
                    .ifPresent(opening -> openings.add(new Opening(opening, box(feature, wide, high, 800, 2000))));
            word(Fitting.Kind.class, "fitting", kind)
                    .ifPresent(fitting -> fittings.add(new Fitting(fitting, box(feature, wide, high, 85, 85))));
            word(EveryTime.Kind.class, "place", kind).ifPresent(place -> panels.add(panel(place, feature, wide, high)));
        }
        Wall wall = new Wall(Length.ofMillimetres(wide), Length.ofMillimetres(high), texture, openings, fittings);
        List<Placed> placed = placed(surface, wide, high);
        JsonNode onIt = surface.get("on_it");
        JsonNode goesOn = surface.get("goes_on");
        Set<RoomFinding> findings = EnumSet.noneOf(RoomFinding.class);
        room.path("findings")
                .forEach(each ->
                        word(RoomFinding.class, "finding", each.asString()).ifPresent(findings::add));
        Setting setting = new Setting(
                isCeiling ? Setting.Side.CEILING : Setting.Side.WALL,
                substrate(surface),
                findings,
                holding(surface, onIt, goesOn, findings, placed),
                goesOn.isNull(),
                List.of(),
                "",
                panels,
                cover(onIt, goesOn));
        String paint = goesOn.isNull()
                ? "own " + onIt.get("lightness") + " " + onIt.get("gloss60")
                : goesOn.get("lightness") + " " + goesOn.get("chroma") + " " + goesOn.get("gloss60");
        Verdict verdict = judge.judge(new WallCase(
                wall,
                placed.stream().map(Placed::mark).toList(),
                film(onIt),
                basis(onIt, goesOn),
                word(WindowLight.class, "light", surface.path("window_light").asString("none"))
                        .orElse(WindowLight.NONE),
                word(RoomKind.class, "room", room.get("room").asString()).orElse(RoomKind.LIVING),
                site,
                climate,
                viewing,
                setting));
        return new Asked(name, group, surface, wall, placed, setting, paint, Optional.of(verdict), verdict.action());
    }

    private static <E extends Enum<E>> Optional<E> word(Class<E> type, String list, String word) {
        return WORDS.constant(type, list, word);
    }

    private static Substrate substrate(JsonNode surface) {
        return word(Substrate.class, "substrate", surface.path("substrate").asString("plasterboard"))
                .orElse(Substrate.GYPSUM_BOARD);
    }

    private static Box box(JsonNode feature, double wide, double high, double usualWidth, double usualHeight) {
        double width = Math.min(wide, sized(feature, 0, usualWidth));
        double height = Math.min(high, sized(feature, 1, usualHeight));
        double left = Math.clamp(feature.get("at_m").asDouble() * 1000 - width / 2, 0, wide - width);
        double up = feature.path("up_m").asDouble(high / 2000) * 1000;
        return Box.ofMillimetres(left, Math.clamp(up - height / 2, 0, high - height), width, height);
    }

    private static double sized(JsonNode feature, int side, double usual) {
        return feature.has("size_m") ? feature.get("size_m").get(side).asDouble() * 1000 : usual;
    }

    private static EveryTime panel(EveryTime.Kind kind, JsonNode feature, double wide, double high) {
        return switch (kind) {
            case OUTSIDE_CORNER ->
                new EveryTime(
                        kind,
                        0,
                        Box.ofMillimetres(
                                Math.clamp(feature.get("at_m").asDouble() * 1000 - 200, 0, wide - 200), 0, 200, high));
            case SPLASH_ZONE, ABOVE_BATH -> new EveryTime(kind, 0, box(feature, wide, high, wide, high));
        };
    }

    private static Optional<Film> film(JsonNode onIt) {
        return onIt.get("lightness").isNull() || onIt.get("gloss60").isNull()
                ? Optional.empty()
                : Optional.of(new Film(
                        lab(onIt),
                        onIt.get("gloss60").asDouble(),
                        onIt.get("years").asDouble(0)));
    }

    private static Lab lab(JsonNode paint) {
        return new Lab(paint.get("lightness").asDouble(), 0, paint.get("chroma").asDouble());
    }

    private static PaintBasis basis(JsonNode onIt, JsonNode goesOn) {
        return goesOn.isNull()
                ? word(PaintBasis.class, "basis", onIt.get("basis").asString()).orElse(PaintBasis.UNKNOWN)
                : PaintBasis.OTHER_PAINT;
    }

    private Holding holding(
            JsonNode surface, JsonNode onIt, JsonNode goesOn, Set<RoomFinding> findings, List<Placed> placed) {
        Set<WillItHold.Film> films = EnumSet.noneOf(WillItHold.Film.class);
        if (findings.contains(RoomFinding.SMELL_OF_SMOKE)) {
            films.add(WillItHold.Film.SMOKE_OR_CHALK);
        }
        for (Placed each : placed) {
            FaultKind kind = each.mark().fault().kind();
            if (kind == FaultKind.SMOKE) {
                films.add(WillItHold.Film.SMOKE_OR_CHALK);
            } else if (kind == FaultKind.GREASE) {
                films.add(WillItHold.Film.GREASE);
            } else if (kind == FaultKind.GLASSY_PLASTER) {
                films.add(WillItHold.Film.GLASSY);
            }
        }
        Binder next = goesOn.isNull()
                ? binder(onIt).orElse(Binder.WATERBORNE)
                : binder(goesOn).orElse(Binder.WATERBORNE);
        return new WillItHold(figures)
                .answer(top(onIt), onIt.get("years").asDouble(0) * DAYS_A_YEAR, substrate(surface), next, films);
    }

    private static Optional<Binder> binder(JsonNode paint) {
        return word(Binder.class, "binder", paint.get("film").get("binder").asString());
    }

    private static TopLayer top(JsonNode onIt) {
        String layer = onIt.get("film").get("layer").asString();
        if (layer.equals("wallpaper")) {
            return TopLayer.BARE;
        }
        return word(TopLayer.class, "layer", layer)
                .orElseGet(() -> binder(onIt)
                        .map(binder -> TopLayer.of(binder, onIt.get("gloss60").asDouble(0)))
                        .orElse(TopLayer.UNKNOWN));
    }

    private static Cover cover(JsonNode onIt, JsonNode goesOn) {
        if (goesOn.isNull() || onIt.get("lightness").isNull()) {
            return Cover.UNKNOWN;
        }
        DataSheet sheet = DataSheet.USUAL;
        Hiding hiding = Hiding.of(
                SmoothReflectance.of(lab(goesOn), Colorimetry.DAYLIGHT), sheet.contrastRatio(), sheet.dryMicrometres());
        int coats = hiding.over(SmoothReflectance.of(lab(onIt), Colorimetry.DAYLIGHT), sheet.dryMicrometres())
                .needed();
        return new Cover(Optional.empty(), OptionalInt.of(coats));
    }

    private TrimTask trim(String name, JsonNode surface, JsonNode room) {
        JsonNode onIt = surface.get("on_it");
        JsonNode goesOn = surface.get("goes_on");
        return new TrimTask(
                name,
                Length.ofMetres(surface.get("size_m").get(0).asDouble()),
                0,
                0,
                "trim",
                (goesOn.isNull() ? binder(onIt) : binder(goesOn)).orElse(Binder.WATERBORNE),
                holding(surface, onIt, goesOn, Set.of(), List.of()),
                Optional.empty());
    }

    private List<Placed> placed(JsonNode surface, double wide, double high) {
        List<Placed> all = new ArrayList<>();
        Map<String, Integer> entries = new HashMap<>();
        for (JsonNode entry : surface.path("marks")) {
            String kind = entry.get("kind").asString();
            int number = entries.merge(kind, 1, Integer::sum);
            Optional<FaultKind> known = word(FaultKind.class, "fault", kind);
            int count = entry.get("count").asInt();
            for (int n = 0; n < count && known.isPresent(); n++) {
                try {
                    all.add(new Placed(kind, number, mark(known.get(), entry, n, count, wide, high)));
                } catch (IllegalArgumentException outOfRange) {
                    // what the core cannot take in is left out
                }
            }
        }
        return all;
    }

    private static Mark mark(FaultKind kind, JsonNode entry, int n, int count, double wide, double high) {
        double left = place(entry, "at_m", n)
                .orElseGet(() -> count == 1 ? wide / 2 : EDGE_MM + n * (wide - 2 * EDGE_MM) / (count - 1));
        double up = place(entry, "up_m", n).orElse(high / 2);
        boolean isUp = entry.path("runs").asString("along").equals("up");
        Measures usual = kind.usual();
        double across = entry.path("across_mm").asDouble(usual.across().inMillimetres());
        double longSide = entry.path("long_mm").asDouble(across);
        double depth = entry.has("gap_mm") && kind.shape() == FaultKind.Shape.LINE
                ? entry.get("gap_mm").asDouble()
                : entry.path("depth_mm").asDouble(usual.depth().inMillimetres());
        Measures measures = switch (kind.shape()) {
            case POINT -> Measures.ofMillimetres(across, across, depth);
            case LINE ->
                Measures.ofMillimetres(
                        isUp ? 0 : longSide,
                        isUp ? longSide : 0,
                        entry.has("gap_mm") ? depth : entry.path("across_mm").asDouble(depth));
            case AREA -> Measures.ofMillimetres(isUp ? across : longSide, isUp ? longSide : across, depth);
        };
        Condition condition = Condition.USUAL
                .with(word(Condition.Edge.class, "edge", entry.path("edge").asString("sound"))
                        .orElse(Condition.Edge.SOUND))
                .with(word(
                                Condition.Backing.class,
                                "backing",
                                entry.path("backing").asString("hollow"))
                        .orElse(Condition.Backing.HOLLOW))
                .with(word(
                                Condition.Movement.class,
                                "movement",
                                entry.path("movement").asString("still"))
                        .orElse(Condition.Movement.STILL))
                .withCount(entry.path("count_in_it").asInt(1));
        if (entry.has("driven")) {
            condition = condition.with(Condition.Edge.CHIPPED);
        }
        Fault fault = kind.of(measures, condition);
        Spot at = fault instanceof Fault.Line line
                ? Spot.ofMillimetres(
                        left - line.run().inMillimetres() / 2, up - line.rise().inMillimetres() / 2)
                : Spot.ofMillimetres(left, up);
        return new Mark(at, fault);
    }

    private static Optional<Double> place(JsonNode entry, String field, int n) {
        if (!entry.has(field)) {
            return Optional.empty();
        }
        JsonNode at = entry.get(field);
        return Optional.of((at.isArray() ? at.get(n) : at).asDouble() * 1000);
    }

    // ---- what is answered

    private JobPlan answer(List<Asked> walls, List<TrimTask> trims, Map<String, String> trimGroups, Work work) {
        Timeline timeline = Timeline.of(work, drying, climate);
        List<JobPlan.Surface> surfaces = new ArrayList<>();
        List<JobPlan.Place> places = new ArrayList<>();
        for (Asked wall : walls) {
            Work alone = planner.plan(List.of(wall.task()), site);
            surfaces.add(surface(wall.name(), wall.group(), wall.verdict(), alone));
            places.addAll(places(wall, alone));
        }
        for (TrimTask trim : trims) {
            Work alone = planner.plan(List.of(), List.of(trim), site);
            surfaces.add(surface(trim.key(), trimGroups.getOrDefault(trim.key(), trim.key()), Optional.empty(), alone));
        }
        List<JobPlan.Activity> activities = new ArrayList<>();
        List<Timeline.Entry> entries = timeline.entries().stream()
                .sorted(Comparator.comparing(Timeline.Entry::start))
                .toList();
        for (int n = 0; n < entries.size(); n++) {
            activities.add(activity("a" + n, entries.get(n)));
        }
        return new JobPlan(
                surfaces, places, activities, links(entries), List.of(), hours(timeline.dryAt()), Set.of(), Map.of());
    }

    private static double hours(Duration duration) {
        return Times.inHours(duration);
    }

    private JobPlan.Surface surface(String name, String group, Optional<Verdict> verdict, Work alone) {
        double minutes = alone.steps().stream()
                .filter(step -> !step.kind().isOfTheVisit() && step.kind() != StepKind.PROTECT_FLOOR)
                .mapToDouble(step -> Times.inMinutes(step.labour()))
                .sum();
        Map<Material, Double> litres = new EnumMap<>(Material.class);
        alone.steps().stream()
                .flatMap(step -> step.uses().stream())
                .forEach(use -> litres.merge(use.material(), use.volume().inLitres(), Double::sum));
        List<JobPlan.Amount> amounts = new ArrayList<>();
        litres.forEach((material, volume) ->
                amounts.add(new JobPlan.Amount(WORDS.word("material", material), "litres", volume)));
        amounts.add(new JobPlan.Amount("tape", "m", edge(alone, step -> step.kind() == StepKind.TAPE_EDGES)));
        amounts.add(new JobPlan.Amount(
                "floor cover",
                "m2",
                alone.steps().stream()
                        .filter(step -> step.kind() == StepKind.PROTECT_FLOOR)
                        .mapToDouble(step -> step.area().inSquareMetres())
                        .sum()));
        return new JobPlan.Surface(
                name,
                group,
                verdict.map(each -> WORDS.word("action", each.action())).orElse(""),
                verdict.map(each ->
                                each.options().stream().map(TodaysCore::option).toList())
                        .orElse(List.of()),
                verdict.map(each -> each.reasons().stream()
                                .map(finding -> finding.rule().name())
                                .toList())
                        .orElse(List.of()),
                minutes,
                amounts);
    }

    private static double edge(Work work, Predicate<Step> of) {
        return work.steps().stream()
                .filter(of)
                .mapToDouble(step -> step.edge().inMetres())
                .sum();
    }

    private static JobPlan.Option option(Option option) {
        return new JobPlan.Option(
                WORDS.word("action", option.action()),
                Times.inMinutes(option.labour()),
                option.paint().inLitres(),
                hours(option.elapsed()),
                option.shows().likely(),
                option.shows().low(),
                option.shows().high(),
                Times.inMinutes(option.expected()),
                option.against().stream().map(finding -> finding.rule().name()).toList());
    }

    private List<JobPlan.Place> places(Asked wall, Work alone) {
        int coats = (int) alone.steps().stream()
                .filter(step -> switch (step.kind()) {
                    case ROLL, ROLL_AGAIN, ROLL_FURTHER, ROLL_CEILING, ROLL_CEILING_AGAIN, DAB, FEATHER, FIRST_DAB ->
                        true;
                    default -> false;
                })
                .count();
        int wholePrimers = (int) alone.steps().stream()
                .filter(step -> switch (step.kind()) {
                    case PRIME_WALL, PRIME_AGAIN, ADHESION_PRIME, MIST_COAT -> true;
                    default -> false;
                })
                .count();
        boolean spotPrimed = alone.steps().stream().anyMatch(step -> step.kind() == StepKind.SPOT_PRIME);
        List<JobPlan.Place> places = new ArrayList<>();
        for (Placed placed : wall.placed()) {
            Repair repair = planner.repair(placed.mark(), wall.task(), site);
            List<Task> fills = repair.fills();
            long caulks = repair.tasks().stream()
                    .filter(task -> task.kind() == StepKind.CAULK)
                    .count();
            int primers = wholePrimers + (spotPrimed && repair.isBare() ? 1 : 0);
            Fault fault = placed.mark().fault();
            double across = fault instanceof Fault.Line line
                    ? repair.finishedArea().inSquareMetres() / line.length().inMetres() * 1000
                    : repair.finishedAcross().inMillimetres();
            places.add(new JobPlan.Place(
                    wall.name(),
                    placed.kind(),
                    placed.entry(),
                    placed.mark().centre().fromLeft().inMetres(),
                    placed.mark().centre().aboveFloor().inMetres(),
                    WORDS.word("method", repair.method()),
                    fills.size() + (int) caulks,
                    primers,
                    primers + coats,
                    fills.stream()
                            .flatMap(task -> task.knife().stream())
                            .map(Length::inMillimetres)
                            .toList(),
                    across));
        }
        return places;
    }

    private static JobPlan.Activity activity(String id, Timeline.Entry entry) {
        Step step = entry.step();
        return new JobPlan.Activity(
                id,
                WORDS.word("activity", step.kind()),
                step.surfaces(),
                List.of(),
                List.of(),
                Times.inMinutes(step.labour()),
                hours(entry.start()),
                hours(entry.end()),
                step.tools().stream().map(tool -> WORDS.word("tool", tool)).toList(),
                step.uses().stream()
                        .map(use -> new JobPlan.Amount(
                                WORDS.word("material", use.material()),
                                "litres",
                                use.volume().inLitres()))
                        .toList(),
                step.cautions().stream()
                        .map(caution -> WORDS.word("caution", caution))
                        .toList());
    }

    private List<JobPlan.Link> links(List<Timeline.Entry> entries) {
        List<JobPlan.Link> links = new ArrayList<>();
        for (int to = 0; to < entries.size(); to++) {
            Step later = entries.get(to).step();
            for (int from = 0; from < to; from++) {
                Step before = entries.get(from).step();
                if (!before.shares(later)) {
                    continue;
                }
                Optional<Wait> wait = before.toDry().filter(any -> later.needsDry());
                Optional<Double> latest = later.within()
                        .filter(limit -> limit.after() == before.kind())
                        .map(limit -> hours(limit.time()));
                if (wait.isPresent() || latest.isPresent()) {
                    links.add(new JobPlan.Link(
                            "a" + from,
                            "a" + to,
                            before.surfaces().stream()
                                    .filter(later.surfaces()::contains)
                                    .toList(),
                            List.of(),
                            material(before),
                            wait.isPresent() ? "dries" : "stays open",
                            wait.map(each -> hours(each.likely(climate, drying))),
                            latest));
                }
            }
        }
        return links;
    }

    private static String material(Step step) {
        return step.uses().stream()
                .map(Use::material)
                .filter(material -> material != Material.CLEANER)
                .findFirst()
                .map(material -> WORDS.word("material", material))
                .orElse("");
    }
}
