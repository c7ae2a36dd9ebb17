package lumko.app.walk;

import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.house.Turnover;
import lumko.app.platform.NotNowException;
import org.springframework.stereotype.Component;

/** What was answered and decided on the surfaces of a flat in its turnover, to be changed. */
@Component
class Visits {
    private final VisitRepository rows;
    private final Houses houses;
    private final Access access;

    Visits(VisitRepository rows, Houses houses, Access access) {
        this.rows = rows;
        this.houses = houses;
        this.access = access;
    }

    /** @throws NotNowException if the records of its house are not this person's to change */
    Flat requireSurface(UUID surfaceId) {
        Flat flat = houses.flatOfSurface(surfaceId);
        access.requireRecordsOf(flat.house().id(), flat.house().name());
        return flat;
    }

    /** @throws NotNowException while the flat is let */
    static UUID requireTurnover(Flat flat) {
        return flat.turnover()
                .map(Turnover::id)
                .orElseThrow(() -> new NotNowException("denied.noTurnover", flat.number()));
    }

    /** All of a flat's, new ones included; whoever else changes the surface waits until this is done. */
    OfFlat of(Flat flat, UUID surfaceId) {
        UUID turnoverId = requireTurnover(flat);
        houses.lock(surfaceId);
        return new OfFlat(
                turnoverId,
                rows.findByTurnoverId(turnoverId).stream().collect(Collectors.toMap(row -> row.surfaceId, row -> row)));
    }

    void save(Collection<VisitRow> changed) {
        rows.saveAllAndFlush(changed);
    }

    /** The rows of a flat's turnover by surface. */
    record OfFlat(UUID turnoverId, Map<UUID, VisitRow> rows) {
        VisitRow row(UUID surfaceId) {
            return rows.computeIfAbsent(surfaceId, id -> new VisitRow(id, turnoverId));
        }
    }
}
