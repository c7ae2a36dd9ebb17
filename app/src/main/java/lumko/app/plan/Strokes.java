package lumko.app.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** Pieces of a plan put together to what one person does in one flat without a break. */
final class Strokes {
    private static final Duration NO_BREAK = Duration.ofMinutes(1);

    private Strokes() {}

    /**
     * @param pieces in the order of their start
     */
    record Together(UUID personId, UUID flatId, List<PieceRow> pieces) {
        Instant from() {
            return pieces.getFirst().beginsAt;
        }

        Instant to() {
            return pieces.getLast().endsAt();
        }

        Instant dry() {
            return pieces.stream()
                    .map(piece -> piece.dryAt)
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
        }

        /** What takes longest of it. */
        String kind() {
            Map<String, Integer> minutes = new HashMap<>();
            pieces.forEach(piece -> minutes.merge(piece.kind, piece.minutes, Integer::sum));
            return minutes.entrySet().stream()
                    .max(Map.Entry.<String, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                    .orElseThrow()
                    .getKey();
        }

        List<String> kinds() {
            return pieces.stream().map(piece -> piece.kind).distinct().toList();
        }

        Set<String> rooms() {
            Set<String> rooms = new LinkedHashSet<>();
            pieces.forEach(piece -> rooms.addAll(List.of(piece.rooms)));
            return rooms;
        }

        int minutes() {
            return pieces.stream().mapToInt(piece -> piece.minutes).sum();
        }
    }

    static List<Together> of(List<PieceRow> pieces) {
        Map<UUID, List<PieceRow>> open = new HashMap<>();
        List<Together> all = new ArrayList<>();
        List<PieceRow> sorted = pieces.stream()
                .sorted(Comparator.comparing((PieceRow piece) -> piece.beginsAt).thenComparing(piece -> piece.key))
                .toList();
        for (PieceRow piece : sorted) {
            List<PieceRow> before = open.getOrDefault(piece.personId, List.of());
            boolean goesOn = !before.isEmpty()
                    && before.getLast().flatId.equals(piece.flatId)
                    && !piece.beginsAt.isAfter(before.getLast().endsAt().plus(NO_BREAK));
            if (goesOn) {
                before.add(piece);
            } else {
                List<PieceRow> begun = new ArrayList<>(List.of(piece));
                open.put(piece.personId, begun);
                all.add(new Together(piece.personId, piece.flatId, begun));
            }
        }
        return all;
    }
}
