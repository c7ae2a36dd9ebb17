package lumko.core.repair;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lumko.core.activity.Site;
import lumko.core.activity.Written;
import lumko.core.fault.Condition;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Catalogue;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Texture;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.quantity.OutOfRangeException;
import lumko.core.record.Age;
import lumko.core.record.Substrate;
import org.junit.jupiter.api.Test;

/** Every way of making every fault good, move by move, as it was read and found right. */
class MovesTest {
    private static final Site NEW_HOUSE = new Site(2005, false);
    private static final Ground BOARD = new Ground(
            Substrate.GYPSUM_BOARD,
            Texture.SMOOTH,
            Set.of(),
            NEW_HOUSE,
            Ground.Painted.FROM_EDGE_TO_EDGE,
            Age.ofYears(3));
    /** Where everything is harder: lead, damp, relief, dabbed, overhead. */
    private static final Ground OLD_PLASTER = new Ground(
            Substrate.LIME_PLASTER,
            Texture.HEAVY,
            Set.of(RoomFinding.DAMP),
            new Site(1911, false),
            Ground.Painted.IN_SPOTS,
            Age.ofDays(2));

    private static final Spot LOW = Spot.ofMillimetres(1000, 1000);
    private static final Spot HIGH = Spot.ofMillimetres(1000, 2400);

    private final List<String> lines = new ArrayList<>();

    private void everyWay(String where, Practice practice, Spot spot, Fault fault, Ground ground) {
        Repairs repairs = new Repairs(Catalogue.starting(), practice);
        for (Choice choice : repairs.choices(fault, ground)) {
            write(where, repairs.repair(new Mark(spot, fault).by(choice.method()), ground), fault);
        }
    }

    private void write(String where, Repair repair, Fault fault) {
        Measures measures = fault.measures();
        lines.add("## %s %.0f × %.0f, %.1f deep, %s: %s because %s"
                .formatted(
                        fault.kind(),
                        measures.across().inMillimetres(),
                        measures.up().inMillimetres(),
                        measures.depth().inMillimetres(),
                        where,
                        repair.method(),
                        repair.chosen().because()));
        lines.add("paint after %s, sealing %s, %.0f mm across, %.4f m²%s"
                .formatted(
                        repair.paintAfter(),
                        repair.sealing(),
                        repair.finishedAcross().inMillimetres(),
                        repair.finishedArea().inSquareMetres(),
                        repair.says().isEmpty()
                                ? ""
                                : ", says "
                                        + repair.says().stream()
                                                .map(Enum::name)
                                                .sorted()
                                                .collect(Collectors.joining(" "))));
        repair.moves().forEach(move -> lines.add("  " + Written.move(move)));
    }

    private static Repair usual(Fault fault, Practice practice) {
        return new Repairs(Catalogue.starting(), practice).repair(new Mark(LOW, fault), BOARD);
    }

    /** What is not done as usual. */
    private void writeIfOther(String where, Repair repair, FaultKind kind, Fault fault) {
        Repair usual = usual(kind.usualFault(), Practice.STARTING);
        if (!told(repair).equals(told(usual))) {
            write(where, repair, fault);
        }
    }

    private static List<Object> told(Repair repair) {
        return List.of(
                repair.says(),
                repair.paintAfter(),
                repair.moves().stream().map(Written::move).toList());
    }

    /** Larger and deeper than usual, as far as its kind goes. */
    private static Fault larger(FaultKind kind) {
        Measures usual = kind.usual();
        double across = usual.across().inMillimetres();
        double up = usual.up().inMillimetres();
        double depth = usual.depth().inMillimetres();
        for (double times : new double[] {2.5, 1.5, 1.1}) {
            try {
                return kind.of(Measures.ofMillimetres(times * across, times * up, times * depth + times - 1));
            } catch (OutOfRangeException tooLarge) {
                // a little less
            }
        }
        return kind.usualFault();
    }

    @Test
    void areAsTheyWereFoundRight() {
        for (FaultKind kind : FaultKind.values()) {
            everyWay("on board", Practice.STARTING, LOW, kind.usualFault(), BOARD);
            everyWay("on board", Practice.STARTING, LOW, larger(kind), BOARD);
            everyWay("overhead on damp old plaster", Practice.STARTING, HIGH, kind.usualFault(), OLD_PLASTER);
        }
        Written.assertAsRead(MovesTest.class, "moves.txt", lines);
    }

    @Test
    void followThePracticeOfTheHouse() {
        for (School school : List.of(
                School.OVERFILL_AND_SAND,
                School.DAMP_SPONGE,
                School.CUT_ANCHORS_FLUSH,
                School.JOINTS_FILLED,
                School.CLOTH,
                School.CAULK_TOOL,
                School.SEAMS_FILLED,
                School.GLUE_WASHED_OFF,
                School.SEAL_WITH_THINNED_PAINT)) {
            Practice practice = Practice.STARTING.with(school);
            for (FaultKind kind : FaultKind.values()) {
                writeIfOther("with " + school, usual(kind.usualFault(), practice), kind, kind.usualFault());
            }
        }
        Written.assertAsRead(MovesTest.class, "schools.txt", lines);
    }

    @Test
    void followTheStateOfTheFault() {
        Condition usual = Condition.USUAL;
        Map<String, Condition> states = new LinkedHashMap<>();
        states.put("chipped", usual.with(Condition.Edge.CHIPPED));
        states.put("paper loose", usual.with(Condition.Edge.LOOSE_PAPER));
        states.put("solid behind", usual.with(Condition.Backing.SOLID));
        states.put("moves", usual.with(Condition.Movement.MOVES));
        states.put("twenty of them", usual.withCount(20));
        states.put("stuck", usual.with(Condition.Turns.STUCK));
        states.put("driven too far", usual.with(Condition.Driven.TOO_FAR));
        states.put("came back", usual.with(Condition.Recurring.CAME_BACK));
        states.put("one side 6 mm out", usual.withOffset(Length.ofMillimetres(6)));
        states.put("gives", usual.with(Condition.Hold.GIVES));
        states.put("cause mended", usual.with(Condition.Cause.MENDED));
        states.put("cause still there", usual.with(Condition.Cause.STILL_THERE));
        states.put("too little air", usual.with(Condition.Cause.TOO_LITTLE_AIR));
        states.put("no door stop", usual.with(Condition.Cause.NO_DOOR_STOP));
        states.put("filler not sealed", usual.with(Condition.Cause.UNSEALED_FILLER));
        states.forEach((state, condition) -> {
            for (FaultKind kind : FaultKind.values()) {
                Fault fault = kind.of(kind.usual(), condition);
                writeIfOther(state, usual(fault, Practice.STARTING), kind, fault);
            }
        });
        Written.assertAsRead(MovesTest.class, "states.txt", lines);
    }
}
