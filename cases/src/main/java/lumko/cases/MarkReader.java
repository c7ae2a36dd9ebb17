package lumko.cases;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import lumko.core.fault.Condition;
import lumko.core.fault.Fault;
import lumko.core.fault.FaultKind;
import lumko.core.fault.Measures;
import lumko.core.geometry.Spot;
import lumko.core.job.Place;
import lumko.core.quantity.Length;
import lumko.core.repair.Mark;
import tools.jackson.databind.JsonNode;

/** The marks of a surface, by the entries of an order. What the core cannot take in is left out. */
public final class MarkReader {
    /** Marks without a place are spread evenly from here to as far from the other end. */
    private static final double EDGE_MM = 300;

    /**
     * @param kinds by the key of a place its kind and entry: {@code nail hole 1}
     */
    public record Placed(List<Place> places, Map<String, String> kinds) {}

    private MarkReader() {}

    static Placed read(JsonNode surface, String name, double wide, double high) {
        List<Place> places = new ArrayList<>();
        Map<String, String> kinds = new LinkedHashMap<>();
        Map<String, Integer> entries = new HashMap<>();
        for (JsonNode entry : surface.path("marks")) {
            String kind = entry.get("kind").asString();
            int number = entries.merge(kind, 1, Integer::sum);
            Optional<FaultKind> known = JobReader.word(FaultKind.class, "fault", kind);
            int count = entry.get("count").asInt();
            for (int n = 0; n < count && known.isPresent(); n++) {
                try {
                    Mark mark = mark(known.get(), entry, n, count, wide, high);
                    String key = name + " " + places.size();
                    places.add(new Place(key, mark));
                    kinds.put(key, kind + " " + number);
                } catch (IllegalArgumentException outOfRange) {
                    // what the core cannot take in is left out
                }
            }
        }
        return new Placed(places, kinds);
    }

    private static Mark mark(FaultKind kind, JsonNode entry, int n, int count, double wide, double high) {
        double left = place(entry, "at_m", n)
                .orElseGet(() -> count == 1 ? wide / 2 : EDGE_MM + n * (wide - 2 * EDGE_MM) / (count - 1));
        double up = place(entry, "up_m", n).orElse(high / 2);
        Fault fault = kind.of(measures(kind, entry), condition(entry));
        Spot at = fault instanceof Fault.Line line
                ? Spot.ofMillimetres(
                        left - line.run().inMillimetres() / 2, up - line.rise().inMillimetres() / 2)
                : Spot.ofMillimetres(left, up);
        return new Mark(at, fault);
    }

    private static Measures measures(FaultKind kind, JsonNode entry) {
        Measures usual = kind.usual();
        boolean isUp = entry.path("runs").asString("along").equals("up");
        double across = entry.path("across_mm").asDouble(usual.across().inMillimetres());
        double longSide = entry.path("long_mm").asDouble(across);
        double depth = entry.path("depth_mm")
                .asDouble(entry.path("gap_mm").asDouble(usual.depth().inMillimetres()));
        return switch (kind.shape()) {
            case POINT -> Measures.ofMillimetres(across, across, depth);
            case LINE -> {
                double gap = entry.path("gap_mm")
                        .asDouble(entry.path("across_mm").asDouble(usual.depth().inMillimetres()));
                yield Measures.ofMillimetres(isUp ? 0 : longSide, isUp ? longSide : 0, gap);
            }
            case AREA -> Measures.ofMillimetres(isUp ? across : longSide, isUp ? longSide : across, depth);
        };
    }

    private static Condition condition(JsonNode entry) {
        Condition condition = Condition.USUAL
                .withCount(entry.path("count_in_it").asInt(1))
                .withOffset(Length.ofMillimetres(entry.path("offset_mm").asDouble(0)));
        condition = with(condition, entry, "edge", Condition.Edge.class, Condition::with);
        condition = with(condition, entry, "backing", Condition.Backing.class, Condition::with);
        condition = with(condition, entry, "movement", Condition.Movement.class, Condition::with);
        condition = with(condition, entry, "turns", Condition.Turns.class, Condition::with);
        condition = with(condition, entry, "driven", Condition.Driven.class, Condition::with);
        condition = with(condition, entry, "cause", Condition.Cause.class, Condition::with);
        condition = with(condition, entry, "owner", Condition.Owner.class, Condition::with);
        condition = with(condition, entry, "freshness", Condition.Freshness.class, Condition::with);
        if (entry.path("recurring").asBoolean(false)) {
            condition = condition.with(Condition.Recurring.CAME_BACK);
        }
        return entry.path("gives").asBoolean(false) ? condition.with(Condition.Hold.GIVES) : condition;
    }

    private static <E extends Enum<E>> Condition with(
            Condition known, JsonNode entry, String field, Class<E> type, BiFunction<Condition, E, Condition> change) {
        return JobReader.word(type, field, entry.path(field).asString(""))
                .map(answer -> change.apply(known, answer))
                .orElse(known);
    }

    private static Optional<Double> place(JsonNode entry, String field, int n) {
        if (!entry.has(field)) {
            return Optional.empty();
        }
        JsonNode at = entry.get(field);
        return Optional.of((at.isArray() ? at.get(n) : at).asDouble() * 1000);
    }
}
