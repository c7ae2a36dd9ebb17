package lumko.cases;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The situation of a case as a job: its surface, the rest of the room as far as it matters, and other rooms if there are any. */
public final class Situation {
    /** What the surface of a situation is called in the job. */
    public static final String THIS = "this surface";

    private static final List<String> OF_THE_SURFACE = List.of(
            "surface", "size_m", "substrate", "texture", "on_it", "goes_on", "window_light", "marks", "features");

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Situation() {}

    /** The job of a situation that has the shape of one. */
    public static ObjectNode asJob(JsonNode situation) {
        ObjectNode job = JSON.createObjectNode();
        for (String field : List.of("house_year", "people", "air", "days_to_viewing", "practice", "done", "tins")) {
            if (situation.has(field)) {
                job.set(field, situation.get(field));
            }
        }
        Map<String, List<JsonNode>> byRoom = new LinkedHashMap<>();
        String room = situation.get("room").asString();
        byRoom.computeIfAbsent(room, kind -> new ArrayList<>()).add(itself(situation));
        for (JsonNode other : situation.path("other_surfaces")) {
            byRoom.computeIfAbsent(other.path("room").asString(room), kind -> new ArrayList<>())
                    .add(like(situation, other));
        }
        ArrayNode rooms = job.putArray("rooms");
        byRoom.forEach((kind, surfaces) -> {
            ObjectNode one = rooms.addObject();
            one.put("name", kind);
            one.put("room", kind);
            if (situation.has("floor")) {
                one.set("floor", situation.get("floor"));
            }
            one.set("findings", situation.get("findings"));
            surfaces.forEach(one.putArray("surfaces")::add);
        });
        return job;
    }

    private static ObjectNode itself(JsonNode situation) {
        ObjectNode surface = JSON.createObjectNode();
        surface.put("name", THIS);
        OF_THE_SURFACE.stream().filter(situation::has).forEach(field -> surface.set(field, situation.get(field)));
        surface.put("job", "to do");
        return surface;
    }

    /** What is not said of another surface is as with the first. */
    private static ObjectNode like(JsonNode situation, JsonNode other) {
        ObjectNode surface = JSON.createObjectNode();
        other.propertyNames().stream()
                .filter(field -> !field.equals("room"))
                .forEach(field -> surface.set(field, other.get(field)));
        for (String field : List.of("substrate", "texture", "window_light")) {
            if (!other.has(field) && situation.has(field)) {
                surface.set(field, situation.get(field));
            }
        }
        return surface;
    }
}
