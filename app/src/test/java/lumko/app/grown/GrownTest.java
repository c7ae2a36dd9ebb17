package lumko.app.grown;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Map;
import java.util.TreeMap;
import javax.sql.DataSource;
import lumko.app.ApplicationTest;
import lumko.app.SignedInClient;
import lumko.app.Statements;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What a page asks of the database does not grow with what is on record, nor does the page itself. */
class GrownTest extends ApplicationTest {
    private static final int MOST_BYTES = 200_000;

    /** Where there is nothing of a kind (no tin on a surface, nothing found), nothing is asked about it. */
    private static final int OF_KINDS = 3;

    @Autowired
    DataSource database;

    private SignedInClient lead(String organisation) {
        SignedInClient client = SignedInClient.nobody(port);
        client.signIn("mirela-" + organisation, Grown.PASSWORD);
        return client;
    }

    @Test
    void aPageTakesAsManyStatementsForManyHousesAsForFew() throws SQLException {
        Map<String, String> few;
        Map<String, String> many;
        try (Connection connection = database.getConnection()) {
            Grown.organisation(connection, "few", new Grown.Size(2, 4, 20, 1, 38));
            Grown.organisation(connection, "many", new Grown.Size(6, 12, 300, 4, 190));
            few = GrownPages.of(connection, "mirela-few");
            many = GrownPages.of(connection, "mirela-many");
        }
        Map<String, Long> ofFew = statements(lead("few"), few);
        Map<String, Long> ofMany = statements(lead("many"), many);
        assertThat(ofMany)
                .allSatisfy((page, asked) -> assertThat(asked).isLessThanOrEqualTo(ofFew.get(page) + OF_KINDS));
    }

    private static Map<String, Long> statements(SignedInClient client, Map<String, String> pages) {
        Map<String, Long> statements = new TreeMap<>();
        pages.forEach((name, path) -> {
            HttpResponse<String> page = client.get(path);
            assertThat(page.statusCode()).as(name).isEqualTo(200);
            assertThat(page.body().length()).as(name).isLessThan(MOST_BYTES);
            // from the second time on what is kept in memory is there; whoever asks for something meanwhile is counted
            // too
            statements.put(
                    name, Math.min(Statements.of(() -> client.get(path)), Statements.of(() -> client.get(path))));
        });
        return statements;
    }
}
