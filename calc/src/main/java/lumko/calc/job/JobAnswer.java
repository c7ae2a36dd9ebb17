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
import lumko.cases.JobReader;
import lumko.cases.Vocabulary;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Material;
import lumko.core.activity.WorkGraph;
import lumko.core.fault.Fault;
import lumko.core.figure.Catalogue;
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
    static final Vocabulary WORDS = Vocabulary.read();
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
    static final Set<ActivityKind> COATS = EnumSet.of(
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
    private final Catalogue figures;
    private final JobPlanner planner;
    private final Air air;
    private final Map<String, Verdict> verdicts = new LinkedHashMap<>();
    private final Map<String, String> kinds = new HashMap<>();
    private final Job job;
    private final WorkGraph graph;
    private final Schedule schedule;

    private JobAnswer(JsonNode json, Catalogue figures) {
        this.figures = figures;
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
        return plan(job, Catalogue.starting());
    }

    /** The same with other figures. */
    static JobPlan plan(JsonNode job, Catalogue figures) {
        return new JobAnswer(job, figures).plan();
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
        return new JobPlan(
                surfaces,
                places,
                activities,
                new JobLinks(job, graph, schedule, air, figures, this::marks).all(),
                List.of(),
                hours(schedule.dryAt()),
                said(),
                rules());
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

    static double hours(Duration duration) {
        return Times.inHours(duration);
    }

    static String plain(Enum<?> constant) {
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
