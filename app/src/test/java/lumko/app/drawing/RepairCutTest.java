package lumko.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import lumko.core.activity.Site;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.figure.Catalogue;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Texture;
import lumko.core.practice.Practice;
import lumko.core.quantity.Length;
import lumko.core.record.Age;
import lumko.core.record.Substrate;
import lumko.core.repair.Ground;
import lumko.core.repair.Mark;
import lumko.core.repair.Repair;
import lumko.core.repair.Repairs;
import lumko.core.repair.Section;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class RepairCutTest {
    private static final Ground BOARD = new Ground(
            Substrate.GYPSUM_BOARD,
            Texture.SMOOTH,
            Set.of(),
            new Site(2005, false),
            Ground.Painted.FROM_EDGE_TO_EDGE,
            Age.UNKNOWN);
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");

    private static Optional<Section> sectionOf(Fault fault) {
        Mark mark = new Mark(new Spot(Length.ofMetres(1), Length.ofMetres(1)), fault);
        Repair repair = new Repairs(Catalogue.starting(), Practice.STARTING).repair(mark, BOARD);
        return Section.of(fault, repair, Catalogue.starting());
    }

    private static void check(Section section) {
        RepairCut cut = RepairCut.of(section);
        double done = section.finishedAcross().inMillimetres();
        RepairCut.Span widest = cut.spans().getLast();
        assertThat(widest.millimetres()).isEqualTo(done);
        for (RepairCut.Span span : cut.spans()) {
            // every width stands to the widest as it is on the wall
            assertThat((span.to() - span.from()) / (widest.to() - widest.from()))
                    .isCloseTo(span.millimetres() / done, within(1e-6));
            assertThat(span.from()).isBetween(0.0, RepairCut.WIDTH / 2);
            assertThat(span.y()).isLessThan(cut.height());
        }
        assertThat(cut.layers()).hasSameSizeAs(section.coats());
        assertThat(List.of(cut.wall(), cut.paint()))
                .allMatch(path -> NUMBER.matcher(path)
                        .results()
                        .allMatch(number -> Math.abs(Double.parseDouble(number.group()))
                                <= Math.max(RepairCut.WIDTH, cut.height())));
    }

    @ParameterizedTest
    @EnumSource(FaultKind.class)
    void whateverIsFilledIsDrawnToScale(FaultKind kind) {
        Fault fault = kind.of(kind.usual());
        sectionOf(fault).ifPresent(RepairCutTest::check);
    }

    @ParameterizedTest
    @ValueSource(doubles = {13, 40, 100, 150, 280})
    void soAreHolesOfEverySize(double across) {
        check(sectionOf(FaultKind.HOLE.of(Measures.ofMillimetres(across, across, 0)))
                .orElseThrow());
    }
}
