package lumko.core.judge;

import static lumko.core.job.Given.NEW_HOUSE;
import static lumko.core.job.Given.nail;
import static lumko.core.job.Given.plainWall;
import static lumko.core.job.Given.room;
import static lumko.core.job.Given.wall;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lumko.core.figure.Catalogue;
import lumko.core.job.Action;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.record.PaintBasis;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class JobPriceTest {
    private static final Catalogue FIGURES = Catalogue.starting();
    private static final JobPlanner PLANNER = new JobPlanner(FIGURES);

    private static JobPrice price(Action action) {
        Face a = wall("a", plainWall(), action, nail(1500, 1500));
        Face b = wall("b", plainWall(), action, nail(1500, 1500));
        Verdict verdict = new Judge(FIGURES).judge(Cases.wall(PaintBasis.SAME_TIN, List.of(nail(1500, 1500))));
        Option option = verdict.option(action);
        return JobPrice.of(
                Job.of(List.of(room()), List.of(a, b), NEW_HOUSE), List.of(option, option), PLANNER, FIGURES);
    }

    @Test
    void whatIsSeenAddsUpWallByWall() {
        Verdict verdict = new Judge(FIGURES).judge(Cases.wall(PaintBasis.SAME_TIN, List.of(nail(1500, 1500))));
        assertThat(price(Action.DAB).seen())
                .isCloseTo(2 * verdict.option(Action.DAB).shows().likely(), Offset.offset(1e-12));
        assertThat(price(Action.DAB).surfaces()).isEqualTo(2);
    }

    @Test
    void rollingTakesMoreOfEverythingAndIsSeenLess() {
        JobPrice dabbed = price(Action.DAB);
        JobPrice rolled = price(Action.ROLL);
        assertThat(rolled.hand()).isGreaterThan(dabbed.hand());
        assertThat(rolled.paint()).isGreaterThan(dabbed.paint());
        assertThat(rolled.elapsed()).isGreaterThan(dabbed.elapsed());
        assertThat(rolled.seen()).isLessThan(dabbed.seen());
    }

    @Test
    void whatIsLeftCostsNothingAndIsStillSeen() {
        JobPrice left = price(Action.LEAVE);
        assertThat(left.hand()).isZero();
        assertThat(left.elapsed()).isZero();
        assertThat(left.seen()).isPositive();
    }
}
