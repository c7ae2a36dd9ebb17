package lumko.calc.job;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Limit;
import lumko.core.activity.Material;
import lumko.core.activity.Precedence;
import lumko.core.activity.Standing;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Fault;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.job.Action;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.job.Place;
import lumko.core.job.Work;
import lumko.core.judge.Finding;
import lumko.core.judge.Judge;
import lumko.core.judge.Never;
import lumko.core.judge.NeverRules;
import lumko.core.judge.SurfaceCase;
import lumko.core.judge.Verdict;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.repair.Repair;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;
import tools.jackson.databind.JsonNode;

/** What the core answers to a job: verdicts, places, activities, waits, amounts, in the frozen words. */
final class JobAnswer {
    private static final Vocabulary WORDS = Vocabulary.read();
    private static final Set<ActivityKind> PRIMERS = EnumSet.of(
            ActivityKind.BLOCK_STAIN,
            ActivityKind.PRIME_METAL,
            ActivityKind.SPOT_PRIME,
            ActivityKind.SEAL_THINNED,
            ActivityKind.MIST_COAT,
            ActivityKind.PRIME_WALL,
            ActivityKind.PRIME_AGAIN,
            ActivityKind.ADHESION_PRIME,
            ActivityKind.PRIME_TRIM);
    private static final Set<ActivityKind> COATS = EnumSet.of(
            ActivityKind.FIRST_DAB,
            ActivityKind.DAB,
            ActivityKind.FEATHER,
            ActivityKind.ROLL,
            ActivityKind.ROLL_AGAIN,
            ActivityKind.ROLL_FURTHER,
            ActivityKind.ROLL_CEILING,
            ActivityKind.ROLL_CEILING_AGAIN,
            ActivityKind.PAINT_TRIM,
            ActivityKind.PAINT_TRIM_AGAIN);

    private final JobReader reader;
    private final Catalogue figures = Catalogue.starting();
    private final JobPlanner planner;
    private final Air air;
    private final Map<String, Verdict> verdicts = new LinkedHashMap<>();
    private final Map<String, String> kinds = new HashMap<>();
    private final Job job;
    private final WorkGraph graph;
    private final Schedule schedule;

    private JobAnswer(JsonNode json) {
        reader = JobReader.of(json);
        planner = new JobPlanner(figures, reader.practice());
        air = new Air(reader.climate(), figures);
        Judge judge = new Judge(figures, reader.practice());
        Map<String, Action> decided = new HashMap<>();
        for (JobReader.Asked asked : reader.surfaces()) {
            kinds.putAll(asked.placed().kinds());
            Face face = asked.face();
            if (face.fate() == Face.Fate.TO_DO && !face.isTrim()) {
                Verdict verdict = judge.judge(new SurfaceCase(
                        face, reader.room(face), reader.site(), asked.light(), reader.climate(), reader.viewing()));
                verdicts.put(face.key(), verdict);
                decided.put(face.key(), verdict.action());
            }
        }
        job = reader.job(decided);
        graph = planner.plan(job).by(Work.View.ROOM);
        schedule = Schedule.of(graph, job.people(), air);
    }

    /** The plan of a job that has the shape of one. */
    static JobPlan plan(JsonNode job) {
        return new JobAnswer(job).plan();
    }

    private JobPlan plan() {
        List<JobPlan.Surface> surfaces = new ArrayList<>();
        List<JobPlan.Place> places = new ArrayList<>();
        for (JobReader.Asked asked : reader.surfaces()) {
            Face face = job.face(asked.face().key()).orElseThrow();
            WorkGraph alone = alone(face);
            surfaces.add(surface(asked.group(), face, alone));
            places.addAll(places(asked, face, alone));
        }
        List<JobPlan.Activity> activities =
                schedule.entries().stream().map(this::activity).toList();
        return new JobPlan(surfaces, places, activities, links(), List.of(), hours(schedule.dryAt()), said(), rules());
    }

    /** The work of one surface as if it were done alone, with what is done already. */
    private WorkGraph alone(Face face) {
        Job one = new Job(
                List.of(job.room(face.room())),
                job.faces().stream()
                        .filter(other -> other.room().equals(face.room()))
                        .map(other -> other.key().equals(face.key())
                                ? other
                                : other.with(Action.LEAVE).withPanels(List.of()).with(List.<Place>of()))
                        .toList(),
                job.site(),
                1,
                Set.of(),
                job.mix());
        return planner.plan(one).by(Work.View.PLACE);
    }

    private static double hours(Duration duration) {
        return Times.inHours(duration);
    }

    private static String plain(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    // ---- surfaces

    private JobPlan.Surface surface(String group, Face face, WorkGraph alone) {
        Optional<Verdict> verdict = Optional.ofNullable(verdicts.get(face.key()));
        double minutes = alone.activities().stream()
                .filter(one -> !one.kind().isOfTheVisit() && one.kind() != ActivityKind.PROTECT_FLOOR)
                .mapToDouble(one -> Times.inMinutes(one.hand()))
                .sum();
        return new JobPlan.Surface(
                face.key(),
                group,
                verdict.map(each -> WORDS.word("action", each.action())).orElse(""),
                verdict.map(each ->
                                each.options().stream().map(JobAnswer::option).toList())
                        .orElse(List.of()),
                verdict.map(each -> each.reasons().stream().map(JobAnswer::name).toList())
                        .orElse(List.of()),
                minutes,
                amounts(alone));
    }

    private static String name(Finding finding) {
        return finding.getClass().getSimpleName();
    }

    private List<JobPlan.Amount> amounts(WorkGraph alone) {
        Map<Material, Double> litres = new EnumMap<>(Material.class);
        alone.activities().stream()
                .flatMap(one -> one.uses().stream())
                .forEach(use -> litres.merge(use.material(), use.volume().inLitres(), Double::sum));
        List<JobPlan.Amount> amounts = new ArrayList<>();
        litres.forEach((material, volume) ->
                amounts.add(new JobPlan.Amount(WORDS.word("material", material), "litres", volume)));
        amounts.add(new JobPlan.Amount("tape", "m", metres(alone, one -> one.kind() == ActivityKind.TAPE_EDGES)));
        amounts.add(new JobPlan.Amount(
                "floor cover",
                "m2",
                alone.activities().stream()
                        .filter(one -> one.kind() == ActivityKind.PROTECT_FLOOR)
                        .mapToDouble(one -> one.area().inSquareMetres())
                        .sum()));
        job.mix().ifPresent(mix -> amounts.add(new JobPlan.Amount("mixed paint", "litres", mix.litres())));
        return amounts;
    }

    private static double metres(WorkGraph work, Predicate<Activity> of) {
        return work.activities().stream()
                .filter(of)
                .mapToDouble(one -> one.tape().inMetres())
                .sum();
    }

    private static JobPlan.Option option(lumko.core.judge.Option option) {
        return new JobPlan.Option(
                WORDS.word("action", option.action()),
                Times.inMinutes(option.hand()),
                option.paint().inLitres(),
                hours(option.elapsed().get()),
                option.shows().likely(),
                option.shows().low(),
                option.shows().high(),
                Times.inMinutes(option.expected()),
                option.against().stream().map(JobAnswer::name).toList());
    }

    private List<JobPlan.Place> places(JobReader.Asked asked, Face face, WorkGraph alone) {
        List<JobPlan.Place> places = new ArrayList<>();
        for (Place place : asked.face().places()) {
            Repair repair = planner.repair(place.mark(), face, job);
            int primers = count(alone, place, PRIMERS);
            Fault fault = place.mark().fault();
            double across = fault instanceof Fault.Line line
                    ? repair.finishedArea().inSquareMetres() / line.length().inMetres() * 1000
                    : repair.finishedAcross().inMillimetres();
            String kind = kinds.getOrDefault(place.key(), "");
            places.add(new JobPlan.Place(
                    face.key(),
                    kind.substring(0, kind.lastIndexOf(' ')),
                    Integer.parseInt(kind.substring(kind.lastIndexOf(' ') + 1)),
                    place.mark().centre().fromLeft().inMetres(),
                    place.mark().centre().aboveFloor().inMetres(),
                    WORDS.word("method", repair.method()),
                    repair.coats(),
                    primers,
                    primers + count(alone, place, COATS),
                    repair.fills().stream()
                            .flatMap(move -> move.knife().stream())
                            .map(Length::inMillimetres)
                            .toList(),
                    across));
        }
        return places;
    }

    /** How often a place gets something of these kinds, by itself or with its surface. */
    private static int count(WorkGraph alone, Place place, Set<ActivityKind> kinds) {
        return (int) alone.activities().stream()
                .filter(one -> kinds.contains(one.kind())
                        && (one.places().isEmpty() || one.places().contains(place.key())))
                .count();
    }

    // ---- activities and links

    private JobPlan.Activity activity(Schedule.Entry entry) {
        Activity one = entry.activity();
        return new JobPlan.Activity(
                one.id(),
                WORDS.word("activity", one.kind()),
                one.surfaces(),
                marks(one),
                methods(one),
                Times.inMinutes(one.hand()),
                hours(entry.start()),
                hours(entry.end()),
                one.tools().stream().map(tool -> WORDS.word("tool", tool)).toList(),
                one.uses().stream()
                        .map(use -> new JobPlan.Amount(
                                WORDS.word("material", use.material()),
                                "litres",
                                use.volume().inLitres()))
                        .toList(),
                one.cautions().stream()
                        .map(caution -> WORDS.word("caution", caution))
                        .toList());
    }

    private List<String> marks(Activity one) {
        return one.places().stream()
                .map(place -> kinds.getOrDefault(place, place))
                .distinct()
                .toList();
    }

    private List<String> methods(Activity one) {
        return reader.surfaces().stream()
                .flatMap(asked -> asked.face().places().stream()
                        .filter(place -> one.places().contains(place.key()))
                        .map(place -> planner.repair(
                                place.mark(), job.face(asked.face().key()).orElseThrow(), job)))
                .map(repair -> WORDS.word("method", repair.method()))
                .distinct()
                .toList();
    }

    private List<JobPlan.Link> links() {
        Map<String, Activity> byId = new HashMap<>();
        graph.activities().forEach(one -> byId.put(one.id(), one));
        List<JobPlan.Link> links = new ArrayList<>();
        for (Precedence precedence : graph.precedences()) {
            Activity from = byId.get(precedence.from());
            Activity to = byId.get(precedence.to());
            if (to != null
                    && (precedence.drying().isPresent() || precedence.limit().isPresent())) {
                if (from != null) {
                    links.addAll(links(precedence, from, to));
                } else {
                    graph.standing().stream()
                            .filter(coat -> coat.id().equals(precedence.from()))
                            .forEach(coat -> links.add(link(precedence, coat, to)));
                }
            }
        }
        graph.activities().forEach(one -> links.addAll(moments(one)));
        return links;
    }

    /** One for each material that dries, as it has its own wait. */
    private List<JobPlan.Link> links(Precedence precedence, Activity from, Activity to) {
        List<JobPlan.Link> links = new ArrayList<>();
        List<String> marks = marks(from).stream().filter(marks(to)::contains).toList();
        List<String> surfaces =
                from.surfaces().stream().filter(to.surfaces()::contains).toList();
        Optional<Double> latest = precedence.limit().map(air::time).map(JobAnswer::hours);
        for (Wet wet : precedence.drying().isPresent() ? from.wet() : List.<Wet>of()) {
            Wait wait = new Wait(wet, precedence.drying().get().purpose());
            links.add(new JobPlan.Link(
                    from.id(),
                    to.id(),
                    surfaces,
                    marks,
                    material(wet, from),
                    "dries",
                    Optional.of(hours(air.likely(wait))),
                    latest));
        }
        if (links.isEmpty()) {
            links.add(new JobPlan.Link(
                    from.id(),
                    to.id(),
                    surfaces,
                    marks,
                    from.wet().isEmpty() ? "" : material(from.wet().getFirst(), from),
                    plain(precedence.why()),
                    Optional.empty(),
                    latest));
        }
        return links;
    }

    /** Counted from when the coat was put on. */
    private JobPlan.Link link(Precedence precedence, Standing coat, Activity to) {
        Duration start = schedule.entry(to.id()).map(Schedule.Entry::start).orElse(Duration.ZERO);
        boolean isCeiling = job.face(coat.surface()).filter(Face::isCeiling).isPresent();
        return new JobPlan.Link(
                "coat on it",
                to.id(),
                List.of(coat.surface()),
                List.of(),
                isCeiling ? "ceiling paint" : "wall paint",
                "dries",
                precedence.drying().map(wait -> hours(coat.ago().plus(start))),
                precedence.limit().map(air::time).map(JobAnswer::hours));
    }

    private List<JobPlan.Link> moments(Activity one) {
        List<JobPlan.Link> links = new ArrayList<>();
        if (one.kind() == ActivityKind.KEEP_DAMP) {
            graph.precedences().stream()
                    .filter(each -> each.to().equals(one.id()) && each.limit().equals(Optional.of(Limit.STAYS_DAMP)))
                    .forEach(each -> links.add(new JobPlan.Link(
                            each.from(),
                            "wetting ends",
                            one.surfaces(),
                            marks(one),
                            "plaster",
                            "stays damp",
                            Optional.of(hours(one.lasts())),
                            Optional.empty())));
        }
        if (one.kind() == ActivityKind.BAG_TOOLS) {
            links.add(new JobPlan.Link(
                    one.id(),
                    "tool in hand again",
                    one.surfaces(),
                    List.of(),
                    "wall paint",
                    "keeps",
                    Optional.empty(),
                    Optional.of(hours(air.time(Limit.BAGGED)))));
        }
        if (COATS.contains(one.kind())) {
            links.add(new JobPlan.Link(
                    one.id(),
                    "sheen judged",
                    one.surfaces(),
                    List.of(),
                    material(Wet.of(DryingMaterial.EMULSION), one),
                    "tones down",
                    Optional.of(hours(figures.time(Figure.SHEEN_TONES_DOWN))),
                    Optional.empty()));
        }
        return links;
    }

    private static String material(Wet wet, Activity of) {
        return switch (wet.material()) {
            case SPACKLE, DRYING_COMPOUND, SETTING_COMPOUND, TWO_PART, PLASTER, CAULK, FINE_FILLER, TEXTURE ->
                WORDS.word("material", Material.of(wet.material()));
            case PRIMER, ADHESION_PRIMER, EMULSION, TRIM_WATER, TRIM_SOLVENT, DAMP_WALL, SEAL_BEAD ->
                of.uses().stream()
                        .map(use -> use.material())
                        .filter(material -> material != Material.CLEANER)
                        .findFirst()
                        .map(material -> WORDS.word("material", material))
                        .orElse("");
        };
    }

    // ---- advice

    private Set<Advice> says() {
        Set<Advice> said = EnumSet.noneOf(Advice.class);
        verdicts.values().forEach(verdict -> said.addAll(verdict.says()));
        graph.activities().forEach(one -> said.addAll(one.says()));
        return said;
    }

    private Set<String> said() {
        Set<String> words = new TreeSet<>();
        says().forEach(advice -> words.add(WORDS.word("says", advice)));
        return words;
    }

    private Map<String, Boolean> rules() {
        Set<Never> broken = new NeverRules(job, reader.practice(), figures, air, schedule, says()).broken();
        Map<String, Boolean> rules = new LinkedHashMap<>();
        for (Never rule : Never.values()) {
            rules.put(WORDS.word("never", rule), !broken.contains(rule));
        }
        return rules;
    }
}
