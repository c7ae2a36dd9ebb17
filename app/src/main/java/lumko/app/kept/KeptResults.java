package lumko.app.kept;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.house.Flat;
import lumko.app.house.Houses;
import lumko.app.platform.NotFoundException;
import lumko.app.store.Store;
import lumko.app.store.Tin;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Results of the bench that are worth finding again: the link computes them anew, the words say what they were. */
@Service
@Transactional
public class KeptResults {
    private static final int MOST = 20;

    private final KeptRepository kept;
    private final Store store;
    private final Houses houses;
    private final People people;
    private final Access access;
    private final Clock clock;

    KeptResults(KeptRepository kept, Store store, Houses houses, People people, Access access, Clock clock) {
        this.kept = kept;
        this.store = store;
        this.houses = houses;
        this.people = people;
        this.access = access;
        this.clock = clock;
    }

    /**
     * A kept result as it is listed.
     *
     * @param tin label of the tin it is for
     * @param surface id of the surface it is for
     */
    public record Kept(
            UUID id,
            String link,
            String words,
            Optional<String> tin,
            Optional<UUID> surface,
            boolean isForJob,
            String by,
            Instant at) {}

    @Transactional(readOnly = true)
    public List<Kept> latest() {
        return shown(kept.findByOrderByKeptAtDesc(Limit.of(MOST)));
    }

    /** What was kept for a surface, the latest first. */
    @Transactional(readOnly = true)
    public List<Kept> ofSurface(UUID surfaceId) {
        return shown(kept.findBySurfaceIdOrderByKeptAtDesc(surfaceId));
    }

    /** What was kept for a job, the latest first. */
    @Transactional(readOnly = true)
    public List<Kept> ofSheet(UUID sheetId) {
        return shown(kept.findBySheetIdOrderByKeptAtDesc(sheetId));
    }

    /** What was kept for some tins, the latest first. */
    @Transactional(readOnly = true)
    public List<Kept> ofTins(Collection<UUID> tinIds) {
        return tinIds.isEmpty() ? List.of() : shown(kept.findByTinIdInOrderByKeptAtDesc(tinIds));
    }

    private List<Kept> shown(List<KeptRow> rows) {
        if (rows.isEmpty()) {
            return List.of();
        }
        Map<UUID, String> names = people.names();
        Map<UUID, Tin> tins = store.tins(
                rows.stream().flatMap(row -> Stream.ofNullable(row.tinId)).toList());
        return rows.stream()
                .map(row -> new Kept(
                        row.id(),
                        row.link,
                        row.words,
                        Optional.ofNullable(row.tinId).map(tins::get).map(Tin::label),
                        Optional.ofNullable(row.surfaceId),
                        row.sheetId != null,
                        names.getOrDefault(row.keptBy, ""),
                        row.keptAt))
                .toList();
    }

    /** @throws NotFoundException if what it is for is not there */
    public void keep(String link, String words, Optional<KeptFor> keptFor) {
        access.requirePainter();
        KeptRow row = new KeptRow(link, words);
        keptFor.ifPresent(thing -> {
            switch (thing.what()) {
                case TIN -> {
                    require(store.tin(thing.id()).isPresent());
                    row.tinId = thing.id();
                }
                case SURFACE -> {
                    Flat flat = houses.flatOfSurface(thing.id());
                    require(flat.surface(thing.id()).isPresent());
                    row.surfaceId = thing.id();
                }
                case SHEET -> {
                    require(kept.isSheet(thing.id()));
                    row.sheetId = thing.id();
                }
            }
        });
        row.keptBy = access.member().personId();
        row.keptAt = clock.instant();
        kept.save(row);
    }

    private static void require(boolean isThere) {
        if (!isThere) {
            throw new NotFoundException();
        }
    }

    public void forget(UUID id) {
        access.requirePainter();
        kept.delete(kept.findById(id).orElseThrow(NotFoundException::new));
    }
}
