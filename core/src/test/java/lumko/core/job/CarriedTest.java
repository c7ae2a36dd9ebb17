package lumko.core.job;

import static lumko.core.job.Given.FIGURES;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lumko.core.activity.Activity;
import lumko.core.activity.ActivityKind;
import lumko.core.activity.Material;
import lumko.core.activity.Move;
import lumko.core.activity.Pack;
import lumko.core.activity.WorkGraph;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.quantity.Volume;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class CarriedTest {
    private static Carried carried(Move... moves) {
        List<Activity> activities = Arrays.stream(moves)
                .map(move -> Activity.of(move.kind().name(), move, "r", Optional.of("w"), Optional.empty(), ""))
                .toList();
        return Carried.of(new WorkGraph(activities, List.of(), List.of()), FIGURES);
    }

    /** Published: a sheet does 6 to 8 m² of plaster, 25 m² of painted wall, 40 spots. */
    @ParameterizedTest
    @CsvSource({
        "SAND, 0, 3, 1",
        "SAND, 0, 40, 1",
        "SAND, 0, 41, 2",
        "SAND, 30, 0, 5",
        "KEY_SAND, 25, 0, 1",
        "KEY_SAND, 26, 0, 2",
        "ROLL, 90, 0, 0"
    })
    void abrasiveIsCountedBySheets(ActivityKind kind, double squareMetres, int spots, int sheets) {
        Move move = Move.of(kind).area(Area.ofSquareMetres(squareMetres)).count(spots);
        assertThat(carried(move).sheets()).isEqualTo(sheets);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "0.1, 1", "50, 1", "50.1, 2", "120, 3"})
    void tapeIsCountedByRolls(double metres, int rolls) {
        Move taped = Move.of(ActivityKind.TAPE_EDGES).tape(Length.ofMetres(metres));
        assertThat(carried(taped).rolls()).isEqualTo(rolls);
    }

    @Test
    void aLittleOfEachPaintIsKeptOutWhereSomethingIsCorrected() {
        assertThat(carried(Move.of(ActivityKind.CORRECT)).hasCorrections()).isTrue();
        assertThat(carried(Move.of(ActivityKind.ROLL)).hasCorrections()).isFalse();
    }

    /** Paints have their own tins, thinned paint is poured from them. */
    @ParameterizedTest
    @EnumSource(Material.class)
    void everyMaterialComesInPacksButPaint(Material material) {
        assertThat(Pack.of(material).isEmpty()).isEqualTo(material.isPaint() || material.isThinned());
    }

    @ParameterizedTest
    @CsvSource({"0.001, 1", "0.5, 1", "0.501, 2", "1.5, 3"})
    void aBegunPackIsAWholeOne(double litres, int packs) {
        assertThat(Pack.of(Material.SPACKLE).orElseThrow().countFor(Volume.ofLitres(litres)))
                .isEqualTo(packs);
    }
}
