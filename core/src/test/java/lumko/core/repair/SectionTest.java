package lumko.core.repair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
import lumko.core.repair.Section.Coat;
import lumko.core.repair.Section.End;
import lumko.core.repair.Section.Piece;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SectionTest {
    private static final Catalogue FIGURES = Catalogue.starting();
    private static final Repairs REPAIRS = new Repairs(FIGURES, Practice.STARTING);
    private static final Spot SPOT = new Spot(Length.ofMetres(1), Length.ofMetres(1));

    private static Ground ground(Substrate substrate) {
        return new Ground(
                substrate,
                Texture.SMOOTH,
                Set.of(),
                new Site(2005, false),
                Ground.Painted.FROM_EDGE_TO_EDGE,
                Age.UNKNOWN);
    }

    private static Optional<Section> cut(Fault fault, Method method) {
        Repair repair = REPAIRS.repair(new Mark(SPOT, fault).by(method), ground(Substrate.GYPSUM_BOARD));
        assertThat(repair.method()).isEqualTo(method);
        return Section.of(fault, repair, FIGURES);
    }

    private static Fault hole(double across) {
        return FaultKind.HOLE.of(Measures.ofMillimetres(across, across, 0));
    }

    @Test
    void aPatchOverAHoleLiesUnderCoatsEachWiderThanTheLast() {
        Section section = cut(hole(40), Method.COVER_PATCH).orElseThrow();
        assertThat(section.piece()).isEqualTo(Piece.PATCH);
        assertThat(section.hollow().end()).isEqualTo(End.THROUGH);
        assertThat(section.hollow().across()).isEqualTo(Length.ofMillimetres(40));
        // the hole and the knife: 150, 250, 300 mm
        assertThat(section.coats().stream().map(coat -> coat.across().inMillimetres()))
                .startsWith(190.0, 290.0)
                .isSorted();
        assertThat(section.coats()).allMatch(Coat::isOver);
    }

    @Test
    void aDentIsFilledFlush() {
        Fault dent = FaultKind.DING.of(Measures.ofMillimetres(20, 20, 2));
        Section section = cut(dent, Method.FILL_FLUSH).orElseThrow();
        assertThat(section.hollow())
                .isEqualTo(new Section.Hollow(Length.ofMillimetres(20), Length.ofMillimetres(2), End.ROUND));
        assertThat(section.coats()).singleElement().matches(coat -> !coat.isOver());
    }

    @Test
    void aPlugThatIsPunchedInStaysBelowItsDent() {
        Fault anchor = FaultKind.ANCHOR.of(Measures.ofMillimetres(8, 8, 0));
        Section section = cut(anchor, Method.PUNCH_PLUG_IN).orElseThrow();
        assertThat(section.piece()).isEqualTo(Piece.PLUG);
        assertThat(section.hollow().end()).isEqualTo(End.BORE);
        assertThat(section.hollow().across().inMillimetres()).isEqualTo(8 * 1.6);
    }

    @ParameterizedTest
    @EnumSource(FaultKind.class)
    void whateverIsFilledIsNeverNarrowerThanBeforeAndWhollySanded(FaultKind kind) {
        Fault fault = kind.of(kind.usual());
        for (Substrate substrate : EnumSet.complementOf(EnumSet.of(Substrate.PANEL))) {
            for (Choice choice : REPAIRS.choices(fault, ground(substrate))) {
                Repair repair = REPAIRS.repair(new Mark(SPOT, fault).by(choice.method()), ground(substrate));
                Section.of(fault, repair, FIGURES).ifPresent(section -> {
                    List<Double> widths = section.coats().stream()
                            .map(coat -> coat.across().inMillimetres())
                            .toList();
                    assertThat(widths).as("%s %s", kind, choice.method()).isSorted();
                    assertThat(section.finishedAcross().inMillimetres())
                            .as("%s %s", kind, choice.method())
                            .isGreaterThanOrEqualTo(widths.getLast());
                    assertThat(section.hollow().across().inMillimetres())
                            .isLessThanOrEqualTo(section.finishedAcross().inMillimetres());
                });
            }
        }
    }
}
