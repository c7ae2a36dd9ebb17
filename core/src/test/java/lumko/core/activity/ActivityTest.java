package lumko.core.activity;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import lumko.core.drying.DryingMaterial;
import lumko.core.quantity.Volume;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class ActivityTest {
    /** Wet filler is nobody's clock once paint lies on it, and stays one as long as none does. */
    @Nested
    class IsPaintedOver {
        private final Activity filledAtOne = fill(Optional.of("1"));

        private static Activity fill(Optional<String> mark) {
            return Activity.of(
                    "fill",
                    Move.of(ActivityKind.FILL).leaves(Wet.of(DryingMaterial.SPACKLE)),
                    "r",
                    Optional.of("a"),
                    mark,
                    "");
        }

        private static Activity coat(ActivityKind kind, String surface, Optional<String> mark) {
            Move move = Move.of(kind)
                    .uses(Material.WALL_PAINT, Volume.ofLitres(0.1))
                    .leaves(Wet.of(DryingMaterial.EMULSION));
            return Activity.of(kind.name(), move, "r", Optional.of(surface), mark, "paint");
        }

        @Test
        void byADabAtTheSamePlaceOnly() {
            assertThat(filledAtOne.isPaintedOver(List.of(coat(ActivityKind.DAB, "a", Optional.of("1")))))
                    .isTrue();
            assertThat(filledAtOne.isPaintedOver(List.of(coat(ActivityKind.DAB, "a", Optional.of("2")))))
                    .isFalse();
        }

        @Test
        void byTheRollerAllOverItsWallNotAnother() {
            assertThat(filledAtOne.isPaintedOver(List.of(coat(ActivityKind.ROLL, "a", Optional.empty()))))
                    .isTrue();
            assertThat(filledAtOne.isPaintedOver(List.of(coat(ActivityKind.ROLL, "b", Optional.empty()))))
                    .isFalse();
        }

        @Test
        void notByCuttingIn() {
            assertThat(filledAtOne.isPaintedOver(List.of(coat(ActivityKind.CUT_IN, "a", Optional.empty()))))
                    .isFalse();
        }

        @Test
        void aSkimByNoDab() {
            Activity skim = fill(Optional.empty());
            assertThat(skim.isPaintedOver(List.of(coat(ActivityKind.DAB, "a", Optional.of("1")))))
                    .isFalse();
            assertThat(skim.isPaintedOver(List.of(coat(ActivityKind.ROLL, "a", Optional.empty()))))
                    .isTrue();
        }

        @Test
        void notByWhatPutsNoPaintOn() {
            assertThat(filledAtOne.isPaintedOver(List.of(fill(Optional.of("1")))))
                    .isFalse();
        }
    }
}
