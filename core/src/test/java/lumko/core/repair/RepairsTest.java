package lumko.core.repair;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Material;
import lumko.core.activity.Move;
import lumko.core.activity.Site;
import lumko.core.activity.Tool;
import lumko.core.activity.Use;
import lumko.core.activity.Wet;
import lumko.core.drying.DryingMaterial;
import lumko.core.fault.Condition;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Texture;
import lumko.core.practice.Practice;
import lumko.core.practice.School;
import lumko.core.quantity.Length;
import lumko.core.quantity.Times;
import lumko.core.record.Age;
import lumko.core.record.Substrate;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class RepairsTest {
    private static final Site NEW_HOUSE = new Site(2005, false);
    private static final Ground BOARD = ground(Substrate.GYPSUM_BOARD, Texture.SMOOTH, NEW_HOUSE);

    private static Ground ground(Substrate substrate, Texture texture, Site site, RoomFinding... findings) {
        return new Ground(substrate, texture, Set.of(findings), site, Ground.Painted.FROM_EDGE_TO_EDGE, Age.ofYears(3));
    }

    private final Repairs repairs = new Repairs(Catalogue.starting(), Practice.STARTING);

    private static double minutes(List<Move> moves) {
        return moves.stream().mapToDouble(move -> Times.inMinutes(move.hand())).sum();
    }

    private static List<Move> all(Repair repair, ActivityKind kind) {
        return repair.moves().stream().filter(move -> move.kind() == kind).toList();
    }

    private static Mark at(Fault fault) {
        return new Mark(Spot.ofMillimetres(1000, 1000), fault);
    }

    private Repair repair(FaultKind kind, double across, double up, double depth) {
        return repairs.repair(at(kind.of(Measures.ofMillimetres(across, up, depth))), BOARD);
    }

    /** Usual measures where the table says nothing else; what is not asked about does not matter. */
    @ParameterizedTest(name = "{0} {1} × {2} deep {3}, {4} {5} {6}, {7} {8}, {9}")
    @CsvFileSource(resources = "methods.csv", numLinesToSkip = 1)
    void methodFillsMinutesAndWait(
            FaultKind kind,
            double across,
            double up,
            double depth,
            Condition.Edge edge,
            Condition.Backing backing,
            Condition.Movement movement,
            Substrate substrate,
            Texture texture,
            String school,
            Method method,
            int fills,
            String firstFiller,
            double fillMinutes,
            String steps) {
        Condition condition = Condition.USUAL.with(edge).with(backing).with(movement);
        Practice practice = school.equals("-") ? Practice.STARTING : Practice.STARTING.with(School.valueOf(school));
        Ground ground = ground(substrate, texture, NEW_HOUSE);
        Repair repair = new Repairs(Catalogue.starting(), practice)
                .repair(at(kind.of(Measures.ofMillimetres(across, up, depth), condition)), ground);
        assertThat(repair.method()).isEqualTo(method);
        assertThat(repair.fills()).hasSize(fills);
        if (fills > 0) {
            assertThat(repair.fills().getFirst().wet().map(Wet::material))
                    .contains(DryingMaterial.valueOf(firstFiller));
        }
        assertThat(minutes(repair.fills())).isCloseTo(fillMinutes, Offset.offset(0.05));
        assertThat(repair.moves())
                .extracting(move -> move.kind().name() + (move.round() > 0 ? "/" + move.round() : ""))
                .isEqualTo(steps.equals("-") ? List.of() : List.of(steps.split(" ")));
    }

    @Test
    void theTableKnowsEveryKindAndEveryMethodIsReachedByOne() {
        Set<Method> reached = EnumSet.noneOf(Method.class);
        everyFaultOnEveryGround()
                .forEach(each -> repairs.choices(each.mark().fault(), each.ground())
                        .forEach(choice -> reached.add(choice.method())));
        assertThat(reached).containsExactlyInAnyOrder(Method.values());
    }

    private record Each(Mark mark, Ground ground) {}

    private static Stream<Each> everyFaultOnEveryGround() {
        List<Each> all = new ArrayList<>();
        for (FaultKind kind : FaultKind.values()) {
            for (Substrate substrate : Substrate.values()) {
                for (Texture texture : List.of(Texture.SMOOTH, Texture.HEAVY)) {
                    for (Site site : List.of(new Site(2005, false), new Site(1911, true))) {
                        for (Age top : List.of(Age.ofDays(1), Age.ofYears(3))) {
                            Ground ground =
                                    new Ground(substrate, texture, Set.of(), site, Ground.Painted.IN_SPOTS, top);
                            for (Fault fault : variants(kind)) {
                                all.add(new Each(at(fault), ground));
                            }
                        }
                    }
                }
            }
        }
        return all.stream();
    }

    private static List<Fault> variants(FaultKind kind) {
        List<Fault> faults = new ArrayList<>();
        List<Measures> sizes = new ArrayList<>(List.of(kind.usual()));
        kind.ladder()
                .forEach(size -> sizes.add(new Measures(size, size, kind.usual().depth())));
        if (kind == FaultKind.LUMPY_PLASTER) {
            sizes.add(Measures.ofMillimetres(3000, 2000, 2));
        }
        for (Measures size : sizes) {
            for (Condition.Edge edge : Condition.Edge.values()) {
                for (Condition.Backing backing : Condition.Backing.values()) {
                    faults.add(kind.of(size, Condition.USUAL.with(edge).with(backing)));
                }
            }
            faults.add(kind.of(size, Condition.USUAL.with(Condition.Movement.MOVES)));
            faults.add(kind.of(size, Condition.USUAL.with(Condition.Turns.STUCK)));
            faults.add(kind.of(size, Condition.USUAL.with(Condition.Driven.TOO_FAR)));
        }
        return faults.stream().distinct().toList();
    }

    @Test
    void everyChoiceCanBeTakenAndIsNotAmongTheOthers() {
        everyFaultOnEveryGround().forEach(each -> {
            for (Choice choice : repairs.choices(each.mark().fault(), each.ground())) {
                Repair repair = repairs.repair(each.mark().by(choice.method()), each.ground());
                assertThat(repair.method()).isEqualTo(choice.method());
                assertThat(repair.others()).extracting(Choice::method).doesNotContain(choice.method());
                // what is done to the surface as a whole is laid there, not at the mark
                if (repair.moves().isEmpty()) {
                    assertThat(repair.paintAfter())
                            .describedAs(
                                    "%s of %s", choice.method(), each.mark().fault())
                            .isEqualTo(Repair.PaintAfter.THE_WHOLE_SURFACE);
                }
            }
        });
    }

    @Test
    void inAnOldHouseNoChainSandsDryAndWhatScrapesWarns() {
        Ground old = ground(Substrate.LIME_PLASTER, Texture.SMOOTH, new Site(1911, false));
        for (FaultKind kind : FaultKind.values()) {
            for (Move move : repairs.repair(at(kind.usualFault()), old).moves()) {
                assertThat(move.kind()).describedAs("of %s", kind).isNotIn(ActivityKind.SAND);
                assertThat(move.tools())
                        .describedAs("of %s", kind)
                        .doesNotContain(Tool.BLOCK_AND_PAPER, Tool.POWER_SANDER, Tool.FOLDED_FINE_PAPER);
                if (move.kind() == ActivityKind.MAKE_SOUND || move.kind() == ActivityKind.SPONGE_LEVEL) {
                    assertThat(move.cautions()).describedAs("of %s", kind).contains(Caution.LEAD);
                }
            }
        }
    }

    @Test
    void aMethodThatDoesNotFitIsNotTaken() {
        Mark nail = at(FaultKind.NAIL_HOLE.usualFault()).by(Method.BOARD_TO_FRAMING);
        assertThat(repairs.repair(nail, BOARD).method()).isEqualTo(Method.PULL_AND_FILL);
    }

    @Nested
    class TheHousePractice {
        @ParameterizedTest
        @CsvSource({
            "UNSCREW_ANCHORS, UNSCREW_PLUG",
            "PUNCH_ANCHORS_IN, PUNCH_PLUG_IN",
            "HAMMER_ANCHORS_IN, HAMMER_PLUG_IN",
            "CUT_ANCHORS_FLUSH, CUT_PLUG_FLUSH"
        })
        void decidesHowAnchorsGo(School school, Method method) {
            Repair repair = new Repairs(Catalogue.starting(), Practice.STARTING.with(school))
                    .repair(at(FaultKind.ANCHOR.usualFault()), BOARD);
            assertThat(repair.method()).isEqualTo(method);
            assertThat(repair.others()).hasSize(3);
        }

        @Test
        void hammeringLeavesALargerDentThanPunching() {
            assertThat(anchorAcross(School.HAMMER_ANCHORS_IN)).isGreaterThan(anchorAcross(School.PUNCH_ANCHORS_IN));
        }

        private double anchorAcross(School school) {
            return new Repairs(Catalogue.starting(), Practice.STARTING.with(school))
                    .repair(at(FaultKind.ANCHOR.usualFault()), BOARD)
                    .finishedAcross()
                    .inMillimetres();
        }

        @Test
        void overfillingTakesMoreFillerAndMoreSanding() {
            Mark ding = at(FaultKind.DING.usualFault());
            Repair over = new Repairs(Catalogue.starting(), Practice.STARTING.with(School.OVERFILL_AND_SAND))
                    .repair(ding, BOARD);
            Repair flush = repairs.repair(ding, BOARD);
            assertThat(over.filler().inMillilitres())
                    .isCloseTo(flush.filler().inMillilitres() * 1.25, Offset.offset(1e-9));
            assertThat(minutes(all(over, ActivityKind.SAND))).isCloseTo(0.5 * 1.6, Offset.offset(1e-9));
        }
    }

    @Nested
    class LinesThatWentWrong {
        private Repair bleed(Condition condition) {
            return repairs.repair(at(FaultKind.BLEED.of(Measures.ofMillimetres(400, 0, 3), condition)), BOARD);
        }

        @ParameterizedTest
        @CsvSource({
            "STILL_FRESH, WIPE_THE_BLEED",
            "HAS_SET, LINE_TAPED_AND_REPAINTED",
            "AS_RECORDED, LINE_TAPED_AND_REPAINTED"
        })
        void whatWasSeenGoesBeforeTheRecord(Condition.Freshness seen, Method method) {
            assertThat(bleed(Condition.USUAL.with(seen)).method()).isEqualTo(method);
        }

        @ParameterizedTest
        @CsvSource({
            "THIS_SURFACE, LINE_OF_THIS_SURFACE",
            "CEILING, LINE_OF_CEILING",
            "TRIM, LINE_OF_TRIM",
            "WALL_BESIDE, LINE_OF_WALL_BESIDE"
        })
        void theSideThatIsPaintedAgainIsSaid(Condition.Owner owner, Advice said) {
            assertThat(bleed(Condition.USUAL.with(Condition.Freshness.HAS_SET).with(owner))
                            .moves())
                    .flatExtracting(Move::says)
                    .contains(said);
        }

        @Test
        void aChipIsTouchedInWithItsOwnPaintAndLeavesTheWallAlone() {
            Repair chip = repair(FaultKind.TRIM_CHIP, 10, 10, 0);
            assertThat(chip.moves()).extracting(Move::kind).containsExactly(ActivityKind.SAND, ActivityKind.CORRECT);
            assertThat(chip.paintAfter()).isEqualTo(Repair.PaintAfter.NOTHING);
        }
    }

    @Test
    void patchesAndStainsAreNotFilled() {
        assertThat(repair(FaultKind.OLD_TOUCH_UP, 300, 200, 0).filler().inLitres())
                .isZero();
        Repair stain = repair(FaultKind.STAIN, 300, 400, 0);
        assertThat(stain.finishedAcross()).isEqualTo(Length.ofMillimetres(400));
        assertThat(stain.paintAfter()).isEqualTo(Repair.PaintAfter.THE_WHOLE_SURFACE);
        // 0.12 m² at 8.5 m²/L
        assertThat(uses(stain, Material.STAIN_BLOCK)).isCloseTo(0.12 / 8.5, Offset.offset(1e-9));
    }

    private static double uses(Repair repair, Material material) {
        return repair.moves().stream()
                .flatMap(move -> move.uses().stream())
                .filter(use -> use.material() == material)
                .map(Use::volume)
                .mapToDouble(volume -> volume.inLitres())
                .sum();
    }

    @Test
    void aDentHoldsASphericalCapAndItsShrinkage() {
        // cap of base 20 mm and height 2 mm: πh(3a² + h²)/6 = 318.35 mm³; 15 % shrinks away
        assertThat(repair(FaultKind.DING, 20, 20, 2).filler().inMillilitres())
                .isCloseTo(0.31835 / 0.85, Offset.offset(1e-4));
    }

    @Test
    void aNailHoleHoldsACylinderThroughTheBoard() {
        // π/4 · 2² · 12.5 = 39.27 mm³
        assertThat(repair(FaultKind.NAIL_HOLE, 2, 2, 0).filler().inMillilitres())
                .isCloseTo(0.03927 / 0.85, Offset.offset(1e-5));
    }

    @Test
    void aBeadOfCaulkIsRoundAndShrinks() {
        // a bead 5 mm across along 1 m: π/4 · 25 · 1000 = 19.635 ml
        assertThat(repair(FaultKind.JOINT_CRACK, 1000, 0, 1).filler().inMillilitres())
                .isCloseTo(19.635 / 0.85, Offset.offset(1e-3));
    }

    @Test
    void newPlasterAgainstOldIsKeptDampInTime() {
        Ground lime = ground(Substrate.LIME_PLASTER, Texture.SMOOTH, NEW_HOUSE);
        Fault hole =
                FaultKind.HOLE.of(Measures.ofMillimetres(80, 80, 0), Condition.USUAL.with(Condition.Backing.SOLID));
        Move damp = repairs.repair(at(hole), lime).moves().stream()
                .filter(move -> move.kind() == ActivityKind.KEEP_DAMP)
                .findFirst()
                .orElseThrow();
        // six minutes of the hand in the hour and a quarter that somebody stays
        assertThat(damp.hand()).isEqualTo(Duration.ofMinutes(6));
        assertThat(damp.lasts()).isEqualTo(Duration.ofMinutes(75));
    }

    @Test
    void eachCoatOverAHoleIsWiderThanTheLast() {
        assertThat(repair(FaultKind.HOLE, 40, 40, 0).fills())
                .extracting(fill -> fill.knife().orElseThrow().inMillimetres())
                .containsExactly(150.0, 250.0, 300.0);
    }

    @Test
    void theFinishedSpotIsSandedPastTheFiller() {
        assertThat(repair(FaultKind.DING, 16, 16, 1).finishedAcross()).isEqualTo(Length.ofMillimetres(20));
        Repairs wider = new Repairs(Catalogue.starting().with(Figure.SANDED_BEYOND_FILLER, 5), Practice.STARTING);
        assertThat(wider.repair(at(FaultKind.DING.of(Measures.ofMillimetres(16, 16, 1))), BOARD)
                        .finishedAcross())
                .isEqualTo(Length.ofMillimetres(26));
    }

    @Test
    void aRepairWiderThanAHandLosesTheTextureAndGetsItBack() {
        Ground rough = ground(Substrate.GYPSUM_BOARD, Texture.ORANGE_PEEL, NEW_HOUSE);
        assertThat(repairs.repair(at(FaultKind.HOLE.usualFault()), rough).moves())
                .extracting(Move::kind)
                .contains(ActivityKind.RESTORE_TEXTURE);
        assertThat(repairs.repair(at(FaultKind.NAIL_HOLE.usualFault()), rough).moves())
                .extracting(Move::kind)
                .doesNotContain(ActivityKind.RESTORE_TEXTURE);
    }

    @ParameterizedTest
    @EnumSource(FaultKind.class)
    void dampIsStoppedAtItsCauseFirst(FaultKind kind) {
        Ground damp = ground(Substrate.GYPSUM_BOARD, Texture.SMOOTH, NEW_HOUSE, RoomFinding.DAMP);
        assertThat(repairs.repair(at(kind.usualFault()), damp).moves())
                .allSatisfy(move -> assertThat(move.cautions()).contains(Caution.CAUSE_FIRST));
    }

    static Stream<FaultKind> filledKinds() {
        return Arrays.stream(FaultKind.values());
    }

    @ParameterizedTest
    @MethodSource("filledKinds")
    void aWiderOrDeeperFaultNeverNeedsLessFiller(FaultKind kind) {
        Random random = new Random(3);
        for (int n = 0; n < 400; n++) {
            Fault one = random(kind, random);
            Measures m = one.measures();
            double grow = 1 + random.nextDouble() * 0.2;
            for (Measures bigger : List.of(
                    new Measures(m.across().times(grow), m.up().times(grow), m.depth()),
                    new Measures(m.across(), m.up(), m.depth().times(grow)))) {
                Fault other;
                try {
                    other = kind.of(bigger, one.condition());
                } catch (IllegalArgumentException outside) {
                    continue;
                }
                for (Substrate substrate : Substrate.values()) {
                    Ground ground = ground(substrate, Texture.SMOOTH, NEW_HOUSE);
                    Repair less = repairs.repair(at(one), ground);
                    Repair more = repairs.repair(at(other), ground);
                    if (less.method() == more.method()) {
                        assertThat(more.filler())
                                .describedAs("%s against %s in %s", other, one, substrate)
                                .isGreaterThanOrEqualTo(less.filler());
                    }
                }
            }
        }
    }

    private static Fault random(FaultKind kind, Random random) {
        Measures usual = kind.usual();
        double across = usual.across().inMillimetres();
        double depth = usual.depth().inMillimetres();
        Condition condition = Condition.USUAL
                .with(Condition.Backing.values()[random.nextInt(2)])
                .with(Condition.Edge.values()[random.nextInt(3)])
                .with(Condition.Movement.values()[random.nextInt(2)]);
        for (; ; ) {
            try {
                double wide = across * Math.exp(random.nextGaussian());
                double deep = depth * Math.exp(random.nextGaussian());
                double up = kind.shape() == FaultKind.Shape.AREA ? wide * 0.7 : wide;
                return kind.of(Measures.ofMillimetres(wide, up, deep), condition);
            } catch (IllegalArgumentException outside) {
                // drawn again
            }
        }
    }
}
