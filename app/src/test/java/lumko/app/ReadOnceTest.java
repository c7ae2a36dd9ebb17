package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import lumko.app.house.Flat;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.thymeleaf.cache.ExpressionCacheKey;
import org.thymeleaf.spring6.SpringTemplateEngine;

/** Pages are shown by expressions, of which there are many: none is read and compiled again because others had to be kept. */
class ReadOnceTest extends ApplicationTest {
    /** What a template engine keeps unless it is told otherwise. */
    private static final int USUALLY_KEPT = 500;

    @Autowired
    private SpringTemplateEngine engine;

    private Set<ExpressionCacheKey> kept() {
        return Set.copyOf(engine.getCacheManager().getExpressionCache().keySet());
    }

    @Test
    void whatOnePageNeedsIsStillThereAfterAllOthers() {
        SignedInClient lead = SignedInClient.of(port, "mirela");
        lead.get("/figures");
        Set<ExpressionCacheKey> first = kept();
        Flat flat = flat("Ropewalk Court", 7);
        for (String page : List.of("/", "/flats/" + flat.id(), "/plan", "/store", "/bench", "/practice", "/minutes")) {
            assertThat(lead.get(page).statusCode()).describedAs(page).isEqualTo(200);
        }
        assertThat(kept()).hasSizeGreaterThan(USUALLY_KEPT).containsAll(first);
    }
}
