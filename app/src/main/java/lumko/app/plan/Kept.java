package lumko.app.plan;

import java.util.List;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Lists as they are kept in one column. */
final class Kept {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Kept() {}

    static String write(List<?> things) {
        return JSON.writeValueAsString(things);
    }

    static List<Held> chain(String kept) {
        return JSON.readValue(kept, new TypeReference<>() {});
    }

    static List<Help> helps(String kept) {
        return JSON.readValue(kept, new TypeReference<>() {});
    }
}
