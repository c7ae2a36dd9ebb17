package lumko.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import lumko.app.ApplicationTest;
import lumko.core.colour.Srgb;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;

class PaintsTest extends ApplicationTest {
    @Autowired
    TransactionTemplate transactions;

    @Autowired
    JdbcClient jdbc;

    private PaintBook book() {
        return asLead(paints::book);
    }

    private UUID add(String name) {
        return asLead(() -> paints.addColour(name, "", Srgb.ofHex("#c0b8a8")));
    }

    @Test
    void isReadOnceForAsLongAsNothingChanges() {
        PaintBook before = book();
        assertThat(book()).isSameAs(before);
        UUID id = add("Sluice Grey");
        PaintBook after = book();
        assertThat(after).isNotSameAs(before);
        assertThat(after.colours()).containsKey(id);
        assertThat(before.colours()).doesNotContainKey(id);
        assertThat(book()).isSameAs(after);
        assertThat(as(stranger(), paints::book).colours()).doesNotContainKey(id);
        assertThat(book()).isSameAs(after);
    }

    /** As if another copy of the application had done it. */
    @Test
    void whatAnotherCopyChangesIsSeen() {
        UUID id = add("Lock Gate");
        assertThat(book().colours().get(id)).extracting(Colour::code).isEqualTo("");
        jdbc.sql("update colour set code = 'L-7' where id = ?").param(id).update();
        assertThat(book().colours().get(id)).extracting(Colour::code).isEqualTo("L-7");
    }

    @Test
    void aTransactionSeesItsOwnChangesAndNobodySeesThemIfItIsRolledBack() {
        PaintBook before = book();
        assertThatThrownBy(() -> asLead(() -> transactions.execute(status -> {
                    UUID id = paints.addColour("Never Was", "", Srgb.ofHex("#c0b8a8"));
                    assertThat(paints.book().colours()).containsKey(id);
                    throw new IllegalStateException("rolled back");
                })))
                .hasMessage("rolled back");
        assertThat(book()).isSameAs(before);
        UUID id = add("Weir Foam");
        assertThat(book().colourNamed("never was")).isEmpty();
        assertThat(book().colours()).containsKey(id);
    }

    @Test
    void isLookedThroughByWordsAndFoundByName() {
        add("Teasel Head");
        add("Head Teasel");
        PaintBook book = book();
        assertThat(book.coloursLike("head", 10))
                .extracting(Colour::name)
                .containsSubsequence(List.of("Head Teasel", "Teasel Head"));
        assertThat(book.coloursLike("teasel head", 10)).hasSize(2);
        assertThat(book.coloursLike("teasel head", 1)).hasSize(1);
        assertThat(book.countColoursLike("teasel head")).isEqualTo(2);
        assertThat(book.colourNamed(" teasel HEAD ")).map(Colour::name).contains("Teasel Head");
        assertThat(book.colourNamed("teasel")).isEmpty();
        assertThat(book.productNamed("hearth matt")).isEqualTo(book.productNamed("Umberfield Hearth Matt"));
        assertThat(book.productNamed("hearth matt")).isPresent();
    }

    @Test
    void theNearestStandFirstAndNoneIsFartherThanAskedFor() {
        PaintBook book = book();
        Colour husk = book.colourNamed("Oat Husk").orElseThrow();
        assertThat(book.nearest(husk.lab(), 3))
                .hasSize(3)
                .isSortedAccordingTo((one, other) -> Double.compare(one.difference(), other.difference()))
                .first()
                .satisfies(near -> assertThat(near.difference()).isZero());
        assertThat(book.within(husk.lab(), 4))
                .contains(husk)
                .allMatch(colour -> lumko.core.colour.ColourDifference.between(husk.lab(), colour.lab()) <= 4);
        assertThat(book.within(husk.lab(), 100)).hasSameSizeAs(book.coloursByName());
    }
}
