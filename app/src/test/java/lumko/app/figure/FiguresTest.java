package lumko.app.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CompletableFuture;
import lumko.app.ApplicationTest;
import lumko.app.Statements;
import lumko.core.figure.Figure;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

/** Figures are kept in memory for the state they are in: nobody reads one that was changed, nor one that was taken back. */
class FiguresTest extends ApplicationTest {
    @Autowired
    Figures figures;

    @Autowired
    TransactionTemplate transactions;

    private double setUp() {
        return asLead(() -> figures.catalogue().value(Figure.SET_UP));
    }

    private double setUpForOthers() {
        return CompletableFuture.supplyAsync(this::setUp).join();
    }

    @Test
    void whatATransactionChangesItAloneSeesUntilItEnds() {
        assertThat(setUp()).isEqualTo(20);
        asLead(() -> transactions.execute(status -> {
            figures.set(Figure.SET_UP, 35, "far from the store");
            assertThat(setUp()).isEqualTo(35);
            assertThat(setUpForOthers()).isEqualTo(20);
            status.setRollbackOnly();
            return null;
        }));
        assertThat(setUp()).isEqualTo(20);
        asLead(() -> transactions.execute(status -> {
            figures.set(Figure.SET_UP, 35, "far from the store");
            return null;
        }));
        assertThat(setUp()).isEqualTo(35);
        assertThat(setUpForOthers()).isEqualTo(35);
        assertThat(as(stranger(), () -> figures.catalogue().value(Figure.SET_UP)))
                .isEqualTo(20);
        asLead(() -> transactions.execute(status -> {
            figures.reset(Figure.SET_UP);
            return null;
        }));
        assertThat(setUp()).isEqualTo(20);
    }

    @Test
    void aTransactionAsksOnceWhetherAnythingHasChanged() {
        setUp();
        assertThat(Statements.of(() -> asLead(() -> transactions.execute(status -> setUp() + setUp()))))
                .isEqualTo(1);
    }
}
