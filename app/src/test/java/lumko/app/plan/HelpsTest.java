package lumko.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import lumko.core.plan.Cost;
import lumko.core.plan.Plan;
import lumko.core.plan.Planner;
import lumko.core.plan.Span;
import lumko.core.plan.Workload;
import lumko.core.plan.Workload.Link;
import lumko.core.plan.Workload.Room;
import lumko.core.plan.Workload.Step;
import lumko.core.turnover.FlatWork;
import org.junit.jupiter.api.Test;

/** A flat in which filler dries for a day, begun on a Friday: what would help it. */
class HelpsTest {
    private static final LocalDateTime FRIDAY = LocalDateTime.of(2026, 3, 6, 0, 0);
    private static final int DAY = 1440;

    private static Workload load() {
        List<Span> hours = new ArrayList<>();
        for (int day : List.of(0, 3, 4, 5)) {
            hours.add(new Span(day * DAY + 450, day * DAY + 960));
        }
        List<Double> air = Collections.nCopies(24, 1.0);
        Room fill = new Room("fill", air, List.of(Step.of("fill", "FILL", 60, 0).needing("house")));
        Room roll =
                new Room("roll", air, List.of(Step.of("roll", "ROLL", 60, 240).needing("house")));
        return new Workload(
                List.of(new Workload.Painter("jonas", Set.of("house"), hours, Optional.empty())),
                List.of(new Workload.Flat(
                        "F",
                        0,
                        0,
                        DAY,
                        1,
                        0,
                        List.of(),
                        List.of(fill, roll),
                        List.of(new Link("fill", "roll", 1200, OptionalInt.empty())))),
                List.of(List.of(10)),
                15,
                Workload.Weights.USUAL,
                Map.of());
    }

    /** It dries 1.8 times as fast with a heater, and filler that sets is painted after two hours. */
    private static WorkAhead ahead(Workload load) {
        FlatWork work = new FlatWork(
                load.flats().getFirst(), List.of(), List.of(new Link("fill", "roll", 120, OptionalInt.empty())));
        UUID id = new UUID(0, 1);
        return new WorkAhead(
                load,
                List.of(new WorkAhead.FlatAhead(
                        id, id, "Ropewalk Court 7", true, 1.8, false, Map.of(), work, Optional.empty())),
                List.of(id),
                FRIDAY,
                ZoneOffset.UTC);
    }

    @Test
    void aHeaterSettingFillerAndASaturdayEachTriedByPlanningAgain() {
        Workload load = load();
        Plan plan = new Planner(load).iterations(50, 1).orElseThrow();
        int ready = Cost.of(load, plan).readyAt().getFirst();
        WorkAhead ahead = ahead(load);
        List<Help> helps =
                new Helps(ahead, plan, Map.of("jonas", "Jonas"), flat -> Optional.empty(), () -> true).of(0, ready);
        assertThat(helps)
                .extracting(Help::kind)
                .contains(Help.Kind.HEATER, Help.Kind.SETTING_FILLER, Help.Kind.SATURDAY);
        assertThat(helps)
                .filteredOn(help -> help.kind() == Help.Kind.SATURDAY)
                .singleElement()
                .satisfies(help -> {
                    assertThat(help.who()).isEqualTo("Jonas");
                    assertThat(help.minutes()).isEqualTo(2 * DAY);
                });
        assertThat(helps)
                .filteredOn(help -> help.kind() == Help.Kind.SETTING_FILLER)
                .singleElement()
                .satisfies(help -> assertThat(help.isOnTime()).isTrue());
        assertThat(helps)
                .filteredOn(help -> help.kind() == Help.Kind.HEATER)
                .singleElement()
                .satisfies(help -> assertThat(help.minutes()).isBetween(60, 180));
    }

    @Test
    void wallsTouchedUpInsteadOfRolled() {
        Workload load = load();
        Plan plan = new Planner(load).iterations(50, 1).orElseThrow();
        Room dab = new Room("dab", List.of(), List.of(Step.of("dab", "DAB", 20, 60)));
        Workload.Flat instead = load.flats().getFirst().with(List.of(dab), List.of());
        List<Help> helps = new Helps(
                        ahead(load),
                        plan,
                        Map.of(),
                        flat -> Optional.of(new TouchedUp.Instead(instead, "Hall, wall A")),
                        () -> true)
                .of(0, Cost.of(load, plan).readyAt().getFirst());
        assertThat(helps)
                .filteredOn(help -> help.kind() == Help.Kind.TOUCHED_UP)
                .singleElement()
                .satisfies(help -> {
                    assertThat(help.who()).isEqualTo("Hall, wall A");
                    assertThat(help.isOnTime()).isTrue();
                });
    }

    @Test
    void onlyTheFirstIsTriedWhereThereIsNoTime() {
        Workload load = load();
        Plan plan = new Planner(load).iterations(50, 1).orElseThrow();
        WorkAhead ahead = ahead(load);
        assertThat(new Helps(ahead, plan, Map.of(), flat -> Optional.empty(), () -> false)
                        .of(0, Cost.of(load, plan).readyAt().getFirst()))
                .extracting(Help::kind)
                .containsExactly(Help.Kind.HEATER);
    }
}
