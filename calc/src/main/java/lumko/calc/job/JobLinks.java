package lumko.calc.job;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Limit;
import lumko.core.activity.Material;
import lumko.core.activity.Precedence;
import lumko.core.activity.Standing;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.DryingMaterial;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;

/** What one activity of a plan has to wait for, or must not wait longer for. */
final class JobLinks {
    private final Job job;
    private final WorkGraph graph;
    private final Schedule schedule;
    private final Air air;
    private final Catalogue figures;
    private final Function<Activity, List<String>> marks;

    JobLinks(
            Job job,
            WorkGraph graph,
            Schedule schedule,
            Air air,
            Catalogue figures,
            Function<Activity, List<String>> marks) {
        this.job = job;
        this.graph = graph;
        this.schedule = schedule;
        this.air = air;
        this.figures = figures;
        this.marks = marks;
    }

    List<JobPlan.Link> all() {
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
        List<String> shared =
                marks.apply(from).stream().filter(marks.apply(to)::contains).toList();
        List<String> surfaces =
                from.surfaces().stream().filter(to.surfaces()::contains).toList();
        Optional<Double> latest = precedence.limit().map(air::time).map(JobAnswer::hours);
        for (Wet wet : precedence.drying().isPresent() ? from.wet() : List.<Wet>of()) {
            Wait wait = new Wait(wet, precedence.drying().get().purpose());
            links.add(new JobPlan.Link(
                    from.id(),
                    to.id(),
                    surfaces,
                    shared,
                    material(wet, from),
                    "dries",
                    Optional.of(JobAnswer.hours(air.likely(wait))),
                    latest));
        }
        if (links.isEmpty()) {
            links.add(new JobPlan.Link(
                    from.id(),
                    to.id(),
                    surfaces,
                    shared,
                    from.wet().isEmpty() ? "" : material(from.wet().getFirst(), from),
                    JobAnswer.plain(precedence.why()),
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
                precedence.drying().map(wait -> JobAnswer.hours(coat.ago().plus(start))),
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
                            marks.apply(one),
                            "plaster",
                            "stays damp",
                            Optional.of(JobAnswer.hours(one.lasts())),
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
                    Optional.of(JobAnswer.hours(air.time(Limit.BAGGED)))));
        }
        if (JobAnswer.COATS.contains(one.kind())) {
            links.add(new JobPlan.Link(
                    one.id(),
                    "sheen judged",
                    one.surfaces(),
                    List.of(),
                    material(Wet.of(DryingMaterial.EMULSION), one),
                    "tones down",
                    Optional.of(JobAnswer.hours(figures.time(Figure.SHEEN_TONES_DOWN))),
                    Optional.empty()));
        }
        return links;
    }

    private static String material(Wet wet, Activity of) {
        return switch (wet.material()) {
            case SPACKLE, DRYING_COMPOUND, SETTING_COMPOUND, TWO_PART, PLASTER, CAULK, FINE_FILLER, TEXTURE ->
                JobAnswer.WORDS.word("material", Material.of(wet.material()));
            case PRIMER, ADHESION_PRIMER, EMULSION, TRIM_WATER, TRIM_SOLVENT, DAMP_WALL, SEAL_BEAD ->
                of.uses().stream()
                        .map(use -> use.material())
                        .filter(material -> material != Material.CLEANER)
                        .findFirst()
                        .map(material -> JobAnswer.WORDS.word("material", material))
                        .orElse("");
        };
    }
}
