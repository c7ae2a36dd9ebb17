package lumko.core.judge;

import static lumko.core.judge.Cases.*;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.figure.Catalogue;
import lumko.core.geometry.RoomKind;
import lumko.core.job.Action;
import lumko.core.outcome.Cause;
import lumko.core.outcome.Learned;
import lumko.core.outcome.Observation;
import lumko.core.practice.Practice;
import lumko.core.record.PaintBasis;
import lumko.core.repair.Mark;
import org.junit.jupiter.api.Test;

/** What a verdict hangs on, what would change it, who looks, and what has been learnt. */
class WhatDecidesTest {
    private final Judge judge = new Judge(Catalogue.starting());

    private static SurfaceCase with(PaintBasis basis, List<Mark> some, List<Mark> others) {
        List<Mark> all = new ArrayList<>(some);
        all.addAll(others);
        return wall(basis, all);
    }

    private Optional<Change> change(SurfaceCase surface, Change.Kind kind) {
        return judge.judge(surface).changes().get().stream()
                .filter(change -> change.kind() == kind)
                .findFirst();
    }

    @Test
    void oneHoleForcesTheRollerOnAWallOfNailHoles() {
        SurfaceCase surface =
                with(PaintBasis.SAME_BATCH, nails(3, 800), of(FaultKind.HOLE, Measures.ofMillimetres(65, 65, 12)));
        Verdict verdict = judge.judge(surface);
        assertThat(verdict.action().isWhole()).isTrue();
        assertThat(verdict.deciding().get().forcing())
                .containsExactly(surface.places().get(3).key());
    }

    @Test
    void noneOfManyAlikeForcesItAlone() {
        Verdict verdict = judge.judge(wall(PaintBasis.BOUGHT_AGAIN, nails(25, 1500)));
        assertThat(verdict.action().isWhole()).isTrue();
        assertThat(verdict.deciding().get().forcing()).isEmpty();
    }

    @Test
    void theLikeliestIsTheOneAtEyeLevel() {
        SurfaceCase surface = with(PaintBasis.SAME_BATCH, nails(2, 300), nails(1, 1500));
        List<Deciding.Ranked> ranked = judge.judge(surface).deciding().get().likeliest();
        assertThat(ranked.getFirst().key()).isEqualTo(surface.places().get(2).key());
        assertThat(ranked.getFirst().shows()).isGreaterThan(ranked.get(1).shows());
    }

    @Test
    void washingASoiledKitchenHelps() {
        SurfaceCase soiled = in(wall(MATT, 3.5, PaintBasis.SAME_TIN, nails(3, 1500)), RoomKind.KITCHEN);
        Verdict now = judge.judge(soiled);
        Change washed = change(soiled, Change.Kind.WASH_FIRST).orElseThrow();
        assertThat(washed.action().isSpots()).isTrue();
        if (now.action().isSpots()) {
            assertThat(washed.shows().likely())
                    .isLessThan(0.75 * now.chosen().shows().likely());
        }
    }

    @Test
    void theOriginalTinTurnsARolledWallIntoSpots() {
        SurfaceCase many = wall(PaintBasis.BOUGHT_AGAIN, nails(12, 1500));
        assertThat(judge.judge(many).action().isWhole()).isTrue();
        Change tin = change(many, Change.Kind.ORIGINAL_TIN).orElseThrow();
        assertThat(tin.action().isSpots()).isTrue();
        assertThat(judge.judge(wall(PaintBasis.SAME_TIN, nails(12, 1500))).action())
                .isEqualTo(tin.action());
    }

    @Test
    void whatIsTheOriginalTinAlreadyIsNotAskedFor() {
        assertThat(change(wall(PaintBasis.SAME_TIN, nails(12, 1500)), Change.Kind.ORIGINAL_TIN))
                .isEmpty();
        assertThat(judge.judge(wall(PaintBasis.SAME_TIN, List.of())).changes().get())
                .isEmpty();
    }

    @Test
    void whoLooksCloselySeesMore() {
        SurfaceCase surface = wall(PaintBasis.SAME_BATCH, nails(4, 1500));
        double closely = shows(surface.under(Scrutiny.CLOSELY));
        double usual = shows(surface);
        double passing = shows(surface.under(Scrutiny.IN_PASSING));
        assertThat(closely).isGreaterThan(usual);
        assertThat(usual).isGreaterThan(passing);
    }

    private double shows(SurfaceCase surface) {
        return judge.judge(surface).option(Action.DAB).shows().likely();
    }

    @Test
    void whatWasSeenAgainAndAgainIsLearnt() {
        SurfaceCase surface = wall(PaintBasis.SAME_BATCH, nails(4, 1500));
        Option before = judge.judge(surface).option(Action.DAB);
        List<Observation> seen = Collections.nCopies(
                60, new Observation(before.computed(), before.computed(), Set.of(Cause.AT_EYE_LEVEL), 1));
        Learned learned = Learned.from(seen);
        Option after = new Judge(Catalogue.starting(), Practice.STARTING, learned)
                .judge(surface)
                .option(Action.DAB);
        assertThat(after.computed()).isEqualTo(before.computed());
        assertThat(after.shows().likely()).isGreaterThan(2 * before.shows().likely());
        assertThat(after.comingBack()).isGreaterThan(before.comingBack());
        // rolling is not touched up
        assertThat(new Judge(Catalogue.starting(), Practice.STARTING, learned)
                        .judge(surface)
                        .option(Action.ROLL)
                        .shows())
                .isEqualTo(judge.judge(surface).option(Action.ROLL).shows());
    }

    @Test
    void theCausesAreThoseOfTheSurface() {
        assertThat(judge.judge(wall(MATT, 3, PaintBasis.BOUGHT_AGAIN, nails(9, 1500)))
                        .option(Action.FEATHER)
                        .causes())
                .containsExactlyInAnyOrder(
                        Cause.BOUGHT_AGAIN, Cause.OLD_FILM, Cause.AT_EYE_LEVEL, Cause.MANY_SPOTS, Cause.FEATHERED);
        assertThat(judge.judge(wall(MATT, 1, PaintBasis.SAME_TIN, nails(2, 500)))
                        .option(Action.DAB)
                        .causes())
                .isEmpty();
    }
}
