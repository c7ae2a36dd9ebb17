package lumko.cases;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Jobs as good painters would have them, a JSON object a line. */
public final class Cases {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();

    private Cases() {}

    /**
     * The cases of a file, each of the shape of one.
     *
     * @throws BadOrderException if a line is none
     */
    public static List<JsonNode> read(Path file) throws IOException {
        List<JsonNode> cases = new ArrayList<>();
        int line = 0;
        for (String text : Files.readAllLines(file, StandardCharsets.UTF_8)) {
            line++;
            try {
                JsonNode one = JSON.readTree(text);
                Shapes.read().check(one, "case", "");
                cases.add(one);
            } catch (JacksonException broken) {
                throw new BadOrderException("line " + line + ": no JSON: " + broken.getOriginalMessage());
            } catch (BadOrderException refused) {
                throw new BadOrderException("line " + line + ", " + refused.getMessage());
            }
        }
        return cases;
    }
}
