package lumko.app.walk;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.account.People;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.Paints;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import lumko.core.fault.RoomFinding;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads what was found out and decided in a turnover. */
@Service
@Transactional(readOnly = true)
class Turns {
    private final VisitRepository visits;
    private final RoomFindingRepository roomFindings;
    private final PlaceAnswerRepository placeAnswers;
    private final Paints paints;
    private final Store store;
    private final People people;

    Turns(
            VisitRepository visits,
            RoomFindingRepository roomFindings,
            PlaceAnswerRepository placeAnswers,
            Paints paints,
            Store store,
            People people) {
        this.visits = visits;
        this.roomFindings = roomFindings;
        this.placeAnswers = placeAnswers;
        this.paints = paints;
        this.store = store;
        this.people = people;
    }

    /** What was found out in a turnover; nothing outside of one. */
    Turn of(Optional<UUID> turnover) {
        if (turnover.isEmpty()) {
            return new Turn(Map.of(), Map.of(), List.of(), false);
        }
        UUID turnoverId = turnover.get();
        Map<UUID, Set<RoomFinding>> findings = roomFindings.findByTurnoverId(turnoverId).stream()
                .collect(Collectors.groupingBy(
                        row -> row.roomId,
                        Collectors.mapping(
                                row -> row.finding, Collectors.toCollection(() -> EnumSet.noneOf(RoomFinding.class)))));
        return new Turn(visits(turnoverId), findings, placeAnswers.findByTurnoverId(turnoverId), true);
    }

    private Map<UUID, Visit> visits(UUID turnoverId) {
        List<VisitRow> rows = visits.findByTurnoverId(turnoverId);
        PaintBook book = paints.book();
        Map<UUID, Tin> tins = store.tins(
                rows.stream().flatMap(row -> Stream.ofNullable(row.tinId)).toList());
        Map<UUID, String> names = people.names();
        return rows.stream()
                .collect(Collectors.toMap(
                        row -> row.surfaceId,
                        row -> new Visit(
                                row.onIt(),
                                row.next(book, tins),
                                row.coats(),
                                Optional.ofNullable(row.answeredBy).map(names::get),
                                Optional.ofNullable(row.overruledAction),
                                Optional.ofNullable(row.overruledWhy),
                                row.walkedAt != null,
                                row.version())));
    }

    /** Layers that were found on surfaces in a turnover and are not on their record yet. */
    Map<UUID, NewCoat> unrecorded(Flat flat, UUID turnoverId) {
        Map<UUID, NewCoat> found = new HashMap<>();
        visits.findByTurnoverId(turnoverId)
                .forEach(row -> row.onIt()
                        .flatMap(onIt -> onIt.unrecorded(flat))
                        .ifPresent(layer -> found.put(row.surfaceId, layer)));
        return found;
    }
}
