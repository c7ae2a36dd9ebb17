package lumko.core.job;

import static lumko.core.activity.ActivityKind.*;
import static lumko.core.job.Given.FIGURES;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Move;
import lumko.core.activity.WorkGraph;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.Fitting;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.repair.Repair;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What holds of every plan, on jobs of every sort in every school. */
class PlanPropertiesTest {
    private static final Set<ActivityKind> OPENING = EnumSet.of(PLATES_OFF, FITTINGS_OFF, LOOSEN_FITTINGS);
    private static final Map<ActivityKind, ActivityKind> CLOSED_BY =
            Map.of(PLATES_OFF, PLATES_BACK, FITTINGS_OFF, FITTINGS_BACK, LOOSEN_FITTINGS, TIGHTEN_PLATES);
    private static final Set<Material> SOLVENTS =
            EnumSet.of(Material.STAIN_BLOCK, Material.METAL_PRIMER, Material.TWO_PART_FILLER);

    private static final Set<ActivityKind> DUSTY = EnumSet.of(
            SAND, KEY_SAND, DUST_OFF, SAND_TRIM, LIGHT_SAND, SAND_PRIMER, SAND_TO_BEAD, SAND_GLUE_OFF, MAKE_SOUND);
    private static final Set<ActivityKind> SPLASHING = EnumSet.of(
            ROLL,
            ROLL_AGAIN,
            ROLL_FURTHER,
            ROLL_CEILING,
            ROLL_CEILING_AGAIN,
            ROLL_PANEL,
            PRIME_WALL,
            PRIME_AGAIN,
            MIST_COAT,
            SEAL_THINNED,
            ADHESION_PRIME,
            PRIME_METAL,
            BLOCK_STAIN,
            SPOT_PRIME,
            RESTORE_TEXTURE);

    private static void onEach(int jobs, long seed, BiConsumer<Job, JobPlanner> holds) {
        GeneratedJobs generated = new GeneratedJobs(seed);
        School[] schools = School.values();
        for (int n = 0; n < jobs; n++) {
            holds.accept(
                    generated.next(), new JobPlanner(FIGURES, Practice.STARTING.with(schools[n % schools.length])));
        }
    }

    private static WorkGraph places(Job job, JobPlanner planner) {
        return planner.plan(job).by(Work.View.PLACE);
    }

    // ---- places

    @Test
    void aMarkedPlaceIsListedInItsOwnChainAndNowhereElse() {
        onEach(150, 51, PlanPropertiesTest::assertListed);
    }

    private static void assertListed(Job job, JobPlanner planner) {
        Map<String, Map<ActivityKind, Integer>> listed = new HashMap<>();
        WorkGraph graph = places(job, planner);
        Set<String> washed = graph.activities().stream()
                .filter(activity -> activity.kind() == WASH && activity.places().isEmpty())
                .flatMap(activity -> activity.surfaces().stream())
                .collect(Collectors.toSet());
        for (Activity activity : graph.activities()) {
            assertThat(activity.places().size()).isLessThanOrEqualTo(1);
            activity.places()
                    .forEach(place -> listed.computeIfAbsent(place, key -> new HashMap<>())
                            .merge(activity.kind(), 1, Integer::sum));
        }
        Set<String> mended = new HashSet<>();
        for (Face face : job.active()) {
            if (face.action() == Action.LEAVE && !face.isTrim()) {
                continue;
            }
            for (Place place : face.places()) {
                Repair repair = planner.repair(place.mark(), face, job);
                Map<ActivityKind, Long> chain =
                        repair.moves().stream().collect(Collectors.groupingBy(Move::kind, Collectors.counting()));
                Map<ActivityKind, Integer> there = listed.getOrDefault(place.key(), Map.of());
                // what is washed as a whole is not washed again; in light preparation nothing is levelled
                boolean isWashed = washed.contains(face.key());
                chain.forEach((kind, times) -> {
                    int all = times.intValue();
                    int least = kind.isLevelling() ? 0 : isWashed && kind == WASH ? all - 1 : all;
                    assertThat(there.getOrDefault(kind, 0))
                            .describedAs(
                                    "%s of %s on %s", kind, place.mark().fault().kind(), face.action())
                            .isIn(least, all);
                });
                mended.add(place.key());
            }
        }
        assertThat(mended).containsAll(listed.keySet());
    }

    // ---- protection

    @Test
    void noMoreFloorIsCoveredThanThereIs() {
        onEach(
                300,
                52,
                (job, planner) -> places(job, planner).activities().stream()
                        .filter(activity -> activity.kind() == PROTECT_FLOOR)
                        .forEach(activity -> activity.rooms()
                                .forEach(key -> job.room(key)
                                        .floorArea()
                                        .ifPresent(floor -> assertThat(
                                                        activity.area().inSquareMetres())
                                                .isLessThanOrEqualTo(floor.inSquareMetres() + 1e-9)))));
    }

    @Test
    void whatIsTakenOffOrLoosenedIsPutBackOnThatSurfaceAfterIt() {
        onEach(300, 53, (job, planner) -> {
            List<Activity> order = planner.plan(job).by(Work.View.SURFACE).activities();
            for (int at = 0; at < order.size(); at++) {
                Activity opened = order.get(at);
                if (OPENING.contains(opened.kind())) {
                    ActivityKind closing = CLOSED_BY.get(opened.kind());
                    assertThat(order.subList(at + 1, order.size()))
                            .describedAs("after %s", opened.id())
                            .filteredOn(each ->
                                    each.kind() == closing && each.surfaces().equals(opened.surfaces()))
                            .hasSize(1)
                            .allSatisfy(each -> assertThat(each.count()).isEqualTo(opened.count()));
                }
            }
        });
    }

    // ---- cautions

    @Test
    void noCautionStandsWithoutItsHazard() {
        onEach(
                300,
                54,
                (job, planner) -> places(job, planner)
                        .activities()
                        .forEach(activity -> activity.cautions()
                                .forEach(caution -> assertThat(isThere(caution, activity, job))
                                        .describedAs("%s at %s", caution, activity.id())
                                        .isTrue())));
    }

    private static boolean isThere(Caution caution, Activity activity, Job job) {
        List<Face> faces = job.faces().stream()
                .filter(face -> activity.surfaces().contains(face.key()))
                .toList();
        Set<FaultKind> faults = faces.stream()
                .flatMap(face -> face.places().stream())
                .filter(place -> activity.places().contains(place.key()))
                .map(place -> place.mark().fault().kind())
                .collect(Collectors.toSet());
        return switch (caution) {
            case LEAD -> job.site().builtYear() < 1980;
            case ASBESTOS -> job.site().builtYear() < 2000;
            case ELECTRICITY ->
                faces.stream()
                                .flatMap(face -> face.wall().fittings().stream())
                                .map(Fitting::kind)
                                .anyMatch(Fitting.Kind::isElectric)
                        || faults.contains(FaultKind.BOX_GAP)
                        || faults.contains(FaultKind.HOLE)
                        || faults.contains(FaultKind.TOGGLE)
                        || faults.contains(FaultKind.ANCHOR);
            case LADDER ->
                faces.stream()
                        .anyMatch(
                                face -> face.isCeiling() || face.wall().height().inMetres() > 2);
            case STAIRS ->
                faces.stream().anyMatch(face -> face.wall().ends().stairs().isPresent());
            case WEIGHT ->
                faults.contains(FaultKind.HOLE)
                        || faces.stream()
                                .flatMap(face -> face.wall().fittings().stream())
                                .anyMatch(fitting -> fitting.kind() == Fitting.Kind.RADIATOR);
            case SOLVENT ->
                activity.uses().stream().anyMatch(use -> SOLVENTS.contains(use.material()))
                        || faults.contains(FaultKind.RUST);
            case CHEMICALS -> EnumSet.of(WASH, KILL_MOULD, WASH_GLUE_OFF).contains(activity.kind());
            case CAUSE_FIRST ->
                activity.rooms().stream()
                                .anyMatch(room -> job.room(room).findings().contains(RoomFinding.DAMP))
                        || faults.contains(FaultKind.CRACK)
                        || faults.contains(FaultKind.MOULD)
                        || faults.contains(FaultKind.STAIN);
            case DRAINS -> activity.kind() == WASH_TOOLS;
            case DUST -> DUSTY.contains(activity.kind());
            // wire throws off rust
            case SPLASHES -> SPLASHING.contains(activity.kind()) || faults.contains(FaultKind.RUST);
        };
    }

    @Test
    @Tag("slow")
    void allOfItOnThousands() {
        onEach(3000, 55, PlanPropertiesTest::assertListed);
    }
}
