package lumko.core.judge;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.core.activity.Material;
import lumko.core.activity.Wait;
import lumko.core.activity.Wet;
import lumko.core.activity.WorkGraph;
import lumko.core.drying.Climate;
import lumko.core.drying.DryingMaterial;
import lumko.core.drying.Purpose;
import lumko.core.figure.Catalogue;
import lumko.core.job.BuildUp;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.job.Work;
import lumko.core.quantity.Volume;
import lumko.core.schedule.Air;
import lumko.core.schedule.Schedule;

/**
 * A surface painted from edge to edge in so many coats, with what that comes to for one person in the reference air, and what
 * one more coat would add where these do not hide what is under them.
 *
 * @param elapsed until the last coat is dry
 */
public record BuiltUp(BuildUp build, Duration hand, Volume paint, Duration elapsed, OneMore oneMore) {
    /**
     * One more coat than planned.
     *
     * @param chance that it is needed, 0–1
     * @param elapsed how much later the last coat is dry
     */
    public record OneMore(double chance, Duration hand, Volume paint, Duration elapsed) {
        /** On the surfaces of a job that are painted from edge to edge. They share paint and cause: it comes on all or on none. */
        public static OneMore of(Job job, JobPlanner planner, Catalogue figures) {
            List<Face> faces = job.active().stream()
                    .filter(face -> face.isPaintedWhole() && !face.isTrim())
                    .toList();
            double chance = faces.stream()
                    .mapToDouble(face -> face.goesOn().cover().oneMore(planner.buildUp(face)))
                    .max()
                    .orElse(0);
            WorkGraph more = planner.anotherCoat(job.with(faces), 1).unordered();
            Duration dries = faces.stream()
                    .map(face -> Wet.of(DryingMaterial.EMULSION, face.goesOn().recoat()))
                    .map(wet -> new Air(Climate.REFERENCE, figures).likely(new Wait(wet, Purpose.RECOAT)))
                    .max(Duration::compareTo)
                    .orElse(Duration.ZERO);
            return new OneMore(chance, more.hand(), more.paint(), more.hand().plus(dries));
        }
    }

    /**
     * The ways to build up the surface of a job that holds nothing else: as the house would first, then in one, two and three
     * coats, and in one and two on an undercoat, where there is something to hide.
     */
    public static List<BuiltUp> ways(Job job, JobPlanner planner, Catalogue figures) {
        return Stream.of(
                        Optional.<BuildUp>empty(),
                        Optional.of(new BuildUp(0, 1)),
                        Optional.of(new BuildUp(0, 2)),
                        Optional.of(new BuildUp(0, 3)),
                        Optional.of(new BuildUp(1, 1)),
                        Optional.of(new BuildUp(1, 2)))
                .filter(asked -> asked.filter(build -> build.undercoats() > 0).isEmpty()
                        || job.active().getFirst().goesOn().cover().isCovered())
                .map(asked -> way(job, asked, planner, figures))
                .collect(Collectors.toMap(BuiltUp::build, way -> way, (first, again) -> first, LinkedHashMap::new))
                .values()
                .stream()
                .toList();
    }

    private static BuiltUp way(Job job, Optional<BuildUp> asked, JobPlanner planner, Catalogue figures) {
        Face face = job.active().getFirst();
        Job in = job.with(List.of(face.with(face.goesOn().in(asked))));
        Work work = planner.plan(in);
        WorkGraph sums = work.unordered().onSurfaces();
        Schedule schedule =
                Schedule.of(work.by(Work.View.SURFACE).onSurfaces(), 1, new Air(Climate.REFERENCE, figures));
        return new BuiltUp(
                laid(work, planner.buildUp(in.active().getFirst())),
                sums.hand(),
                sums.paint(),
                schedule.dryAt(),
                OneMore.of(in, planner, figures));
    }

    /** An undercoat is left out where something else primes all of it. */
    private static BuildUp laid(Work work, BuildUp build) {
        long undercoats = work.unordered().activities().stream()
                .filter(activity -> activity.uses().stream().anyMatch(use -> use.material() == Material.UNDERCOAT))
                .count();
        return new BuildUp((int) undercoats, build.finish());
    }
}
