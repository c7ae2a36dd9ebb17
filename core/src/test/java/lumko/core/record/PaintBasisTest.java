package lumko.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lumko.core.paint.Batch;
import lumko.core.record.PaintBasis.GoesOn;
import lumko.core.record.PaintBasis.OnIt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PaintBasisTest {
    private static final Stack OAT = wall(Set.of("tin 1"), Batch.of("b7"));

    private static Stack wall(Set<String> tins, Batch batch) {
        return new Stack(
                Substrate.GYPSUM_BOARD, List.of(Coat.finish("oat", Film.UNKNOWN, tins, batch, Age.ofYears(2))));
    }

    private static Optional<GoesOn> from(String tin, String batch) {
        return Optional.of(
                new GoesOn(Optional.ofNullable(tin), "oat", batch == null ? Batch.UNKNOWN : Batch.of(batch), false));
    }

    @ParameterizedTest
    @CsvSource({
        "tin 1, b7, SAME_TIN",
        "tin 2, b7, SAME_BATCH",
        "tin 2, b8, BOUGHT_AGAIN",
        "tin 2, , BOUGHT_AGAIN",
        ", , BOUGHT_AGAIN",
        ", b7, SAME_BATCH"
    })
    void isToldByTinAndBatch(String tin, String batch, PaintBasis basis) {
        assertThat(PaintBasis.of(OAT, OnIt.AS_RECORDED, from(tin, batch))).isEqualTo(basis);
    }

    @Test
    void whatIsLeftInAnyOfTheTinsThatWereBoxedIsTheSame() {
        Stack boxed = wall(Set.of("tin 1", "tin 2"), Batch.UNKNOWN);

        assertThat(PaintBasis.of(boxed, OnIt.AS_RECORDED, from("tin 2", null))).isEqualTo(PaintBasis.SAME_TIN);
        assertThat(PaintBasis.of(boxed, OnIt.AS_RECORDED, from("tin 3", null))).isEqualTo(PaintBasis.BOUGHT_AGAIN);
    }

    @Test
    void aLeftOverThatIsRecognisedIsTheSameTin() {
        Stack recognised = wall(Set.of(), Batch.UNKNOWN).seenFrom("tin 3", Batch.of("b9"));

        assertThat(PaintBasis.of(recognised, OnIt.AS_RECORDED, from("tin 3", "b9")))
                .isEqualTo(PaintBasis.SAME_TIN);
        assertThat(PaintBasis.of(recognised, OnIt.AS_RECORDED, from("tin 4", "b9")))
                .isEqualTo(PaintBasis.SAME_BATCH);
    }

    @Test
    void twoTinsOfUnknownBatchAreNotOfOneBatch() {
        Stack unknown = wall(Set.of(), Batch.of("  "));

        assertThat(PaintBasis.of(unknown, OnIt.AS_RECORDED, from("tin 2", null)))
                .isEqualTo(PaintBasis.BOUGHT_AGAIN);
    }

    @Test
    void theSameAgainFromNoTinIsBoughtAgain() {
        assertThat(PaintBasis.of(OAT, OnIt.AS_RECORDED, Optional.empty())).isEqualTo(PaintBasis.BOUGHT_AGAIN);
    }

    @Test
    void anotherPaintOrOneMatchedToASampleIsAnother() {
        GoesOn green = new GoesOn(Optional.of("tin 1"), "green", Batch.of("b7"), false);
        GoesOn matched = new GoesOn(Optional.of("tin 1"), "oat", Batch.of("b7"), true);

        assertThat(PaintBasis.of(OAT, OnIt.NOT_CONFIRMED, Optional.of(green))).isEqualTo(PaintBasis.OTHER_PAINT);
        assertThat(PaintBasis.of(OAT, OnIt.AS_RECORDED, Optional.of(matched))).isEqualTo(PaintBasis.OTHER_PAINT);
    }

    @Test
    void whatNobodyHasConfirmedStaysSo() {
        assertThat(PaintBasis.of(OAT, OnIt.NOT_CONFIRMED, from("tin 1", "b7"))).isEqualTo(PaintBasis.NOT_CONFIRMED);
    }

    @Test
    void isUnknownWhereNobodyKnowsThePaintOnIt() {
        Stack noPaint = new Stack(Substrate.GYPSUM_BOARD, List.of(Coat.of(Layer.FINISH, Age.UNKNOWN)));

        assertThat(PaintBasis.of(OAT, OnIt.NOBODY_KNOWS, from("tin 1", "b7"))).isEqualTo(PaintBasis.UNKNOWN);
        assertThat(PaintBasis.of(noPaint, OnIt.AS_RECORDED, from("tin 1", "b7")))
                .isEqualTo(PaintBasis.UNKNOWN);
    }

    @Test
    void aBareWallHasNone() {
        Stack bare = new Stack(Substrate.LIME_PLASTER, List.of(Coat.of(Layer.SUBSTRATE, Age.UNKNOWN)));

        assertThat(PaintBasis.of(bare, OnIt.NOBODY_KNOWS, from("tin 1", "b7"))).isEqualTo(PaintBasis.BARE);
    }

    @ParameterizedTest
    @EnumSource
    void onlyThePaintOfTheWallIsForSpots(PaintBasis basis) {
        assertThat(basis.isForSpots())
                .isEqualTo(EnumSet.range(PaintBasis.SAME_TIN, PaintBasis.NOT_CONFIRMED)
                        .contains(basis));
        assertThat(basis.isOriginal())
                .isEqualTo(
                        EnumSet.of(PaintBasis.SAME_TIN, PaintBasis.SAME_BATCH).contains(basis));
    }
}
