package lumko.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Move;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.Spot;
import lumko.core.practice.Practice;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class OrderTest {
    private static final Set<Slot> PACKING_UP = Set.of(new Slot(ActivityKind.PACK_UP, 0));

    static Stream<Practice> everySchool() {
        return Arrays.stream(School.values()).map(Practice.STARTING::with);
    }

    @ParameterizedTest
    @MethodSource("everySchool")
    void noRuleContradictsAnother(Practice practice) {
        Order order = new Order(practice);

        for (Rule rule : order.rules()) {
            // one wall after the others: the same work comes on both sides
            if (rule.scope() == Rule.Scope.ACCENT) {
                continue;
            }
            for (Slot before : rule.before()) {
                for (Slot after : rule.after()) {
                    assertThat(before.equals(after)
                                    || order.ranks().of(before) < order.ranks().of(after))
                            .describedAs("%s before %s", before, after)
                            .isTrue();
                }
            }
        }
    }

    @Test
    @Tag("slow")
    void anySchoolsGoTogether() {
        for (Question one : Question.values()) {
            for (Question other : Question.values()) {
                for (School first : schools(one)) {
                    for (School second : schools(other)) {
                        assertThat(new Order(Practice.STARTING.with(first).with(second)).rules())
                                .isNotEmpty();
                    }
                }
            }
        }
    }

    private static List<School> schools(Question question) {
        return Arrays.stream(School.values())
                .filter(school -> school.question() == question)
                .toList();
    }

    @Test
    void everyKindOfActivityHasItsPlace() {
        Set<ActivityKind> named = new LinkedHashSet<>();
        for (School school : School.values()) {
            for (Rule rule : new Order(Practice.STARTING.with(school)).rules()) {
                rule.after().forEach(slot -> named.add(slot.kind()));
                // packing up comes after everything, which says nothing of the place of the others
                if (!rule.after().equals(PACKING_UP)) {
                    rule.before().forEach(slot -> named.add(slot.kind()));
                }
            }
        }
        assertThat(named).contains(ActivityKind.values());
    }

    @ParameterizedTest
    @EnumSource
    void theMovesOfARepairFollowTheOrder(FaultKind kind) {
        for (Substrate substrate : Substrate.values()) {
            Face face = Given.wall(
                    "w",
                    new Stack(substrate, Given.painted("oat", Given.MATT, 3).coats()),
                    Given.again("oat"));
            Mark mark = new Mark(Spot.ofMillimetres(1000, 1000), kind.usualFault());
            Repair repair = new JobPlanner(Given.FIGURES).repair(mark, face, Given.job(Given.OLD_HOUSE, face));
            Ranks ranks = new Order(Practice.STARTING).ranks();

            List<Integer> found = repair.moves().stream()
                    .map(move -> ranks.of(new Slot(move.kind(), move.round())))
                    .toList();
            assertThat(found)
                    .describedAs(
                            "%s on %s: %s",
                            kind,
                            substrate,
                            repair.moves().stream().map(Move::kind).toList())
                    .isSorted();
        }
    }
}
